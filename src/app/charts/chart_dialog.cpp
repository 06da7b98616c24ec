#include "app/charts/chart_dialog.h"

#include "app/theme/accessibility.h"
#include "app/theme/tab_order.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QToolButton>

namespace ledgefall {
namespace {

QStringList form_names() {
    QStringList names;
    for (const SeriesFormKind& kind : series_form_kinds()) {
        names << Document::translated(kind.label);
    }
    return names;
}

QStringList reference_names() {
    return {ChartDialog::tr("Horizontal line"), ChartDialog::tr("Vertical line"), ChartDialog::tr("Circle"),
            ChartDialog::tr("Range of y"), ChartDialog::tr("Range of x")};
}

QStringList hints(Reference::Form form) {
    switch (form) {
    case Reference::Form::across:
        return {ChartDialog::tr("at y")};
    case Reference::Form::upright:
        return {ChartDialog::tr("at x")};
    case Reference::Form::circle:
        return {ChartDialog::tr("centre x"), ChartDialog::tr("centre y"), ChartDialog::tr("radius")};
    case Reference::Form::range_across:
        return {ChartDialog::tr("from y"), ChartDialog::tr("to y")};
    case Reference::Form::range_upright:
        break;
    }
    return {ChartDialog::tr("from x"), ChartDialog::tr("to x")};
}

QWidget* stack(QWidget* parent) {
    auto* place = new QWidget(parent);
    auto* layout = new QVBoxLayout(place);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    return place;
}

} // namespace

ChartDialog::ChartDialog(const Document& document, Chart chart, QWidget* parent)
    : QDialog(parent)
    , document_(document)
    , begun_(std::move(chart))
    , title_(new QLineEdit(QString::fromStdString(begun_.label), this))
    , plot_(new ChartPlot(this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Chart"));
    resize(theme().px(1120), theme().px(640));
    message_->setWordWrap(true);
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    buttons->addButton(tr("Draw chart"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(&maker_, &FigureMaker::figures_ready, this, [this](const FiguresPtr& figures) {
        plot_->show_figures(figures, title_->text());
        plot_->setAccessibleName(tr("Chart: %1").arg(title_->text()));
        QStringList lines;
        for (const Sentence& one : figures->missing) {
            lines << Document::translated(one);
        }
        message_->setText(lines.join(QLatin1Char('\n')));
    });
    auto* picture = new QVBoxLayout;
    picture->addWidget(plot_, 1);
    picture->addWidget(message_);
    auto* sides = new QHBoxLayout;
    sides->addWidget(make_form(), 5);
    sides->addLayout(picture, 4);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(sides, 1);
    layout->addWidget(buttons);
    for (const Series& one : begun_.series) {
        put_series(one);
    }
    for (const Reference& one : begun_.references) {
        put_reference(one);
    }
    filling_ = false;
    look_over();
    title_->setFocus();
}

QWidget* ChartDialog::make_form() {
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* form = new QWidget(scroll);
    auto* layout = new QVBoxLayout(form);
    const auto heading = [&](const QString& text) {
        auto* label = new QLabel(text, form);
        label->setFont(theme().text(9, true));
        layout->addWidget(label);
    };
    const auto more = [&](const QString& text, void (ChartDialog::*add)()) {
        auto* button = new QPushButton(text, form);
        button->setAutoDefault(false);
        connect(button, &QPushButton::clicked, this, add);
        layout->addWidget(button, 0, Qt::AlignLeft);
    };
    auto* titled = new QHBoxLayout;
    auto* title_label = new QLabel(tr("&Title"), form);
    title_label->setBuddy(title_);
    title_->selectAll();
    titled->addWidget(title_label);
    titled->addWidget(title_);
    layout->addLayout(titled);
    heading(tr("Series"));
    layout->addWidget(series_place_ = stack(form));
    more(tr("Add &series"), &ChartDialog::add_series);
    heading(tr("Axes"));
    auto* axes = new QGridLayout;
    x_ = put_axis(*axes, 0, tr("x axis"), begun_.x);
    y_ = put_axis(*axes, 1, tr("y axis"), begun_.y);
    second_ = put_axis(*axes, 2, tr("right axis"), begun_.second);
    layout->addLayout(axes);
    equal_ = new QCheckBox(tr("&Equal scales on both axes"), form);
    reader_ = new QCheckBox(tr("&Read quartiles and median from a cumulative curve"), form);
    names_ = new QCheckBox(tr("&Name classes by their midpoints, not their boundaries"), form);
    mirrored_ = new QCheckBox(tr("Every other series over classes &downwards, back to back"), form);
    mirrored_->setChecked(begun_.mirrored);
    equal_->setChecked(begun_.equal_scales);
    reader_->setChecked(begun_.reader);
    names_->setChecked(begun_.names_classes);
    legend_ = new QComboBox(form);
    legend_->addItems({tr("Above the chart"), tr("Upper left corner"), tr("Upper right corner"),
                       tr("Lower left corner"), tr("Lower right corner")});
    legend_->setCurrentIndex(static_cast<int>(begun_.legend));
    name_field(*legend_, tr("Legend position"));
    connect(legend_, &QComboBox::currentIndexChanged, this, &ChartDialog::look_over);
    auto* legend_row = new QHBoxLayout;
    legend_row->addWidget(new QLabel(tr("Legend"), form));
    legend_row->addWidget(legend_, 1);
    layout->addLayout(legend_row);
    if (!begun_.rows.empty()) {
        all_rows_ = new QCheckBox(tr("Draw &all rows, not only the selected ones"), form);
        layout->addWidget(all_rows_);
        connect(all_rows_, &QCheckBox::toggled, this, &ChartDialog::look_over);
    }
    for (QCheckBox* box : {equal_, reader_, names_, mirrored_}) {
        layout->addWidget(box);
        connect(box, &QCheckBox::toggled, this, &ChartDialog::look_over);
    }
    heading(tr("Reference lines, circles and ranges; their numbers can be formulas"));
    layout->addWidget(references_place_ = stack(form));
    auto* add = new QPushButton(tr("Add &line, circle or range"), form);
    add->setAutoDefault(false);
    auto* kinds = new QMenu(add);
    for (int kind = 0; kind < reference_names().size(); ++kind) {
        kinds->addAction(reference_names()[kind], this, [this, kind] { add_reference(kind); });
    }
    add->setMenu(kinds);
    layout->addWidget(add, 0, Qt::AlignLeft);
    layout->addStretch(1);
    connect(title_, &QLineEdit::textChanged, this, &ChartDialog::look_over);
    scroll->setWidget(form);
    return scroll;
}

QLineEdit* ChartDialog::line(const std::string& text, const QString& hint, QWidget* parent) {
    auto* result = new QLineEdit(QString::fromStdString(text), parent);
    result->setPlaceholderText(hint);
    result->setAccessibleName(hint);
    connect(result, &QLineEdit::textChanged, this, &ChartDialog::look_over);
    return result;
}

ChartDialog::AxisRow ChartDialog::put_axis(QGridLayout& grid, int at, const QString& name, const ChartAxis& axis) {
    AxisRow row;
    row.title = line(axis.title, tr("title (default: column name)"), this);
    row.from = line(axis.from.text(), tr("from"), this);
    row.to = line(axis.to.text(), tr("to"), this);
    grid.addWidget(new QLabel(name, this), at, 0);
    grid.addWidget(row.title, at, 1);
    grid.addWidget(row.from, at, 2);
    grid.addWidget(row.to, at, 3);
    row.logarithmic = new QCheckBox(tr("Logarithmic"), this);
    row.logarithmic->setChecked(axis.logarithmic);
    connect(row.logarithmic, &QCheckBox::toggled, this, &ChartDialog::look_over);
    grid.addWidget(row.logarithmic, at, 4);
    grid.setColumnStretch(1, 3);
    grid.setColumnStretch(2, 1);
    grid.setColumnStretch(3, 1);
    return row;
}

/// All columns of the chart's table, then those of the others with their table's name.
QComboBox* ChartDialog::column_box(Id chosen, bool numbers, QWidget* parent) {
    auto* box = new QComboBox(parent);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(8);
    if (!numbers) {
        box->addItem(tr("Row number"), QString());
    }
    const auto offer = [&](const Table& table, const ColumnDefinition& column) {
        const Results::Entry* entry = document_.results().find(column.id);
        const bool number = entry != nullptr && (entry->kind == Kind::number || entry->kind == Kind::date);
        if (numbers && !number && !(column.id == chosen)) {
            return;
        }
        const QString label = QString::fromStdString(column.shown_label());
        box->addItem(table.id == begun_.table ? label
                                              : tr("%1: %2").arg(QString::fromStdString(table.shown_label()), label),
                     QString::fromStdString(column.id.str()));
    };
    for (const bool own : {true, false}) {
        for (const auto& table : document_.study().tables) {
            if ((table->id == begun_.table) != own) {
                continue;
            }
            for (const Axis* axis : table->axes()) {
                if (axis->column) {
                    offer(*table, **axis->column);
                }
            }
            for (const auto& column : table->columns) {
                offer(*table, *column);
            }
        }
    }
    box->setCurrentIndex(std::max(0, box->findData(QString::fromStdString(chosen.str()))));
    connect(box, &QComboBox::currentIndexChanged, this, &ChartDialog::look_over);
    return box;
}

void ChartDialog::put_series(const Series& series) {
    SeriesRow result;
    result.row = new QWidget(series_place_);
    result.unknown_fields = series.unknown_fields;
    auto* layout = new QGridLayout(result.row);
    layout->setContentsMargins(0, 0, 0, 4);
    result.form = new QComboBox(result.row);
    result.form->addItems(form_names());
    result.form->setCurrentIndex(static_cast<int>(series.form));
    name_field(*result.form, tr("Form of the series"));
    result.up = column_box(series.y, true, result.row);
    result.across = column_box(series.x, false, result.row);
    name_field(*result.up, tr("y axis"));
    name_field(*result.across, tr("x axis"));
    result.label = line(series.label, tr("label in the legend"), result.row);
    result.fit = new QCheckBox(tr("Fitted line"), result.row);
    result.fit->setChecked(series.fit);
    result.per_width = new QCheckBox(tr("Per class width"), result.row);
    result.per_width->setChecked(series.per_width);
    result.error = column_box(series.error, true, result.row);
    result.error->insertItem(0, tr("No error bars"), QString());
    result.error->insertItem(1, tr("Standard error of the mean"), QStringLiteral("se"));
    name_field(*result.error, tr("Error bars"));
    result.error->setCurrentIndex(
        series.standard_error  ? 1
        : series.error.empty() ? 0
                               : std::max(0, result.error->findData(QString::fromStdString(series.error.str()))));
    result.second_axis = new QCheckBox(tr("On the right axis"), result.row);
    result.second_axis->setChecked(series.second_axis);
    auto* away = new QToolButton(result.row);
    away->setIcon(drawn_icon(QStringLiteral("remove")));
    away->setAutoRaise(true);
    away->setToolTip(tr("Remove series"));
    away->setAccessibleName(away->toolTip());
    layout->addWidget(result.form, 0, 0);
    layout->addWidget(new QLabel(tr("of"), result.row), 0, 1);
    layout->addWidget(result.up, 0, 2);
    layout->addWidget(new QLabel(tr("over"), result.row), 0, 3);
    layout->addWidget(result.across, 0, 4);
    layout->addWidget(away, 0, 5);
    layout->addWidget(result.label, 1, 0);
    layout->addWidget(result.fit, 1, 2);
    layout->addWidget(result.per_width, 1, 4);
    layout->addWidget(new QLabel(tr("Error bars"), result.row), 2, 0);
    layout->addWidget(result.error, 2, 2);
    layout->addWidget(result.second_axis, 2, 4);
    layout->setColumnStretch(0, 3);
    layout->setColumnStretch(2, 3);
    layout->setColumnStretch(4, 3);
    series_place_->layout()->addWidget(result.row);
    series_.push_back(result);
    fit_boxes(result);
    connect(away, &QToolButton::clicked, this, [this, row = result.row] { remove(row); });
    connect(result.form, &QComboBox::currentIndexChanged, this, [this, result] {
        fit_boxes(result);
        look_over();
    });
    connect(result.fit, &QCheckBox::toggled, this, &ChartDialog::look_over);
    connect(result.per_width, &QCheckBox::toggled, this, &ChartDialog::look_over);
    connect(result.second_axis, &QCheckBox::toggled, this, &ChartDialog::look_over);
}

void ChartDialog::fit_boxes(const SeriesRow& row) {
    const SeriesFormKind& kind = kind_of(static_cast<SeriesForm>(row.form->currentIndex()));
    row.fit->setEnabled(kind.may_fit);
    row.per_width->setEnabled(kind.may_divide);
    row.error->setEnabled(kind.over == SeriesFormKind::Over::points);
}

void ChartDialog::put_reference(const Reference& reference) {
    ReferenceRow result;
    result.row = new QWidget(references_place_);
    result.unknown_fields = reference.unknown_fields;
    auto* layout = new QHBoxLayout(result.row);
    layout->setContentsMargins(0, 0, 0, 0);
    result.form = new QComboBox(result.row);
    result.form->addItems(reference_names());
    result.form->setCurrentIndex(static_cast<int>(reference.form));
    name_field(*result.form, tr("Form of the reference"));
    layout->addWidget(result.form);
    for (std::size_t at = 0; at < 3; ++at) {
        result.numbers.push_back(
            line(at < reference.numbers.size() ? reference.numbers[at].text() : std::string(), {}, result.row));
        layout->addWidget(result.numbers.back());
    }
    result.label = line(reference.label, tr("name"), result.row);
    layout->addWidget(result.label);
    auto* away = new QToolButton(result.row);
    away->setIcon(drawn_icon(QStringLiteral("remove")));
    away->setAutoRaise(true);
    away->setToolTip(tr("Remove"));
    away->setAccessibleName(away->toolTip());
    layout->addWidget(away);
    references_place_->layout()->addWidget(result.row);
    references_.push_back(result);
    fit_numbers(result);
    connect(away, &QToolButton::clicked, this, [this, row = result.row] { remove(row); });
    connect(result.form, &QComboBox::currentIndexChanged, this, [this, result] {
        fit_numbers(result);
        look_over();
    });
}

void ChartDialog::fit_numbers(const ReferenceRow& row) {
    const QStringList wanted = hints(static_cast<Reference::Form>(row.form->currentIndex()));
    for (std::size_t at = 0; at < row.numbers.size(); ++at) {
        const bool used = static_cast<qsizetype>(at) < wanted.size();
        row.numbers[at]->setVisible(used);
        row.numbers[at]->setPlaceholderText(used ? wanted[static_cast<qsizetype>(at)] : QString());
        row.numbers[at]->setAccessibleName(row.numbers[at]->placeholderText());
    }
}

void ChartDialog::add_series() {
    Series series;
    if (!series_.empty()) {
        const Chart now = chart();
        series = now.series.back();
        series.label.clear();
        series.unknown_fields.clear();
    }
    put_series(series);
    order_tabs(*this);
    look_over();
}

void ChartDialog::add_reference(int kind) {
    Reference reference;
    reference.form = static_cast<Reference::Form>(kind);
    put_reference(reference);
    order_tabs(*this);
    references_.back().numbers.front()->setFocus();
    look_over();
}

void ChartDialog::remove(QWidget* row) {
    std::erase_if(series_, [row](const SeriesRow& one) { return one.row == row; });
    std::erase_if(references_, [row](const ReferenceRow& one) { return one.row == row; });
    row->hide();
    row->deleteLater();
    look_over();
}

Chart ChartDialog::chart() const {
    const auto text = [](const QLineEdit* edit) { return edit->text().trimmed().toStdString(); };
    const auto formula = [&text](const QLineEdit* edit) {
        return edit->text().trimmed().isEmpty() ? Formula() : Formula(text(edit));
    };
    const auto chosen = [](const QComboBox* box) { return Id(box->currentData().toString().toStdString()); };
    Chart result = begun_;
    result.label = text(title_);
    result.series.clear();
    for (const SeriesRow& row : series_) {
        Series series;
        series.unknown_fields = row.unknown_fields;
        series.form = static_cast<SeriesForm>(row.form->currentIndex());
        series.x = chosen(row.across);
        series.y = chosen(row.up);
        series.label = text(row.label);
        series.fit = row.fit->isEnabled() && row.fit->isChecked();
        series.per_width = row.per_width->isEnabled() && row.per_width->isChecked();
        series.second_axis = row.second_axis->isChecked();
        const QString error = row.error->currentData().toString();
        series.standard_error = error == QStringLiteral("se");
        series.error = series.standard_error ? Id() : Id(error.toStdString());
        result.series.push_back(series);
    }
    result.references.clear();
    for (const ReferenceRow& row : references_) {
        Reference reference;
        reference.unknown_fields = row.unknown_fields;
        reference.form = static_cast<Reference::Form>(row.form->currentIndex());
        reference.label = text(row.label);
        for (std::size_t at = 0; at < numbers_of(reference.form); ++at) {
            reference.numbers.push_back(formula(row.numbers[at]));
        }
        result.references.push_back(std::move(reference));
    }
    const auto axis = [&](const AxisRow& row, const ChartAxis& before) {
        return ChartAxis{text(row.title), formula(row.from), formula(row.to), row.logarithmic->isChecked(),
                         before.unknown_fields};
    };
    result.x = axis(x_, begun_.x);
    result.y = axis(y_, begun_.y);
    result.second = axis(second_, begun_.second);
    result.legend = static_cast<LegendPlace>(legend_->currentIndex());
    if (all_rows_ != nullptr && all_rows_->isChecked()) {
        result.rows.clear();
    }
    result.equal_scales = equal_->isChecked();
    result.reader = reader_->isChecked();
    result.mirrored = mirrored_->isChecked();
    result.names_classes = names_->isChecked();
    return result;
}

void ChartDialog::look_over() {
    if (filling_) {
        return;
    }
    Chart now = chart();
    now.id = Id("asked");
    plot_->show_all();
    maker_.ask({document_.study(), document_.snapshot(), std::move(now), true});
}

} // namespace ledgefall

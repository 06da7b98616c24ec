#include "app/table/table_page.h"

#include "app/numbers/locale_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/engine/planning/plan.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/edits/missing_marks.h"
#include "core/study/model/fault_explanation.h"

#include <QDate>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QLocale>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>

#include <utility>

namespace ledgefall {

TablePage::TablePage(Document& document, ActiveEditor& active_editor, Id table, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , active_editor_(active_editor)
    , table_(table)
    , model_(make_table_model(document, table, this))
    , title_(new QLabel(this))
    , state_(new QLabel(this))
    , row_count_(new RowCountField(document, table, this))
    , add_foot_(new QToolButton(this))
    , foot_menu_(new NewFootMenu(document, this))
    , view_(new TableView(*model_, document, active_editor, this))
    , clipboard_(new TableClipboard(*view_, *model_, document))
    , rows_edge_(new RowsEdge(document, table, view_->laid_across(), this))
    , foot_(new FootView(*view_, *model_, document, this))
    , editor_(new FormulaEditor(document, active_editor, this))
    , suggestions_(new SuggestionBar(document, this)) {
    view_->width_below = [this](int section) { return foot_->width_of(section); };
    lay_out_line();
    lay_out();
    connect_document();
    connect_view();
    connect_foot();
    connect_writing();
    connect_pasting();
    apply_theme();
    if (model_->rowCount() > 0) {
        view_->set_current(model_->index(0, 0));
    }
}

/// The line above the cells: title, rows, state, and what can come next.
void TablePage::lay_out_line() {
    add_foot_->setObjectName(QStringLiteral("foot-line"));
    add_foot_->setText(tr("foot line"));
    add_foot_->setIcon(drawn_icon(QStringLiteral("foot")));
    add_foot_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    add_foot_->setAutoRaise(true);
    add_foot_->setPopupMode(QToolButton::InstantPopup);
    add_foot_->setMenu(foot_menu_);
    // Neither of them keeps a table from being narrow, as it is beside another one.
    title_->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Preferred);
    title_->setMinimumWidth(20);
    title_->setObjectName(QStringLiteral("title"));
    title_->setTextFormat(Qt::PlainText);
    title_->setToolTip(tr("Double-click to change the title"));
    title_->installEventFilter(this);
    state_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    line_widget_ = new QWidget(this);
    name_panel(*line_widget_, tr("Commands of the table"));
    line_ = new QHBoxLayout(line_widget_);
    line_->setContentsMargins(14, 6, 10, 4);
    line_->addWidget(title_);
    line_->addSpacing(14);
    line_->addWidget(row_count_);
    line_->addWidget(state_, 1);
    line_->addWidget(add_foot_);
}

void TablePage::lay_out() {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(line_widget_);
    if (auto* two_way = qobject_cast<TwoWayModel*>(model_)) {
        layers_ = new LayerStrip(*two_way, document_, this);
        layout->addWidget(layers_);
        connect_layers(*two_way);
    }
    layout->addWidget(editor_);
    auto* cells = new QBoxLayout(laid_across() ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    cells->setSpacing(0);
    cells->addWidget(view_, 100);
    cells->addWidget(rows_edge_);
    cells->addWidget(foot_);
    cells->addStretch(1);
    layout->addLayout(cells, 100);
    if (laid_across()) { // else the stretch among the cells takes what they leave
        layout->addStretch(1);
    }
    layout->addWidget(suggestions_); // below, where it moves nothing that is pointed at
    setAutoFillBackground(true);
}

void TablePage::connect_layers(TwoWayModel& model) {
    connect(layers_, &LayerStrip::formula_wanted, this, [this] {
        if (model_->column(0) == nullptr) {
            write_next();
        } else {
            write_formula(0);
        }
    });
    connect(layers_, &LayerStrip::next_layer_wanted, this, &TablePage::write_next);
    connect(layers_, &LayerStrip::axis_wanted, this, &TablePage::axis_wanted);
    connect(layers_, &LayerStrip::transposing_wanted, this,
            [this] { document_.perform(tr("swapping the axes"), transpose(document_.study(), table_)); });
    connect(&model, &TwoWayModel::layer_shown, this, &TablePage::selection_changed);
    connect(&model, &TableModel::shape_changed, this, [this] { // its cells come with the first results
        if (!view_->current().isValid() && model_->rowCount() > 0) {
            view_->set_current(model_->index(0, 0));
        }
    });
}

void TablePage::connect_document() {
    connect(&document_, &Document::study_changed, this, &TablePage::refresh_title);
    connect(&document_, &Document::results_changed, this, &TablePage::refresh_title);
    connect(&document_, &Document::results_changed, this, &TablePage::show_what_fits);
    connect(&document_, &Document::shows_old_changed, this, [this] {
        refresh_title();
        view_->viewport()->update();
    });
    connect(model_, &TableModel::shape_changed, this, &TablePage::fit_height);
    connect(this, &TablePage::selection_changed, this, &TablePage::show_what_fits);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &TablePage::apply_theme);
}

void TablePage::connect_view() {
    connect(view_, &TableView::formula_wanted, this, &TablePage::write_formula);
    connect(view_, &TableView::heading_clicked, this, [this](int section) {
        const ColumnDefinition* column = model_->column(section);
        if (active_editor_.writing()) {
            active_editor_.editor()->line().setFocus();
        } else if (column == nullptr && !model_->two_way()) {
            write_formula(section);
        }
    });
    connect(view_, &TableView::heading_wanted, this, [this](int section) {
        if (active_editor_.writing()) { // the first of two clicks on the next column's heading has opened it
            active_editor_.editor()->finish();
        }
        if (!active_editor_.writing()) {
            view_->heading().edit_label(section);
        }
    });
    connect(view_->selectionModel(), &QItemSelectionModel::selectionChanged, this, &TablePage::selection_changed);
    connect(view_->selectionModel(), &QItemSelectionModel::currentChanged, this, &TablePage::selection_changed);
    connect(&view_->heading(), &QWidget::customContextMenuRequested, this, &TablePage::open_heading_menu);
    view_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(view_, &QWidget::customContextMenuRequested, this,
            [this](const QPoint& at) { Q_EMIT menu_wanted(view_->viewport()->mapToGlobal(at)); });
    connect(view_, &TableView::cells_pointed, this, &TablePage::point_at_cells);
    connect(&view_->heading(), &TableHeading::headings_pointed, this, &TablePage::point_at_headings);
    view_->heading().is_pointing = [this] { return active_editor_.writing(); };
}

void TablePage::connect_foot() {
    foot_menu_->set_place(foot_place());
    connect(foot_menu_, &NewFootMenu::added, this, &TablePage::show_foot_line);
    connect(foot_, &FootView::cell_chosen, this, [this](int line, int section) {
        const ColumnDefinition* column = model_->column(section);
        if (active_editor_.writing()) {
            point_at_foot(line, section);
        } else if (column != nullptr && foot_->foot().line(line) != nullptr) {
            Q_EMIT foot_chosen(foot_->foot().line(line)->id, column->id);
        }
    });
    connect(foot_, &FootView::removal_wanted, this, &TablePage::remove_foot_line);
    connect(foot_, &FootView::line_menu_wanted, this, [this](int row, const QPoint& global) {
        if (const FootLine* line = foot_->foot().line(row)) {
            FootMenu(document_, table_, line->id, this).exec(global);
        }
    });
}

void TablePage::remove_foot_line(int row) {
    if (const FootLine* line = foot_->foot().line(row)) {
        document_.perform(tr("removing a foot line"), ledgefall::remove_foot_line(document_.study(), line->id));
    }
}

void TablePage::connect_writing() {
    connect(editor_, &FormulaEditor::filled, this, [this](Id column) {
        view_->setFocus();
        suggestions_->offer_check(table_, column);
        suggestions_->offer_waited(table_, column);
        choose_column(column);
    });
    connect(editor_, &FormulaEditor::tried, model_, [this](const ResultsPtr& results) {
        model_->show_trial(editor_->draft().each().empty() ? results : nullptr, editor_->draft().tried_column());
        if (model_->two_way()) { // all its columns are as wide as the values on trial ask
            Q_EMIT model_->shape_changed();
        }
    });
    connect(editor_, &FormulaEditor::left, this, [this] { view_->setFocus(); });
    connect(suggestions_, &SuggestionBar::definition_wanted, this, &TablePage::define);
}

void TablePage::connect_pasting() {
    connect(clipboard_, &TableClipboard::definitions_taken, this, &TablePage::tell_definitions);
    connect(clipboard_, &TableClipboard::formula_wanted, this, &TablePage::write_formula);
    connect(clipboard_, &TableClipboard::headings_equal, this, [this](const QStringList& names) {
        offer_undo(tr("A heading occurs here more than once, so in formulas these columns are called %1. Double-click "
                      "a heading to change it.")
                       .arg(names.join(QStringLiteral(", "))));
    });
    connect(clipboard_, &TableClipboard::columns_pasted, this, &TablePage::tell_pasted);
    connect(clipboard_, &TableClipboard::cells_pasted, this, &TablePage::offer_missing_marks);
    connect(model_, &TableModel::headings_taken, this, &TablePage::tell_headings);
    connect(model_, &TableModel::dates_read, this, &TablePage::tell_dates);
    connect(model_, &TableModel::numbers_read, this, &TablePage::tell_numbers);
}

/// Says that pasted columns have brought their formulas, and which names were taken.
void TablePage::tell_pasted(const QStringList& columns, const QStringList& renamed) {
    QStringList told{tr("Pasted with their formulas: %1.").arg(columns.join(QStringLiteral(", ")))};
    if (!renamed.isEmpty()) {
        told << tr("Renamed: %1.").arg(renamed.join(QStringLiteral(", ")));
    }
    offer_undo(told.join(QLatin1Char(' ')));
}

/// Says what a pasted list of definitions has become: what is held is the same in every row, a drawn number too.
void TablePage::tell_definitions(const QStringList& columns, const QStringList& held) {
    QStringList told;
    if (!columns.isEmpty()) {
        told << tr("Added as columns: %1.").arg(columns.join(QStringLiteral(", ")));
    }
    if (!held.isEmpty()) {
        told << tr("Put on the ledge, the same in every row: %1.").arg(held.join(QStringLiteral(", ")));
    }
    offer_undo(told.join(QLatin1Char(' ')));
}

void TablePage::offer_undo(const QString& text) {
    suggestions_->offer(text, tr("Undo"), [this] { document_.undo(); });
    // After another change, Undo would mean that one.
    connect(
        &document_, &Document::study_changed, this,
        [this, text] {
            if (suggestions_->text() == text) {
                suggestions_->leave();
            }
        },
        Qt::SingleShotConnection);
}

/// Says how dates are read that could be read otherwise, and offers the other way.
void TablePage::tell_dates(Id column, const QString& typed, double days) {
    const QLocale locale;
    const QDate read = QDate(1970, 1, 1).addDays(static_cast<qint64>(std::floor(days)));
    const QDate other(read.year(), read.day(), read.month());
    const auto in_words = [&locale](const QDate& date) { return locale.toString(date, QStringLiteral("d MMMM yyyy")); };
    const bool month_first = read_spelled_date(typed.toStdString(), {'.', true}) == days;
    suggestions_->offer(
        tr("%1 is read as %2, here and in the rest of the column.").arg(typed, in_words(read)),
        tr("Read as %1").arg(in_words(other)), [this, column, month_first] {
            if (document_.perform(tr("swapping day and month"), swap_days_and_months(document_.study(), column))) {
                model_->spell_dates(column, !month_first);
            }
        });
}

/// The same of numbers in which a comma or a point may group thousands or begin decimals.
void TablePage::tell_numbers(Id column, const QString& typed, double number, int row,
                             const std::vector<std::vector<std::string>>& texts) {
    const char other = read_spelled_number(typed.toStdString(), {'.'}) == number ? ',' : '.';
    const double otherwise = read_spelled_number(typed.toStdString(), {other}).value_or(number);
    suggestions_->offer(tr("%1 is read as %2, here and in the rest of the column.").arg(typed, field_text(number)),
                        tr("Read as %1").arg(field_text(otherwise)),
                        [this, column, row, texts, other] { model_->read_again(column, row, texts, other); });
}

void TablePage::offer_missing_marks() {
    const MissingMarks found =
        model_->table() == nullptr ? MissingMarks() : missing_marks(*model_->table(), own_spelling());
    if (found.cells == 0) {
        return;
    }
    QStringList marks;
    for (const std::string& mark : found.marks) {
        marks << QString::fromStdString(mark);
    }
    suggestions_->offer(tr("Cells that hold %1 in place of a value: %L2.").arg(marks.join(u' ')).arg(found.cells),
                        tr("Read them as missing"), [this] {
                            document_.perform(tr("missing values"),
                                              marks_as_missing(document_.study(), table_, own_spelling()));
                        });
}

/// Begins the definition of a name that a formula waits for.
void TablePage::define(const QString& name, bool held) {
    if (held) {
        Q_EMIT holding_wanted(name);
    } else {
        write_formula(-1, name + QStringLiteral(" = "));
    }
}

void TablePage::write_next() {
    write_formula(-1);
}

/// The column that was just written, in view and current, in the row in which one was.
void TablePage::choose_column(Id column) {
    const QModelIndex now = view_->current();
    const QModelIndex there =
        model_->place_of(column, model_->cell_of(std::max(0, now.row()), std::max(0, now.column())));
    if (there.isValid()) {
        view_->set_current(there);
        view_->bring_into_view(there);
    }
}

/// Says that typed texts have become headings, and offers to take that back.
void TablePage::tell_headings(const HeadedColumns& headed) {
    QStringList labels;
    for (const Id column : headed.columns) {
        if (const ColumnDefinition* definition = model_->table()->column(column)) {
            labels << QString::fromStdString(definition->shown_label());
        }
    }
    const QString told =
        labels.size() == 1 ? tr("%1 is used as the heading of its column.").arg(labels.front())
                           : tr("%1 are used as the headings of their columns.").arg(labels.join(QStringLiteral(", ")));
    const QString back = labels.size() == 1 ? tr("No, it is a value") : tr("No, they are values");
    suggestions_->offer(told, back, [this, headed] {
        document_.perform(tr("headings as values"), headings_as_values(document_.study(), table_, headed));
    });
}

void TablePage::apply_theme() {
    QPalette paper = palette();
    paper.setColor(QPalette::Window, theme().paper);
    setPalette(paper);
    refresh_title();
}

void TablePage::write_formula(int section, const QString& begun) {
    const ColumnDefinition* column = model_->column(section);
    QString text = begun;
    if (begun == QStringLiteral("=") && column != nullptr && (column->computed() || column->cells->any_filled())) {
        column = nullptr; // what is there is not written over: the formula is for the next column
    }
    if (column != nullptr) {
        const std::string unit = column->unit.empty() ? "" : " [" + column->unit + "]";
        const std::string formula = column->computed() ? column->pieces.front().formula.text() : "";
        text = QString::fromStdString(column->name + unit + " = " + formula);
    } else if (begun == QStringLiteral("=")) {
        text.clear();
    }
    suggestions_->leave();
    const int row = std::clamp(view_->current().row(), 0, std::max(0, model_->table_rows() - 1));
    const int place = std::clamp(view_->current().column(), 0, std::max(0, model_->table_columns() - 1));
    editor_->write(table_, column == nullptr ? Id() : column->id, text, model_->cell_of(row, place) + 1);
}

void TablePage::spread(const std::vector<Id>& columns, const QString& begun) {
    suggestions_->leave();
    editor_->spread(table_, columns, begun);
}

void TablePage::offer(const QList<NextStep>& steps) {
    for (const NextStep& step : steps) {
        auto* button = new QToolButton(this);
        button->setIcon(step.command->icon());
        button->setText(step.word);
        button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
        button->setAutoRaise(true);
        button->setObjectName(step.command->objectName());
        const QString text = step.command->text().remove(QLatin1Char('&'));
        button->setAccessibleName(text);
        connect(button, &QToolButton::clicked, step.command, &QAction::trigger);
        line_->addWidget(button);
        next_.append({button, text, step.missing});
    }
    show_what_fits();
}

/// What does not fit what is chosen is dimmed and says why; where the line is short, the icons stand without words.
void TablePage::show_what_fits() {
    const bool words = width() > theme().px(690);
    const Qt::ToolButtonStyle style = words ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly;
    for (const auto& [button, text, missing] : next_) {
        const QString reason = missing();
        button->setEnabled(reason.isEmpty());
        button->setToolTip(reason.isEmpty() ? text : tr("%1: %2").arg(text, reason));
        button->setToolButtonStyle(style);
    }
    const bool has_columns = model_->table() != nullptr && !model_->table()->columns.empty();
    add_foot_->setToolButtonStyle(style);
    add_foot_->setEnabled(has_columns);
    add_foot_->setToolTip(has_columns ? tr("Put a measure under the columns")
                                      : tr("Put a measure under the columns: needs a column"));
    QTimer::singleShot(0, this, &TablePage::fit_state); // once the line has been laid out
}

NewFootMenu::Place TablePage::foot_place() const {
    return {table_, [this] { return view_->columns_meant(); }};
}

void TablePage::show_foot_line(Id line) {
    foot_->choose(line);
}

void TablePage::go_to(Id column, std::size_t row) {
    const QModelIndex there = model_->place_of(column, row == 0 ? 0 : row - 1);
    if (there.isValid()) {
        view_->set_current(there);
        view_->bring_into_view(there);
    }
    view_->setFocus();
}

/// A table that is shorter than the page ends where its rows end, so that its foot stands right under them; one that
/// is laid across ends where its columns end, with its foot beside its last row.
void TablePage::fit_height() {
    rows_edge_->set_row_extent(view_->row_names().defaultSectionSize());
    if (laid_across()) {
        foot_->set_most_extent(width() / 2);
        view_->setMaximumSize(view_->content_width(), view_->content_height());
        foot_->setMaximumHeight(view_->content_height());
        rows_edge_->setMaximumHeight(view_->content_height());
        return;
    }
    foot_->set_most_extent(height() / 3);
    view_->setMaximumHeight(view_->content_height());
}

void TablePage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit_height();
    fit_state();
    show_what_fits();
}

/// What does not fit beside the title ends in dots; all of it is in the tip.
void TablePage::fit_state() {
    state_->setText(state_->fontMetrics().elidedText(told_state_, Qt::ElideRight, std::max(0, state_->width() - 6)));
}

int TablePage::wanted_width() const {
    const int cells = laid_across() ? view_->content_width() + (foot_->isHidden() ? 0 : foot_->width())
                                    : view_->verticalHeader()->width() + view_->heading().length();
    return cells + view_->verticalScrollBar()->sizeHint().width() + 2;
}

int TablePage::wanted_height() const {
    if (laid_across()) {
        return view_->content_height() + title_->sizeHint().height() + theme().px(26);
    }
    return view_->content_height() + (rows_edge_->isHidden() ? 0 : rows_edge_->sizeHint().height()) +
           (layers_ == nullptr ? 0 : layers_->sizeHint().height()) + (foot_->isHidden() ? 0 : foot_->maximumHeight()) +
           title_->sizeHint().height() + theme().px(26);
}

std::unique_ptr<ColumnMenu> TablePage::column_menu(int section, int row) {
    const ColumnDefinition* column = model_->column(section);
    if (column == nullptr) {
        return nullptr;
    }
    const int cell = row < 0 ? -1 : static_cast<int>(model_->cell_of(row, section));
    auto menu = std::make_unique<ColumnMenu>(document_, table_, column->id, cell, this);
    connect(menu.get(), &ColumnMenu::formula_wanted, this, [this, section] { write_formula(section); });
    return menu;
}

void TablePage::open_heading_menu(const QPoint& at) {
    if (const auto menu = column_menu(view_->heading().logicalIndexAt(at), -1)) {
        menu->exec(view_->heading().mapToGlobal(at));
    }
}

void TablePage::insert_rows_above() {
    const auto [first, count] = view_->selected_rows();
    document_.perform(tr("inserting rows"),
                      insert_rows(document_.study(), table_, static_cast<std::size_t>(std::max(0, first)),
                                  static_cast<std::size_t>(std::max(1, count))));
}

void TablePage::remove_selected_rows() {
    const auto [first, count] = view_->selected_rows();
    if (count > 0) {
        document_.perform(tr("removing rows"), remove_rows(document_.study(), table_, static_cast<std::size_t>(first),
                                                           static_cast<std::size_t>(count)));
    }
}

} // namespace ledgefall

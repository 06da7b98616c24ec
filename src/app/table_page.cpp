#include "app/table_page.h"

#include "app/look.h"
#include "core/engine/explain.h"
#include "core/engine/plan.h"
#include "core/study/edits.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace ledgefall {

TablePage::TablePage(Document& document, Id table, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , table_(table)
    , model_(new TableModel(document, table, this))
    , title_(new QLabel(this))
    , state_(new QLabel(this))
    , add_foot_(new QToolButton(this))
    , foot_menu_(new NewFootMenu(document, this))
    , view_(new TableView(*model_, document, this))
    , foot_(new FootView(*view_, *model_, document, this))
    , slip_(new WritingSlip(document, this)) {
    foot_menu_->set_table(table);
    add_foot_->setText(tr("foot line"));
    add_foot_->setIcon(drawn_icon(QStringLiteral("foot")));
    add_foot_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    add_foot_->setAutoRaise(true);
    add_foot_->setPopupMode(QToolButton::InstantPopup);
    add_foot_->setMenu(foot_menu_);
    add_foot_->setToolTip(tr("Put a measure under the columns"));
    auto* bar = new QHBoxLayout;
    bar->setContentsMargins(14, 6, 10, 4);
    bar->addWidget(title_);
    bar->addSpacing(14);
    bar->addWidget(state_, 1);
    bar->addWidget(add_foot_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(bar);
    layout->addWidget(slip_);
    layout->addWidget(view_, 100);
    layout->addWidget(foot_);
    layout->addStretch(1);
    setAutoFillBackground(true);
    QPalette paper = palette();
    paper.setColor(QPalette::Window, look().paper);
    setPalette(paper);

    connect(&document, &Document::study_changed, this, &TablePage::refresh_title);
    connect(&document, &Document::results_changed, this, &TablePage::refresh_title);
    connect(model_, &TableModel::shape_changed, this, &TablePage::fit_height);
    connect(view_, &TableView::formula_wanted, this, &TablePage::write_formula);
    connect(view_, &TableView::heading_clicked, this, [this](int section) {
        const ColumnDefinition* column = model_->column(section);
        if (slip_->is_open() && column != nullptr) {
            insert_name(column->id);
        } else if (column == nullptr) {
            write_formula(section);
        }
    });
    connect(view_->selectionModel(), &QItemSelectionModel::selectionChanged, this, &TablePage::selection_changed);
    connect(view_->selectionModel(), &QItemSelectionModel::currentChanged, this, &TablePage::selection_changed);
    connect(&view_->heading(), &QWidget::customContextMenuRequested, this, &TablePage::open_heading_menu);
    view_->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(view_, &QWidget::customContextMenuRequested, this, &TablePage::open_cell_menu);
    connect(foot_, &FootView::line_menu_wanted, this, [this](int row, const QPoint& global) {
        if (const FootLine* line = foot_->foot().line(row)) {
            FootMenu(document_, table_, line->id, this).exec(global);
        }
    });
    connect(slip_, &WritingSlip::filled, this, [this] { view_->setFocus(); });
    connect(slip_, &WritingSlip::left, this, [this] { view_->setFocus(); });
    refresh_title();
    if (model_->rowCount() > 0) {
        view_->setCurrentIndex(model_->index(0, 0));
    }
}

QString TablePage::state_line() const {
    const Table* table = model_->table();
    QStringList parts;
    const Value count = document_.results().single(table_);
    const Value until = document_.results().single(until_id(table_));
    if (count.is_fault() || until.is_fault()) {
        return Document::translated(explain(document_.study(), (count.is_fault() ? count : until).fault()));
    }
    if (table->axis.source == RowSource::other) {
        return tr("the rows of this table come from a later version and are kept, not shown");
    }
    parts << tr("rows %1").arg(model_->table_rows());
    if (table->axis.source == RowSource::counted) {
        parts << tr("counted, %1").arg(QString::fromStdString(table->axis.count.text()));
        if (!table->axis.until.empty()) {
            parts << tr("until %1").arg(QString::fromStdString(table->axis.until.text()));
        }
    }
    if (table->axis.source == RowSource::classes) {
        parts << tr("classes");
    }
    std::size_t faults = 0;
    for (const auto& column : table->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        faults += entry == nullptr ? 0 : entry->faults;
    }
    if (faults > 0) {
        parts << tr("at fault %1").arg(faults);
    }
    int holding = 0;
    int broken = 0;
    for (const auto& check : document_.study().checks) {
        if (check->table == table_) {
            const Value value = document_.results().single(check->id);
            (value.plain() && value.yes() ? holding : broken) += 1;
        }
    }
    if (holding > 0) {
        parts << tr("checks that hold %1").arg(holding);
    }
    if (broken > 0) {
        parts << tr("broken checks %1").arg(broken);
    }
    if (!table->note.empty()) {
        parts << QString::fromStdString(table->note);
    }
    return parts.join(QStringLiteral("  ·  "));
}

void TablePage::refresh_title() {
    const Table* table = model_->table();
    if (table == nullptr) {
        return;
    }
    title_->setFont(look().text(14, true));
    title_->setText(QString::fromStdString(table->shown_label()));
    state_->setFont(look().text(9));
    QPalette quiet = state_->palette();
    quiet.setColor(QPalette::WindowText, look().faint_ink);
    state_->setPalette(quiet);
    state_->setText(state_line());
}

void TablePage::restyle() {
    refresh_title();
    view_->restyle();
    foot_->restyle();
}

void TablePage::write_formula(int section, const QString& begun) {
    const ColumnDefinition* column = model_->column(section);
    QString text = begun;
    if (column != nullptr) {
        const std::string unit = column->unit.empty() ? "" : " [" + column->unit + "]";
        const std::string formula = column->worked() ? column->pieces.front().formula.text() : "";
        text = QString::fromStdString(column->name + unit + " = " + formula);
    } else if (begun == QStringLiteral("=")) {
        text.clear();
    }
    slip_->write(table_, column == nullptr ? Id() : column->id, text);
}

/// A table that is shorter than the page ends where its rows end, so that its foot stands right under them.
void TablePage::fit_height() {
    view_->setMaximumHeight(view_->content_height());
}

void TablePage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit_height();
}

void TablePage::insert_name(Id id) {
    if (!slip_->is_open()) {
        return;
    }
    const Study& study = document_.study();
    std::string name;
    for (const auto& held : study.ledge) {
        name = held->id == id ? held->name : name;
    }
    for (const auto& table : study.tables) {
        for (const auto& held : table->ledge) {
            name = held->id == id ? held->name : name;
        }
        if (const ColumnDefinition* column = table->column(id)) {
            name = table->id == table_ ? column->name : table->name + "." + column->name;
        }
    }
    slip_->insert_name(QString::fromStdString(name));
}

std::unique_ptr<ColumnMenu> TablePage::column_menu(int section, int row) {
    const ColumnDefinition* column = model_->column(section);
    if (column == nullptr) {
        return nullptr;
    }
    auto menu = std::make_unique<ColumnMenu>(document_, table_, column->id, row, this);
    connect(menu.get(), &ColumnMenu::formula_wanted, this, [this, section] { write_formula(section); });
    return menu;
}

void TablePage::open_heading_menu(const QPoint& at) {
    if (const auto menu = column_menu(view_->heading().logicalIndexAt(at), -1)) {
        menu->exec(view_->heading().mapToGlobal(at));
    }
}

void TablePage::open_cell_menu(const QPoint& at) {
    const QModelIndex index = view_->indexAt(at);
    auto menu = column_menu(index.column(), index.row());
    if (!menu) {
        return;
    }
    menu->addSeparator();
    menu->addAction(tr("Insert rows above"), this, &TablePage::insert_rows_above);
    menu->addAction(tr("Remove rows"), this, &TablePage::remove_selected_rows);
    menu->exec(view_->viewport()->mapToGlobal(at));
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

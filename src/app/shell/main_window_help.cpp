// Help: the page about what has the focus, and the first table in five steps.

#include "app/look/menu_action.h"
#include "app/numbers/cause_info.h"
#include "app/shell/main_window.h"

#include <QApplication>
#include <QMenuBar>

#include <algorithm>

namespace ledgefall {
namespace {

/// The function whose name or brackets a cursor stands in or behind; empty for none.
QString function_at(const QPlainTextEdit& line) {
    const QString text = line.toPlainText();
    qsizetype at = line.textCursor().position();
    const auto in_name = [&](qsizetype place) {
        return place >= 0 && place < text.size() && (text[place].isLetterOrNumber() || text[place] == QLatin1Char('_'));
    };
    const auto name_around = [&](qsizetype place) {
        qsizetype from = place;
        while (in_name(from - 1)) {
            --from;
        }
        qsizetype to = place;
        while (in_name(to)) {
            ++to;
        }
        return text.mid(from, to - from);
    };
    if (find_function(name_around(at).toStdString()) != nullptr) {
        return name_around(at);
    }
    int open = 0;
    while (--at >= 0) { // outwards through the brackets
        open += text[at] == QLatin1Char(')') ? 1 : text[at] == QLatin1Char('(') ? -1 : 0;
        if (open < 0) {
            if (find_function(name_around(at).toStdString()) != nullptr) {
                return name_around(at);
            }
            open = 0;
        }
    }
    return {};
}

} // namespace

QString MainWindow::topic_in_focus() {
    const QWidget* focus = QApplication::focusWidget();
    const auto within = [focus](const QWidget* widget) {
        return widget != nullptr && focus != nullptr && (widget == focus || widget->isAncestorOf(focus));
    };
    if (page() == nullptr) {
        return QStringLiteral("index");
    }
    if (page()->editor().is_open()) {
        const QString function = function_at(page()->editor().line());
        return function.isEmpty() ? QStringLiteral("formulas") : QStringLiteral("functions#") + function;
    }
    if (within(ledge_) || within(ledge_list_)) {
        return QStringLiteral("ledge");
    }
    if (within(place_->chart_page())) {
        return QStringLiteral("charts");
    }
    if (within(contents_)) {
        return QStringLiteral("shares");
    }
    if (within(companion_)) {
        return QStringLiteral("unfolding");
    }
    if (within(&page()->foot())) {
        return QStringLiteral("foot");
    }
    const QModelIndex at = page()->view().current();
    const Value value = at.isValid() ? page()->model().value(at.row(), at.column()) : Value::missing();
    if (value.is_fault()) {
        return cause_help_topic(value.fault().at().cause);
    }
    if (page()->model().two_way()) {
        return QStringLiteral("two-way");
    }
    const ColumnDefinition* column = at.isValid() ? page()->model().column(at.column()) : nullptr;
    if (column != nullptr && column->worked()) {
        const std::string& text = column->pieces.front().formula.text();
        return text.rfind("first", 0) == 0 ? QStringLiteral("steps") : QStringLiteral("formulas");
    }
    return QStringLiteral("first-table");
}

void MainWindow::open_help(const QString& topic) {
    if (help_->isHidden()) {
        before_help_ = QApplication::focusWidget();
        companion_->hide();
        help_->show();
        splitter_->fit_widths();
    }
    help_->set_keys(rows_of_keys());
    help_->open(topic);
}

/// All commands that have keys, as rows of a table.
QString MainWindow::rows_of_keys() const {
    QString rows;
    const std::function<void(const QMenu*)> list_keys = [&](const QMenu* menu) {
        for (const QAction* action : menu->actions()) {
            if (action->menu() != nullptr) {
                list_keys(action->menu());
            } else if (!action->shortcut().isEmpty()) {
                rows += QStringLiteral("<tr><td>%1</td><td>%2</td></tr>\n")
                            .arg(bare_text(*action).toHtmlEscaped(),
                                 action->shortcut().toString(QKeySequence::NativeText).toHtmlEscaped());
            }
        }
    };
    for (const QAction* action : menuBar()->actions()) {
        list_keys(action->menu());
    }
    return rows;
}

void MainWindow::close_help() {
    help_->hide();
    companion_->show();
    splitter_->fit_widths();
    if (before_help_ != nullptr) {
        before_help_->setFocus();
    }
}

/// An example of the help goes into the next column, to be looked at before it is taken.
void MainWindow::try_example(const QString& formula) {
    if (page() == nullptr) {
        new_table(tr("Table"));
    }
    if (page()->editor().is_open()) {
        page()->editor().line().insertPlainText(formula);
    } else {
        page()->write_formula(page()->model().columnCount() - 1, formula);
    }
    page()->editor().line().setFocus();
}

void MainWindow::begin_first_steps() {
    files_->may_leave([this] { take_first_steps(); });
}

void MainWindow::take_first_steps() {
    files_->start_new();
    new_table(tr("Pebbles"));
    const auto in_window = [this](const QWidget* widget, const QRect& part) {
        return widget->isVisible() ? QRect(widget->mapTo(this, part.topLeft()), part.size()) : QRect();
    };
    const auto first_cells = [this, in_window] {
        if (page() == nullptr) {
            return QRect();
        }
        const TableView& view = page()->view();
        return in_window(view.viewport(), QRect(0, 0, view.columnWidth(0), 4 * view.rowHeight(0)));
    };
    const auto button = [this, in_window](const QString& word) {
        for (const QToolButton* one : findChildren<QToolButton*>()) {
            if (one->text() == word && one->isVisible()) {
                return in_window(one, one->rect());
            }
        }
        return QRect();
    };
    const auto own = [this]() -> const Table* {
        return document_.study().tables.empty() ? nullptr : &*document_.study().tables.front();
    };
    const auto lengths = [own]() -> const Column* {
        const Table* table = own();
        return table == nullptr || table->columns.empty() || table->columns.front()->worked()
                   ? nullptr
                   : &*table->columns.front()->cells;
    };
    const auto before = std::make_shared<std::optional<Column>>();
    steps_->begin(
        {{tr("Type a heading and numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter."), first_cells,
          [lengths] {
              const Column* cells = lengths();
              return cells != nullptr && cells->kind() == Kind::number && cells->size() >= 3;
          }},
         {tr("Hold what no row changes: click “hold a value”, type m = mean(length), Enter."),
          [button] { return button(LedgeView::tr("hold a value")); },
          [this, own] { return !document_.study().ledge.empty() || (own() != nullptr && !own()->ledge.empty()); }},
         {tr("One formula for all rows: click “next column”, type dev = length - m, Enter."),
          [button] { return button(TableCommands::tr("next column")); },
          [own] {
              const Table* table = own();
              return table != nullptr && std::any_of(table->columns.begin(), table->columns.end(),
                                                     [](const auto& one) { return one->worked(); });
          }},
         {tr("A measure under the columns: click “foot line” and choose sum."),
          [button] { return button(TablePage::tr("foot line")); },
          [own, before, lengths] {
              const bool done = own() != nullptr && !own()->foot.empty();
              if (done && lengths() != nullptr) {
                  *before = *lengths(); // to be compared with in the last step
              }
              return done;
          }},
         {tr("Change a length: click it, type another number, Enter. Everything that depends on it follows."),
          first_cells, [before, lengths] { return lengths() != nullptr && *before && !(*lengths() == **before); }}},
        tr("That is a computation table. F1 tells about whatever has the focus, and the starters of the Study menu are "
           "worth a look."));
    page()->view().setFocus();
}

} // namespace ledgefall

#include "app/table/column_menu.h"

#include "app/dialogs/heading_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/numbers/format_choices.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"
#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

std::optional<QString> ask_for_foot_line(QWidget* parent, const QString& before) {
    return ask_text(parent, ColumnMenu::tr("Foot line"),
                    ColumnMenu::tr("Write a formula with each for the column above. Give it a name, as in total = "
                                   "sum(each), to use it in other foot lines: total * rate."),
                    before);
}

} // namespace

ColumnMenu::ColumnMenu(Document& document, Id table, Id column, int row, QWidget* parent)
    : QMenu(parent)
    , document_(document)
    , table_(table)
    , column_(column) {
    addAction(drawn_icon(QStringLiteral("formula")), tr("Write formula…"), this,
              [this] { Q_EMIT formula_wanted(column_); });
    addAction(tr("Label, unit and note…"), this, &ColumnMenu::head);
    addAction(tr("Rename in formulas…"), this, &ColumnMenu::rename);
    add_formats();
    add_kinds();
    add_overrides(row);
    addSeparator();
    addAction(drawn_icon(QStringLiteral("remove")), tr("Remove column"), this, &ColumnMenu::remove);
}

const ColumnDefinition* ColumnMenu::column() const {
    const Table* table = document_.study().table(table_);
    return table == nullptr ? nullptr : table->column(column_);
}

void ColumnMenu::format(const Format& format) {
    document_.perform(tr("number format"), format_column(document_.study(), column_, format));
}

void ColumnMenu::add_formats() {
    add_format_choices(addMenu(tr("Number format")), column()->format,
                       [this](const Format& wanted) { format(wanted); });
}

void ColumnMenu::add_kinds() {
    if (column()->computed()) {
        return;
    }
    QMenu* menu = addMenu(tr("Kind of values"));
    const std::pair<Kind, QString> kinds[] = {{Kind::number, tr("Numbers")},
                                              {Kind::text, tr("Text")},
                                              {Kind::date, tr("Dates (2026-05-31)")},
                                              {Kind::yes_no, tr("Yes/no")}};
    for (const auto& [kind, text] : kinds) {
        QAction* action = menu->addAction(text, this, [this, kind = kind] {
            document_.perform(tr("kind of values"), set_kind(document_.study(), column_, kind));
        });
        action->setCheckable(true);
        action->setChecked(column()->cells->kind() == kind);
    }
}

void ColumnMenu::add_overrides(int row) {
    if (column()->overrides->empty()) {
        return;
    }
    addSeparator();
    if (row >= 0) {
        addAction(tr("Restore formula in this cell"), this, [this, row] {
            document_.perform(tr("restoring a formula"),
                              document_.with_formula_again(column_, static_cast<std::size_t>(row)));
        });
    }
    addAction(tr("Restore formula in all overridden cells (%1)").arg(column()->overrides->size()), this, [this] {
        document_.perform(tr("restoring formulas"), give_back(document_.study(), column_, std::nullopt));
    });
}

void ColumnMenu::head() {
    HeadingDialog dialog(*column(), parentWidget());
    if (dialog.exec() == QDialog::Accepted) {
        document_.perform(tr("heading"), head_column(document_.study(), column_, dialog.heading()));
    }
}

void ColumnMenu::rename() {
    const auto name =
        ask_text(parentWidget(), tr("Rename"), tr("Name of the column in formulas (formulas that use it are updated):"),
                 QString::fromStdString(column()->name));
    if (name) {
        document_.perform(tr("renaming"), rename_column(document_.study(), column_, name->toStdString()));
    }
}

void ColumnMenu::remove() {
    if (may_remove(parentWidget(), document_.study(), column_)) {
        document_.perform(tr("removing a column"), remove_column(document_.study(), column_, IfUsed::remove_anyway));
    }
}

FootMenu::FootMenu(Document& document, Id table_id, Id line_id, QWidget* parent)
    : QMenu(parent)
    , document_(document)
    , table_(table_id)
    , line_(line_id) {
    const Table* table = document.study().table(table_id);
    for (const auto& line : table->foot) {
        if (line->id == line_id) {
            addAction(tr("Change formula…"), this, &FootMenu::rewrite);
            add_columns(*table, *line);
            add_format_choices(addMenu(tr("Number format")), line->format, [this](const Format& format) {
                document_.perform(tr("number format"), format_foot_line(document_.study(), line_, format));
            });
        }
    }
    addSeparator();
    addAction(drawn_icon(QStringLiteral("remove")), tr("Remove foot line"), this,
              [this] { document_.perform(tr("removing a foot line"), remove_foot_line(document_.study(), line_)); });
}

void FootMenu::add_columns(const Table& table, const FootLine& line) {
    QMenu* menu = addMenu(tr("Under columns"));
    for (const auto& column : table.columns) {
        QAction* action = menu->addAction(QString::fromStdString(column->shown_label()));
        action->setCheckable(true);
        action->setChecked(line.takes(column->id));
        connect(action, &QAction::toggled, this, [this, id = column->id, columns = line.columns](bool taken) mutable {
            std::erase(columns, id);
            if (taken) {
                columns.push_back(id);
            }
            document_.perform(tr("columns of a foot line"), set_foot_columns(document_.study(), line_, columns));
        });
    }
}

void FootMenu::rewrite() {
    const StudyPart part = find_part(document_.study(), line_);
    if (part.foot_line == nullptr) {
        return;
    }
    const FootLine& line = *part.foot_line;
    const std::string before = is_name(line.label) ? line.label + " = " + line.formula.text() : line.formula.text();
    const auto formula = ask_for_foot_line(parentWidget(), QString::fromStdString(before));
    if (formula) {
        document_.perform(tr("foot line"), redefine_foot_line(document_.study(), line_, formula->toStdString()));
    }
}

NewFootMenu::NewFootMenu(Document& document, QWidget* parent)
    : QMenu(parent)
    , document_(document) {
    setTitle(tr("Add a foot line"));
    setIcon(drawn_icon(QStringLiteral("foot")));
    // The usual ones stand in the menu itself.
    const auto add_measures = [this](QMenu& menu, FootMenuPart part) {
        for (const Function& function : catalogue()) {
            if (function.foot_menu == part) {
                add_measure(menu, function);
            }
        }
    };
    add_measures(*this, FootMenuPart::usual);
    addSeparator();
    add_measures(*addMenu(tr("Quartiles, range, most frequent")), FootMenuPart::order);
    add_measures(*addMenu(tr("Spread, shape and other means")), FootMenuPart::spread);
    add_measures(*addMenu(tr("Diversity, of counts per species")), FootMenuPart::diversity);
    addSeparator();
    addAction(tr("Custom formula…"), this, [this] {
        const auto formula = ask_for_foot_line(parentWidget(), QStringLiteral("sum(each^2)"));
        if (formula && !formula->isEmpty()) {
            add(*formula, *formula);
        }
    });
}

void NewFootMenu::add_measure(QMenu& menu, const Function& function) {
    const QString name = QString::fromUtf8(function.name.data(), static_cast<qsizetype>(function.name.size()));
    const QString purpose = Document::translated(function.purpose);
    menu.addAction(QStringLiteral("%1 — %2").arg(name, purpose), this, [this, &function] { add_by_values(function); });
}

/// By the symbol that the study's values ask for, once that is known: a population has σ where a sample has s.
void NewFootMenu::add_by_values(const Function& function) {
    const auto text = [](std::string_view of) {
        return QString::fromUtf8(of.data(), static_cast<qsizetype>(of.size()));
    };
    const Settings::Values values = document_.study().settings.values;
    const bool whole = values == Settings::Values::population;
    const Function& measure = whole && !function.of_whole.empty() ? *find_function(function.of_whole) : function;
    const std::string_view symbol =
        whole && !measure.symbol_of_whole.empty() ? measure.symbol_of_whole : measure.symbol;
    const bool known = values != Settings::Values::not_asked && !symbol.empty();
    add(text(known ? symbol : measure.name), QStringLiteral("%1(each)").arg(text(measure.name)));
}

std::vector<Id> NewFootMenu::columns() const {
    std::vector<Id> chosen = place_.chosen ? place_.chosen() : std::vector<Id>();
    std::vector<Id> numbers;
    for (const auto& column : document_.study().table(place_.table)->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        const bool meant = chosen.empty() || std::find(chosen.begin(), chosen.end(), column->id) != chosen.end();
        if (meant && (entry == nullptr || entry->kind == Kind::number)) {
            numbers.push_back(column->id);
        }
    }
    return numbers;
}

void NewFootMenu::add(const QString& label, const QString& formula) {
    if (document_.study().table(place_.table) == nullptr) {
        return;
    }
    Id line;
    Result<Study> out = label == formula
                            ? define_foot_line(document_.study(), place_.table, formula.toStdString(), columns(), &line)
                            : add_foot_line(document_.study(), place_.table, label.toStdString(), formula.toStdString(),
                                            columns(), &line);
    if (document_.perform(tr("foot line %1").arg(label), out)) {
        Q_EMIT added(line);
    }
}

} // namespace ledgefall

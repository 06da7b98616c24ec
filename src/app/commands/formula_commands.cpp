#include "app/commands/formula_commands.h"

#include "core/engine/functions/catalogue.h"
#include "core/study/edits/edits.h"

namespace ledgefall {

QList<Command> FormulaCommands::list() {
    return {
        {"formula", "work", tr("Write a &formula…"), "Ctrl+F2",
         [this] { page()->write_formula(page()->view().current().column()); }, Needs::table, tr("calculate equation"),
         "formula"},
        Command{"next-column", "work", tr("Write ne&xt column…"), "Ctrl+Shift+N", [this] { page()->write_next(); },
                Needs::one_axis, tr("add a column calculate formula"), "next_column"}
            .offered_beside(tr("next column")),
    };
}

QList<Command> FormulaCommands::more_list() {
    QList<Command> all = {Command{"more-formulas", "work", tr("&More formulas")}.after_a_rule(),
                          {"across", "more-formulas", tr("Measure &across selected columns")}};
    for (const Function& function : catalogue()) {
        if (function.usual_across) {
            const std::string measure(function.name);
            all.append({"measure-across", "across", QString::fromStdString(measure), no_keys,
                        [this, measure] { measure_across(measure); }, Needs::several_columns, tr("row wise across")});
        }
    }
    all.append(QList<Command>{
        {"spread", "more-formulas", tr("Write one formula for &each column…"), "Ctrl+Shift+E", [this] { spread(); },
         Needs::column, tr("per cent of total share percentage relative frequency proportion")},
        Command{"narrow-reach", "more-formulas", tr("Let formula cover only &selected rows"), no_keys,
                [this] { set_reach(true); }, Needs::computed_column, tr("reach range part")}
            .after_a_rule(),
        {"cover-all-rows", "more-formulas", tr("Let formula cover a&ll rows"), no_keys, [this] { set_reach(false); },
         Needs::computed_column, tr("reach range whole")},
    });
    return all;
}

void FormulaCommands::set_reach(bool of_chosen_rows) {
    const TableView::Block block = page()->view().chosen();
    if (of_chosen_rows && block.empty()) {
        return;
    }
    const auto rows = std::pair(static_cast<std::size_t>(block.top), static_cast<std::size_t>(block.bottom));
    perform(tr("rows covered by %1").arg(QString::fromStdString(column()->name)),
            narrow_reach(document_.study(), column()->id, of_chosen_rows ? std::optional(rows) : std::nullopt));
}

void FormulaCommands::measure_across(const std::string& measure) {
    const std::vector<int> sections = page()->view().chosen_sections();
    const auto name_at = [this](int section) { return table()->columns[static_cast<std::size_t>(section)]->name; };
    const bool neighbours = sections.back() - sections.front() + 1 == static_cast<int>(sections.size());
    std::string across;
    for (const int section : sections) {
        across += (across.empty() ? "" : ", ") + name_at(section) + "[i]";
    }
    across = neighbours ? name_at(sections.front()) + "[i] .. " + name_at(sections.back()) + "[i]" : across;
    std::string name = measure;
    for (int number = 2; name_refused(document_.study(), table(), name).has_value(); ++number) {
        name = measure + "_" + std::to_string(number);
    }
    page()->write_formula(page()->model().columnCount() - 1,
                          QString::fromStdString(name + " = " + measure + "(" + across + ")"));
}

void FormulaCommands::spread() {
    const std::vector<Id> columns = page()->view().chosen_columns();
    if (columns.empty()) {
        return document_.refuse({N_("Select the columns first. In the formula, each stands for one of them."), {}});
    }
    page()->spread(columns, QStringLiteral("share = each / sum(each)"));
    QTextCursor cursor = page()->editor().line().textCursor();
    cursor.select(QTextCursor::Document);
    page()->editor().line().setTextCursor(cursor);
}

} // namespace ledgefall

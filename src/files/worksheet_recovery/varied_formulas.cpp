// Columns whose formulas differ from row to row only in a number or a text: the condition of a count, a class boundary.

#include "core/formula/names.h"
#include "files/worksheet_recovery/column_recovery.h"

#include <algorithm>

namespace ledgefall {
namespace {

using Is = WorksheetReport::Line::Is;

/// How a condition is told: "counts below".
std::string word_of(const std::string& sign) {
    return sign == "<" ? "below" : sign == "<=" ? "up to" : sign == ">" ? "above" : sign == ">=" ? "from" : "value";
}

} // namespace

bool ColumnRecovery::recover_varied(std::size_t field, const Cells& cells, RecoveredColumn& out) {
    constexpr std::size_t fewest_rows = 3;
    std::vector<FormulaShape> shapes;
    shapes.reserve(cells.size());
    for (const SheetCell* cell : cells) {
        if (cell == nullptr || cell->formula == nullptr || !cell->formula->tree) {
            return false;
        }
        shapes.push_back(shape_of(*cell->formula->tree));
    }
    if (shapes.size() < fewest_rows || std::any_of(shapes.begin(), shapes.end(), [&](const FormulaShape& shape) {
            return shape.says != shapes.front().says || shape.constants.size() != shapes.front().constants.size();
        })) {
        return false;
    }
    FormulaTranslator::Replaced replaced;
    std::vector<ColumnDefinition> added;
    for (std::size_t at = 0; at < shapes.front().constants.size(); ++at) {
        std::vector<ShapeConstant> constants;
        constants.reserve(shapes.size());
        for (const FormulaShape& shape : shapes) {
            constants.push_back(constant_of(*shape.constants[at]));
        }
        if (std::all_of(constants.begin(), constants.end(), [&](const auto& one) { return one == constants[0]; })) {
            continue;
        }
        if (std::any_of(constants.begin(), constants.end(),
                        [&](const auto& one) { return one.number != constants[0].number; })) {
            return false;
        }
        const SheetNode* node = shapes.front().constants[at];
        added.push_back(column_of_constants(constants, out.definition.name));
        replaced[node] = added.back().name + "[i]";
        report_progression(constants, field);
    }
    SheetFormulaPlace at{{table_.sheet, table_.cell(0, field)}, number_, false, field, 0, cells.size()};
    const Result<TranslatedFormula> said = translator_.translate(*cells.front()->formula->tree, at, replaced);
    if (!said) {
        return false;
    }
    ColumnDefinition& column = out.definition;
    column.cells = Column(Kind::number);
    column.pieces = {{Formula(said->text), {}, {}}};
    report_.add(Is::recovered, place(0, field), {"%1 = %2", {column.name, said->text}});
    report_slips(*said, place(0, field), cells.size());
    out.constants = std::move(added);
    return true;
}

ColumnDefinition ColumnRecovery::column_of_constants(const std::vector<ShapeConstant>& constants,
                                                     const std::string& near) {
    ColumnDefinition out;
    out.label = word_of(constants.front().sign);
    const std::string wanted = name_from_label(constants.front().sign.empty() ? near + "_value" : out.label);
    out.name = free_name(wanted, [this](const std::string& name) {
        return std::find(names_.begin(), names_.end(), name) != names_.end();
    });
    names_.push_back(out.name);
    Column cells(constants.front().number ? Kind::number : Kind::text);
    for (const ShapeConstant& one : constants) {
        cells.append(one.number ? Value::number(one.value) : Value::text(Text(one.text)));
    }
    out.cells = cells;
    return out;
}

/// Numbers that go up by the same step but for one of them: that one is told.
void ColumnRecovery::report_progression(const std::vector<ShapeConstant>& constants, std::size_t field) {
    if (!constants.front().number || constants.size() < 4) {
        return;
    }
    std::map<double, std::size_t> steps;
    for (std::size_t row = 1; row < constants.size(); ++row) {
        ++steps[constants[row].value - constants[row - 1].value];
    }
    const auto usual =
        std::max_element(steps.begin(), steps.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    const double step = usual->first;
    // A number that is out of line spoils the step to it and the step from it.
    if (usual->second + 2 < constants.size() - 1 || step == 0) {
        return;
    }
    for (std::size_t row = 1; row + 1 < constants.size(); ++row) {
        const double between = constants[row - 1].value + step;
        if (constants[row].value != between && constants[row + 1].value == between + step) {
            report_.add(Is::slip, place(row, field),
                        {N_("Row %1 counts %2 %3, but the rows around it go up by %4 to %5. It is kept as it is in the "
                            "column %2. To correct it, type %5 there."),
                         {std::to_string(row + 1), word_of(constants[row].sign), shortest(constants[row].value),
                          shortest(step), shortest(between)}});
        }
    }
}

} // namespace ledgefall

// Edits of held values and feet.

#include "core/formula/names.h"
#include "core/study/edits.h"
#include "core/study/parts.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// A definition of a single literal, with or without a minus, is a given value; anything else is worked.
std::optional<Value> literal(const Node& node) {
    if (node.type == NodeType::number) {
        return Value::number(node.number);
    }
    if (node.type == NodeType::text) {
        return Value::text(Text(node.text));
    }
    if (node.type == NodeType::word && (node.text == "yes" || node.text == "no")) {
        return Value::yes_no(node.text == "yes");
    }
    if (node.type == NodeType::word && node.text == "missing") {
        return Value::missing();
    }
    const bool negated = node.type == NodeType::unary && node.op == Operator::negate;
    if (negated && node.kid(0).type == NodeType::number) {
        return Value::number(-node.kid(0).number);
    }
    if (node.type == NodeType::unary && node.op == Operator::percent && node.kid(0).type == NodeType::number) {
        return Value::number(node.kid(0).number / 100);
    }
    return std::nullopt;
}

void take(HeldValue& held, const Definition& definition) {
    held.name = definition.name.empty() ? held.name : definition.name;
    held.unit = definition.unit.empty() ? held.unit : definition.unit;
    held.parameters = definition.parameters;
    const std::optional<Value> given =
        definition.parameters.empty() ? literal(*definition.formula) : std::optional<Value>();
    held.value = given ? *given : Value::missing();
    held.formula = given ? Formula() : Formula(definition.formula_text());
    const bool percent =
        given && definition.formula->type == NodeType::unary && definition.formula->op == Operator::percent;
    held.format = percent && held.format == Format() ? Format{Format::Style::percent, 0} : held.format;
}

const HeldValue* held_with(const Study& study, Id id, const Table*& table) {
    table = table_with(study, &Table::ledge, id);
    const auto& ledge = table == nullptr ? study.ledge : table->ledge;
    for (const auto& held : ledge) {
        if (held->id == id) {
            return &*held;
        }
    }
    return nullptr;
}

/// A held function must not take the name of one of the language's, and each of its parameters is a name by itself.
std::optional<Sentence> function_refused(const Definition& definition) {
    for (std::size_t at = 0; at < definition.parameters.size(); ++at) {
        const std::string& parameter = definition.parameters[at];
        const auto same = std::find(definition.parameters.begin(), definition.parameters.end(), parameter);
        if (!is_name(parameter) || same != definition.parameters.begin() + static_cast<std::ptrdiff_t>(at)) {
            return Sentence{"%1 cannot be what %2 is taken of: write different names there, as in force(r) = G / r^2.",
                            {parameter, definition.name}};
        }
    }
    return std::nullopt;
}

std::optional<Sentence> foot_refused(const Formula& formula) {
    return formula.mistake() ? std::optional(formula.mistake()->what) : std::nullopt;
}

} // namespace

Result<Study> hold(const Study& study, Id table_id, const std::string& text, Id* added) {
    const ParsedDefinition parsed = parse_definition(text, true);
    if (parsed.mistake) {
        return parsed.mistake->what;
    }
    if (auto refused = function_refused(parsed.definition)) {
        return *refused;
    }
    const Table* table = table_id.empty() ? nullptr : study.table(table_id);
    if (!table_id.empty() && table == nullptr) {
        return no_such_part;
    }
    const std::string& name = parsed.definition.name;
    const Binding same =
        table == nullptr ? look_up(study, nullptr, "", name) : look_up(study, nullptr, table->name, name);
    if (same.held != nullptr) {
        if (added != nullptr) {
            *added = same.held->id;
        }
        return rehold(study, same.held->id, text);
    }
    if (auto refused = name_refused(study, table, name)) {
        return *refused;
    }
    Study out = study;
    HeldValue held;
    held.id = out.fresh_id("h");
    take(held, parsed.definition);
    if (added != nullptr) {
        *added = held.id;
    }
    if (table == nullptr) {
        out.ledge.emplace_back(std::move(held));
        return keeping_meaning(study, out);
    }
    const Result<Study> with =
        with_table(std::move(out), table_id, [&held](Table& copy) { copy.ledge.emplace_back(std::move(held)); });
    return with ? Result<Study>(keeping_meaning(study, *with)) : with;
}

Result<Study> rehold(const Study& study, Id id, const std::string& text) {
    const ParsedDefinition parsed = parse_definition(text);
    if (parsed.mistake) {
        return parsed.mistake->what;
    }
    const Table* table = nullptr;
    const HeldValue* held = held_with(study, id, table);
    if (held == nullptr) {
        return no_such_part;
    }
    if (auto refused = function_refused(parsed.definition)) {
        return *refused;
    }
    const std::string& name = parsed.definition.name.empty() ? held->name : parsed.definition.name;
    if (auto refused = name_refused(study, table, name, id)) {
        return *refused;
    }
    Result<Study> out = with_held(study, id, [&parsed](HeldValue& copy) { take(copy, parsed.definition); });
    return out ? Result<Study>(keeping_meaning(study, *out)) : out;
}

Result<Study> note_held(Study study, Id id, const std::string& note) {
    return with_held(std::move(study), id, [&note](HeldValue& held) { held.note = note; });
}

Result<Study> format_held(Study study, Id id, const Format& format) {
    return with_held(std::move(study), id, [&format](HeldValue& held) { held.format = format; });
}

Result<Study> add_foot_line(Study study, Id table, const std::string& label, const std::string& text,
                            const std::vector<Id>& columns, Id* added) {
    FootLine line;
    line.id = study.fresh_id("f");
    line.label = label;
    line.formula = Formula(text);
    line.columns = columns;
    if (auto refused = foot_refused(line.formula)) {
        return *refused;
    }
    if (added != nullptr) {
        *added = line.id;
    }
    return with_table(std::move(study), table, [&line](Table& copy) { copy.foot.emplace_back(std::move(line)); });
}

Result<Study> set_foot_columns(Study study, Id id, const std::vector<Id>& columns) {
    return with_foot_line(std::move(study), id, [&columns](FootLine& line) { line.columns = columns; });
}

Result<Study> rewrite_foot_line(Study study, Id id, const std::string& label, const std::string& text) {
    const Formula formula(text);
    if (auto refused = foot_refused(formula)) {
        return *refused;
    }
    return with_foot_line(std::move(study), id, [&](FootLine& line) {
        line.label = label;
        line.formula = formula;
    });
}

Result<Study> format_foot_line(Study study, Id id, const Format& format) {
    return with_foot_line(std::move(study), id, [&format](FootLine& line) { line.format = format; });
}

Result<Study> remove_foot_line(Study study, Id id) {
    const Table* table = table_with(study, &Table::foot, id);
    if (table == nullptr) {
        return no_such_part;
    }
    return with_table(std::move(study), table->id, [id](Table& copy) {
        std::erase_if(copy.foot, [id](const auto& line) { return line->id == id; });
    });
}

} // namespace ledgefall

// Edits of held values and feet.

#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace ledgefall {
namespace {

/// A definition of a single literal, with or without a minus, is a given value; anything else is computed.
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
    const bool unchosen = held.format == Format() || held.format.style == Format::Style::percent;
    if (percent && unchosen) { // as many decimals as were written
        const std::string written = shortest(definition.formula->kid(0).number);
        const std::size_t point = written.find('.');
        const bool plain = written.find('e') == std::string::npos && point != std::string::npos;
        held.format = {Format::Style::percent, plain ? static_cast<int>(written.size() - point) - 1 : 0};
    }
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

/// Of `d = 2024-02-29`: what stands before the sign, and the day, where that can only be one.
std::pair<std::string, std::optional<double>> given_date(const std::string& text) {
    const std::size_t sign = text.find('=');
    if (sign == std::string::npos || has_two_dates(text.substr(sign + 1))) {
        return {};
    }
    return {text.substr(0, sign), read_spelled_date(text.substr(sign + 1))};
}

/// A held function must not take the name of one of the language's, and each of its parameters is a name by itself.
std::optional<Sentence> function_refused(const Definition& definition) {
    for (std::size_t at = 0; at < definition.parameters.size(); ++at) {
        const std::string& parameter = definition.parameters[at];
        const auto same = std::find(definition.parameters.begin(), definition.parameters.end(), parameter);
        if (!is_name(parameter) || same != definition.parameters.begin() + static_cast<std::ptrdiff_t>(at)) {
            return Sentence{N_("%1 cannot be an argument of %2. Use different names, as in force(r) = G / r^2."),
                            {parameter, definition.name}};
        }
    }
    return std::nullopt;
}

std::optional<Sentence> foot_refused(const Formula& formula) {
    return formula.mistake() ? std::optional(formula.mistake()->what) : std::nullopt;
}

/// The label of a foot line is its name in the table's other foot lines: they follow it.
void rename_in_foot(const Study& study, Table& table, const std::string& before, const std::string& after) {
    for (auto& line : table.foot) {
        if (!line->formula.tree()) {
            continue;
        }
        std::vector<Span> places;
        for_each_name(*line->formula.tree(), [&](const Node& name) {
            const FootLine* meant = foot_line_meant(study, &table, name);
            if (meant != nullptr && meant->label == before) {
                places.push_back(name.span);
            }
        });
        std::string text = line->formula.text();
        std::sort(places.begin(), places.end(), [](Span a, Span b) { return a.from > b.from; });
        for (const Span& place : places) {
            text.replace(place.from, place.to - place.from, after);
        }
        if (!places.empty()) {
            line.edit([&text](FootLine& copy) { copy.formula = Formula(text); });
        }
    }
}

/// Why a foot line of `table` cannot be labelled so: what else is called so would be meant, and two of one name, which
/// of them would not be seen.
std::optional<Sentence> foot_label_refused(const Study& study, const Table& table, const std::string& label, Id line) {
    const auto same = [&](const auto& other) { return other->label == label && !(other->id == line); };
    if (std::any_of(table.foot.begin(), table.foot.end(), same)) {
        return Sentence{N_("This table already has a foot line called %1. Choose another name."), {label}};
    }
    return name_refused(study, &table, label);
}

} // namespace

Result<Study> hold(const Study& study, Id table_id, const std::string& text, Id* added, Meanings meanings) {
    const ParsedDefinition parsed = parse_definition(text, true);
    if (parsed.mistake) {
        const auto [name, day] = given_date(text);
        Id id;
        const Result<Study> with = day ? hold(study, table_id, name + "= 0", &id, meanings) : parsed.mistake->what;
        if (added != nullptr) {
            *added = id;
        }
        return with ? give_held(*with, id, Value::of(*day, Kind::date, State::plain)) : with;
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
    } else {
        out = *with_table(std::move(out), table_id, [&held](Table& copy) { copy.ledge.emplace_back(std::move(held)); });
    }
    return meanings == Meanings::kept ? keeping_meaning(study, out) : out;
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
    const bool same_name = name == held->name && held->is_function() == !parsed.definition.parameters.empty();
    Result<Study> out = with_held(study, id, [&parsed](HeldValue& copy) { take(copy, parsed.definition); });
    return out && !same_name ? Result<Study>(keeping_meaning(study, *out)) : out;
}

bool belongs_to_table(const Study& study, Id table_id, const std::string& text) {
    const Table* table = study.table(table_id);
    const ParsedDefinition parsed = parse_definition(text, true);
    bool belongs = false;
    if (table != nullptr && parsed.definition.formula) {
        for_each_name(
            *parsed.definition.formula,
            [&](const Node& name) {
                belongs =
                    belongs || (!meaning_of(study, nullptr, name).exists() && meaning_of(study, table, name).exists());
            },
            parsed.definition.parameters);
    }
    return belongs;
}

Result<Study> note_held(Study study, Id id, const std::string& note) {
    return with_held(std::move(study), id, [&note](HeldValue& held) { held.note = note; });
}

Result<Study> format_held(Study study, Id id, const Format& format) {
    return with_held(std::move(study), id, [&format](HeldValue& held) { held.format = format; });
}

Result<Study> give_held(Study study, Id id, const Value& value) {
    const Table* table = nullptr;
    const HeldValue* held = held_with(study, id, table);
    if (held == nullptr) {
        return no_such_part;
    }
    if (!held->formula.empty()) {
        return Sentence{N_("%1 is computed by its formula. To change it, replace the formula with a value."),
                        {held->name}};
    }
    return with_held(std::move(study), id, [&value](HeldValue& copy) { copy.value = value; });
}

Result<Study> detail_held(Study study, Id id, const HeldDetails& details) {
    const auto& slider = details.slider;
    if (slider && !(std::isfinite(slider->from) && std::isfinite(slider->to) && slider->from < slider->to &&
                    slider->step > 0 && slider->step <= slider->to - slider->from)) {
        return Sentence{N_("A slider needs a lower and a higher end, and a step above 0 that fits between them."), {}};
    }
    return with_held(std::move(study), id, [&details](HeldValue& held) {
        held.unit = details.unit;
        held.note = details.note;
        held.group = details.group;
        const std::string of_slider = held.slider ? held.slider->unknown_fields : std::string();
        const std::string of_choices = held.choices.unknown_fields;
        held.slider = details.slider;
        held.choices = details.choices;
        if (held.slider) {
            held.slider->unknown_fields = of_slider;
        }
        if (!held.choices.empty()) {
            held.choices.unknown_fields = of_choices;
        }
    });
}

Result<Study> move_held(Study study, Id id, std::size_t to) {
    const auto moved = [&](std::vector<Shared<HeldValue>>& ledge) {
        const auto it = std::find_if(ledge.begin(), ledge.end(), [id](const auto& held) { return held->id == id; });
        if (it == ledge.end()) {
            return false;
        }
        const Shared<HeldValue> held = *it;
        ledge.erase(it);
        ledge.insert(ledge.begin() + static_cast<std::ptrdiff_t>(std::min(to, ledge.size())), held);
        return true;
    };
    if (moved(study.ledge)) {
        return study;
    }
    const Table* table = table_with(study, &Table::ledge, id);
    return table == nullptr ? Result<Study>(no_such_part)
                            : with_table(std::move(study), table->id, [&](Table& copy) { moved(copy.ledge); });
}

Result<Study> shelve_held(const Study& study, Id id, Id to) {
    const Table* from = nullptr;
    const HeldValue* held = held_with(study, id, from);
    const Table* table = to.empty() ? nullptr : study.table(to);
    if (held == nullptr || (!to.empty() && table == nullptr)) {
        return no_such_part;
    }
    if (auto refused = name_refused(study, table, held->name, id)) {
        return *refused;
    }
    Study out = study;
    const HeldValue copy = *held;
    const auto off = [id](std::vector<Shared<HeldValue>>& ledge) {
        std::erase_if(ledge, [id](const auto& one) { return one->id == id; });
    };
    off(out.ledge);
    if (from != nullptr) {
        out = *with_table(std::move(out), from->id, [&off](Table& changed) { off(changed.ledge); });
    }
    if (table == nullptr) {
        out.ledge.emplace_back(copy);
    } else {
        out = *with_table(std::move(out), to, [&copy](Table& changed) { changed.ledge.emplace_back(copy); });
    }
    return keeping_meaning(study, out);
}

std::vector<Value> choices_of(const Study& study, const HeldValue& held) {
    constexpr std::size_t most_choices = 500;
    const Table* table = table_with(study, &Table::columns, held.choices.column);
    std::vector<Value> values = held.choices.listed;
    if (table == nullptr) {
        return values;
    }
    std::set<std::string> names; // by what is typed for it
    const Column& cells = *table->column(held.choices.column)->cells;
    for (std::size_t row = 0; row < cells.size() && values.size() < most_choices; ++row) {
        const Value value = cells.at(row);
        if (value.plain() && names.insert(write_cell(value)).second) {
            values.push_back(value);
        }
    }
    return values;
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

Result<Study> define_foot_line(Study study, Id table_id, const std::string& text, const std::vector<Id>& columns,
                               Id* added) {
    const Table* table = study.table(table_id);
    if (table == nullptr) {
        return no_such_part;
    }
    const ParsedDefinition parsed = parse_definition(text);
    const bool named = !parsed.mistake && !parsed.definition.name.empty() && parsed.definition.parameters.empty();
    if (!named) {
        return add_foot_line(std::move(study), table_id, text, text, columns, added);
    }
    if (auto refused = foot_label_refused(study, *table, parsed.definition.name, {})) {
        return *refused;
    }
    return add_foot_line(std::move(study), table_id, parsed.definition.name, parsed.definition.formula_text(), columns,
                         added);
}

Result<Study> redefine_foot_line(Study study, Id id, const std::string& text) {
    const Table* table = table_with(study, &Table::foot, id);
    if (table == nullptr) {
        return no_such_part;
    }
    const auto line =
        std::find_if(table->foot.begin(), table->foot.end(), [id](const auto& one) { return one->id == id; });
    const ParsedDefinition parsed = parse_definition(text);
    const bool named = !parsed.mistake && !parsed.definition.name.empty() && parsed.definition.parameters.empty();
    if (!named) {
        return rewrite_foot_line(std::move(study), id, is_name((*line)->label) ? (*line)->label : text, text);
    }
    const std::string before = (*line)->label;
    const std::string after = parsed.definition.name;
    if (before != after) {
        if (auto refused = foot_label_refused(study, *table, after, id)) {
            return *refused;
        }
        const Study as_it_was = study;
        Result<Study> renamed = with_table(std::move(study), table->id,
                                           [&](Table& copy) { rename_in_foot(as_it_was, copy, before, after); });
        if (!renamed) {
            return renamed;
        }
        study = std::move(*renamed);
    }
    return rewrite_foot_line(std::move(study), id, after, parsed.definition.formula_text());
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
    for (const auto& line : table->foot) {
        bool uses = false;
        if (line->formula.tree() && !(line->id == id)) {
            for_each_name(*line->formula.tree(), [&](const Node& name) {
                const FootLine* meant = foot_line_meant(study, table, name);
                uses = uses || (meant != nullptr && meant->id == id);
            });
        }
        if (uses) {
            return Sentence{N_("The foot line %1 uses this one. Change that first."), {line->label}};
        }
    }
    return with_table(std::move(study), table->id, [id](Table& copy) {
        std::erase_if(copy.foot, [id](const auto& line) { return line->id == id; });
    });
}

} // namespace ledgefall

#include "core/authoring/completion.h"

#include "core/formula/lexer.h"
#include "core/formula/names.h"
#include "core/stats/quantile.h"

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

using What = Completion::What;

constexpr std::array<std::pair<const char*, const char*>, 22> units = {{
    {"mm", N_("millimetre")},
    {"cm", N_("centimetre")},
    {"m", N_("metre")},
    {"km", N_("kilometre")},
    {"in", N_("inch")},
    {"ft", N_("foot")},
    {"mi", N_("mile")},
    {"s", N_("second")},
    {"min", N_("minute")},
    {"h", N_("hour")},
    {"day", N_("day")},
    {"mg", N_("milligram")},
    {"g", N_("gram")},
    {"kg", N_("kilogram")},
    {"lb", N_("pound")},
    {"degC", N_("degree Celsius")},
    {"degF", N_("degree Fahrenheit")},
    {"K", N_("kelvin")},
    {"m/s", N_("metre per second")},
    {"km/h", N_("kilometre per hour")},
    {"L", N_("litre")},
    {"mL", N_("millilitre")},
}};

struct Before {
    std::vector<Token> tokens; ///< of the formula up to the cursor, without the end
    bool in_quotes = false;
    std::uint32_t quotes_from = 0; ///< behind the opening quote
};

/// The tokens before the cursor. A text that is still open is told apart, since as a token it would be a mistake.
Before read_before(const std::string& text) {
    Before out;
    std::size_t open = std::string::npos;
    for (std::size_t at = 0; at < text.size(); ++at) {
        if (text[at] == '"') {
            open = open == std::string::npos ? at : std::string::npos;
        }
    }
    out.in_quotes = open != std::string::npos;
    out.quotes_from = out.in_quotes ? static_cast<std::uint32_t>(open + 1) : 0;
    out.tokens = read_tokens(out.in_quotes ? text.substr(0, open) : text).all;
    if (!out.tokens.empty() && out.tokens.back().type == TokenType::end) {
        out.tokens.pop_back();
    }
    return out;
}

bool is_sign(const Token& token, std::string_view sign) {
    return token.type == TokenType::sign && token.text == sign;
}

bool begins_with(const std::string& text, const std::string& prefix) {
    return text.size() > prefix.size() && text.compare(0, prefix.size(), prefix) == 0;
}

/// Where the innermost bracket that is still open stands, with how many commas follow it.
struct Open {
    std::size_t token = 0;
    std::size_t commas = 0;
};
std::optional<Open> innermost_open(const std::vector<Token>& tokens) {
    std::vector<Open> open;
    for (std::size_t at = 0; at < tokens.size(); ++at) {
        if (is_sign(tokens[at], "(") || is_sign(tokens[at], "[")) {
            open.push_back({at, 0});
        } else if ((is_sign(tokens[at], ")") || is_sign(tokens[at], "]")) && !open.empty()) {
            open.pop_back();
        } else if (is_sign(tokens[at], ",") && !open.empty()) {
            ++open.back().commas;
        }
    }
    return open.empty() ? std::nullopt : std::optional(open.back());
}

std::optional<OpenCall> call_of(const std::vector<Token>& tokens, const Study& study, const Table* own) {
    const auto open = innermost_open(tokens);
    if (!open || open->token == 0 || !is_sign(tokens[open->token], "(") ||
        tokens[open->token - 1].type != TokenType::name) {
        return std::nullopt;
    }
    OpenCall call;
    call.name = tokens[open->token - 1].text;
    call.argument = open->commas;
    call.held = called_function(study, own, "", call.name);
    call.function = call.held == nullptr ? find_function(call.name) : nullptr;
    return call.held == nullptr && call.function == nullptr ? std::nullopt : std::optional(call);
}

/// The column that a text in quotes is compared with: `site = "`, `site in ("pool", "`.
const ColumnDefinition* compared_column(const std::vector<Token>& tokens, const Study& study, const Table* own) {
    std::size_t at = tokens.size();
    if (const auto open = innermost_open(tokens);
        open && open->token > 0 && is_sign(tokens[open->token], "(") && tokens[open->token - 1].text == "in") {
        at = open->token;
    }
    static const std::array<std::string_view, 4> comparing = {"=", "!=", "in", "~="};
    if (at < 2 || std::find(comparing.begin(), comparing.end(), tokens[at - 1].text) == comparing.end() ||
        tokens[at - 2].type != TokenType::name) {
        return nullptr;
    }
    const bool owned = at >= 4 && is_sign(tokens[at - 3], ".") && tokens[at - 4].type == TokenType::name;
    return look_up(study, own, owned ? tokens[at - 4].text : "", tokens[at - 2].text).column;
}

void add_names(const Study& study, const Table* own, const std::string& prefix, std::vector<Completion>& all) {
    const auto add = [&](What what, const std::string& name, const std::string& about) {
        const bool any = std::any_of(all.begin(), all.end(), [&](const Completion& one) { return one.text == name; });
        if (begins_with(name, prefix) && !any) {
            all.push_back({what, name, about});
        }
    };
    const auto add_held = [&](const std::vector<Shared<HeldValue>>& ledge) {
        for (const auto& held : ledge) {
            const bool noted = !held->note.empty();
            add(What::held, held->is_function() ? held->name + "(" : held->name,
                noted                 ? held->note
                : held->computed()    ? "= " + held->formula.text()
                : held->is_function() ? held->left_side()
                                      : write_cell(held->value));
        }
    };
    if (own != nullptr) {
        for (const auto& column : own->columns) {
            const std::string unit = column->unit.empty() ? "" : " [" + column->unit + "]";
            add(What::column, column->name,
                column->computed()      ? "= " + column->pieces.front().formula.text()
                : column->label.empty() ? unit
                                        : column->label + unit);
        }
        for (const auto& group : own->groups) {
            add(What::group, group->name, group->label);
        }
        for (const Axis* axis : own->axes()) {
            if (axis->column) {
                add(What::column, (*axis->column)->name, "");
            }
        }
        add_held(own->ledge);
    }
    add_held(study.ledge);
}

void add_functions(const std::string& prefix, std::vector<Completion>& all) {
    for (const Function& function : catalogue()) {
        const std::string name = std::string(function.name) + (function.arguments.empty() ? "()" : "(");
        const bool any = std::any_of(all.begin(), all.end(), [&](const Completion& one) { return one.text == name; });
        if (begins_with(name, prefix) && !any) {
            all.push_back({What::function, name, std::string(function.purpose)});
        }
    }
}

void add_words(const std::string& prefix, std::vector<Completion>& all) {
    static const std::array<std::pair<const char*, const char*>, 14> words = {{
        {"if ", N_("if … then … else …")},
        {"then ", ""},
        {"else ", ""},
        {"first ", N_("first … then …: each row from the row before")},
        {"where ", N_("only the rows where a condition holds")},
        {"for ", N_("a sum over a range of numbers: for k in 0..10")},
        {"and ", ""},
        {"or ", ""},
        {"not ", ""},
        {"mod ", N_("the remainder of a division")},
        {"missing", N_("no value")},
        {"rows", N_("the number of rows")},
        {"row", N_("this row's number")},
        {"ledge.", N_("the study's held values")},
    }};
    for (const auto& [word, about] : words) {
        if (begins_with(word, prefix) && prefix.size() > 1) {
            all.push_back({What::word, word, about});
        }
    }
}

Completions of_texts(const std::string& text, const Before& before, const Study& study, const Table* own,
                     const TextsOf& texts_of) {
    Completions out;
    out.from = before.quotes_from;
    const std::string prefix = text.substr(before.quotes_from);
    if (const auto call = call_of(before.tokens, study, own); call && call->takes_unit()) {
        for (const auto& [unit, about] : units) {
            if (std::string(unit).starts_with(prefix)) {
                out.all.push_back({What::unit, std::string(unit) + "\"", about});
            }
        }
        return out;
    }
    const ColumnDefinition* column = compared_column(before.tokens, study, own);
    for (const std::string& one : column == nullptr ? std::vector<std::string>() : texts_of(*column)) {
        if (one.starts_with(prefix)) {
            out.all.push_back({What::value, one + "\"", column->name});
        }
    }
    return out;
}

/// The neighbours of the column that is written, as a measure takes them.
void add_neighbours(const Table& own, Id written, std::vector<Completion>& all) {
    std::size_t end = own.columns.size();
    for (std::size_t at = 0; at < own.columns.size(); ++at) {
        end = own.columns[at]->id == written ? at : end;
    }
    const auto is_number = [&own](std::size_t at) {
        return own.columns[at]->computed() || own.columns[at]->cells->kind() == Kind::number;
    };
    std::size_t from = end;
    while (from > 0 && is_number(from - 1)) {
        --from;
    }
    if (end - from > 1) {
        all.push_back({What::column, own.columns[from]->name + "[i] .. " + own.columns[end - 1]->name + "[i]",
                       N_("the numbers to the left, in this row")});
    }
    if (end > from) {
        all.push_back({What::column, own.columns[end - 1]->name, N_("the column to the left, all of its rows")});
    }
}

/// The choices of a place where nothing has been begun yet.
Completions of_place(const std::string& text, const Before& before, const Study& study, const Table* own, Id written) {
    Completions out;
    out.from = static_cast<std::uint32_t>(text.size());
    const auto call = call_of(before.tokens, study, own);
    const bool opened = call && call->function != nullptr && call->function->is_measure() && call->argument == 0;
    if (opened && own != nullptr && !text.empty() && text.back() == '(' && is_sign(before.tokens.back(), "(")) {
        add_neighbours(*own, written, out.all);
        return out;
    }
    const bool begins = !before.tokens.empty() && (is_sign(before.tokens.back(), ",") || text.back() == ' ');
    if (!call || call->function == nullptr || !begins || !is_sign(before.tokens.back(), ",")) {
        return out;
    }
    if (call->function->takes_type && call->argument + 1 == call->function->arguments.size()) {
        for (std::size_t type = 1; type <= quantile_methods.size(); ++type) {
            out.all.push_back({What::method, std::to_string(type), std::string(quantile_methods[type - 1])});
        }
    }
    if (call->takes_unit()) {
        for (const auto& [unit, about] : units) {
            out.all.push_back({What::unit, "\"" + std::string(unit) + "\"", about});
        }
    }
    return out;
}

} // namespace

Completions completions_for(const std::string& text, const Study& study, const Table* own, const TextsOf& texts_of,
                            Id written) {
    const Before before = read_before(text);
    if (before.in_quotes) {
        return of_texts(text, before, study, own, texts_of);
    }
    const auto& tokens = before.tokens;
    const bool at_end = !tokens.empty() && tokens.back().span.to == text.size();
    const bool in_name = at_end && tokens.back().type == TokenType::name;
    const bool after_point = at_end && is_sign(tokens.back(), ".");
    if (!in_name && !after_point) {
        return of_place(text, before, study, own, written);
    }
    Completions out;
    const std::string prefix = in_name ? tokens.back().text : "";
    out.from = in_name ? tokens.back().span.from : static_cast<std::uint32_t>(text.size());
    const std::size_t point = tokens.size() - (in_name ? 2 : 1);
    if (tokens.size() >= (in_name ? 3U : 2U) && is_sign(tokens[point], ".")) {
        const std::string& owner = tokens[point - 1].text;
        const Table* other = study.table_named(owner);
        if (owner == "ledge") {
            add_names(study, nullptr, prefix, out.all);
        } else if (other != nullptr) {
            Study of_table; // the table's own names, without the study's
            add_names(of_table, other, prefix, out.all);
        }
        return out;
    }
    if (look_up(study, own, "", prefix).exists()) {
        return out; // it is a name already, and need not go on
    }
    add_names(study, own, prefix, out.all);
    for (const auto& table : study.tables) {
        if (begins_with(table->name + ".", prefix) && (own == nullptr || !(table->id == own->id))) {
            out.all.push_back({What::table, table->name + ".", table->label});
        }
    }
    add_functions(prefix, out.all);
    add_words(prefix, out.all);
    return out;
}

std::optional<OpenCall> open_call(const std::string& before, const Study& study, const Table* own) {
    return call_of(read_before(before).tokens, study, own);
}

} // namespace ledgefall

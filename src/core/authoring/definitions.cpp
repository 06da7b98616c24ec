#include "core/authoring/definitions.h"

#include "core/authoring/marks.h"
#include "core/formula/parser.h"
#include "core/study/model/parts.h"

#include <algorithm>
#include <set>
#include <unordered_map>
#include <utility>

namespace ledgefall {
namespace {

struct Line {
    std::size_t number = 0; ///< in the text, from 1
    std::string text;
    Definition definition;
    bool follows = false;
    Id written; ///< as what it has been taken
};

/// Whether a formula needs a row by itself: a recurrence, the row's number, a row beside it.
bool needs_row(const Node& node) {
    const bool here =
        node.type == NodeType::recurrence || (node.type == NodeType::word && (node.text == "row" || node.text == "i"));
    return here ||
           std::any_of(node.kids.begin(), node.kids.end(), [](const NodePtr& kid) { return kid && needs_row(*kid); });
}

Sentence in_line(const Line& line, const Sentence& why) {
    return {N_("Line %1: %2"), {std::to_string(line.number), why.text()}};
}

/// The study with the lines in it, as columns where they follow the row and as held values where they do not.
Result<WrittenDefinitions> with_lines(const Study& study, Id table, std::vector<Line>& lines, const StopToken& stop) {
    WrittenDefinitions out{study, {}, {}};
    for (Line& line : lines) {
        stop.throw_if_stopped();
        const Result<Study> next = line.follows
                                       ? write_column(out.study, table, line.text, &line.written, Meanings::as_written)
                                       : hold(out.study, table, line.text, &line.written, Meanings::as_written);
        if (!next) {
            return in_line(line, next.refusal());
        }
        out.study = *next;
        (line.follows ? out.columns : out.held).push_back(line.written);
    }
    out.study = keeping_meaning(study, out.study);
    return out;
}

/// Finds the lines that follow the row by what they refer to: a column that there is, or another line that follows.
/// They are looked at in a study in which all lines are columns that can be.
void find_followers(const Study& study, const Table& table, std::vector<Line>& lines, const StopToken& stop) {
    std::vector<Line> as_columns = lines;
    for (Line& line : as_columns) {
        line.follows = line.follows || look_up(study, nullptr, table.name, line.definition.name).held == nullptr;
    }
    const Result<WrittenDefinitions> all = with_lines(study, table.id, as_columns, stop);
    if (!all) {
        return; // one of them cannot be read; writing the lines says which and why
    }
    std::unordered_map<Id, std::size_t> line_of;
    for (std::size_t at = 0; at < lines.size(); ++at) {
        line_of.emplace(as_columns[at].written, at);
    }
    const NameIndex names(all->study);
    std::vector<std::vector<std::size_t>> referring(lines.size()); ///< to each line, in a way that would follow
    std::vector<std::size_t> following;
    for (std::size_t at = 0; at < lines.size(); ++at) {
        stop.throw_if_stopped();
        for (const Mark& mark : marks_of(*lines[at].definition.formula, all->study, all->study.table(table.id))) {
            if (mark.manner == Manner::stays) {
                continue;
            }
            const auto line = line_of.find(mark.id);
            if (line == line_of.end()) {
                lines[at].follows = true;
            } else {
                referring[line->second].push_back(at);
            }
        }
        if (lines[at].follows) {
            following.push_back(at);
        }
    }
    while (!following.empty()) {
        const std::size_t one = following.back();
        following.pop_back();
        for (const std::size_t other : referring[one]) {
            if (!std::exchange(lines[other].follows, true)) {
                following.push_back(other);
            }
        }
    }
}

} // namespace

std::vector<std::string> definition_lines(const std::string& text, std::size_t most) {
    std::vector<std::string> lines;
    for (std::size_t from = 0; from <= text.size() && lines.size() < most;) {
        const std::size_t end = std::min(text.find('\n', from), text.size());
        const std::string line = text.substr(from, end - from);
        if (line.find_first_not_of(" \t\r") != std::string::npos) {
            lines.push_back(line);
        }
        from = end + 1;
    }
    return lines;
}

Result<WrittenDefinitions> write_definitions(const Study& study, Id id, const std::string& text,
                                             const StopToken& stop) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return no_such_part;
    }
    std::vector<Line> lines;
    std::set<std::string> names;
    for (const std::string& written : definition_lines(text)) {
        ParsedDefinition parsed = parse_definition(written, true);
        Line line{lines.size() + 1, written, std::move(parsed.definition), false, {}};
        if (parsed.mistake) {
            return in_line(line, parsed.mistake->what);
        }
        if (!names.insert(line.definition.name).second) {
            return in_line(line, {N_("%1 is defined twice here. Keep one of the two."), {line.definition.name}});
        }
        line.follows = table->column_named(line.definition.name) != nullptr || needs_row(*line.definition.formula);
        lines.push_back(std::move(line));
    }
    find_followers(study, *table, lines, stop);
    return with_lines(study, id, lines, stop);
}

namespace {

/// How many of several lines, each of which names what it defines, can be read, and how many there are; nothing where
/// there is another line, which is mostly the first.
std::optional<std::pair<std::size_t, std::size_t>> readable_definitions(const std::string& text) {
    std::size_t readable = 0;
    std::size_t all = 0;
    for (const std::size_t most : {std::size_t(1), std::string::npos}) {
        readable = all = 0;
        for (const std::string& line : definition_lines(text, most)) {
            const ParsedDefinition parsed = parse_definition(line, true);
            if (line.find('\t') != std::string::npos || parsed.definition.name.empty()) {
                return std::nullopt;
            }
            readable += parsed.mistake ? 0 : 1;
            ++all;
        }
    }
    return all > 1 ? std::optional(std::pair(readable, all)) : std::nullopt;
}

} // namespace

bool is_definitions(const std::string& text) {
    const auto found = readable_definitions(text);
    return found && found->first == found->second;
}

bool is_meant_as_definitions(const std::string& text) {
    const auto found = readable_definitions(text);
    return found && 2 * found->first >= found->second;
}

Result<Study> with_rows_to_fall_down(const Result<Study>& study, Id id) {
    const Table* table = study ? study->table(id) : nullptr;
    if (table == nullptr || table->ids() == nullptr || table->ids()->size() > 0) {
        return study;
    }
    const bool falls = std::any_of(table->columns.begin(), table->columns.end(), [](const auto& column) {
        const Node* tree = column->computed() ? column->pieces.front().formula.tree().get() : nullptr;
        return tree != nullptr && tree->type == NodeType::recurrence;
    });
    return falls ? count_rows(*study, id, "100") : study;
}

} // namespace ledgefall

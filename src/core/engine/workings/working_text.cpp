// Where a person asks for a working, and the working as text.

#include "core/engine/planning/plan.h"
#include "core/engine/workings/working.h"
#include "core/study/model/scope.h"

#include <algorithm>

namespace ledgefall {

Result<WorkingPlace> place_of_working(const Study& study, const Results& results, const std::string& text) {
    for (const auto& table : study.tables) {
        for (const auto& line : table->foot) {
            for (const Id column : line->columns) {
                const DefinitionId id = DefinitionId::foot_value(line->id, column);
                if (display_name(study, id) == text) {
                    return WorkingPlace{id, 0};
                }
            }
        }
    }
    for (const auto& check : study.checks) {
        if (check->label == text) {
            return WorkingPlace{check->id, 0};
        }
    }
    const Formula place(text);
    const Sentence form{N_("Write a cell as Table.column[row], or as Table.layer[row, column] in a two-way table, and "
                           "a held value by its name. %1 is neither."),
                        {text}};
    if (!place.tree()) {
        return form;
    }
    const Node& tree = *place.tree();
    const bool indexed =
        tree.type == NodeType::index && std::all_of(tree.kids.begin() + 1, tree.kids.end(), [](const NodePtr& kid) {
            return kid->type == NodeType::number && kid->number >= 0 && kid->number < 1e9;
        });
    const Node& name = indexed ? tree.kid(0) : tree;
    if (name.type != NodeType::name) {
        return form;
    }
    const Table* first = study.tables.empty() ? nullptr : &*study.tables.front();
    const Binding binding = look_up(study, first, name.owner, name.text);
    if (!binding.exists() || binding.group != nullptr || (binding.column != nullptr) != indexed) {
        return form;
    }
    auto row = indexed ? static_cast<std::size_t>(tree.kid(1).number) : 0;
    const bool in_grid = indexed && binding.table->two_way() && binding.table->axis_of(binding.id()) == nullptr;
    if (indexed && in_grid != (tree.kids.size() == 3)) {
        return form;
    }
    if (in_grid) {
        const std::size_t columns = results.rows((*binding.table->across->column)->id);
        const auto column = static_cast<std::size_t>(tree.kid(2).number);
        row = row < 1 || column < 1 || column > columns ? 0 : (row - 1) * columns + column;
    }
    return WorkingPlace{binding.id(), row};
}

namespace {

void write(const Working& working, const std::string& indent, std::string& out) {
    for (const Sentence& note : working.notes) {
        out += indent + "(" + note.text() + ")\n";
    }
    for (std::size_t at = 0; at < working.lines.size(); ++at) {
        // Further steps stand below the first, their equals signs one below the other.
        std::size_t width = 0;
        for (const char c : working.what) {
            width += (static_cast<unsigned char>(c) & 0xC0U) != 0x80U ? 1 : 0;
        }
        out += indent + (at == 0 ? working.what : std::string(width, ' ')) + " = " + working.lines[at] + "\n";
    }
    for (const Working& part : working.parts) {
        write(part, indent + "    ", out);
    }
}

} // namespace

std::string working_text(const Working& working) {
    std::string out;
    write(working, "", out);
    return out;
}

} // namespace ledgefall

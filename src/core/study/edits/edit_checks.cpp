// Edits of checks.

#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

std::optional<Sentence> refused(const CheckText& text) {
    const Formula condition(text.condition);
    return condition.mistake() ? std::optional(condition.mistake()->what) : std::nullopt;
}

void take(Check& check, const CheckText& text) {
    check.condition = Formula(text.condition);
    check.label = text.label.empty() ? text.condition : text.label;
    check.message = text.message;
}

} // namespace

Result<Study> add_check(Study study, Id table, const CheckText& text, Id* added) {
    if (auto why = refused(text)) {
        return *why;
    }
    if (!table.empty() && study.table(table) == nullptr) {
        return no_such_part;
    }
    Check check;
    check.id = study.fresh_id("k");
    check.table = table;
    take(check, text);
    if (added != nullptr) {
        *added = check.id;
    }
    study.checks.emplace_back(std::move(check));
    return study;
}

Result<Study> rewrite_check(Study study, Id id, const CheckText& text) {
    Shared<Check>* check = part_with(study.checks, id);
    if (check == nullptr) {
        return no_such_part;
    }
    if (auto why = refused(text)) {
        return *why;
    }
    check->edit([&text](Check& copy) { take(copy, text); });
    return study;
}

Result<Study> remove_check(Study study, Id id) {
    if (part_with(study.checks, id) == nullptr) {
        return no_such_part;
    }
    std::erase_if(study.checks, [id](const auto& check) { return check->id == id; });
    return study;
}

} // namespace ledgefall

#include "core/study/row_sources/class_rows.h"

#include "core/value/interval.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

RowSourcePtr read(FieldReader& in) {
    Classes classes;
    classes.boundaries = in.numbers("edges");
    const auto& edges = classes.boundaries;
    const auto falls = std::adjacent_find(edges.begin(), edges.end(), std::greater_equal<>());
    if (falls != edges.end()) {
        in.refuse("edges[" + std::to_string(falls - edges.begin() + 1) + "]",
                  NC_("Kind", "a number above the one before"));
    } else if (edges.size() < 2 || edges.size() > 100'000) {
        in.refuse("edges", NC_("Kind", "a list of increasing numbers"));
    }
    classes.closed_left = in.text("closed") != "right";
    in.number("recorded_to", classes.recorded_to);
    if (classes.recorded_to < 0) {
        in.refuse("recorded_to", NC_("Kind", "a number of 0 or more"));
    }
    const std::vector<std::string> open = in.texts("open_ends");
    classes.open_below = std::find(open.begin(), open.end(), "first") != open.end();
    classes.open_above = std::find(open.begin(), open.end(), "last") != open.end();
    return std::make_shared<ClassRows>(std::move(classes));
}

} // namespace

RowSourceKind ClassRows::described() {
    return {.name = N_("classes"), .needs = "edges", .read = &read};
}

std::vector<Value> Classes::intervals() const {
    std::vector<Value> all;
    const double infinity = std::numeric_limits<double>::infinity();
    const auto add = [&](double lower, double upper) {
        all.push_back(interval_value({lower, upper, closed_left, !closed_left, recorded_to}));
    };
    if (open_below && !boundaries.empty()) {
        add(-infinity, boundaries.front());
    }
    for (std::size_t at = 1; at < boundaries.size(); ++at) {
        add(boundaries[at - 1], boundaries[at]);
    }
    if (open_above && !boundaries.empty()) {
        add(boundaries.back(), infinity);
    }
    return all;
}

bool ClassRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const ClassRows*>(&other);
    return rows != nullptr && rows->classes_ == classes_;
}

std::vector<Sentence> ClassRows::in_words(const std::function<std::string(Id)>&) const {
    return {{N_("classes"), {}}};
}

Sentence ClassRows::rows_are_fixed(const std::string& table) const {
    return {N_("The rows of %1 are classes. Change the classes instead."), {table}};
}

void ClassRows::write(FieldWriter& out) const {
    out.numbers("edges", classes_.boundaries);
    out.text("closed", classes_.closed_left ? "left" : "right");
    if (classes_.recorded_to > 0) {
        out.number("recorded_to", classes_.recorded_to);
    }
    std::vector<std::string> open;
    if (classes_.open_below) {
        open.emplace_back("first");
    }
    if (classes_.open_above) {
        open.emplace_back("last");
    }
    out.texts("open_ends", open);
}

} // namespace ledgefall

#include "core/study/row_sources/series_rows.h"

#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

RowSourcePtr read(FieldReader& in) {
    Formula from(in.formula("from"));
    Formula to(in.formula("to"));
    const std::string step = in.formula("step");
    if (from.empty() || to.empty()) {
        in.refuse(from.empty() ? "from" : "to", N_("a number or a formula"));
    }
    return std::make_shared<SeriesRows>(std::move(from), std::move(to), Formula(step.empty() ? "1" : step));
}

} // namespace

RowSourceKind SeriesRows::described() {
    return {.name = "series", .needs = "from", .read = &read};
}

bool SeriesRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const SeriesRows*>(&other);
    return rows != nullptr && rows->from_ == from_ && rows->to_ == to_ && rows->step_ == step_;
}

Result<Column> numbers_from_to(double from, double to, double step) {
    const double steps = (to - from) / step;
    if (step == 0 || !std::isfinite(steps) || steps < 0) {
        return Sentence{
            N_("from %1 to %2 by %3 there are no numbers: the step must lead from the first to the last"),
            {write_cell(Value::number(from)), write_cell(Value::number(to)), write_cell(Value::number(step))}};
    }
    const double count = std::floor(steps + 1e-9 * std::max(1.0, steps)) + 1; // the end may be missed by rounding
    if (count > most_of_series) {
        return Sentence{N_("from %1 to %2 by %3 there are more than %4 numbers, too many for an axis"),
                        {write_cell(Value::number(from)), write_cell(Value::number(to)),
                         write_cell(Value::number(step)), "1,000,000"}};
    }
    Column cells(Kind::number);
    for (double at = 0; at < count; ++at) {
        cells.append(Value::number(stepped(from, step, at)));
    }
    return cells;
}

Result<Column> SeriesRows::axis_of_values(const std::vector<Value>& values) const {
    return numbers_from_to(values[0].number(), values[1].number(), values[2].number());
}

std::vector<Sentence> SeriesRows::in_words(const std::function<std::string(Id)>&) const {
    return step_.text() == "1"
               ? std::vector<Sentence>{{N_("from %1 to %2"), {from_.text(), to_.text()}}}
               : std::vector<Sentence>{{N_("from %1 to %2 by %3"), {from_.text(), to_.text(), step_.text()}}};
}

void SeriesRows::write(FieldWriter& out) const {
    out.text("from", from_.text());
    out.text("to", to_.text());
    out.text("step", step_.text());
}

} // namespace ledgefall

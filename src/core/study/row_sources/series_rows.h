#pragma once

#include "core/study/row_sources/row_source.h"

namespace ledgefall {

/// More numbers than these make no axis.
constexpr double most_of_series = 1'000'000;

/// The numbers from one to another by a step: each may be a formula of the study's ledge.
class SeriesRows : public RowSource {
  public:
    static RowSourceKind described();

    SeriesRows(Formula from, Formula to, Formula step)
        : from_(std::move(from))
        , to_(std::move(to))
        , step_(std::move(step)) {}

    const Formula& from() const { return from_; }
    const Formula& to() const { return to_; }
    const Formula& step() const { return step_; }

    std::string_view kind() const override { return "series"; }
    bool equals(const RowSource& other) const override;
    std::optional<Kind> axis_kind() const override { return Kind::number; }
    std::vector<const Formula*> axis_formulas() const override { return {&from_, &to_, &step_}; }
    RowSourcePtr with_axis_formulas(std::vector<Formula> formulas) const override {
        return std::make_shared<SeriesRows>(formulas[0], formulas[1], formulas[2]);
    }
    Result<Column> axis_of_values(const std::vector<Value>& values) const override;
    std::vector<Sentence> in_words(const std::function<std::string(Id)>&) const override;
    void write(FieldWriter& out) const override;

  private:
    Formula from_, to_, step_;
};

/// From `from` to `to`, both included where the step meets the end: each is the start and so many steps, with as many
/// decimals as those have, so that from 0.1 by 0.1 the third is 0.3. A sentence where the step does not lead there.
Result<Column> numbers_from_to(double from, double to, double step);

} // namespace ledgefall

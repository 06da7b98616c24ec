#include "core/charts/proposed_chart.h"

#include "core/study/builders/frequency.h"
#include "core/study/row_sources/class_rows.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <set>

namespace ledgefall {
namespace {

class Proposer {
  public:
    Proposer(const Study& study, const Results& results, const Table& table)
        : study_(study)
        , results_(results)
        , table_(table) {}

    /// Of a two-way table: lines along the axis across where they can be told apart, bars at names, else a heat map.
    Result<Chart> of_grid(const std::vector<Id>& chosen) {
        Chart chart;
        chart.table = table_.id;
        const Column* down = results_.column((*table_.axis.column)->id);
        const Column* across = results_.column((*table_.across->column)->id);
        if (table_.columns.empty() || down == nullptr || across == nullptr) {
            return Sentence{N_("%1 has no layer yet. Write a formula for its cells first."), {table_.shown_label()}};
        }
        constexpr std::size_t few = 12;
        const auto numbers = [](const Column& cells) {
            return cells.kind() == Kind::number || cells.kind() == Kind::date;
        };
        Series series;
        series.x = (*table_.across->column)->id;
        series.y = chosen.empty() ? table_.columns.front()->id : chosen.front();
        series.form = !numbers(*across)                      ? SeriesForm::bars
                      : down->size() > few && numbers(*down) ? SeriesForm::heat
                      : across->size() > few                 ? SeriesForm::line
                                                             : SeriesForm::joined;
        chart.series.push_back(series);
        const ColumnDefinition* layer = table_.column(series.y);
        chart.label = worded({N_("%1 by %2 and %3"),
                              {layer == nullptr ? "" : layer->shown_label(), (*table_.axis.column)->shown_label(),
                               (*table_.across->column)->shown_label()}});
        return chart;
    }

    Result<Chart> propose(const std::vector<Id>& chosen) {
        if (table_.two_way()) {
            return of_grid(chosen);
        }
        Chart chart;
        chart.table = table_.id;
        std::vector<Id> numbers;
        Id across = table_.axis.column ? (*table_.axis.column)->id : Id();
        for (const Id id : chosen) {
            const Kind kind = kind_of(id);
            if (kind == Kind::number) {
                numbers.push_back(id);
            } else if (across.empty() && (kind == Kind::text || kind == Kind::date || kind == Kind::yes_no)) {
                across = id;
            }
        }
        if (numbers.empty()) {
            return Sentence{N_("Select the columns to draw, at least one of numbers: x axis first, then y axis."), {}};
        }
        if (across.empty() && numbers.size() > 1) {
            across = numbers.front();
            numbers.erase(numbers.begin());
        }
        for (const Id y : numbers) {
            Series series;
            series.x = across;
            series.y = y;
            series.form = form_for(across, y, numbers.size());
            chart.series.push_back(series);
        }
        chart.reader = ledgefall::kind_of(chart.series.front().form).running;
        chart.names_classes = names_classes(chart.series.front());
        chart.label = label(chart);
        chart.equal_scales = lengths_both_ways(chart) || is_path(chart);
        return chart;
    }

    SeriesForm form_for(Id across, Id y, std::size_t together) const {
        if (across.empty()) {
            return SeriesForm::points;
        }
        switch (kind_of(across)) {
        case Kind::interval:
            return sums_up(y) ? SeriesForm::cumulative : together == 1 ? SeriesForm::histogram : SeriesForm::polygon;
        case Kind::text:
        case Kind::yes_no:
            return repeats(across) ? SeriesForm::boxes : SeriesForm::bars;
        case Kind::date:
            return SeriesForm::joined;
        default:
            break;
        }
        const bool axis = table_.axis.column && (*table_.axis.column)->id == across;
        const bool path =
            table_.axis.source->count() != nullptr && is_worked(y); // of a counted table, in the order of its rows
        const bool line = path || (rises(across) && (together > 1 || is_worked(y)));
        return axis ? SeriesForm::bars : line ? SeriesForm::line : SeriesForm::points;
    }

    Kind kind_of(Id id) const {
        const Results::Entry* entry = results_.find(id);
        return entry == nullptr ? Kind::distribution : entry->kind;
    }

  private:
    bool is_worked(Id id) const {
        const ColumnDefinition* column = table_.column(id);
        return column != nullptr && column->computed();
    }

    bool rises(Id id) const {
        const Column* cells = results_.column(id);
        double last = -std::numeric_limits<double>::infinity();
        for (std::size_t row = 0; cells != nullptr && row < cells->size(); ++row) {
            const Value value = cells->at(row);
            if (value.plain() && value.number() < last) {
                return false;
            }
            last = value.plain() ? value.number() : last;
        }
        return cells != nullptr;
    }

    /// Whether the values only grow down the classes, as a running sum's do; that of a single class tells nothing.
    bool sums_up(Id id) const {
        const Column* cells = results_.column(id);
        const ColumnDefinition* column = table_.column(id);
        const bool running = column != nullptr && column->computed() &&
                             column->pieces.front().formula.text().find("[1..i]") != std::string::npos;
        return cells != nullptr && running;
    }

    /// Where numbers are recorded to a unit, classes are read by their limits, `30–34`.
    bool names_classes(const Series& series) const {
        const auto* rows = table_.axis.rows_as<ClassRows>();
        return rows != nullptr && rows->classes().recorded_to > 0 && !ledgefall::kind_of(series.form).running;
    }

    bool repeats(Id id) const {
        const Column* cells = results_.column(id);
        std::set<std::string> seen;
        for (std::size_t row = 0; cells != nullptr && row < std::min<std::size_t>(cells->size(), 100'000); ++row) {
            const Value value = cells->at(row);
            if (value.plain() && !seen.insert(write_cell(value)).second) {
                return true;
            }
        }
        return false;
    }

    /// Whether across and upwards are measured in one unit that is not of time: then a path has its own shape.
    bool lengths_both_ways(const Chart& chart) const {
        static const std::set<std::string> of_time = {"s", "ms", "min", "h", "d", "day", "days", "a", "week", "weeks"};
        return std::all_of(chart.series.begin(), chart.series.end(), [this](const Series& series) {
            const ColumnDefinition* x = table_.column(series.x);
            const ColumnDefinition* y = table_.column(series.y);
            return x != nullptr && y != nullptr && !x->unit.empty() && x->unit == y->unit &&
                   !of_time.contains(x->unit) && series.form != SeriesForm::bars && kind_of(series.x) == Kind::number;
        });
    }

    /// Whether the one line is a way through a plane, without units: its x turn back, and it reaches about as far
    /// across as it does upwards.
    bool is_path(const Chart& chart) const {
        const Series& series = chart.series.front();
        const ColumnDefinition* x = table_.column(series.x);
        const ColumnDefinition* y = table_.column(series.y);
        const bool bare = x != nullptr && y != nullptr && x->unit.empty() && y->unit.empty();
        if (!bare || chart.series.size() > 1 || series.form != SeriesForm::line || rises(series.x)) {
            return false;
        }
        constexpr double alike = 3;
        const double across = reach_of(series.x);
        const double up = reach_of(series.y);
        return across > 0 && up > 0 && std::max(across, up) <= alike * std::min(across, up);
    }

    double reach_of(Id id) const {
        const Column* cells = results_.column(id);
        double least = std::numeric_limits<double>::infinity();
        double greatest = -std::numeric_limits<double>::infinity();
        for (std::size_t row = 0; cells != nullptr && row < cells->size(); ++row) {
            const Value value = cells->at(row);
            if (value.plain()) {
                least = std::min(least, value.number());
                greatest = std::max(greatest, value.number());
            }
        }
        return greatest - least;
    }

    /// What is drawn: `Time in classes`, `Height over Time`, `Cover by Site`.
    std::string label(const Chart& chart) const {
        const Series& first = chart.series.front();
        const ColumnDefinition* x = table_.column(first.x);
        if (table_.axis.rows_as<ClassRows>() != nullptr && first.x == (*table_.axis.column)->id) {
            return of_classes(first.form);
        }
        constexpr std::size_t most_named = 3;
        std::string up;
        for (std::size_t at = 0; at < std::min(chart.series.size(), most_named); ++at) {
            const ColumnDefinition* y = table_.column(chart.series[at].y);
            up += (at == 0 ? "" : ", ") + (y == nullptr ? table_.shown_label() : y->shown_label());
        }
        up += chart.series.size() > most_named ? ", …" : "";
        if (x == nullptr) {
            return worded({N_("%1 by row"), {up}});
        }
        const Kind kind = kind_of(first.x);
        const bool along = kind == Kind::number || kind == Kind::date;
        return worded({along ? N_("%1 over %2") : N_("%1 by %2"), {up, x->shown_label()}});
    }

    std::string of_classes(SeriesForm form) const {
        const Id counted = counted_column(study_, table_);
        const ColumnDefinition* data = nullptr;
        for (const auto& table : study_.tables) {
            data = table->column(counted) != nullptr ? table->column(counted) : data;
        }
        const std::string what = data == nullptr ? table_.shown_label() : data->shown_label();
        return worded({form == SeriesForm::cumulative ? N_("%1 in classes, cumulative") : N_("%1 in classes"), {what}});
    }

    const Study& study_;
    const Results& results_;
    const Table& table_;
};

} // namespace

Result<Chart> proposed_chart(const Study& study, const Results& results, Id id, const std::vector<Id>& columns) {
    const Table* table = study.table(id);
    if (table == nullptr) {
        return Sentence{N_("There is no table to draw from. Make a table first."), {}};
    }
    return Proposer(study, results, *table).propose(columns);
}

} // namespace ledgefall

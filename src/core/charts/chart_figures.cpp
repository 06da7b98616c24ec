#include "core/charts/chart_figures.h"

#include "core/engine/planning/plan.h"
#include "core/stats/measures.h"
#include "core/study/builders/frequency.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/study_part.h"
#include "core/value/interval.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

/// A column that a series draws: one of a table's own, or its axis.
struct Drawn {
    const Table* table = nullptr;
    const ColumnDefinition* column = nullptr;
    const Column* cells = nullptr;
    Kind kind() const { return cells->kind(); }
};

std::uint64_t key_of(const Value& value) {
    return std::bit_cast<std::uint64_t>(value.slot());
}

std::string titled(const std::string& label, const std::string& unit) {
    return unit.empty() ? label : label + " (" + unit + ")";
}

class Maker {
  public:
    Maker(const Study& study, const Results& results, const Chart& chart)
        : study_(study)
        , results_(results)
        , chart_(chart) {}

    ChartFigures make() {
        out_.equal_scales = chart_.equal_scales;
        out_.reader = chart_.reader;
        out_.names_classes = chart_.names_classes;
        if (chart_.series.empty()) {
            miss({"This chart has nothing to draw yet: give it a series.", {}});
        }
        for (const Series& series : chart_.series) {
            add(series);
        }
        add_numbers();
        name_axes();
        out_.x.whole = all_whole(&SeriesFigures::x);
        out_.y.whole = all_whole(&SeriesFigures::y) && !all_boxes();
        return std::move(out_);
    }

  private:
    void miss(const Sentence& what) { out_.missing.push_back(what); }

    Drawn drawn(Id id) const {
        const StudyPart part = find_part(study_, id);
        return part.column == nullptr ? Drawn() : Drawn{part.table, part.column, results_.column(id)};
    }

    void add(const Series& series) {
        const Drawn y = drawn(series.y);
        const Drawn x = drawn(series.x);
        if (y.cells == nullptr) {
            return miss({"A series has no column for its values: choose one.", {}});
        }
        const std::string& label = y.column->shown_label();
        if (x.cells != nullptr && x.table != y.table) {
            return miss({"%1 and %2 are columns of different tables: a series is drawn from one.",
                         {label, x.column->shown_label()}});
        }
        if (y.kind() != Kind::number && y.kind() != Kind::date) {
            return miss({"%1 cannot be drawn upwards: it holds %2, and a chart takes numbers.",
                         {label, kind_in_words(y.kind())}});
        }
        SeriesFigures figures;
        figures.form = series.form;
        figures.label = series.label.empty() ? label : series.label;
        figures.table = y.table->id;
        figures.y_format = y.column->format;
        figures.x_format = x.column == nullptr ? Format() : x.column->format;
        bool drawable = false;
        switch (kind_of(series.form).over) {
        case SeriesFormKind::Over::boxes:
            drawable = add_boxes(figures, x, y);
            break;
        case SeriesFormKind::Over::classes:
            drawable = add_classes(series, figures, x, y);
            break;
        case SeriesFormKind::Over::points:
            drawable = add_points(figures, x, y);
            break;
        }
        if (!drawable) {
            return;
        }
        if (series.fit && out_.x.names.empty()) {
            add_fit(figures);
        }
        if (x_.column == nullptr) {
            x_ = x;
        }
        ys_.push_back(y);
        per_width_ = per_width_ || series.per_width;
        out_.series.push_back(std::move(figures));
    }

    /// What stands at 0, 1, 2, … across: the different values of the x of all series.
    double place_of(const Value& name) {
        const auto [it, is_new] = places_.try_emplace(key_of(name), out_.x.names.size());
        if (is_new) {
            out_.x.names.push_back(name);
        }
        return static_cast<double>(it->second);
    }

    bool add_points(SeriesFigures& figures, const Drawn& x, const Drawn& y) {
        const std::size_t rows = results_.rows(y.table->id);
        const bool named = x.cells != nullptr && (x.kind() == Kind::text || x.kind() == Kind::yes_no);
        const bool classes = x.cells != nullptr && x.kind() == Kind::interval;
        const bool single_rows = kind_of(figures.form).single_rows;
        if (named != !out_.x.names.empty() && !out_.series.empty()) {
            miss({"%1 is not drawn: some series stand at numbers and some at names.", {figures.label}});
            return false;
        }
        figures.x.reserve(rows);
        figures.y.reserve(rows);
        figures.rows.reserve(rows);
        double last = -INFINITY;
        for (std::size_t row = 0; row < rows; ++row) {
            const Value up = y.cells->at(row);
            const Value across = x.cells == nullptr ? Value::number(static_cast<double>(row + 1)) : x.cells->at(row);
            if (!up.plain() || !across.plain() || !std::isfinite(up.number())) {
                ++figures.left_out;
                continue;
            }
            const double at = named     ? place_of(across)
                              : classes ? (interval_of(across).lower + interval_of(across).upper) / 2
                                        : across.number();
            if (!std::isfinite(at)) {
                ++figures.left_out;
                continue;
            }
            figures.rising = figures.rising && at >= last;
            last = at;
            figures.x.push_back(at);
            figures.y.push_back(up.number());
            figures.rows.push_back(static_cast<std::uint32_t>(row));
        }
        if (named && single_rows && occurs_twice(figures.x)) {
            miss({"%1 stands more than once in %2, and a bar is for one row: count its values first, or draw boxes.",
                  {"A value", x.column->shown_label()}});
            return false;
        }
        out_.x.dates = out_.x.dates || (x.cells != nullptr && x.kind() == Kind::date);
        out_.y.dates = out_.y.dates || y.kind() == Kind::date;
        return something(figures, figures.x.empty(), y, x);
    }

    static bool occurs_twice(std::vector<double> places) {
        std::sort(places.begin(), places.end());
        return std::adjacent_find(places.begin(), places.end()) != places.end();
    }

    bool something(const SeriesFigures& figures, bool nothing, const Drawn& y, const Drawn& x) {
        if (!nothing) {
            return true;
        }
        const bool rows = results_.rows(y.table->id) > 0;
        const Results::Entry* entry = results_.find(y.column->id);
        entry = entry != nullptr && entry->faults == 0 && x.column != nullptr ? results_.find(x.column->id) : entry;
        if (!rows) {
            miss({"%1 has no rows yet: type or import some values.", {y.table->shown_label()}});
        } else if (entry != nullptr && entry->faults > 0) {
            miss({"%1 is not drawn, for its cells are at fault: %2",
                  {figures.label, explain(study_, entry->first_fault).text()}});
        } else {
            miss({"%1 has no numbers to draw.", {figures.label}});
        }
        return false;
    }

    bool add_classes(const Series& series, SeriesFigures& figures, const Drawn& x, const Drawn& y) {
        if (x.cells == nullptr || x.kind() != Kind::interval) {
            miss(
                {"%1 needs classes across: make a frequency table of a column, and draw its counts.", {figures.label}});
            return false;
        }
        double running_end = 0;
        for (std::size_t row = 0; row < results_.rows(y.table->id); ++row) {
            const Value class_of_row = x.cells->at(row);
            const Value height = y.cells->at(row);
            const bool plain = class_of_row.plain() && height.plain() && std::isfinite(height.number());
            const Interval& limits = class_of_row.plain() ? interval_of(class_of_row) : Interval();
            if (!plain || !std::isfinite(limits.lower) || !std::isfinite(limits.upper)) {
                ++figures.left_out; // a class with an open end has no width
                running_end = plain && figures.limits.empty() ? height.number() : running_end;
                continue;
            }
            if (figures.limits.empty()) {
                figures.limits.push_back(limits.lower);
            }
            figures.limits.push_back(limits.upper);
            const double width = limits.upper - limits.lower;
            figures.x.push_back(figures.form == SeriesForm::cumulative ? limits.upper
                                                                       : (limits.lower + limits.upper) / 2);
            figures.y.push_back(series.per_width ? height.number() / width : height.number());
            figures.rows.push_back(static_cast<std::uint32_t>(row));
        }
        if (!something(figures, figures.x.empty(), y, x)) {
            return false;
        }
        out_.x.ticks = figures.limits;
        if (figures.form ==
            SeriesForm::cumulative) { // from what lies below the first limit: nothing, or the open class
            figures.x.insert(figures.x.begin(), figures.limits.front());
            figures.y.insert(figures.y.begin(), running_end);
            figures.rows.insert(figures.rows.begin(), no_row);
        } else if (figures.form == SeriesForm::polygon) {
            close_polygon(figures);
        }
        return true;
    }

    /// Down to nothing in the middle of a further class at either end.
    static void close_polygon(SeriesFigures& figures) {
        const auto& limits = figures.limits;
        const double first = limits[1] - limits[0];
        const double last = limits.back() - limits[limits.size() - 2];
        figures.x.insert(figures.x.begin(), limits.front() - first / 2);
        figures.y.insert(figures.y.begin(), 0);
        figures.rows.insert(figures.rows.begin(), no_row);
        figures.x.push_back(limits.back() + last / 2);
        figures.y.push_back(0);
        figures.rows.push_back(no_row);
    }

    bool add_boxes(SeriesFigures& figures, const Drawn& x, const Drawn& y) {
        struct Gathered {
            Value name;
            std::vector<double> values;
            std::vector<std::uint32_t> rows;
        };
        std::vector<Gathered> groups;
        std::unordered_map<std::uint64_t, std::size_t> group_of;
        constexpr std::size_t most_boxes = 200;
        for (std::size_t row = 0; row < results_.rows(y.table->id); ++row) {
            const Value value = y.cells->at(row);
            const Value name = x.cells == nullptr ? Value::missing() : x.cells->at(row);
            if (!value.plain() || !std::isfinite(value.number()) || (x.cells != nullptr && !name.plain())) {
                ++figures.left_out;
                continue;
            }
            const auto [it, is_new] = group_of.try_emplace(name.plain() ? key_of(name) : 0, groups.size());
            if (is_new) {
                groups.push_back({name, {}, {}});
            }
            if (groups.size() > most_boxes) {
                miss({"%1 has more than %2 different values, too many for a box each.",
                      {x.column->shown_label(), std::to_string(most_boxes)}});
                return false;
            }
            groups[it->second].values.push_back(value.number());
            groups[it->second].rows.push_back(static_cast<std::uint32_t>(row));
        }
        for (const Gathered& group : groups) {
            Box box = box_of(group.values, group.rows, study_.settings.quantile_type);
            box.name = group.name.plain() ? group.name : Value::text(Text(figures.label));
            figures.x.push_back(place_of(box.name));
            figures.y.push_back(box.median);
            figures.rows.push_back(group.rows.front());
            figures.boxes.push_back(std::move(box));
        }
        return something(figures, groups.empty(), y, x);
    }

    void add_fit(SeriesFigures& figures) {
        const std::array<std::unique_ptr<Accumulator>, 3> measures{make_slope({}), make_intercept({}), make_corr({})};
        std::array<double, 3> match{};
        for (std::size_t at = 0; at < measures.size(); ++at) {
            const Lane x{figures.x.data(), nullptr, false};
            const Lane y{figures.y.data(), nullptr, false};
            const std::array<Lane, 2> lanes{y, x};
            measures[at]->add(lanes, nullptr, figures.x.size());
            const Value value = measures[at]->result({});
            if (!value.plain() || !std::isfinite(value.number())) {
                return miss(
                    {"%1 has no fitted line: that takes two points at different places across.", {figures.label}});
            }
            match[at] = value.number();
        }
        figures.fit = Fit{match[0], match[1], match[2]};
    }

    void add_numbers() {
        std::vector<std::optional<double>> values;
        for_each_number(chart_, [&](const Formula& number, std::size_t place) {
            const Value value =
                number.empty() ? Value::missing() : results_.single(DefinitionId::chart_number(chart_.id, place));
            const bool good = value.plain() && std::isfinite(value.number());
            values.push_back(good ? std::optional(value.number()) : std::nullopt);
            if (!number.empty() && value.is_fault()) {
                miss({"%1 gives no number for the chart: %2", {number.text(), explain(study_, value.fault()).text()}});
            }
        });
        out_.x.from = values[0];
        out_.x.to = values[1];
        out_.y.from = values[2];
        out_.y.to = values[3];
        for (AxisFigures* axis : {&out_.x, &out_.y}) {
            if (axis->from && axis->to && *axis->from >= *axis->to) {
                miss({"An axis cannot reach from %1 to %2: the second number must be larger.",
                      {shortest(*axis->from), shortest(*axis->to)}});
                axis->from = axis->to = std::nullopt;
            }
        }
        std::size_t place = 4;
        for (const Reference& reference : chart_.references) {
            ReferenceFigures figures{reference.form, {}, reference.label};
            for (std::size_t at = 0; at < reference.numbers.size(); ++at, ++place) {
                if (values[place]) {
                    figures.numbers.push_back(*values[place]);
                }
            }
            if (figures.numbers.size() == numbers_of(reference.form)) {
                out_.references.push_back(std::move(figures));
            }
        }
    }

    void name_axes() {
        out_.x.title = chart_.x.title;
        out_.y.title = chart_.y.title;
        out_.x.format = x_.column == nullptr ? Format() : x_.column->format;
        out_.y.format = ys_.empty() ? Format() : ys_.front().column->format;
        if (out_.x.title.empty()) {
            out_.x.title = x_.column != nullptr ? x_title() : out_.empty() || all_boxes() ? "" : "row";
        }
        if (out_.y.title.empty() && !ys_.empty()) {
            const std::string& unit = ys_.front().column->unit;
            const bool one = std::all_of(ys_.begin(), ys_.end(), [&](const Drawn& y) {
                return y.column->shown_label() == ys_.front().column->shown_label();
            });
            const bool one_unit =
                std::all_of(ys_.begin(), ys_.end(), [&](const Drawn& y) { return y.column->unit == unit; });
            out_.y.title = one ? titled(ys_.front().column->shown_label(), unit) : one_unit ? unit : "";
            if (per_width_ && !out_.y.title.empty()) {
                out_.y.title += " / width";
            }
        }
    }

    bool all_whole(std::vector<double> SeriesFigures::*values) const {
        return std::all_of(out_.series.begin(), out_.series.end(), [values](const SeriesFigures& one) {
            return std::all_of((one.*values).begin(), (one.*values).end(),
                               [](double value) { return value == std::floor(value); });
        });
    }

    bool all_boxes() const {
        return std::all_of(out_.series.begin(), out_.series.end(),
                           [](const SeriesFigures& one) { return one.form == SeriesForm::boxes; });
    }

    /// Classes and categories are named by the column that they are made of.
    std::string x_title() const {
        const ColumnDefinition& column = *x_.column;
        if (!(x_.table->axis.column && (*x_.table->axis.column)->id == column.id)) {
            return titled(column.shown_label(), column.unit);
        }
        const Id made_of = x_.table->axis.source->made_of();
        const Drawn of = drawn(made_of.empty() ? counted_column(study_, *x_.table) : made_of);
        return of.column == nullptr ? column.shown_label() : titled(of.column->shown_label(), of.column->unit);
    }

    const Study& study_;
    const Results& results_;
    const Chart& chart_;
    ChartFigures out_;
    std::unordered_map<std::uint64_t, std::size_t> places_;
    Drawn x_;
    std::vector<Drawn> ys_;
    bool per_width_ = false;
};

} // namespace

ChartFigures chart_figures(const Study& study, const Results& results, const Chart& chart) {
    return Maker(study, results, chart).make();
}

} // namespace ledgefall

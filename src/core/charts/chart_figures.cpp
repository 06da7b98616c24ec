#include "core/charts/series_figures.h"
#include "core/engine/functions/catalogue.h"
#include "core/engine/planning/plan.h"
#include "core/engine/running/evaluator.h"
#include "core/stats/measures.h"
#include "core/study/builders/frequency.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/study_part.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace ledgefall {
namespace {

std::string titled(const std::string& label, const std::string& unit) {
    return unit.empty() ? label : label + " (" + unit + ")";
}

class Maker {
  public:
    Maker(const Study& study, const Results& results, const Chart& chart, const StopToken& stop)
        : study_(study)
        , results_(results)
        , chart_(chart)
        , work_{study, results, chart, stop, {}, {}} {}

    ChartFigures make() {
        out_.equal_scales = chart_.equal_scales;
        out_.reader = chart_.reader;
        out_.names_classes = chart_.names_classes;
        out_.legend = chart_.legend;
        find_logarithmic();
        if (chart_.series.empty()) {
            miss({N_("This chart has nothing to draw yet. Add a series."), {}});
        }
        for (const Series& series : chart_.series) {
            add(series);
        }
        add_runs();
        stack(out_.series);
        add_numbers();
        name_axes();
        name_grid();
        out_.x.whole = all_whole(&SeriesFigures::x, std::nullopt);
        out_.y.whole = all_whole(&SeriesFigures::y, false) && !all_boxes();
        out_.second.whole = all_whole(&SeriesFigures::y, true);
        return std::move(out_);
    }

  private:
    void miss(const Sentence& what) { work_.miss(what); }

    DrawnColumn drawn_column(Id id) const {
        const StudyPart part = find_part(study_, id);
        return part.column == nullptr ? DrawnColumn() : DrawnColumn{part.table, part.column, results_.column(id)};
    }

    void add(const Series& series) {
        const DrawnColumn y = drawn_column(series.y);
        const DrawnColumn x = drawn_column(series.x);
        if (y.cells == nullptr) {
            return miss({N_("A series has no column for its values. Choose one."), {}});
        }
        const std::string& label = y.column->shown_label();
        if (x.cells != nullptr && x.table != y.table) {
            return miss({N_("%1 and %2 are in different tables. A series uses columns of one table."),
                         {label, x.column->shown_label()}});
        }
        if (y.kind() != Kind::number && y.kind() != Kind::date) {
            return miss(
                {N_("%1 cannot be drawn on the y axis: it holds %2, not numbers."), {label, kind_in_words(y.kind())}});
        }
        SeriesFigures figures;
        figures.form = series.form;
        figures.label = series.label.empty() ? label : series.label;
        figures.table = y.table->id;
        figures.y_format = y.column->format;
        figures.x_format = x.column == nullptr ? Format() : x.column->format;
        if (y.table->two_way() && kind_of(series.form).over != SeriesFormKind::Over::grid) {
            return add_lines(series, figures, y);
        }
        if (!figures_of(series.form)(work_, series, figures, x, y)) {
            return;
        }
        figures.second_axis = series.second_axis;
        const bool by_values = kind_of(series.form).over == SeriesFormKind::Over::values;
        mirror(figures);
        add_errors(series, figures, y);
        if (series.fit && out_.x.names.empty()) {
            add_fit(figures);
        }
        if (x_.column == nullptr) {
            x_ = by_values ? y : x;
        }
        ys_.push_back(y);
        by_values_ = by_values_ || by_values;
        const SeriesFormKind& kind = kind_of(series.form);
        const bool beneath = kind.over == SeriesFormKind::Over::points && !kind.single_rows;
        drawn_as_.resize(out_.series.size(), nullptr);
        drawn_as_.push_back(beneath ? &series : nullptr);
        per_width_ = per_width_ || figures.per_width;
        out_.series.push_back(std::move(figures));
    }

    /// Every other series over classes is drawn downwards where the chart stands back to back.
    void mirror(SeriesFigures& figures) {
        figures.downwards = chart_.mirrored && kind_of(figures.form).over == SeriesFormKind::Over::classes &&
                            out_.series.size() % 2 == 1;
        for (double& height : figures.y) {
            height = figures.downwards ? -height : height;
        }
        out_.y.both_ways = out_.y.both_ways || figures.downwards;
    }

    /// The runs that are drawn, each under the series that it has kept the columns of.
    void add_runs() {
        const auto drawn = [](const Shared<Run>& run) { return run->drawn; };
        if (std::none_of(study_.runs.begin(), study_.runs.end(), drawn)) {
            return;
        }
        const std::vector<RunTitle> titles = run_titles(study_);
        const std::size_t present = out_.series.size();
        drawn_as_.resize(present, nullptr);
        for (std::size_t at = 0; at < present; ++at) {
            for (std::size_t run = 0; drawn_as_[at] != nullptr && run < study_.runs.size(); ++run) {
                if (study_.runs[run]->drawn && add_run(*study_.runs[run], at)) {
                    out_.series.back().run = titles[run];
                    out_.series[at].run = titles.back();
                }
            }
        }
    }

    /// Adds what a run has kept of the columns of a series.
    bool add_run(const Run& run, std::size_t under) {
        const Series& series = *drawn_as_[under];
        const SeriesFigures& present = out_.series[under];
        const DrawnColumn y = ys_[under];
        const RunColumn* up = run.column(series.y);
        const RunColumn* across = run.column(series.x);
        if (up == nullptr || (across == nullptr && !series.x.empty()) || y.table->two_way()) {
            return false;
        }
        SeriesFigures figures;
        figures.form = present.form;
        figures.label = present.label;
        figures.table = present.table;
        figures.x_format = present.x_format;
        figures.y_format = present.y_format;
        figures.second_axis = present.second_axis;
        figures.under = under;
        const DrawnColumn kept_y{y.table, y.column, &up->cells, true};
        const DrawnColumn kept_x{y.table, across == nullptr ? nullptr : drawn_column(series.x).column,
                                 across == nullptr ? nullptr : &across->cells, true};
        const std::size_t said = out_.missing.size();
        const bool drawn =
            (across == nullptr || kept_x.column != nullptr) && add_points(work_, series, figures, kept_x, kept_y);
        out_.missing.resize(said); // of runs nothing is missed
        figures.left_out = 0;
        std::fill(figures.rows.begin(), figures.rows.end(), no_row);
        const bool covered = figures.x == out_.series[under].x && figures.y == out_.series[under].y;
        if (drawn && !covered) { // what is the same as now would lie hidden under it
            out_.series.push_back(std::move(figures));
            ys_.push_back(y);
        }
        return drawn && !covered;
    }

    /// A layer of a two-way table as several lines.
    void add_lines(const Series& series, const SeriesFigures& like, const DrawnColumn& y) {
        if (kind_of(series.form).over != SeriesFormKind::Over::points) {
            return miss(
                {N_("%1 is a layer of a two-way table. Draw it as lines, points, bars, a heat map or contour lines."),
                 {like.label}});
        }
        const std::size_t before = out_.series.size();
        if (!add_family(work_, series, like, y)) {
            out_.series.resize(before);
            return;
        }
        const Axis& along =
            !series.x.empty() && (*y.table->axis.column)->id == series.x ? y.table->axis : *y.table->across;
        if (x_.column == nullptr) {
            x_ = {y.table, &**along.column, results_.column((*along.column)->id)};
        }
        ys_.resize(out_.series.size(), y);
    }

    /// Bars and what is counted up stand on zero, which a logarithmic axis does not have.
    void find_logarithmic() {
        const auto from_zero = [this](bool second) {
            return std::any_of(chart_.series.begin(), chart_.series.end(), [second](const Series& one) {
                return one.second_axis == second && kind_of(one.form).from_zero;
            });
        };
        out_.x.logarithmic = chart_.x.logarithmic;
        out_.y.logarithmic = chart_.y.logarithmic && !from_zero(false);
        out_.second.logarithmic = chart_.second.logarithmic && !from_zero(true);
        const bool bars = std::any_of(chart_.series.begin(), chart_.series.end(), [](const Series& one) {
            return kind_of(one.form).over != SeriesFormKind::Over::points || kind_of(one.form).single_rows;
        });
        out_.x.logarithmic = out_.x.logarithmic && !bars;
        if (out_.y.logarithmic != chart_.y.logarithmic || out_.second.logarithmic != chart_.second.logarithmic) {
            miss({N_("Bars and sums start at zero, which a logarithmic axis does not have. The axis is drawn linear."),
                  {}});
        }
        if (out_.x.logarithmic != chart_.x.logarithmic) {
            miss({N_("Bars and classes have widths, which a logarithmic axis would distort. The x axis is drawn "
                     "linear."),
                  {}});
        }
        if (chart_.equal_scales && (out_.x.logarithmic || out_.y.logarithmic)) {
            out_.equal_scales = false;
        }
    }

    /// How far the error bars of a series reach: by a column, or by the standard error of a mean.
    void add_errors(const Series& series, SeriesFigures& figures, const DrawnColumn& y) {
        if (series.standard_error) {
            return add_standard_errors(figures, y);
        }
        const DrawnColumn error = drawn_column(series.error);
        if (error.cells == nullptr) {
            return;
        }
        if (error.table != y.table || error.kind() != Kind::number) {
            return miss({N_("%1 cannot give error bars. Choose a column of numbers in the same table."),
                         {error.column->shown_label()}});
        }
        for (const std::uint32_t row : figures.rows) {
            const Value value = row < error.cells->size() ? error.cells->at(row) : Value::missing();
            figures.error.push_back(value.plain() ? std::fabs(value.number()) : std::nan(""));
        }
    }

    void add_standard_errors(SeriesFigures& figures, const DrawnColumn& y) {
        const Node* tree = y.column->pieces.size() == 1 ? y.column->pieces.front().formula.tree().get() : nullptr;
        const Function* measure = tree != nullptr && tree->type == NodeType::call && tree->owner.empty()
                                      ? find_function(tree->text)
                                      : nullptr;
        if (measure == nullptr || measure->standard_error.empty()) {
            return miss({N_("%1 is not a mean, so it has no standard error. Choose a column for the error bars."),
                         {y.column->shown_label()}});
        }
        std::string text = y.column->pieces.front().formula.text();
        text.replace(tree->span.from, text.find('(', tree->span.from) - tree->span.from, measure->standard_error);
        const Formula error(text);
        constexpr std::size_t most = 10'000; // rows whose measures are taken one by one
        if (!error.tree() || figures.rows.size() > most) {
            return miss({N_("%1 has too many rows for standard errors. Give them in a column."), {figures.label}});
        }
        for (const std::uint32_t row : figures.rows) {
            work_.stop.throw_if_stopped();
            const Evaluator at(study_, results_, y.table, row + 1, nullptr, y.column->id, work_.stop);
            const Value value = at.value(*error.tree());
            figures.error.push_back(value.plain() ? value.number() : std::nan(""));
        }
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
                    {N_("%1 has no fitted line. It needs two points with different x values."), {figures.label}});
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
                miss({N_("%1 does not give a number for the chart: %2"),
                      {number.text(), explain(study_, results_, value.fault()).text()}});
            }
        });
        out_.x.from = values[0];
        out_.x.to = values[1];
        out_.y.from = values[2];
        out_.y.to = values[3];
        out_.second.from = values[4];
        out_.second.to = values[5];
        for (AxisFigures* axis : {&out_.x, &out_.y, &out_.second}) {
            if (axis->logarithmic && axis->from && *axis->from <= 0) {
                miss({N_("A logarithmic axis must start above 0. It starts at the smallest value instead."), {}});
                axis->from = std::nullopt;
            }
            if (axis->from && axis->to && *axis->from >= *axis->to) {
                miss({N_("An axis cannot run from %1 to %2. The second number must be larger."),
                      {shortest(*axis->from), shortest(*axis->to)}});
                axis->from = axis->to = std::nullopt;
            }
        }
        std::size_t place = 6;
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
        if (out_.x.title.empty()) {
            out_.x.title = x_.column != nullptr ? x_title() : out_.empty() || all_boxes() ? "" : "row";
        }
        out_.second.title = chart_.second.title;
        name_upwards(out_.y, false);
        name_upwards(out_.second, true);
    }

    /// After the one column that is drawn on it, or the one unit of all of them.
    void name_upwards(AxisFigures& axis, bool second) {
        std::vector<DrawnColumn> ys;
        for (std::size_t at = 0; at < ys_.size(); ++at) {
            if (out_.series[at].second_axis == second) {
                ys.push_back(ys_[at]);
            }
        }
        axis.format = ys.empty() ? Format() : ys.front().column->format;
        const bool shares = !second && std::all_of(out_.series.begin(), out_.series.end(),
                                                   [](const SeriesFigures& one) { return kind_of(one.form).to_whole; });
        if (shares && !ys.empty()) {
            axis.format = {Format::Style::percent, 0};
            for (SeriesFigures& series : out_.series) {
                series.y_format = {Format::Style::percent, 1};
            }
        }
        if (!axis.title.empty() || ys.empty()) {
            return;
        }
        const std::string& unit = ys.front().column->unit;
        const bool one = std::all_of(ys.begin(), ys.end(), [&](const DrawnColumn& y) {
            return y.column->shown_label() == ys.front().column->shown_label();
        });
        const bool one_unit =
            std::all_of(ys.begin(), ys.end(), [&](const DrawnColumn& y) { return y.column->unit == unit; });
        if (by_values_) {
            axis.format = Format();
            axis.title = worded({N_("number of values")});
            return;
        }
        axis.title = one ? titled(ys.front().column->shown_label(), unit) : one_unit ? unit : "";
        if (per_width_ && !one) {
            axis.title = worded({N_("density, per unit of width")});
        }
        if (per_width_ && one) {
            const std::string& across = x_.column == nullptr ? std::string() : x_.column->unit;
            axis.title = across.empty()
                             ? worded({N_("density: %1 per unit of width"), {ys.front().column->shown_label()}})
                             : worded({N_("density: %1 per %2"), {ys.front().column->shown_label(), across}});
        }
        if (shares && one) {
            axis.title = worded({N_("share of %1"), {ys.front().column->shown_label()}});
        }
    }

    bool all_whole(std::vector<double> SeriesFigures::*values, std::optional<bool> second) const {
        return std::all_of(out_.series.begin(), out_.series.end(), [values, second](const SeriesFigures& one) {
            return (second && one.second_axis != *second) ||
                   std::all_of((one.*values).begin(), (one.*values).end(),
                               [](double value) { return value == std::floor(value); });
        });
    }

    bool all_boxes() const {
        return std::all_of(out_.series.begin(), out_.series.end(), [](const SeriesFigures& one) {
            return kind_of(one.form).over == SeriesFormKind::Over::boxes;
        });
    }

    /// A heat map stands over both axes of its table.
    void name_grid() {
        for (std::size_t at = 0; at < out_.series.size(); ++at) {
            if (out_.series[at].grid == nullptr) {
                continue;
            }
            const Table& table = *ys_[at].table;
            const ColumnDefinition& across = **table.across->column;
            const ColumnDefinition& down = **table.axis.column;
            out_.x.title = chart_.x.title.empty() ? titled(across.shown_label(), across.unit) : out_.x.title;
            out_.y.title = chart_.y.title.empty() ? titled(down.shown_label(), down.unit) : out_.y.title;
            out_.x.format = across.format;
            out_.y.format = down.format;
            out_.x.dates = results_.column(across.id)->kind() == Kind::date;
            out_.y.dates = results_.column(down.id)->kind() == Kind::date;
        }
    }

    /// Classes and categories are named by the column that they are made of.
    std::string x_title() const {
        const ColumnDefinition& column = *x_.column;
        if (x_.table->two_way()) {
            return titled(column.shown_label(), column.unit);
        }
        if (!(x_.table->axis.column && (*x_.table->axis.column)->id == column.id)) {
            return titled(column.shown_label(), column.unit);
        }
        const Id made_of = x_.table->axis.source->made_of();
        const DrawnColumn of = drawn_column(made_of.empty() ? counted_column(study_, *x_.table) : made_of);
        return of.column == nullptr ? column.shown_label() : titled(of.column->shown_label(), of.column->unit);
    }

    const Study& study_;
    const Results& results_;
    const Chart& chart_;
    ChartInWork work_;
    ChartFigures& out_ = work_.out;
    DrawnColumn x_;
    std::vector<DrawnColumn> ys_;
    std::vector<const Series*> drawn_as_; ///< of those under which runs are drawn; else null
    bool per_width_ = false;
    bool by_values_ = false; ///< a dot plot is among the series
};

} // namespace

ChartFigures chart_figures(const Study& study, const Results& results, const Chart& chart, const StopToken& stop) {
    return Maker(study, results, chart, stop).make();
}

} // namespace ledgefall

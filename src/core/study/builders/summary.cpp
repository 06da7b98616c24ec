#include "core/study/builders/summary.h"

#include "core/formula/names.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// Columns that are summed up together, and what they are called.
struct Sample {
    std::vector<std::string> columns; ///< by their own names
    std::string label;
    std::string name;
};

class Summary {
  public:
    Summary(const Study& study, const SummaryRequest& request, const Table& source)
        : study_(study)
        , request_(request)
        , source_(source) {}

    Result<Study> make(Id* added) {
        list_samples();
        Id table;
        const bool grouped = !request_.by.empty();
        const Sentence title =
            grouped ? Sentence{N_("%1 by %2"), {source_.shown_label(), source_.column(request_.by)->shown_label()}}
                    : Sentence{N_("%1, summary"), {source_.shown_label()}};
        Result<Study> begun = add_table(study_, worded(title), &table);
        if (added != nullptr) {
            *added = table;
        }
        if (begun && grouped) {
            Categories categories;
            categories.of = request_.by;
            by_name_ = free_of_measures(source_.column(request_.by)->name);
            begun = category_rows(*begun, table, by_name_, categories);
        }
        if (!begun) {
            return begun;
        }
        TableMaker maker(*begun, table);
        if (request_.first_rows) {
            maker.held("first_rows = " + std::to_string(*request_.first_rows),
                       {N_("number of rows used by the measures, from the first")});
        }
        grouped ? add_groups(maker, table) : add_rows(maker, table);
        return maker.study();
    }

  private:
    void list_samples() {
        std::vector<std::string> names;
        std::vector<std::string> labels;
        for (const Id id : request_.columns) {
            const ColumnDefinition& column = *source_.column(id);
            names.push_back(column.name);
            labels.push_back(column.shown_label());
            const bool growing = request_.together == SummaryRequest::Together::one_after_other;
            Sample sample;
            sample.columns = growing ? names : std::vector{column.name};
            sample.label = growing ? joined(labels) : column.shown_label();
            sample.name = growing && names.size() > 1 ? "to_" + column.name : column.name;
            samples_.push_back(std::move(sample));
        }
        if (request_.together == SummaryRequest::Together::pooled && names.size() > 1) {
            samples_.push_back({names, worded({N_("all pooled")}), "pooled"});
        }
    }

    static std::string joined(const std::vector<std::string>& texts) {
        std::string all;
        for (const std::string& text : texts) {
            all += (all.empty() ? "" : ", ") + text;
        }
        return all;
    }

    std::string free_of_measures(const std::string& name) const {
        return name == "first_rows" ? name + "_value" : name;
    }

    /// `Pebbles.length[1..first_rows]`
    std::string named(const std::string& column) const {
        return source_.name + "." + column + (request_.first_rows ? "[1..first_rows]" : "");
    }

    std::string formula(const SummaryMeasure& measure, const Sample& sample) const {
        std::vector<std::string> names;
        for (const std::string& column : sample.columns) {
            names.push_back(named(column));
        }
        const bool grouped = !by_name_.empty();
        const bool plain_arguments = measure.pattern.find(',') != std::string::npos;
        std::string what = joined(names);
        if (names.size() > 1 && (grouped || plain_arguments)) {
            what = "(" + what + ")";
        }
        if (grouped) {
            what += " where " + named(source_.column(request_.by)->name) + " = " + by_name_;
        }
        std::string text = measure.pattern;
        const auto put = [&text](const char* sign, const std::string& in_place) {
            for (std::size_t at = text.find(sign); at != std::string::npos;
                 at = text.find(sign, at + in_place.size())) {
                text.replace(at, 2, in_place);
            }
        };
        put("$x", what);
        put("$t", std::to_string(request_.quantile_type));
        return text;
    }

    Sentence label(const SummaryMeasure& measure) const {
        return measure.quantile
                   ? Sentence{N_("%1 (type %2)"), {worded({measure.label}), std::to_string(request_.quantile_type)}}
                   : Sentence{measure.label};
    }

    const SummaryMeasure& measure(const std::string& name) const {
        const auto& all = summary_measures();
        return *std::find_if(all.begin(), all.end(), [&name](const auto& one) { return one.name == name; });
    }

    /// For each column a heading with its measures below.
    void add_groups(TableMaker& maker, Id table) {
        for (const Sample& sample : samples_) {
            std::vector<std::string> names;
            for (const std::string& wanted : request_.measures) {
                const SummaryMeasure& one = measure(wanted);
                const std::string name = samples_.size() == 1 ? one.name : sample.name + "_" + one.name;
                names.push_back(free_name(name, [&](const std::string& taken) {
                    return maker.study() &&
                           name_refused(*maker.study(), maker.study()->table(table), taken).has_value();
                }));
                maker.column(label(one), names.back() + " = " + formula(one, sample));
            }
            std::vector<Id> columns;
            for (const std::string& name : names) {
                const ColumnDefinition* column =
                    maker.study() ? maker.study()->table(table)->column_named(name) : nullptr;
                if (column != nullptr) {
                    columns.push_back(column->id);
                }
            }
            if (columns.size() > 1 && maker.study()) {
                maker.take(group_columns(*maker.study(), table, sample.label, columns));
            }
        }
    }

    /// A row for each sample; a measure's column has a formula for each row.
    void add_rows(TableMaker& maker, Id table) {
        std::vector<std::string> labels;
        for (const Sample& sample : samples_) {
            labels.push_back(sample.label);
        }
        maker.texts({N_("Column")}, "column", labels);
        for (const std::string& wanted : request_.measures) {
            const SummaryMeasure& one = measure(wanted);
            maker.column(label(one), one.name + " = " + formula(one, samples_.front()));
            if (!maker.study() || samples_.size() == 1) {
                continue;
            }
            std::vector<Piece> pieces;
            for (std::size_t row = 0; row < samples_.size(); ++row) {
                const std::uint64_t id = maker.study()->table(table)->axis.id_at(row);
                pieces.push_back({Formula(formula(one, samples_[row])), id, id});
            }
            const Id column = maker.study()->table(table)->column_named(one.name)->id;
            maker.take(with_column(*maker.study(), column,
                                   [&pieces](ColumnDefinition& copy) { copy.pieces = std::move(pieces); }));
        }
    }

    const Study& study_;
    const SummaryRequest& request_;
    const Table& source_;
    std::string by_name_;
    std::vector<Sample> samples_;
};

} // namespace

const std::vector<SummaryMeasure>& summary_measures() {
    static const std::vector<SummaryMeasure> all = {
        {"n", N_("n"), "count($x)", false, true, true},
        {"total", N_("sum"), "sum($x)"},
        {"avg", N_("mean"), "mean($x)", false, true, true},
        {"sd_sample", N_("standard deviation s of a sample (n − 1)"), "sd($x)", false, true},
        {"sd_whole", N_("standard deviation σ of a whole population (n)"), "sd_pop($x)", false, false, true},
        {"var_sample", N_("variance of a sample (n − 1)"), "var($x)"},
        {"var_whole", N_("variance of a whole population (n)"), "var_pop($x)"},
        {"std_error", N_("standard error of the mean"), "se($x)"},
        {"least", N_("smallest"), "min($x)", false, true, true},
        {"lower_q", N_("lower quartile"), "quantile($x, 0.25, $t)", true, true, true},
        {"middle", N_("median"), "quantile($x, 0.5, $t)", true, true, true},
        {"upper_q", N_("upper quartile"), "quantile($x, 0.75, $t)", true, true, true},
        {"most", N_("largest"), "max($x)", false, true, true},
        {"spread", N_("range"), "range($x)"},
        {"between_q", N_("interquartile range"), "quantile($x, 0.75, $t) - quantile($x, 0.25, $t)", true},
        {"var_coeff", N_("coefficient of variation"), "cv($x)"},
        {"commonest", N_("most frequent (all modes)"), "modes($x)"},
        {"kinds", N_("different values"), "distinct($x)"},
        {"skew", N_("skewness"), "skewness($x)"},
        {"excess", N_("kurtosis (excess)"), "kurtosis($x)"},
    };
    return all;
}

Result<Study> summary_table(const Study& study, const SummaryRequest& request, Id* added) {
    if (request.columns.empty() || request.measures.empty()) {
        return Sentence{N_("A summary needs a column of numbers and a measure. Select at least one of each."), {}};
    }
    const Table* source = table_with(study, &Table::columns, request.columns.front());
    const bool one_table = source != nullptr && (request.by.empty() || source->column(request.by) != nullptr) &&
                           std::all_of(request.columns.begin(), request.columns.end(),
                                       [source](Id id) { return source->column(id) != nullptr; });
    if (!one_table) {
        return Sentence{N_("The columns of a summary must be in one table. Select them there."), {}};
    }
    if (request.first_rows && *request.first_rows < 1) {
        return Sentence{N_("A summary of the first rows needs at least 1 row."), {}};
    }
    return Summary(study, request, *source).make(added);
}

} // namespace ledgefall

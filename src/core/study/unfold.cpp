#include "core/study/unfold.h"

#include "core/formula/names.h"
#include "core/study/parts.h"

#include <map>

namespace ledgefall {
namespace {

/// One step of a recipe: `definition` has the names that are given when it is followed behind a dollar sign.
struct Step {
    enum class Where : std::uint8_t { column, ledge, known, sum, check };
    Where where = Where::ledge;
    const char* definition; ///< of a sum the column under which it stands; of what may be known, what else to hold
    const char* note;       ///< of a column its label
};

struct Recipe {
    Unfolding told;
    std::vector<Step> steps;
};

constexpr Step::Where column = Step::Where::column;
constexpr Step::Where ledge = Step::Where::ledge;
constexpr Step::Where known = Step::Where::known;
constexpr Step::Where sum = Step::Where::sum;
constexpr Step::Where check = Step::Where::check;

const std::vector<Step> mean_steps = {{ledge, "$n = count($x)", "how many values"},
                                      {sum, "$x", ""},
                                      {ledge, "$mean = sum($x) / $n", "their sum over their number"}};

std::vector<Step> after(std::vector<Step> first, const std::vector<Step>& then) {
    first.insert(first.end(), then.begin(), then.end());
    return first;
}

std::vector<Step> spread(const char* variance, const char* over, const std::vector<Step>& end) {
    return after(after(mean_steps, {{column, "$dev = $x - $mean", "Deviation"},
                                    {column, "$sq = $dev^2", "Squared"},
                                    {sum, "$sq", ""},
                                    {ledge, variance, over}}),
                 end);
}

std::vector<Step> quartile(const char* position, const char* end) {
    return {
        {ledge, "$n = count($x)", "how many values"},
        {column,
         "$ordered = if row > $n then missing else if $n = 1 then min($x) else quantile($x, (row - 1) / ($n - 1), 7)",
         "In order"},
        {ledge, position, "where it lies among them, from 1"},
        {ledge, "$below = $ordered[floor($at)]", "the value at or below that place"},
        {ledge, "$above = $ordered[ceil($at)]", "the value at or above it"},
        {ledge, "$q = $below + ($at - floor($at)) * ($above - $below)", "on the line between them"},
        {check, end, ""}};
}

std::vector<Step> proportions(const std::vector<Step>& end) {
    return after(
        {{ledge, "$total = sum($x)", "all individuals"}, {sum, "$x", ""}, {column, "$p = $x / $total", "Proportion"}},
        end);
}

std::vector<Step> squares_of_proportions(const char* index, const char* end) {
    return proportions({{column, "$p_sq = $p^2", "Squared"}, {sum, "$p_sq", ""}, {ledge, index, ""}, {check, end, ""}});
}

std::vector<Step> pairs(const std::vector<Step>& end) {
    return after({{ledge, "$mean_x = mean($x where not is_missing($y))", "of the x that have a y"},
                  {ledge, "$mean_y = mean($y where not is_missing($x))", "of the y that have an x"},
                  {column, "$dx = if is_missing($y) then missing else $x - $mean_x", "x − mean"},
                  {column, "$dy = if is_missing($x) then missing else $y - $mean_y", "y − mean"},
                  {column, "$dxdy = $dx * $dy", "Product"},
                  {column, "$dx_sq = $dx^2", "(x − mean)²"},
                  {sum, "$dxdy", ""},
                  {sum, "$dx_sq", ""}},
                 end);
}

const std::vector<Recipe>& recipes() {
    static const std::vector<Recipe> all = {
        {{"mean", "mean", {"x"}}, after(mean_steps, {{check, "$mean ≈ mean($x)", ""}})},
        {{"var", "variance, of a sample (n − 1)", {"x"}},
         spread("$variance = sum($sq) / ($n - 1)", "over one less than their number",
                {{check, "$variance ≈ var($x)", ""}})},
        {{"sd", "standard deviation, of a sample (n − 1)", {"x"}},
         spread("$variance = sum($sq) / ($n - 1)", "over one less than their number",
                {{ledge, "$s = sqrt($variance)", "its root"}, {check, "$s ≈ sd($x)", ""}})},
        {{"var_pop", "variance, of a whole population (n)", {"x"}},
         spread("$variance = sum($sq) / $n", "over their number", {{check, "$variance ≈ var_pop($x)", ""}})},
        {{"sd_pop", "standard deviation, of a whole population (n)", {"x"}},
         spread("$variance = sum($sq) / $n", "over their number",
                {{ledge, "$s = sqrt($variance)", "its root"}, {check, "$s ≈ sd_pop($x)", ""}})},
        {{"q1", "first quartile, by its place", {"x"}},
         quartile("$at = 1 + ($n - 1) * 0.25", "$q ≈ quantile($x, 0.25, 7)")},
        {{"median", "median, by its place", {"x"}}, quartile("$at = 1 + ($n - 1) * 0.5", "$q ≈ median($x)")},
        {{"q3", "third quartile, by its place", {"x"}},
         quartile("$at = 1 + ($n - 1) * 0.75", "$q ≈ quantile($x, 0.75, 7)")},
        {{"shannon", "Shannon's index, of counts", {"counts"}},
         proportions({{column, "$p_ln_p = xlnx($p)", "p ln p"},
                      {sum, "$p_ln_p", ""},
                      {ledge, "$H = -sum($p_ln_p)", "Shannon's index"},
                      {check, "$H ≈ shannon($x)", ""}})},
        {{"dominance", "Simpson's dominance, of counts", {"counts"}},
         squares_of_proportions("$D = sum($p_sq)", "$D ≈ dominance($x)")},
        {{"gini_simpson", "Simpson's diversity 1 − Σp², of counts", {"counts"}},
         squares_of_proportions("$D = 1 - sum($p_sq)", "$D ≈ gini_simpson($x)")},
        {{"inverse_simpson", "Simpson's inverse, of counts", {"counts"}},
         squares_of_proportions("$D = 1 / sum($p_sq)", "$D ≈ inverse_simpson($x)")},
        {{"simpson_unbiased", "Simpson's diversity without bias, of counts", {"counts"}},
         {{ledge, "$total = sum($x)", "all individuals"},
          {sum, "$x", ""},
          {column, "$pairs = $x * ($x - 1)", "n(n − 1)"},
          {sum, "$pairs", ""},
          {ledge, "$D = 1 - sum($pairs) / ($total * ($total - 1))", "Simpson's diversity"},
          {check, "$D ≈ simpson_unbiased($x)", ""}}},
        {{"corr", "correlation", {"x", "y"}},
         pairs({{column, "$dy_sq = $dy^2", "(y − mean)²"},
                {sum, "$dy_sq", ""},
                {ledge, "$r = sum($dxdy) / sqrt(sum($dx_sq) * sum($dy_sq))", "the correlation"},
                {check, "$r ≈ corr($x, $y)", ""}})},
        {{"regression", "regression line", {"x", "y"}},
         pairs({{ledge, "$b = sum($dxdy) / sum($dx_sq)", "the slope"},
                {ledge, "$a = $mean_y - $b * $mean_x", "where the line meets the axis"},
                {column, "$fit = $a + $b * $x", "On the line"},
                {check, "$b ≈ slope($y, $x)", ""},
                {check, "$a ≈ intercept($y, $x)", ""}})},
        {{"chi2_stat", "chi-squared", {"observed", "expected"}},
         {{column, "$diff = $x - $y", "Observed − expected"},
          {column, "$part = $diff^2 / $y", "Squared, over expected"},
          {sum, "$part", ""},
          {ledge, "$chi2 = sum($part)", "chi-squared"},
          {check, "$chi2 ≈ chi2_stat($x, $y)", ""}}},
        {{"grouped", "mean and deviation from classes", {"middle", "frequency"}},
         {{ledge, "$n = sum($y where not is_missing($x))", "how many values"},
          {column, "$fx = $y * $x", "f · middle"},
          {sum, "$fx", ""},
          {ledge, "$mean = sum($fx) / $n", "the mean from the classes"},
          {column, "$fsq = $y * ($x - $mean)^2", "f · (middle − mean)²"},
          {sum, "$fsq", ""},
          {ledge, "$variance = sum($fsq) / ($n - 1)", "over one less than their number"},
          {ledge, "$s = sqrt($variance)", "the deviation from the classes"},
          {check, "$mean ≈ wmean($x, $y)", ""},
          {check, "$s ≈ wsd($x, $y)", ""}}},
        {{"binomial", "binomial mean and deviation, of k from 0 to n", {"k"}},
         {{ledge, "$n = max($x)", "how many trials"},
          {known, "$p = 0.5", "the chance of success in each"},
          {column, "$prob = choose($n, $x) * $p^$x * (1 - $p)^($n - $x)", "P(k)"},
          {sum, "$prob", ""},
          {column, "$part = $x * $prob", "k · P(k)"},
          {sum, "$part", ""},
          {ledge, "$mean = sum($part)", "the mean from the table"},
          {column, "$spread = ($x - $mean)^2 * $prob", "(k − mean)² · P(k)"},
          {sum, "$spread", ""},
          {ledge, "$variance = sum($spread)", "the variance from the table"},
          {ledge, "$s = sqrt($variance)", "its root"},
          {check, "sum($prob) ≈ 1", ""},
          {check, "$mean ≈ mean(binomial($n, $p)) and $mean ≈ $n * $p", ""},
          {check, "$s ≈ sd(binomial($n, $p)) and $s ≈ sqrt($n * $p * (1 - $p))", ""}}},
    };
    return all;
}

/// Follows a recipe: gives the names behind dollar signs, each free where it stands.
class Follower {
  public:
    Follower(const Study& study, const Table& table, const std::vector<Id>& columns)
        : study_(study)
        , table_(table.id) {
        const char* const given[] = {"x", "y"};
        for (std::size_t at = 0; at < columns.size(); ++at) {
            names_[given[at]] = table.column(columns[at])->name;
        }
    }

    void follow(const Step& step, const std::string& measure) {
        if (refused_) {
            return;
        }
        Id made;
        if (step.where == Step::Where::known && known_already(step.definition)) {
            return;
        }
        const std::string text = with_names(step.definition);
        switch (step.where) {
        case Step::Where::column:
            take(write_column(study_, table_, text, &made));
            take(refused_ ? Result<Study>(*refused_) : head_column(study_, made, {step.note, "", ""}));
            break;
        case Step::Where::ledge:
        case Step::Where::known:
            take(hold(study_, table_, text, &made));
            take(refused_ ? Result<Study>(*refused_) : note_held(study_, made, step.note));
            break;
        case Step::Where::sum:
            sums_.push_back(study_.table(table_)->column_named(text)->id);
            break;
        case Step::Where::check:
            take(add_check(study_, table_,
                           {measure + " by hand as by measure", text, "The steps do not lead to the measure."}));
            break;
        }
    }

    Result<Study> finish() {
        if (!refused_ && !sums_.empty()) {
            take(add_foot_line(study_, table_, "sum", "sum(each)", sums_));
        }
        return refused_ ? Result<Study>(*refused_) : Result<Study>(study_);
    }

  private:
    void take(const Result<Study>& next) {
        if (!next && !refused_) {
            refused_ = next.refusal();
        } else if (next) {
            study_ = *next;
        }
    }

    /// Whether the held value that a step would give is there already under its own name; it is then used.
    bool known_already(const std::string& definition) {
        const std::string name = definition.substr(1, definition.find(' ') - 1);
        const bool held = look_up(study_, study_.table(table_), "", name).held != nullptr;
        if (held) {
            names_[name] = name;
        }
        return held;
    }

    /// The first name behind a dollar sign that is not known yet is what the step defines.
    std::string with_names(const std::string& pattern) {
        std::string out;
        for (std::size_t at = 0; at < pattern.size();) {
            if (pattern[at] != '$') {
                out += pattern[at++];
                continue;
            }
            std::size_t end = at + 1;
            while (end < pattern.size() && continues_name(static_cast<unsigned char>(pattern[end]))) {
                ++end;
            }
            const std::string asked = pattern.substr(at + 1, end - at - 1);
            const auto named = names_.find(asked);
            out += named != names_.end() ? named->second : (names_[asked] = free_for(asked));
            at = end;
        }
        return out;
    }

    std::string free_for(const std::string& wanted) const {
        const Table* table = study_.table(table_);
        return free_name(wanted, [&](const std::string& name) {
            return name_refused(study_, table, name).has_value() || look_up(study_, table, "", name).found();
        });
    }

    Study study_;
    Id table_;
    std::map<std::string, std::string> names_;
    std::vector<Id> sums_;
    std::optional<Sentence> refused_;
};

} // namespace

const std::vector<Unfolding>& unfoldings() {
    static const std::vector<Unfolding> all = [] {
        std::vector<Unfolding> told;
        for (const Recipe& recipe : recipes()) {
            told.push_back(recipe.told);
        }
        return told;
    }();
    return all;
}

Result<Study> unfold(const Study& study, const std::string& name, const std::vector<Id>& columns) {
    for (const Recipe& recipe : recipes()) {
        if (recipe.told.name != name) {
            continue;
        }
        if (columns.size() != recipe.told.takes.size()) {
            return recipe.told.takes.size() == 1
                       ? Sentence{"Choose the one column of which %1 is to be unfolded.", {name}}
                       : Sentence{
                             "%1 is unfolded from two columns: choose that of the %2 and that of the %3, side by side.",
                             {name, recipe.told.takes[0], recipe.told.takes[1]}};
        }
        const Table* table = table_with(study, &Table::columns, columns.front());
        if (table == nullptr || table->column(columns.back()) == nullptr) {
            return no_such_part;
        }
        Follower follower(study, *table, columns);
        for (const Step& step : recipe.steps) {
            follower.follow(step, name + "(" + table->column(columns.front())->name + ")");
        }
        return follower.finish();
    }
    return Sentence{"%1 cannot be unfolded.", {name}};
}

} // namespace ledgefall

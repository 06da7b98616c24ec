#include "oracle/random_blueprints.h"

#include <random>

namespace ledgefall::testing {
namespace {

using Names = std::vector<std::string>;

/// Writes formulas for one study. A formula is written for a place: a row of a table, a measure over a table's rows, a
/// cell of a grid, or the ledge.
class Writer {
  public:
    Writer(std::uint64_t seed, Subject subject)
        : subject_(subject)
        , engine_(seed) {}

    Blueprint study() {
        plan_.quantile_type = static_cast<int>(1 + pick(9));
        plan_.seed = engine_();
        held();
        if (subject_ == Subject::grids) {
            grid();
        } else {
            table("Data", rows());
            if (!long_ && pick(3) == 0) {
                table("Sites", 1 + pick(4));
            }
        }
        late_held();
        return std::move(plan_);
    }

  private:
    struct Place {
        Names numbers, texts, conditions, dates; ///< bare names that are read row by row here
        std::string owner;                       ///< of a measure over another table: its name and a point
        bool rows = false;                       ///< whether there is an own row
        bool sample = false;                     ///< whether this is inside of a measure
        std::string self;                        ///< of a recurrence: the column itself
    };

    std::size_t pick(std::size_t count) { return static_cast<std::size_t>(engine_() % count); }
    bool chance(std::size_t one_in) { return pick(one_in) == 0; }
    std::string of(const Names& all) { return all[pick(all.size())]; }

    std::size_t rows() {
        long_ = (subject_ == Subject::recurrences || subject_ == Subject::tables) && chance(1000);
        if (long_) {
            return 4200; // longer than a block; then without measures for each row, which the oracle computes anew
        }
        switch (pick(8)) {
        case 0:
            return pick(3);
        case 1:
            return subject_ == Subject::ranges || subject_ == Subject::measures ? 40 + pick(260) : 8 + pick(30);
        default:
            return 2 + pick(7);
        }
    }

    // --- given values ---
    double value() {
        switch (style_) {
        case 0:
            return static_cast<double>(pick(4));
        case 1:
            return (static_cast<double>(pick(40)) - 12) / 4;
        case 2:
            return 0.1; // all equal
        case 3:
            return 1 + static_cast<double>(pick(5)) * 0x1p-48; // nearly equal
        case 4:
            return 1e8 + static_cast<double>(pick(9)) / 8; // cancelling
        case 5:
            return static_cast<double>(pick(100)) / 10;
        default:
            return static_cast<double>(1 + pick(9));
        }
    }
    OracleValue cell(OracleKind kind) {
        if (gaps_ > 0 && chance(gaps_)) {
            return OracleValue::none(kind);
        }
        switch (kind) {
        case OracleKind::text:
            return OracleValue::of_text(of({"pool", "weir", "riffle"}));
        case OracleKind::yes_no:
            return OracleValue::of_yes(chance(2));
        case OracleKind::date:
            return OracleValue::of_date(static_cast<double>(20000 + pick(500)));
        default:
            return OracleValue::of(value());
        }
    }
    ColumnPlan given(const std::string& name, OracleKind kind, std::size_t rows) {
        style_ = pick(8);
        gaps_ = chance(3) ? 0 : 3 + pick(6);
        ColumnPlan column;
        column.name = name;
        column.kind = kind;
        for (std::size_t row = 0; row < rows; ++row) {
            column.cells.push_back(cell(kind));
        }
        return column;
    }

    void held() {
        plan_.ledge.push_back({"k", of({"2.5", "0", "3", "-1", "0.1"})});
        plan_.ledge.push_back({"m", of({"k + 1", "2 * k", "4", "k / 0"})});
        if (chance(4)) {
            plan_.ledge.push_back({"force(r)", of({"k / r^2", "r * m", "if r > 2 then r else k"})});
        }
        if (subject_ == Subject::probability) {
            plan_.ledge.push_back({"D", of({"binomial(12, 0.35)", "normal(k, 2)", "poisson(k)", "uniform(0, m)"})});
        }
    }

    /// Held values that use the tables.
    void late_held() {
        for (std::size_t count = pick(3); count > 0; --count) {
            const TablePlan& over = plan_.tables[pick(plan_.tables.size())];
            Place place;
            place.owner = over.name + ".";
            place.sample = true;
            add_names(over, place);
            plan_.ledge.push_back({"h" + std::to_string(count), measure(place, 1)});
        }
        for (int count = 0; subject_ == Subject::searches && count < 4; ++count) {
            plan_.ledge.push_back({"root" + std::to_string(count), search()});
        }
    }

    static void add_names(const TablePlan& table, Place& place) {
        for (const ColumnPlan& column : table.columns) {
            (column.kind == OracleKind::text     ? place.texts
             : column.kind == OracleKind::yes_no ? place.conditions
             : column.kind == OracleKind::date   ? place.dates
                                                 : place.numbers)
                .push_back(column.name);
        }
    }

    // --- tables ---
    void table(const std::string& name, std::size_t rows) {
        TablePlan table;
        table.name = name;
        table.rows = rows;
        table.counted = subject_ == Subject::recurrences && chance(3);
        if (!table.counted) {
            for (const char* column : {"x", "y", "z"}) {
                table.columns.push_back(given(column, OracleKind::number, rows));
            }
            table.columns.push_back(given("s", OracleKind::text, rows));
            table.columns.push_back(given("b", OracleKind::yes_no, rows));
            table.columns.push_back(given("d", OracleKind::date, rows));
        } else {
            table.columns.push_back(computed(
                "x", of({"row", "row / 2", "row mod 3", "if row = 3 then missing else row", "1 / (row - 2)"})));
        }
        if (!table.counted) {
            table.groups.push_back({"both", {"x", "y"}});
            if (chance(2)) {
                table.groups.front().columns.push_back("z");
            }
        }
        if (chance(3)) {
            table.ledge.push_back({"own", of({"mean(x)", "1.5", "sum(x) / k", "x[2]", "count(x) + m"})});
        }
        plan_.tables.push_back(table);
        TablePlan& made = plan_.tables.back();
        for (std::size_t count = 1 + pick(5), at = 0; at < count; ++at) {
            Place place;
            place.rows = true;
            add_names(made, place);
            const std::string column = "c" + std::to_string(at);
            made.columns.push_back(computed(column, formula(place, column, made)));
            if (made.columns.back().kind == OracleKind::number && made.rows > 1 && chance(6)) {
                made.columns.back().overrides[1 + pick(made.rows)] = OracleValue::of(static_cast<double>(pick(9)));
            }
            if (made.rows > 3 && chance(8)) {
                made.columns.back().from = 1 + pick(3);
                made.columns.back().to = made.rows - pick(2);
            }
        }
        if (made.counted && chance(2)) {
            made.until = of({"x > 3", "c0 > 5", "x[i-1] = 2", "c0 < 0", "row = 2"});
        }
        if (subject_ == Subject::kinds && !made.counted) {
            other_kinds(made);
        }
        for (std::size_t lines = pick(3); lines > 0; --lines) {
            made.foot.push_back({"line" + std::to_string(lines), foot_formula(), {"x", "c0"}});
        }
        for (std::size_t checks = pick(3); checks > 0; --checks) {
            Place place;
            place.sample = true;
            add_names(made, place);
            const std::string left = measure(place, 0);
            made.checks.push_back({"check" + std::to_string(checks),
                                   left + of({" < ", " = ", " >= "}) + of({"1", "k", "mean(x)", left})});
        }
    }
    std::string foot_formula() {
        return of({"sum(each)", "mean(each)", "sum(each) / rows", "sum(each where x > 2)",
                   "sd(each) / sqrt(count(each))", "median(each)", "quantile(each, 0.3)", "max(each) - min(each)",
                   "count(each > k)", "sum(each * x)", "sum(x) - each[2]", "mode(each)", "mean(each where each > x)"});
    }
    static ColumnPlan computed(const std::string& name, const std::string& formula) {
        ColumnPlan column;
        column.name = name;
        column.formula = formula;
        return column;
    }

    /// A column's formula; of numbers, so that later ones can use it.
    std::string formula(Place& place, const std::string& column, TablePlan& table) {
        const int depth = static_cast<int>(1 + pick(3));
        switch (subject_) {
        case Subject::recurrences:
            if (chance(4)) { // a cycle of two columns
                const std::string other = column + "b";
                place.self = other;
                table.columns.push_back(computed(other, "first " + number(start(place), 0) + " then " + column +
                                                            "[i-1] + " + number(place, 1)));
                place.self = other;
                return "first " + number(start(place), 0) + " then " + number(place, depth);
            }
            place.self = column;
            return recurrence(place, depth);
        case Subject::conditions:
            return chance(3) ? number(place, depth) : conditional_measure(place);
        case Subject::ranges:
            return chance(3) ? number(place, depth) : ranged_measure(place);
        case Subject::measures:
            return chance(4) ? number(place, depth) : measure(place, depth);
        case Subject::what_if:
            return chance(4) ? "((" + number(place, 1) + ") with k = " + leaf(place) + ") with m = " + leaf(place)
                   : chance(4)
                       ? "(" + number(place, 1) + ") with (k = " + leaf(place) + ", m = 2)"
                       : "(" + number(place, 1) + ") with " + of({"k = ", "m = "}) + number(place, chance(2) ? 0 : 1);
        case Subject::probability:
            return probability(place);
        default:
            return number(place, depth);
        }
    }
    static Place start(const Place& place) {
        Place first = place;
        first.self.clear();
        return first;
    }
    std::string recurrence(const Place& place, int depth) {
        std::string text = "first ";
        for (std::size_t count = 1 + pick(3); count > 0; --count) {
            text += number(start(place), static_cast<int>(pick(2))) + (count > 1 ? "; " : "");
        }
        return text + " then " + number(place, depth);
    }

    // --- expressions ---
    std::string bare(const Place& place, const Names& names) { return place.owner + of(names); }
    std::string literal() { return of({"2", "0.5", "3", "0", "1", "-1", "10", "0.1"}); }
    std::string offset() { return of({"[i-1]", "[i+1]", "[i-2]", "[2]", "[last]", "[i]", "[i-1]"}); }

    std::string leaf(const Place& place) {
        if (!place.self.empty() && chance(2)) {
            return place.self + of({"[i-1]", "[i-1]", "[i-1]", "[i-2]", "[i-1]"});
        }
        switch (pick(place.sample ? 5 : 7)) {
        case 0:
            return literal();
        case 1:
            return of({"k", "m", "k"});
        case 2:
            return place.rows && place.owner.empty() ? of({"row", "rows", "x[1]"}) : literal();
        case 5:
        case 6:
            return place.rows && place.owner.empty() ? of(place.numbers) + offset() : bare(place, place.numbers);
        default:
            return bare(place, place.numbers);
        }
    }

    std::string number(const Place& place, int depth) {
        if (depth <= 0) {
            return leaf(place);
        }
        const auto below = [&] { return number(place, depth - 1); };
        switch (pick(place.sample || long_ ? 12 : 16)) {
        case 0:
        case 1:
            return "(" + below() + of({" + ", " - ", " * "}) + below() + ")";
        case 2:
            return "(" + below() + " / " + below() + ")";
        case 3:
            return "(if " + condition(place, depth - 1) + " then " + below() + " else " + below() + ")";
        case 4:
            return of({"larger", "smaller"}) + "(" + below() + ", " + below() + ")";
        case 5:
            return of({"abs", "sign", "floor", "ceil", "trunc", "round", "sqrt", "cbrt", "exp", "ln", "xlnx", "sin",
                       "atan"}) +
                   "(" + below() + ")";
        case 6:
            return below() + of({"^2", "^0.5", "^-1", "^3"});
        case 7:
            return "default(" + below() + ", " + below() + ")";
        case 8:
            return "(" + below() + " mod " + of({"3", "2.5", "-2"}) + ")";
        case 9:
            return "round(" + below() + ", " + of({"0", "1", "2"}) + ")";
        case 10:
            return chance(4) ? "|" + below() + "|" : "-(" + below() + ")";
        case 11:
            return text_number(place);
        case 12:
            return chance(3) ? ranged_measure(place) : measure(place, depth - 1);
        case 13:
            return conditional_measure(place);
        case 14:
            return chance(2) ? single_measure(place)
                             : "sum(" + literal() + " / (j + 1) for j in 0.." + of({"3", "row", "k"}) + ")";
        default:
            return measure(place, depth - 1);
        }
    }
    std::string text_number(const Place& place) {
        if (place.texts.empty()) {
            return leaf(place);
        }
        const std::string s = bare(place, place.texts);
        const std::string d = place.dates.empty() ? s : bare(place, place.dates);
        return place.dates.empty() || chance(2) ? "length(" + s + ")"
                                                : of({"year", "month", "day", "weekday"}) + "(" + d + ")";
    }

    std::string condition(const Place& place, int depth) {
        const auto below = [&] { return number(place, depth - 1); };
        switch (pick(depth > 0 ? 9 : 7)) {
        case 0:
        case 1:
        case 2:
            return "(" + leaf(place) + of({" < ", " <= ", " > ", " >= ", " = ", " != "}) + below() + ")";
        case 3:
            return place.texts.empty() ? "(" + leaf(place) + " > 1)"
                                       : "(" + bare(place, place.texts) + of({" = ", " != "}) + "\"" +
                                             of({"pool", "weir", "riffle"}) + "\")";
        case 4:
            return "(" + leaf(place) + " in (" + leaf(place) + ", 2, 3))";
        case 5:
            return place.conditions.empty() ? "(" + leaf(place) + " < 2 <= " + leaf(place) + ")"
                                            : bare(place, place.conditions);
        case 6:
            return "is_missing(" + leaf(place) + ")";
        case 7:
            return "(" + condition(place, depth - 1) + of({" and ", " or "}) + condition(place, depth - 1) + ")";
        default:
            return "not " + condition(place, depth - 1);
        }
    }

    // --- measures ---
    /// The same place, seen from inside of a measure over the own table or over another one.
    Place inside(const Place& place) {
        Place sample = place;
        sample.self.clear();
        sample.sample = true;
        if (place.rows && place.owner.empty() && plan_.tables.size() > 1 && chance(3)) {
            const TablePlan& other = plan_.tables.front();
            sample = Place();
            sample.owner = other.name + ".";
            sample.sample = sample.rows = true;
            add_names(other, sample);
        }
        return sample;
    }
    std::string measure_name() {
        return of({"sum",      "mean",         "count",        "min",
                   "max",      "median",       "mode",         "range",
                   "q1",       "q3",           "iqr",          "var",
                   "sd",       "var_pop",      "sd_pop",       "se",
                   "cv",       "mad",          "geomean",      "harmean",
                   "skewness", "kurtosis",     "distinct",     "product",
                   "sum",      "mean",         "sd",           "richness",
                   "shannon",  "dominance",    "gini_simpson", "inverse_simpson",
                   "pielou",   "berger_parker"});
    }
    std::string measure(const Place& place, int depth) {
        const Place sample = inside(place);
        const std::string x = bare(sample, sample.numbers);
        const std::string y = bare(sample, sample.numbers);
        switch (pick(9)) {
        case 0:
            return measure_name() + "(" + x + of({" + ", " * ", " - "}) + number(sample, depth - 1) + ")";
        case 1:
            return of({"count", "share"}) + "(" + condition(sample, 1) + " or " + x + " > 1)";
        case 2:
            return of({"corr", "cov", "slope", "intercept", "rank_corr"}) + "(" + x + ", " + y + ")";
        case 3:
            return of({"wmean", "wvar", "wsd", "wvar_pop", "wsd_pop"}) + "(" + x + ", " + y + ")";
        case 4:
            return (chance(2) ? "quantile(" + x : "wquantile(" + x + ", " + y) + ", " +
                   of({"0.1", "0.5", "0.9", "0", "1", "k", "0.25"}) +
                   (chance(3) ? ", " + of({"1", "4", "6", "9"}) : "") + ")";
        case 5:
            return pooled(sample);
        case 6:
            return place.rows && place.owner.empty() && sample.owner.empty() ? ranks(sample, x)
                                                                             : measure_name() + "(" + x + ")";
        default:
            return measure_name() + "(" + x + ")";
        }
    }
    std::string ranks(const Place& sample, const std::string& x) {
        switch (pick(3)) {
        case 0:
            return "rank(" + x + ")";
        case 1:
            return "rank(" + x + " where " + condition(sample, 0) + ")";
        default:
            return "sum(rank(" + x + ") * " + leaf(sample) + ")";
        }
    }
    std::string pooled(const Place& sample) {
        const std::string name = of({"sum", "mean", "count", "min", "max", "median", "sd", "mode"});
        const std::string tail = chance(2) ? " where " + condition(sample, 0) : "";
        if (sample.numbers.size() > 2 && sample.numbers[1] == "y" && chance(3)) {
            return name + "(" + sample.owner + "both" + tail + ")";
        }
        return sample.owner.empty() && chance(2) && sample.numbers.size() > 2 && sample.numbers[0] == "x" &&
                       sample.numbers[1] == "y"
                   ? name + "(x .. z" + tail + ")"
                   : name + "(" + bare(sample, sample.numbers) + ", " + bare(sample, sample.numbers) + tail + ")";
    }
    std::string conditional_measure(const Place& place) {
        const Place sample = inside(place);
        const std::string x = bare(sample, sample.numbers);
        switch (pick(6)) {
        case 0:
            return place.rows && place.owner.empty()
                       ? single_measure(place)
                       : measure_name() + "(" + x + " where " + condition(sample, 1) + ")";
        case 1:
            return pooled(sample);
        case 2:
            return of({"corr", "wmean", "slope", "cov"}) + "(" + x + ", " + bare(sample, sample.numbers) + " where " +
                   condition(sample, 1) + ")";
        case 3:
            return place.rows && sample.owner.empty() && place.owner.empty()
                       ? measure_name() + "(" + x + " where " + own_row_condition(sample) + ")"
                       : measure_name() + "(" + x + " where " + condition(sample, 0) + ")";
        default:
            return measure_name() + "(" + x + " where " + condition(sample, 1) + ")";
        }
    }
    /// A condition that compares each row with the formula's own.
    std::string own_row_condition(const Place& sample) {
        const std::string y = of(sample.numbers);
        std::string text = chance(3)
                               ? y + "[i] - " + leaf(sample) + of({" < ", " <= "}) + y + of({" <= ", " < "}) + y + "[i]"
                               : y + of({" < ", " <= ", " > ", " = ", " >= "}) + y + "[i]";
        if (!sample.texts.empty() && chance(2)) {
            text = chance(3) ? "s = s[i]" : "s = s[i] and " + text;
        }
        return text + (chance(3) ? " and " + condition(sample, 0) : "");
    }
    std::string single_measure(const Place& place) {
        const std::string name = of({"sum", "mean", "max", "min", "count", "sd", "median"});
        const std::string tail =
            chance(2) ? "" : " where " + of({"x[i] > 1", "no", "yes", "b[i]", "k > 1", "s[i] = \"pool\""});
        const bool range = place.numbers.size() > 2 && place.numbers[0] == "x" && place.numbers[1] == "y";
        return name + "(" +
               (range && chance(2) ? of({"x[i] .. z[i]", "x[i-1] .. z[i-1]"})
                                   : of({"x[i], 3, k", "5", "x[1], x[2]", "k, m, x[i]"})) +
               tail + ")";
    }
    std::string ranged_measure(const Place& place) {
        if (!place.rows || !place.owner.empty()) {
            return leaf(place);
        }
        const std::string range = of({"[1..i]", "[..i-1]", "[i-2..i]", "[i..]", "[2..4]", "[i-1..i+1]", "[3..]",
                                      "[i-20..i]", "[i-9..i-1]", "[i..i+30]", "[row - 5..row]", "[1..k]", "[i-70..i]"});
        const std::string x = (place.self.empty() ? of(place.numbers) : of({place.self, "x"})) +
                              (place.self.empty() ? range : of({"[..i-1]", "[1..i-1]", "[i-3..i-1]"}));
        Place sample = place;
        sample.sample = true;
        sample.self.clear();
        switch (pick(7)) {
        case 0:
            return of({"sum", "mean", "max"}) + "(" + x + " * " + leaf(sample) + ")";
        case 1:
            return measure_name() + "(" + x + " where " + condition(sample, 0) + ")";
        case 2:
            return "quantile(" + x + ", " + of({"0.1", "0.5", "0.75"}) + ")";
        case 3:
            return of({"corr", "wmean", "slope", "wsd"}) + "(" + x + ", " + of(place.numbers) + x.substr(x.find('[')) +
                   ")";
        default:
            return measure_name() + "(" + x + ")";
        }
    }

    /// A root of a function that is smooth, has corners, jumps, or is a step.
    std::string search() {
        if (chance(4)) {
            return of({"argmin", "argmax"}) + "(" +
                   of({"(t - 1)^2", "abs(t - 1.5)", "t * exp(-t)", "cos(t)", "t^3 - t", "count(Data.x < t)", "k * t",
                       "|t|"}) +
                   " for t in " + of({"0..3", "-1..2", "0.5..10", "k..m"}) + ")";
        }
        const std::string part = of({"t^2 - 2", "t - 1", "(t - 1)^3", "ln(t + 2) - 1", "abs(t - 1) - 0.5",
                                     "exp(-t) - 0.5", "t^3 - 1e-12", "sin(t)"});
        const std::string step =
            of({"floor(t) - 1.5", "round(t, 1) - 0.55", "sign(t - 1)", "(if t < 1.3 then -1 else 2)", "1 / (t - 1.55)",
                "count(Data.x < t) - 1.5", "(if t < 1 then t - 2 else t)"});
        if (chance(6)) { // many powers of ten, where only what rises or falls throughout can be looked through
            return "root(" + of({"t - 1", "t^3 - 1e-12", "ln(t + 2) - 1", "1 - 1000 / (t + 1)"}) + " for t in 0..1e9)";
        }
        const bool both = chance(3) && !step.starts_with("1 /");
        return "root(" +
               (chance(2) ? part
                : both    ? part + " + 0.01 * (" + step + ")"
                          : step) +
               " for t in " + of({"0..3", "-1..2", "0.5..10", "1e-9..5", "k..m"}) + ")";
    }

    /// Columns of texts, dates and answers, made of others.
    void other_kinds(TablePlan& table) {
        const auto add = [&](const std::string& name, OracleKind kind, const std::string& formula) {
            table.columns.push_back(computed(name, formula));
            table.columns.back().kind = kind;
        };
        Place place;
        place.rows = true;
        add_names(table, place);
        add("t", OracleKind::text,
            of({"if " + condition(place, 1) + " then s else \"none\"", "join(s, \"-\", s)", "upper(s)",
                "default(s, \"none\")", "first \"a\" then join(t[i-1], \"b\")",
                "first s then if x > 1 then s else t[i-1]", "mode(s where " + condition(place, 0) + ")", "s[i-1]",
                "first \"pool\"; \"weir\" then t[i-2]"}));
        add("u", OracleKind::date,
            of({"d + x", "d[i-1]", "max(d)", "mean(d)", "first d then u[i-1] + 1",
                "min(d where " + condition(place, 0) + ")", "default(d, d[1])", "median(d)",
                "if x > 1 then d else d[1]", "max(d[1..i])"}));
        add("v", OracleKind::yes_no,
            of({condition(place, 2), "first b then v[i-1] or x > 2", "first yes then not v[i-1]",
                "first b then v[i-1] and " + condition(place, 0), "t = s", "t in (\"pool\", s[1])", "d < u",
                "starts(t, \"p\")", "is_missing(t)"}));
        add("w", OracleKind::number,
            of({"length(t)", "u - d", "year(u) + month(u)", "count(t = t[i])", "if v then x else y", "distinct(t)",
                "first 1 then if t = s then w[i-1] else 2", "range(d)", "iqr(u)", "count(v)", "share(v)",
                "first 0 then if v[i-1] then w[i-1] + 1 else 0", "sum(x where t = t[i])", "count(u <= u[i])"}));
    }

    std::string probability(const Place& place) {
        const std::string n = of({"12", "5", "row", "rows"});
        const std::string d =
            of({"binomial(" + n + ", 0.35)", "binomial(6, k)", "poisson(2.5)", "poisson(x)", "normal(2, 1.5)",
                "normal(k, y)", "uniform(0, 3)", "exponential(0.5)", "hypergeometric(10, 4, 3)"});
        const std::string x = of({"2", "x", "y", "3", "0"});
        switch (pick(9)) {
        case 7:
            return "P(D" + of({" <= ", " < ", " > ", " = "}) + x + ")";
        case 8:
            return of({"mean", "sd", "var"}) + "(D)";
        case 0:
            return "P(" + d + of({" <= ", " < ", " > ", " = ", " >= "}) + x + ")";
        case 1:
            return "P(" + x + " < " + d + " <= 4)";
        case 2:
            return "P(" + d + " < 1 or " + d + " > " + x + ")";
        case 3:
            return "P(" + d + " > " + x + " | " + d + " > 1)";
        case 4:
            return of({"mean", "sd", "var"}) + "(" + d + ")";
        case 5:
            return "density(" + d + ", " + x + ")";
        default:
            return number(place, 2);
        }
    }

    // --- two-way tables ---
    void grid() {
        TablePlan table;
        table.name = "Grid";
        table.down_name = "a";
        table.across_name = "c";
        for (std::size_t count = 1 + pick(4), at = 0; at < count; ++at) {
            table.down.push_back(static_cast<double>(at) + 0.5);
        }
        for (std::size_t count = 1 + pick(4), at = 0; at < count; ++at) {
            table.across.push_back(static_cast<double>(at * 2));
        }
        table.rows = table.down.size();
        plan_.tables.push_back(table);
        TablePlan& made = plan_.tables.back();
        for (const char* layer : {"f", "g", "h"}) {
            Names names = {"a", "c"};
            for (const ColumnPlan& column : made.columns) {
                names.push_back(column.name);
            }
            std::string text = grid_number(names, static_cast<int>(1 + pick(2)), "");
            if (chance(3)) {
                const std::string name = layer;
                std::string first = "first ";
                for (std::size_t count = 1 + pick(3); count > 0; --count) {
                    first += grid_number(names, static_cast<int>(pick(2)), "") + (count > 1 ? "; " : "");
                }
                text = first + " then " + (chance(4) ? text : grid_number(names, 2, name));
            }
            made.columns.push_back(computed(layer, chance(6) ? "" : text));
            const bool typed = made.columns.back().formula.empty();
            for (std::size_t cell = 1; cell <= table.down.size() * table.across.size(); ++cell) {
                if (chance(typed ? 1 : 12) && !(typed && chance(4))) {
                    made.columns.back().overrides[cell] = OracleValue::of(static_cast<double>(pick(9)));
                }
            }
        }
        for (std::size_t lines = pick(3); lines > 0; --lines) {
            made.foot.push_back({"line" + std::to_string(lines),
                                 of({"sum(each)", "mean(each)", "max(each)", "count(each > 2)", "sd(each)",
                                     "mean(each where each > 1)"}),
                                 {"f", "g"}});
        }
    }
    std::string grid_number(const Names& names, int depth, const std::string& self) {
        if (depth == 0) {
            if (!self.empty() && chance(2)) {
                return self + of({"[i-1, j]", "[i-1, j-1]", "[i-1, j+1]"});
            }
            const std::string name = of(names);
            return chance(3) ? of({"2", "k", "row", "col", "rows", "cols"})
                   : name == "a" || name == "c" || chance(2)
                       ? name
                       : name + of({"[i-1, j]", "[i, j-1]", "[i+1, j+1]", "[1, j]", "[i, 1]", "[last, last]"});
        }
        const auto below = [&] { return grid_number(names, depth - 1, self); };
        switch (pick(7)) {
        case 0:
            return "(" + below() + " / " + below() + ")";
        case 1:
            return "(if " + below() + " > " + below() + " then " + below() + " else " + below() + ")";
        case 2:
            return names.size() > 2
                       ? of({"sum", "mean", "max", "count", "sd"}) + "(" + names.back() +
                             of({"[i, ..]", "[.., j]", "", "[1..i, j]", "[i, 1..j]", "[i-1..i+1, j]"}) + ")"
                       : below();
        case 3:
            return of({"larger", "smaller"}) + "(" + below() + ", " + below() + ")";
        case 4:
            return "default(" + below() + ", " + below() + ")";
        default:
            return "(" + below() + of({" + ", " - ", " * "}) + below() + ")";
        }
    }

    Subject subject_;
    std::mt19937_64 engine_;
    Blueprint plan_;
    bool long_ = false;
    std::size_t style_ = 0;
    std::size_t gaps_ = 0;
};

} // namespace

Subject subject_of(std::uint64_t seed) {
    return static_cast<Subject>(seed % subject_count);
}

Blueprint random_blueprint(std::uint64_t seed) {
    return Writer(seed * 0x9E3779B97F4A7C15ULL + 1, subject_of(seed)).study();
}

} // namespace ledgefall::testing

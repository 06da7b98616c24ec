#pragma once

#include "core/study/edits/edit_grid.h"
#include "core/study/edits/edits.h"

#include <random>
#include <string>
#include <vector>

namespace ledgefall::testing {

/// Formulas over the columns x, y, z of numbers and s of texts, and the held value k.
class RandomStudies {
  public:
    /// The first studies have no feet, and are read again from worksheets: what stands under columns may be taken for
    /// rows of them, which is told.
    static constexpr unsigned without_feet = 40;

    explicit RandomStudies(unsigned seed)
        : engine_(seed) {}

    std::size_t pick(std::size_t count) { return std::uniform_int_distribution<std::size_t>(0, count - 1)(engine_); }
    template <std::size_t N>
    std::string of(const char* const (&all)[N]) {
        return all[pick(N)];
    }

    std::string number(int depth) {
        if (depth == 0) {
            return of(
                {"x", "y", "z", "2", "0.5", "-1", "x[i-1]", "y[i+1]", "z[3]", "x[last]", "row", "rows", "k", "x%"});
        }
        const auto below = [this, depth] { return number(depth - 1); };
        switch (pick(14)) {
        case 0:
        case 1:
            return "(" + below() + of({" + ", " - ", " * "}) + below() + ")";
        case 2:
            return "(" + below() + " / (1 + abs(" + below() + ")))";
        case 3:
            return of({"sum", "mean", "min", "max", "count", "median", "sd"}) + "(" + of({"x", "y", "z"}) + ")";
        case 4:
            return of({"sum", "mean", "max", "count"}) + "(" + of({"x", "y", "z"}) + "[1..i])";
        case 5:
            return of({"sum", "mean", "count"}) + "(" + of({"x", "y", "z"}) + " where " + condition(depth - 1) + ")";
        case 6:
            return "count(" + condition(0) + ")";
        case 7:
            return "(if " + condition(depth - 1) + " then " + below() + " else " + below() + ")";
        case 8:
            return of({"abs", "round", "floor", "sign", "ceil", "trunc"}) + "(" + below() + ")";
        case 9:
            return of({"sqrt(", "exp(-", "-("}) + "abs(" + below() + "))";
        case 10:
            return "(" + below() + " mod " + of({"3", "7", "2.5"}) + ")";
        case 11:
            return below() + "^2";
        case 12:
            return "quantile(" + of({"x", "y", "z"}) + ", " + of({"0.25", "0.5", "0.9"}) + ")";
        default:
            return "(" +
                   of({"sum(x * 2)",
                       "sum(x * y)",
                       "sum(3 * x * y)",
                       "sum(x^2)",
                       "sum((x - mean(x))^2)",
                       "sum(row)",
                       "sum(x * row)",
                       "count(x > y + 1)",
                       "count(x > row)",
                       "sum(x where y > row)",
                       "count(x < 2 * y)",
                       "count(s = s[i])",
                       "sum(x where s = s[i])",
                       "sum(x where y < y[i])",
                       "count(x > x[i] and y < y[i])",
                       "default(x[i-1], 0)",
                       "sum(x[i-1..i+1])",
                       "if is_missing(x) then 0 else x",
                       "corr(x, z)",
                       "count(s != \"pool\")",
                       "sum(y where x != 0)",
                       "rank(z)",
                       "max(x, y, 3)",
                       "slope(y, x)",
                       "first 1 then x"}) +
                   ")";
        }
    }

    std::string condition(int depth) {
        switch (pick(depth > 0 ? 5 : 3)) {
        case 0:
            return of({"x", "y", "z"}) + of({" < ", " <= ", " > ", " >= ", " = ", " != "}) + of({"2", "3", "0", "1.5"});
        case 1:
            return "s " + of({"= ", "!= "}) + of({"\"pool\"", "\"weir\"", "\"riffle\""});
        case 2:
            return of({"x", "y", "z"}) + " > " + of({"mean(x)", "y", "0"});
        case 3:
            return "(" + condition(depth - 1) + of({" and ", " or "}) + condition(depth - 1) + ")";
        default:
            return "not (" + condition(depth - 1) + ")";
        }
    }

    /// A table of given columns; in every third one some cells are missing.
    Study table(unsigned number) {
        Id id;
        Study study = *hold(*add_table(Study(), "Data", &id), Id(), "k = 2.5");
        const std::size_t rows = 3 + pick(6);
        std::vector<NewColumn> columns;
        for (const char* name : {"x", "y", "z"}) {
            Column cells(Kind::number);
            for (std::size_t row = 0; row < rows; ++row) {
                const bool gap = number % 3 == 0 && row > 0 && pick(4) == 0;
                constexpr double all[] = {0, 1, 2, 3, 4.5, -2, 7.25, 10};
                cells.append(gap ? Value::missing() : Value::number(all[pick(std::size(all))]));
            }
            columns.push_back({name, name, "", cells});
        }
        Column sites(Kind::text);
        for (std::size_t row = 0; row < rows; ++row) {
            const bool gap = number % 6 == 0 && pick(4) == 0;
            sites.append(gap ? Value::missing(Kind::text) : Value::text(Text(of({"pool", "weir", "riffle"}))));
        }
        columns.push_back({"s", "s", "", sites});
        study = *add_columns(study, id, columns);
        for (int column = 0; column < 6; ++column) {
            std::string formula = number_of_depth();
            if (pick(10) == 0) {
                formula = "first 1 then c" + std::to_string(column) + "[i-1] * 0.5 + " + formula;
            }
            if (const auto with = write_column(study, id, "c" + std::to_string(column) + " = " + formula)) {
                study = *with;
            }
        }
        std::vector<Id> footed;
        for (const auto& column : study.table(id)->columns) {
            if (column->name != "s" && pick(2) == 0) {
                footed.push_back(column->id);
            }
        }
        for (int line = 0; number > without_feet && line < 3; ++line) {
            const std::string formula =
                of({"sum(each)", "mean(each)", "sum(each) / rows", "sum(each where x > 2)", "sum(each) - x[1]",
                    "sd(each) / sqrt(count(each))", "quantile(each, 0.9)", "max(each) - min(each)", "count(each > k)",
                    "mean(each where s = \"pool\")", "sum(each * x)", "corr(each, y)", "z[2] + max(each)"});
            if (const auto with =
                    define_foot_line(study, id, "line" + std::to_string(line) + " = " + formula, footed)) {
                study = *with;
            }
        }
        return number % 4 < 2 ? study : *lay_across(study, id, true);
    }

    /// A second table whose formulas take the rows of the first: by its own values, or all of them.
    Study two_tables(unsigned number) {
        Study study = table(number);
        Id id;
        study = *add_table(study, "Sites", &id);
        Column sites(Kind::text);
        Column limits(Kind::number);
        for (const char* site : {"pool", "weir", "riffle"}) {
            sites.append(Value::text(Text(site)));
            limits.append(number % 5 == 0 && pick(4) == 0 ? Value::missing() : Value::number(double(pick(6))));
        }
        study = *add_columns(study, id, {{"site", "site", "", sites}, {"limit", "limit", "", limits}});
        for (const char* single : {"one = Data.x[2] + 1", "two = Data.y[last] * k", "three = sum(Data.x) / Data.z[1]",
                                   "four = default(Data.x[3], 5)", "five = if Data.x[2] > 1 then Data.y[2] else 0"}) {
            study = *hold(study, Id(), single);
        }
        for (int column = 0; column < 8; ++column) {
            const std::string taken = "Data." + of({"x", "y", "z"});
            const std::string condition =
                of({"Data.s = site", "Data.s != site", taken.c_str(), "Data.x > limit", "Data.x > limit + 1",
                    "Data.y <= 2 * limit", "Data.x >= Data.y", "Data.x > Data.y + limit", "Data.x != limit",
                    "Data.x > mean(limit)", "Data.s = site and Data.x > limit", "Data.x < limit[i-1]", "Data.x > row",
                    "Data.z = Data.z[2]"});
            const std::string formula = condition == taken ? of({"sum(", "mean(", "max("}) + taken + ") + limit"
                                        : pick(3) == 0     ? "count(" + condition + ")"
                                                       : of({"sum(", "mean("}) + taken + " where " + condition + ")";
            if (const auto with = write_column(study, id, "t" + std::to_string(column) + " = " + formula)) {
                study = *with;
            }
        }
        return study;
    }

    /// A formula over the axes a and b, and over the layer f, of a two-way table.
    std::string of_grid(int depth, bool of_axes) {
        if (depth == 0) {
            return of_axes ? of({"a", "b", "2", "0.5", "k"})
                           : of({"a", "b", "3", "k", "f", "f[i-1, j]", "f[i, j-1]", "f[1, j]", "f[i, 1]", "f[i+1, j]",
                                 "f[i-1, j-1]", "f[9, j]"});
        }
        const auto below = [&] { return of_grid(depth - 1, of_axes); };
        switch (pick(of_axes ? 5 : 7)) {
        case 0:
            return "(" + below() + " / (1 + abs(" + below() + ")))";
        case 1:
            return "(if " + below() + " > " + below() + " then " + below() + " else " + below() + ")";
        case 2:
            return of({"sum(a)", "max(b)", "mean(a)", "b^2"});
        case 5:
        case 6:
            return "(" +
                   of({"sum(f[i, ..])", "mean(f[.., j])", "max(f)", "f / sum(f[.., j])", "count(f > 2)",
                       "sum(f[1..i, j])", "sum(f[i, 1..j])", "sum(f[i-1..i+1, j])", "mean(f where b = 4)"}) +
                   ")";
        default:
            return "(" + below() + of({" + ", " - ", " * "}) + below() + ")";
        }
    }

    Study grid() {
        Id id;
        Study study = *add_two_way_table(*hold(Study(), Id(), "k = 2.5"), "Grid",
                                         {"a", "a", "", of({"1..5", "2, 3, 5", "0.5, 1 .. 3"})},
                                         {"b", "b", "", of({"2, 4, 8", "1..4", "-1, 0, 1"})}, &id);
        for (const char* layer : {"f", "g", "h"}) {
            const bool first = std::string(layer) == "f";
            std::string formula = of_grid(1 + static_cast<int>(pick(3)), first);
            if (first && pick(4) == 0) {
                formula = "first a then f[i-1, j] + " + formula;
            }
            if (const auto with = write_column(study, id, std::string(layer) + " = " + formula)) {
                study = *with;
            }
        }
        return study;
    }

  private:
    std::string number_of_depth() { return number(1 + static_cast<int>(pick(3))); }

    std::mt19937 engine_;
};

} // namespace ledgefall::testing

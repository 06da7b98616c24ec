#pragma once

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"

#include <QtTest>

#include <string>
#include <vector>

namespace ledgefall::testing {

/// A study with one table, built and asked in few words.
class Bench {
  public:
    Bench() { study = *add_table(study, "Data", &table); }

    Bench& numbers(const std::string& name, const std::vector<double>& values) {
        std::vector<Value> cells;
        for (const double value : values) {
            cells.push_back(std::isnan(value) ? Value::missing() : Value::number(value));
        }
        return column(name, Column::of(Kind::number, cells));
    }
    Bench& texts(const std::string& name, const std::vector<std::string>& values) {
        std::vector<Value> cells;
        for (const std::string& value : values) {
            cells.push_back(value.empty() ? Value::missing(Kind::text) : Value::text(Text(value)));
        }
        return column(name, Column::of(Kind::text, cells));
    }
    Bench& column(const std::string& name, const Column& cells) {
        return take(add_columns(study, table, {{name, name, "", cells}}));
    }
    Bench& rows(const std::string& count) { return take(count_rows(study, table, count)); }
    Bench& work(const std::string& definition) { return take(write_column(study, table, definition)); }
    Bench& held(const std::string& definition) { return take(hold(study, Id(), definition)); }

    Bench& take(const Result<Study>& changed) {
        if (!changed) {
            qFatal("refused: %s", changed.refusal().text().c_str());
        }
        study = *changed;
        results = compute(study, results);
        return *this;
    }

    Id id(const std::string& name) const {
        const ColumnDefinition* column = study.table(table)->column_named(name);
        return column == nullptr ? study.held_named(name)->id : column->id;
    }
    Value cell(const std::string& name, std::size_t row) const { return results->cell(id(name), row - 1); }
    std::vector<double> cells(const std::string& name) const {
        std::vector<double> out;
        for (std::size_t row = 0; row < results->rows(table); ++row) {
            const Value value = results->cell(id(name), row);
            out.push_back(value.plain() ? value.number() : std::nan(""));
        }
        return out;
    }
    /// The value of a formula that is written where the table's columns are known.
    Value value(const std::string& formula) const {
        Study asked = study;
        HeldValue held_value;
        held_value.id = Id("asked");
        held_value.name = "asked";
        held_value.formula = Formula(formula);
        asked.tables.front().edit([&](Table& copy) { copy.ledge.emplace_back(held_value); });
        return compute(asked)->single(held_value.id).persistent();
    }
    double number(const std::string& formula) const {
        const Value match = value(formula);
        return match.plain() ? match.number() : std::nan("");
    }
    std::optional<Cause> cause(const std::string& formula) const {
        const Value match = value(formula);
        return match.is_fault() ? std::optional(match.fault().at().cause) : std::nullopt;
    }

    Study study;
    Id table;
    ResultsPtr results;
};

inline bool near(double a, double b, double relative = 1e-14) {
    return a == b || std::fabs(a - b) <= relative * std::max(std::fabs(a), std::fabs(b));
}

} // namespace ledgefall::testing

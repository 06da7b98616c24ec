#pragma once

#include "core/study/model/study.h"

#include <concepts>

namespace ledgefall {

/// The fields of each part of a study's file, each said once, for reading as for writing: `Fields` is an ObjectReader,
/// which fills the part, or an ObjectWriter, which only looks at it. A field that is left out of a file leaves the part
/// as it was made, and what is as it was made is left out of the file.
template <class Fields, class Part>
using Described = std::conditional_t<Fields::reads, Part, const Part>;

inline constexpr std::string_view foot_place_words[] = {"under_and_beside", "under", "beside"};
inline constexpr std::string_view outcome_words[] = {"single", "largest", "last"};
inline constexpr std::string_view reference_words[] = {"across", "upright", "circle", "range_across", "range_upright"};
inline constexpr std::string_view legend_words[] = {"above", "top_left", "top_right", "bottom_left", "bottom_right"};
inline constexpr std::string_view decimal_sign_words[] = {"desktop", "point", "comma"};
inline constexpr std::string_view report_rows_words[] = {"all", "first_and_last", "none"};
inline constexpr std::string_view report_formula_words[] = {"mathematics", "typed", "none"};
inline constexpr std::string_view paper_words[] = {"desktop", "a4", "letter"};
inline constexpr std::string_view values_words[] = {"", "sample", "population"};
inline constexpr std::string_view grouping_words[] = {"none", "space", "sign"};
inline constexpr std::string_view angle_words[] = {"radians", "degrees", "degrees_minutes"};

template <class Fields>
void describe(Fields& fields, Described<Fields, Slider>& slider) {
    fields.number("from", slider.from);
    fields.number("to", slider.to);
    fields.number("step", slider.step);
    fields.expect(slider.from < slider.to && slider.step > 0, "", NC_("Kind", "from, a larger to, and a step above 0"));
    fields.unknown(slider.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Choices>& choices) {
    fields.id("column", choices.column);
    fields.mixed_values("values", choices.listed);
    fields.unknown(choices.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, HeldValue>& held) {
    fields.id("id", held.id);
    fields.name(held.name);
    fields.formula("formula", held.formula);
    fields.names("parameters", held.parameters, !held.formula.empty());
    fields.own_value(held.value, held.formula.empty());
    fields.text("unit", held.unit);
    fields.text("note", held.note);
    fields.text("group", held.group);
    fields.object("slider", held.slider);
    fields.object("choices", held.choices);
    fields.format(held.format);
    fields.unknown(held.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Piece>& piece) {
    fields.formula("formula", piece.formula);
    fields.expect(!piece.formula.empty(), "formula", "a formula");
    fields.whole("from", piece.from);
    fields.whole("to", piece.to);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, ColumnDefinition>& column) {
    fields.id("id", column.id);
    fields.name(column.name);
    fields.text("label", column.label);
    fields.text("unit", column.unit);
    fields.text("note", column.note);
    fields.pieces(column.pieces);
    fields.overrides("overrides", column.overrides);
    fields.cells(column.cells, !column.computed());
    fields.format(column.format);
    fields.width(column.width);
    fields.yes("hidden", column.hidden);
    fields.unknown(column.unknown_fields);
}

/// What an axis says of its column, beside its name and what its row source says.
template <class Fields>
void describe_axis_column(Fields& fields, Described<Fields, ColumnDefinition>& column) {
    fields.text("label", column.label);
    fields.text("unit", column.unit);
    fields.text("note", column.note);
    fields.format(column.format);
    fields.width(column.width);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, FootLine>& line) {
    fields.id("id", line.id);
    fields.text("label", line.label);
    fields.formula("formula", line.formula);
    fields.usual(line.label, line.formula.text());
    fields.ids("columns", line.columns);
    fields.format(line.format);
    fields.word("place", line.place, foot_place_words);
    fields.unknown(line.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Group>& group) {
    fields.id("id", group.id);
    fields.name(group.name);
    fields.text("label", group.label);
    fields.ids("columns", group.columns);
    fields.unknown(group.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Table>& table) {
    fields.id("id", table.id);
    fields.name(table.name);
    fields.text("label", table.label);
    fields.text("note", table.note);
    fields.axes(table);
    fields.yes("laid_across", table.laid_across);
    fields.list("ledge", table.ledge, Empty::left_out);
    fields.list("columns", table.columns);
    fields.list("foot", table.foot, Empty::left_out);
    fields.list("groups", table.groups, Empty::left_out);
    fields.unknown(table.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Check>& check) {
    fields.id("id", check.id);
    fields.text("label", check.label);
    fields.table(check.table);
    fields.formula("condition", check.condition);
    fields.expect(!check.condition.empty(), "condition", NC_("Kind", "a condition, such as sum(share) ≈ 1"));
    fields.usual(check.label, check.condition.text());
    fields.text("message", check.message);
    fields.unknown(check.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Series>& series) {
    static const std::vector<std::string_view> forms = [] {
        std::vector<std::string_view> words;
        for (const SeriesFormKind& kind : series_form_kinds()) {
            words.push_back(kind.name);
        }
        return words;
    }();
    fields.word("form", series.form, forms, First::written);
    fields.id("x", series.x);
    fields.id("y", series.y);
    fields.text("label", series.label);
    fields.yes("fit", series.fit);
    fields.yes("per_width", series.per_width);
    fields.id("error", series.error);
    fields.yes("standard_error", series.standard_error);
    fields.yes("second_axis", series.second_axis);
    fields.unknown(series.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Reference>& reference) {
    fields.word("form", reference.form, reference_words, First::written);
    fields.formulas("numbers", reference.numbers);
    const std::size_t wanted = numbers_of(reference.form);
    fields.expect(reference.numbers.size() == wanted, "numbers",
                  "this many numbers for its form: " + std::to_string(wanted));
    fields.text("label", reference.label);
    fields.unknown(reference.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, ChartAxis>& axis) {
    fields.text("title", axis.title);
    fields.formula("from", axis.from);
    fields.formula("to", axis.to);
    fields.yes("logarithmic", axis.logarithmic);
    fields.unknown(axis.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Chart>& chart) {
    fields.id("id", chart.id);
    fields.text("label", chart.label);
    fields.table(chart.table);
    fields.list("series", chart.series);
    fields.list("references", chart.references, Empty::left_out);
    fields.object("x", chart.x);
    fields.object("y", chart.y);
    fields.object("second", chart.second);
    fields.word("legend", chart.legend, legend_words);
    fields.row_ranges("rows", chart.rows);
    fields.yes("equal_scales", chart.equal_scales);
    fields.yes("reader", chart.reader);
    fields.yes("names_classes", chart.names_classes);
    fields.yes("mirrored", chart.mirrored);
    fields.unknown(chart.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunSetting>& setting) {
    fields.id("held", setting.held);
    fields.text("name", setting.name);
    fields.text("unit", setting.unit);
    fields.own_value(setting.value);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunOverrides>& typed) {
    fields.id("column", typed.column);
    fields.overrides("values", typed.values);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunColumn>& column) {
    fields.id("table", column.table);
    fields.id("column", column.column);
    fields.text("name", column.name);
    fields.text("unit", column.unit);
    fields.cells(column.cells);
}

/// Where an outcome stands, without its value.
template <class Fields>
void describe_place(Fields& fields, Described<Fields, RunOutcome>& outcome) {
    fields.id("definition", outcome.definition);
    fields.id("under", outcome.under);
    fields.word("of", outcome.of, outcome_words);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunOutcome>& outcome) {
    fields.text("name", outcome.name);
    describe_place(fields, outcome);
    fields.text("unit", outcome.unit);
    fields.own_value(outcome.value);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Run>& run) {
    fields.id("id", run.id);
    fields.text("name", run.name);
    fields.whole("seed", run.seed);
    fields.whole("formulas", run.formulas);
    fields.yes("drawn", run.drawn, true);
    fields.whole("row", run.row, First::left_out);
    fields.list("settings", run.settings);
    fields.list("overrides", run.overrides, Empty::left_out);
    fields.list("columns", run.columns);
    fields.list("outcomes", run.outcomes);
    fields.unknown(run.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunsTable::Shown>& shown) {
    fields.id("column", shown.column);
    describe_place(fields, shown.of);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, RunsTable>& runs) {
    fields.id("table", runs.table);
    fields.list("columns", runs.columns);
    fields.unknown(runs.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, ReportChoices>& report) {
    fields.yes("note", report.note, true);
    fields.yes("held", report.held, true);
    fields.yes("checks", report.checks, true);
    fields.yes("runs", report.runs, true);
    fields.yes("sources", report.sources, true);
    fields.ids("left_out", report.left_out);
    fields.word("rows", report.rows, report_rows_words);
    fields.whole("row_count", report.row_count);
    fields.yes("blank", report.blank);
    fields.yes("full_numbers", report.full_numbers);
    fields.word("formulas", report.formulas, report_formula_words);
    fields.text("author", report.author);
    fields.texts_of("workings", report.workings);
    fields.word("paper", report.paper, paper_words);
    fields.yes("landscape", report.landscape);
    fields.unknown(report.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, AskedItem>& item) {
    fields.id("part", item.part);
    fields.text("question", item.question);
    fields.number("points", item.points);
    fields.expect(item.points >= 0, "points", NC_("Kind", "a number from 0 on"));
    fields.text("answer", item.answer);
    fields.unknown(item.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Handout>& handout) {
    fields.yes("is_key", handout.is_key);
    fields.text("student", handout.student);
    fields.text("edition", handout.edition);
    fields.list("asked", handout.asked);
    fields.ids("locked", handout.locked);
    fields.unknown(handout.unknown_fields);
}

template <class Fields>
void describe(Fields& fields, Described<Fields, Settings>& settings) {
    fields.whole("seed", settings.seed);
    fields.whole("quantile_type", settings.quantile_type);
    fields.expect(settings.quantile_type >= 1 && settings.quantile_type <= Settings::inclusive_halves, "quantile_type",
                  NC_("Kind", "a whole number from 1 to 11"));
    fields.word("values", settings.values, values_words);
    fields.number("tolerance", settings.tolerance);
    fields.day("as_of", settings.as_of);
    fields.word("decimal_sign", settings.decimal_sign, decimal_sign_words);
    fields.word("grouping", settings.grouping, grouping_words);
    fields.word("angles", settings.angles, angle_words);
    fields.unknown(settings.unknown_fields);
}

/// A study, beside the marks at the head of its file.
template <class Fields>
void describe(Fields& fields, Described<Fields, Study>& study) {
    fields.text("title", study.title);
    fields.text("note", study.note);
    fields.object("settings", study.settings);
    fields.list("ledge", study.ledge);
    fields.list("tables", study.tables);
    fields.list("checks", study.checks, Empty::left_out);
    fields.list("charts", study.charts, Empty::left_out);
    fields.list("runs", study.runs, Empty::left_out);
    fields.object("runs_table", study.runs_table);
    fields.object("report", study.report);
    fields.object("handout", study.handout);
    fields.unknown(study.unknown_fields);
}

} // namespace ledgefall

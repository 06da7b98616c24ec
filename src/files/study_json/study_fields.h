#pragma once

#include <string_view>

namespace ledgefall::fields {

// The names of the file's fields, each once, so that reading and writing cannot part ways.
inline constexpr const char* format_mark = "ledgefall-study";

/// In the order of Settings::DecimalSign, Settings::Grouping, Settings::Angles.
inline constexpr std::string_view decimal_signs[] = {"desktop", "point", "comma"};
inline constexpr std::string_view groupings[] = {"none", "space", "sign"};
inline constexpr std::string_view angle_forms[] = {"radians", "degrees", "degrees_minutes"};

inline constexpr const char* held[] = {"id",      "name",   "unit",       "note",   "value",   "kind",
                                       "formula", "format", "parameters", "slider", "choices", "group"};
inline constexpr const char* column[] = {"id",     "name",    "label",  "unit",      "note",   "kind",  "values",
                                         "packed", "formula", "pieces", "overrides", "format", "width", "hidden"};
/// Of every axis; row sources have their own beside these.
inline constexpr std::string_view axis[] = {"source", "label", "unit", "note", "format", "width"};
inline constexpr const char* foot[] = {"id", "label", "formula", "columns", "format", "place"};
/// In the order of FootLine::Place.
inline constexpr std::string_view foot_places[] = {"under_and_beside", "under", "beside"};
inline constexpr const char* table[] = {"id",          "name",  "label",   "note", "axes",
                                        "laid_across", "ledge", "columns", "foot", "groups"};
inline constexpr const char* study[] = {"format", "version", "language", "title",  "note", "settings",
                                        "ledge",  "tables",  "checks",   "charts", "runs", "runs_table"};
inline constexpr const char* run[] = {"id",  "name",     "seed",      "formulas", "drawn",
                                      "row", "settings", "overrides", "columns",  "outcomes"};
inline constexpr const char* runs_table[] = {"table", "columns"};
/// In the order of RunOutcome::Of.
inline constexpr std::string_view outcomes_of[] = {"single", "largest", "last"};
inline constexpr const char* settings[] = {"seed",         "quantile_type", "tolerance", "as_of",
                                           "decimal_sign", "grouping",      "angles"};
inline constexpr const char* format[] = {"style", "digits", "largest_denominator"};
inline constexpr const char* slider[] = {"from", "to", "step"};
inline constexpr const char* choices[] = {"column", "values"};
inline constexpr const char* series[] = {"form",           "x",          "y", "label", "fit", "per_width", "error",
                                         "standard_error", "second_axis"};
inline constexpr const char* reference[] = {"form", "numbers", "label"};
inline constexpr const char* chart_axis[] = {"title", "from", "to", "logarithmic"};
inline constexpr const char* group[] = {"id", "name", "label", "columns"};
inline constexpr const char* check[] = {"id", "label", "table", "condition", "message"};

/// In the order of LegendPlace.
inline constexpr const char* legend_places[] = {"above", "top_left", "top_right", "bottom_left", "bottom_right"};
/// In the order of Reference::Form.
inline constexpr const char* reference_forms[] = {"across", "upright", "circle", "range_across", "range_upright"};
inline constexpr const char* chart[] = {"id",           "label",  "table",         "series", "references", "x",   "y",
                                        "equal_scales", "reader", "names_classes", "second", "legend",     "rows"};

} // namespace ledgefall::fields

#include "core/value/date.h"
#include "files/study_json/packed_cells.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_json.h"
#include "files/study_json/study_writer.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// One of some words; the first, which is usual, is left out.
template <std::size_t count, class Choice>
void put_choice(Json& json, const char* name, const std::string_view (&words)[count], Choice choice) {
    if (choice != Choice()) {
        json[name] = words[static_cast<std::size_t>(choice)];
    }
}

void put_format(Json& json, const Format& format) {
    if (!(format == Format())) {
        const NumberStyle& style = format.shown_as();
        json["format"] = {{"style", style.word}, {style.digits_word, format.digits}};
        put_unknown_fields(json["format"], format.unknown_fields);
    }
}

Json held_json(const HeldValue& held) {
    Json json = {{"id", held.id.str()}, {"name", held.name}};
    if (!held.formula.empty()) {
        json["formula"] = held.formula.text();
        if (held.is_function()) {
            json["parameters"] = held.parameters;
        }
    } else {
        put_own_value(json, held.value);
    }
    put(json, "unit", held.unit);
    put(json, "note", held.note);
    put(json, "group", held.group);
    if (held.slider) {
        json["slider"] = {{"from", number_json(held.slider->from)},
                          {"to", number_json(held.slider->to)},
                          {"step", number_json(held.slider->step)}};
        put_unknown_fields(json["slider"], held.slider->unknown_fields);
    }
    if (!held.choices.empty()) {
        json["choices"] = Json::object();
        put(json["choices"], "column", held.choices.column.str());
        for (const Value& value : held.choices.listed) {
            json["choices"]["values"].push_back(value_json(value));
        }
        put_unknown_fields(json["choices"], held.choices.unknown_fields);
    }
    put_format(json, held.format);
    put_unknown_fields(json, held.unknown_fields);
    return json;
}

Json held_list(const std::vector<Shared<HeldValue>>& ledge) {
    Json list = Json::array();
    for (const auto& held : ledge) {
        list.push_back(held_json(*held));
    }
    return list;
}

void put_pieces(Json& json, const std::vector<Piece>& pieces) {
    if (pieces.size() == 1 && !pieces.front().from && !pieces.front().to) {
        json["formula"] = pieces.front().formula.text();
        return;
    }
    Json list = Json::array();
    for (const Piece& piece : pieces) {
        Json one = {{"formula", piece.formula.text()}};
        if (piece.from) {
            one["from"] = *piece.from;
        }
        if (piece.to) {
            one["to"] = *piece.to;
        }
        list.push_back(std::move(one));
    }
    json["pieces"] = std::move(list);
}

Json column_json(const ColumnDefinition& column) {
    Json json = {{"id", column.id.str()}, {"name", column.name}};
    put(json, "label", column.label);
    put(json, "unit", column.unit);
    put(json, "note", column.note);
    if (column.computed()) {
        put_pieces(json, column.pieces);
    }
    if (!column.overrides->empty()) { // of a typed layer too
        json["overrides"] = overrides_json(*column.overrides);
    }
    if (!column.computed()) {
        put_cells(json, *column.cells);
    }
    put_format(json, column.format);
    if (column.width != 0) {
        json["width"] = column.width;
    }
    if (column.hidden) {
        json["hidden"] = true;
    }
    put_unknown_fields(json, column.unknown_fields);
    return json;
}

/// The fields of an axis, as row sources give them.
class JsonFieldWriter : public FieldWriter {
  public:
    explicit JsonFieldWriter(Json& json)
        : json_(json) {}

    void text(std::string_view field, const std::string& value) override {
        if (!value.empty()) {
            json_[std::string(field)] = value;
        }
    }
    void whole_number(std::string_view field, std::uint64_t value) override { json_[std::string(field)] = value; }
    void numbers(std::string_view field, const std::vector<double>& values) override {
        for (const double value : values) {
            json_[std::string(field)].push_back(number_json(value));
        }
    }
    void texts(std::string_view field, const std::vector<std::string>& values) override {
        for (const std::string& value : values) {
            json_[std::string(field)].push_back(value);
        }
    }
    void values(std::string_view field, const std::vector<Value>& values) override {
        for (const Value& value : values) {
            json_[std::string(field)].push_back(value_json(value));
        }
    }
    void pairs(std::string_view field, const std::vector<std::pair<std::uint64_t, std::uint64_t>>& pairs) override {
        Json list = Json::array();
        for (const auto& [first, second] : pairs) {
            list.push_back(Json::array({first, second}));
        }
        json_[std::string(field)] = std::move(list);
    }
    void everything(const std::string& object) override { json_.update(Json::parse(object, nullptr, false)); }

  private:
    Json& json_;
};

Json axis_json(const Axis& axis) {
    Json json = Json::object();
    json["source"] = std::string(axis.source->kind());
    if (axis.column) {
        json["id"] = (*axis.column)->id.str();
        json["name"] = (*axis.column)->name;
        put(json, "label", (*axis.column)->label);
        put(json, "unit", (*axis.column)->unit);
        put(json, "note", (*axis.column)->note);
        put_format(json, (*axis.column)->format);
        if ((*axis.column)->width != 0) {
            json["width"] = (*axis.column)->width;
        }
    }
    JsonFieldWriter fields(json);
    axis.source->write(fields);
    put_unknown_fields(json, axis.unknown_fields);
    return json;
}

Json foot_json(const FootLine& line) {
    Json columns = Json::array();
    for (const Id id : line.columns) {
        columns.push_back(id.str());
    }
    Json json = {{"id", line.id.str()},
                 {"label", line.label},
                 {"formula", line.formula.text()},
                 {"columns", std::move(columns)}};
    put_format(json, line.format);
    if (line.place != FootLine::Place::under_and_beside) {
        json["place"] = std::string(fields::foot_places[static_cast<std::size_t>(line.place)]);
    }
    put_unknown_fields(json, line.unknown_fields);
    return json;
}

/// A check names its table, so that a person who reads the file knows it.
Json check_json(const Check& check, const Study& study) {
    Json json = {{"id", check.id.str()}, {"label", check.label}};
    if (const Table* table = study.table(check.table)) {
        json["table"] = table->name;
    }
    json["condition"] = check.condition.text();
    put(json, "message", check.message);
    put_unknown_fields(json, check.unknown_fields);
    return json;
}

Json chart_axis_json(const ChartAxis& axis) {
    Json json = Json::object();
    put(json, "title", axis.title);
    put(json, "from", axis.from.text());
    put(json, "to", axis.to.text());
    if (axis.logarithmic) {
        json["logarithmic"] = true;
    }
    put_unknown_fields(json, axis.unknown_fields);
    return json;
}

Json chart_json(const Chart& chart, const Study& study) {
    Json json = {{"id", chart.id.str()}, {"label", chart.label}};
    if (const Table* table = study.table(chart.table)) {
        json["table"] = table->name;
    }
    json["series"] = Json::array();
    for (const Series& series : chart.series) {
        Json one = {{"form", std::string(kind_of(series.form).name)}};
        put(one, "x", series.x.str());
        put(one, "y", series.y.str());
        put(one, "label", series.label);
        if (series.fit) {
            one["fit"] = true;
        }
        if (series.per_width) {
            one["per_width"] = true;
        }
        put(one, "error", series.error.str());
        if (series.standard_error) {
            one["standard_error"] = true;
        }
        if (series.second_axis) {
            one["second_axis"] = true;
        }
        put_unknown_fields(one, series.unknown_fields);
        json["series"].push_back(std::move(one));
    }
    for (const Reference& reference : chart.references) {
        Json one = {{"form", fields::reference_forms[static_cast<std::size_t>(reference.form)]}};
        for (const Formula& number : reference.numbers) {
            one["numbers"].push_back(number.text());
        }
        put(one, "label", reference.label);
        put_unknown_fields(one, reference.unknown_fields);
        json["references"].push_back(std::move(one));
    }
    if (!(chart.x == ChartAxis())) {
        json["x"] = chart_axis_json(chart.x);
    }
    if (!(chart.y == ChartAxis())) {
        json["y"] = chart_axis_json(chart.y);
    }
    if (!(chart.second == ChartAxis())) {
        json["second"] = chart_axis_json(chart.second);
    }
    if (chart.legend != LegendPlace::above) {
        json["legend"] = fields::legend_places[static_cast<std::size_t>(chart.legend)];
    }
    for (const auto& [from, to] : chart.rows) {
        json["rows"].push_back(Json::array({from, to}));
    }
    const auto set = [&json](const char* field, bool yes) {
        if (yes) {
            json[field] = true;
        }
    };
    set("equal_scales", chart.equal_scales);
    set("reader", chart.reader);
    set("names_classes", chart.names_classes);
    put_unknown_fields(json, chart.unknown_fields);
    return json;
}

Json table_json(const Table& table) {
    Json json = {{"id", table.id.str()}, {"name", table.name}};
    put(json, "label", table.label);
    put(json, "note", table.note);
    json["axes"] = Json::array();
    for (const Axis* axis : table.axes()) {
        json["axes"].push_back(axis_json(*axis));
    }
    if (table.laid_across) {
        json["laid_across"] = true;
    }
    if (!table.ledge.empty()) {
        json["ledge"] = held_list(table.ledge);
    }
    json["columns"] = Json::array();
    for (const auto& column : table.columns) {
        json["columns"].push_back(column_json(*column));
    }
    if (!table.foot.empty()) {
        json["foot"] = Json::array();
        for (const auto& line : table.foot) {
            json["foot"].push_back(foot_json(*line));
        }
    }
    for (const auto& group : table.groups) {
        Json one = {{"id", group->id.str()}, {"name", group->name}};
        put(one, "label", group->label);
        for (const Id id : group->columns) {
            one["columns"].push_back(id.str());
        }
        put_unknown_fields(one, group->unknown_fields);
        json["groups"].push_back(std::move(one));
    }
    put_unknown_fields(json, table.unknown_fields);
    return json;
}

/// Whether some column's cells are packed, which files of the first version do not have.
bool packs_cells(const Study& study) {
    const auto is_long = [](const Column& cells) { return cells.size() >= packed::least_rows; };
    return std::any_of(study.tables.begin(), study.tables.end(),
                       [&](const auto& table) {
                           return std::any_of(table->columns.begin(), table->columns.end(), [&](const auto& column) {
                               return !column->computed() && is_long(*column->cells);
                           });
                       }) ||
           std::any_of(study.runs.begin(), study.runs.end(), [&](const auto& run) {
               return std::any_of(run->columns.begin(), run->columns.end(),
                                  [&](const RunColumn& column) { return is_long(column.cells); });
           });
}

} // namespace

std::string write_study(const Study& study) {
    Json json = {{"format", fields::format_mark},
                 {"version", packs_cells(study) ? study_format_version : 1},
                 {"language", 1},
                 {"title", study.title}};
    put(json, "note", study.note);
    json["settings"] = {{"seed", study.settings.seed},
                        {"quantile_type", study.settings.quantile_type},
                        {"tolerance", study.settings.tolerance}};
    if (study.settings.as_of) {
        json["settings"]["as_of"] = write_date(*study.settings.as_of);
    }
    put_choice(json["settings"], "decimal_sign", fields::decimal_signs, study.settings.decimal_sign);
    put_choice(json["settings"], "grouping", fields::groupings, study.settings.grouping);
    put_choice(json["settings"], "angles", fields::angle_forms, study.settings.angles);
    put_unknown_fields(json["settings"], study.settings.unknown_fields);
    json["ledge"] = held_list(study.ledge);
    json["tables"] = Json::array();
    for (const auto& table : study.tables) {
        json["tables"].push_back(table_json(*table));
    }
    if (!study.checks.empty()) {
        json["checks"] = Json::array();
        for (const auto& check : study.checks) {
            json["checks"].push_back(check_json(*check, study));
        }
    }
    if (!study.charts.empty()) {
        json["charts"] = Json::array();
        for (const auto& chart : study.charts) {
            json["charts"].push_back(chart_json(*chart, study));
        }
    }
    put_runs(json, study);
    put_unknown_fields(json, study.unknown_fields);
    return json_text(json);
}

} // namespace ledgefall

#pragma once

#include "core/study/model/study.h"
#include "files/study_json/json_text.h"

#include <algorithm>
#include <optional>
#include <string>

namespace ledgefall {

/// A place in the file, such as `tables[0].columns[2]`, carried along while reading.
class Place {
  public:
    Place field(const std::string& name) const { return Place(path_.empty() ? name : path_ + "." + name); }
    Place item(std::size_t at) const { return Place(path_ + "[" + std::to_string(at) + "]"); }
    const std::string& text() const { return path_; }
    Place() = default;

  private:
    explicit Place(std::string path)
        : path_(std::move(path)) {}
    std::string path_;
};

/// Reads a study's JSON. The first thing that is wrong is kept in `refusal`; after it everything reads as empty. Single
/// fields are read in read_fields.cpp, the study's parts in read_parts.cpp; settle_study.cpp gives ids and finds what
/// comes twice.
class StudyReader {
  public:
    std::optional<Sentence> refusal;
    HeldObjects interned; ///< by the cells that have been read
    Study study(const Json& json);
    void settle(Study& study);

  private:
    void refuse(const std::string& pattern, std::vector<std::string> parts) {
        if (!refusal) {
            refusal = Sentence(pattern, std::move(parts));
        }
    }
    void wrong(const Place& place, const std::string& wanted);

    const Json* field(const Json& json, const char* name) const {
        const auto it = json.find(name);
        return it == json.end() || it->is_null() ? nullptr : &*it;
    }
    std::string text(const Json& json, const char* name, const Place& place);
    std::vector<std::string> texts(const Json& json, const char* name, const Place& place, const char* wanted);
    double number(const Json& json, const char* name, const Place& place, double otherwise);
    std::optional<std::uint64_t> whole(const Json& json, const char* name, const Place& place);

    template <class Read>
    void list(const Json& json, const char* name, const Place& place, Read read) {
        const Json* entry = field(json, name);
        if (entry == nullptr) {
            return;
        }
        if (!entry->is_array()) {
            wrong(place.field(name), "a list");
            return;
        }
        for (std::size_t at = 0; at < entry->size() && !refusal; ++at) {
            const Place here = place.field(name).item(at);
            const Json& item = (*entry)[at];
            if (!item.is_object()) {
                wrong(here, NC_("Kind", "an object in braces"));
                return;
            }
            read(item, here);
        }
    }

    template <std::size_t count>
    static std::string unknown_fields(const Json& json, const char* const (&entry)[count]) {
        return unknown_fields(json, {std::begin(entry), std::end(entry)});
    }
    /// The fields that this version does not know, as JSON text; empty where there are none.
    static std::string unknown_fields(const Json& json, const std::vector<std::string_view>& entry) {
        Json rest = Json::object();
        for (const auto& [name, value] : json.items()) {
            if (std::find(entry.begin(), entry.end(), name) == entry.end()) {
                rest[name] = value;
            }
        }
        return rest.empty() ? std::string() : rest.dump(-1, ' ', false, Json::error_handler_t::replace);
    }
    void settings(const Json& json, Settings& settings);
    Format format(const Json& json, const Place& place);
    int width(const Json& json, const Place& place);
    Kind kind(const Json& json, const Place& place);
    Value value(const Json& json, Kind kind, const Place& place);
    Value own_value(const Json& json, const Place& place);
    std::string name(const Json& json, const Place& place);
    bool yes(const Json& json, const char* name, const Place& place);
    HeldValue held(const Json& json, const Place& place);
    void slider(const Json& json, const Place& place, HeldValue& held);
    void choices(const Json& json, const Place& place, HeldValue& held);
    ColumnDefinition column(const Json& json, const Place& place);
    Column cells(const Json& json, const Place& place); ///< by `kind` and `values`
    void pieces(const Json& json, const Place& place, ColumnDefinition& column);
    Overrides overrides(const Json& json, const char* name, const Place& place);
    FootLine foot(const Json& json, const Place& place);
    std::vector<Id> columns(const Json& json, const Place& place);
    Group group(const Json& json, const Place& place);
    friend class JsonFieldReader;
    Chart chart(const Json& json, const Place& place);
    Series series(const Json& json, const Place& place);
    Reference reference(const Json& json, const Place& place);
    ChartAxis chart_axis(const Json& json, const char* name, const Place& place);
    std::size_t word(const Json& json, const char* name, const std::vector<std::string_view>& words,
                     const Place& place);
    Check check(const Json& json, const Place& place);
    void runs(const Json& json, Study& study);
    Run run(const Json& json, const Place& place);
    RunOutcome outcome_place(const Json& json, const Place& place);
    void axis(const Json& json, const Place& place, Axis& axis);
    Table table(const Json& json, const Place& place);

    template <class See>
    static void for_each_part(const Study& study, See see) {
        const auto held = [&see](const std::vector<Shared<HeldValue>>& ledge) {
            for (const auto& one : ledge) {
                see(one->id, one->name);
            }
        };
        held(study.ledge);
        for (const auto& check : study.checks) {
            see(check->id, check->label);
        }
        for (const auto& chart : study.charts) {
            see(chart->id, chart->label);
        }
        for (const auto& run : study.runs) {
            see(run->id, run->name);
        }
        for (const auto& table : study.tables) {
            see(table->id, table->name);
            held(table->ledge);
            for (const auto& column : table->columns) {
                see(column->id, table->name + "." + column->name);
            }
            for (const auto& line : table->foot) {
                see(line->id, line->label);
            }
            for (const auto& group : table->groups) {
                see(group->id, table->name + "." + group->name);
            }
            for (const Axis* axis : table->axes()) {
                if (axis->column) {
                    see((*axis->column)->id, table->name + "." + (*axis->column)->name);
                }
            }
        }
    }
    static void give_ids(Study& study);
    void check_names(const Study& study);
    void resolve_checks(Study& study);
    void resolve_columns(Study& study);
    void resolve_charts(Study& study);
    static void settle_runs(Study& study);
    void resolve_categories(Study& study);
};

} // namespace ledgefall

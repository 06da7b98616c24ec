// Reading where a table's rows come from.

#include "files/study_json/study_fields.h"
#include "files/study_json/study_reader.h"

namespace ledgefall {

/// The fields of an axis, as row sources ask for them.
class JsonFieldReader : public FieldReader {
  public:
    JsonFieldReader(StudyReader& reader, const Json& json, const Place& place)
        : reader_(reader)
        , json_(json)
        , place_(place) {}

    bool has(std::string_view name) override { return find(name) != nullptr; }
    std::string text(std::string_view name) override { return reader_.text(json_, field(name), place_); }
    std::string formula(std::string_view name) override {
        const Json* number = find(name);
        return number != nullptr && number->is_number() ? number->dump() : text(name);
    }
    std::optional<std::uint64_t> whole_number(std::string_view name) override {
        const Json* number = find(name);
        return number != nullptr && number->is_number_unsigned() ? std::optional(number->get<std::uint64_t>())
                                                                 : std::nullopt;
    }
    std::vector<double> numbers(std::string_view name) override {
        std::vector<double> all;
        const Json* list = find(name);
        for (std::size_t at = 0; list != nullptr && list->is_array() && at < list->size(); ++at) {
            if (!(*list)[at].is_number()) {
                reader_.wrong(place_.field(field(name)).item(at), NC_("Kind", "a number"));
                return {};
            }
            all.push_back((*list)[at].get<double>());
        }
        return all;
    }
    std::vector<std::string> texts(std::string_view name) override {
        return reader_.texts(json_, field(name), place_, NC_("Kind", "a list of words"));
    }
    Kind kind(std::string_view) override { return reader_.kind(json_, place_); }
    std::vector<Value> values(std::string_view name, Kind kind) override {
        std::vector<Value> all;
        const Json* list = find(name);
        for (std::size_t at = 0; list != nullptr && list->is_array() && at < list->size() && !reader_.refusal; ++at) {
            all.push_back(reader_.value((*list)[at], kind, place_.field(field(name)).item(at)));
        }
        return all;
    }
    std::size_t choice(std::string_view name, std::span<const std::string_view> words) override {
        return reader_.word(json_, field(name), {words.begin(), words.end()}, place_);
    }
    std::optional<std::vector<std::pair<std::uint64_t, std::uint64_t>>> pairs(std::string_view name) override {
        std::vector<std::pair<std::uint64_t, std::uint64_t>> all;
        const Json* list = find(name);
        if (list == nullptr || !list->is_array()) {
            return std::nullopt;
        }
        for (const Json& pair : *list) {
            const bool sound =
                pair.is_array() && pair.size() == 2 && pair[0].is_number_unsigned() && pair[1].is_number_unsigned();
            if (!sound) {
                return std::nullopt;
            }
            all.emplace_back(pair[0].get<std::uint64_t>(), pair[1].get<std::uint64_t>());
        }
        return all;
    }
    void refuse(const std::string& name, const std::string& wanted) override {
        reader_.wrong(place_.field(name), wanted);
    }
    std::string everything() override { return json_.dump(-1, ' ', false, Json::error_handler_t::replace); }

  private:
    static const char* field(std::string_view name) { return name.data(); } // every name is a literal
    const Json* find(std::string_view name) const { return reader_.field(json_, field(name)); }

    StudyReader& reader_;
    const Json& json_;
    const Place& place_;
};

void StudyReader::axis(const Json& json, const Place& place, Axis& axis) {
    JsonFieldReader of_source(*this, json, place);
    RowSourcePtr source = read_row_source(of_source);
    std::vector<std::string_view> known_fields(std::begin(fields::axis), std::end(fields::axis));
    const std::size_t of_all_kinds = known_fields.size();
    for (const RowSourceKind& kind : row_source_kinds()) {
        if (kind.name == source->kind()) {
            known_fields.insert(known_fields.end(), kind.fields.begin(), kind.fields.end());
        }
    }
    const bool known_kind = known_fields.size() > of_all_kinds;
    const std::string display_name =
        field(json, "name") == nullptr || !source->axis_kind() ? std::string(source->axis_name()) : name(json, place);
    axis = Axis(std::move(source), Id(text(json, "id", place)), display_name);
    if (axis.column) {
        axis.column->edit([&](ColumnDefinition& column) {
            column.label = text(json, "label", place);
            column.unit = text(json, "unit", place);
            column.note = text(json, "note", place);
            column.format = format(json, place);
            column.width = width(json, place);
        });
    }
    axis.unknown_fields = known_kind ? unknown_fields(json, known_fields) : std::string();
}

} // namespace ledgefall

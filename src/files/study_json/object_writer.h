#pragma once

#include "core/study/model/study.h"
#include "files/study_json/json_text.h"
#include "files/study_json/presence.h"

namespace ledgefall {

/// Writes the fields of one object of a study's file: those that `describe` names, and those that row sources give.
class ObjectWriter final : public FieldWriter {
  public:
    static constexpr bool reads = false;
    ObjectWriter(Json& object, const Study& study)
        : object_(object)
        , study_(study) {}

    void text(std::string_view field, const std::string& value) override;
    void whole_number(std::string_view field, std::uint64_t value) override { put(field) = value; }
    void numbers(std::string_view field, const std::vector<double>& values) override;
    void texts(std::string_view field, const std::vector<std::string>& values) override;
    void values(std::string_view field, const std::vector<Value>& values) override;
    void pairs(std::string_view field, const std::vector<std::pair<std::uint64_t, std::uint64_t>>& pairs) override;
    void everything(const std::string& object) override { object_.update(Json::parse(object, nullptr, false)); }

    void usual(const std::string&, const std::string&) {}
    void expect(bool, const std::string&, const std::string&) {}
    void name(const std::string& value) { put("name") = value; }
    void names(std::string_view field, const std::vector<std::string>& values, bool) { texts(field, values); }
    void texts_of(std::string_view field, const std::vector<std::string>& values) {
        if (!values.empty()) {
            texts(field, values);
        }
    }
    void id(std::string_view field, Id value) { text(field, value.str()); }
    void ids(std::string_view field, const std::vector<Id>& values);
    /// A table is named, so that a person who reads the file knows it.
    void table(Id value);
    void formula(std::string_view field, const Formula& value) { text(field, value.text()); }
    void formulas(std::string_view field, const std::vector<Formula>& values);
    void number(std::string_view field, double value) override;
    void yes(std::string_view field, bool value, bool usual = false);
    void day(std::string_view field, const std::optional<double>& value);
    void format(const Format& value);
    void width(int value);
    /// `value`, with `kind` where the value does not say it itself.
    void own_value(const Value& value, bool applies = true);
    void mixed_values(std::string_view field, const std::vector<Value>& list) { values(field, list); }
    void cells(const Column& value);
    void cells(const Shared<Column>& value, bool applies);
    void overrides(std::string_view field, const Overrides& values);
    void overrides(std::string_view field, const Shared<Overrides>& values);
    void pieces(const std::vector<Piece>& pieces);
    void axes(const Table& table);
    void row_ranges(std::string_view field, const std::vector<std::pair<std::uint64_t, std::uint64_t>>& ranges);
    void unknown(const std::string& fields);

    template <class Whole>
    void whole(std::string_view field, Whole value, First zero = First::written) {
        if (zero == First::written || value != 0) {
            put(field) = static_cast<std::uint64_t>(value);
        }
    }
    void whole(std::string_view field, const std::optional<std::uint64_t>& value);
    template <class Word, class Words>
    void word(std::string_view field, Word value, const Words& words, First first = First::left_out) {
        if (first == First::written || value != Word()) {
            put(field) = std::string(words[static_cast<std::size_t>(value)]);
        }
    }
    template <class Part>
    void object(std::string_view field, const Part& part) {
        if (std::same_as<Part, Settings> || !(part == Part())) {
            put(field) = described(part);
        }
    }
    template <class Part>
    void object(std::string_view field, const std::optional<Part>& part) {
        if (part) {
            put(field) = described(*part);
        }
    }
    template <class Part>
    void list(std::string_view field, const std::vector<Part>& parts, Empty empty = Empty::written) {
        if (empty == Empty::written || !parts.empty()) {
            Json& list = put(field) = Json::array();
            for (const Part& part : parts) {
                list.push_back(described(part));
            }
        }
    }

  private:
    Json& put(std::string_view field) { return object_[std::string(field)]; }
    Json axis(const Axis& axis);

    template <class Part>
    Json described(const Part& part) {
        Json json = Json::object();
        ObjectWriter fields(json, study_);
        describe(fields, part);
        return json;
    }
    template <class Part>
    Json described(const Shared<Part>& part) {
        return described(*part);
    }

    Json& object_;
    const Study& study_;
};

} // namespace ledgefall

#pragma once

#include "core/study/model/study.h"
#include "files/study_json/json_text.h"
#include "files/study_json/presence.h"

#include <limits>
#include <optional>
#include <string>
#include <vector>

namespace ledgefall {

/// Reads the fields of one object of a study's file: those that `describe` names, and those that row sources ask for.
/// What is left out leaves a value as it was. The first thing that is wrong is kept in `Reading::refusal`; after it
/// everything reads as empty.
class ObjectReader final : public FieldReader {
  public:
    static constexpr bool reads = true;
    struct Reading {
        std::optional<Sentence> refusal;
        HeldObjects interned; ///< by the cells that have been read
    };
    /// `place` is where the object stands in the file, such as `tables[0].columns[2]`.
    ObjectReader(const Json& object, std::string place, Reading& reading)
        : object_(object)
        , place_(std::move(place))
        , reading_(reading) {}

    bool has(std::string_view field) override { return find(field) != nullptr; }
    std::string text(std::string_view field) override;
    std::string formula(std::string_view field) override;
    std::optional<std::uint64_t> whole_number(std::string_view field) override;
    std::vector<double> numbers(std::string_view field) override;
    std::vector<std::string> texts(std::string_view field) override { return texts(field, N_("a list of words")); }
    Kind kind(std::string_view field) override;
    std::vector<Value> values(std::string_view field, Kind kind) override;
    std::size_t choice(std::string_view field, std::span<const std::string_view> words) override;
    std::optional<std::vector<std::pair<std::uint64_t, std::uint64_t>>> pairs(std::string_view field) override;
    void refuse(const std::string& field, const std::string& wanted) override;
    std::string everything() override;

    void text(std::string_view field, std::string& value) { value = text(field); }
    void usual(std::string& text, const std::string& otherwise) { text = text.empty() ? otherwise : text; }
    void name(std::string& value);
    void names(std::string_view field, std::vector<std::string>& values, bool applies);
    void texts_of(std::string_view field, std::vector<std::string>& values) { values = texts(field); }
    void id(std::string_view field, Id& value) { value = Id(text(field)); }
    void ids(std::string_view field, std::vector<Id>& values);
    void table(Id& value) { id("table", value); } // its name; settled once all tables are known
    void formula(std::string_view field, Formula& value) { value = Formula(text(field)); }
    void formulas(std::string_view field, std::vector<Formula>& values);
    void number(std::string_view field, double& value) override;
    void yes(std::string_view field, bool& value, bool usual = false);
    void day(std::string_view field, std::optional<double>& value);
    void format(Format& value);
    void width(int& value);
    void own_value(Value& value, bool applies = true);
    void mixed_values(std::string_view field, std::vector<Value>& values);
    void cells(Column& value, bool applies = true);
    void cells(Shared<Column>& value, bool applies);
    void overrides(std::string_view field, Overrides& values);
    void overrides(std::string_view field, Shared<Overrides>& values);
    void pieces(std::vector<Piece>& pieces);
    void axes(Table& table);
    void row_ranges(std::string_view field, std::vector<std::pair<std::uint64_t, std::uint64_t>>& ranges);
    /// What the file has beside all fields that were asked for.
    void unknown(std::string& fields);
    /// Refuses a field, or without one the whole object, that is not as it must be.
    void expect(bool is_so, const std::string& field, const std::string& wanted) {
        if (!is_so) {
            refuse(field, wanted);
        }
    }

    template <class Whole>
    void whole(std::string_view field, Whole& value, First = First::written) {
        const std::optional<std::uint64_t> read = whole_of(field);
        if (read && *read <= static_cast<std::uint64_t>(std::numeric_limits<Whole>::max())) {
            value = static_cast<Whole>(*read);
        } else if (read) {
            refuse(std::string(field), NC_("Kind", "a whole number of 0 or more"));
        }
    }
    void whole(std::string_view field, std::optional<std::uint64_t>& value) { value = whole_of(field); }
    template <class Word, class Words>
    void word(std::string_view field, Word& value, const Words& words, First = First::left_out) {
        value = static_cast<Word>(choice(field, words));
    }
    template <class Part>
    void object(std::string_view field, Part& part) {
        if (const Json* entry = object_at(field)) {
            ObjectReader inside(*entry, place_of(field), reading_);
            describe(inside, part);
        }
    }
    template <class Part>
    void object(std::string_view field, std::optional<Part>& part) {
        if (object_at(field) != nullptr) {
            object(field, part.emplace());
        }
    }
    template <class Part>
    void list(std::string_view field, std::vector<Part>& parts, Empty = Empty::written) {
        each(field, [&parts](ObjectReader& item) { describe(item, parts.emplace_back()); });
    }
    template <class Part>
    void list(std::string_view field, std::vector<Shared<Part>>& parts, Empty = Empty::written) {
        each(field, [&parts](ObjectReader& item) {
            Part part;
            describe(item, part);
            parts.emplace_back(std::move(part));
        });
    }

  private:
    const Json* find(std::string_view field);
    const Json* object_at(std::string_view field);
    std::string place_of(std::string_view field) const;
    void wrong(const std::string& place, const std::string& wanted);
    void refuse_with(const std::string& pattern, std::vector<std::string> parts);
    std::vector<std::string> texts(std::string_view field, const char* wanted);
    std::optional<std::uint64_t> whole_of(std::string_view field);
    Value value(const Json& json, Kind kind, const std::string& place);
    void axis(Axis& axis);

    template <class Read>
    void each(std::string_view field, Read read) {
        const Json* list = find(field);
        if (list != nullptr && !list->is_array()) {
            return refuse(std::string(field), "a list");
        }
        for (std::size_t at = 0; list != nullptr && at < list->size() && !reading_.refusal; ++at) {
            ObjectReader item((*list)[at], place_of(field) + "[" + std::to_string(at) + "]", reading_);
            if (!(*list)[at].is_object()) {
                return wrong(item.place_, NC_("Kind", "an object in braces"));
            }
            read(item);
        }
    }

    const Json& object_;
    std::string place_;
    Reading& reading_;
    std::vector<std::string_view> asked_; ///< the fields that are known
};

} // namespace ledgefall

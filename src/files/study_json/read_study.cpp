#include "core/basics/stopping.h"
#include "files/io/json_depth.h"
#include "files/study_json/object_reader.h"
#include "files/study_json/settle_study.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_json.h"

#include <algorithm>
#include <cstdint>
#include <iterator>

namespace ledgefall {
namespace {

std::optional<Sentence> not_a_study(const Json& json) {
    if (!json.is_object() || !json.contains("format") || json["format"] != study_format_mark) {
        return Sentence{N_("This is not a Ledgefall study: it does not start with \"format\": \"%1\"."),
                        {study_format_mark}};
    }
    const auto version = json.find("version");
    if (version == json.end() || !version->is_number_integer()) {
        return Sentence{N_("This study does not give its format version. The field version should be a whole number."),
                        {}};
    }
    if (version->get<std::int64_t>() > study_format_version) {
        return Sentence{N_("This study was saved by a later Ledgefall (format %1; this one reads up to %2). Open it "
                           "with that version."),
                        {version->dump(), std::to_string(study_format_version)}};
    }
    if (version->get<std::int64_t>() < 1) {
        return Sentence{N_("There is no version %1 of the study format. The field version should be %2."),
                        {version->dump(), std::to_string(study_format_version)}};
    }
    return std::nullopt;
}

/// The letters of a file, one after the other: at every millionth it says how far the reading has come, and asks
/// whether it is to be given up.
class ToldLetters {
  public:
    using iterator_category = std::input_iterator_tag;
    using value_type = char;
    using difference_type = std::ptrdiff_t;
    using pointer = const char*;
    using reference = const char&;

    ToldLetters(std::string_view file, const char* at, const StopToken& stop)
        : file_(file)
        , at_(at)
        , stop_(&stop) {}

    reference operator*() const { return *at_; }
    ToldLetters& operator++() {
        constexpr std::uintptr_t between = (1U << 20U) - 1;
        if ((reinterpret_cast<std::uintptr_t>(++at_) & between) == 0) {
            stop_->throw_if_stopped();
            stop_->report_progress(static_cast<std::size_t>(at_ - file_.data()), file_.size());
        }
        return *this;
    }
    friend bool operator==(const ToldLetters& a, const ToldLetters& b) { return a.at_ == b.at_; }

  private:
    std::string_view file_;
    const char* at_;
    const StopToken* stop_;
};

} // namespace

Result<Study> read_study(std::string_view file, const StopToken& stop) {
    if (file.starts_with("\xEF\xBB\xBF")) {
        file.remove_prefix(3);
    }
    constexpr std::size_t most_nesting = 200;
    if (json_depth(file) > most_nesting) {
        return Sentence{N_("The file is not a study: its brackets are nested more than %1 deep."),
                        {std::to_string(most_nesting)}};
    }
    Json json;
    try {
        json = Json::parse(ToldLetters(file, file.data(), stop), ToldLetters(file, file.data() + file.size(), stop));
    } catch (const Json::parse_error& error) {
        const std::size_t at = std::min(error.byte, file.size());
        const std::string_view before = file.substr(0, at == 0 ? 0 : at - 1);
        const auto line = static_cast<std::size_t>(std::count(before.begin(), before.end(), '\n')) + 1;
        const std::size_t start = before.rfind('\n') == std::string_view::npos ? 0 : before.rfind('\n') + 1;
        const std::string place = std::to_string(line);
        if (at >= file.size()) {
            return Sentence{N_("The file is cut off at line %1, before the study is complete. Use an earlier copy."),
                            {place}};
        }
        return Sentence{N_("The file cannot be read as a study: at line %1, character %2, it is not valid JSON."),
                        {place, std::to_string(before.size() - start + 1)}};
    } catch (const Json::exception&) { // a number beyond all bounds
        return Sentence{N_("The file has a number that is too large."), {}};
    }
    if (auto refusal = not_a_study(json)) {
        return *refusal;
    }
    ObjectReader::Reading reading;
    ObjectReader fields(json, "", reading);
    for (const char* mark : {"format", "version", "language"}) {
        fields.has(mark);
    }
    Study study;
    describe(fields, study);
    if (!reading.refusal) {
        reading.refusal = settle(study);
    }
    if (reading.refusal) {
        return *reading.refusal;
    }
    study.interned = std::move(reading.interned);
    return study;
}

} // namespace ledgefall

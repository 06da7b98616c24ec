#include "calc/handouts.h"

#include "files/io/atomic_file.h"
#include "files/marking/mark_folder.h"
#include "files/study_json/study_json.h"

#include <filesystem>

namespace ledgefall {
namespace {

Result<HandoutRequest> request_of(const Study& study, const HandoutOptions& options) {
    HandoutRequest request;
    request.locked = options.locked;
    request.asked = options.asked;
    for (std::size_t at = 0; at < options.parts.size(); ++at) {
        const Result<Id> part = part_to_ask(study, options.parts[at]);
        if (!part) {
            return part.refusal();
        }
        AskedItem& item = request.asked[at];
        item.part = *part;
        item.question = item.question.empty() ? usual_question(study, *part) : item.question;
    }
    for (const std::string& name : options.varied) {
        const Result<Id> part = part_to_ask(study, name);
        if (!part) {
            return part.refusal();
        }
        request.varied.push_back({*part});
    }
    return request;
}

} // namespace

Result<std::vector<std::pair<std::string, std::string>>> handouts_of(const Study& study,
                                                                     const HandoutOptions& options) {
    if (options.names.empty() != options.out.empty() || options.handout.empty() == options.names.empty()) {
        return Sentence{"Write --handout FILE, or --names FILE with --out FOLDER.", {}};
    }
    Result<HandoutRequest> request = request_of(study, options);
    if (!request) {
        return request.refusal();
    }
    std::vector<std::string> students = {""};
    if (!options.names.empty()) {
        const Result<std::string> list = read_file(options.names);
        const Result<std::vector<std::string>> names =
            list ? student_names(*list) : Result<std::vector<std::string>>(list.refusal());
        if (!names) {
            return Sentence{"%1: %2", {options.names, names.refusal().text()}};
        }
        students = *names;
        std::error_code failed;
        std::filesystem::create_directories(options.out, failed);
    }
    std::vector<std::pair<std::string, std::string>> files;
    for (const std::string& student : students) {
        HandoutRequest own = *request;
        own.student = student;
        const Result<Study> handout = make_handout(study, own);
        if (!handout) {
            return handout.refusal();
        }
        files.emplace_back(student.empty() ? options.handout : options.out + "/" + student + ".ledgefall",
                           write_study(*handout));
    }
    return files;
}

Result<Study> marks_of(const Study& key, const std::string& folder, const HandoutOptions& options,
                       const std::string& before) {
    MarkRequest request;
    request.folder = folder;
    request.feedback = options.feedback;
    if (!options.feedback.empty()) {
        std::error_code failed;
        std::filesystem::create_directories(options.feedback, failed);
    }
    Study earlier;
    if (!before.empty() && std::filesystem::exists(before)) {
        const Result<std::string> text = read_file(before);
        const Result<Study> read = text ? read_study(*text) : Result<Study>(text.refusal());
        if (!read) {
            return Sentence{"%1: %2", {before, read.refusal().text()}};
        }
        earlier = *read;
        request.before = &earlier;
    }
    const Result<MarkedFolder> marked = mark_folder(key, request);
    return marked ? Result<Study>(marked->marks) : Result<Study>(marked.refusal());
}

} // namespace ledgefall

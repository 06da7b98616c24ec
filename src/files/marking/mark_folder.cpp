#include "files/marking/mark_folder.h"

#include "core/parallel/parallel.h"
#include "core/study/builders/handout.h"
#include "core/study/model/study_part.h"
#include "files/io/atomic_file.h"
#include "files/marking/feedback_page.h"
#include "files/study_json/study_json.h"

#include <algorithm>
#include <condition_variable>
#include <filesystem>
#include <map>
#include <mutex>
#include <thread>

namespace ledgefall {
namespace {

/// Asks the work on one submission to stop when its time is over, or when all of the marking is stopped.
class TimeLimit {
  public:
    TimeLimit(double seconds, const StopToken& whole)
        : when_whole_stops_(whole.token(), [this] { source_.request_stop(); })
        , clock_([this, seconds](const std::stop_token& finished) {
            std::unique_lock lock(mutex_);
            if (!ended_.wait_for(lock, finished, std::chrono::duration<double>(seconds),
                                 [&finished] { return finished.stop_requested(); })) {
                source_.request_stop();
            }
        }) {}
    StopToken token() const { return StopToken(source_.get_token()); }

  private:
    std::stop_source source_;
    std::stop_callback<std::function<void()>> when_whole_stops_;
    std::mutex mutex_;
    std::condition_variable_any ended_;
    std::jthread clock_;
};

std::string stem_of(const std::string& path) {
    return std::filesystem::path(path).stem().string();
}

/// What one file has given.
struct Marked {
    SubmissionRemark remark;
    std::vector<Judgement> judgements;
};

class FolderMarking {
  public:
    FolderMarking(const Study& key, const MarkRequest& request, const StopToken& stop)
        : key_(key)
        , request_(request)
        , stop_(stop) {}

    Result<MarkedFolder> marked() {
        const Result<std::vector<std::string>> files = files_to_mark(request_);
        if (!files) {
            return files.refusal();
        }
        if (auto refused = find_asked(*files)) {
            return *refused;
        }
        const Judge judge(key_, asked_, request_.judging);
        std::vector<Marked> all(files->size());
        std::atomic<std::size_t> done = 0;
        parallel_for(files->size(), [&](std::size_t at) {
            stop_.throw_if_stopped();
            all[at] = mark((*files)[at], judge);
            stop_.report_progress(++done, files->size());
        });
        return put_together(all);
    }

  private:
    /// From the key or, where that says nothing, from most of the submissions.
    std::optional<Sentence> find_asked(const std::vector<std::string>& files) {
        if (key_.handout && !key_.handout->asked.empty()) {
            asked_ = key_.handout->asked;
        } else {
            std::map<std::string, std::pair<std::size_t, std::vector<AskedItem>>> by_edition;
            for (const std::string& file : files) {
                stop_.throw_if_stopped();
                const Result<Study> study = read(file, stop_);
                if (study && study->handout && !study->handout->is_key && of_this_key(*study)) {
                    auto& [count, asked] = by_edition[study->handout->edition];
                    asked = study->handout->asked;
                    ++count;
                }
            }
            std::size_t most = 0;
            for (const auto& [edition, entry] : by_edition) {
                asked_ = entry.first > most ? entry.second : asked_;
                most = std::max(most, entry.first);
            }
            for (AskedItem& item : asked_) {
                item.answer.clear();
            }
        }
        std::erase_if(asked_, [this](const AskedItem& item) {
            return item.question.empty() && !find_part(key_, item.part).exists();
        });
        if (asked_.empty()) {
            return Sentence{N_("There is no handout of this study in %1."), {request_.folder}};
        }
        HandoutRequest again;
        again.asked = asked_;
        if (const Result<Study> handout = make_handout(key_, again)) {
            edition_ = handout->handout->edition;
        }
        return std::nullopt;
    }

    /// Whether something is asked that the key calls by the same name.
    bool of_this_key(const Study& study) const {
        const auto& asked = study.handout->asked;
        return std::any_of(asked.begin(), asked.end(), [&](const AskedItem& item) {
            return item_name(study, item) == item_name(key_, item) &&
                   (find_part(key_, item.part).exists() || (key_.handout && key_.handout->item(item.part) != nullptr));
        });
    }

    Result<Study> read(const std::string& file, const StopToken& stop) const {
        std::error_code failed;
        const std::uintmax_t bytes = std::filesystem::file_size(file, failed);
        if (!failed && bytes > request_.most_bytes) {
            return Sentence{N_("The file has %1 MB. A submission may have %2 MB."),
                            {std::to_string(bytes / 1'000'000), std::to_string(request_.most_bytes / 1'000'000)}};
        }
        const Result<std::string> text = read_file(file);
        if (!text) {
            return text.refusal();
        }
        return read_study(*text, stop);
    }

    Marked mark(const std::string& file, const Judge& judge) const {
        Marked out;
        out.remark.file = std::filesystem::path(file).filename().string();
        out.remark.name = stem_of(file);
        const auto say = [&out](const Sentence& sentence) { out.remark.remark = worded(sentence); };
        const TimeLimit limit(request_.seconds, stop_);
        try {
            const Result<Study> study = read(file, limit.token());
            if (!study) {
                say(study.refusal());
                return out;
            }
            if (!study->handout || study->handout->is_key) {
                say({N_("This study is not a handout.")});
                return out;
            }
            if (!of_this_key(*study)) {
                say({N_("This is a handout of another study.")});
                return out;
            }
            if (!edition_.empty() && study->handout->edition != edition_) {
                say({N_("The handout is from another state of the key. It was marked all the same.")});
            }
            out.remark.name = study->handout->student.empty() ? out.remark.name : study->handout->student;
            out.judgements = judge.judge(*study, limit.token());
            if (!request_.feedback.empty()) {
                write_feedback(*study, out);
            }
        } catch (const Stopped&) {
            stop_.throw_if_stopped();
            out.judgements.clear();
            say({N_("It could not be marked within %1 seconds."), {shortest(request_.seconds)}});
        } catch (const std::bad_alloc&) {
            out.judgements.clear();
            say({N_("There is not enough memory to mark it.")});
        }
        return out;
    }

    void write_feedback(const Study& submission, Marked& out) const {
        const std::string path = request_.feedback + "/" + stem_of(out.remark.file) + ".html";
        const Result<Saved> saved = write_file(
            path, feedback_page(key_, submission, out.remark.name, asked_, out.judgements, request_.language));
        if (!saved) {
            out.remark.remark = worded(saved.refusal());
        }
    }

    Result<MarkedFolder> put_together(std::vector<Marked>& all) const {
        std::map<std::string, std::size_t> of_name;
        for (const Marked& one : all) {
            of_name[one.remark.name] += one.judgements.empty() ? 0 : 1;
        }
        MarkedFolder out;
        std::vector<ItemMark> marks;
        std::vector<SubmissionRemark> remarks;
        for (Marked& one : all) {
            if (!one.judgements.empty() && of_name[one.remark.name] > 1) {
                const std::string said = worded({N_("Another submission has the name %1 too."), {one.remark.name}});
                one.remark.remark += (one.remark.remark.empty() ? "" : " ") + said;
                one.remark.name += " (" + one.remark.file + ")";
            }
            out.marked += one.judgements.empty() ? 0 : 1;
            for (std::size_t at = 0; at < one.judgements.size(); ++at) {
                const Judgement& judgement = one.judgements[at];
                marks.push_back({one.remark.name, item_name(key_, asked_[at]), judgement.outcome,
                                 judgement.slip == nullptr ? "" : std::string(judgement.slip->name), asked_[at].points,
                                 judgement.answer, feedback_on(judgement), judgement.row, one.remark.file});
            }
            remarks.push_back(one.remark);
        }
        const MarksHead head{worded({N_("Marks of %1"), {key_.title}}), request_.folder, request_.key_file};
        Result<Study> study = marks_study(head, marks, remarks, request_.before);
        if (!study) {
            return study.refusal();
        }
        out.marks = *std::move(study);
        return out;
    }

    const Study& key_;
    const MarkRequest& request_;
    const StopToken& stop_;
    std::vector<AskedItem> asked_;
    std::string edition_;
};

} // namespace

Result<std::vector<std::string>> files_to_mark(const MarkRequest& request) {
    std::error_code failed;
    std::vector<std::string> files;
    std::filesystem::directory_iterator entry(request.folder, failed);
    if (failed) {
        return Sentence{N_("The folder %1 cannot be read."), {request.folder}};
    }
    for (; entry != std::filesystem::directory_iterator(); entry.increment(failed)) {
        const std::string name = entry->path().filename().string();
        if (entry->is_regular_file(failed) && !name.empty() && name.front() != '.') {
            files.push_back(entry->path().string());
        }
        if (files.size() > request.most_files) {
            return Sentence{N_("There are more than %1 files in %2. Mark a smaller folder at a time."),
                            {std::to_string(request.most_files), request.folder}};
        }
    }
    if (files.empty()) {
        return Sentence{N_("There are no files in %1."), {request.folder}};
    }
    std::sort(files.begin(), files.end());
    return files;
}

Result<MarkedFolder> mark_folder(const Study& key, const MarkRequest& request, const StopToken& stop) {
    return FolderMarking(key, request, stop).marked();
}

} // namespace ledgefall

#include "app/document/document.h"

#include "app/numbers/number_text.h"
#include "core/engine/functions/catalogue.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/edits/handout_edits.h"
#include "core/study/model/study_part.h"
#include "files/study_json/study_json.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace ledgefall {
namespace {

/// What a task gives that reads, or why nothing came of it.
template <class T>
Result<T> result_of(TaskOutcome<Result<T>> outcome) {
    return outcome ? *std::move(outcome) : Result<T>(outcome.why());
}

/// Whether a foot line's values have the unit of their columns, as a mean has and a count has not.
bool keeps_unit(const Formula& line) {
    const auto& tree = line.tree();
    const Function* measure = tree != nullptr && tree->type == NodeType::call ? find_function(tree->text) : nullptr;
    return measure != nullptr && measure->keeps_unit;
}

} // namespace

Document::Document(QObject* parent)
    : QObject(parent)
    , history_(Study())
    , changes_(this) {
    connect(&computer_, &Computer::finished, this, [this](const ResultsPtr& results) {
        if (results) {
            // Much may be freed with those before: not here, where it would be felt.
            TaskRunner::of_process().free(std::exchange(results_, results));
            current_ = !computer_.busy();
            Q_EMIT results_changed();
        }
        results_came(static_cast<bool>(results));
    });
    connect(&computer_, &Computer::failed, this, &Document::refuse);
    constexpr int moment = 300; // in which most changes are computed
    old_soon_.setSingleShot(true);
    old_soon_.setInterval(moment);
    connect(&old_soon_, &QTimer::timeout, this, [this] {
        shows_old_ = !current_;
        Q_EMIT shows_old_changed();
    });
    connect(&computer_, &Computer::busy_changed, this, [this] { Q_EMIT computing_changed(computing()); });
    connect(&computer_, &Computer::progressed, this, &Document::computing_progressed);
}

void Document::stop_computing() {
    computer_.stop();
    changes_.stop();
}

void Document::change_in_task(QObject* receiver, const QString& name,
                              const std::function<Result<Study>(const StopToken&)>& change,
                              const std::function<void()>& again, const std::function<void(bool)>& done) {
    const auto take = [this, guarded = QPointer<QObject>(receiver), name, again, done, state = state_,
                       opened = opened_](const TaskOutcome<Result<Study>>& next) {
        if (next && opened == opened_ && state != state_) { // somebody was faster
            return again();
        }
        const bool taken = opened == opened_ && perform(name, next ? *next : Result<Study>(next.why()));
        Q_EMIT computing_changed(computing());
        if (done && guarded) {
            done(taken);
        }
    };
    changes_.start(change, take);
    Q_EMIT computing_changed(true);
}

void Document::perform_aside(QObject* receiver, const QString& name, const Change& change,
                             const std::function<void(bool)>& done) {
    change_in_task(
        receiver, name, [change, before = study()](const StopToken& stop) { return change(before, stop); },
        [this, guarded = QPointer<QObject>(receiver), name, change, done] {
            perform_aside(guarded, name, change, done);
        },
        done);
}

void Document::perform_by_results(QObject* receiver, const QString& name, const ChangeByResults& change,
                                  const std::function<void(bool)>& done) {
    when_current(receiver, name, [this, receiver, name, change, done] {
        change_in_task(
            receiver, name,
            [change, before = study(), results = snapshot()](const StopToken& stop) {
                return change(before, *results, stop);
            },
            [this, guarded = QPointer<QObject>(receiver), name, change, done] {
                perform_by_results(guarded, name, change, done);
            },
            done);
    });
}

QString Document::title() const {
    if (!study().title.empty()) {
        return QString::fromStdString(study().title);
    }
    return path_.isEmpty() ? tr("New study") : QFileInfo(path_).completeBaseName();
}

QStringList Document::translated(const std::vector<Sentence>& sentences) {
    QStringList out;
    for (const Sentence& sentence : sentences) {
        out += translated(sentence);
    }
    return out;
}

QString Document::translated(const Sentence& sentence) {
    const QString pattern = QCoreApplication::translate("Sentence", sentence.pattern.c_str());
    Sentence in_language = sentence;
    for (std::string& part : in_language.parts) { // what kind something is stands in sentences in words
        part = QCoreApplication::translate("Kind", part.c_str()).toStdString();
    }
    return QString::fromStdString(in_language.filled(pattern.toStdString()));
}

Result<Study> Document::with_formula_again(Id column, std::size_t cell) const {
    const Table* table = find_part(study(), column).table;
    if (table == nullptr || !table->two_way()) {
        return give_back(study(), column, cell);
    }
    const Column* down = results_->column((*table->axis.column)->id);
    const Column* across = results_->column((*table->across->column)->id);
    if (!current_ || down == nullptr || across == nullptr) {
        return Sentence{
            N_("The cells are still being computed, so nothing was entered. Type again when they are ready."), {}};
    }
    return give_back_cell(study(), column, cell, *down, *across);
}

QString Document::single_text(const DefinitionId& id, const Format& own) const {
    const StudyPart part = own.automatic() ? find_part(study(), id) : StudyPart();
    const bool of_column = part.column != nullptr && part.foot_line != nullptr && keeps_unit(part.foot_line->formula);
    const std::string unit = part.held != nullptr ? part.held->unit : of_column ? part.column->unit : std::string();
    const Format format = format_for_unit(own, unit, study().settings);
    return results().only_rounding(id) ? rounded_to_zero_text(format) : value_text(results().single(id), format);
}

QString Document::translated(std::string_view text) {
    return text.empty() ? QString() : QCoreApplication::translate("Sentence", std::string(text).c_str());
}

bool Document::perform(const QString& name, const Result<Study>& next) {
    if (!next) {
        refuse(next.refusal());
        return false;
    }
    if (*next == study()) {
        return true;
    }
    if (const auto locked = locked_change(study(), *next)) {
        refuse(*locked);
        return false;
    }
    sliding_.clear();
    history_.perform(*next, name.toStdString());
    changed();
    return true;
}

bool Document::slide(const QString& name, const Result<Study>& next) {
    if (!next || name != sliding_) {
        const bool done = perform(name, next);
        sliding_ = done ? name : QString();
        return done;
    }
    if (!(*next == study()) && !locked_change(study(), *next)) {
        history_.amend(*next);
        changed();
    }
    return true;
}

void Document::undo() {
    sliding_.clear();
    history_.undo();
    changed();
}

void Document::redo() {
    sliding_.clear();
    history_.redo();
    changed();
}

/// Tells those who wait: what they wait for is there, or does not come.
void Document::results_came(bool any) {
    if (current_) {
        old_soon_.stop();
        if (std::exchange(shows_old_, false)) {
            Q_EMIT shows_old_changed();
        }
        for (const Waiting& waiting : std::exchange(waiting_, {})) {
            if (waiting.receiver) {
                waiting.done();
            }
        }
    } else if (!any && !computer_.busy()) {
        give_up(std::exchange(waiting_, {}),
                Sentence{N_("This was given up, since the computation was stopped: %1. Compute again first."), {}});
    }
}

/// `why` has a place for what was waiting.
void Document::give_up(const std::vector<Waiting>& all, const Sentence& why) {
    for (const Waiting& waiting : all) {
        if (waiting.receiver) {
            refuse({why.pattern, {waiting.what.toStdString()}});
        }
    }
}

Document::CheckState Document::check_state(Id check) const {
    if (results().find(check) == nullptr || shows_old_) {
        return CheckState::unknown;
    }
    const Value value = results().single(check);
    return value.plain() && value.yes() ? CheckState::holds : CheckState::fails;
}

void Document::when_current(QObject* receiver, const QString& what, const std::function<void()>& done) {
    if (current_) {
        return done();
    }
    waiting_.push_back({receiver, what, done});
    if (!computer_.busy()) {
        results_came(false); // it has been stopped before
    }
}

void Document::compute_again() {
    if (!current_) {
        computer_.ask(study());
    }
}

void Document::changed() {
    ++state_;
    current_ = false;
    if (!old_soon_.isActive() && !shows_old_) {
        old_soon_.start();
    }
    Q_EMIT study_changed();
    Q_EMIT state_changed();
    computer_.ask(study());
}

/// What was asked for before and waits is of the study that was there, and is given up.
void Document::take_up(History history, const QString& path, const FileStamp& stamp) {
    ++opened_;
    sliding_.clear();
    changes_.stop();
    const std::vector<Waiting> of_the_one_before = std::exchange(waiting_, {});
    history_ = std::move(history);
    path_ = path;
    stamp_ = stamp;
    results_ = std::make_shared<Results>();
    changed();
    give_up(of_the_one_before, Sentence{N_("This was given up, since another study has been opened: %1."), {}});
}

void Document::start_new() {
    replace(Study());
}

void Document::open(Study study, const QString& path, const FileStamp& stamp) {
    take_up(History(std::move(study)), QFileInfo(path).absoluteFilePath(), stamp);
}

void Document::refuse_about(const QString& path, const Sentence& why) {
    const QString text = translated(why);
    const QString name = QFileInfo(path).fileName();
    Q_EMIT refused(text.contains(name) ? text : tr("%1: %2").arg(name, text));
}

void Document::read_bytes(const QString& path, const std::function<void(const BytesPtr&)>& done) {
    file_task_.start(
        tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [path = path.toStdString()]() -> Result<BytesPtr> {
            Result<std::string> bytes = read_file(path);
            return bytes ? Result<BytesPtr>(std::make_shared<const std::string>(*std::move(bytes))) : bytes.refusal();
        },
        or_refuse<BytesPtr>(path, done));
}

void Document::read_study_file(const QString& path, const std::function<void(const Study&, const FileStamp&)>& done) {
    const auto stamp = std::make_shared<FileStamp>();
    file_task_.start(
        tr("Opening %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [path = path.toStdString(), stamp](const StopToken& stop) -> Result<Study> {
            const Result<std::string> bytes = read_file(path, stamp.get());
            return bytes ? read_study(*bytes, stop) : bytes.refusal();
        },
        or_refuse<Study>(path, [done, stamp](const Study& study) { done(study, *stamp); }));
}

void Document::write_aside(const QString& path, const std::function<BytesPtr(const StopToken&)>& bytes,
                           const std::function<void(const Result<Saved>&)>& done) {
    const QString name = QFileInfo(path).fileName();
    file_task_.start(
        tr("Saving %1…").arg(name), WhenStopped::wait,
        [path = path.toStdString(), bytes](const StopToken& stop) { return write_file(path, *bytes(stop)); },
        [done, name = name.toStdString()](TaskOutcome<Result<Saved>> written) {
            if (!written && written.end() == TaskEnd::stopped) {
                return done(
                    Sentence{N_("%1 was not written, since it was stopped. What was there is unchanged."), {name}});
            }
            done(result_of(std::move(written)));
        });
}

void Document::begin_with(Study study) {
    replace(std::move(study));
}

bool Document::open_text(const QByteArray& text) {
    const Result<Study> read = read_study(text.toStdString());
    if (!read) {
        refuse(read.refusal());
        return false;
    }
    replace(*read);
    return true;
}

void Document::open_unsaved(Study next, const QString& path, const FileStamp& stamp) {
    History history(std::move(next));
    history.mark_unsaved();
    take_up(std::move(history), path, stamp);
}

void Document::save(const QString& path, const std::function<void(bool)>& done) {
    const auto text = std::make_shared<BytesPtr>();
    const auto write = [text, snapshot = study()](const StopToken&) {
        return *text = std::make_shared<const std::string>(write_study(snapshot));
    };
    write_aside(path, write, [this, path, done, text, state = state_, opened = opened_](const Result<Saved>& result) {
        if (!result) {
            Q_EMIT saving_failed(translated(result.refusal()));
            return done(false);
        }
        const QString whole = QFileInfo(path).absoluteFilePath();
        if (opened == opened_) { // else another study is here now
            path_ = whole;
            stamp_ = result->stamp;
            if (state == state_) {
                history_.mark_saved();
            } else { // it has been changed meanwhile
                history_.mark_unsaved();
            }
            Q_EMIT state_changed();
        }
        Q_EMIT saved(whole, *text);
        done(true);
    });
}

} // namespace ledgefall

#include "app/exchange/study_files.h"

#include "app/dialogs/prompts.h"
#include "app/dialogs/worksheet_dialog.h"
#include "app/exchange/format_filters.h"
#include "app/recovery/earlier_versions.h"
#include "app/recovery/recovered_studies.h"
#include "app/recovery/recovery_dialog.h"
#include "core/study/builders/joined_studies.h"
#include "core/study/model/study_difference.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QFileInfo>
#include <QLocale>
#include <QSettings>

namespace ledgefall {
namespace {

const QString study_suffix = QStringLiteral("ledgefall");

/// All that can be opened, first together and then each format by itself.
QString openable_filters() {
    const QString studies = format_filters(&FileFormat::read_study);
    const QString worksheets = format_filters(&FileFormat::read_worksheet);
    const QString patterns =
        patterns_of(format_suffixes(&FileFormat::read_study) + format_suffixes(&FileFormat::read_worksheet));
    return QCoreApplication::translate("Ask", "Studies and worksheets") +
           QStringLiteral(" (%1);;%2;;%3").arg(patterns, studies, worksheets);
}

} // namespace

StudyFiles::StudyFiles(Document& document, QWidget* window)
    : QObject(window)
    , document_(document)
    , window_(window)
    , autosave_(document, this) {
    connect(&autosave_, &Autosave::failed, this, [this](const Sentence& why) {
        Q_EMIT failed(tr("Unsaved changes cannot be backed up: %1").arg(Document::translated(why)));
    });
    // Whatever way a study comes into the window, its file is the one that is watched.
    connect(&document_, &Document::state_changed, this, [this] {
        if (document_.path() != guard_.path() || !document_.stamp().same_file_state(guard_.stamp())) {
            guard_.watch(document_.path(), document_.stamp());
        }
    });
    connect(&document_.file_task(), &FileTask::ended, this, [this] { opening_.clear(); });
    connect(&document_, &Document::saved, this,
            [](const QString& path, const std::shared_ptr<const std::string>& text) {
                TaskRunner::of_process().start_unattended([path, text] { keep_version(path, *text); });
            });
    connect(this, &StudyFiles::opened, this, [](const QString& path) {
        constexpr int most = 8;
        QStringList paths = recent();
        paths.removeAll(path);
        paths.prepend(path);
        QSettings().setValue(QStringLiteral("recent"), paths.mid(0, most));
    });
}

void StudyFiles::read_worksheet(const QString& path, const Document::BytesPtr& bytes, bool may_add) {
    const auto show = [this, path, may_add](WorksheetStudy read) {
        const auto recovered = std::make_shared<const WorksheetStudy>(std::move(read));
        const QString name = QFileInfo(path).fileName();
        auto* dialog = new WorksheetDialog(*recovered, name, may_add && !document_.study().tables.empty(), window_);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        connect(dialog, &QDialog::accepted, this, [this, dialog, recovered, path, name] {
            if (dialog->adds()) {
                return add_worksheet(*recovered, name);
            }
            may_leave([this, path, recovered] { take_worksheet(*recovered, path); });
        });
        dialog->open();
    };
    document_.file_task().start(
        tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [bytes, format = format_of(path.toStdString(), *bytes)](const StopToken& stop) {
            return format.read_worksheet(*bytes, stop);
        },
        document_.or_refuse<WorksheetStudy>(path, show));
}

void StudyFiles::take_worksheet(WorksheetStudy recovered, const QString& path) {
    recovered.study.title = QFileInfo(path).completeBaseName().toStdString();
    document_.open_unsaved(std::move(recovered.study), {});
    worksheet_folder_ = QFileInfo(path).absolutePath();
    Q_EMIT worksheet_taken(QFileInfo(path).fileName());
}

/// The report stands in the study's note, behind what is there.
void StudyFiles::add_worksheet(const WorksheetStudy& recovered, const QString& name) {
    const Result<WithTables> with = with_tables(document_.study(), recovered.study);
    if (!with) {
        return document_.refuse(with.refusal());
    }
    Study next = with->study;
    if (!recovered.study.note.empty()) {
        next.note += (next.note.empty() ? "" : "\n\n") + name.toStdString() + "\n" + recovered.study.note;
    }
    QStringList renamed;
    for (const auto& [from, to] : with->renamed) {
        renamed << tr("%1 is %2 here").arg(QString::fromStdString(from), QString::fromStdString(to));
    }
    if (document_.perform(tr("adding %1").arg(name), next)) {
        Q_EMIT worksheet_added(name, with->tables.front(), renamed);
    }
}

void StudyFiles::import_worksheet(const QString& path, const Document::BytesPtr& bytes) {
    read_worksheet(path, bytes, true);
}

void StudyFiles::open(const QString& path) {
    if (format_of(path.toStdString()).read_worksheet != nullptr) {
        return document_.read_bytes(
            path, [this, path](const Document::BytesPtr& bytes) { read_worksheet(path, bytes, false); });
    }
    read_study(path, [this](const Then& take) { may_leave(take); });
}

void StudyFiles::read_study(const QString& path, const std::function<void(const Then& take)>& done) {
    opening_ = QFileInfo(path).absoluteFilePath();
    document_.read_study_file(path, [this, path, done](const Study& study, const FileStamp& stamp) {
        done([this, study, path, stamp] { take_file(study, path, stamp); });
    });
}

bool StudyFiles::has_or_opens(const QString& path) const {
    const auto is_this = [canonical = QFileInfo(path).canonicalFilePath()](const QString& one) {
        return !one.isEmpty() && !canonical.isEmpty() && QFileInfo(one).canonicalFilePath() == canonical;
    };
    return is_this(document_.path()) || is_this(opening_);
}

void StudyFiles::take_file(const Study& study, const QString& path, const FileStamp& stamp) {
    document_.open(study, path, stamp);
    worksheet_folder_.clear();
    Q_EMIT opened(document_.path());
    if (guard_.open_elsewhere()) {
        Q_EMIT failed(tr("%1 is open in another window. Changes made here will be saved under another name.")
                          .arg(QFileInfo(path).fileName()));
    }
}

void StudyFiles::save_to(const QString& path, const Then& then) {
    document_.save(path, [this, path, then](bool saved) {
        if (!saved || document_.path() != QFileInfo(path).absoluteFilePath()) { // or another study is here now
            return;
        }
        remove_stale_temporaries(QFileInfo(path).absolutePath().toStdString(),
                                 QFileInfo(path).fileName().toStdString());
        Q_EMIT opened(document_.path());
        then();
    });
}

bool StudyFiles::typed_is_taken(const QString& otherwise) {
    const std::optional<QString> refused = take_what_is_typed ? take_what_is_typed() : std::nullopt;
    return !refused ||
           ask_choice(window_, tr("Unfinished formula"),
                      tr("The formula being written cannot be entered yet. %1").arg(*refused), {otherwise}) == 0;
}

/// What else is to be done with files waits, or what runs is stopped: the person decides.
bool StudyFiles::another_task_runs() {
    if (document_.file_task().running()) {
        document_.refuse(document_.file_task().why_not_now());
    }
    return document_.file_task().running();
}

void StudyFiles::save(const Then& then) {
    if (another_task_runs() || !typed_is_taken(tr("Save without it"))) {
        return;
    }
    if (document_.path().isEmpty() || guard_.open_elsewhere() || guard_.read_only()) {
        return save_as(then);
    }
    const Then write = [this, then] { save_to(document_.path(), then); };
    look_at_file(write, write);
}

QString StudyFiles::proposed_path() const {
    if (!document_.path().isEmpty()) {
        return document_.path();
    }
    return worksheet_folder_.isEmpty() ? document_.title() : worksheet_folder_ + u'/' + document_.title();
}

void StudyFiles::save_as(const Then& then) {
    if (another_task_runs() || !typed_is_taken(tr("Save without it"))) {
        return;
    }
    const QString path = ask_save_path(window_, tr("Save the study"), proposed_path(),
                                       format_filters(&FileFormat::write_study), {study_suffix});
    if (!path.isEmpty()) {
        save_to(path, then);
    }
}

void StudyFiles::choose_and_open() {
    const QString path = ask_open_path(window_, tr("Open a study or worksheet"), with_all_files(openable_filters()));
    if (!path.isEmpty()) {
        open(path);
    }
}

void StudyFiles::may_leave(const Then& then) {
    if (another_task_runs() || !typed_is_taken(tr("Continue without it"))) {
        return;
    }
    if (!document_.modified()) {
        return look_at_file(then, [this, then] { save_to(document_.path(), then); });
    }
    const int answer = ask_choice(window_, tr("Unsaved changes"), tr("Save the changes to %1?").arg(document_.title()),
                                  {tr("Save"), tr("Discard")});
    if (answer == 0) {
        save([this, then] { may_leave(then); }); // what is changed while it is being saved is asked about, too
    } else if (answer == 1) { // what was recovered of it goes when the study does, which may still be thought over
        then();
    }
}

void StudyFiles::start_new() {
    worksheet_folder_.clear();
    document_.start_new();
}

void StudyFiles::look_at_file_again() {
    if (!asking_ && !document_.file_task().running() && !guard_.noted()) {
        look_at_file([] {}, [this] { save_to(document_.path()); });
    }
}

void StudyFiles::look_at_file(const Then& then, const Then& overwrite) {
    const FileGuard::State state = guard_.state();
    if (state == FileGuard::State::unchanged || asking_) {
        return then();
    }
    if (state == FileGuard::State::removed) {
        return ask_about_file(true, {}, then, overwrite);
    }
    const QString path = document_.path();
    document_.file_task().start(
        tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [path = path.toStdString(), study = document_.study(), before = document_.stamp()](const StopToken& stop) {
            FileNow now;
            const Result<std::string> bytes = read_file(path, &now.stamp);
            if (bytes && now.stamp.content == before.content) { // only touched
                return now;
            }
            const Result<Study> read = bytes ? ledgefall::read_study(*bytes, stop) : Result<Study>(bytes.refusal());
            now.differences = read ? difference_of(study, *read).in_words() : read.refusal();
            now.bytes = std::make_shared<const std::string>(bytes ? *bytes : std::string());
            return now;
        },
        [this, path, then, overwrite](const TaskOutcome<FileNow>& now) {
            if (path != document_.path()) {
                return;
            }
            if (now && (*now).bytes == nullptr) {
                document_.set_stamp((*now).stamp);
                guard_.watch(path, (*now).stamp);
                return then();
            }
            ask_about_file(false, now ? *now : FileNow{{}, {}, now.why()}, then, overwrite);
        });
}

void StudyFiles::ask_about_file(bool removed, const FileNow& now, const Then& then, const Then& overwrite) {
    const QString path = document_.path();
    const QString name = QFileInfo(path).fileName();
    const QString text =
        removed ? tr("%1 has been removed or renamed since it was opened here.").arg(name)
                : tr("%1 has been changed by another program since it was opened here. Differences in the file: %2")
                      .arg(name, Document::translated(now.differences));
    QStringList offers{removed ? tr("Save again") : tr("Overwrite the file"), tr("Save as…")};
    if (!removed) {
        offers << tr("Reload the file");
    }
    guard_.note();
    asking_ = true;
    const int answer = ask_choice(window_, tr("The file was changed"), text, offers);
    if (answer == 0) {
        if (now.bytes != nullptr) { // what is written over can be had back
            TaskRunner::of_process().start_unattended([path, bytes = now.bytes] { keep_version(path, *bytes); });
        }
        overwrite();
    } else if (answer == 1) {
        save_as(then);
    } else if (answer == 2) {
        read_study(path, [then](const Then& take) {
            take();
            then();
        });
    }
    asking_ = false;
}

void StudyFiles::offer_recovered(const Then& then) {
    const QList<RecoveredStudy> all = recovered_studies();
    offer_next({all.begin(), all.end()}, then);
}

/// Once one has been taken, the others are offered at the next start.
void StudyFiles::offer_next(std::vector<RecoveredStudy> recovered, const Then& then) {
    if (recovered.empty() || document_.modified()) {
        return then();
    }
    const RecoveredStudy first = recovered.front();
    recovered.erase(recovered.begin());
    using Found = std::pair<Study, RecoveredStudy::File>;
    document_.file_task().start(
        tr("Reading what was recovered of %1…").arg(first.state.title), WhenStopped::leave,
        [first](const StopToken& stop) -> Result<Found> {
            const Result<Study> study = first.read(stop);
            return study ? Result<Found>(Found{*study, first.look_at_file(*study, stop)}) : study.refusal();
        },
        [this, first, rest = std::move(recovered), then](const TaskOutcome<Result<Found>>& found) {
            if (!found || !*found) {
                Q_EMIT failed(
                    tr("The recovered study “%1” cannot be read: %2")
                        .arg(first.state.title, Document::translated(found ? (*found).refusal() : found.why())));
            } else if (!ask_about_recovered(first, (*found)->first, (*found)->second)) {
                return then();
            }
            offer_next(rest, then);
        });
}

/// Whether another one can be offered.
bool StudyFiles::ask_about_recovered(const RecoveredStudy& recovered, const Study& study,
                                     const RecoveredStudy::File& file) {
    RecoveryDialog dialog(recovered, study, file, window_);
    dialog.exec();
    const UnsavedState& state = recovered.state;
    switch (dialog.choice()) {
    case RecoveryDialog::Choice::later:
        return true;
    case RecoveryDialog::Choice::file:
        recovered.remove();
        if (state.path.isEmpty() || !QFileInfo::exists(state.path)) {
            return true;
        }
        open(state.path);
        return false;
    case RecoveryDialog::Choice::recovered:
    case RecoveryDialog::Choice::both:
        break;
    }
    const bool both = dialog.choice() == RecoveryDialog::Choice::both;
    const FileStamp stamp = state.stamp.size < 0 ? stamp_of(state.path.toStdString()) : state.stamp;
    document_.open_unsaved(study, both ? QString() : state.path, both ? FileStamp() : stamp);
    if (!state.typed.text.isEmpty()) {
        Q_EMIT was_being_typed(state.typed);
    }
    autosave_.save_now(); // under this window's name, before the other goes
    if (autosave_.is_written()) {
        recovered.remove();
    }
    return false;
}

void StudyFiles::show_earlier_versions() {
    if (document_.path().isEmpty()) {
        Q_EMIT failed(tr("This study has not been saved yet, so it has no earlier versions. Save it first."));
        return;
    }
    const QList<EarlierVersion> versions = earlier_versions(document_.path());
    if (versions.isEmpty()) {
        Q_EMIT failed(tr("There are no earlier versions yet. One is kept each time the study is saved."));
        return;
    }
    document_.file_task().start(
        tr("Reading the earlier versions…"), WhenStopped::leave,
        [versions, now = document_.study()](const StopToken& stop) -> Result<std::vector<Sentence>> {
            std::vector<Sentence> sentences;
            for (const EarlierVersion& version : versions) {
                const Result<Study> study = version.read(stop);
                sentences.push_back(study ? difference_of(now, *study).in_words() : study.refusal());
            }
            return sentences;
        },
        document_.or_refuse<std::vector<Sentence>>(document_.path(),
                                                   [this, versions](const std::vector<Sentence>& differences) {
                                                       take_earlier_version(versions, differences);
                                                   }));
}

void StudyFiles::take_earlier_version(const QList<EarlierVersion>& versions, const std::vector<Sentence>& differences) {
    QStringList offers;
    for (qsizetype at = 0; at < versions.size(); ++at) {
        offers << tr("%1 — %2").arg(QLocale().toString(versions[at].saved, QLocale::ShortFormat),
                                    Document::translated(differences[static_cast<std::size_t>(at)]));
    }
    const int chosen = ask_from_list(window_, tr("Earlier versions"),
                                     tr("How each differs from the study as it is now. Restoring a version can be "
                                        "undone; the file changes only when you save."),
                                     offers, tr("Restore this version"));
    if (chosen < 0) {
        return;
    }
    document_.file_task().start(
        tr("Reading the earlier version…"), WhenStopped::leave,
        [version = versions[chosen]](const StopToken& stop) { return version.read(stop); },
        document_.or_refuse<Study>(document_.path(), [this](const Study& study) {
            document_.perform(tr("restoring an earlier version"), study);
        }));
}

QStringList StudyFiles::recent() {
    return QSettings().value(QStringLiteral("recent")).toStringList();
}

QString StudyFiles::title_note() const {
    return guard_.open_elsewhere() ? tr("open in another window") : guard_.read_only() ? tr("read-only") : QString();
}

} // namespace ledgefall

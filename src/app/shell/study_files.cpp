#include "app/shell/study_files.h"

#include "app/dialogs/prompts.h"
#include "app/dialogs/worksheet_dialog.h"
#include "app/recovery/earlier_versions.h"
#include "app/recovery/recovered_studies.h"
#include "app/recovery/recovery_dialog.h"
#include "app/shell/format_filters.h"
#include "core/study/builders/joined_studies.h"
#include "core/study/model/study_difference.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QFileInfo>
#include <QLocale>

namespace ledgefall {
namespace {

const QString study_suffix = QStringLiteral("ledgefall");

/// How the file on the disk differs from a study, in words.
QString difference_from_file(const QString& path, Document& document) {
    const Result<Study> read = document.read_study_file(path);
    return Document::translated(read ? difference_of(document.study(), *read).in_words() : read.refusal());
}

/// All that can be opened, first together and then each format by itself.
QString openable_filters() {
    const QString studies = format_filters(&FileFormat::read_study);
    const QString worksheets = format_filters(&FileFormat::read_worksheet);
    QStringList patterns;
    for (const QString& suffix :
         format_suffixes(&FileFormat::read_study) + format_suffixes(&FileFormat::read_worksheet)) {
        patterns << QStringLiteral("*.") + suffix;
    }
    return QCoreApplication::translate("Ask", "Studies and worksheets") +
           QStringLiteral(" (%1);;%2;;%3").arg(patterns.join(u' '), studies, worksheets);
}

} // namespace

StudyFiles::StudyFiles(Document& document, QWidget* window)
    : QObject(window)
    , document_(document)
    , window_(window)
    , autosave_(document, this) {
    connect(&autosave_, &Autosave::failed, this, [this](const Sentence& why) {
        Q_EMIT failed(tr("Unsaved changes cannot be kept for a crash: %1").arg(Document::translated(why)));
    });
    // Whatever way a study comes into the window, its file is the one that is watched.
    connect(&document_, &Document::state_changed, this, [this] {
        if (document_.path() != guard_.path()) {
            guard_.watch(document_.path());
        }
    });
    connect(&document_, &Document::saved, this,
            [](const QString& path, const std::shared_ptr<const std::string>& text) {
                TaskRunner::of_process().start_unattended([path, text] { keep_version(path, *text); });
            });
}

std::optional<WorksheetStudy> StudyFiles::read_worksheet(const QString& path, const Document::BytesPtr& bytes) {
    const QString name = QFileInfo(path).fileName();
    auto read = document_.waited_work().run(
        tr("Reading %1…").arg(name), WhenStopped::leave,
        [bytes, format = format_of(path.toStdString(), *bytes)] { return format.read_worksheet(*bytes); });
    if (!read || !*read) {
        document_.refuse(read ? Sentence{"%1: %2", {name.toStdString(), (*read).refusal().text()}} : read.why());
        return std::nullopt;
    }
    return **std::move(read);
}

void StudyFiles::take_worksheet(WorksheetStudy recovered, const QString& path) {
    recovered.study.title = QFileInfo(path).completeBaseName().toStdString();
    document_.open_unsaved(std::move(recovered.study), {});
    worksheet_folder_ = QFileInfo(path).absolutePath();
    guard_.watch({});
    Q_EMIT worksheet_taken(QFileInfo(path).fileName());
}

/// The report stands in the study's note, behind what is there.
bool StudyFiles::add_worksheet(const WorksheetStudy& recovered, const QString& name) {
    const Result<WithTables> with = with_tables(document_.study(), recovered.study);
    if (!with) {
        document_.refuse(with.refusal());
        return false;
    }
    Study next = with->study;
    if (!recovered.study.note.empty()) {
        next.note += (next.note.empty() ? "" : "\n\n") + name.toStdString() + "\n" + recovered.study.note;
    }
    QStringList renamed;
    for (const auto& [from, to] : with->renamed) {
        renamed << tr("%1 is %2 here").arg(QString::fromStdString(from), QString::fromStdString(to));
    }
    if (!document_.perform(tr("adding %1").arg(name), next)) {
        return false;
    }
    Q_EMIT worksheet_added(name, with->tables.front(), renamed);
    return true;
}

bool StudyFiles::import_worksheet(const QString& path, const Document::BytesPtr& bytes) {
    const QString name = QFileInfo(path).fileName();
    std::optional<WorksheetStudy> recovered = read_worksheet(path, bytes);
    if (!recovered) {
        return false;
    }
    WorksheetDialog dialog(*recovered, name, !document_.study().tables.empty(), window_);
    if (dialog.exec() != QDialog::Accepted) {
        return false;
    }
    if (dialog.adds()) {
        return add_worksheet(*recovered, name);
    }
    if (!may_leave()) {
        return false;
    }
    take_worksheet(*std::move(recovered), path);
    return true;
}

bool StudyFiles::open(const QString& path) {
    if (format_of(path.toStdString()).read_worksheet != nullptr) {
        Result<std::string> bytes = document_.read_bytes(path);
        if (!bytes) {
            document_.refuse(bytes.refusal());
            return false;
        }
        std::optional<WorksheetStudy> recovered =
            read_worksheet(path, std::make_shared<const std::string>(*std::move(bytes)));
        if (!recovered ||
            WorksheetDialog(*recovered, QFileInfo(path).fileName(), false, window_).exec() != QDialog::Accepted) {
            return false;
        }
        take_worksheet(*std::move(recovered), path);
        return true;
    }
    if (!document_.open(path)) {
        return false;
    }
    worksheet_folder_.clear();
    guard_.watch(document_.path());
    Q_EMIT opened(document_.path());
    if (guard_.open_elsewhere()) {
        Q_EMIT failed(tr("%1 is open in another window: changes made here are saved under another name.")
                          .arg(QFileInfo(path).fileName()));
    }
    return true;
}

bool StudyFiles::save_to(const QString& path) {
    if (!document_.save(path)) {
        return false;
    }
    guard_.watch(document_.path());
    clear_torn_files(QFileInfo(path).absolutePath().toStdString(), QFileInfo(path).fileName().toStdString());
    Q_EMIT opened(document_.path());
    return true;
}

bool StudyFiles::typed_is_taken(const QString& otherwise) {
    const std::optional<QString> refused = take_what_is_typed ? take_what_is_typed() : std::nullopt;
    return !refused ||
           ask_choice(window_, tr("What is being written"),
                      tr("The formula that is being written cannot be taken yet. %1").arg(*refused), {otherwise}) == 0;
}

bool StudyFiles::save() {
    if (!typed_is_taken(tr("Save without it"))) {
        return false;
    }
    if (document_.path().isEmpty() || guard_.open_elsewhere() || guard_.read_only()) {
        return save_as();
    }
    return look_at_file() && save_to(document_.path());
}

QString StudyFiles::proposed_path() const {
    if (!document_.path().isEmpty()) {
        return document_.path();
    }
    return worksheet_folder_.isEmpty() ? document_.title() : worksheet_folder_ + u'/' + document_.title();
}

bool StudyFiles::save_as() {
    if (!typed_is_taken(tr("Save without it"))) {
        return false;
    }
    const QString path = ask_save_path(window_, tr("Save the study"), proposed_path(),
                                       format_filters(&FileFormat::write_study), {study_suffix});
    return !path.isEmpty() && save_to(path);
}

void StudyFiles::choose_and_open() {
    if (!may_leave()) {
        return;
    }
    const QString path = ask_open_path(window_, tr("Open a study or a worksheet"), with_all_files(openable_filters()));
    if (!path.isEmpty()) {
        open(path);
    }
}

bool StudyFiles::may_leave() {
    if (!typed_is_taken(tr("Leave without it"))) {
        return false;
    }
    if (!document_.modified()) {
        return look_at_file();
    }
    const int answer = ask_choice(window_, tr("Unsaved changes"), tr("Save the changes to %1?").arg(document_.title()),
                                  {tr("Save"), tr("Discard")});
    if (answer == 1) {
        autosave_.discard();
    }
    return answer == 1 || (answer == 0 && save());
}

void StudyFiles::start_new() {
    worksheet_folder_.clear();
    document_.start_new();
}

bool StudyFiles::look_at_file() {
    const FileGuard::State state = guard_.state();
    if (state == FileGuard::State::unchanged || asking_) {
        return true;
    }
    asking_ = true;
    const QString path = document_.path();
    const QString name = QFileInfo(path).fileName();
    const bool removed = state == FileGuard::State::removed;
    const QString text =
        removed ? tr("%1 has been removed or renamed since it was read here.").arg(name)
                : tr("%1 has been changed by another program since it was read here. From this window to the file: %2")
                      .arg(name, difference_from_file(path, document_));
    QStringList offers{removed ? tr("Save it again") : tr("Write mine over it"), tr("Save mine as…")};
    if (!removed) {
        offers << tr("Take theirs");
    }
    const int answer = ask_choice(window_, tr("The file was changed"), text, offers);
    bool goes_on = false;
    if (answer == 0) {
        goes_on = save_to(path);
    } else if (answer == 1) {
        goes_on = save_as();
    } else if (answer == 2) {
        goes_on = open(path);
    }
    asking_ = false;
    return goes_on;
}

void StudyFiles::take_recovered(const RecoveredStudy& recovered) {
    auto read = document_.waited_work().run(tr("Reading what was recovered of %1…").arg(recovered.title),
                                            WhenStopped::leave, [recovered] { return recovered.read(); });
    const Result<Study> study = read ? *std::move(read) : Result<Study>(read.why());
    if (!study) {
        Q_EMIT failed(tr("What was recovered of “%1” cannot be read: %2")
                          .arg(recovered.title, Document::translated(study.refusal())));
        return;
    }
    RecoveryDialog dialog(recovered, *study, window_);
    dialog.exec();
    switch (dialog.choice()) {
    case RecoveryDialog::Choice::later:
        return;
    case RecoveryDialog::Choice::file:
        recovered.remove();
        if (!recovered.path.isEmpty() && QFileInfo::exists(recovered.path)) {
            open(recovered.path);
        }
        return;
    case RecoveryDialog::Choice::recovered:
    case RecoveryDialog::Choice::both:
        break;
    }
    const bool both = dialog.choice() == RecoveryDialog::Choice::both;
    document_.open_unsaved(*study, both ? QString() : recovered.path);
    guard_.watch(document_.path());
    autosave_.save_now(); // under this window's name, before the other goes
    if (autosave_.is_written()) {
        recovered.remove();
    }
}

void StudyFiles::offer_recovered() {
    for (const RecoveredStudy& recovered : recovered_studies()) {
        if (document_.modified()) { // one has been taken: the others are offered at the next start
            return;
        }
        take_recovered(recovered);
    }
}

void StudyFiles::show_earlier_versions() {
    if (document_.path().isEmpty()) {
        Q_EMIT failed(tr("This study has no file yet, and so no earlier versions: save it first."));
        return;
    }
    const QList<EarlierVersion> versions = earlier_versions(document_.path());
    const auto differences = document_.waited_work().run(
        tr("Reading the earlier versions…"), WhenStopped::leave, [versions, now = document_.study()] {
            std::vector<Sentence> sentences;
            for (const EarlierVersion& version : versions) {
                stop_if_asked();
                const Result<Study> study = version.read();
                sentences.push_back(study ? difference_of(now, *study).in_words() : study.refusal());
            }
            return sentences;
        });
    if (!differences) {
        return;
    }
    QStringList offers;
    for (qsizetype at = 0; at < versions.size(); ++at) {
        offers << tr("%1 — %2").arg(QLocale().toString(versions[at].saved, QLocale::ShortFormat),
                                    Document::translated((*differences)[static_cast<std::size_t>(at)]));
    }
    if (offers.isEmpty()) {
        Q_EMIT failed(tr("No version of this study has been kept yet: one is kept each time it is saved."));
        return;
    }
    const int chosen = ask_from_list(window_, tr("Earlier versions"),
                                     tr("How each differs from the study as it is now. The one that is taken is one "
                                        "step for undo; the file changes only when it is saved."),
                                     offers, tr("Take this version"));
    if (chosen >= 0) {
        auto read = document_.waited_work().run(tr("Reading the earlier version…"), WhenStopped::leave,
                                                [version = versions[chosen]] { return version.read(); });
        document_.perform(tr("taking an earlier version"), read ? *std::move(read) : Result<Study>(read.why()));
    }
}

QString StudyFiles::title_note() const {
    return guard_.open_elsewhere() ? tr("open in another window") : guard_.read_only() ? tr("read only") : QString();
}

} // namespace ledgefall

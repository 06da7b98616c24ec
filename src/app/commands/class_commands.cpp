#include "app/commands/class_commands.h"

#include "app/dialogs/prompts.h"
#include "app/handout/handout_dialog.h"
#include "app/handout/mark_dialog.h"
#include "files/io/atomic_file.h"
#include "files/marking/mark_folder.h"
#include "files/study_json/study_json.h"

#include <QDir>
#include <QFileInfo>
#include <QLocale>

namespace ledgefall {
namespace {

/// Writes a handout for each student, or one for nobody in particular.
Result<std::size_t> write_handouts(const Study& key, HandoutRequest request, const std::vector<std::string>& students,
                                   const std::string& target, const StopToken& stop) {
    for (std::size_t at = 0; at < students.size(); ++at) {
        stop.throw_if_stopped();
        request.student = students[at];
        const Result<Study> handout = make_handout(key, request);
        if (!handout) {
            return handout.refusal();
        }
        const std::string path = students[at].empty() ? target : target + "/" + students[at] + ".ledgefall";
        if (const auto saved = write_file(path, write_study(*handout)); !saved) {
            return Sentence{N_("%1: %2"), {path, saved.refusal().text()}};
        }
        stop.report_progress(at + 1, students.size());
    }
    return students.size();
}

} // namespace

ClassCommands::ClassCommands(const CommandPlace& place, StudyFiles& files)
    : CommandFamily(place)
    , files_(files) {}

QList<Command> ClassCommands::list() {
    return {
        Command{"make-handout", "study", tr("Make a &handout…"), no_keys, [this] { make_handout(); }, Needs::any_table,
                tr("exercise worksheet assignment class student blank fill in teacher")}
            .after_a_rule(),
        {"mark-folder", "study", tr("&Mark a folder…"), no_keys, [this] { mark_folder(); }, Needs::any_table,
         tr("grade correct submissions class feedback points teacher")},
        {"open-submission", "study", tr("Open this su&bmission beside the key"), "Ctrl+Shift+B",
         [this] { open_submission(); }, Needs::table, tr("answer mark student compare")},
    };
}

/// The key notes what was asked, so that it is proposed the next time and marked by.
void ClassCommands::make_handout() {
    if (document_.study().handout && !document_.study().handout->is_key) {
        return document_.refuse({N_("This study is a handout itself. Open the study from which it was made."), {}});
    }
    HandoutDialog dialog(
        document_.study(),
        QDir(file_folder()).absoluteFilePath(files_.proposed_path()).remove(QStringLiteral(".ledgefall")) +
            tr(" handout") + QStringLiteral(".ledgefall"),
        document_.path(), window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    const HandoutRequest request = dialog.request();
    std::vector<std::string> students = {""};
    const QString target = dialog.target();
    if (!dialog.names().trimmed().isEmpty()) {
        students = *student_names(dialog.names().toStdString());
        if (!QDir().mkpath(target)) {
            return document_.refuse({N_("The folder %1 cannot be made."), {target.toStdString()}});
        }
    }
    perform(tr("what the handout asks"), key_with(document_.study(), dialog.asked()));
    document_.file_task().start(
        tr("Writing %1…").arg(QFileInfo(target).fileName()), WhenStopped::wait,
        [key = document_.study(), request, students, path = target.toStdString()](const StopToken& stop) {
            return write_handouts(key, request, students, path, stop);
        },
        document_.or_refuse<std::size_t>(target, [this, target](std::size_t count) {
            Q_EMIT told(tr("Handouts written: %1, to %2").arg(count).arg(target));
        }));
}

void ClassCommands::mark_folder() {
    const QString path = document_.path();
    MarkDialog dialog(path.isEmpty() ? QString() : QFileInfo(path).absolutePath(), window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    MarkRequest request;
    request.folder = QDir(dialog.folder()).absolutePath().toStdString();
    request.key_file = path.toStdString();
    request.feedback = dialog.feedback().toStdString();
    request.language = QLocale().bcp47Name().toStdString();
    request.judging.tolerance = dialog.tolerance();
    if (!dialog.feedback().isEmpty() && !QDir().mkpath(dialog.feedback())) {
        return document_.refuse({N_("The folder %1 cannot be made."), {request.feedback}});
    }
    document_.file_task().start(
        tr("Marking %1…").arg(QFileInfo(dialog.folder()).fileName()), WhenStopped::leave,
        [key = document_.study(), request, before = dialog.before().toStdString()](const StopToken& stop) {
            MarkRequest own = request;
            Study earlier;
            if (!before.empty()) {
                const Result<std::string> text = read_file(before);
                const Result<Study> read = text ? read_study(*text, stop) : Result<Study>(text.refusal());
                if (!read) {
                    return Result<MarkedFolder>(read.refusal());
                }
                earlier = *read;
                own.before = &earlier;
            }
            return ledgefall::mark_folder(key, own, stop);
        },
        document_.or_refuse<MarkedFolder>(dialog.folder(), [this](const MarkedFolder& marked) {
            Q_EMIT told(tr("Submissions marked: %1. The marks are in a window of their own.").arg(marked.marked));
            Q_EMIT new_study_wanted(marked.marks);
        }));
}

void ClassCommands::open_submission() {
    const auto place = page() == nullptr
                           ? std::nullopt
                           : place_of_mark(document_.study(), page()->table_id(),
                                           static_cast<std::size_t>(std::max(0, page()->view().current().row())));
    if (!place) {
        return document_.refuse(
            {N_("Choose a row of the table Answers in a study of marks; its submission is opened beside the key."),
             {}});
    }
    for (const auto& [file, half] : {std::pair(place->key, Qt::LeftEdge), {place->submission, Qt::RightEdge}}) {
        if (!file.empty()) {
            Q_EMIT item_wanted(QString::fromStdString(file), QString::fromStdString(place->item), half);
        }
    }
}

} // namespace ledgefall

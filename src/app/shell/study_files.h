#pragma once

#include "app/document/document.h"
#include "app/recovery/autosave.h"
#include "app/recovery/file_guard.h"
#include "files/sheet_study/worksheet_study.h"

#include <functional>

namespace ledgefall {

struct RecoveredStudy;

/// Opening and saving the study of a window: with what is asked where work could be lost, what is recovered after a
/// crash, and what other programs do to the file meanwhile.
class StudyFiles : public QObject {
    Q_OBJECT
  public:
    StudyFiles(Document& document, QWidget* window);

    /// Called before the study is saved or left: takes what is being typed, or says why it cannot be taken.
    std::function<std::optional<QString>()> take_what_is_typed;

    /// Opens a study; of a worksheet, what was found in it is shown first, and it is taken as a study without a file.
    bool open(const QString& path);
    /// Shows what is in a worksheet, and adds its tables to the study that is open, or takes it as a study.
    bool import_worksheet(const QString& path, const Document::BytesPtr& bytes);
    bool save_to(const QString& path);
    bool save();
    bool save_as();
    void choose_and_open();
    bool may_leave(); ///< asks about changes that are not saved
    void start_new();

    /// Offers what windows left behind that did not come to a proper end, one after the other.
    void offer_recovered();
    /// The versions that were saved before, to be shown or taken.
    void show_earlier_versions();
    /// Whether the file has been changed by somebody else; asks what to do about it. False where nothing is to follow.
    bool look_at_file();
    /// Writes what is not saved to the recovery folder, before the process is ended from outside.
    void end_at_once() { autosave_.save_now(); }

    /// Where a study without a file is proposed to be kept: beside the worksheet that it was read from, if any.
    QString proposed_path() const;

    QString title_note() const; ///< "read only", "open in another window", or nothing
    Autosave& autosave() { return autosave_; }

  Q_SIGNALS:
    void opened(const QString& path); ///< or saved
    void worksheet_taken(const QString& name);
    /// Its tables have been added; `renamed`: what has another name here.
    void worksheet_added(const QString& name, ledgefall::Id first, const QStringList& renamed);
    void failed(const QString& why); ///< to be read before it goes

  private:
    std::optional<WorksheetStudy> read_worksheet(const QString& path, const Document::BytesPtr& bytes);
    void take_worksheet(WorksheetStudy recovered, const QString& path);
    bool add_worksheet(const WorksheetStudy& recovered, const QString& name);
    bool typed_is_taken(const QString& otherwise);
    void take_recovered(const RecoveredStudy& recovered);

    Document& document_;
    QWidget* window_;
    Autosave autosave_;
    FileGuard guard_;
    QString worksheet_folder_; ///< of the worksheet that the study was read from
    bool asking_ = false;
};

} // namespace ledgefall

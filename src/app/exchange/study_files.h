#pragma once

#include "app/document/document.h"
#include "app/recovery/autosave.h"
#include "app/recovery/file_guard.h"
#include "app/recovery/recovered_studies.h"
#include "files/worksheet_recovery/worksheet_study.h"

#include <functional>

namespace ledgefall {

struct EarlierVersion;

/// Opening and saving the study of a window: with what is asked where work could be lost, what is recovered after a
/// crash, and what other programs do to the file meanwhile.
class StudyFiles : public QObject {
    Q_OBJECT
  public:
    StudyFiles(Document& document, QWidget* window);

    /// Called before the study is saved or left: takes what is being typed, or says why it cannot be taken.
    std::function<std::optional<QString>()> take_what_is_typed;

    /// The next step. It is not called if the one before was cancelled or failed; the window then says why.
    using Then = std::function<void()>;

    /// Opens a study; of a worksheet, what was found in it is shown first, and it is taken as a study without a file.
    /// Changes that are not saved are asked about once it has been read.
    void open(const QString& path);
    /// Shows what is in a worksheet, and adds its tables to the study that is open, or takes it as a study.
    void import_worksheet(const QString& path, const Document::BytesPtr& bytes);
    void save_to(
        const QString& path, const Then& then = [] {});
    void save(const Then& then = [] {});
    void save_as(const Then& then = [] {});
    void choose_and_open();
    void may_leave(const Then& then); ///< asks about changes that are not saved
    void start_new();

    /// Offers what windows left behind that did not come to a proper end, one after the other, and then goes on.
    void offer_recovered(const Then& then = [] {});
    /// The versions that were saved before, to be shown or taken.
    void show_earlier_versions();
    /// Goes on where the file has not been changed by another program; else asks what to do about it. `overwrite`
    /// writes the study over the file, and goes on.
    void look_at_file(const Then& then, const Then& overwrite);
    void look_at_file_again(); ///< when the window comes to the front: asks once about each change
    /// Writes what is not saved to the recovery folder, before the process is ended from outside.
    void end_at_once() { autosave_.save_now(); }

    /// Where a study without a file is proposed to be kept: beside the worksheet that it was read from, if any.
    QString proposed_path() const;

    static QStringList recent();                  ///< the files that were opened or saved last
    bool has_or_opens(const QString& path) const; ///< whether that file is here, by whichever name
    QString title_note() const;                   ///< "read only", "open in another window", or nothing
    Autosave& autosave() { return autosave_; }

  Q_SIGNALS:
    void opened(const QString& path); ///< or saved
    void worksheet_taken(const QString& name);
    /// Its tables have been added; `renamed`: what has another name here.
    void worksheet_added(const QString& name, ledgefall::Id first, const QStringList& renamed);
    void failed(const QString& why);                         ///< to be read before it goes
    void was_being_typed(const ledgefall::TypedText& typed); ///< in what has been recovered

  private:
    void read_worksheet(const QString& path, const Document::BytesPtr& bytes, bool may_add);
    void take_worksheet(WorksheetStudy recovered, const QString& path);
    void add_worksheet(const WorksheetStudy& recovered, const QString& name);
    /// Reads a study and calls `done` with a function that takes it: what is written to the file meanwhile is noticed.
    void read_study(const QString& path, const std::function<void(const Then& take)>& done);
    void take_file(const Study& study, const QString& path, const FileStamp& stamp);
    bool typed_is_taken(const QString& otherwise);
    bool another_task_runs();
    /// What another program has made of the file; without bytes where they are as they were.
    struct FileNow {
        Document::BytesPtr bytes;
        FileStamp stamp;
        Sentence differences; ///< from the study in the window
    };
    void ask_about_file(bool removed, const FileNow& now, const Then& then, const Then& overwrite);
    void offer_next(std::vector<RecoveredStudy> recovered, const Then& then);
    bool ask_about_recovered(const RecoveredStudy& recovered, const Study& study, const RecoveredStudy::File& file);
    void take_earlier_version(const QList<EarlierVersion>& versions, const std::vector<Sentence>& differences);

    Document& document_;
    QWidget* window_;
    Autosave autosave_;
    FileGuard guard_;
    QString opening_;          ///< the study that is being read; empty where none is
    QString worksheet_folder_; ///< of the worksheet that the study was read from
    bool asking_ = false;
};

} // namespace ledgefall

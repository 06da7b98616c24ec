#pragma once

#include "app/document/computer.h"
#include "app/document/file_task.h"
#include "app/tasks/task_queue.h"
#include "core/basics/result.h"
#include "core/study/model/history.h"
#include "files/io/atomic_file.h"

#include <QObject>
#include <QString>
#include <QTimer>

#include <functional>

namespace ledgefall {

/// The open study: its states, its results, its file. Widgets ask it, tell it what to change, and are told.
class Document : public QObject {
    Q_OBJECT
  public:
    explicit Document(QObject* parent = nullptr);

    const Study& study() const { return history_.now(); }
    const Results& results() const { return *results_; }
    const ResultsPtr& snapshot() const { return results_; }
    bool computing() const { return computer_.busy() || changes_.busy(); }
    void stop_computing();
    void compute_again(); ///< after it was stopped
    /// Whether the results are those of the study as it is now; else they are of a state before.
    bool results_are_current() const { return current_; }
    /// The same as it is to be shown: not for the moment that most changes take.
    bool shows_old() const { return shows_old_; }
    /// Of a check that has not been computed it is not known whether it holds.
    enum class CheckState { holds, fails, unknown };
    CheckState check_state(Id check) const;
    /// Calls `done` with the results that belong to the study, at once or when they are there, unless `receiver` is
    /// gone by then. Where they do not come, because the computation was stopped or another study was opened, it is
    /// told that `what` (such as "sorting") was given up.
    void when_current(QObject* receiver, const QString& what, const std::function<void()>& done);

    const QString& path() const { return path_; }     ///< empty where it has no file yet
    const FileStamp& stamp() const { return stamp_; } ///< of its file when it was last read or written here
    /// The file has been touched, and has the same bytes.
    void set_stamp(const FileStamp& stamp) { stamp_ = stamp; }
    bool modified() const { return !history_.is_saved(); }
    QString title() const;

    /// Whether the study is a handout that asks for this part.
    bool asks_for(Id part) const {
        return study().handout && !study().handout->is_key && study().handout->item(part) != nullptr;
    }
    /// Takes a changed study as the next state, called `name` for undo; or tells why it was refused.
    bool perform(const QString& name, const Result<Study>& changed);
    /// The same for a change that may take long, as the sorting of a million rows: it is made by a task, and made anew
    /// where the study has changed in the meantime. `done` is called with whether it was taken, unless `receiver` is
    /// gone by then or another study was opened.
    using Change = std::function<Result<Study>(const Study&, const StopToken&)>;
    void perform_aside(QObject* receiver, const QString& name, const Change& change,
                       const std::function<void(bool)>& done = {});
    /// The same for a change that needs the results of the study, for which it waits.
    using ChangeByResults = std::function<Result<Study>(const Study&, const Results&, const StopToken&)>;
    void perform_by_results(QObject* receiver, const QString& name, const ChangeByResults& change,
                            const std::function<void(bool)>& done = {});
    /// The same for one of many changes that follow each other fast, as while a slider moves: those of one `name` with
    /// nothing in between are one step for undo, until `end_sliding`.
    bool slide(const QString& name, const Result<Study>& changed);
    void end_sliding() { sliding_.clear(); }
    void undo();
    void redo();
    bool can_undo() const { return history_.can_undo(); }
    bool can_redo() const { return history_.can_redo(); }
    QString undo_name() const { return QString::fromStdString(history_.undo_name()); }
    QString redo_name() const { return QString::fromStdString(history_.redo_name()); }

    void start_new();
    void begin_with(Study study); ///< as a study without a file, in which nothing has been changed yet
    /// A study that has been read from there, and the stamp of the file then.
    void open(Study study, const QString& path, const FileStamp& stamp);
    /// Writes the study as it is now. `done` is called with whether it was saved; if it was not, the window says why.
    void save(const QString& path, const std::function<void(bool)>& done);
    /// A study that has no file, such as the one that ships.
    bool open_text(const QByteArray& text);
    /// A study that is not as it stands in the file of that path, or that has none; `stamp`: as the file was then.
    void open_unsaved(Study study, const QString& path, const FileStamp& stamp = {});

    /// The reading and writing of files for this study's window.
    FileTask& file_task() { return file_task_; }
    const FileTask& file_task() const { return file_task_; }
    /// Reads the bytes of a file, or the study in one. `done` is not called if that fails; the window then says why.
    using BytesPtr = std::shared_ptr<const std::string>;
    void read_bytes(const QString& path, const std::function<void(const BytesPtr&)>& done);
    void read_study_file(const QString& path, const std::function<void(const Study&, const FileStamp&)>& done);
    /// Writes the bytes that `bytes` makes to a file.
    void write_aside(const QString& path, const std::function<BytesPtr(const StopToken&)>& bytes,
                     const std::function<void(const Result<Saved>&)>& done);
    /// Calls `done` with what came of a task that works with a file, or tells why nothing did.
    template <class T, class Done>
    auto or_refuse(const QString& path, Done done) {
        return [this, path, done = std::move(done)](TaskOutcome<Result<T>> outcome) {
            if (!outcome || !*outcome) {
                return refuse_about(path, outcome ? (*outcome).refusal() : outcome.why());
            }
            done(*std::move(*outcome));
        };
    }

    void refuse(const Sentence& why) { Q_EMIT refused(translated(why)); }
    void refuse_about(const QString& path, const Sentence& why); ///< with the file's name in front
    static QString translated(const Sentence& sentence);
    static QStringList translated(const std::vector<Sentence>& sentences);
    /// A held or foot value as it is shown; what is only the rounding of its terms as ≈0.
    QString single_text(const DefinitionId& id, const Format& format) const;
    /// The study with the formula's value again in a column's cell (from 0; of a two-way table row by row).
    Result<Study> with_formula_again(Id column, std::size_t cell) const;
    /// The same of a text of the core that has no parts: a purpose, a label.
    static QString translated(std::string_view text);

  Q_SIGNALS:
    void study_changed();
    void results_changed();
    void shows_old_changed();
    void state_changed(); ///< whether there is something to undo or to save
    void computing_changed(bool computing);
    void computing_progressed(qint64 cells);
    void refused(const QString& why);
    void saving_failed(const QString& why); ///< told until it has been read
    void saved(const QString& path, const std::shared_ptr<const std::string>& text);

  private:
    /// Makes a change by a task, and `again` where the study has changed meanwhile.
    void change_in_task(QObject* receiver, const QString& name,
                        const std::function<Result<Study>(const StopToken&)>& change,
                        const std::function<void()>& again, const std::function<void(bool)>& done);
    void replace(Study study) { take_up(History(std::move(study)), {}, {}); }
    void take_up(History history, const QString& path, const FileStamp& stamp);
    void changed();
    void results_came(bool any);

    History history_;
    ResultsPtr results_ = std::make_shared<Results>();
    QString path_;
    FileStamp stamp_; ///< of its file when it was last read or written here
    bool current_ = true, shows_old_ = false;
    QTimer old_soon_;
    struct Waiting {
        QPointer<QObject> receiver;
        QString what;
        std::function<void()> done;
    };
    void give_up(const std::vector<Waiting>& all, const Sentence& why);
    std::vector<Waiting> waiting_; ///< for results that are current
    QString sliding_;              ///< the name of the change that goes on
    quint64 state_ = 0;            ///< a number for each state that the study has been in
    quint64 opened_ = 0;           ///< and for each study that has been opened
    TaskQueue changes_;
    FileTask file_task_;
    Computer computer_;
};

} // namespace ledgefall

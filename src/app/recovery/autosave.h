#pragma once

#include "app/document/document.h"
#include "app/recovery/unsaved_state.h"

#include <QTimer>

#include <functional>
#include <memory>

namespace ledgefall {

class RecoveryFile;

/// Writes a study that is not saved to the recovery folder within two seconds of each change, by a task, and removes it
/// once it is saved or given up.
class Autosave : public QObject {
    Q_OBJECT
  public:
    explicit Autosave(Document& document, QObject* parent = nullptr);

    /// What is being typed in the window and is not in the study yet: it is written, too, and within the same time.
    std::function<TypedText()> being_typed;

    /// Writes what is not written yet, and waits for it: before the process ends.
    void save_now();
    /// The person has said that the changes are not wanted.
    void discard();
    /// Where the study is written; its parts have endings of their own.
    QString base() const;
    bool is_written() const;

  Q_SIGNALS:
    void failed(const ledgefall::Sentence& why); ///< told once, until it succeeds again

  private:
    void follow();
    void write();
    void remove();
    void take(const Result<Saved>& saved);
    bool has_something() const; ///< that would be lost
    UnsavedState state();

    Document& document_;
    std::shared_ptr<RecoveryFile> file_;
    QTimer soon_;
    QTimer look_;     ///< at what is being typed
    TypedText typed_; ///< when it was last written
    Task writing_;
    bool again_ = false, told_ = false;
};

/// What was last written beside a study, under endings of its own.
struct WrittenBeside {
    QByteArray about, typed;
};

/// Writes a study and what is known of it under a base name; on any thread.
Result<Saved> write_recovery(const QString& base, const Study& study, const UnsavedState& state,
                             WrittenBeside& written);

} // namespace ledgefall

#pragma once

#include "app/document/document.h"

#include <QTimer>

#include <memory>

namespace ledgefall {

class RecoveryFile;

/// Writes a study that is not saved to the recovery folder within two seconds of each change, by a task, and removes it
/// once it is saved or given up.
class Autosave : public QObject {
    Q_OBJECT
  public:
    explicit Autosave(Document& document, QObject* parent = nullptr);

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

    Document& document_;
    std::shared_ptr<RecoveryFile> file_;
    QTimer soon_;
    Task writing_;
    bool again_ = false, told_ = false;
};

/// Writes a study and what is known of it under a base name; on any thread. `about` is what was written before of its
/// file and title: that is written only where it has changed, since on a slow disk each file takes its time.
Result<Saved> write_recovery(const QString& base, const Study& study, const QString& path, const QString& title,
                             QByteArray& about);

} // namespace ledgefall

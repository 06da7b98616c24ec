#pragma once

#include "app/document/document.h"

#include <QLockFile>
#include <QTimer>

#include <memory>

namespace ledgefall {

/// Writes a study that is not saved to the recovery folder within two seconds of each change, on a thread of its own,
/// and removes it once it is saved or given up. A lock tells that its window is still there.
class Autosave : public QObject {
    Q_OBJECT
  public:
    explicit Autosave(Document& document, QObject* parent = nullptr);
    ~Autosave() override;

    /// Writes what is not written yet, and waits for it: before the process ends.
    void save_now();
    /// The person has said that the changes are not wanted.
    void discard();
    /// Where the study is written; its parts have endings of their own.
    const QString& base() const { return base_; }
    bool is_written() const { return written_; }

  Q_SIGNALS:
    void failed(const ledgefall::Sentence& why); ///< told once, until it succeeds again

  private:
    void follow();
    void write();
    void remove();

    Document& document_;
    QString base_;
    std::unique_ptr<QLockFile> lock_;
    QTimer soon_;
    QByteArray about_; ///< what was last written of the study's file and title; used by the writing thread
    QThreadPool pool_;
    bool writing_ = false, again_ = false, written_ = false, told_ = false;
};

/// Writes a study and what is known of it under a base name; on any thread. `about` is what was written before of its
/// file and title: that is written only where it has changed, since on a slow disk each file takes its time.
Result<struct Saved> write_recovery(const QString& base, const Study& study, const QString& path, const QString& title,
                                    QByteArray& about);

} // namespace ledgefall

#pragma once

#include "core/engine/running/results.h"

#include <QObject>
#include <QTimer>

#include <condition_variable>
#include <mutex>
#include <optional>
#include <thread>

namespace ledgefall {

/// Works studies out on a thread of its own. Of several asked for while it is busy only the latest is done; one that
/// takes long is given up for a newer one.
class Computer : public QObject {
    Q_OBJECT
  public:
    explicit Computer(QObject* parent = nullptr);
    ~Computer() override;

    void ask(const Study& study);
    void begin_from(ResultsPtr results); ///< what the next answer shares with them is not worked out again
    void stop();                         ///< gives up what is being worked out
    bool busy() const { return asked_ != answered_; }

  Q_SIGNALS:
    void finished(const ledgefall::ResultsPtr& results); ///< null where it was stopped; on the interface's thread
    void busy_changed(bool busy);
    void progressed(qint64 cells); ///< how many cells have been worked out so far, now and then while it takes long

  private:
    struct Question {
        Study study;
        quint64 number = 0;
    };
    void work(const std::stop_token& ending);
    void answer(quint64 number, const ResultsPtr& results);

    std::mutex mutex_;
    std::condition_variable_any waiting_;
    std::optional<Question> next_;
    ResultsPtr previous_; ///< from which the next working out begins, where it is set
    std::stop_source running_;
    Progress progress_;
    QTimer ticking_;
    qint64 started_at_ = 0; ///< of the running one, in milliseconds; 0: none
    quint64 asked_ = 0, answered_ = 0;
    std::jthread thread_;
};

} // namespace ledgefall

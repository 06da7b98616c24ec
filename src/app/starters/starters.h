#pragma once

#include "app/tasks/task_runner.h"
#include "core/basics/result.h"
#include "core/study/model/study.h"

#include <QList>
#include <QObject>
#include <QPolygonF>
#include <QStringList>

namespace ledgefall {

/// A study to begin with, and what a small picture of it shows.
struct Starter {
    QString file; ///< `:/starters/…` for one that ships
    QString title, note;
    Study study;
    struct Column {
        QString heading;
        bool computed = false;
        QStringList cells; ///< of the first rows, as shown
    };
    QList<Column> columns;
    QPolygonF curve; ///< of its first chart, in the unit square, y upwards; empty where it has none

    bool is_own() const { return !file.startsWith(QLatin1Char(':')); }
};

/// The starters that there are: those that ship, and a person's own. They are read on a thread beside the interface.
class Starters : public QObject {
    Q_OBJECT
  public:
    explicit Starters(QObject* parent = nullptr);

    const QList<Starter>& all() const { return all_; }
    void read();
    /// Keeps a study among a person's own starters.
    void keep(Study study, const QString& title);
    bool remove(const Starter& starter);

  Q_SIGNALS:
    void changed();
    void failed(const ledgefall::Sentence& why); ///< to keep one

  private:
    QList<Starter> all_;
    Task reading_;
};

} // namespace ledgefall

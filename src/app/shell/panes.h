#pragma once

#include <QObject>
#include <QWidget>

#include <functional>

namespace ledgefall {

/// The parts of the window between which a key goes round, in the order in which they are seen.
class Panes : public QObject {
  public:
    /// A part as it is now: null where there is none.
    using Part = std::function<QWidget*()>;
    explicit Panes(QList<Part> parts, QObject* parent)
        : QObject(parent)
        , parts_(std::move(parts)) {}

    void go(int by); ///< to the next part that takes keys, or the one before

  private:
    qsizetype current() const;

    QList<Part> parts_;
};

} // namespace ledgefall

#pragma once

#include <QObject>

namespace ledgefall {

class WritingSlip;

/// Which slip is being written on, if any: while one is, what is clicked anywhere in the window puts its name there.
class Pen : public QObject {
    Q_OBJECT
  public:
    using QObject::QObject;
    WritingSlip* slip() const { return slip_; } ///< null where nothing is being written
    bool writing() const { return slip_ != nullptr; }
    void take_up(WritingSlip* slip) {
        slip_ = slip;
        Q_EMIT changed();
    }
    void lay_down(WritingSlip* slip) {
        if (slip_ == slip) {
            slip_ = nullptr;
            Q_EMIT changed();
        }
    }

  Q_SIGNALS:
    void changed();

  private:
    WritingSlip* slip_ = nullptr;
};

} // namespace ledgefall

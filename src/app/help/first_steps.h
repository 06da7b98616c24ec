#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QWidget>

#include <functional>

namespace ledgefall {

/// One step: what to do, the part of the window that it is done at, and whether it has been done.
struct FirstStep {
    QString text;
    std::function<QRect()> where; ///< in the window's coordinates; empty for nowhere in particular
    std::function<bool()> done;
};

/// A strip that leads through steps one after the other, each going on by itself once it is done, and a frame around
/// the part of the window that the step is about.
class FirstSteps : public QFrame {
    Q_OBJECT
  public:
    /// `window` is framed; the strip itself stands where it is put.
    explicit FirstSteps(QWidget* window, QWidget* parent = nullptr);

    void begin(QList<FirstStep> steps, const QString& at_end);
    void leave();
    int step() const { return at_; } ///< from 0; -1 where none is under way
    QString text() const { return text_->text(); }

  private:
    void look_again();
    void show_step();

    QWidget* window_;
    QWidget* frame_;
    QLabel* text_;
    QPushButton* skip_;
    QTimer looking_;
    QList<FirstStep> steps_;
    QString at_end_;
    int at_ = -1;
};

} // namespace ledgefall

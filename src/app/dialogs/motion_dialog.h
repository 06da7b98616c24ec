#pragma once

#include "core/study/builders/motion_table.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace ledgefall {

/// A motion in steps of time: its accelerations, its start, the step, the end and the method. It writes an ordinary
/// table.
class MotionDialog : public QDialog {
    Q_OBJECT
  public:
    MotionDialog(const Study& study, QWidget* parent);

    MotionRequest request() const;
    Result<Study> made(Id* table = nullptr) const;
    bool draws() const { return draw_->isChecked(); } ///< the path, or the position by time
    QComboBox& begin() { return *begin_; }
    QComboBox& method() { return *method_; }
    QLineEdit& line(const QString& name) { return *findChild<QLineEdit*>(name); }
    QCheckBox& stops_there() { return *stop_; }
    QString message() const { return message_->text(); }

  private:
    QLineEdit* add_line(const char* name, const QString& text);
    void begin_with(int example);
    void look_over();
    double number(const QLineEdit* line) const;

    Study study_;
    QComboBox *begin_, *directions_, *method_;
    QLineEdit *ax_, *ay_, *x_, *y_, *vx_, *vy_, *step_, *end_, *conserved_, *crossing_;
    QCheckBox *stop_, *draw_;
    QLabel* message_;
    QPushButton* make_;
};

} // namespace ledgefall

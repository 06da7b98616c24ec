#pragma once

#include <QDialog>
#include <QLabel>
#include <QLineEdit>

namespace ledgefall {

/// Which folder is marked, and where pages of feedback go.
class MarkDialog : public QDialog {
    Q_OBJECT
  public:
    explicit MarkDialog(const QString& folder, QWidget* parent);

    QString folder() const { return folder_->text().trimmed(); }
    QString feedback() const { return feedback_->text().trimmed(); }
    QString before() const { return before_->text().trimmed(); } ///< a file of earlier marks; empty: none
    double tolerance() const;

    void accept() override;

  private:
    QLineEdit* folder_;
    QLineEdit* before_;
    QLineEdit* feedback_;
    QLineEdit* tolerance_;
    QLabel* message_;
};

} // namespace ledgefall

#pragma once

#include "core/study/builders/handout.h"

#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTreeWidget>

namespace ledgefall {

/// What a handout asks: the parts of the study, each with a tick, a question and its points.
class HandoutDialog : public QDialog {
    Q_OBJECT
  public:
    /// `target` is where a single handout is proposed to be written; `key` the study's own file, if it has one.
    HandoutDialog(const Study& study, const QString& target, const QString& key, QWidget* parent);

    HandoutRequest request() const;
    std::vector<AskedItem> asked() const; ///< with the expected answers in words, for the key
    QString names() const { return names_->toPlainText(); }
    QString target() const { return target_->text().trimmed(); }
    QString refusal() const { return message_->text(); }

    QTreeWidget& parts() { return *parts_; }

    void accept() override;

  private:
    void add_part(QTreeWidgetItem* under, Id part);
    QTreeWidgetItem* add_question(const AskedItem& item);
    void look_over();
    void browse();
    QString refused() const;
    QStringList files() const; ///< to be written

    Study study_;
    QString key_;
    QTreeWidget* parts_;
    QTreeWidgetItem* words_;
    QCheckBox* locked_;
    QPlainTextEdit* names_;
    QLineEdit* target_;
    QLabel* message_;
    QPushButton* make_ = nullptr;
    bool filling_ = false;
};

} // namespace ledgefall

#pragma once

#include "app/document/document.h"

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>

namespace ledgefall {

/// Over a handout: the student's name, what is asked one after the other, and how much is filled in.
class HandoutBar : public QFrame {
    Q_OBJECT
  public:
    HandoutBar(Document& document, QWidget* parent);

    const AskedItem* item() const; ///< the one that is shown; null where nothing is asked
    QString question() const { return question_->text(); }
    QString progress() const { return progress_->text(); }

  Q_SIGNALS:
    void item_wanted(ledgefall::Id part); ///< its question was stepped to or clicked

  private:
    void refresh();
    void step(int by);
    void go();

    Document& document_;
    QLineEdit* name_;
    QToolButton* back_;
    QToolButton* next_;
    QToolButton* question_;
    QLineEdit* answer_;
    QLabel* progress_;
    QLabel* locked_;
    std::size_t at_ = 0;
};

} // namespace ledgefall

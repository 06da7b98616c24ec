#pragma once

#include "app/document.h"

#include <QWidget>

class QLineEdit;

namespace ledgefall {

/// One held value, standing on the ledge as a card. A given one is a plain card with its value; a worked one has a
/// notched corner and its formula underneath. Enter, F2 or a double click opens its definition for writing.
class HeldCard : public QWidget {
    Q_OBJECT
  public:
    HeldCard(Document& document, Id held, const Table* table, QWidget* parent = nullptr);

    Id held() const { return held_; }
    void refresh();
    void edit(bool select_name = false);
    QSize sizeHint() const override;
    QString definition() const; ///< `n [dishes] = 12`

  Q_SIGNALS:
    void menu_wanted(ledgefall::Id held, const QPoint& global);
    void chosen(ledgefall::Id held); ///< clicked

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    const HeldValue* value() const;
    QString shown_value() const;
    void finish(QLineEdit* line, bool take);

    Document& document_;
    Id held_, table_;
};

} // namespace ledgefall

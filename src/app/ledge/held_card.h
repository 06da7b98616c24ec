#pragma once

#include "app/document/document.h"

#include <QWidget>

class QLineEdit;

namespace ledgefall {

/// One held value, standing on the ledge as a card. A given one is a plain card with its value, and a track along which
/// it slides where it has a range; a computed one has a notched corner and its formula underneath. Enter, F2 or a
/// double click opens its definition for writing, arrows slide it.
class HeldCard : public QWidget {
    Q_OBJECT
  public:
    HeldCard(Document& document, Id held, const Table* table, QWidget* parent = nullptr);

    Id held() const { return held_; }
    Id table() const { return table_; }
    void refresh();
    QLineEdit* edit(bool select_name = false);
    QSize sizeHint() const override;
    QString story() const;      ///< what its tip tells: the value in full, the formula, the note, what uses it
    QString definition() const; ///< `n [dishes] = 12`
    const HeldValue* value() const;
    QRect track() const;         ///< along which it slides; empty where it has no range
    void slide_to(double value); ///< to the nearest step of its range
    void open_choices();         ///< the values that it can be chosen from
    QList<Value> choices() const;
    void choose(const Value& value);

  Q_SIGNALS:
    void menu_wanted(ledgefall::Id held, const QPoint& global);
    void chosen(ledgefall::Id held);                       ///< clicked
    void looked_at(ledgefall::Id held);                    ///< by keys
    void dragged_to(ledgefall::Id held, const QPoint& at); ///< of the ledge
    void shifted(ledgefall::Id held, int by);              ///< by keys, along the ledge

  protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    enum class Grip { none, card, slider };
    QString shown_value() const;
    QSize measured_size(const HeldValue& held) const;
    void paint_track(QPainter& painter, const HeldValue& held) const;
    void slide_to_place(int x);
    void finish(QLineEdit* line, bool take);

    mutable QString measured_; ///< what the size was measured of
    mutable QSize size_;
    Document& document_;
    Id held_, table_;
    Grip grip_ = Grip::none;
    QPoint pressed_at_;
};

} // namespace ledgefall

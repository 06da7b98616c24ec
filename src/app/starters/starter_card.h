#pragma once

#include "app/starters/starters.h"

#include <QAbstractButton>

namespace ledgefall {

/// A starter on the start page: a small picture of its table, its title and what it is for.
class StarterCard : public QAbstractButton {
    Q_OBJECT
  public:
    explicit StarterCard(const Starter& starter, QWidget* parent = nullptr);
    const Starter& starter() const { return starter_; }
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;

  private:
    void paint_table(QPainter& painter, const QRect& room) const;
    void paint_curve(QPainter& painter, const QRect& room) const;
    Starter starter_;
};

} // namespace ledgefall

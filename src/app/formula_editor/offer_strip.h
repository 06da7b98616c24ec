#pragma once

#include "app/document/document.h"

#include <QFrame>
#include <QLabel>
#include <QToolButton>

namespace ledgefall {

/// A strip above a table that offers one thing, said in a sentence, which can be taken or left: a check on a share of a
/// total, or a correction for a check that does not hold.
class OfferStrip : public QFrame {
    Q_OBJECT
  public:
    explicit OfferStrip(Document& document, QWidget* parent = nullptr);

    void offer_check(Id table, Id column); ///< where the column's formula suggests one
    void offer_correction(Id check);       ///< where the check does not hold and it is clear why
    void take();
    void leave();
    bool is_offered() const { return !isHidden(); }
    QString text() const { return text_->text(); }

  private:
    void show_offer(const QString& text, const QString& button, std::function<void()> taken);
    void watch();
    void apply_look();

    Document& document_;
    QLabel* text_;
    QToolButton *take_, *leave_;
    std::function<void()> taken_;
    Id watched_; ///< a check that was just added: when it turns out broken, its correction is offered
};

} // namespace ledgefall

#pragma once

#include "app/document/document.h"

#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QToolButton>

namespace ledgefall {

/// A strip above a table that offers one thing, said in a sentence, which can be taken or left: a check on a share of a
/// total, or a correction for a check that does not hold.
class SuggestionBar : public QFrame {
    Q_OBJECT
  public:
    explicit SuggestionBar(Document& document, QWidget* parent = nullptr);

    /// Offers anything else that can be said in a sentence and done by one button.
    void offer(const QString& text, const QString& button, std::function<void()> taken) {
        show_offer(text, {{button, std::move(taken)}});
    }
    /// Where a column waits for a name: to make it a column, to hold it, or to write the name that was meant.
    void offer_waited(Id table, Id column);
    void offer_check(Id table, Id column); ///< where the column's formula suggests one
    void offer_correction(Id check);       ///< where the check does not hold and it is clear why
    void take(std::size_t choice = 0);     ///< the first, or another one, of what can be done
    void leave();
    bool is_offered() const { return !isHidden(); }
    QString text() const { return text_->text(); }

  Q_SIGNALS:
    void definition_wanted(const QString& name, bool held); ///< of a name that is waited for

  private:
    struct Choice {
        QString text;
        std::function<void()> taken;
    };
    void show_offer(const QString& text, std::vector<Choice> choices);
    void watch();
    void apply_theme();

    Document& document_;
    QLabel* text_;
    QToolButton* leave_;
    QHBoxLayout* buttons_;
    std::vector<QToolButton*> take_;
    std::vector<Choice> choices_;
    Id watched_; ///< a check that was just added: when it turns out broken, its correction is offered
};

} // namespace ledgefall

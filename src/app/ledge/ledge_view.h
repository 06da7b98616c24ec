#pragma once

#include "app/document/document.h"
#include "app/ledge/held_card.h"

#include <QLineEdit>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// The ledge: a drawn shelf on which the study's held values stand, and beside them those of the table that is shown.
class LedgeView : public QWidget {
    Q_OBJECT
  public:
    explicit LedgeView(Document& document, QWidget* parent = nullptr);

    void show_table(Id table);
    /// Opens the line in which a new held value is written, one of that name where there is one.
    void begin_holding(const QString& name = {});
    HeldCard* card(Id held) const;
    HeldCard* reach(Id held);                                      ///< the same, which gets a card where it had none
    const std::vector<HeldCard*>& cards() const { return cards_; } ///< from left to right
    QLineEdit& new_line() { return *new_line_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {200, sizeHint().height()}; }

  Q_SIGNALS:
    void chosen(ledgefall::Id held);        ///< clicked
    void looked_at(ledgefall::Id held);     ///< by keys
    void trials_wanted(ledgefall::Id held); ///< other values of it are to be tried
    void search_wanted(ledgefall::Id held); ///< one of them is to be found

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    struct Held {
        const HeldValue* value;
        const Table* table; ///< to which it belongs, if to one
    };
    std::vector<Held> in_order() const;
    void rebuild();
    HeldCard* make_card(const Held& held);
    void arrange();
    static QSize card_size(const HeldCard& card);
    void show_more();
    void look_through(bool now);
    void bring_into_view(const HeldCard& card);
    void show_newest();
    int card_height() const;
    int shelf_height() const;
    void paint_groups(QPainter& painter) const;
    void open_menu(Id held, const QPoint& global);
    void hold_new(bool for_table);
    void describe(Id held);
    void shift(Id held, int by);
    void drop(Id held, const QPoint& at);
    void format(Id held, const Format& format);
    const std::vector<Shared<HeldValue>>& ledge_of(const HeldCard& card) const;
    void remove(Id held);

    Document& document_;
    Id table_;
    std::vector<HeldCard*> cards_; ///< of very many held values some
    std::size_t begun_at_ = 0;     ///< the first of them, in their order
    std::size_t left_out_ = 0;     ///< how many have no card now
    QToolButton* add_;
    QLineEdit* new_line_;
    QWidget* shelf_; ///< that the cards stand on: what slides beyond its ends is not seen
    QToolButton* more_;
    int rows_ = 1;
    int slid_ = 0;                ///< how far the cards are slid to the left
    Id rebuilt_for_;              ///< the table whose cards were last put together
    Id newest_;                   ///< what was just made, until the cards are slid
    bool looked_through_ = false; ///< then there are two shelves where one is not enough
};

} // namespace ledgefall

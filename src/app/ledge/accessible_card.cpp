#include "app/ledge/accessible_card.h"

#include "app/ledge/held_card.h"

#include <QAccessibleWidget>

namespace ledgefall {
namespace {

class AccessibleCard : public QAccessibleWidget, public QAccessibleValueInterface {
  public:
    explicit AccessibleCard(HeldCard* card)
        : QAccessibleWidget(card, QAccessible::EditableText)
        , card_(card) {}

    QAccessible::Role role() const override {
        return slider() == nullptr ? QAccessible::EditableText : QAccessible::Slider;
    }

    void* interface_cast(QAccessible::InterfaceType type) override {
        const bool slides = type == QAccessible::ValueInterface && slider() != nullptr;
        return slides ? static_cast<QAccessibleValueInterface*>(this) : QAccessibleWidget::interface_cast(type);
    }
    QVariant currentValue() const override {
        const HeldValue* held = card_->value();
        return held != nullptr && held->value.plain() ? QVariant(held->value.number()) : QVariant();
    }
    void setCurrentValue(const QVariant& value) override { card_->slide_to(value.toDouble()); }
    QVariant minimumValue() const override { return slider() == nullptr ? QVariant() : QVariant(slider()->from); }
    QVariant maximumValue() const override { return slider() == nullptr ? QVariant() : QVariant(slider()->to); }
    QVariant minimumStepSize() const override { return slider() == nullptr ? QVariant() : QVariant(slider()->step); }

  private:
    const Slider* slider() const {
        const HeldValue* held = card_->value();
        return held != nullptr && held->slider ? &*held->slider : nullptr;
    }
    HeldCard* card_;
};

QAccessibleInterface* accessible(const QString&, QObject* object) {
    auto* card = qobject_cast<HeldCard*>(object);
    return card == nullptr ? nullptr : new AccessibleCard(card);
}

} // namespace

void describe_cards_to_screen_readers() {
    static bool done = false;
    if (!done) {
        done = true;
        QAccessible::installFactory(accessible);
    }
}

} // namespace ledgefall

#include "app/formula_editor/offer_strip.h"

#include "app/look/look.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/offers.h"

#include <QHBoxLayout>

namespace ledgefall {

OfferStrip::OfferStrip(Document& document, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , text_(new QLabel(this))
    , take_(new QToolButton(this))
    , leave_(new QToolButton(this)) {
    setObjectName(QStringLiteral("offer"));
    setAccessibleName(tr("Offer"));
    text_->setWordWrap(true);
    leave_->setText(tr("No"));
    leave_->setToolTip(tr("Cancel"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 4, 10, 4);
    layout->addWidget(text_, 1);
    layout->addWidget(take_);
    layout->addWidget(leave_);
    connect(take_, &QToolButton::clicked, this, &OfferStrip::take);
    connect(leave_, &QToolButton::clicked, this, &OfferStrip::leave);
    connect(&document, &Document::results_changed, this, &OfferStrip::watch);
    connect(&look_news(), &LookNews::changed, this, &OfferStrip::apply_look);
    apply_look();
    hide();
}

void OfferStrip::apply_look() {
    setStyleSheet(QStringLiteral("#offer { background: %1; border-bottom: 1px solid %2; }")
                      .arg(look().stone_light.name(), look().stone_edge.name()));
    text_->setFont(look().text(9.5));
}

void OfferStrip::show_offer(const QString& text, const QString& button, std::function<void()> taken) {
    text_->setText(text);
    take_->setText(button);
    taken_ = std::move(taken);
    show();
}

void OfferStrip::offer_check(Id table, Id column) {
    leave();
    const auto offer = check_for(document_.study(), column);
    if (!offer) {
        return;
    }
    show_offer(
        tr("This looks like a share of a total. Shall a check watch that %1?")
            .arg(QString::fromStdString(offer->label)),
        tr("Watch it"), [this, table, offer = *offer] {
            Id check;
            if (document_.perform(tr("a check"), add_check(document_.study(), table,
                                                           {offer.label, offer.condition, offer.message}, &check))) {
                watched_ = check;
            }
        });
}

void OfferStrip::watch() {
    if (!watched_.empty() && !document_.computing()) {
        offer_correction(std::exchange(watched_, Id()));
    }
}

void OfferStrip::offer_correction(Id id) {
    const Value value = document_.results().single(id);
    const auto correction = correction_for_check(document_.study(), id);
    if (!correction || (value.plain() && value.yes())) {
        return;
    }
    QString text;
    for (const auto& check : document_.study().checks) {
        text = check->id == id ? QString::fromStdString(check->message) : text;
    }
    show_offer(text, tr("Write %1").arg(QString::fromStdString(correction->formula)), [this, correction = *correction] {
        document_.perform(tr("correcting a share"),
                          rewrite_column(document_.study(), correction.column, correction.formula));
    });
}

void OfferStrip::take() {
    const auto taken = std::exchange(taken_, {});
    hide();
    if (taken) {
        taken();
    }
}

void OfferStrip::leave() {
    taken_ = {};
    hide();
}

} // namespace ledgefall

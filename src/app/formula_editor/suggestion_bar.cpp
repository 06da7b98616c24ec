#include "app/formula_editor/suggestion_bar.h"

#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/engine/planning/plan.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/offers.h"

#include <utility>

namespace ledgefall {

SuggestionBar::SuggestionBar(Document& document, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , text_(new QLabel(this))
    , leave_(new QToolButton(this))
    , buttons_(new QHBoxLayout) {
    setObjectName(QStringLiteral("offer"));
    name_panel(*this, tr("Suggestion"));
    text_->setWordWrap(true);
    leave_->setText(tr("Close"));
    leave_->setToolTip(tr("Dismiss this suggestion"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 4, 10, 4);
    layout->addWidget(text_, 1);
    layout->addLayout(buttons_);
    layout->addWidget(leave_);
    connect(leave_, &QToolButton::clicked, this, &SuggestionBar::leave);
    connect(&document, &Document::results_changed, this, &SuggestionBar::watch);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &SuggestionBar::apply_theme);
    apply_theme();
    hide();
}

void SuggestionBar::apply_theme() {
    setStyleSheet(QStringLiteral("#offer { background: %1; border-top: 1px solid %2; }")
                      .arg(theme().stone_light.name(), theme().stone_edge.name()));
    text_->setFont(theme().text(9.5));
}

void SuggestionBar::show_offer(const QString& text, std::vector<Choice> choices) {
    text_->setText(text);
    choices_ = std::move(choices);
    while (take_.size() < choices_.size()) {
        auto* button = new QToolButton(this);
        button->setObjectName(QStringLiteral("take"));
        connect(button, &QToolButton::clicked, this, [this, at = take_.size()] { take(at); });
        buttons_->addWidget(button);
        take_.push_back(button);
    }
    for (std::size_t at = 0; at < take_.size(); ++at) {
        take_[at]->setVisible(at < choices_.size());
        take_[at]->setText(at < choices_.size() ? choices_[at].text : QString());
    }
    show();
    announce(*text_);
}

void SuggestionBar::offer_waited(Id table, Id column) {
    const Plan plan = make_plan(document_.study());
    const PlannedDefinition* planned = plan.find(column);
    const FaultSite* site = planned == nullptr || !planned->fault ? nullptr : &Fault{*planned->fault, 0}.at();
    if (site == nullptr || site->waits_for.empty()) {
        return;
    }
    const QString name = QString::fromStdString(site->waits_for);
    std::vector<Choice> choices = {
        {tr("Make %1 a column").arg(name), [this, name] { Q_EMIT definition_wanted(name, false); }},
        {tr("Hold %1 on the ledge").arg(name), [this, name] { Q_EMIT definition_wanted(name, true); }}};
    const ColumnDefinition* definition = document_.study().table(table)->column(column);
    const auto writing = [&](const std::string& instead) {
        std::string formula = definition->pieces.front().formula.text();
        formula.replace(site->from, site->to - site->from, instead);
        return Choice{tr("Write %1").arg(QString::fromStdString(instead)),
                      [this, column, written = definition->name + " = " + formula] {
                          document_.perform(tr("correcting a name"),
                                            rewrite_column(document_.study(), column, written));
                      }};
    };
    if (definition != nullptr && site->correction) {
        constexpr qsizetype long_enough = 4; // vx is hardly a slip for x; lenght is one for length
        choices.insert(name.size() < long_enough ? choices.end() : choices.begin(), writing(site->correction->text));
    }
    if (definition != nullptr && stands_as_text(*document_.study().table(table), site->waits_for)) {
        choices.insert(choices.begin(), writing("\"" + site->waits_for + "\""));
    }
    show_offer(tr("The formula waits for %1.").arg(name), std::move(choices));
}

void SuggestionBar::offer_check(Id table, Id column) {
    leave();
    const auto offer = check_for(document_.study(), column);
    if (!offer) {
        return;
    }
    show_offer(tr("This looks like a share of a total. Add a check that %1?").arg(QString::fromStdString(offer->label)),
               {{tr("Add check"), [this, table, offer = *offer] {
                     Id check;
                     if (document_.perform(tr("new check"),
                                           add_check(document_.study(), table,
                                                     {offer.label, offer.condition, offer.message}, &check))) {
                         watched_ = check;
                     }
                 }}});
}

void SuggestionBar::watch() {
    if (!watched_.empty() && !document_.computing()) {
        offer_correction(std::exchange(watched_, Id()));
    }
}

void SuggestionBar::offer_correction(Id id) {
    const Value value = document_.results().single(id);
    const auto correction = correction_for_check(document_.study(), id);
    if (!correction || (value.plain() && value.yes())) {
        return;
    }
    QString text;
    for (const auto& check : document_.study().checks) {
        text = check->id == id ? QString::fromStdString(check->message) : text;
    }
    show_offer(text,
               {{tr("Write %1").arg(QString::fromStdString(correction->formula)), [this, correction = *correction] {
                     document_.perform(tr("correcting a share"),
                                       rewrite_column(document_.study(), correction.column, correction.formula));
                 }}});
}

void SuggestionBar::take(std::size_t choice) {
    const std::vector<Choice> choices = std::exchange(choices_, {});
    hide();
    if (choice < choices.size()) {
        choices[choice].taken();
    }
}

void SuggestionBar::leave() {
    choices_.clear();
    hide();
}

} // namespace ledgefall

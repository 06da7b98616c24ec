#include "app/starters/start_page.h"

#include "app/starters/starter_card.h"
#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QVBoxLayout>

namespace ledgefall {

StartPage::StartPage(Starters& starters, QWidget* parent)
    : QScrollArea(parent)
    , starters_(starters)
    , cards_(new QGridLayout) {
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Start"));
    setFocusPolicy(Qt::StrongFocus);
    auto* page = new QWidget(this);
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(theme().px(24), theme().px(20), theme().px(24), theme().px(16));
    auto* title = new QLabel(tr("A computation table starts with a few columns."), page);
    title->setFont(theme().text(15, true));
    title->setAlignment(Qt::AlignHCenter);
    layout->addWidget(title);
    auto* how = new QLabel(tr("Type or paste your observations, hold on the ledge what must not move, and write one "
                              "formula for all rows."),
                           page);
    how->setAlignment(Qt::AlignHCenter);
    how->setWordWrap(true);
    layout->addWidget(how);
    layout->addSpacing(theme().px(10));
    auto* offers = new QHBoxLayout;
    offers->addStretch(1);
    const auto offer = [&](const QString& text, const char* symbol, auto wanted) {
        auto* button = new QPushButton(drawn_icon(QLatin1String(symbol)), text, page);
        connect(button, &QPushButton::clicked, this, wanted);
        offers->addWidget(button);
    };
    offer(tr("New table"), "table", &StartPage::new_table_wanted);
    offer(tr("Import a table or worksheet…"), "import", &StartPage::import_wanted);
    offer(tr("Open the demo study"), "open", &StartPage::demo_wanted);
    offer(tr("A first table in five steps"), "question", &StartPage::first_steps_wanted);
    offers->addStretch(1);
    layout->addLayout(offers);
    layout->addSpacing(theme().px(14));
    auto* starters_title = new QLabel(tr("Or start from a finished example:"), page);
    starters_title->setFont(theme().text(11, true));
    layout->addWidget(starters_title);
    cards_->setSpacing(theme().px(10));
    layout->addLayout(cards_);
    layout->addStretch(1);
    setWidget(page);
    connect(&starters, &Starters::changed, this, &StartPage::show_cards);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &StartPage::show_cards);
    show_cards();
}

void StartPage::show_cards() {
    qDeleteAll(shown_);
    shown_.clear();
    for (const Starter& starter : starters_.all()) {
        auto* card = new StarterCard(starter, widget());
        connect(card, &QAbstractButton::clicked, this, [this, starter] { Q_EMIT starter_chosen(starter); });
        if (starter.is_own()) {
            card->setContextMenuPolicy(Qt::CustomContextMenu);
            connect(card, &QWidget::customContextMenuRequested, this,
                    [this, starter, card](const QPoint& at) { open_menu(starter, card->mapToGlobal(at)); });
        }
        card->show();
        shown_.append(card);
    }
    across_ = 0;
    lay_out_cards();
}

void StartPage::lay_out_cards() {
    const int across = std::clamp(viewport()->width() / theme().px(250), 1, 4);
    if (across == across_) {
        return;
    }
    across_ = across;
    for (int at = 0; at < shown_.size(); ++at) {
        cards_->removeWidget(shown_[at]);
        cards_->addWidget(shown_[at], at / across, at % across);
    }
    for (int column = 0; column < 4; ++column) {
        cards_->setColumnStretch(column, column < across ? 1 : 0);
    }
}

void StartPage::resizeEvent(QResizeEvent* event) {
    QScrollArea::resizeEvent(event);
    lay_out_cards();
}

void StartPage::keyPressEvent(QKeyEvent* event) {
    const bool plain = (event->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)) == 0;
    if (plain && !event->text().isEmpty() && event->text().front().isPrint()) {
        Q_EMIT typed(event);
    } else {
        QScrollArea::keyPressEvent(event);
    }
}

void StartPage::open_menu(const Starter& starter, const QPoint& global) {
    QMenu menu(this);
    menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Remove from my starters"), this,
                   [this, starter] { starters_.remove(starter); });
    menu.exec(global);
}

} // namespace ledgefall

#include "app/ledge/ledge_view.h"

#include "app/dialogs/held_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/ledge/accessible_card.h"
#include "app/numbers/format_choices.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>
#include <QWheelEvent>

#include <map>

namespace ledgefall {

LedgeView::LedgeView(Document& document, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , add_(new QToolButton(this))
    , new_line_(new QLineEdit(this))
    , shelf_(new QWidget(this))
    , more_(new QToolButton(this)) {
    describe_cards_to_screen_readers();
    name_panel(*this, tr("Ledge"));
    add_->setObjectName(QStringLiteral("hold"));
    add_->setText(tr("hold a value"));
    add_->setIcon(drawn_icon(QStringLiteral("hold")));
    add_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    add_->setToolTip(tr("Put a value on the ledge, where no row changes it (Ctrl+H)"));
    add_->setAutoRaise(true);
    new_line_->setPlaceholderText(tr("n = 12, or q = 1 − p"));
    new_line_->setAccessibleName(tr("New held value"));
    new_line_->installEventFilter(this);
    new_line_->hide();
    connect(add_, &QToolButton::clicked, this, [this] { begin_holding(); });
    more_->setAutoRaise(true);
    more_->setToolTip(tr("Show the held values that do not fit on this shelf; scroll to slide them along"));
    more_->hide();
    connect(more_, &QToolButton::clicked, this, &LedgeView::show_more);
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        if (looked_through_ && now != nullptr && !isAncestorOf(now)) {
            look_through(false);
        }
    });
    connect(&document, &Document::study_changed, this, &LedgeView::rebuild);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &LedgeView::rebuild);
    connect(&document, &Document::results_changed, this, [this] {
        for (HeldCard* card : cards_) {
            card->refresh();
        }
        arrange();
        show_newest();
    });
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    rebuild();
}

void LedgeView::show_table(Id table) {
    table_ = table;
    rebuild();
}

/// The held values of the table, which is what is worked on, and then those of the study. Those of one group stand
/// together, where the first of them stands.
std::vector<LedgeView::Held> LedgeView::in_order() const {
    std::vector<Held> all;
    all.reserve(document_.study().ledge.size());
    if (const Table* table = document_.study().table(table_)) {
        for (const auto& held : table->ledge) {
            all.push_back({&*held, table});
        }
    }
    for (const auto& held : document_.study().ledge) {
        all.push_back({&*held, nullptr});
    }
    std::map<std::pair<const Table*, std::string>, std::size_t> first_of;
    std::vector<std::pair<std::size_t, std::size_t>> places;
    for (std::size_t at = 0; at < all.size(); ++at) {
        const std::string& group = all[at].value->group;
        places.emplace_back(group.empty() ? at : first_of.try_emplace({all[at].table, group}, at).first->second, at);
    }
    std::stable_sort(places.begin(), places.end());
    std::vector<Held> ordered;
    ordered.reserve(places.size());
    for (const auto& place : places) {
        ordered.push_back(all[place.second]);
    }
    return ordered;
}

/// Of very many held values so many are shown at a time.
void LedgeView::rebuild() {
    constexpr std::size_t most_cards = 200;
    std::vector<Held> wanted = in_order();
    begun_at_ = begun_at_ < wanted.size() ? begun_at_ : 0;
    left_out_ = wanted.size() - std::min(wanted.size(), most_cards);
    wanted.erase(wanted.begin(), wanted.begin() + static_cast<std::ptrdiff_t>(begun_at_));
    wanted.resize(std::min(wanted.size(), most_cards));
    std::vector<HeldCard*> cards;
    HeldCard* made = nullptr; // the last of those that are new here
    bool any_stays = false;
    for (const Held& held : wanted) {
        HeldCard* entry = card(held.value->id);
        if (entry != nullptr && !(entry->table() == (held.table == nullptr ? Id() : held.table->id))) {
            entry = nullptr; // it has been put on another ledge
        }
        any_stays = any_stays || entry != nullptr;
        cards.push_back(entry == nullptr ? make_card(held) : entry);
        made = entry == nullptr ? cards.back() : made;
    }
    for (HeldCard* old : cards_) {
        if (std::find(cards.begin(), cards.end(), old) == cards.end()) {
            old->hide();
            old->deleteLater();
        }
    }
    cards_ = std::move(cards);
    QWidget* before = nullptr;
    for (HeldCard* card : cards_) {
        card->refresh();
        if (before != nullptr) {
            setTabOrder(before, card);
        }
        before = card;
    }
    setFocusProxy(cards_.empty() ? nullptr : cards_.front()); // what the focus comes to in the ledge
    arrange();
    const bool same_table = rebuilt_for_ == table_;
    rebuilt_for_ = table_;
    newest_ = made != nullptr && any_stays && same_table ? made->held() : Id();
    show_newest();
}

/// What was just made is in view, also once its value has made it wider.
void LedgeView::show_newest() {
    if (const HeldCard* newest = card(newest_)) {
        bring_into_view(*newest);
    }
}

HeldCard* LedgeView::make_card(const Held& held) {
    auto* card = new HeldCard(document_, held.value->id, held.table, shelf_);
    connect(card, &HeldCard::menu_wanted, this, &LedgeView::open_menu);
    connect(card, &HeldCard::chosen, this, &LedgeView::chosen);
    connect(card, &HeldCard::looked_at, this, [this, card](Id id) {
        look_through(true);
        bring_into_view(*card);
        Q_EMIT looked_at(id);
    });
    connect(card, &HeldCard::dragged_to, this, &LedgeView::drop);
    connect(card, &HeldCard::shifted, this, &LedgeView::shift);
    card->show();
    return card;
}

HeldCard* LedgeView::card(Id held) const {
    const auto it =
        std::find_if(cards_.begin(), cards_.end(), [held](const HeldCard* card) { return card->held() == held; });
    return it == cards_.end() ? nullptr : *it;
}

HeldCard* LedgeView::reach(Id held) {
    const std::vector<Held> all = in_order();
    const auto place = std::find_if(all.begin(), all.end(), [held](const Held& one) { return one.value->id == held; });
    if (card(held) == nullptr && place != all.end()) {
        begun_at_ = static_cast<std::size_t>(place - all.begin());
        rebuild();
    }
    return card(held);
}

/// An empty ledge takes less room.
int LedgeView::card_height() const {
    return theme().px(cards_.empty() ? 34 : 52);
}

int LedgeView::shelf_height() const {
    return theme().px(12);
}

QSize LedgeView::sizeHint() const {
    return {600, rows_ * (card_height() + theme().px(8) + shelf_height()) + theme().px(4)};
}

/// Cards stand side by side on one shelf, on two while they are looked through; what does not fit then slides along.
/// What new values are held with keeps its place at the end of the first.
void LedgeView::arrange() {
    const int gap = theme().px(8);
    const int high = card_height();
    const int edge = theme().px(14);
    const int step = high + gap + shelf_height();
    const int line_width = new_line_->isHidden() ? 0 : theme().px(240) + gap;
    int all = -gap;
    int widest = 0;
    for (const HeldCard* card : cards_) {
        all += card_size(*card).width() + gap;
        widest = std::max(widest, card_size(*card).width());
    }
    const int whole = width() - 2 * edge - line_width - add_->sizeHint().width() - gap;
    const bool one_is_enough = all <= whole && left_out_ == 0;
    const int room = std::max(theme().px(80), one_is_enough ? whole : whole - more_->sizeHint().width() - gap);
    // Of two shelves each takes as much as lets the cards stand on no third one.
    const int shelf_end = one_is_enough || !looked_through_ ? std::max(all, room) : std::max(room, all / 2 + widest);
    int x = 0;
    int row = 0;
    std::vector<QRect> places;
    int used = 0;
    for (const HeldCard* card : cards_) {
        const QSize size = card_size(*card);
        if (x > 0 && x + size.width() > shelf_end) {
            x = 0;
            ++row;
        }
        places.emplace_back(x, row * step + gap + high - size.height(), size.width(), size.height());
        x += size.width() + gap;
        used = std::max(used, x - gap);
    }
    slid_ = std::clamp(slid_, 0, std::max(0, used - room));
    shelf_->setGeometry(edge, 0, room, (row + 1) * step);
    int hidden = 0;
    for (std::size_t at = 0; at < cards_.size(); ++at) {
        const QRect there = places[at].translated(-slid_, 0);
        cards_[at]->setGeometry(there);
        hidden += there.left() < 0 || there.right() >= room ? 1 : 0;
    }
    x = edge + (one_is_enough ? (cards_.empty() ? 0 : used + gap) : room + gap);
    const auto place = [&](QWidget* widget, QSize size) {
        widget->setGeometry(x, gap + high - size.height(), size.width(), size.height());
        x += size.width() + gap;
    };
    more_->setVisible(hidden > 0 || left_out_ > 0);
    if (!one_is_enough) {
        more_->setText(tr("%1 more").arg(hidden + static_cast<qsizetype>(left_out_)));
        place(more_, more_->sizeHint());
    }
    if (line_width > 0) {
        place(new_line_, QSize(theme().px(240), theme().px(34)));
    }
    place(add_, add_->sizeHint());
    if (rows_ != row + 1 || sizeHint().height() != height()) {
        rows_ = row + 1;
        updateGeometry();
    }
    update();
}

QSize LedgeView::card_size(const HeldCard& card) {
    return card.sizeHint().expandedTo(QSize(card.minimumWidth(), 0));
}

/// To the second shelf first; from there along both, and at their end back to the beginning.
void LedgeView::show_more() {
    if (!looked_through_) {
        look_through(true);
        return;
    }
    const int before = slid_;
    newest_ = {};
    slid_ += shelf_->width() - theme().px(40);
    arrange();
    if (slid_ == before) { // at the end
        slid_ = 0;
        begun_at_ += left_out_ > 0 ? cards_.size() : 0;
        rebuild();
    }
}

void LedgeView::look_through(bool now) {
    looked_through_ = now;
    arrange();
}

void LedgeView::bring_into_view(const HeldCard& card) {
    if (card.x() < 0 || card.geometry().right() >= shelf_->width()) {
        slid_ += card.x() < 0 ? card.x() : card.geometry().right() + 1 - shelf_->width();
        arrange();
    }
}

void LedgeView::wheelEvent(QWheelEvent* event) {
    const QPoint turned = event->angleDelta();
    const int before = slid_;
    newest_ = {};
    slid_ -= turned.x() != 0 ? turned.x() : turned.y();
    arrange();
    event->setAccepted(slid_ != before);
}

void LedgeView::resizeEvent(QResizeEvent*) {
    arrange();
}

void LedgeView::paintEvent(QPaintEvent*) {
    const Theme& in_use = theme();
    QPainter painter(this);
    painter.fillRect(rect(), in_use.margin);
    const int step = card_height() + in_use.px(8) + shelf_height();
    for (int row = 0; row < rows_; ++row) {
        // A slab of sandstone: a lit upper edge, its bedding, and the shadow under it.
        const QRect slab(0, row * step + card_height() + in_use.px(8), width(), shelf_height());
        painter.fillRect(slab, in_use.stone);
        painter.setPen(in_use.stone.lighter(112));
        painter.drawLine(slab.topLeft(), slab.topRight());
        painter.setPen(in_use.stone.darker(108));
        const int bed = slab.top() + slab.height() / 2;
        for (int x = in_use.px(20); x < width(); x += in_use.px(170)) {
            painter.drawLine(x, bed, x + in_use.px(90), bed);
        }
        painter.setPen(in_use.stone_edge);
        painter.drawLine(slab.bottomLeft(), slab.bottomRight());
    }
    paint_groups(painter);
    if (cards_.empty()) {
        painter.setPen(in_use.faint_ink);
        painter.setFont(in_use.text(9.5));
        painter.drawText(QRect(add_->geometry().right() + in_use.px(10), add_->y(), width(), add_->height()),
                         Qt::AlignVCenter, tr("The ledge: what stands here stays put, and formulas fall past it."));
    }
}

/// The names of groups are cut into the face of the slab, under the first of their cards.
void LedgeView::paint_groups(QPainter& painter) const {
    const Theme& in_use = theme();
    std::string before;
    for (const HeldCard* card : cards_) {
        const HeldValue* held = card->value();
        const std::string group = held == nullptr ? std::string() : held->group;
        if (!group.empty() && group != before) {
            painter.setFont(in_use.text(7.5));
            painter.setPen(in_use.ink);
            const QPoint under = shelf_->mapToParent(card->geometry().bottomLeft());
            painter.setClipRect(shelf_->geometry());
            painter.drawText(QRect(under.x() + in_use.px(2), under.y() + 1, width(), shelf_height()),
                             Qt::AlignLeft | Qt::AlignVCenter, QString::fromStdString(group));
        }
        before = group;
    }
    painter.setClipping(false);
}

const std::vector<Shared<HeldValue>>& LedgeView::ledge_of(const HeldCard& card) const {
    const Table* table = document_.study().table(card.table());
    return table == nullptr ? document_.study().ledge : table->ledge;
}

void LedgeView::shift(Id held, int by) {
    const HeldCard* moved = card(held);
    const auto& ledge = ledge_of(*moved);
    for (std::size_t at = 0; at < ledge.size(); ++at) {
        const auto to = static_cast<std::ptrdiff_t>(at) + by;
        if (ledge[at]->id == held && to >= 0) {
            document_.perform(tr("order of the ledge"),
                              move_held(document_.study(), held, static_cast<std::size_t>(to)));
            return reach(held)->setFocus();
        }
    }
}

/// A card that has been dragged goes before the first one of its ledge whose middle lies behind.
void LedgeView::drop(Id held, const QPoint& at) {
    const HeldCard* moved = card(held);
    const std::vector<Held> all = in_order();
    auto place = static_cast<std::size_t>(
        std::count_if(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(begun_at_), [moved](const Held& one) {
            return (one.table == nullptr ? Id() : one.table->id) == moved->table();
        }));
    for (const HeldCard* other : cards_) {
        const bool same_ledge = other->table() == moved->table() && other != moved;
        const QRect there = other->geometry();
        const bool before = there.bottom() < at.y() - height() / std::max(1, rows_) ||
                            (there.top() <= at.y() && there.center().x() < at.x());
        place += same_ledge && before ? 1 : 0;
    }
    document_.perform(tr("order of the ledge"), move_held(document_.study(), held, place));
}

void LedgeView::format(Id held, const Format& wanted) {
    document_.perform(tr("number format"), format_held(document_.study(), held, wanted));
}

void LedgeView::describe(Id held) {
    HeldDialog dialog(document_.study(), *card(held)->value(), this);
    if (dialog.exec() == QDialog::Accepted) {
        document_.perform(tr("held value properties"), detail_held(document_.study(), held, dialog.details()));
    }
}

void LedgeView::begin_holding(const QString& name) {
    new_line_->setText(name.isEmpty() ? QString() : name + QStringLiteral(" = "));
    new_line_->show();
    new_line_->setFocus();
    arrange();
}

bool LedgeView::eventFilter(QObject* watched, QEvent* event) {
    if (watched == new_line_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
            hold_new(key->modifiers().testFlag(Qt::ShiftModifier));
            return true;
        }
        if (key->key() == Qt::Key_Escape) {
            new_line_->hide();
            arrange();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void LedgeView::hold_new(bool for_table) {
    const std::string text = new_line_->text().toStdString();
    const QString name = QString::fromStdString(parse_definition(text).definition.name);
    Id held;
    const Result<Study> out = hold(
        document_.study(), for_table || belongs_to_table(document_.study(), table_, text) ? table_ : Id(), text, &held);
    if (document_.perform(tr("holding %1").arg(name), out)) {
        new_line_->hide();
        arrange();
        if (HeldCard* made = reach(held)) {
            bring_into_view(*made);
            made->setFocus(Qt::OtherFocusReason);
            Q_EMIT looked_at(held);
        }
    }
}

void LedgeView::open_menu(Id held, const QPoint& global) {
    QMenu menu(this);
    menu.addAction(tr("Change…"), this, [this, held] { card(held)->edit(); });
    menu.addAction(tr("Rename…"), this, [this, held] { card(held)->edit(true); });
    menu.addAction(tr("Unit, note, group, slider and choices…"), this, [this, held] { describe(held); });
    add_format_choices(menu.addMenu(tr("Number format")), card(held)->value()->format,
                       [this, held](const Format& wanted) { format(held, wanted); });
    const HeldCard& own = *card(held);
    if (!own.choices().isEmpty()) {
        menu.addAction(tr("Choose a value…"), this, [this, held] { card(held)->open_choices(); });
    }
    const bool of_number = !own.value()->is_function() && document_.results().find(held) != nullptr &&
                           document_.results().find(held)->kind == Kind::number;
    if (of_number) {
        menu.addSeparator();
        menu.addAction(tr("Try values…"), this, [this, held] { Q_EMIT trials_wanted(held); });
        menu.addAction(tr("Find the value for which…"), this, [this, held] { Q_EMIT search_wanted(held); });
    }
    menu.addSeparator();
    menu.addAction(tr("Move left"), this, [this, held] { shift(held, -1); });
    menu.addAction(tr("Move right"), this, [this, held] { shift(held, 1); });
    if (own.table().empty() && !table_.empty()) {
        menu.addAction(tr("Only for this table"), this, [this, held] {
            document_.perform(tr("moving to another ledge"), shelve_held(document_.study(), held, table_));
        });
    } else if (!own.table().empty()) {
        menu.addAction(tr("For the whole study"), this, [this, held] {
            document_.perform(tr("moving to another ledge"), shelve_held(document_.study(), held, Id()));
        });
    }
    menu.addSeparator();
    menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Remove from ledge"), this, [this, held] { remove(held); });
    menu.exec(global);
}

void LedgeView::remove(Id held) {
    if (may_remove(this, document_.study(), held)) {
        document_.perform(tr("removing a held value"), remove_held(document_.study(), held, IfUsed::remove_anyway));
    }
}

} // namespace ledgefall

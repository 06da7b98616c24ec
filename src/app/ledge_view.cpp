#include "app/ledge_view.h"

#include "app/ask.h"
#include "app/look.h"
#include "core/study/edits.h"

#include <QKeyEvent>
#include <QMenu>
#include <QPainter>

namespace ledgefall {

LedgeView::LedgeView(Document& document, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , add_(new QToolButton(this))
    , new_line_(new QLineEdit(this)) {
    setAccessibleName(tr("Ledge"));
    add_->setText(tr("hold a value"));
    add_->setIcon(drawn_icon(QStringLiteral("hold")));
    add_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    add_->setToolTip(tr("Put a value on the ledge, where no row changes it (Ctrl+H)"));
    add_->setAutoRaise(true);
    new_line_->setPlaceholderText(tr("n = 12, or q = 1 − p"));
    new_line_->setAccessibleName(tr("New held value"));
    new_line_->installEventFilter(this);
    new_line_->hide();
    connect(add_, &QToolButton::clicked, this, &LedgeView::begin_holding);
    connect(&document, &Document::study_changed, this, &LedgeView::rebuild);
    connect(&document, &Document::results_changed, this, [this] {
        for (HeldCard* card : cards_) {
            card->refresh();
        }
        arrange();
    });
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    rebuild();
}

void LedgeView::show_table(Id table) {
    table_ = table;
    rebuild();
}

void LedgeView::rebuild() {
    std::vector<std::pair<Id, const Table*>> wanted;
    for (const auto& held : document_.study().ledge) {
        wanted.emplace_back(held->id, nullptr);
    }
    if (const Table* table = document_.study().table(table_)) {
        for (const auto& held : table->ledge) {
            wanted.emplace_back(held->id, table);
        }
    }
    std::vector<HeldCard*> cards;
    for (const auto& [id, table] : wanted) {
        HeldCard* known = card(id);
        if (known == nullptr) {
            known = new HeldCard(document_, id, table, this);
            connect(known, &HeldCard::menu_wanted, this, &LedgeView::open_menu);
            connect(known, &HeldCard::chosen, this, &LedgeView::chosen);
            known->show();
        }
        cards.push_back(known);
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
    arrange();
}

HeldCard* LedgeView::card(Id held) const {
    const auto it =
        std::find_if(cards_.begin(), cards_.end(), [held](const HeldCard* card) { return card->held() == held; });
    return it == cards_.end() ? nullptr : *it;
}

int LedgeView::shelf_height() const {
    return look().px(12);
}

QSize LedgeView::sizeHint() const {
    return {600, rows_ * (look().px(52) + look().px(8) + shelf_height()) + look().px(4)};
}

/// Cards stand side by side; where one shelf is full, the next begins.
void LedgeView::arrange() {
    const int gap = look().px(8);
    const int high = look().px(52);
    const int edge = look().px(14);
    int x = edge;
    int row = 0;
    const auto top = [&] { return row * (high + gap + shelf_height()) + gap; };
    const auto place = [&](QWidget* widget, QSize size) {
        if (x + size.width() > width() - edge && x > edge) {
            x = edge;
            ++row;
        }
        widget->setGeometry(x, top() + high - size.height(), size.width(), size.height());
        x += size.width() + gap;
    };
    for (HeldCard* card : cards_) {
        place(card, card->sizeHint().expandedTo(QSize(card->minimumWidth(), 0)));
    }
    if (new_line_->isVisible()) {
        place(new_line_, QSize(look().px(240), look().px(34)));
    }
    place(add_, add_->sizeHint());
    if (rows_ != row + 1) {
        rows_ = row + 1;
        updateGeometry();
    }
    update();
}

void LedgeView::resizeEvent(QResizeEvent*) {
    arrange();
}

void LedgeView::paintEvent(QPaintEvent*) {
    const Look& in_use = look();
    QPainter painter(this);
    painter.fillRect(rect(), in_use.margin);
    const int step = in_use.px(52) + in_use.px(8) + shelf_height();
    for (int row = 0; row < rows_; ++row) {
        // A slab of sandstone: a lit upper edge, its bedding, and the shadow under it.
        const QRect slab(0, row * step + in_use.px(52) + in_use.px(8), width(), shelf_height());
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
    if (cards_.empty()) {
        painter.setPen(in_use.faint_ink);
        painter.setFont(in_use.text(9.5));
        painter.drawText(QRect(add_->geometry().right() + in_use.px(10), add_->y(), width(), add_->height()),
                         Qt::AlignVCenter, tr("The ledge: what stands here stays put, and formulas fall past it."));
    }
}

void LedgeView::begin_holding() {
    new_line_->clear();
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
    if (document_.perform(tr("holding %1").arg(name), hold(document_.study(), for_table ? table_ : Id(), text))) {
        new_line_->hide();
        arrange();
    }
}

void LedgeView::open_menu(Id held, const QPoint& global) {
    QMenu menu(this);
    menu.addAction(tr("Change…"), this, [this, held] { card(held)->edit(); });
    menu.addAction(tr("Rename…"), this, [this, held] { card(held)->edit(true); });
    menu.addAction(tr("Note…"), this, [this, held] { ask_note(held); });
    menu.addSeparator();
    menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Take off the ledge"), this,
                   [this, held] { remove(held); });
    menu.exec(global);
}

void LedgeView::ask_note(Id held) {
    if (const auto note = ask_text(this, tr("Note"), tr("What the value is, or where it comes from:"),
                                   card(held)->toolTip().section(QLatin1Char('\n'), 1))) {
        document_.perform(tr("note"), note_held(document_.study(), held, note->toStdString()));
    }
}

void LedgeView::remove(Id held) {
    if (may_remove(this, document_.study(), held)) {
        document_.perform(tr("taking a value off the ledge"),
                          remove_held(document_.study(), held, IfUsed::remove_anyway));
    }
}

} // namespace ledgefall

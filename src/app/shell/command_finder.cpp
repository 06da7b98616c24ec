#include "app/shell/command_finder.h"

#include "app/theme/quiet_list.h"
#include "app/theme/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>

namespace ledgefall {
namespace {

constexpr int most_found = 12;

/// How well `text` answers what was typed: 0 not at all, higher is better. All words have to occur; at the beginning of
/// the text they count most, at the beginning of a word more than inside one.
int likeness(const CommandFinder::Destination& one, const QStringList& words) {
    int sum = 0;
    for (const QString& word : words) {
        const qsizetype at = one.text.indexOf(word, 0, Qt::CaseInsensitive);
        const bool known = one.known_as.contains(word, Qt::CaseInsensitive);
        if (at < 0 && !known && !one.about.contains(word, Qt::CaseInsensitive)) {
            return 0;
        }
        const bool begins_word = at > 0 && !one.text[at - 1].isLetterOrNumber();
        sum += at == 0 ? 8 : begins_word ? 5 : known ? 4 : at > 0 ? 3 : 1;
    }
    return (one.fits ? 100000 : 0) + sum * 100 - static_cast<int>(one.text.size());
}

constexpr int about_role = Qt::UserRole + 1;

/// A name at the left, and where it stands at the right.
class PlacedName : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    static int width_of(const QString& text, const QString& about) {
        return QFontMetrics(theme().text()).horizontalAdvance(text) +
               QFontMetrics(theme().text(8.5)).horizontalAdvance(about) + theme().px(48);
    }

  protected:
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& in_use = theme();
        painter->save();
        const bool chosen = (option.state & QStyle::State_Selected) != 0;
        painter->fillRect(option.rect, chosen ? in_use.follows_wash : in_use.paper);
        const QRect inside = option.rect.adjusted(in_use.px(8), 0, -in_use.px(8), 0);
        painter->setPen(in_use.ink);
        painter->setFont(in_use.text());
        painter->drawText(inside, Qt::AlignLeft | Qt::AlignVCenter, index.data().toString());
        painter->setPen(in_use.faint_ink);
        painter->setFont(in_use.text(8.5));
        painter->drawText(inside, Qt::AlignRight | Qt::AlignVCenter, index.data(about_role).toString());
        painter->restore();
    }
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {100, QFontMetrics(theme().text()).height() + theme().px(8)};
    }
};

} // namespace

CommandFinder::CommandFinder(QWidget* window)
    : QLineEdit(window)
    , window_(window)
    , list_(new QuietList(window)) {
    setPlaceholderText(tr("Find a command, name or table"));
    setAccessibleName(tr("Find a command, name or table"));
    setClearButtonEnabled(false);
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setUniformItemSizes(true);
    list_->setItemDelegate(new PlacedName(list_));
    list_->hide();
    connect(this, &QLineEdit::textChanged, this, &CommandFinder::search);
    connect(list_, &QListWidget::itemClicked, this, &CommandFinder::take);
}

QSize CommandFinder::sizeHint() const {
    const int whole = fontMetrics().horizontalAdvance(placeholderText()) + theme().px(20);
    return {std::max(theme().px(270), whole), QLineEdit::sizeHint().height()};
}

void CommandFinder::open() {
    before_ = QApplication::focusWidget();
    show();
    setFocus();
    selectAll();
}

void CommandFinder::offer(const QList<Destination>& all) {
    all_ = all;
    search();
}

void CommandFinder::focusInEvent(QFocusEvent* event) {
    QLineEdit::focusInEvent(event);
    Q_EMIT opened();
}

void CommandFinder::focusOutEvent(QFocusEvent* event) {
    QLineEdit::focusOutEvent(event);
    list_->hide();
    Q_EMIT closed();
}

void CommandFinder::search() {
    const QStringList words = text().split(u' ', Qt::SkipEmptyParts);
    QList<std::pair<int, const Destination*>> likely;
    for (const Destination& one : all_) {
        const int like = words.isEmpty() ? 0 : likeness(one, words);
        if (like > 0) {
            likely.append({like, &one});
        }
    }
    std::stable_sort(likely.begin(), likely.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    list_->clear();
    shown_.clear();
    int widest = theme().px(320);
    for (const auto& [like, one] : likely.mid(0, most_found)) {
        auto* item = new QListWidgetItem(one->text, list_);
        item->setData(about_role, one->about);
        item->setData(Qt::AccessibleTextRole, one->text + QStringLiteral(", ") + one->about);
        widest = std::max(widest, PlacedName::width_of(one->text, one->about));
        shown_.append(*one);
    }
    if (shown_.isEmpty() && !words.isEmpty() && hasFocus()) {
        list_->addItem(tr("Nothing was found."));
    }
    if (list_->count() == 0 || !hasFocus()) {
        list_->hide();
        return;
    }
    list_->setCurrentRow(0);
    const QPoint corner = mapTo(window_, rect().bottomRight());
    const int width = std::min(widest, window_->width());
    list_->setGeometry(std::max(0, corner.x() - width), corner.y() + 2, width,
                       list_->count() * std::max(20, list_->sizeHintForRow(0)) + 6);
    list_->show();
    list_->raise();
}

QStringList CommandFinder::matches() const {
    QStringList texts;
    for (const Destination& one : shown_) {
        texts << one.text;
    }
    return texts;
}

void CommandFinder::leave() {
    list_->hide();
    clear();
    if (before_ != nullptr) {
        before_->setFocus();
    }
}

void CommandFinder::take() {
    const int row = list_->currentRow();
    if (row < 0 || row >= shown_.size()) {
        return;
    }
    const Destination chosen = shown_[row];
    leave();
    if (chosen.command != nullptr) {
        chosen.command->trigger();
    } else if (!chosen.help.isEmpty()) {
        Q_EMIT help_chosen(chosen.help);
    } else {
        Q_EMIT place_chosen(chosen.place);
    }
}

void CommandFinder::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Escape:
        return leave();
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return take();
    case Qt::Key_Down:
    case Qt::Key_Up:
        if (list_->count() > 0) {
            const int step = event->key() == Qt::Key_Down ? 1 : list_->count() - 1;
            list_->setCurrentRow((list_->currentRow() + step) % list_->count());
        }
        return;
    default:
        QLineEdit::keyPressEvent(event);
    }
}

} // namespace ledgefall

#include "app/formula_editor/completion_list.h"

#include "app/document/document.h"
#include "app/theme/theme.h"

#include <QPainter>
#include <QStyledItemDelegate>

namespace ledgefall {
namespace {

constexpr int most_shown = 9;
constexpr std::size_t most_offered = 200;
constexpr int about_role = Qt::UserRole;
constexpr int what_role = Qt::UserRole + 1;

/// The name in the manner's colour, and what it is in faint ink behind it.
class Row : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& in_use = theme();
        painter->save();
        const bool selected = (option.state & QStyle::State_Selected) != 0;
        painter->fillRect(option.rect, selected ? in_use.follows_wash : in_use.stone_light);
        const auto what = static_cast<Completion::What>(index.data(what_role).toInt());
        const bool follows = what == Completion::What::column || what == Completion::What::group;
        const QRect inner = option.rect.adjusted(in_use.px(8), 0, -in_use.px(8), 0);
        painter->setFont(in_use.text(10.0));
        painter->setPen(follows ? in_use.follows : what == Completion::What::held ? in_use.stays : in_use.ink);
        const QString name = index.data().toString();
        painter->drawText(inner, Qt::AlignLeft | Qt::AlignVCenter, name);
        const int width =
            std::max(QFontMetrics(painter->font()).horizontalAdvance(name) + in_use.px(14), in_use.px(90));
        painter->setFont(in_use.text(8.5));
        painter->setPen(in_use.faint_ink);
        const QRect rest = inner.adjusted(width, 0, 0, 0);
        painter->drawText(
            rest, Qt::AlignLeft | Qt::AlignVCenter,
            QFontMetrics(painter->font()).elidedText(index.data(about_role).toString(), Qt::ElideRight, rest.width()));
        painter->restore();
    }
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {theme().px(200), QFontMetrics(theme().text(10.0)).height() + theme().px(6)};
    }
};

} // namespace

CompletionList::CompletionList(QWidget* parent)
    : QuietList(parent) {
    setItemDelegate(new Row(this));
    setFocusPolicy(Qt::NoFocus);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Completions"));
    connect(this, &QListWidget::itemClicked, this, &CompletionList::taken);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &CompletionList::apply_theme);
    apply_theme();
    hide();
}

void CompletionList::apply_theme() {
    setStyleSheet(QStringLiteral("QListWidget { background: %1; border: 1px solid %2; }")
                      .arg(theme().stone_light.name(), theme().stone_edge.name()));
}

void CompletionList::offer(const std::vector<Completion>& all, QPoint at) {
    all_ = all;
    all_.resize(std::min(all_.size(), most_offered));
    stepped_ = false;
    clear();
    if (all_.empty()) {
        hide();
        return;
    }
    for (const Completion& one : all_) {
        auto* item = new QListWidgetItem(QString::fromStdString(one.text).trimmed(), this);
        const QString about = Document::translated(one.about);
        item->setData(about_role, about);
        item->setData(what_role, static_cast<int>(one.what));
        item->setData(Qt::AccessibleDescriptionRole, about);
    }
    setCurrentRow(0);
    const int shown = std::min<int>(most_shown, count());
    const int width = theme().px(430);
    setGeometry(std::clamp(at.x(), 0, std::max(0, parentWidget()->width() - width)), at.y(), width,
                shown * sizeHintForRow(0) + 4);
    show();
    raise();
}

void CompletionList::step(int by) {
    stepped_ = true;
    setCurrentRow((currentRow() + by + count()) % count());
}

const Completion* CompletionList::chosen() const {
    const int row = currentRow();
    return isHidden() || row < 0 || static_cast<std::size_t>(row) >= all_.size() ? nullptr
                                                                                 : &all_[static_cast<std::size_t>(row)];
}

QStringList CompletionList::texts() const {
    QStringList texts;
    for (const Completion& one : all_) {
        texts << QString::fromStdString(one.text);
    }
    return isHidden() ? QStringList() : texts;
}

} // namespace ledgefall

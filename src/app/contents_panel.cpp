#include "app/contents_panel.h"

#include "app/look.h"
#include "core/engine/explain.h"

namespace ledgefall {
namespace {

constexpr int id_role = Qt::UserRole + 1;

} // namespace

ContentsPanel::ContentsPanel(Document& document, QWidget* parent)
    : QTreeWidget(parent)
    , document_(document) {
    setHeaderHidden(true);
    setFrameShape(QFrame::NoFrame);
    setIndentation(10);
    setRootIsDecorated(false);
    setItemsExpandable(false);
    setAccessibleName(tr("Contents of the study"));
    setStyleSheet(QStringLiteral(
                      "QTreeWidget { background: %1; } QTreeWidget::item { padding: 3px 2px; border: none; color: %4; }"
                      "QTreeWidget::item:selected { background: %2; color: %3; }")
                      .arg(look().margin.name(), look().follows_wash.name(), look().ink.name(), look().ink.name()));
    connect(&document, &Document::study_changed, this, &ContentsPanel::rebuild);
    connect(&document, &Document::results_changed, this, &ContentsPanel::rebuild);
    connect(this, &QTreeWidget::currentItemChanged, this, [this](QTreeWidgetItem* item) {
        const QString id = item == nullptr ? QString() : item->data(0, id_role).toString();
        if (!id.isEmpty()) {
            Q_EMIT table_chosen(Id(id.toStdString()));
        }
    });
    rebuild();
}

void ContentsPanel::rebuild() {
    const QSignalBlocker quiet(this);
    clear();
    const auto group = [this](const QString& name) {
        auto* item = new QTreeWidgetItem(this, {name});
        item->setFlags(Qt::ItemIsEnabled);
        item->setFont(0, look().text(8.5, true));
        item->setForeground(0, look().faint_ink);
        return item;
    };
    QTreeWidgetItem* tables = group(tr("Tables"));
    for (const auto& table : document_.study().tables) {
        auto* item = new QTreeWidgetItem(tables, {QString::fromStdString(table->shown_label())});
        item->setIcon(0, drawn_icon(QStringLiteral("table")));
        item->setData(0, id_role, QString::fromStdString(table->id.str()));
        if (table->id == current_) {
            setCurrentItem(item);
        }
    }
    if (!document_.study().checks.empty()) {
        QTreeWidgetItem* checks = group(tr("Checks"));
        for (const auto& check : document_.study().checks) {
            const Value value = document_.results().single(check->id);
            const bool holds = value.plain() && value.yes();
            const QString label = QString::fromStdString(check->label);
            auto* item = new QTreeWidgetItem(checks, {label});
            item->setData(0, Qt::AccessibleTextRole, holds ? tr("%1, holds").arg(label) : tr("%1, broken").arg(label));
            item->setIcon(0, drawn_icon(holds ? QStringLiteral("holds") : QStringLiteral("broken")));
            item->setForeground(0, holds ? look().ink : look().fault);
            const QString state = value.is_fault() ? Document::translated(explain(document_.study(), value.fault()))
                                  : holds          ? tr("holds")
                                                   : QString::fromStdString(check->message);
            item->setToolTip(0, QString::fromStdString(check->condition.text()) + QStringLiteral("\n") + state);
            item->setData(0, id_role, QString::fromStdString(check->table.str()));
        }
    }
    expandAll();
    if (document_.study().table(current_) == nullptr) {
        setCurrentItem(nullptr);
    }
}

void ContentsPanel::show_current(Id table) {
    current_ = table;
    rebuild();
}

} // namespace ledgefall

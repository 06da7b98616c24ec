// The kept runs among the contents.

#include "app/contents/contents_panel.h"
#include "app/contents/contents_roles.h"
#include "app/document/run_text.h"
#include "app/theme/theme.h"
#include "core/runs/edit_runs.h"

#include <QHelpEvent>

namespace ledgefall {

/// A tick says that charts draw it.
void ContentsPanel::add_runs(QTreeWidgetItem& runs) {
    runs.setToolTip(0, tr("Ticked runs are drawn paler in the charts of their columns"));
    const QStringList names = run_names(document_.study());
    for (qsizetype at = 0; at < names.size(); ++at) {
        const Run& run = *document_.study().runs[static_cast<std::size_t>(at)];
        auto* item = new QTreeWidgetItem(&runs, {names[at]});
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable);
        item->setCheckState(0, run.drawn ? Qt::Checked : Qt::Unchecked);
        item->setData(0, run_role, QString::fromStdString(run.id.str()));
        item->setData(0, Qt::AccessibleTextRole, tr("run %1").arg(names[at]));
    }
}

/// An entry was ticked, or its name was typed.
void ContentsPanel::change_run(QTreeWidgetItem& item) {
    const Id id = run_of(&item);
    const Run* run = document_.study().run(id);
    if (run == nullptr) {
        return;
    }
    const bool drawn = item.checkState(0) == Qt::Checked;
    const QString typed = item.text(0).trimmed();
    // The entries are made anew by every change, and this one is still in use by whoever has changed it.
    if (drawn != run->drawn) {
        QMetaObject::invokeMethod(
            this, [this, id, drawn] { document_.perform(tr("drawing a run"), draw_run(document_.study(), id, drawn)); },
            Qt::QueuedConnection);
    } else if (typed != run_name(document_.study(), id)) {
        QMetaObject::invokeMethod(
            this,
            [this, id, typed] {
                if (!document_.perform(tr("renaming a run"), rename_run(document_.study(), id, typed.toStdString()))) {
                    shown_.clear();
                    rebuild();
                }
            },
            Qt::QueuedConnection);
    }
}

void ContentsPanel::fill_run_menu(QMenu& menu, QTreeWidgetItem& item) {
    const Id id = run_of(&item);
    menu.addAction(drawn_icon(QStringLiteral("undo")), tr("Restore run"), this,
                   [this, id] { Q_EMIT run_restore_wanted(id); });
    menu.addAction(tr("Rename run"), this, [this, item = &item] { editItem(item); });
    menu.addAction(tr("Make a table of runs"), this, [this] { Q_EMIT run_list_wanted(); });
    menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Remove run"), this,
                   [this, id] { document_.perform(tr("removing a run"), remove_run(document_.study(), id)); });
}

/// While the focus is elsewhere, a screen reader hears nothing of it.
void ContentsPanel::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    if (hasFocus()) {
        QTreeWidget::currentChanged(current, previous);
    } else {
        // NOLINTNEXTLINE(bugprone-parent-virtual-call): the class between announces the row
        QAbstractItemView::currentChanged(current, previous);
    }
}

/// What is told of a run is put together only when it is asked for.
bool ContentsPanel::viewportEvent(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        QTreeWidgetItem* item = itemAt(static_cast<QHelpEvent*>(event)->pos());
        if (const Id run = run_of(item); !run.empty()) {
            const QSignalBlocker quiet(this);
            item->setToolTip(0, run_described(document_.study(), run).join(QLatin1Char('\n')));
        }
    }
    return QTreeWidget::viewportEvent(event);
}

} // namespace ledgefall

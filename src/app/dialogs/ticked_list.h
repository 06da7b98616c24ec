#pragma once

#include <QListWidget>

#include <string>
#include <vector>

namespace ledgefall {

/// An entry with a box that can be ticked; `id` is what it stands for.
inline void add_ticked(QListWidget* list, const QString& text, const QString& id, bool on) {
    auto* item = new QListWidgetItem(text, list);
    item->setData(Qt::UserRole, id);
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
    item->setCheckState(on ? Qt::Checked : Qt::Unchecked);
}

/// What the ticked entries stand for.
inline std::vector<std::string> ticked(const QListWidget* list) {
    std::vector<std::string> ids;
    for (int row = 0; row < list->count(); ++row) {
        if (list->item(row)->checkState() == Qt::Checked) {
            ids.push_back(list->item(row)->data(Qt::UserRole).toString().toStdString());
        }
    }
    return ids;
}

} // namespace ledgefall

#pragma once

#include "core/value/text.h"

#include <QTreeWidgetItem>

namespace ledgefall {

// Under which role an entry of the contents keeps the id of what it stands for.
constexpr int id_role = Qt::UserRole + 1; ///< of a table
constexpr int check_role = Qt::UserRole + 2;
constexpr int chart_role = Qt::UserRole + 3;
constexpr int run_role = Qt::UserRole + 4;

/// The run that an entry stands for; empty for others, and for null.
inline Id run_of(const QTreeWidgetItem* item) {
    return item == nullptr ? Id() : Id(item->data(0, run_role).toString().toStdString());
}

} // namespace ledgefall

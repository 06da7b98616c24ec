#pragma once

#include <QApplication>

namespace ledgefall {

/// Lets a filter see all events of the application; once, however often it is called with the same name.
template <class Filter>
void install_application_filter(const QString& name) {
    if (qApp->findChild<QObject*>(name, Qt::FindDirectChildrenOnly) == nullptr) {
        auto* filter = new Filter(qApp);
        filter->setObjectName(name);
        qApp->installEventFilter(filter);
    }
}

} // namespace ledgefall

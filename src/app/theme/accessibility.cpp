#include "app/theme/accessibility.h"

#include <QAccessibleWidget>
#include <QComboBox>

namespace ledgefall {
namespace {

constexpr const char* is_a_panel = "is a panel";

} // namespace

Announcements& announcements() {
    static Announcements all;
    return all;
}

void announce(QWidget& label) {
    const QVariant text = label.property("text");
    Q_EMIT announcements().said(label.accessibleName().isEmpty() ? text.toString() : label.accessibleName());
    for (const QAccessible::Event event : {QAccessible::NameChanged, QAccessible::Alert}) {
        QAccessibleEvent news(&label, event);
        QAccessible::updateAccessibility(&news);
    }
}

void name_panel(QWidget& panel, const QString& name) {
    [[maybe_unused]] static const bool once = [] {
        QAccessible::installFactory([](const QString&, QObject* object) -> QAccessibleInterface* {
            const bool is_panel = object->isWidgetType() && object->property(is_a_panel).toBool();
            return is_panel ? new QAccessibleWidget(static_cast<QWidget*>(object), QAccessible::Grouping) : nullptr;
        });
        return true;
    }();
    panel.setProperty(is_a_panel, true);
    panel.setAccessibleName(name);
}

void name_field(QWidget& field, const QString& name) {
    field.setAccessibleName(name);
    if (qobject_cast<QComboBox*>(&field) != nullptr) {
        auto* label = new QLabel(name, field.parentWidget());
        label->hide();
        label->setBuddy(&field);
    }
}

} // namespace ledgefall

#include "app/theme/tab_order.h"

#include <QLayout>
#include <QScrollArea>
#include <QSplitter>

namespace ledgefall {
namespace {

void collect(QLayout* layout, QList<QWidget*>& out);

void collect(QWidget& widget, QList<QWidget*>& out) {
    if ((widget.focusPolicy() & Qt::TabFocus) != 0) {
        out << &widget;
    }
    if (auto* scroll = qobject_cast<QScrollArea*>(&widget); scroll != nullptr && scroll->widget() != nullptr) {
        collect(*scroll->widget(), out);
    } else if (auto* splitter = qobject_cast<QSplitter*>(&widget)) {
        for (int at = 0; at < splitter->count(); ++at) {
            collect(*splitter->widget(at), out);
        }
    } else {
        collect(widget.layout(), out);
    }
}

void collect(QLayout* layout, QList<QWidget*>& out) {
    for (int at = 0; layout != nullptr && at < layout->count(); ++at) {
        QLayoutItem* item = layout->itemAt(at);
        if (item->widget() != nullptr) {
            collect(*item->widget(), out);
        } else {
            collect(item->layout(), out);
        }
    }
}

} // namespace

QList<QWidget*> in_order_of_layout(QWidget& part) {
    QList<QWidget*> out;
    collect(part, out);
    return out;
}

void order_tabs(QDialog& dialog) {
    const QList<QWidget*> parts = in_order_of_layout(dialog);
    for (qsizetype at = 1; at < parts.size(); ++at) {
        QWidget::setTabOrder(parts[at - 1], parts[at]);
    }
}

} // namespace ledgefall

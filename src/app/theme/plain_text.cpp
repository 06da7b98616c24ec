#include "app/theme/plain_text.h"

#include <QApplication>
#include <QEvent>
#include <QLabel>

namespace ledgefall {
namespace {

/// A label is polished before it is laid out or painted for the first time; tooltips and message boxes are labels too.
class PlainLabels : public QObject {
  public:
    using QObject::QObject;

    bool eventFilter(QObject* watched, QEvent* event) override {
        auto* label = event->type() == QEvent::Polish ? qobject_cast<QLabel*>(watched) : nullptr;
        if (label != nullptr && label->textFormat() == Qt::AutoText) {
            label->setTextFormat(Qt::PlainText);
        }
        return false;
    }
};

} // namespace

void show_texts_as_they_are(QApplication& application) {
    application.installEventFilter(new PlainLabels(&application));
}

} // namespace ledgefall

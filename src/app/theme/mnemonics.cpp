#include "app/theme/mnemonics.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDialog>
#include <QEvent>
#include <QLabel>
#include <QMenu>
#include <QSet>

#include <functional>

namespace ledgefall {
namespace {

/// Something with a text that can have a mnemonic.
struct Lettered {
    QString text;
    std::function<void(const QString&)> set;
};

QList<Lettered> entries_of(const QMenu& menu) {
    QList<Lettered> all;
    for (QAction* action : menu.actions()) {
        if (action->isVisible() && !action->isSeparator()) {
            all.append({action->text(), [action](const QString& text) { action->setText(text); }});
        }
    }
    return all;
}

QList<Lettered> parts_of(const QWidget& dialog) {
    QList<Lettered> all;
    for (QWidget* part : dialog.findChildren<QWidget*>()) {
        auto* button = qobject_cast<QAbstractButton*>(part);
        auto* label = qobject_cast<QLabel*>(part);
        if (part->isHidden() || part->window() != &dialog) {
            continue;
        }
        if (button != nullptr && !button->text().isEmpty()) {
            all.append({button->text(), [button](const QString& text) { button->setText(text); }});
        } else if (label != nullptr && label->buddy() != nullptr) {
            all.append({label->text(), [label](const QString& text) { label->setText(text); }});
        }
    }
    return all;
}

/// Where the mark of a text stands; `&&` is a sign of the text.
qsizetype mark_in(const QString& text) {
    for (qsizetype at = 0; at + 1 < text.size(); ++at) {
        if (text[at] == u'&') {
            if (text[at + 1] != u'&') {
                return at;
            }
            ++at;
        }
    }
    return -1;
}

/// Where a mark can go: before a free letter, at the beginning of a word if possible.
qsizetype free_place(const QString& text, const QSet<QChar>& taken) {
    qsizetype inside = -1;
    const qsizetype end = text.contains(u'\t') ? text.indexOf(u'\t') : text.size();
    for (qsizetype at = 0; at < end; ++at) {
        if (!text[at].isLetterOrNumber() || taken.contains(text[at].toLower())) {
            continue;
        }
        if (at == 0 || !text[at - 1].isLetterOrNumber()) {
            return at;
        }
        inside = inside < 0 ? at : inside;
    }
    return inside;
}

class MnemonicGiver : public QObject {
  public:
    using QObject::QObject;

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Show && (qobject_cast<QMenu*>(watched) || qobject_cast<QDialog*>(watched))) {
            give_mnemonics(*static_cast<QWidget*>(watched));
        }
        return false;
    }
};

} // namespace

void give_mnemonics() {
    const QString name = QStringLiteral("mnemonics");
    if (qApp->findChild<QObject*>(name, Qt::FindDirectChildrenOnly) == nullptr) {
        auto* giver = new MnemonicGiver(qApp);
        giver->setObjectName(name);
        qApp->installEventFilter(giver);
    }
}

void give_mnemonics(QWidget& window) {
    const auto* menu = qobject_cast<const QMenu*>(&window);
    QList<Lettered> parts = menu != nullptr ? entries_of(*menu) : parts_of(window);
    QSet<QChar> taken;
    QList<Lettered*> without;
    for (Lettered& part : parts) {
        const qsizetype mark = mark_in(part.text);
        const QChar letter = mark < 0 ? QChar() : part.text[mark + 1].toLower();
        if (mark >= 0 && !taken.contains(letter)) {
            taken.insert(letter);
            continue;
        }
        if (mark >= 0) { // another has it
            part.text.remove(mark, 1);
        }
        without.append(&part);
    }
    for (Lettered* part : without) {
        const qsizetype place = free_place(part->text, taken);
        if (place >= 0) {
            taken.insert(part->text[place].toLower());
            part->text.insert(place, u'&');
        }
        part->set(part->text);
    }
}

} // namespace ledgefall

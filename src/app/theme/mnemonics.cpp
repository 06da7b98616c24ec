#include "app/theme/mnemonics.h"

#include "app/theme/application_filter.h"
#include "app/theme/dialog_room.h"
#include "app/theme/tab_order.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDialog>
#include <QEvent>
#include <QLabel>
#include <QMap>
#include <QMenu>
#include <QSet>

#include <functional>

namespace ledgefall {
namespace {

/// Something with a text that can have a mnemonic.
struct MnemonicText {
    QString text;
    std::function<void(const QString&)> set;
};

QList<MnemonicText> entries_of(const QMenu& menu) {
    QList<MnemonicText> all;
    for (QAction* action : menu.actions()) {
        if (action->isVisible() && !action->isSeparator()) {
            all.append({action->text(), [action](const QString& text) { action->setText(text); }});
        }
    }
    return all;
}

QList<MnemonicText> parts_of(const QWidget& dialog) {
    QList<MnemonicText> all;
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

/// Where a letter is marked: at the beginning of a word if it is there.
qsizetype place_of(const QString& text, QChar letter) {
    qsizetype inside = -1;
    for (qsizetype at = 0; at < text.size(); ++at) {
        if (text[at].toLower() == letter) {
            if (at == 0 || !text[at - 1].isLetterOrNumber()) {
                return at;
            }
            inside = inside < 0 ? at : inside;
        }
    }
    return inside;
}

/// The letters by which a text can be known, the best first: the one that is marked, those that begin words, the
/// others.
QString letters_of(const QString& text, qsizetype mark) {
    const qsizetype end = text.contains(u'\t') ? text.indexOf(u'\t') : text.size();
    QString beginning;
    QString inside;
    for (qsizetype at = 0; at < end; ++at) {
        if (text[at].isLetterOrNumber()) {
            const bool begins = at == 0 || !text[at - 1].isLetterOrNumber();
            (begins ? beginning : inside) += text[at].toLower();
        }
    }
    return (mark < 0 ? QString() : QString(text[mark].toLower())) + beginning + inside;
}

/// Gives each text a letter that no other has, as far as there are enough: one that has a letter gives it up for a text
/// that has no other, where it has another one itself.
class MnemonicAssignment {
  public:
    explicit MnemonicAssignment(const QStringList& letters)
        : letters_(letters) {
        for (qsizetype text = 0; text < letters.size(); ++text) {
            QSet<QChar> asked;
            (void)find(text, asked);
        }
    }

    QChar of(qsizetype text) const { return owners_.key(text); }

  private:
    bool find(qsizetype text, QSet<QChar>& asked) {
        for (const QChar letter : letters_[text]) {
            if (asked.contains(letter)) {
                continue;
            }
            asked.insert(letter);
            if (!owners_.contains(letter) || find(owners_[letter], asked)) {
                owners_[letter] = text;
                return true;
            }
        }
        return false;
    }

    const QStringList& letters_;
    QMap<QChar, qsizetype> owners_;
};

class MenuAndDialogFilter : public QObject {
  public:
    using QObject::QObject;

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() != QEvent::Show) {
            return false;
        }
        auto* dialog = qobject_cast<QDialog*>(watched);
        if (dialog != nullptr || qobject_cast<QMenu*>(watched) != nullptr) {
            give_mnemonics(*static_cast<QWidget*>(watched));
        }
        if (dialog != nullptr) {
            fit_to_screen(*dialog);
            order_tabs(*dialog);
        }
        return false;
    }
};

} // namespace

void prepare_menus_and_dialogs() {
    install_application_filter<MenuAndDialogFilter>(QStringLiteral("menus and dialogs"));
}

void give_mnemonics(QWidget& window) {
    const auto* menu = qobject_cast<const QMenu*>(&window);
    QList<MnemonicText> parts = menu != nullptr ? entries_of(*menu) : parts_of(window);
    QStringList letters;
    for (MnemonicText& part : parts) {
        const qsizetype mark = mark_in(part.text);
        if (mark >= 0) {
            part.text.remove(mark, 1);
        }
        letters << letters_of(part.text, mark);
    }
    const MnemonicAssignment choice(letters);
    for (qsizetype at = 0; at < parts.size(); ++at) {
        const QChar letter = choice.of(at);
        const qsizetype place = letter.isNull() ? -1 : place_of(parts[at].text, letter);
        parts[at].set(place < 0 ? parts[at].text : QString(parts[at].text).insert(place, u'&'));
    }
}

} // namespace ledgefall

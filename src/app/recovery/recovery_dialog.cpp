#include "app/recovery/recovery_dialog.h"

#include "app/document/document.h"

#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

RecoveryDialog::RecoveryDialog(const RecoveredStudy& recovered, const Study& study, const RecoveredStudy::File& file,
                               QWidget* parent)
    : QDialog(parent)
    , text_(new QLabel(this)) {
    setWindowTitle(tr("Unsaved work was recovered"));
    const auto time = [](const QDateTime& when) { return QLocale().toString(when, QLocale::ShortFormat); };
    const QString& path = recovered.state.path;
    QStringList lines{tr("“%1”, last changed %2, was not saved when its window closed.")
                          .arg(recovered.state.title, time(recovered.written))};
    if (file.exists) {
        lines << tr("Its file is %1.").arg(path);
        if (file.changed) {
            lines << tr("The file has been changed since then by another program or window, last %1. Keep both, unless "
                        "you know that one of them is not needed.")
                         .arg(time(file.written));
        }
        lines << tr("Compared with the file: %1").arg(Document::translated(file.differences));
    } else {
        std::size_t cells = 0;
        for (const auto& table : study.tables) {
            for (const auto& column : table->columns) {
                cells += column->cells->size();
            }
        }
        lines << (path.isEmpty() ? tr("It had no file yet.") : tr("Its file, %1, no longer exists.").arg(path));
        lines << tr("Tables: %1. Typed cells: %2.").arg(study.tables.size()).arg(cells);
    }
    if (!recovered.state.typed.text.isEmpty()) {
        lines << tr("This was being typed: %1").arg(recovered.state.typed.text);
    }
    text_->setText(lines.join(QLatin1Char('\n')));
    text_->setWordWrap(true);
    text_->setMinimumWidth(460);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(text_);
    const auto offer = [&](const QString& text, Choice choice) {
        auto* button = new QPushButton(text, this);
        connect(button, &QPushButton::clicked, this, [this, choice] { choose(choice); });
        layout->addWidget(button);
        return button;
    };
    QPushButton* open = offer(tr("Open the recovered study"), Choice::recovered);
    QPushButton* both =
        file.exists ? offer(tr("Keep both: open it as a new study, and leave the file unchanged"), Choice::both) : open;
    (file.changed ? both : open)->setDefault(true);
    offer(file.exists ? tr("Keep the file, and discard the recovered study") : tr("Discard the recovered study"),
          Choice::file);
    offer(tr("Decide later"), Choice::later);
}

void RecoveryDialog::choose(Choice choice) {
    choice_ = choice;
    choice == Choice::later ? reject() : accept();
}

} // namespace ledgefall

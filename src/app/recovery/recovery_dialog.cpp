#include "app/recovery/recovery_dialog.h"

#include "app/document/document.h"
#include "core/study/model/study_difference.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QFileInfo>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {

RecoveryDialog::RecoveryDialog(const RecoveredStudy& recovered, const Study& study, QWidget* parent)
    : QDialog(parent)
    , text_(new QLabel(this)) {
    setWindowTitle(tr("Unsaved work was recovered"));
    const bool has_file = !recovered.path.isEmpty() && QFileInfo::exists(recovered.path);
    QStringList lines{tr("“%1”, last changed %2, was not saved when its window closed.")
                          .arg(recovered.title, QLocale().toString(recovered.written, QLocale::ShortFormat))};
    if (has_file) {
        const Result<std::string> bytes = read_file(recovered.path.toStdString());
        const Result<Study> in_file = bytes ? read_study(*bytes) : Result<Study>(bytes.refusal());
        lines << tr("Its file is %1.").arg(recovered.path);
        lines << (in_file ? tr("Compared with the file: %1")
                                .arg(Document::translated(difference_of(*in_file, study).in_words()))
                          : Document::translated(in_file.refusal()));
    } else {
        std::size_t cells = 0;
        for (const auto& table : study.tables) {
            for (const auto& column : table->columns) {
                cells += column->cells->size();
            }
        }
        lines << (recovered.path.isEmpty() ? tr("It had no file yet.")
                                           : tr("Its file, %1, no longer exists.").arg(recovered.path));
        lines << tr("Tables: %1. Typed cells: %2.").arg(study.tables.size()).arg(cells);
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
    offer(tr("Open the recovered study"), Choice::recovered)->setDefault(true);
    if (has_file) {
        offer(tr("Keep both: open it as a new study, and leave the file unchanged"), Choice::both);
    }
    offer(has_file ? tr("Keep the file, and discard the recovered study") : tr("Discard the recovered study"),
          Choice::file);
    offer(tr("Decide later"), Choice::later);
}

void RecoveryDialog::choose(Choice choice) {
    choice_ = choice;
    choice == Choice::later ? reject() : accept();
}

} // namespace ledgefall

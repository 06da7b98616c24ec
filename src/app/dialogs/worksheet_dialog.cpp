#include "app/dialogs/worksheet_dialog.h"

#include "app/document/document.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

using Line = WorksheetReport::Line;

/// The lines of one kind under their heading: place and sentence side by side.
QString section(const WorksheetReport& report, Line::Is is, const QString& heading) {
    QString rows;
    for (const Line& line : report.lines) {
        if (line.is == is) {
            rows += QStringLiteral(
                        "<tr><td style=\"padding-right: 14px; white-space: nowrap\"><b>%1</b></td><td>%2</td></tr>")
                        .arg(QString::fromStdString(line.place).toHtmlEscaped(),
                             Document::translated(line.what).toHtmlEscaped());
        }
    }
    return rows.isEmpty() ? QString()
                          : QStringLiteral("<h3>%1</h3><table cellspacing=\"4\">%2</table>").arg(heading, rows);
}

} // namespace

WorksheetDialog::WorksheetDialog(const WorksheetStudy& recovered, const QString& name, bool may_add, QWidget* parent)
    : QDialog(parent)
    , report_(new QTextBrowser(this)) {
    setWindowTitle(tr("Contents of %1").arg(name));
    resize(theme().px(820), theme().px(560));
    const WorksheetReport& report = recovered.report;
    auto* summary = new QLabel(tr("Tables: %1. Held values: %2. Formulas recovered: %3.")
                                   .arg(recovered.study.tables.size())
                                   .arg(recovered.study.ledge.size())
                                   .arg(report.count(Line::Is::recovered)),
                               this);
    const std::size_t slips = report.count(Line::Is::slip);
    auto* advice = new QLabel(slips == 0 ? tr("No likely mistakes were found.")
                                         : tr("Likely mistakes: %1. They are listed first.").arg(slips),
                              this);
    if (const std::size_t left_out = report.count(Line::Is::left_out); left_out > 0) {
        advice->setText(tr("Parts left out: %1. Likely mistakes: %2.").arg(left_out).arg(slips));
    }
    advice->setWordWrap(true);
    report_->setAccessibleName(tr("What was found"));
    report_->setHtml(
        section(report, Line::Is::left_out, tr("Left out")) + section(report, Line::Is::slip, tr("To check")) +
        section(report, Line::Is::difference, tr("Values that differ from their formulas")) +
        section(report, Line::Is::not_said, tr("Kept as values")) +
        section(report, Line::Is::recovered, tr("Formulas")) + section(report, Line::Is::note, tr("Notes")));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    QPushButton* take = buttons->addButton(tr("Open as a study"), QDialogButtonBox::AcceptRole);
    QPushButton* usual = take;
    if (may_add) {
        usual = buttons->addButton(tr("Add tables to this study"), QDialogButtonBox::AcceptRole);
    }
    connect(buttons, &QDialogButtonBox::clicked, this,
            [this, take](const QAbstractButton* pressed) { adds_ = pressed != take; });
    usual->setDefault(true);
    usual->setFocus();
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(summary);
    layout->addWidget(advice);
    layout->addWidget(report_, 1);
    layout->addWidget(buttons);
}

} // namespace ledgefall

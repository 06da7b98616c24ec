#include "app/shell/formula_page.h"

#include "app/dialogs/prompts.h"
#include "app/numbers/formula_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/engine/planning/plan.h"

#include <QDialogButtonBox>
#include <QFileInfo>
#include <QPrintDialog>
#include <QPrinter>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

/// Ink on white paper, whatever the window looks like: what stays is underlined.
QString on_paper(const ReadableFormula& formula) {
    QString out;
    int at = 0;
    for (const auto& range : formula.formats) {
        out += formula.text.mid(at, range.start - at).toHtmlEscaped();
        const QString name = formula.text.mid(range.start, range.length).toHtmlEscaped();
        const bool stays = range.format.underlineStyle() != QTextCharFormat::NoUnderline;
        out += stays ? QStringLiteral("<u style='color:#8F4E12'>%1</u>").arg(name)
                     : QStringLiteral("<span style='color:#176C8C'>%1</span>").arg(name);
        at = range.start + range.length;
    }
    return out + formula.text.mid(at).toHtmlEscaped();
}

class Writer {
  public:
    explicit Writer(const Document& document)
        : document_(document) {}

    QString page() {
        const Study& study = document_.study();
        out_ = QStringLiteral("<h2>%1</h2>").arg(document_.title().toHtmlEscaped());
        if (!study.ledge.empty()) {
            heading(FormulaPage::tr("Ledge"), {});
            held_values(study.ledge, nullptr);
            end();
        }
        for (const auto& table : study.tables) {
            write(*table);
        }
        if (!study.checks.empty()) {
            heading(FormulaPage::tr("Checks"), {});
            for (const auto& check : study.checks) {
                const Table* own = check->table.empty() ? nullptr : study.table(check->table);
                const Value value = document_.results().single(check->id);
                row(QString::fromStdString(check->label), on_paper(readable(check->condition, study, own)),
                    value.plain() && value.yes() ? FormulaPage::tr("holds") : FormulaPage::tr("fails"));
            }
            end();
        }
        for (const auto& chart : study.charts) {
            write(*chart);
        }
        return out_;
    }

  private:
    /// The numbers of a chart that are formulas, where it has any.
    void write(const Chart& chart) {
        const Study& study = document_.study();
        bool begun = false;
        for_each_number(chart, [&](const Formula& number, std::size_t place) {
            if (number.empty()) {
                return;
            }
            if (!begun) {
                heading(FormulaPage::tr("Chart: %1").arg(QString::fromStdString(chart.label)), {});
                begun = true;
            }
            const Value value = document_.results().single(DefinitionId::chart_number(chart.id, place));
            row(place < 2   ? FormulaPage::tr("end of the x axis")
                : place < 4 ? FormulaPage::tr("end of the y axis")
                            : FormulaPage::tr("number of a reference"),
                on_paper(readable(number, study, chart.table.empty() ? nullptr : study.table(chart.table))),
                value_text(value, {}));
        });
        if (begun) {
            end();
        }
    }

    void heading(const QString& text, const QString& note) {
        out_ += QStringLiteral("<h3>%1</h3>").arg(text.toHtmlEscaped());
        if (!note.isEmpty()) {
            out_ += QStringLiteral("<p>%1</p>").arg(note.toHtmlEscaped());
        }
        out_ += QStringLiteral("<table cellpadding='3' width='100%'>");
    }
    void end() { out_ += QStringLiteral("</table>"); }

    void row(const QString& name, const QString& formula, const QString& value) {
        out_ +=
            QStringLiteral("<tr><td width='26%'><b>%1</b></td><td width='54%'>%2</td><td align='right'>%3</td></tr>")
                .arg(name.toHtmlEscaped(), formula, value.toHtmlEscaped());
    }

    static QString named(const std::string& name, const std::string& unit) {
        return QString::fromStdString(unit.empty() ? name : name + " [" + unit + "]");
    }

    void held_values(const std::vector<Shared<HeldValue>>& ledge, const Table* own) {
        for (const auto& held : ledge) {
            const QString formula = held->formula.empty() ? FormulaPage::tr("given")
                                                          : on_paper(readable(held->formula, document_.study(), own));
            row(named(held->left_side(), held->unit), formula, document_.single_text(held->id, held->format));
        }
    }

    void write(const Table& table) {
        heading(QString::fromStdString(table.shown_label()), QString::fromStdString(table.note));
        held_values(table.ledge, &table);
        for (const auto& column : table.columns) {
            QString formula = FormulaPage::tr("given");
            if (column->computed()) {
                formula = on_paper(readable(column->pieces.front().formula, document_.study(), &table));
            }
            const auto overrides = column->overrides->size();
            row(named(column->name, column->unit), formula,
                overrides == 0 ? QString() : FormulaPage::tr("overridden: %1").arg(overrides));
        }
        for (const auto& line : table.foot) {
            row(FormulaPage::tr("foot, %1").arg(QString::fromStdString(line->label)),
                on_paper(readable(line->formula, document_.study(), &table)), {});
        }
        end();
    }

    const Document& document_;
    QString out_;
};

} // namespace

FormulaPage::FormulaPage(const Document& document, QWidget* parent)
    : QDialog(parent)
    , page_(new QTextDocument(this)) {
    setWindowTitle(tr("All formulas"));
    resize(theme().px(760), theme().px(620));
    page_->setDefaultFont(theme().text(10));
    page_->setHtml(Writer(document).page());
    auto* shown = new QTextBrowser(this);
    shown->setDocument(page_);
    shown->setAccessibleName(tr("All formulas of the study"));
    shown->setStyleSheet(QStringLiteral("QTextBrowser { background: white; color: #26303B; }"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(buttons->addButton(tr("&Print…"), QDialogButtonBox::ActionRole), &QPushButton::clicked, this,
            &FormulaPage::print);
    connect(buttons->addButton(tr("&Save…"), QDialogButtonBox::ActionRole), &QPushButton::clicked, this,
            &FormulaPage::save);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(shown);
    layout->addWidget(buttons);
}

Result<Saved> FormulaPage::write(const QString& path) const {
    if (QFileInfo(path).suffix().toLower() == QStringLiteral("html")) {
        return write_file(path.toStdString(), page_->toHtml().toStdString());
    }
    const QTemporaryDir folder; // the printer writes into a file by itself, and not whole or not at all
    const QString printed = folder.filePath(QStringLiteral("page.pdf"));
    QPrinter printer(QPrinter::HighResolution);
    printer.setOutputFormat(QPrinter::PdfFormat);
    printer.setOutputFileName(printed);
    page_->print(&printer);
    const Result<std::string> bytes = read_file(printed.toStdString());
    return bytes ? write_file(path.toStdString(), *bytes) : Result<Saved>(bytes.refusal());
}

void FormulaPage::print() {
    QPrinter printer(QPrinter::HighResolution);
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() == QDialog::Accepted) {
        page_->print(&printer);
    }
}

void FormulaPage::save() {
    const QString path =
        ask_save_path(this, tr("Save page"), QStringLiteral("formulas.pdf"), tr("PDF (*.pdf);;HTML (*.html)"),
                      {QStringLiteral("pdf"), QStringLiteral("html")});
    if (path.isEmpty()) {
        return;
    }
    if (const auto saved = write(path); !saved) {
        ask_choice(this, tr("Save page"), Document::translated(saved.refusal()), {tr("Dismiss")});
    }
}

} // namespace ledgefall

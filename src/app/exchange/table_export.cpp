#include "app/exchange/table_export.h"

#include "app/charts/chart_files.h"
#include "app/dialogs/export_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/exchange/format_filters.h"
#include "app/numbers/locale_text.h"

#include <QFileInfo>

namespace ledgefall {

TableExport::TableExport(Document& document, QWidget* window)
    : QObject(window)
    , document_(document)
    , window_(window) {}

ExportOptions usual_choice(const FileFormat& format) {
    ExportOptions choice;
    choice.delimiter = format.delimiter.value_or(choice.delimiter);
    return choice;
}

void TableExport::choose(const Id& table) {
    const QString begun = QString::fromStdString(document_.study().table(table)->name) + QStringLiteral(".csv");
    const QString path =
        ask_save_path(window_, tr("Export this table"), begun, format_filters(&FileFormat::write_columns),
                      format_suffixes(&FileFormat::write_columns));
    if (!path.isEmpty()) { // the table that is shown now, whatever is shown when its results are there
        document_.when_current(this, tr("the export to %1").arg(QFileInfo(path).fileName()), [this, path, table] {
            if (const auto choice = ask(path, table)) {
                write(path, table, *choice);
            }
        });
    }
}

/// How a table is to be written; nothing where it is left.
std::optional<ExportOptions> TableExport::ask(const QString& path, const Id& table) {
    const FileFormat& format = format_of(path.toStdString());
    const ExportOptions usual = usual_choice(format);
    const bool two_way = document_.study().table(table) != nullptr && document_.study().table(table)->two_way();
    if (format.write_columns == nullptr || (!format.may_round && !two_way)) {
        return usual;
    }
    const auto first = [this, &format, &table](const ExportOptions& choice) {
        constexpr std::size_t shown_rows = 8;
        LabelledColumns columns =
            columns_to_write(document_.study(), document_.results(), table, {choice, shown_rows, !format.delimiter});
        return QString::fromStdString(written_table(columns, format, choice));
    };
    ExportDialog dialog(usual, {format.delimiter.has_value(), format.may_round, two_way}, first, window_);
    return dialog.exec() == QDialog::Accepted ? std::optional(dialog.choice()) : std::nullopt;
}

void TableExport::choose_worksheet(const QString& proposed_path) {
    const QFileInfo proposed(proposed_path);
    const QString path =
        ask_save_path(window_, tr("Export study as a worksheet"),
                      proposed.path() + u'/' + proposed.completeBaseName() + QStringLiteral(" worksheet.ods"),
                      format_filters(&FileFormat::write_worksheet), format_suffixes(&FileFormat::write_worksheet));
    if (!path.isEmpty()) {
        document_.when_current(this, tr("the export to %1").arg(QFileInfo(path).fileName()),
                               [this, path] { write_worksheet(path); });
    }
}

namespace {

/// The charts of a study that is exported.
struct ChartsToPaint {
    QString path; ///< of the file
    std::shared_ptr<const Study> study;
    std::vector<FiguresPtr> figures;
    std::vector<ChartPicture> pictures; ///< painted so far
    std::function<void(const std::vector<ChartPicture>&)> done;
};

/// Paints charts, which only the interface's thread can do: one in the completion of each of as many tasks without
/// work, so that the window goes on and the whole stays one that can be stopped. Then calls `done`.
void paint_charts(Document& document, const std::shared_ptr<ChartsToPaint>& charts) {
    const std::size_t at = charts->pictures.size();
    if (at == charts->figures.size()) {
        return charts->done(charts->pictures);
    }
    const auto paint = [&document, charts, at](const TaskOutcome<bool>& turn) {
        if (!turn) {
            return document.refuse_about(charts->path, turn.why());
        }
        constexpr QSize shape(640, 420);
        const Chart& chart = *charts->study->charts[at];
        const QByteArray png =
            chart_picture(charts->figures[at], QString::fromStdString(chart.label), shape, PictureForm::png);
        const QSize size = chart_picture_size(shape);
        charts->pictures.push_back({chart.id, png.toStdString(), size.width(), size.height()});
        paint_charts(document, charts);
    };
    document.file_task().start(
        TableExport::tr("Drawing the charts…"), WhenStopped::leave, [] { return true; }, paint);
}

} // namespace

/// What the charts draw is computed by a task, the charts are painted, and a task writes all of it: of the study and
/// the results as they are now.
void TableExport::write_worksheet(const QString& path) {
    const FileFormat& format = format_of(path.toStdString());
    if (format.write_worksheet == nullptr) {
        document_.refuse({N_("The name of a worksheet must end in .ods or .xlsx."), {}});
        return;
    }
    const auto study = std::make_shared<const Study>(document_.study());
    const ResultsPtr results = document_.snapshot();
    const auto figures = [study, results](const StopToken& stop) -> Result<std::vector<FiguresPtr>> {
        std::vector<FiguresPtr> out;
        for (const auto& chart : study->charts) {
            out.push_back(figures_of(*study, results, *chart, stop));
        }
        return out;
    };
    const auto write = [this, path, study, results, &format](const std::vector<ChartPicture>& pictures) {
        write_file_of(path, [study, results, pictures, &format](std::vector<Sentence>& reports, const StopToken& stop) {
            return format.write_worksheet(*study, *results, pictures, reports, stop);
        });
    };
    document_.file_task().start(
        tr("Drawing the charts…"), WhenStopped::leave, figures,
        document_.or_refuse<std::vector<FiguresPtr>>(
            path, [this, path, study, write](const std::vector<FiguresPtr>& drawn) {
                paint_charts(document_, std::make_shared<ChartsToPaint>(ChartsToPaint{path, study, drawn, {}, write}));
            }));
}

void TableExport::write_file_of(const QString& path, const Writer& write) {
    struct Written {
        Result<Saved> saved;
        std::vector<Sentence> reports;
    };
    const auto work = [path = path.toStdString(), write](const StopToken& stop) -> Written {
        std::vector<Sentence> reports;
        const Result<std::string> bytes = write(reports, stop);
        stop.throw_if_stopped();
        return {bytes ? write_file(path, *bytes) : Result<Saved>(bytes.refusal()), reports};
    };
    document_.file_task().start(
        tr("Writing %1…").arg(QFileInfo(path).fileName()), WhenStopped::wait, work,
        [this, path](const TaskOutcome<Written>& written) {
            if (!written || !(*written).saved) {
                return document_.refuse_about(path, written ? (*written).saved.refusal() : written.why());
            }
            const QStringList reports = Document::translated((*written).reports);
            if (reports.isEmpty()) {
                Q_EMIT done(tr("All formulas were saved to %1.").arg(QFileInfo(path).fileName()));
            } else {
                Q_EMIT told(reports.join(u' '));
            }
        });
}

void TableExport::write(const QString& path, const Id& table, const ExportOptions& choice) {
    if (document_.study().table(table) == nullptr) {
        return document_.refuse({N_("The table has been removed, and nothing was written."), {}});
    }
    if (!document_.results_are_current()) {
        return document_.refuse(
            {N_("The results are still being computed, so nothing was exported. Export again when they are ready."),
             {}});
    }
    const FileFormat& format = format_of(path.toStdString());
    if (format.write_columns == nullptr) {
        return document_.refuse(
            {N_("A table cannot be exported as %1. Save the study instead."), {std::string(format.label)}});
    }
    const auto written = [study = document_.study(), results = document_.snapshot(), table, &format,
                          choice](const StopToken& stop) {
        const SpelledBy own(study.settings);
        return std::make_shared<const std::string>(written_table(
            columns_to_write(study, *results, table, {choice, {}, !format.delimiter}, stop), format, choice));
    };
    std::size_t faults = 0;
    for (const auto& column : document_.study().table(table)->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        faults += entry == nullptr ? 0 : entry->faults;
    }
    document_.write_aside(path, written, [this, faults](const Result<Saved>& saved) {
        if (!saved) {
            document_.refuse(saved.refusal());
        } else if (faults > 0) {
            Q_EMIT told(tr("Cells with errors were exported empty: %1.").arg(faults));
        }
    });
}

} // namespace ledgefall

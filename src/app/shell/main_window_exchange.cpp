// Files that come in from outside and tables that go out.

#include "app/charts/chart_files.h"
#include "app/dialogs/export_dialog.h"
#include "app/dialogs/import_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/numbers/locale_text.h"
#include "app/shell/format_filters.h"
#include "app/shell/main_window.h"
#include "app/shell/table_writing.h"
#include "core/study/edits/edits.h"
#include "files/formats/file_format.h"
#include "files/tables/delimited_columns.h"

#include <QFileInfo>

namespace ledgefall {
namespace {

WritingChoice usual_choice(const FileFormat& format) {
    WritingChoice choice;
    choice.delimiter = format.delimiter.value_or(choice.delimiter);
    return choice;
}

} // namespace

void MainWindow::choose_import() {
    const QString path = ask_open_path(this, tr("Import a table or a worksheet"),
                                       with_all_files(format_filters(&FileFormat::read_columns) + QStringLiteral(";;") +
                                                      format_filters(&FileFormat::read_worksheet)));
    if (!path.isEmpty()) {
        open_from_outside(path);
    }
}

void MainWindow::import_file(const QString& path, const Document::BytesPtr& bytes) {
    auto* dialog = new ImportDialog(*bytes, QFileInfo(path).completeBaseName(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog, path, bytes] {
        if (dialog->text()) {
            import_text(path, bytes, dialog->choice(), dialog->table_label(), dialog->shown_kinds());
        }
    });
    dialog->open();
}

/// The file is read once: what is shown of it before it is taken, and what is taken, are of the same bytes.
void MainWindow::open_from_outside(const QString& path) {
    if (format_of(path.toStdString()).read_study != nullptr) {
        return files_->open(path);
    }
    document_.read_bytes(path, [this, path](const Document::BytesPtr& bytes) {
        const FileFormat& format = format_of(path.toStdString(), *bytes);
        if (format.read_worksheet != nullptr) {
            files_->import_worksheet(path, bytes);
        } else if (format.read_study != nullptr) { // under another suffix
            files_->open(path);
        } else if (format.read_columns == nullptr) {
            document_.refuse({N_("%1: files of this kind are written and not read."), {path.toStdString()}});
        } else if (format.delimiter) { // how it is to be read is asked; other formats say it themselves
            import_file(path, bytes);
        } else {
            import_columns(path, bytes, QFileInfo(path).completeBaseName(), format.read_columns);
        }
    });
}

void MainWindow::choose_export() {
    const QString begun = QString::fromStdString(page()->model().table()->name) + QStringLiteral(".csv");
    const QString path = ask_save_path(this, tr("Export this table"), begun, format_filters(&FileFormat::write_columns),
                                       format_suffixes(&FileFormat::write_columns));
    if (!path.isEmpty()) { // the table that is shown now, whatever is shown when its results are there
        document_.when_current(this, tr("the export to %1").arg(QFileInfo(path).fileName()),
                               [this, path, table = page()->table_id()] {
                                   if (const auto choice = ask_writing(path, table)) {
                                       export_text(path, table, *choice);
                                   }
                               });
    }
}

/// How a table is to be written; nothing where it is left.
std::optional<WritingChoice> MainWindow::ask_writing(const QString& path, const Id& table) {
    const FileFormat& format = format_of(path.toStdString());
    const WritingChoice usual = usual_choice(format);
    const bool two_way = document_.study().table(table) != nullptr && document_.study().table(table)->two_way();
    if (format.write_columns == nullptr || (!format.may_round && !two_way)) {
        return usual;
    }
    const auto first = [this, &format, &table](const WritingChoice& choice) {
        constexpr std::size_t shown_rows = 8;
        LabelledColumns columns =
            columns_to_write(document_.study(), document_.results(), table, {choice, shown_rows, !format.delimiter});
        return QString::fromStdString(written_table(columns, format, choice));
    };
    ExportDialog dialog(usual, {format.delimiter.has_value(), format.may_round, two_way}, first, this);
    return dialog.exec() == QDialog::Accepted ? std::optional(dialog.choice()) : std::nullopt;
}

void MainWindow::choose_worksheet_export() {
    const QFileInfo proposed(files_->proposed_path());
    const QString path =
        ask_save_path(this, tr("Export the study as a worksheet"),
                      proposed.path() + u'/' + proposed.completeBaseName() + QStringLiteral(" worksheet.ods"),
                      format_filters(&FileFormat::write_worksheet), format_suffixes(&FileFormat::write_worksheet));
    if (!path.isEmpty()) {
        document_.when_current(this, tr("the export to %1").arg(QFileInfo(path).fileName()),
                               [this, path] { export_worksheet(path); });
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
        MainWindow::tr("Drawing the charts…"), WhenStopped::leave, [] { return true; }, paint);
}

} // namespace

/// What the charts draw is computed by a task, the charts are painted, and a task writes all of it: of the study and
/// the results as they are now.
void MainWindow::export_worksheet(const QString& path) {
    const FileFormat& format = format_of(path.toStdString());
    if (format.write_worksheet == nullptr) {
        document_.refuse({N_("A worksheet ends with .ods or .xlsx: choose one of these."), {}});
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
        write_worksheet(path,
                        [study, results, pictures, &format](std::vector<Sentence>& reports, const StopToken& stop) {
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

void MainWindow::write_worksheet(
    const QString& path, const std::function<Result<std::string>(std::vector<Sentence>&, const StopToken&)>& write) {
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
    document_.file_task().start(tr("Writing %1…").arg(QFileInfo(path).fileName()), WhenStopped::wait, work,
                                [this, path](const TaskOutcome<Written>& written) {
                                    if (!written || !(*written).saved) {
                                        return document_.refuse_about(path, written ? (*written).saved.refusal()
                                                                                    : written.why());
                                    }
                                    const QStringList reports = Document::translated((*written).reports);
                                    if (reports.isEmpty()) {
                                        inform(tr("All formulas were written to %1.").arg(QFileInfo(path).fileName()));
                                    } else {
                                        tell(reports.join(u' '));
                                    }
                                });
}

void MainWindow::import_text(const QString& path, const Document::BytesPtr& bytes, const DialectChoice& choice,
                             const QString& label, const std::vector<Kind>& shown) {
    import_columns(path, bytes, label, [choice, shown](std::string_view text, const StopToken& stop) {
        Result<LabelledColumns> read = read_delimited_columns(text, choice, stop);
        if (!read) {
            return read;
        }
        LabelledColumns columns = *std::move(read);
        for (std::size_t at = 0; at < std::min(shown.size(), columns.columns.size()); ++at) {
            const NewColumn& column = columns.columns[at];
            if (column.cells.kind() != shown[at]) {
                columns.reports.push_back(
                    Sentence{N_("In the first lines of %1 most cells are each %2, but in all most are each %3: it was "
                                "read so."),
                             {column.name, kind_in_words(shown[at]), kind_in_words(column.cells.kind())}});
            }
        }
        return Result<LabelledColumns>(std::move(columns));
    });
}

void MainWindow::import_columns(const QString& path, const Document::BytesPtr& bytes, const QString& label,
                                const ColumnReader& reader) {
    const auto take = [this, label](const LabelledColumns& read) {
        Id table;
        const Result<Study> with = add_table(document_.study(), label.toStdString(), &table);
        if (!document_.perform(tr("import"), add_columns(*with, table, read.columns))) {
            return;
        }
        show_table(table);
        if (const QStringList reports = Document::translated(read.reports); !reports.isEmpty()) {
            tell(reports.join(u' '));
        }
    };
    document_.file_task().start(
        tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [bytes, reader](const StopToken& stop) { return reader(*bytes, stop); },
        document_.or_refuse<LabelledColumns>(path, take));
}

void MainWindow::export_text(const QString& path) {
    if (page() != nullptr) {
        export_text(path, page()->table_id(), usual_choice(format_of(path.toStdString())));
    }
}

void MainWindow::export_text(const QString& path, const Id& table, const WritingChoice& choice) {
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
            {N_("A table cannot be exported as %1: save the study instead."), {std::string(format.label)}});
    }
    const auto write = [study = document_.study(), results = document_.snapshot(), table, &format,
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
    document_.write_aside(path, write, [this, faults](const Result<Saved>& saved) {
        if (!saved) {
            document_.refuse(saved.refusal());
        } else if (faults > 0) {
            tell(tr("Cells with errors were exported empty: %1.").arg(faults));
        }
    });
}

} // namespace ledgefall

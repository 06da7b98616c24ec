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

#include <QCoreApplication>
#include <QFileInfo>

namespace ledgefall {

void MainWindow::choose_import() {
    const QString path = ask_open_path(this, tr("Import a table or a worksheet"),
                                       with_all_files(format_filters(&FileFormat::read_columns) + QStringLiteral(";;") +
                                                      format_filters(&FileFormat::read_worksheet)));
    if (!path.isEmpty()) {
        open_from_outside(path);
    }
}

bool MainWindow::import_file(const QString& path, const Document::BytesPtr& bytes) {
    ImportDialog dialog(*bytes, QFileInfo(path).completeBaseName(), this);
    if (dialog.exec() != QDialog::Accepted || !dialog.text()) {
        return false;
    }
    return import_text(path, bytes, dialog.choice(), dialog.table_label(), dialog.shown_kinds());
}

/// The file is read once: what is shown of it before it is taken, and what is taken, are of the same bytes.
bool MainWindow::open_from_outside(const QString& path) {
    Result<std::string> read = document_.read_bytes(path);
    if (!read) {
        document_.refuse(read.refusal());
        return false;
    }
    const auto bytes = std::make_shared<const std::string>(*std::move(read));
    const FileFormat& format = format_of(path.toStdString(), *bytes);
    if (format.read_worksheet != nullptr) {
        return files_->import_worksheet(path, bytes);
    }
    if (format.read_study != nullptr) {
        return files_->may_leave() && open_path(path);
    }
    if (format.read_columns == nullptr) {
        document_.refuse({"%1: files of this kind are written and not read.", {path.toStdString()}});
        return false;
    }
    // How delimited text is to be read is asked; other formats say it themselves.
    return format.name == "csv" || format.name == "tsv"
               ? import_file(path, bytes)
               : import_columns(path, bytes, QFileInfo(path).completeBaseName(), format.read_columns);
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

namespace {

WritingChoice usual_choice(const FileFormat& format) {
    WritingChoice choice;
    choice.delimiter = format.name == "tsv" ? '\t' : ',';
    return choice;
}

bool is_delimited(const FileFormat& format) {
    return format.name == "csv" || format.name == "tsv";
}

} // namespace

/// How a table is to be written; nothing where it is left. JSON has one way only.
std::optional<WritingChoice> MainWindow::ask_writing(const QString& path, const Id& table) {
    const FileFormat& format = format_of(path.toStdString());
    const WritingChoice usual = usual_choice(format);
    const bool json = format.name == "json";
    const bool two_way = document_.study().table(table) != nullptr && document_.study().table(table)->two_way();
    if (format.write_columns == nullptr || (json && !two_way)) {
        return usual;
    }
    const auto first = [this, &format, &table](const WritingChoice& choice) {
        constexpr std::size_t shown_rows = 8;
        LabelledColumns columns = columns_to_write(document_.study(), document_.results(), table,
                                                   {choice, shown_rows, !is_delimited(format)});
        return QString::fromStdString(written_table(columns, format, choice));
    };
    ExportDialog dialog(usual, {is_delimited(format), !json, two_way}, first, this);
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

/// What the charts draw is worked out aside; they are painted here, one after the other.
std::vector<ChartPicture> MainWindow::pictures_of_charts() {
    const Study study = document_.study();
    const auto figures = document_.waited_work().run(tr("Drawing the charts…"), WhenStopped::leave,
                                                     [study, results = document_.snapshot()] {
                                                         std::vector<FiguresPtr> out;
                                                         for (const auto& chart : study.charts) {
                                                             out.push_back(figures_of(study, results, *chart));
                                                         }
                                                         return out;
                                                     });
    std::vector<ChartPicture> pictures;
    constexpr QSize shape(640, 420);
    for (std::size_t at = 0; figures && at < (*figures).size(); ++at) {
        const Chart& chart = *study.charts[at];
        const QByteArray png =
            chart_picture((*figures)[at], QString::fromStdString(chart.label), shape, PictureForm::png);
        const QSize size = chart_picture_size(shape);
        pictures.push_back({chart.id, png.toStdString(), size.width(), size.height()});
        QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents);
    }
    return pictures;
}

bool MainWindow::export_worksheet(const QString& path) {
    const FileFormat& format = format_of(path.toStdString());
    if (format.write_worksheet == nullptr) {
        document_.refuse({"A worksheet ends with .ods or .xlsx: choose one of these.", {}});
        return false;
    }
    struct Written {
        std::shared_ptr<const std::string> bytes;
        std::vector<Sentence> reports;
    };
    const auto pictures = pictures_of_charts();
    const auto written =
        document_.waited_work().run(tr("Writing %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
                                    [study = document_.study(), results = document_.snapshot(), pictures,
                                     write = format.write_worksheet]() -> Result<Written> {
                                        Written out;
                                        Result<std::string> bytes = write(study, *results, pictures, out.reports);
                                        if (!bytes) {
                                            return bytes.refusal();
                                        }
                                        out.bytes = std::make_shared<const std::string>(*std::move(bytes));
                                        return out;
                                    });
    if (!written || !*written) {
        document_.refuse(written ? (*written).refusal() : written.why());
        return false;
    }
    if (const auto saved = document_.write_aside(path, [&] { return (*written)->bytes; }); !saved) {
        document_.refuse(saved.refusal());
        return false;
    }
    const QStringList reports = Document::translated((*written)->reports);
    if (reports.isEmpty()) {
        inform(tr("All formulas were written to %1.").arg(QFileInfo(path).fileName()));
    } else {
        tell(reports.join(u' '));
    }
    return true;
}

bool MainWindow::import_text(const QString& path, const Document::BytesPtr& bytes, const DialectChoice& choice,
                             const QString& label, const std::vector<Kind>& shown) {
    return import_columns(path, bytes, label, [choice, shown](std::string_view text) {
        Result<LabelledColumns> read = read_delimited_columns(text, choice);
        if (!read) {
            return read;
        }
        LabelledColumns columns = *std::move(read);
        for (std::size_t at = 0; at < std::min(shown.size(), columns.columns.size()); ++at) {
            const NewColumn& column = columns.columns[at];
            if (column.cells.kind() != shown[at]) {
                columns.reports.push_back(
                    Sentence{"In the first lines of %1 most cells are each %2, but in all most are each %3: it was "
                             "read so.",
                             {column.name, kind_in_words(shown[at]), kind_in_words(column.cells.kind())}});
            }
        }
        return Result<LabelledColumns>(std::move(columns));
    });
}

bool MainWindow::import_columns(const QString& path, const Document::BytesPtr& bytes, const QString& label,
                                const std::function<Result<LabelledColumns>(std::string_view)>& reader) {
    const auto read = document_.waited_work().run(tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
                                                  [bytes, reader] { return reader(*bytes); });
    if (!read || !*read) {
        document_.refuse(read ? (*read).refusal() : read.why());
        return false;
    }
    Id table;
    const Result<Study> with = add_table(document_.study(), label.toStdString(), &table);
    if (!document_.perform(tr("import"), add_columns(*with, table, (*read)->columns))) {
        return false;
    }
    show_table(table);
    if (const QStringList reports = Document::translated((*read)->reports); !reports.isEmpty()) {
        tell(reports.join(u' '));
    }
    return true;
}

bool MainWindow::export_text(const QString& path) {
    return page() != nullptr && export_text(path, page()->table_id(), usual_choice(format_of(path.toStdString())));
}

bool MainWindow::export_text(const QString& path, const Id& table, const WritingChoice& choice) {
    if (document_.study().table(table) == nullptr) {
        document_.refuse({"The table has been removed, and nothing was written.", {}});
        return false;
    }
    if (!document_.results_are_current()) {
        document_.refuse(
            {"The results are being worked out, and nothing was written: export again when they are there.", {}});
        return false;
    }
    const FileFormat& format = format_of(path.toStdString());
    if (format.write_columns == nullptr) {
        document_.refuse({"A table cannot be exported as %1: save the study instead.", {std::string(format.label)}});
        return false;
    }
    const auto write = [study = document_.study(), results = document_.snapshot(), table, &format, choice] {
        const SpelledBy own(study.settings);
        return std::make_shared<const std::string>(written_table(
            columns_to_write(study, *results, table, {choice, {}, !is_delimited(format)}), format, choice));
    };
    const auto saved = document_.write_aside(path, write);
    if (!saved) {
        document_.refuse(saved.refusal());
        return false;
    }
    std::size_t faults = 0;
    for (const auto& column : document_.study().table(table)->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        faults += entry == nullptr ? 0 : entry->faults;
    }
    if (faults > 0) {
        tell(tr("Cells at fault were written empty: %1.").arg(faults));
    }
    return true;
}

} // namespace ledgefall

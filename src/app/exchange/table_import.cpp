#include "app/exchange/table_import.h"

#include "app/dialogs/import_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/exchange/format_filters.h"
#include "core/study/edits/edits.h"
#include "files/tables/delimited.h"

#include <QFileInfo>

namespace ledgefall {

TableImport::TableImport(Document& document, PageArea& pages, StudyFiles& files, QWidget* window)
    : QObject(window)
    , document_(document)
    , pages_(pages)
    , files_(files)
    , window_(window) {}

void TableImport::choose() {
    const QString path = ask_open_path(window_, tr("Import a table or worksheet"),
                                       with_all_files(readable_filter() + QStringLiteral(";;") +
                                                      format_filters(&FileFormat::read_columns) + QStringLiteral(";;") +
                                                      format_filters(&FileFormat::read_worksheet)));
    if (!path.isEmpty()) {
        open(path);
    }
}

/// The file is read once: what is shown of it before it is taken, and what is taken, are of the same bytes.
void TableImport::open(const QString& path) {
    if (format_of(path.toStdString()).read_study != nullptr) {
        return files_.open(path);
    }
    document_.read_bytes(path, [this, path](const Document::BytesPtr& bytes) {
        const FileFormat& format = format_of(path.toStdString(), *bytes);
        if (format.read_worksheet != nullptr) {
            files_.import_worksheet(path, bytes);
        } else if (format.read_study != nullptr) { // under another suffix
            files_.open(path);
        } else if (format.read_columns == nullptr) {
            document_.refuse({N_("%1: files of this kind can be exported but not read."), {path.toStdString()}});
        } else if (format.delimiter) { // how it is to be read is asked; other formats say it themselves
            ask(path, bytes);
        } else {
            read(path, bytes, QFileInfo(path).completeBaseName(), format.read_columns);
        }
    });
}

void TableImport::ask(const QString& path, const Document::BytesPtr& bytes) {
    auto* dialog = new ImportDialog(*bytes, QFileInfo(path).completeBaseName(), window_);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog, path, bytes] {
        if (dialog->text()) {
            read_text(path, bytes, dialog->choice(), dialog->table_label(), dialog->shown_kinds());
        }
    });
    dialog->open();
}

void TableImport::read_text(const QString& path, const Document::BytesPtr& bytes, const DialectChoice& choice,
                            const QString& label, const std::vector<Kind>& shown) {
    read(path, bytes, label, [choice, shown](std::string_view text, const StopToken& stop) {
        Result<LabelledColumns> read = read_delimited_columns(text, choice, stop);
        if (!read) {
            return read;
        }
        LabelledColumns columns = *std::move(read);
        for (std::size_t at = 0; at < std::min(shown.size(), columns.columns.size()); ++at) {
            const NewColumn& column = columns.columns[at];
            if (column.cells.kind() != shown[at]) {
                columns.reports.push_back(
                    Sentence{N_("In the first lines of %1, most cells hold %2, but overall most hold %3. The column "
                                "was read that way."),
                             {column.name, kind_in_words(shown[at]), kind_in_words(column.cells.kind())}});
            }
        }
        return Result<LabelledColumns>(std::move(columns));
    });
}

void TableImport::read(const QString& path, const Document::BytesPtr& bytes, const QString& label,
                       const ColumnReader& reader) {
    const auto take = [this, label](const LabelledColumns& read) {
        Id table;
        const Result<Study> with = add_table(document_.study(), label.toStdString(), &table);
        if (!document_.perform(tr("import"), add_columns(*with, table, read.columns))) {
            return;
        }
        pages_.show_table(table);
        pages_.page()->offer_missing_marks();
        if (const QStringList reports = Document::translated(read.reports); !reports.isEmpty()) {
            Q_EMIT told(reports.join(u' '));
        }
    };
    document_.file_task().start(
        tr("Reading %1…").arg(QFileInfo(path).fileName()), WhenStopped::leave,
        [bytes, reader](const StopToken& stop) { return reader(*bytes, stop); },
        document_.or_refuse<LabelledColumns>(path, take));
}

} // namespace ledgefall

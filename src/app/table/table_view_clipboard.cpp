// Copying and pasting cells as tab-separated text.

#include "app/numbers/locale_text.h"
#include "app/table/table_view.h"
#include "core/study/edits/edits.h"
#include "files/tables/delimited.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMimeData>

namespace ledgefall {
namespace {

/// Beside the text, where its first line is the names of whole columns.
const QString names_format = QStringLiteral("application/x-ledgefall-names");

} // namespace

void TableView::copy() const {
    bool worked = false;
    for (const int section : chosen_sections()) {
        worked = worked || table_.column(section)->worked();
    }
    if (worked && !document_.results_are_current()) {
        return document_.refuse(
            {"These values are being worked out and were not copied: copy again when they are there.", {}});
    }
    auto* block = new QMimeData;
    block->setText(copied());
    if (whole_columns_chosen()) {
        block->setData(names_format, "1");
    }
    QGuiApplication::clipboard()->setMimeData(block);
}

void TableView::paste() {
    const QMimeData* offered = QGuiApplication::clipboard()->mimeData();
    paste(offered == nullptr ? QString() : offered->text(), offered != nullptr && offered->hasFormat(names_format));
}

bool TableView::whole_columns_chosen() const {
    const Block block = chosen();
    return !block.empty() && block.top == 0 && block.rows() == table_.table_rows() && block.rows() > 1;
}

/// The chosen columns side by side, in the rows that are chosen in any of them.
QString TableView::copied() const {
    const std::vector<int> sections = chosen_sections();
    Block rows = chosen();
    for (const Block& block : chosen_blocks()) {
        rows.top = std::min(rows.top, block.top);
        rows.bottom = std::max(rows.bottom, block.bottom);
    }
    QString text;
    const auto end_field = [&](int section) { text += section == sections.back() ? u'\n' : u'\t'; };
    if (chosen().empty()) {
        return text;
    }
    if (whole_columns_chosen()) { // they bring their names
        for (const int section : sections) {
            text += QString::fromStdString(table_.column(section)->name);
            end_field(section);
        }
    }
    for (int row = rows.top; row <= rows.bottom; ++row) {
        for (const int section : sections) {
            text += QString::fromStdString(quoted_field(write_cell(table_.value(row, section)), '\t'));
            end_field(section);
        }
    }
    return text;
}

void TableView::paste(const QString& text, bool with_names) {
    const QModelIndex at = currentIndex();
    DialectChoice choice;
    choice.delimiter = text.contains(QLatin1Char('\t')) || !text.contains(QLatin1Char(';')) ? '\t' : ';';
    const bool at_top_of_new = at.row() <= 0 && table_.column(at.column()) == nullptr;
    choice.header = at_top_of_new && !with_names ? std::nullopt : std::optional(with_names);
    choice.blank_lines_at_end = true;
    choice.decimal_otherwise = own_spelling().decimal;
    const Result<Delimited> read = read_delimited(text.toStdString(), choice);
    if (!read) {
        return document_.refuse(read.refusal());
    }
    if (!read->header.empty() && at_top_of_new) { // headings among what is pasted make columns of their names
        document_.perform(tr("paste"), add_columns(document_.study(), table_.table_id(), columns_of(*read)));
        return;
    }
    const std::vector<std::vector<std::string>>& block = read->records;
    if (!block.empty()) {
        table_.type(std::max(0, at.row()), std::max(0, at.column()), block, tr("paste"), read->dialect.decimal);
    }
}

} // namespace ledgefall

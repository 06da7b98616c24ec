// Copying and pasting cells: as tab-separated text, as a table of HTML, and whole columns as a piece of a study with
// their formulas.

#include "app/numbers/locale_text.h"
#include "app/table/table_view.h"
#include "core/engine/writing/definitions.h"
#include "core/formula/parser.h"
#include "core/study/builders/study_piece.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"
#include "files/tables/document_tables.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMimeData>
#include <QTextCursor>
#include <QTextDocument>
#include <QTextDocumentFragment>
#include <QTextTable>

#include <algorithm>
#include <set>

namespace ledgefall {
namespace {

/// Beside the text, where its first line is the names of whole columns.
const QString names_format = QStringLiteral("application/x-ledgefall-names");
/// Whether the text has a line for each column, as a table that is laid across shows them: 1 or 0.
const QString across_format = QStringLiteral("application/x-ledgefall-across");
/// Whole columns with their formulas: a study of one table, as a file of studies has it.
const QString piece_format = QStringLiteral("application/x-ledgefall-columns");

/// The first table of several columns in a page of HTML, as tab-separated text; empty where there is none.
QString html_table_text(const QString& html) {
    QTextDocument page;
    page.setHtml(html);
    const auto frames = page.rootFrame()->childFrames();
    const auto is_table = [](const QTextFrame* frame) {
        const auto* table = qobject_cast<const QTextTable*>(frame);
        return table != nullptr && table->columns() > 1;
    };
    const auto found = std::find_if(frames.begin(), frames.end(), is_table);
    if (found == frames.end()) {
        return {};
    }
    const auto* table = qobject_cast<const QTextTable*>(*found);
    QString out;
    for (int row = 0; row < table->rows(); ++row) {
        for (int column = 0; column < table->columns(); ++column) {
            const QTextTableCell cell = table->cellAt(row, column);
            QString text;
            if (cell.row() == row && cell.column() == column) { // not what another cell reaches over
                QTextCursor cursor = cell.firstCursorPosition();
                cursor.setPosition(cell.lastCursorPosition().position(), QTextCursor::KeepAnchor);
                text = cursor.selection().toPlainText().simplified();
            }
            out += QString::fromStdString(quoted_field(text.toStdString(), '\t')) +
                   (column + 1 < table->columns() ? u'\t' : u'\n');
        }
    }
    return out;
}

/// Lines for columns and the other way round, of tab-separated text or of text with other signs between its fields.
QString with_lines_for_columns(const QString& text) {
    DialectChoice choice;
    choice.delimiter = text.contains(u'\t') || !text.contains(u';') ? '\t' : ';';
    choice.header = false;
    choice.comment = "";
    choice.blank_lines_at_end = true;
    const Result<Delimited> read = read_delimited(text.toStdString(), choice);
    if (!read) {
        return text;
    }
    std::string out;
    for (std::size_t column = 0; column < read->width(); ++column) {
        for (std::size_t line = 0; line < read->records.size(); ++line) {
            const auto& fields = read->records[line];
            out +=
                (line == 0 ? "" : "\t") + (column < fields.size() ? quoted_field(fields[column], '\t') : std::string());
        }
        out += '\n';
    }
    return QString::fromStdString(out);
}

} // namespace

void TableView::copy() const {
    bool worked = false;
    for (const int section : chosen_sections()) {
        const ColumnDefinition* column = table_.column(section);
        worked = worked || column == nullptr || column->worked();
    }
    if (worked && !document_.results_are_current()) {
        return document_.refuse(
            {"These values are being worked out and were not copied: copy again when they are there.", {}});
    }
    auto* block = new QMimeData;
    block->setText(laid_across() ? with_lines_for_columns(copied()) : copied());
    block->setData(across_format, laid_across() ? "1" : "0");
    // Of a large block the text alone, which is made at once: the window does not wait.
    constexpr std::size_t most_cells = 100'000;
    const bool small = static_cast<std::size_t>(chosen().rows()) * chosen_sections().size() <= most_cells;
    if (small) {
        block->setHtml(QString::fromStdString(laid_across() ? write_html_table_across(copied_columns())
                                                            : write_html_table(copied_columns())));
    }
    if (whole_columns_chosen()) {
        block->setData(names_format, "1");
        if (small && !table_.two_way()) {
            block->setData(piece_format, QByteArray::fromStdString(write_study(copied_piece())));
        }
    }
    QGuiApplication::clipboard()->setMimeData(block);
}

namespace {

bool is_defined(const std::string& heading) {
    return heading.find('=') != std::string::npos && !parse_definition(heading, true).mistake;
}

/// Whether a heading of the first line is a definition, `area = a * b`: then its column is worked.
bool has_defined_heading(const QString& text, char delimiter) {
    const QStringList headings = text.section(QLatin1Char('\n'), 0, 0).split(QLatin1Char(delimiter));
    return headings.size() > 1 && std::any_of(headings.begin(), headings.end(),
                                              [](const QString& one) { return is_defined(one.toStdString()); });
}

/// What is pasted as columns of its headings; those whose heading is a definition get the formula.
Result<Study> with_pasted_columns(const Study& study, Id table, const Delimited& read) {
    std::vector<NewColumn> given = columns_of(read);
    std::string definitions;
    for (std::size_t at = 0; at < read.header.size(); ++at) {
        definitions += is_defined(read.header[at]) ? read.header[at] + "\n" : "";
    }
    for (std::size_t at = read.header.size(); at > 0; --at) {
        if (is_defined(read.header[at - 1]) && at <= given.size()) {
            given.erase(given.begin() + static_cast<std::ptrdiff_t>(at) - 1);
        }
    }
    Result<Study> next = add_columns(study, table, given);
    if (!next || definitions.empty()) {
        return next;
    }
    const Result<WrittenDefinitions> written = write_definitions(*next, table, definitions);
    return written ? Result<Study>(written->study) : Result<Study>(written.refusal());
}

} // namespace

/// Says so where columns have the same heading, which formulas tell apart by other names.
void TableView::tell_equal_headings(int from) {
    QStringList told;
    std::set<std::string> labels;
    for (int section = 0; section < table_.table_columns(); ++section) {
        const ColumnDefinition* column = table_.column(section);
        if (column != nullptr && !labels.insert(column->shown_label()).second && section >= from) {
            told << QString::fromStdString(column->name);
        }
    }
    constexpr qsizetype most_told = 6;
    if (!told.isEmpty()) {
        const bool more = told.size() > most_told;
        told = told.mid(0, most_told);
        told.append(more ? QStringList(QStringLiteral("…")) : QStringList());
        Q_EMIT headings_equal(told);
    }
}

void TableView::choose_block(const Block& block) {
    const int bottom = std::min(block.bottom, table_.rowCount() - 1);
    const int right = std::min(block.right, table_.columnCount() - 1);
    const QModelIndex first = table_.index(block.top, block.left);
    if (!first.isValid()) {
        return;
    }
    const QModelIndex last = table_.index(std::max(block.top, bottom), std::max(block.left, right));
    set_current(first);
    selectionModel()->select(QItemSelection(in_view(first), in_view(last)), QItemSelectionModel::ClearAndSelect);
}

Study TableView::copied_piece() const {
    std::vector<Id> columns;
    for (const int section : chosen_sections()) {
        if (const ColumnDefinition* column = table_.column(section)) {
            columns.push_back(column->id);
        }
    }
    const Results& results = document_.results();
    return study_piece(document_.study(), table_.table_id(), columns,
                       {[&](Id id) { return results.column(id) == nullptr ? Column() : *results.column(id); },
                        [&](Id id) { return results.single(id); }});
}

LabelledColumns TableView::copied_columns() const {
    LabelledColumns out;
    const Block rows = chosen();
    for (const int section : chosen_sections()) {
        const ColumnDefinition* column = table_.column(section);
        NewColumn copy;
        copy.label = column == nullptr ? table_.headerData(section, Qt::Horizontal).toString().toStdString()
                                       : column->shown_label();
        copy.unit = column == nullptr ? "" : column->unit;
        copy.cells = Column(table_.value(rows.top, section).kind());
        for (int row = rows.top; row <= rows.bottom; ++row) {
            const Value value = table_.value(row, section);
            const bool fits = !value.plain() || value.kind() == copy.cells.kind();
            copy.cells.append(fits ? value : Value::odd(Text(write_cell(value))));
        }
        out.columns.push_back(std::move(copy));
    }
    return out;
}

/// Copied columns behind those that there are, with their formulas. False where they cannot be read as such.
bool TableView::paste_piece(const QByteArray& bytes) {
    const Result<Study> piece = read_study(std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
    const Result<WithPiece> with =
        piece ? with_piece(document_.study(), table_.table_id(), *piece) : Result<WithPiece>(piece.refusal());
    if (!with) {
        return false;
    }
    const int first = table_.columnCount() - 1;
    if (document_.perform(tr("paste"), with->study)) {
        QStringList names;
        for (const Id id : with->columns) {
            names << QString::fromStdString(find_part(with->study, id).column->name);
        }
        QStringList renamed;
        for (const auto& [from, to] : with->renamed) {
            renamed << tr("%1 is %2 here").arg(QString::fromStdString(from), QString::fromStdString(to));
        }
        choose_block({0, std::max(0, table_.table_rows() - 1), first, table_.columnCount() - 2});
        Q_EMIT columns_pasted(names, renamed);
    }
    return true;
}

void TableView::paste() {
    const QMimeData* offered = QGuiApplication::clipboard()->mimeData();
    const bool behind = current().row() <= 0 && table_.column(current().column()) == nullptr;
    if (offered != nullptr && offered->hasFormat(piece_format) && !table_.two_way() &&
        (behind || whole_columns_chosen()) && paste_piece(offered->data(piece_format))) {
        return;
    }
    const QString text = offered == nullptr ? QString() : offered->text();
    const QString table = offered == nullptr || text.contains(u'\t') ? QString() : html_table_text(offered->html());
    const QString block = table.isEmpty() ? text : table;
    const bool lines_are_columns =
        offered != nullptr && offered->hasFormat(across_format)
            ? offered->data(across_format) == "1"
            : laid_across() && !is_meant_as_definitions(block.toStdString()) && !is_definitions(block.toStdString());
    paste(lines_are_columns ? with_lines_for_columns(block) : block,
          offered != nullptr && offered->hasFormat(names_format));
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
    const bool with_names = whole_columns_chosen();
    if (with_names && table_.two_way()) { // with both headings
        const Table& table = *table_.table();
        text += QString::fromStdString((*table.axis.column)->name) + tr(" by ") +
                QString::fromStdString((*table.across->column)->name) + u'\t';
        for (const int section : sections) {
            text += table_.headerData(section, Qt::Horizontal).toString();
            end_field(section);
        }
    } else if (with_names) { // they bring their names
        for (const int section : sections) {
            text += QString::fromStdString(table_.column(section)->name);
            end_field(section);
        }
    }
    for (int row = rows.top; row <= rows.bottom; ++row) {
        if (with_names && table_.two_way()) {
            text += table_.headerData(row, Qt::Vertical).toString() + u'\t';
        }
        for (const int section : sections) {
            text += QString::fromStdString(quoted_field(write_cell(table_.value(row, section)), '\t'));
            end_field(section);
        }
    }
    return text;
}

void TableView::paste(const QString& text, bool with_names) {
    const QModelIndex at = current();
    DialectChoice choice;
    choice.delimiter = text.contains(QLatin1Char('\t')) || !text.contains(QLatin1Char(';')) ? '\t' : ';';
    const bool at_top_of_new = at.row() <= 0 && table_.column(at.column()) == nullptr && !table_.two_way();
    choice.header = at_top_of_new && !with_names ? std::nullopt : std::optional(with_names);
    choice.blank_lines_at_end = true;
    choice.comment = ""; // what was copied is wanted
    choice.decimal_otherwise = own_spelling().decimal;
    const Id table = table_.table_id();
    if (at_top_of_new && is_definitions(text.toStdString())) { // formulas rather than observations
        const Result<WrittenDefinitions> written = write_definitions(document_.study(), table, text.toStdString());
        const Result<Study> next = written ? Result<Study>(written->study) : Result<Study>(written.refusal());
        if (document_.perform(tr("paste"), with_rows_to_fall_down(next, table))) {
            const auto names = [&written](const std::vector<Id>& ids) {
                QStringList out;
                for (const Id id : ids) {
                    const StudyPart part = find_part(written->study, id);
                    out << QString::fromStdString(part.held != nullptr     ? part.held->name
                                                  : part.column != nullptr ? part.column->name
                                                                           : std::string());
                }
                return out;
            };
            Q_EMIT definitions_taken(names(written->columns), names(written->held));
        }
        return;
    }
    if (at_top_of_new && is_meant_as_definitions(text.toStdString())) { // the editor shows which one cannot be read
        Q_EMIT formula_wanted(at.column(), text.trimmed());
        return;
    }
    if (at_top_of_new && has_defined_heading(text, choice.delimiter.value_or('\t'))) {
        choice.header = true;
    }
    const Result<Delimited> read = read_delimited(text.toStdString(), choice);
    if (!read) {
        return document_.refuse(read.refusal());
    }
    if (!read->header.empty() && at_top_of_new) { // headings among what is pasted make columns of their names
        const int section = std::max(0, at.column());
        const std::size_t rows = read->records.size();
        if (document_.perform(tr("paste"), with_pasted_columns(document_.study(), table, *read))) {
            choose_block({0, std::max(0, static_cast<int>(rows) - 1), section, table_.columnCount() - 2});
            tell_equal_headings(section);
        }
        return;
    }
    const std::vector<std::vector<std::string>>& block = read->records;
    if (!block.empty()) {
        const int row = std::max(0, at.row());
        const int section = std::max(0, at.column());
        table_.type(row, section, block, tr("paste"), read->dialect.decimal);
        choose_block({row, row + static_cast<int>(block.size()) - 1, section,
                      section + static_cast<int>(block.front().size()) - 1});
    }
}

} // namespace ledgefall

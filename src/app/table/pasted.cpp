#include "app/table/pasted.h"

#include "core/authoring/definitions.h"
#include "core/formula/parser.h"
#include "core/study/builders/study_piece.h"
#include "core/study/edits/edits.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"

#include <QTextCursor>
#include <QTextDocument>
#include <QTextDocumentFragment>
#include <QTextTable>

#include <algorithm>

namespace ledgefall {
namespace {

/// The first table of several columns in a page of HTML, as tab-separated text; empty where there is none.
QString html_table_text(const QString& html) {
    if (!html.contains(QLatin1String("<table"), Qt::CaseInsensitive)) {
        return {};
    }
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

bool is_defined(const std::string& heading) {
    return heading.find('=') != std::string::npos && !parse_definition(heading, true).mistake;
}

/// Whether a heading of the first line is a definition, `area = a * b`: then its column is computed.
bool has_defined_heading(const std::string& text, char delimiter) {
    const QStringList headings = QString::fromStdString(text.substr(0, text.find('\n'))).split(QLatin1Char(delimiter));
    return headings.size() > 1 && std::any_of(headings.begin(), headings.end(),
                                              [](const QString& one) { return is_defined(one.toStdString()); });
}

/// What is pasted as columns of its headings; those whose heading is a definition get the formula.
Result<Study> with_pasted_columns(const Study& study, Id table, const Delimited& read, const StopToken& stop) {
    std::vector<NewColumn> given = columns_of(read, {}, stop);
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
    const Result<WrittenDefinitions> written = write_definitions(*next, table, definitions, stop);
    return written ? Result<Study>(written->study) : Result<Study>(written.refusal());
}

char delimiter_of(const std::string& text) {
    const bool tabs = text.find('\t') != std::string::npos || text.find(';') == std::string::npos;
    return tabs ? '\t' : ';';
}

Result<Pasted> pasted_definitions(const Study& study, const PasteRequest& request, const std::string& text,
                                  const StopToken& stop) {
    Result<WrittenDefinitions> written = write_definitions(study, request.table.id, text, stop);
    if (!written) {
        return written.refusal();
    }
    const Result<Study> next = with_rows_to_fall_down(written->study, request.table.id);
    if (!next) {
        return next.refusal();
    }
    Pasted out;
    out.form = Pasted::Form::definitions;
    out.study = *next;
    out.added = std::move((*written).columns);
    out.held = std::move((*written).held);
    return out;
}

/// Copied columns behind those that there are, with their formulas; nothing where they cannot be read as such.
std::optional<Pasted> pasted_piece(const Study& study, const PasteRequest& request, const StopToken& stop) {
    const Result<Study> piece =
        read_study(std::string_view(request.piece.constData(), static_cast<std::size_t>(request.piece.size())), stop);
    Result<WithPiece> with = piece ? with_piece(study, request.table.id, *piece) : Result<WithPiece>(piece.refusal());
    if (!with) {
        return std::nullopt;
    }
    Pasted out;
    out.form = Pasted::Form::piece;
    out.section = study.table(request.table.id)->columns.size();
    out.study = std::move((*with).study);
    out.added = std::move((*with).columns);
    out.renamed = {with->renamed.begin(), with->renamed.end()};
    return out;
}

/// A block of texts: with headings columns of their names, else cells.
Result<Pasted> pasted_block(const Study& study, const Results& results, const PasteRequest& request,
                            const std::string& text, const StopToken& stop) {
    DialectChoice choice;
    choice.delimiter = delimiter_of(text);
    choice.header = request.at_top_of_new && !request.with_names ? std::nullopt : std::optional(request.with_names);
    if (request.at_top_of_new && has_defined_heading(text, *choice.delimiter)) {
        choice.header = true;
    }
    choice.blank_lines_at_end = true;
    choice.comment = ""; // what was copied is wanted
    choice.decimal_otherwise = request.decimal;
    const Result<Delimited> read = read_delimited(text, choice, stop);
    if (!read) {
        return read.refusal();
    }
    Pasted out;
    out.study = study;
    out.row = request.row;
    out.section = request.section;
    out.rows = read->records.size();
    out.columns = read->width();
    if (!read->header.empty() && request.at_top_of_new) {
        Result<Study> next = with_pasted_columns(study, request.table.id, *read, stop);
        if (!next) {
            return next.refusal();
        }
        out.form = Pasted::Form::columns;
        out.study = *std::move(next);
    } else if (!read->records.empty()) {
        Result<TypedTexts> typed = request.typing(study, results, read->records.texts(), read->dialect.decimal, stop);
        if (!typed) {
            return typed.refusal();
        }
        out.form = Pasted::Form::cells;
        out.study = typed->study;
        out.columns = read->records[0].size();
        out.typed = *std::move(typed);
    }
    return out;
}

} // namespace

std::string with_lines_for_columns(const std::string& text, const StopToken& stop) {
    DialectChoice choice;
    choice.delimiter = delimiter_of(text);
    choice.header = false;
    choice.comment = "";
    choice.blank_lines_at_end = true;
    const Result<Delimited> read = read_delimited(text, choice, stop);
    if (!read) {
        return text;
    }
    std::string out;
    for (std::size_t column = 0; column < read->width(); ++column) {
        for (std::size_t line = 0; line < read->records.size(); ++line) {
            out += (line == 0 ? "" : "\t") + quoted_field(std::string(read->records.at(line, column)), '\t');
        }
        out += '\n';
    }
    return out;
}

Result<Pasted> pasted(const Study& study, const Results& results, const PasteRequest& request, const StopToken& stop) {
    const Table* now = study.table(request.table.id);
    const auto same = [](const auto& a, const auto& b) { return a->id == b->id; };
    if (now == nullptr || now->axis.source != request.table.axis.source ||
        !std::equal(now->columns.begin(), now->columns.end(), request.table.columns.begin(),
                    request.table.columns.end(), same)) {
        return Sentence{N_("The table has changed in the meantime, so nothing was pasted. Paste again."), {}};
    }
    if (!request.piece.isEmpty()) {
        if (std::optional<Pasted> piece = pasted_piece(study, request, stop)) {
            return *std::move(piece);
        }
    }
    const QString table = request.text.contains(u'\t') ? QString() : html_table_text(request.html);
    std::string text = (table.isEmpty() ? request.text : table).toStdString();
    const bool definitions = is_definitions(text);
    const bool lines_across =
        request.lines_across.value_or(request.laid_across && !definitions && !is_meant_as_definitions(text));
    if (lines_across) {
        text = with_lines_for_columns(text, stop);
    }
    if (request.at_top_of_new && is_definitions(text)) { // formulas rather than observations
        return pasted_definitions(study, request, text, stop);
    }
    if (request.at_top_of_new && is_meant_as_definitions(text)) { // the editor shows which one cannot be read
        Pasted out;
        out.form = Pasted::Form::formula;
        out.study = study;
        out.section = request.section;
        out.formula = QString::fromStdString(text).trimmed();
        return out;
    }
    return pasted_block(study, results, request, text, stop);
}

} // namespace ledgefall

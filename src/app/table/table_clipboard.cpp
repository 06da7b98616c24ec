#include "app/table/table_clipboard.h"

#include "app/numbers/locale_text.h"
#include "app/table/pasted.h"
#include "core/study/builders/study_piece.h"
#include "core/study/model/study_part.h"
#include "files/study_json/study_json.h"
#include "files/tables/delimited.h"
#include "files/tables/document_tables.h"

#include <QClipboard>
#include <QGuiApplication>

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

} // namespace

TableClipboard::TableClipboard(TableView& view, TableModel& model, Document& document)
    : QObject(&view)
    , view_(view)
    , table_(model)
    , document_(document) {}

void TableClipboard::copy() const {
    const std::vector<int> sections = view_.chosen_sections();
    const bool computed = std::any_of(sections.begin(), sections.end(), [this](int section) {
        const ColumnDefinition* column = table_.column(section);
        return column == nullptr || column->computed();
    });
    if (computed && !document_.results_are_current()) {
        return document_.refuse(
            {N_("These values are still being computed and were not copied. Copy again when they are ready."), {}});
    }
    auto* block = new QMimeData;
    block->setText(view_.laid_across() ? QString::fromStdString(with_lines_for_columns(copied().toStdString()))
                                       : copied());
    block->setData(across_format, view_.laid_across() ? "1" : "0");
    // Of a large block the text alone, which is made at once: the window does not wait.
    constexpr std::size_t most_cells = 100'000;
    const bool small = static_cast<std::size_t>(view_.chosen().rows()) * sections.size() <= most_cells;
    if (small) {
        block->setHtml(QString::fromStdString(view_.laid_across() ? write_html_table_across(copied_columns())
                                                                  : write_html_table(copied_columns())));
    }
    if (view_.whole_columns_chosen()) {
        block->setData(names_format, "1");
        if (small && !table_.two_way()) {
            block->setData(piece_format, QByteArray::fromStdString(write_study(copied_piece())));
        }
    }
    QGuiApplication::clipboard()->setMimeData(block);
}

Study TableClipboard::copied_piece() const {
    std::vector<Id> columns;
    for (const int section : view_.chosen_sections()) {
        if (const ColumnDefinition* column = table_.column(section)) {
            columns.push_back(column->id);
        }
    }
    const Results& results = document_.results();
    return study_piece(document_.study(), table_.table_id(), columns,
                       {[&](Id id) { return results.column(id) == nullptr ? Column() : *results.column(id); },
                        [&](Id id) { return results.single(id); }});
}

LabelledColumns TableClipboard::copied_columns() const {
    LabelledColumns out;
    const TableView::Block rows = view_.chosen();
    for (const int section : view_.chosen_sections()) {
        const ColumnDefinition* column = table_.column(section);
        NewColumn copy;
        copy.label = column == nullptr ? table_.headerData(section, Qt::Horizontal).toString().toStdString()
                                       : column->shown_label();
        copy.unit = column == nullptr ? "" : column->unit;
        copy.cells = Column(table_.value(rows.top, section).kind());
        for (int row = rows.top; row <= rows.bottom; ++row) {
            const Value value = table_.value(row, section);
            const bool fits = !value.plain() || value.kind() == copy.cells.kind();
            copy.cells.append(fits ? value : Value::unparsed(Text(write_cell(value))));
        }
        out.columns.push_back(std::move(copy));
    }
    return out;
}

/// Of whole columns their names; of a two-way table both headings.
QString TableClipboard::copied_names() const {
    QStringList names;
    for (const int section : view_.chosen_sections()) {
        names << (table_.two_way() ? table_.headerData(section, Qt::Horizontal).toString()
                                   : QString::fromStdString(table_.column(section)->name));
    }
    if (table_.two_way()) {
        const Table& table = *table_.table();
        names.prepend(QString::fromStdString((*table.axis.column)->name) + tr(" by ") +
                      QString::fromStdString((*table.across->column)->name));
    }
    return names.join(u'\t') + u'\n';
}

/// The chosen columns side by side, in the rows that are chosen in any of them.
QString TableClipboard::copied() const {
    if (view_.chosen().empty()) {
        return {};
    }
    const std::vector<int> sections = view_.chosen_sections();
    TableView::Block rows = view_.chosen();
    for (const TableView::Block& block : view_.chosen_blocks()) {
        rows.top = std::min(rows.top, block.top);
        rows.bottom = std::max(rows.bottom, block.bottom);
    }
    const bool with_names = view_.whole_columns_chosen(); // they bring their names
    QString text = with_names ? copied_names() : QString();
    for (int row = rows.top; row <= rows.bottom; ++row) {
        if (with_names && table_.two_way()) {
            text += table_.headerData(row, Qt::Vertical).toString() + u'\t';
        }
        for (const int section : sections) {
            text += QString::fromStdString(quoted_field(write_cell(table_.value(row, section)), '\t'));
            text += section == sections.back() ? u'\n' : u'\t';
        }
    }
    return text;
}

void TableClipboard::paste() {
    if (const QMimeData* offered = QGuiApplication::clipboard()->mimeData()) {
        paste(*offered);
    }
}

void TableClipboard::paste(const QMimeData& offered) {
    const QModelIndex at = view_.current();
    const bool behind = at.row() <= 0 && table_.column(at.column()) == nullptr;
    PasteRequest request;
    if (!table_.two_way() && (behind || view_.whole_columns_chosen())) {
        request.piece = offered.data(piece_format);
    }
    request.text = offered.text();
    request.html = offered.html();
    request.with_names = offered.hasFormat(names_format);
    if (offered.hasFormat(across_format)) {
        request.lines_across = offered.data(across_format) == "1";
    }
    request.laid_across = view_.laid_across();
    request.table = *table_.table();
    request.row = static_cast<std::size_t>(std::max(0, at.row()));
    request.section = static_cast<std::size_t>(std::max(0, at.column()));
    request.at_top_of_new = behind && !table_.two_way();
    request.decimal = own_spelling().decimal;
    request.typing = table_.typing(std::max(0, at.row()), std::max(0, at.column()));
    const auto made = std::make_shared<Pasted>();
    const auto change = [request, made](const Study& study, const Results& results,
                                        const StopToken& stop) -> Result<Study> {
        Result<Pasted> result = pasted(study, results, request, stop);
        if (!result) {
            return result.refusal();
        }
        *made = *std::move(result);
        return made->study;
    };
    const auto done = [this, made](bool taken) {
        if (taken) {
            take(*made);
        }
    };
    constexpr std::size_t done_at_once = 50'000; // letters
    if (request.size() <= done_at_once) {
        done(document_.perform(tr("paste"), change(document_.study(), document_.results(), {})));
    } else if (table_.two_way()) {
        document_.perform_by_results(this, tr("paste"), change, done);
    } else {
        document_.perform_aside(
            this, tr("paste"),
            [change](const Study& study, const StopToken& stop) { return change(study, Results(), stop); }, done);
    }
}

void TableClipboard::take(const Pasted& pasted) {
    const int row = static_cast<int>(pasted.row);
    const int section = static_cast<int>(pasted.section);
    const auto names = [this](const std::vector<Id>& ids) {
        QStringList out;
        for (const Id id : ids) {
            const StudyPart part = find_part(document_.study(), id);
            out << QString::fromStdString(part.held != nullptr     ? part.held->name
                                          : part.column != nullptr ? part.column->name
                                                                   : std::string());
        }
        return out;
    };
    switch (pasted.form) {
    case Pasted::Form::nothing:
        return;
    case Pasted::Form::formula:
        Q_EMIT formula_wanted(section, pasted.formula);
        return;
    case Pasted::Form::definitions:
        choose_first_of(pasted.added);
        Q_EMIT definitions_taken(names(pasted.added), names(pasted.held));
        return;
    case Pasted::Form::piece:
        view_.choose_block({0, std::max(0, table_.table_rows() - 1), section, table_.columnCount() - 2});
        take_piece(pasted);
        return;
    case Pasted::Form::columns:
        view_.choose_block({0, std::max(0, static_cast<int>(pasted.rows) - 1), section, table_.columnCount() - 2});
        tell_equal_headings(section);
        Q_EMIT cells_pasted();
        return;
    case Pasted::Form::cells:
        table_.tell(*pasted.typed);
        view_.choose_block(
            {row, row + static_cast<int>(pasted.rows) - 1, section, section + static_cast<int>(pasted.columns) - 1});
        Q_EMIT cells_pasted();
        return;
    }
}

/// A new column becomes the current one, so that what can be done with it is at hand; once there are rows.
void TableClipboard::choose_first_of(const std::vector<Id>& columns) {
    const QModelIndex there = columns.empty() ? QModelIndex() : table_.place_of(columns.front(), 0);
    if (there.isValid()) {
        view_.set_current(there);
    } else if (!columns.empty() && !document_.results_are_current()) {
        connect(
            &document_, &Document::results_changed, this, [this, columns] { choose_first_of(columns); },
            Qt::SingleShotConnection);
    }
}

void TableClipboard::take_piece(const Pasted& pasted) {
    QStringList names;
    for (const Id id : pasted.added) {
        names << QString::fromStdString(find_part(document_.study(), id).column->name);
    }
    QStringList renamed;
    for (const auto& [from, to] : pasted.renamed) {
        renamed << tr("%1 is %2 here").arg(QString::fromStdString(from), QString::fromStdString(to));
    }
    Q_EMIT columns_pasted(names, renamed);
}

/// Says so where columns have the same heading, which formulas tell apart by other names.
void TableClipboard::tell_equal_headings(int from) {
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

} // namespace ledgefall

// Any bytes as a study's file, opened as the window opens it: what each table's model says of its cells is what the
// study comes to, computed apart; and what is typed into one can be undone.

#include "app/table_model/two_way_model.h"
#include "core/engine/running/results.h"
#include "files/study_json/study_json.h"

#include <QApplication>

#include <cstdlib>
#include <memory>

using namespace ledgefall;

namespace {

constexpr int most_cells = 200'000; ///< of all tables: larger studies are tried elsewhere
constexpr int looked_at = 40;       ///< rows and columns of each table

void require(bool holds) {
    if (!holds) {
        std::abort();
    }
}

/// Until the document's results are those of its study.
void wait_for(Document& document) {
    bool there = false;
    document.when_current(&document, QStringLiteral("a test"), [&there] { there = true; });
    while (!there) {
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
    }
}

std::size_t cells_of(const Study& study, const Results& results) {
    std::size_t cells = 0;
    for (const auto& table : study.tables) {
        cells += (results.rows(table->id) + 1) * (table->columns.size() + 1);
    }
    return cells;
}

void look_through(const TableModel& model, const Results& apart) {
    for (int row = 0; row < std::min(model.rowCount(), looked_at); ++row) {
        for (int column = 0; column < std::min(model.columnCount(), looked_at); ++column) {
            const QModelIndex cell = model.index(row, column);
            for (const int role :
                 {int(Qt::DisplayRole), int(Qt::EditRole), int(Qt::TextAlignmentRole), int(TableModel::ComputedRole),
                  int(TableModel::OverrideRole), int(Qt::ToolTipRole)}) {
                (void)cell.data(role);
            }
            const ColumnDefinition* definition = model.column(column);
            if (definition == nullptr || row >= model.table_rows() || !(definition->computed() || model.two_way())) {
                continue;
            }
            const Value shown = model.value(row, column);
            const Value meant = apart.cell(definition->id, model.cell_of(row, column));
            require(shown.state() == meant.state());
            if (shown.plain() && shown.kind() == Kind::number) {
                require(shown.number() == meant.number());
            }
        }
        (void)model.headerData(row, Qt::Vertical);
    }
    for (int column = 0; column < std::min(model.columnCount(), looked_at); ++column) {
        (void)model.headerData(column, Qt::Horizontal, Qt::AccessibleTextRole);
        (void)model.shown_format(column);
    }
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int* count, char*** arguments) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    static const QApplication application(*count, *arguments);
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const Result<Study> study = read_study(std::string(reinterpret_cast<const char*>(data), size));
    if (!study) {
        return 0;
    }
    const ResultsPtr apart = compute(*study);
    if (cells_of(*study, *apart) > most_cells) {
        return 0;
    }
    Document document;
    require(document.open_text(QByteArray(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size))));
    wait_for(document);
    for (const auto& table : study->tables) {
        const std::unique_ptr<TableModel> made(make_table_model(document, table->id));
        TableModel& model = *made;
        require(model.two_way() || static_cast<std::size_t>(model.table_rows()) == apart->rows(table->id));
        look_through(model, *apart);
        if (model.rowCount() > 0 && model.type(0, 0, {{"42"}}, QStringLiteral("typing"))) {
            wait_for(document);
            look_through(model, *compute(document.study()));
            document.undo();
            wait_for(document);
            look_through(model, *apart);
        }
    }
    return 0;
}

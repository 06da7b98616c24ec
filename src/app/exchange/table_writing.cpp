#include "app/exchange/table_writing.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "core/basics/stopping.h"

namespace ledgefall {
namespace {

/// The column of a table, or its axis, that a name stands for.
const ColumnDefinition* named(const Table& table, const std::string& name) {
    for (const Axis* axis : table.axes()) {
        if (axis->column && (*axis->column)->name == name) {
            return &**axis->column;
        }
    }
    return table.column_named(name);
}

std::string heading(const NewColumn& column, const ColumnDefinition* definition, HeadingForm form) {
    const std::string unit = column.unit.empty() ? "" : " [" + column.unit + "]";
    if (form == HeadingForm::labels) {
        return (column.label.empty() ? column.name : column.label) + unit;
    }
    const bool one = definition != nullptr && definition->computed() && definition->pieces.size() == 1;
    return form == HeadingForm::definitions
               ? column.name + unit + (one ? " = " + definition->pieces.front().formula.text() : "")
               : column.name;
}

/// A number rounded as it is shown.
Value rounded_as_shown(const Value& value, const Format& format) {
    QString text = value_text(value, format).remove(u'≈').replace(u'−', u'-');
    if (!group_sign().isEmpty()) {
        text.remove(group_sign());
    }
    text.replace(QLatin1Char(own_spelling().decimal), QLatin1Char('.'));
    const std::optional<double> number = read_number(text.toStdString());
    return number ? Value::number(*number) : value; // a fraction, or degrees and minutes: as it is
}

/// For other programs numbers stay numbers; for readers they are the texts that the table shows.
Column as_shown(const Column& cells, const Format& format, bool for_readers, const StopToken& stop) {
    if (cells.kind() != Kind::number) {
        return cells;
    }
    Column out(for_readers ? Kind::text : Kind::number);
    for (std::size_t row = 0; row < cells.size(); ++row) {
        stop.throw_if_stopped_at(row);
        const Value value = cells.at(row);
        if (value.state() == State::unparsed) { // as it was typed
            out.append(for_readers ? Value::text(value.text()) : value);
        } else if (!value.plain()) {
            out.append(Value::missing(out.kind()));
        } else {
            out.append(for_readers ? Value::text(Text(value_text(value, format).toStdString()))
                                   : rounded_as_shown(value, format));
        }
    }
    return out;
}

} // namespace

LabelledColumns columns_to_write(const Study& study, const Results& results, Id id, const WayOfWriting& way,
                                 const StopToken& stop) {
    const Table* table = study.table(id);
    const bool grid = table != nullptr && table->two_way() && way.choice.as_grid;
    LabelledColumns out = grid ? grid_columns(study, results, id) : labelled_columns(study, results, id);
    if (way.rows) {
        out.least_rows = std::min(out.least_rows, *way.rows);
    }
    for (NewColumn& column : out.columns) {
        const ColumnDefinition* definition = table == nullptr || grid ? nullptr : named(*table, column.name);
        const Format own = definition == nullptr ? Format() : definition->format;
        const Format format =
            way.choice.as_shown ? settled_format(format_for_unit(own, column.unit, study.settings), column.cells) : own;
        if (way.rows && column.cells.size() > *way.rows) {
            column.cells.resize(*way.rows);
        }
        if (way.choice.as_shown) {
            const InternScope scope;
            column.interned = scope.objects();
            column.cells = as_shown(column.cells, format, way.for_readers, stop);
        }
        if (!grid) {
            column.name = heading(column, definition, way.choice.headings);
        }
    }
    return out;
}

std::string written_table(const LabelledColumns& columns, const FileFormat& format, const ExportOptions& choice) {
    if (!format.delimiter) {
        return format.write_columns(columns);
    }
    Dialect dialect;
    dialect.delimiter = choice.delimiter;
    dialect.decimal = choice.decimal;
    dialect.header = choice.headings != HeadingForm::none;
    return write_delimited(columns, dialect);
}

} // namespace ledgefall

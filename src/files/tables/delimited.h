#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/value/spelling.h"
#include "files/tables/labelled_columns.h"
#include "files/tables/text_records.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// How delimited text is written: RFC 4180, with what varies in practice.
struct Dialect {
    char delimiter = ','; ///< a blank stands for any number of blanks and tabs
    char decimal = '.';
    bool header = true;
    bool units = false;       ///< the line under the heading has the units
    std::string comment = ""; ///< with what lines begin that are left out; none where it is empty
    friend bool operator==(const Dialect&, const Dialect&) = default;
};

/// What is chosen about one column before it is read; the rest is found from its cells.
struct ColumnChoice {
    bool skipped = false;
    std::optional<Kind> kind = {};
    std::optional<Spelling> spelling = {};   ///< of its numbers and dates
    std::optional<std::string> heading = {}; ///< in place of the one in the text: a label, with a unit in brackets
};

/// What is chosen about a text before it is read; the rest is found from the text itself.
struct DialectChoice {
    std::optional<char> delimiter = {}, decimal = {};
    std::optional<bool> header = {}, units = {};
    std::optional<std::string> comment = {};
    std::vector<ColumnChoice> columns = {}; ///< of the first ones; those after them are found
    char decimal_otherwise = '.';           ///< where the text does not tell
    bool blank_lines_at_end = false;        ///< in a single column they are missing values, too
};

/// What the dates of a column show of their order.
enum class DateOrder : std::uint8_t { unknown, day_first, month_first };

struct Delimited {
    Dialect dialect;
    bool decimal_found = false; ///< some field can be read with the decimal sign only
    bool windows1252 = false;   ///< it was no UTF-8, and has been read as Windows-1252
    std::vector<std::string> header, units;
    TextRecords records;
    std::vector<std::size_t> ragged; ///< the lines (from 1) whose number of fields is not that of the first

    std::vector<DateOrder> date_orders; ///< of each column

    std::size_t width() const; ///< the number of columns
    /// What a person should know of the reading; empty where there is nothing to say.
    std::vector<Sentence> reports() const;
};

/// Reads delimited text: quotes, line ends of any kind, a byte-order mark. Records with too few or too many fields are
/// kept whole and counted in `ragged`.
Result<Delimited> read_delimited(std::string_view bytes, const DialectChoice& choice = {}, const StopToken& stop = {});

/// How one column of a text is read: as its choice says, else as most of its cells are.
struct ColumnReading {
    Kind kind = Kind::number;
    Spelling spelling;
};
ColumnReading reading_of(const Delimited& text, std::size_t column, const ColumnChoice& choice = {});
/// The first cell that can be read in two ways, where neither the choice nor the text tells which is meant.
std::string cell_of_two_ways(const Delimited& text, std::size_t column, const ColumnChoice& choice = {});

/// The columns of a text: each with its label from the header (a unit in brackets taken off), and the kind that most of
/// its cells have. Columns that are skipped are not among them. Each is read a block of rows at a time on every core.
std::vector<NewColumn> columns_of(const Delimited& text, const std::vector<ColumnChoice>& choices = {},
                                  const StopToken& stop = {});
/// The same with what is to be said of the reading: its own reports, and those of cells that are not of their column's
/// kind.
LabelledColumns labelled_columns(const Delimited& text, const std::vector<ColumnChoice>& choices,
                                 const StopToken& stop = {});
Result<LabelledColumns> read_delimited_columns(std::string_view bytes, const DialectChoice& choice = {},
                                               const StopToken& stop = {});

/// Columns as delimited text, a heading of names first. Numbers are in their shortest form; missing cells and faults
/// are empty.
std::string write_delimited(const LabelledColumns& columns, const Dialect& dialect, std::string_view line_end = "\r\n");

/// A text that another program would run as a formula (it begins with =, +, - or @) is written with an apostrophe
/// before it. `unguarded` takes that away again from what is read; `guarded` puts it before what needs it.
std::string guarded(const std::string& text);
std::string_view unguarded(std::string_view field);

/// One field, in quotes where it needs them.
std::string quoted_field(const std::string& text, char delimiter);

} // namespace ledgefall

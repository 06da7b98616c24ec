#pragma once

#include "core/value/result.h"
#include "files/tables/labelled_columns.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// How delimited text is written: RFC 4180, with what varies in practice.
struct Dialect {
    char delimiter = ',';
    char decimal = '.';
    bool header = true;
    friend bool operator==(const Dialect&, const Dialect&) = default;
};

/// What is chosen about a text before it is read; the rest is found from the text itself.
struct DialectChoice {
    std::optional<char> delimiter, decimal;
    std::optional<bool> header;
    char decimal_otherwise = '.';    ///< where the text does not tell
    bool blank_lines_at_end = false; ///< in a single column they are missing values, too
};

struct Delimited {
    Dialect dialect;
    bool windows1252 = false; ///< it was no UTF-8, and has been read as Windows-1252
    std::vector<std::string> header;
    std::vector<std::vector<std::string>> records;
    std::size_t inexact_wholes = 0;  ///< whole numbers that no double is
    std::vector<std::size_t> ragged; ///< the lines (from 1) whose number of fields is not that of the first

    /// What a person should know of the reading; empty where there is nothing to say.
    std::vector<Sentence> reports() const;
};

/// Reads delimited text: quotes, line ends of any kind, a byte-order mark. Records with too few or too many fields are
/// kept whole and counted in `ragged`.
Result<Delimited> read_delimited(std::string_view bytes, const DialectChoice& choice = {});

/// The columns of a text: each with its label from the header (a unit in brackets taken off), and the kind that most of
/// its cells have.
std::vector<NewColumn> columns_of(const Delimited& text);

/// Columns as delimited text, a heading of names first. Numbers are in their shortest form; missing cells and faults
/// are empty.
std::string write_delimited(const LabelledColumns& columns, const Dialect& dialect, std::string_view line_end = "\r\n");

/// A text that another program would run as a formula (it begins with =, +, - or @) is written with an apostrophe
/// before it. `unguarded` takes that away again from what is read; `guarded` puts it before what needs it.
std::string guarded(const std::string& text);
std::string_view unguarded(std::string_view field);

/// Whether bytes are UTF-8.
bool is_utf8(std::string_view bytes);

/// One field, in quotes where it needs them.
std::string quoted_field(const std::string& text, char delimiter);

} // namespace ledgefall

#pragma once

#include "core/engine/functions/catalogue.h"
#include "core/study/model/scope.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace ledgefall {

/// Something that a formula can go on with.
struct Completion {
    enum class What : std::uint8_t { column, group, held, table, function, word, value, unit, method };
    What what = What::column;
    std::string text;  ///< what is put in
    std::string about; ///< a few words on it: a function's purpose, a column's unit
};

struct Completions {
    std::uint32_t from = 0; ///< where in the text what has been begun stands, up to the cursor
    std::vector<Completion> all;
};

/// The texts that occur in a text column, for completing what is compared with it.
using TextsOf = std::function<std::vector<std::string>(const ColumnDefinition&)>;

/// What can stand at the end of `before`, a formula's text up to the cursor: names and functions that begin so, after
/// `Table.` the names of that table, within quotes the texts of the column they are compared with, in a place where
/// the catalogue has a choice (units, types of quantile) those. Nothing where nothing has been begun and there is no
/// choice; but behind the bracket of a measure what people usually take it of: the numbers to the left of the column
/// that is written (`written`, empty: a new one), in its row, and the column beside it.
Completions completions_for(const std::string& before, const Study& study, const Table* own, const TextsOf& texts_of,
                            Id written = {});

/// The call that the cursor stands in, and which of its arguments.
struct OpenCall {
    std::string name;
    const Function* function = nullptr; ///< of the catalogue
    const HeldValue* held = nullptr;    ///< or a function on the ledge
    std::size_t argument = 0;           ///< from 0

    /// Whether the argument is the name of a unit.
    bool takes_unit() const {
        return function != nullptr && argument < function->arguments.size() && function->arguments[argument].unit;
    }
};
std::optional<OpenCall> open_call(const std::string& before, const Study& study, const Table* own);

} // namespace ledgefall

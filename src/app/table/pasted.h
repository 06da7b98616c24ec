#pragma once

#include "app/table_model/table_model.h"

#include <QString>

namespace ledgefall {

/// What the clipboard offered, and where it is to go.
struct PasteRequest {
    QByteArray piece; ///< whole columns with their formulas, as a file of studies has them; empty where there are none
    QString text, html;
    bool with_names = false;          ///< the text's first line is the names of whole columns
    std::optional<bool> lines_across; ///< whether the text has a line for each column, where that is known
    bool laid_across = false;         ///< whether the table shows its columns so
    Table table;                      ///< as it was when this was asked for
    std::size_t row = 0, section = 0;
    bool at_top_of_new = false; ///< at the top, behind the last column
    char decimal = '.';         ///< where the text does not tell
    TypedBy typing;             ///< of texts into cells

    std::size_t size() const { return static_cast<std::size_t>(piece.size() + text.size() + html.size()); }
};

/// What pasting makes of a study.
struct Pasted {
    enum class Form { nothing, cells, columns, definitions, piece, formula } form = Form::nothing;
    Study study;
    std::size_t row = 0, section = 0, rows = 0, columns = 0;  ///< the cells that were pasted
    std::optional<TypedTexts> typed;                          ///< cells
    std::vector<Id> added, held;                              ///< columns and held values of a piece or of definitions
    std::vector<std::pair<std::string, std::string>> renamed; ///< from, to
    QString formula; ///< to be written further: it is meant as definitions and cannot be read yet
};

/// On any thread.
Result<Pasted> pasted(const Study& study, const Results& results, const PasteRequest& request, const StopToken& stop);

/// Lines for columns and the other way round, of tab-separated text or of text with other signs between its fields.
std::string with_lines_for_columns(const std::string& text, const StopToken& stop = {});

} // namespace ledgefall

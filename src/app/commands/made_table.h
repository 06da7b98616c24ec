#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// The cells of a column, typed or computed.
std::shared_ptr<const Column> cells_of(const Document& document, const ColumnDefinition& column);

/// Makes a new table, with a chart of one of its columns where one is asked for, as one step, and shows it.
class MadeTable {
  public:
    using Builder = std::function<Result<Study>(const Study& study, Id* table)>;

    MadeTable(Document& document, PageArea& pages)
        : document_(document)
        , pages_(pages) {}

    /// `drawn`: the name of the column that is drawn; `then` is called with the table once it is shown.
    void make(const QString& name, const Builder& build, const std::string& drawn = {},
              const std::function<void(Id)>& then = {});
    /// The same where the study and its chart are there already.
    void take(const QString& name, const Result<Study>& made, Id table, Id chart);

  private:
    Document& document_;
    PageArea& pages_;
};

} // namespace ledgefall

#pragma once

#include "app/commands/command.h"
#include "app/pages/page_area.h"

namespace ledgefall {

/// What commands work on.
struct CommandPlace {
    Document& document;
    PageArea& pages;
    QWidget* window; ///< above which their dialogs stand
};

/// The commands of one subject, and what they do.
class CommandFamily : public QObject {
  public:
    explicit CommandFamily(const CommandPlace& place)
        : QObject(place.window)
        , document_(place.document)
        , pages_(place.pages)
        , window_(place.window) {}

  protected:
    TablePage* page() const { return pages_.page(); }
    const Table* table() const { return page()->model().table(); }
    /// The current column; null where there is none.
    const ColumnDefinition* column() const { return page()->model().column(page()->view().current().column()); }
    bool perform(const QString& name, const Result<Study>& changed) { return document_.perform(name, changed); }

    Document& document_;
    PageArea& pages_;
    QWidget* window_;
};

} // namespace ledgefall

#pragma once

#include "app/commands/command.h"
#include "app/pages/page_area.h"

#include <QCoreApplication>

namespace ledgefall {

/// Whether what commands need is there.
class Requirements {
    Q_DECLARE_TR_FUNCTIONS(Requirements)
  public:
    Requirements(Document& document, PageArea& place)
        : document_(document)
        , place_(place) {}

    /// What has to be there or to be chosen first, in a few words; empty where it is.
    QString missing(Needs needs) const;
    /// Whether the command is enabled: false without the table or chart that it works on.
    bool possible(Needs needs) const;
    bool laid_across() const { return place_.page() != nullptr && place_.page()->laid_across(); }
    void refuse(const QString& command, const QString& reason) const;

  private:
    QString missing_in(const Table& table, const ColumnDefinition* current, Needs needs) const;

    Document& document_;
    PageArea& place_;
};

} // namespace ledgefall

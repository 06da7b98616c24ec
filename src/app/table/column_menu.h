#pragma once

#include "app/document/document.h"

#include <QMenu>

#include <functional>

namespace ledgefall {

struct Function;

/// What can be done with one column; used as a context menu and under Table.
class ColumnMenu : public QMenu {
    Q_OBJECT
  public:
    ColumnMenu(Document& document, Id table, Id column, int row, QWidget* parent);

    void head();
    void rename();
    void remove();

  Q_SIGNALS:
    void formula_wanted(ledgefall::Id column);

  private:
    void add_formats();
    void add_kinds();
    void add_overrides(int row);
    void format(const Format& format);
    const ColumnDefinition* column() const;

    Document& document_;
    Id table_, column_;
};

/// What can be done with one foot line.
class FootMenu : public QMenu {
    Q_OBJECT
  public:
    FootMenu(Document& document, Id table, Id line, QWidget* parent);

  private:
    void add_columns(const Table& table, const FootLine& line);
    void rewrite();
    Document& document_;
    Id table_, line_;
};

/// The measures that a foot line can be chosen from; each adds a line under the chosen columns, or all columns of
/// numbers.
class NewFootMenu : public QMenu {
    Q_OBJECT
  public:
    explicit NewFootMenu(Document& document, QWidget* parent = nullptr);
    /// The table that lines are added to, and its columns that are chosen (none: all of them).
    struct Place {
        Id table;
        std::function<std::vector<Id>()> chosen;
    };
    void set_place(Place place) { place_ = std::move(place); }

  Q_SIGNALS:
    void added(ledgefall::Id line);

  private:
    void add_measure(QMenu& menu, const Function& function);
    void add_by_values(const Function& function);
    void add(const QString& label, const QString& formula);
    std::vector<Id> columns() const;
    Document& document_;
    Place place_;
};

} // namespace ledgefall

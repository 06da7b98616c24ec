#pragma once

#include "app/document/document.h"

#include <QMenu>

namespace ledgefall {

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

/// The measures that a foot line can be chosen from; each adds a line under all columns of numbers.
class NewFootMenu : public QMenu {
    Q_OBJECT
  public:
    explicit NewFootMenu(Document& document, QWidget* parent = nullptr);
    void set_table(Id table) { table_ = table; }

  private:
    void add(const QString& label, const std::string& formula);
    Document& document_;
    Id table_;
};

} // namespace ledgefall

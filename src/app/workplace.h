#pragma once

#include "app/pen.h"
#include "app/table_page.h"

#include <QSplitter>
#include <QStackedWidget>

namespace ledgefall {

/// Where tables are worked in: one, or two side by side. The one that was last worked in is the current one.
class Workplace : public QStackedWidget {
    Q_OBJECT
  public:
    Workplace(Document& document, QWidget* welcome, QWidget* parent = nullptr);
    ~Workplace() override;

    TablePage* page() const { return current_; } ///< the current one; null where there is no table
    TablePage* beside() const;                   ///< the other one, if any
    TablePage* page_of(Id table) const;
    Pen& pen() { return pen_; }

    /// Shows a table in place of the current one; while a formula is being written, beside it.
    void show_table(Id table);
    void show_beside(Id table);
    void close_beside();

  Q_SIGNALS:
    void page_changed(); ///< which one is current, or what it shows
    void selection_changed();
    void foot_chosen(ledgefall::Id line, ledgefall::Id column);
    void menu_wanted(const QPoint& global);

  private:
    TablePage* make_page(Id table);
    void drop(TablePage* page);
    void make_current(TablePage* page);
    void tidy(); ///< pages whose tables are gone go as well
    void show_meant();

    Document& document_;
    Pen pen_;
    QSplitter* pages_;
    TablePage* current_ = nullptr;
};

} // namespace ledgefall

#pragma once

#include "app/charts/chart_page.h"
#include "app/formula_editor/active_editor.h"
#include "app/table/table_page.h"

#include <QSplitter>
#include <QStackedWidget>

namespace ledgefall {

/// Where tables are computed in: one, or two side by side; the one that was last computed in is the current one. A
/// chart stands beside them or below. What is chosen in a table is marked in the chart, and the other way round.
class PageArea : public QStackedWidget {
    Q_OBJECT
  public:
    PageArea(Document& document, QWidget* welcome, QWidget* parent = nullptr);
    ~PageArea() override;

    TablePage* page() const { return current_; } ///< the current one; null where there is no table
    TablePage* beside() const;                   ///< the other one, if any
    TablePage* page_of(Id table) const;
    ActiveEditor& active_editor() { return active_editor_; }

    /// Shows a table in place of the current one; while a formula is being written, beside it.
    void show_table(Id table);
    void show_beside(Id table);
    void close_beside();
    ChartPage* chart_page() const { return chart_; } ///< null where no chart is shown
    void show_chart(Id chart);
    void close_chart();
    void turn_chart(); ///< below the tables, or beside them
    /// Chooses rows of a table, and shows it if it was not shown.
    void choose_rows(Id table, const std::vector<std::uint32_t>& rows);

    /// What the line of each table offers to come next.
    void offer_beside_tables(const QList<TablePage::NextStep>& steps) { next_steps_ = steps; }

  Q_SIGNALS:
    void page_changed(); ///< which one is current, or what it shows
    void selection_changed();
    void holding_wanted(const QString& name);
    void chart_changed(); ///< which chart is shown
    void chart_change_wanted(ledgefall::Id chart);
    void foot_chosen(ledgefall::Id line, ledgefall::Id column);
    void menu_wanted(const QPoint& global);
    void axis_wanted(bool across);

  private:
    QList<TablePage::NextStep> next_steps_;
    TablePage* make_page(Id table);
    void drop(TablePage* page);
    void make_current(TablePage* page);
    void tidy();
    void lay_anew(TablePage* page); ///< pages whose tables are gone go as well
    void show_references();
    void mark_in_chart();
    void size_chart();
    void drop_chart();

    Document& document_;
    ActiveEditor active_editor_;
    QSplitter* halves_; ///< the tables, and the chart
    QSplitter* pages_;
    ChartPage* chart_ = nullptr;
    bool sized_by_hand_ = false; ///< the boundary between tables and chart
    TablePage* current_ = nullptr;
};

} // namespace ledgefall

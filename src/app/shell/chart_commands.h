#pragma once

#include "app/shell/page_area.h"

#include <QMenu>

namespace ledgefall {

/// The commands on charts: each is one action with a name and an undo.
class ChartCommands : public QObject {
    Q_OBJECT
  public:
    ChartCommands(Document& document, PageArea& place, QWidget* window);

    void fill_menu(QMenu* menu);
    void enable(bool has_table, bool has_chart);
    QAction* draw() const { return draw_; }
    void draw_chosen(); ///< a chart of the chosen columns, as they most likely ask for
    void change(Id chart);
    void remove(Id chart);

  private:
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys, bool of_chart,
                 const std::function<void()>& done, const char* symbol = nullptr);
    Document& document_;
    PageArea& place_;
    QWidget* window_;
    void only_chosen_rows(Chart& chart) const;
    QAction* draw_ = nullptr;
    std::vector<QAction*> of_table_, of_chart_;
};

} // namespace ledgefall

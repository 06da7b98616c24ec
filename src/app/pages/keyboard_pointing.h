#pragma once

#include "app/ledge/ledge_view.h"
#include "app/pages/page_area.h"

namespace ledgefall {

/// Points by keys while a formula is being written: over the cells, from the first row up to the headings and on to the
/// ledge, from the last row down to the foot, and from table to table. What it comes to is put into the formula, in
/// place of what it pointed at before.
class KeyboardPointing : public QObject {
    Q_OBJECT
  public:
    KeyboardPointing(PageArea& place, LedgeView& ledge, QObject* parent);

    void begin();                     ///< at the current cell of the table that is written for
    void move(int rows, int columns); ///< by one step
    void jump(Qt::Key key); ///< Home: to the headings; End: to the foot; page keys: to the next table, the one before

  private:
    enum class Zone { cells, headings, foot, ledge };
    TablePage* page() const;
    void enter(Zone zone, int row);
    void point();
    int columns() const;
    int foot_lines() const;

    PageArea& place_;
    LedgeView& ledge_;
    Id table_;
    Zone zone_ = Zone::cells;
    int row_ = 0, column_ = 0; ///< in the foot the line
    int card_ = 0;             ///< on the ledge
};

} // namespace ledgefall

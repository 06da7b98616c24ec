#pragma once

#include "app/starters/starters.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>

namespace ledgefall {

/// What stands in the window while there is no table: how to begin, and the starters.
class StartPage : public QScrollArea {
    Q_OBJECT
  public:
    explicit StartPage(Starters& starters, QWidget* parent = nullptr);

  Q_SIGNALS:
    void new_table_wanted();
    void import_wanted();
    void demo_wanted();
    void first_steps_wanted();
    void starter_chosen(const ledgefall::Starter& starter);
    void typed(QKeyEvent* key); ///< something that can stand in a cell

  protected:
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void show_cards();
    void lay_out_cards();
    void open_menu(const Starter& starter, const QPoint& global);

    Starters& starters_;
    QGridLayout* cards_;
    QList<QWidget*> shown_;
    int across_ = 0;
};

} // namespace ledgefall

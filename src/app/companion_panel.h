#pragma once

#include "app/table_page.h"

#include <QLabel>
#include <QWidget>

namespace ledgefall {

/// What goes along with the selection: n, sum, mean and range of the chosen cells, and of the current cell its value to
/// full precision, its formula, and what is wrong with it.
class CompanionPanel : public QWidget {
    Q_OBJECT
  public:
    explicit CompanionPanel(Document& document, QWidget* parent = nullptr);
    void show_page(TablePage* page);
    void refresh();
    QString summary() const { return summary_->text(); }
    QString story() const { return story_->text(); }

  private:
    QString selection_text() const;
    QString cell_text() const;

    Document& document_;
    TablePage* page_ = nullptr;
    QLabel* heading_;
    QLabel* story_;
    QLabel* summary_heading_;
    QLabel* summary_;
};

} // namespace ledgefall

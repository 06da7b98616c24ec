#pragma once

#include "app/details/chosen_summary.h"
#include "app/details/name_value_list.h"
#include "app/details/working_panel.h"
#include "app/table/table_page.h"
#include "app/tasks/task_runner.h"

#include <QLabel>
#include <QPointer>
#include <QScrollArea>

namespace ledgefall {

/// What goes along with what is chosen: why the current cell, held value or foot line is what it is; and n, sum, mean
/// and range of the chosen cells.
class DetailsPanel : public QScrollArea {
    Q_OBJECT
  public:
    explicit DetailsPanel(Document& document, QWidget* parent = nullptr);
    void show_page(TablePage* page); ///< whose chosen cells are summed up
    void show_place(const WorkingPlace& place);
    void refresh();
    WorkingPanel& working() { return *working_; }
    QString about_class() const { return class_->text(); }
    QString summary() const { return summary_->text(); }
    QString story() const { return working_->story(); }

  Q_SIGNALS:
    void submission_wanted(); ///< of the mark that is shown

  private:
    void tell_of_class(const WorkingPlace& place);
    void sum_up();
    void show_summary(const ChosenSummary& chosen);
    void apply_theme();

    Document& document_;
    QPointer<TablePage> page_;
    QLabel* class_; ///< the question of what is asked here, or where the answer of a mark is to be read
    WorkingPanel* working_;
    QLabel* summary_heading_;
    NameValueList* summary_;
    Task summing_;
};

} // namespace ledgefall

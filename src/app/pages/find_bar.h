#pragma once

#include "app/pages/page_area.h"
#include "app/tasks/task_runner.h"
#include "core/study/edits/find.h"

#include <QCheckBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>

namespace ledgefall {

/// A strip under the tables in which values are looked for in the cells of the current one, and replaced.
class FindBar : public QFrame {
    Q_OBJECT
  public:
    FindBar(Document& document, PageArea& place, QWidget* parent = nullptr);

    void open();
    void find(bool backwards);
    void replace(bool all);
    void tell(const QString& outcome);
    QLineEdit& what() { return *what_; }
    QLineEdit& with() { return *with_; }
    QCheckBox& whole() { return *whole_; }
    QString message() const { return message_->text(); }
    bool searching() const { return finding_.running(); }

  protected:
    void keyPressEvent(QKeyEvent* event) override;

  private:
    Search search() const;
    void select_match(Id table, std::optional<CellPlace> at);
    void leave();

    Document& document_;
    PageArea& place_;
    QLineEdit *what_, *with_;
    QCheckBox *whole_, *chosen_;
    QLabel* message_;
    Task finding_;
    std::vector<Id> columns_; ///< those that were chosen when the strip was opened
};

} // namespace ledgefall

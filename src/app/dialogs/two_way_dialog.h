#pragma once

#include "app/document/computer.h"
#include "core/study/edits/edit_grid.h"

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>

class QPushButton;

namespace ledgefall {

/// A two-way table in three lines: what goes down, what goes across, and a formula for all cells, with the first of its
/// cells computed while it is written.
class TwoWayDialog : public QDialog {
    Q_OBJECT
  public:
    /// What the lines begin with.
    struct Begun {
        QString down, across, formula;
    };
    TwoWayDialog(const Study& study, const ResultsPtr& results, const Begun& begun, QWidget* parent = nullptr);

    /// The study with the table in it, or why it cannot be.
    Result<Study> made(Id* table = nullptr) const;

    QLineEdit& down() { return *down_; }
    QLineEdit& across() { return *across_; }
    QLineEdit& formula() { return *formula_; }
    QString told() const { return told_->text(); }
    QTableWidget& preview() { return *preview_; }

  private:
    void look_over();
    void show_cells(const ResultsPtr& results);
    QString label() const;

    Study study_;
    Study tried_;
    Id tried_table_;
    Computer trial_;
    QLineEdit *down_, *across_, *formula_;
    QTableWidget* preview_;
    QLabel* told_;
    QPushButton* make_ = nullptr;
};

} // namespace ledgefall

#pragma once

#include "files/worksheet_recovery/worksheet_study.h"

#include <QDialog>
#include <QTextBrowser>

namespace ledgefall {

/// What was found in a worksheet, to be read before any of it is taken.
class WorksheetDialog : public QDialog {
    Q_OBJECT
  public:
    /// `name`: of the file, without its folder; `may_add`: whether its tables can be added to the study that is open.
    WorksheetDialog(const WorksheetStudy& recovered, const QString& name, bool may_add, QWidget* parent = nullptr);

    QTextBrowser& report() { return *report_; }
    bool adds() const { return adds_; } ///< whether they are to be added, rather than taken as a study of their own

  private:
    bool adds_ = false;
    QTextBrowser* report_;
};

} // namespace ledgefall

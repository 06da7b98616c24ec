#pragma once

#include "files/sheet_study/worksheet_study.h"

#include <QDialog>
#include <QTextBrowser>

namespace ledgefall {

/// What was found in a worksheet, to be read before any of it is taken.
class WorksheetDialog : public QDialog {
    Q_OBJECT
  public:
    /// `name`: of the file, without its folder.
    WorksheetDialog(const WorksheetStudy& recovered, const QString& name, QWidget* parent = nullptr);

    QTextBrowser& report() { return *report_; }

  private:
    QTextBrowser* report_;
};

} // namespace ledgefall

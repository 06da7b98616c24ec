#pragma once

#include "app/document/file_task.h"

#include <QDialog>
#include <QLabel>

namespace ledgefall {

/// Stands over the window while a person waits for work that they have asked for, and stops it by its button or Escape.
class WaitDialog : public QDialog {
    Q_OBJECT
  public:
    WaitDialog(FileTask& task, QWidget* window);

  private:
    QLabel* what_;
};

} // namespace ledgefall

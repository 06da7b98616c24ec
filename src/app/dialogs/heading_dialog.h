#pragma once

#include "core/study/edits/edits.h"

#include <QDialog>
#include <QLineEdit>

namespace ledgefall {

/// Asks for a column's label, unit and note.
class HeadingDialog : public QDialog {
    Q_OBJECT
  public:
    HeadingDialog(const ColumnDefinition& column, QWidget* parent);
    Heading heading() const;

  private:
    QLineEdit* label_;
    QLineEdit* unit_;
    QLineEdit* note_;
};

} // namespace ledgefall

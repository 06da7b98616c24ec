#pragma once

#include "files/tables/delimited.h"

#include <QComboBox>
#include <QDialog>
#include <QPlainTextEdit>

namespace ledgefall {

/// What a table's columns are called in a text that goes out.
enum class HeadingForm : std::uint8_t {
    names,       ///< as formulas call them
    labels,      ///< with their units in brackets
    definitions, ///< with their formulas: pasted into a table they are columns with these again
    none,
};

/// How a table is written.
struct WritingChoice {
    char delimiter = ',', decimal = '.';
    HeadingForm headings = HeadingForm::names;
    bool as_shown = false; ///< numbers rounded as the table shows them, not in full
};

/// Asks how a table is written, and shows the first lines of it.
class ExportDialog : public QDialog {
    Q_OBJECT
  public:
    /// `first` makes the beginning of the text as it would be written. A text in a form of its own, as HTML has, is
    /// asked about its numbers only.
    ExportDialog(const WritingChoice& begun, bool delimited, std::function<QString(const WritingChoice&)> first,
                 QWidget* parent = nullptr);

    WritingChoice choice() const;
    QString preview() const { return preview_->toPlainText(); }

  private:
    void show_first();

    WritingChoice begun_;
    std::function<QString(const WritingChoice&)> first_;
    QComboBox* delimiter_;
    QComboBox* decimal_;
    QComboBox* headings_;
    QComboBox* numbers_;
    QPlainTextEdit* preview_;
};

} // namespace ledgefall

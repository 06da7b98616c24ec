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
struct ExportOptions {
    char delimiter = ',', decimal = '.';
    HeadingForm headings = HeadingForm::names;
    bool as_shown = false; ///< numbers rounded as the table shows them, not in full
    bool as_grid = true;   ///< of a two-way table: as it is seen, rather than a line for each cell
};

/// Asks how a table is written, and shows the first lines of it.
class ExportDialog : public QDialog {
    Q_OBJECT
  public:
    /// What there is to choose.
    struct Asked {
        bool fields = false;  ///< how fields are divided, the decimal sign and the headings: of delimited text
        bool numbers = false; ///< in full, or as shown
        bool grid = false;    ///< the form of a two-way table
    };
    /// `first` makes the beginning of the text as it would be written.
    ExportDialog(const ExportOptions& begun, const Asked& asked, std::function<QString(const ExportOptions&)> first,
                 QWidget* parent = nullptr);

    ExportOptions choice() const;
    QString preview() const { return preview_->toPlainText(); }

  private:
    void show_first();

    ExportOptions begun_;
    std::function<QString(const ExportOptions&)> first_;
    QComboBox* delimiter_;
    QComboBox* decimal_;
    QComboBox* headings_;
    QComboBox* numbers_;
    QComboBox* form_;
    QPlainTextEdit* preview_;
};

} // namespace ledgefall

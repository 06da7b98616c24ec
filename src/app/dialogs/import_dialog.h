#pragma once

#include "files/tables/delimited.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTableWidget>

namespace ledgefall {

/// Shows how the first lines of a delimited text are read before it becomes a table, and lets that be chosen: what
/// divides the fields, the decimal sign, headings, units and comments; of each column whether it is taken, its heading
/// and its kind. Where a column's cells can be read in two ways, that is asked.
class ImportDialog : public QDialog {
    Q_OBJECT
  public:
    ImportDialog(std::string_view bytes, const QString& name, QWidget* parent = nullptr);

    /// The first lines as they are read; nothing where they cannot be.
    const std::optional<Delimited>& text() const { return text_; }
    /// By which the whole text is to be read as it is shown here.
    DialectChoice choice() const;
    /// The kinds that are shown, of the columns that are taken.
    std::vector<Kind> shown_kinds() const;
    QString table_label() const { return name_->text().trimmed(); }
    QTableWidget& columns() { return *columns_; }

    /// A way of reading a column, with how it is told.
    struct Reading {
        Kind kind = Kind::number;
        Spelling spelling;
        QString words;
    };
    /// The ways that make a difference in the first lines.
    std::vector<Reading> readings(std::size_t column) const;
    void choose_reading(std::size_t column, const Reading& reading);

  private:
    void read();
    void show_report();
    void show_columns();
    void show_column(int column);
    void take_change(QTableWidgetItem* item);
    QString heading_of(std::size_t column) const;
    ColumnChoice choice_of(std::size_t column) const;

    std::string head_;
    bool whole_; ///< `head_` is all of the text
    std::optional<Delimited> text_;
    std::vector<ColumnChoice> choices_; ///< of the columns, what is not as found
    QLineEdit* name_;
    QComboBox* delimiter_;
    QComboBox* decimal_;
    QComboBox* comment_;
    QCheckBox* header_;
    QCheckBox* units_;
    QLabel* report_;
    QTableWidget* columns_;
    QPushButton* accept_;
    bool header_chosen_ = false, units_chosen_ = false;
};

} // namespace ledgefall

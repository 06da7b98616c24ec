#pragma once

#include "app/document/document.h"
#include "app/table_model/typed_texts.h"

#include <QAbstractTableModel>

namespace ledgefall {

/// One table of the study, with one row more than it has for adding rows (where they are typed), and one column more
/// for the next column.
class TableModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Role {
        ValueStateRole = Qt::UserRole + 1, ///< of the cell: int(State)
        ComputedRole,                      ///< whether its column is computed
        OldRole,                           ///< whether it is shown as it was before the last change
        OverrideRole,                      ///< whether a typed value stands in place of the formula's
        BeyondRole,                        ///< whether it is in the row or column for adding
        ExactRole,                         ///< the value to its full precision
        ExplanationRole,                   ///< of a fault or an unparsed cell: one sentence
        KindRole,                          ///< of the cell's value: int(Kind)
        TrialRole,                         ///< whether it is the result of a formula that is still being written
        WaitsRole,                         ///< whether it waits for a name that is not there yet
        ReachEndRole,                      ///< whether it is the last row that the column's formula covers
        AcrossRole,                        ///< whether it is of a formula that follows the column of a two-way table
        LinesRole,                         ///< where all layers are shown: the texts of each, under each other
        LineRole,                          ///< which of them is the layer that is written into
        BesideRole,                        ///< whether it is a foot line's value beside the rows of a two-way table
    };

    TableModel(Document& document, Id table, QObject* parent = nullptr);

    Id table_id() const { return table_; }
    const Table* table() const { return document_.study().table(table_); }
    virtual int lines() const { return 1; } ///< of text in a row: as many as layers are shown under each other
    virtual bool two_way() const { return false; }
    virtual const ColumnDefinition* column(int section) const;
    virtual int table_rows() const;    ///< without the row for adding
    virtual int table_columns() const; ///< without the place for the next column
    virtual Value value(int row, int column) const;
    /// Which of its column's cells it is, from 0; in a two-way table they are counted row by row.
    virtual std::size_t cell_of(int row, int section) const;
    /// Where a column's cell stands (from 0); of a layer of a two-way table, which is then the one that is shown.
    virtual QModelIndex place_of(Id column, std::size_t cell);
    virtual QString foot_text(const FootLine& line, int section) const;
    virtual Value foot_value(const FootLine& line, int section) const;
    Format shown_format(int column) const;
    QString explanation(const Value& value) const;
    QString spoken(const QModelIndex& cell) const; ///< a cell with its heading and row, and what is special about it

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role = Qt::EditRole) override;

    /// How a column's dates are spelled from now on.
    void spell_dates(Id column, bool month_first) { known_.month_first[column] = month_first; }
    /// Reads what was typed into a column, from `row` (from 0) down, once more by another decimal sign, which holds for
    /// the column from now on.
    bool read_again(Id column, int row, const std::vector<std::vector<std::string>>& texts, char decimal);
    /// Shows a column's results while its formula is being written: in its place, or, where it is new, in that of the
    /// next column. Null: none.
    void show_trial(const ResultsPtr& results, Id column);
    virtual bool in_trial(int section) const;
    /// The rows (from 0, both included) that the column's formula covers; all where it is not narrowed.
    std::pair<int, int> reach(const ColumnDefinition& column) const;

    /// By which texts are typed from a cell on.
    virtual TypedBy typing(int row, int section) const;
    bool type(int row, int section, const TextBlock& block, const QString& name);
    void tell(const TypedTexts& typed); ///< how what was typed has been read

  Q_SIGNALS:
    void shape_changed(); ///< columns, or what their headings show
    /// What was typed at the top of columns has become their headings, and what was typed now stands one row higher.
    void headings_taken(const ledgefall::HeadedColumns& headed);
    /// A date was read one way that can be read two ways; said once for each column.
    void dates_read(ledgefall::Id column, const QString& typed, double days);
    /// The same of a number such as 1,250; `texts` is what was typed into the column, from `row` (from 0) down.
    void numbers_read(ledgefall::Id column, const QString& typed, double number, int row,
                      const std::vector<std::vector<std::string>>& texts);

  protected:
    void sync();
    bool is_new_trial() const;
    const ResultsPtr& trial() const { return trial_; }
    Id trial_column() const { return trial_column_; }
    virtual bool overridden(const ColumnDefinition& column, int row, int section) const;
    Document& document_;
    Id table_;

  private:
    std::shared_ptr<const Table> pointer() const;
    void refresh();
    std::shared_ptr<const Table> shown_; ///< the state of the table that the views were told of last
    ResultsPtr trial_;
    Id trial_column_;
    Format trial_format_;
    KnownSpellings known_;
    int rows_ = 0, columns_ = 0; ///< as last told to the views, with those for adding
    struct SettledFormat {
        const Column* cells = nullptr; ///< that it was found for
        Format own, shown;
    };
    mutable std::unordered_map<Id, SettledFormat> formats_;
};

} // namespace ledgefall

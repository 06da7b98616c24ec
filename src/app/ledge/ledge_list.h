#pragma once

#include "app/document/document.h"

#include <QAbstractTableModel>
#include <QTableView>

namespace ledgefall {

/// The held values of the study and of the table that is shown, as a list: name, value, unit, formula, note, and what
/// uses them. All but the last can be written; the last row is for adding one.
class LedgeModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column : int { name, value, unit, formula, note, used_by, columns };
    explicit LedgeModel(Document& document, QObject* parent = nullptr);
    void show_table(Id table);
    const HeldValue* held(int row) const; ///< null in the row for adding

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& typed, int role = Qt::EditRole) override;

  private:
    void refresh();
    QString text(const HeldValue& held, int column) const;
    bool add(int column, const std::string& typed);

    Document& document_;
    Id table_;
    int rows_ = 0;
};

/// The ledge opened up: a calculator in itself, n and p above, mean and spread below.
class LedgeList : public QTableView {
    Q_OBJECT
  public:
    explicit LedgeList(Document& document, QWidget* parent = nullptr);
    void show_table(Id table) { model_->show_table(table); }
    LedgeModel& list() { return *model_; }

  Q_SIGNALS:
    void chosen(ledgefall::Id held);

  private:
    void apply_theme();
    void fit_height();
    LedgeModel* model_;
};

} // namespace ledgefall

#pragma once

#include "core/engine/running/results.h"
#include "core/study/builders/diversity_tables.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>

namespace ledgefall {

/// Where the counts of species at sites stand in a table, and what is to be made of them: indices for each site, a
/// matrix of all pairs, curves.
class DiversityDialog : public QDialog {
    Q_OBJECT
  public:
    DiversityDialog(const Study& study, const Results& results, Id table, QWidget* parent);

    /// The study with all that is asked for, or why it cannot be; `table` is the first table made, `chart` the last
    /// chart.
    Result<Study> made(Id* table = nullptr, Id* chart = nullptr) const;

    QComboBox& form() { return *form_; }
    QListWidget& indices() { return *indices_; }
    QComboBox& matrix() { return *matrix_; }
    QCheckBox& rarefied() { return *rarefied_; }
    QCheckBox& curve(SiteCurves curves) { return *curves_[static_cast<std::size_t>(curves)]; }
    QString message() const { return message_->text(); }

  private:
    void find_columns(const Results& results);
    void look_over();
    SiteCounts counts() const;
    std::vector<std::string> site_names() const;

    Study study_;
    const Table& table_;
    struct Texts {
        Id id;
        std::vector<std::string> values; ///< each once, in order of occurrence
    };
    std::vector<Texts> texts_;
    std::vector<std::string> across_; ///< of a two-way table
    QComboBox *form_, *site_, *species_, *number_, *base_, *matrix_;
    QListWidget *counts_, *indices_;
    QCheckBox* rarefied_;
    QCheckBox* curves_[3] = {};
    QLabel* message_;
    QPushButton* make_ = nullptr;
};

} // namespace ledgefall

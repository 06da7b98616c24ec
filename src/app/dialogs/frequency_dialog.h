#pragma once

#include "app/dialogs/class_preview.h"
#include "app/dialogs/values_box.h"
#include "core/stats/classing.h"
#include "core/study/builders/frequency.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace ledgefall {

/// The classes of a numeric column: proposed by a rule, or by start and width, which can also be dragged on the picture
/// of their counts; and which columns the frequency table is to have.
class FrequencyDialog : public QDialog {
    Q_OBJECT
  public:
    FrequencyDialog(std::shared_ptr<const Column> cells, const QString& name, QWidget* parent);

    /// Columns by whose values the counts can be divided, each with those values.
    struct GroupOffer {
        Id column;
        QString label;
        std::vector<std::string> values;
    };
    void offer_groups(const std::vector<GroupOffer>& offers);
    QComboBox& by() { return *by_; }
    ValuesBox& values_are() { return *values_are_; } ///< asked here, and kept by the study

    /// Begins with classes that there are, to be changed; what else the table has is not asked.
    void begin_with(const Classes& classes);
    Classes classes() const;
    FrequencyParts parts() const;
    bool is_valid() const { return sound_; }
    QString message() const { return message_->text(); }
    QLineEdit& recorded_to_line() { return *recorded_to_; }
    QLineEdit& start() { return *start_; }
    QLineEdit& width_line() { return *width_; }
    QLineEdit& own_limits() { return *own_limits_; }
    bool draws() const { return draw_->isChecked(); } ///< a histogram as well
    QComboBox& rule() { return *rule_; }
    ClassPreview& preview() { return *preview_; }

  private:
    void propose();
    void look_over();
    double recorded_to() const;
    double in_units(double width) const;
    Result<std::vector<double>> wanted_boundaries() const;
    void count(const std::vector<double>& boundaries);
    QCheckBox* box(const QString& text, bool on);

    std::shared_ptr<const Column> cells_;
    QComboBox *rule_, *closed_, *by_;
    ValuesBox* values_are_;
    std::vector<GroupOffer> offers_;
    QLineEdit *recorded_to_, *start_, *width_, *own_limits_;
    QCheckBox *open_first_, *open_last_;
    QCheckBox *middle_, *relative_, *percent_, *cumulative_, *cumulative_share_, *down_, *density_, *tally_, *measures_,
        *mode_, *draw_;
    ClassPreview* preview_;
    QLabel* message_;
    QPushButton* make_;
    QLabel* with_ = nullptr;
    std::vector<double> boundaries_;
    bool sound_ = false, described_density_ = false;
    bool chosen_ = false; ///< start and width are not only proposed
};

} // namespace ledgefall

#pragma once

#include "app/report/report_writing.h"
#include "app/tasks/task_runner.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QSpinBox>

namespace ledgefall {

/// What a report of the study is to have, beside its pages as they will be; it is printed or written from here. The
/// pages are laid out by a task, which a further choice stops.
class ReportDialog : public QDialog {
    Q_OBJECT
  public:
    ReportDialog(const Study& study, const ResultsPtr& results, QWidget* parent);
    ~ReportDialog() override;

    ReportChoices choices() const; ///< to be kept with the study
    QPageLayout page() const;
    bool laying_out() const { return layout_.running(); }
    int pages() const { return pages_ ? pages_->count() : 0; }
    Result<bool> write_to(const QString& path) const;
    QComboBox& formulas() { return *formulas_; }
    QComboBox& rows() { return *rows_; }
    QLineEdit& workings() { return *workings_; }
    QCheckBox& blank() { return *blank_; }
    /// `note`, `held`, `checks`, `runs`, `sources`, or the id of a table or chart.
    void tick(const QString& part, bool on);

  private:
    void list_parts();
    void show_choices(const ReportChoices& choices);
    bool has(const char* part) const;
    void look_over();
    void take(std::shared_ptr<ReportPages> pages);
    void tell(const QString& text, bool wrong);
    void print();
    void save();

    const Study study_;
    ResultsPtr results_;
    std::optional<DrawnReport> drawn_;
    std::shared_ptr<ReportPages> pages_;
    Task layout_;
    QPrinter printer_;
    QPrintPreviewWidget* preview_;
    QListWidget* parts_;
    QLineEdit *author_, *workings_;
    QComboBox *rows_, *formulas_, *paper_, *lies_;
    QCheckBox *full_, *blank_;
    QSpinBox* row_count_;
    QLabel* message_;
    QPushButton *save_ = nullptr, *print_ = nullptr;
};

} // namespace ledgefall

#pragma once

#include "app/report/report_writing.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPushButton>
#include <QSpinBox>

namespace ledgefall {

/// What a report of the study is to have, beside its pages as they will be; it is printed or written from here.
class ReportDialog : public QDialog {
    Q_OBJECT
  public:
    ReportDialog(const Study& study, const ResultsPtr& results, QWidget* parent);

    ReportRequest request() const;
    QPageLayout page() const;
    int pages() const { return pages_ ? pages_->count() : 0; }
    Result<bool> write_to(const QString& path) const;
    QComboBox& formulas() { return *formulas_; }
    QComboBox& rows() { return *rows_; }
    QLineEdit& workings() { return *workings_; }
    QCheckBox& part(const QString& name) { return *findChild<QCheckBox*>(name); }

  private:
    QCheckBox* add_part(const char* name, const QString& text);
    bool too_long() const;
    void look_over();
    void print();
    void save();

    const Study study_;
    ResultsPtr results_;
    std::optional<DrawnReport> drawn_;
    std::unique_ptr<ReportPages> pages_;
    QPrinter printer_;
    QPrintPreviewWidget* preview_;
    QLineEdit *author_, *workings_;
    QComboBox *rows_, *formulas_, *paper_, *lies_;
    QSpinBox* row_count_;
    QLabel* message_;
    QPushButton *save_ = nullptr, *print_ = nullptr;
};

} // namespace ledgefall

#pragma once

#include "app/charts/chart_plot.h"
#include "app/charts/figure_maker.h"
#include "app/document/document.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>

namespace ledgefall {

/// What a chart draws and how, beside the picture that comes of it.
class ChartDialog : public QDialog {
    Q_OBJECT
  public:
    ChartDialog(const Document& document, Chart chart, QWidget* parent);

    Chart chart() const; ///< as it is filled in
    ChartPlot& plot() { return *plot_; }
    FigureMaker& maker() { return maker_; }
    QString message() const { return message_->text(); }
    void add_series();
    void add_reference(int kind);
    /// The fields of one series or reference, for those who drive the dialog.
    QComboBox& form_of(int series) { return *series_[static_cast<std::size_t>(series)].form; }
    QLineEdit& number_of(int reference, int place) {
        return *references_[static_cast<std::size_t>(reference)].numbers[static_cast<std::size_t>(place)];
    }
    QLineEdit& title() { return *title_; }
    QCheckBox& equal_scales() { return *equal_; }
    QCheckBox& logarithmic_upwards() { return *y_.logarithmic; }
    QComboBox& error_of(int series) { return *series_[static_cast<std::size_t>(series)].error; }
    QCheckBox& second_axis_of(int series) { return *series_[static_cast<std::size_t>(series)].second_axis; }

  private:
    struct SeriesRow {
        QWidget* row = nullptr;
        QComboBox *form = nullptr, *across = nullptr, *up = nullptr;
        QLineEdit* label = nullptr;
        QCheckBox *fit = nullptr, *per_width = nullptr, *second_axis = nullptr;
        QComboBox* error = nullptr;
        std::string unknown_fields;
    };
    struct ReferenceRow {
        QWidget* row = nullptr;
        QComboBox* form = nullptr;
        std::vector<QLineEdit*> numbers;
        QLineEdit* label = nullptr;
        std::string unknown_fields;
    };
    struct AxisRow {
        QLineEdit *title = nullptr, *from = nullptr, *to = nullptr;
        QCheckBox* logarithmic = nullptr;
    };
    QWidget* make_form();
    void put_series(const Series& series);
    void put_reference(const Reference& reference);
    void fit_numbers(const ReferenceRow& row);
    void fit_boxes(const SeriesRow& row);
    AxisRow put_axis(QGridLayout& grid, int line, const QString& name, const ChartAxis& axis);
    QComboBox* column_box(Id chosen, bool numbers, QWidget* parent);
    QLineEdit* line(const std::string& text, const QString& hint, QWidget* parent);
    void remove(QWidget* row);
    void look_over();

    const Document& document_;
    Chart begun_;
    QLineEdit* title_;
    QWidget *series_place_ = nullptr, *references_place_ = nullptr;
    std::vector<SeriesRow> series_;
    std::vector<ReferenceRow> references_;
    AxisRow x_, y_, second_;
    QCheckBox* mirrored_ = nullptr;
    QCheckBox *equal_ = nullptr, *reader_ = nullptr, *names_ = nullptr, *all_rows_ = nullptr;
    QComboBox* legend_ = nullptr;
    ChartPlot* plot_;
    QLabel* message_;
    FigureMaker maker_;
    bool filling_ = true;
};

} // namespace ledgefall

#pragma once

#include <QWidget>

#include <vector>

namespace ledgefall {

/// The counts of classes as columns that stand on their true limits. The first limit is dragged to begin elsewhere, any
/// other one to make the classes wider or narrower.
class ClassPreview : public QWidget {
    Q_OBJECT
  public:
    explicit ClassPreview(QWidget* parent = nullptr);
    void show_classes(std::vector<double> limits, std::vector<std::size_t> counts);
    int place_of(double value) const; ///< across
    QSize sizeHint() const override;

  Q_SIGNALS:
    void start_dragged(double start);
    void width_dragged(double width);
    void drag_ended();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

  private:
    double value_at(int x) const;
    int limit_near(int x) const; ///< -1: none
    void label_limits(QPainter& painter, int base) const;

    std::vector<double> limits_;
    std::vector<std::size_t> counts_;
    double shown_from_ = 0, shown_to_ = 1; ///< what the width of the picture shows; fixed while a limit is dragged
    int dragged_ = -1;
};

} // namespace ledgefall

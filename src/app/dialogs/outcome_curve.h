#pragma once

#include <QWidget>

#include <optional>
#include <vector>

namespace ledgefall {

/// What comes out of each value of a range, as a curve; with the value that is wanted, and where it is reached.
class OutcomeCurve : public QWidget {
    Q_OBJECT
  public:
    explicit OutcomeCurve(QWidget* parent = nullptr);

    struct Point {
        double at = 0, outcome = 0;
    };
    void show_curve(std::vector<Point> points, double wanted, std::optional<double> found);
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QPointF place_of(const Point& point) const;

    std::vector<Point> points_;
    double wanted_ = 0;
    std::optional<double> found_;
    double lowest_ = 0, highest_ = 1; ///< of the outcomes and the wanted one
};

} // namespace ledgefall

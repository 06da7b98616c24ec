#pragma once

#include <QList>
#include <QWidget>

#include <utility>

namespace ledgefall {

/// A few names with their values at the right, painted: it follows a selection as fast as that moves.
class NameValueList : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    using Rows = QList<std::pair<QString, QString>>;
    void show_rows(const Rows& rows);
    QString text() const; ///< a line for each
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    int row_height() const;
    Rows rows_;
};

} // namespace ledgefall

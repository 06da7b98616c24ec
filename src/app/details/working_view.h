#pragma once

#include "app/details/math_picture.h"
#include "core/engine/workings/working.h"
#include "core/study/model/study.h"

#include <QWidget>

#include <map>

namespace ledgefall {

/// A working drawn as it would be written by hand: the formula as mathematics, the same with its numbers put in, and
/// step by step to the result; under it the workings of the measures in it.
class WorkingView : public QWidget {
    Q_OBJECT
  public:
    explicit WorkingView(QWidget* parent = nullptr);

    /// `own` is the table whose names the formula uses, and `each` what that word stands for.
    void show_working(const Working& working, const Study& study, const Table* own, const ColumnDefinition* each);
    void clear();
    QString text() const { return text_; } ///< the working in plain lines
    QString latex() const;                 ///< and as LaTeX, for amsmath
    QSize sizeHint() const override;
    int heightForWidth(int width) const override;
    bool hasHeightForWidth() const override { return true; }

  protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

  private:
    /// One line: a formula where it can be read as one, else a text.
    struct Line {
        QString lead;       ///< `dev`, of a first line
        bool leads = false; ///< an equals sign stands before it
        std::string formula;
        QString text;
        std::shared_ptr<const Node> tree;
        std::vector<Mark> marks;
        int depth = 0;
        bool quiet = false;
    };
    struct Placed {
        MathPicture lead, formula;
        QPointF at;
        double formula_x = 0;
    };
    void add(const Working& working, const Study& study, const Table* own, const ColumnDefinition* each, int depth);
    struct LaidOut {
        std::vector<Placed> placed;
        double height = 0;
    };
    /// The lines as they stand in a view of that width; kept, since a layout asks for heights again and again.
    const LaidOut& laid_out(int width) const;
    LaidOut lay_out(double width) const;
    void copy() const;
    void copy_latex() const;

    std::vector<Line> lines_;
    mutable std::map<int, LaidOut> laid_out_; ///< by the width
    mutable double zoom_ = 1;                 ///< of what is laid out
    QString text_;
};

} // namespace ledgefall

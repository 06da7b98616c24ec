#pragma once

#include <QSplitter>

namespace ledgefall {

/// A row of panels of which those at its ends fold away: a click on the edge beside one leaves of it no more than that
/// edge, with its name on it, and another brings it back. Which are folded is remembered. Each has at most a fifth of
/// the width; where that is too little to read in, or the middle had less than half, it folds by itself, and a click or
/// its key then brings it out over the middle until the focus leaves it.
class FoldingSplitter : public QSplitter {
    Q_OBJECT
  public:
    explicit FoldingSplitter(QWidget* parent = nullptr);

    /// Adds a panel that folds; `key` is what it is remembered by; one without a key
    /// is shown and hidden by others and only takes its width.
    void add_folding(QWidget* panel, const QString& name, const QString& key, int width);
    bool is_folded(const QWidget* panel) const;
    void fold(QWidget* panel, bool folded);
    /// Makes the panels as wide as they were added, at the zoom in use.
    void fit_widths();
    /// The panel that an edge folds, and its name; null for none.
    struct Folding {
        QWidget* panel = nullptr;
        QString name, key;
        int width = 0;            ///< at a zoom of 1
        bool folded = false;      ///< by somebody
        bool no_room = false;     ///< folded by itself
        QWidget* place = nullptr; ///< what stands in the row while the panel is out over the middle
    };
    const Folding* beside(const QSplitterHandle* edge) const;

  Q_SIGNALS:
    void folded_changed();

  protected:
    QSplitterHandle* createHandle() override;
    void resizeEvent(QResizeEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    QWidget* in_row(const Folding& one) const { return one.place != nullptr ? one.place : one.panel; }
    int most_width(const Folding& one) const;
    void make_room();
    void bring_out(Folding& one);
    void put_back(Folding& one);
    void lay_over(const Folding& one);
    void take_dragged();
    QList<Folding> folding_;
    QFrame* over_ = nullptr; ///< which holds the panel that is out over the middle
};

} // namespace ledgefall

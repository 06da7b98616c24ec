#pragma once

#include <QSplitter>

namespace ledgefall {

/// A row of panels of which those at its ends fold away: a click on the edge beside one leaves of it no more than that
/// edge, with its name on it, and another brings it back. Which are folded is remembered.
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
        int width = 0; ///< at a zoom of 1
        bool folded = false;
    };
    const Folding* beside(const QSplitterHandle* edge) const;

  Q_SIGNALS:
    void folded_changed();

  protected:
    QSplitterHandle* createHandle() override;

  private:
    void take_dragged();
    QList<Folding> folding_;
};

} // namespace ledgefall

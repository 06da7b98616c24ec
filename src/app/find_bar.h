#pragma once

#include "app/workplace.h"
#include "core/study/find.h"

#include <QCheckBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QThreadPool>

#include <atomic>

namespace ledgefall {

/// A strip under the tables in which values are looked for in the cells of the current one, and replaced.
class FindBar : public QFrame {
    Q_OBJECT
  public:
    FindBar(Document& document, Workplace& place, QWidget* parent = nullptr);
    ~FindBar() override;

    void open();
    void find(bool backwards);
    void replace(bool all);
    QLineEdit& what() { return *what_; }
    QLineEdit& with() { return *with_; }
    QCheckBox& whole() { return *whole_; }
    QString told() const { return told_->text(); }
    bool searching() const { return searching_; }

  protected:
    void keyPressEvent(QKeyEvent* event) override;

  private:
    Search search() const;
    void found(Id table, std::optional<CellPlace> at);
    void leave();

    Document& document_;
    Workplace& place_;
    QLineEdit *what_, *with_;
    QCheckBox *whole_, *chosen_;
    QLabel* told_;
    QThreadPool pool_;
    std::shared_ptr<std::atomic<bool>> stop_ = std::make_shared<std::atomic<bool>>(false);
    quint64 asked_ = 0;
    bool searching_ = false;
    std::vector<Id> columns_; ///< those that were chosen when the strip was opened
};

} // namespace ledgefall

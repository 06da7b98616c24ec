#pragma once

#include "app/help/first_steps.h"
#include "app/pages/page_area.h"

namespace ledgefall {

/// Leads through a first table in five steps, in a new study.
class FirstTable : public QObject {
    Q_OBJECT
  public:
    FirstTable(Document& document, PageArea& pages, FirstSteps& steps, QWidget* window);

    void begin(); ///< the study that is open has been left

  private:
    /// Where a part of a widget is in the window; nowhere where it is not shown.
    QRect in_window(const QWidget* widget, const QRect& part) const;
    QRect first_cells() const;
    QRect button(const char* id) const; ///< of a command
    const Table* table() const;         ///< the first one
    const Column* lengths() const;      ///< that have been typed
    bool something_is_held() const;
    bool something_is_computed() const;

    Document& document_;
    PageArea& pages_;
    FirstSteps& steps_;
    QWidget* window_;
    std::optional<Column> before_; ///< the lengths, to be compared with in the last step
};

} // namespace ledgefall

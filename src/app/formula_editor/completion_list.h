#pragma once

#include "app/theme/quiet_list.h"
#include "core/authoring/completion.h"

namespace ledgefall {

/// What a formula can go on with, under the place where it is written. It takes no keys itself: the editor moves in it.
class CompletionList : public QuietList {
    Q_OBJECT
  public:
    explicit CompletionList(QWidget* parent);

    /// Shows them with their upper left corner at `at` (of the parent), or hides where there are none.
    void offer(const std::vector<Completion>& all, QPoint at);
    void step(int by); ///< to another one; from then on Enter takes it
    bool stepped() const { return stepped_; }
    const Completion* chosen() const;
    QStringList texts() const;

  Q_SIGNALS:
    void taken(); ///< by the mouse

  private:
    void apply_theme();
    std::vector<Completion> all_;
    bool stepped_ = false;
};

} // namespace ledgefall

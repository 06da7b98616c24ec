#pragma once

#include "app/commands/command_family.h"
#include "app/exchange/study_files.h"

namespace ledgefall {

/// What a teacher does with a class: handouts, the marking of a folder, a submission beside the key.
class ClassCommands : public CommandFamily {
    Q_OBJECT
  public:
    ClassCommands(const CommandPlace& place, StudyFiles& files);
    QList<Command> list();

  Q_SIGNALS:
    void told(const QString& sentence); ///< what was done
    void new_study_wanted(const ledgefall::Study& study);
    /// Of a key or a handout, in a window of its own on the left or right half of the screen.
    void item_wanted(const QString& file, const QString& item, Qt::Edge half);

  private:
    void make_handout();
    void mark_folder();
    void open_submission();

    StudyFiles& files_;
};

} // namespace ledgefall

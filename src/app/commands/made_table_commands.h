#pragma once

#include "app/commands/command_family.h"
#include "app/dialogs/frequency_dialog.h"

namespace ledgefall {

/// What makes something new of the chosen columns: frequency tables, summaries, unfolded measures.
class MadeTableCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();

  private:
    void count_values();
    std::vector<FrequencyDialog::GroupOffer> groups_beside(Id counted) const;
    static Result<Study> charts_of_groups(const Study& study, Id table, const GroupColumns& groups, Id* chart);
    void count_pairs();
    void compare_counts();
    void sum_up();
    void ask_share();
};

} // namespace ledgefall

#pragma once

#include "app/commands/command_family.h"

namespace ledgefall {

/// What single subjects need: distributions, diversity of sites, motions and rates, means as they are written.
class SubjectCommands : public CommandFamily {
    Q_OBJECT
  public:
    using CommandFamily::CommandFamily;
    QList<Command> list();

  private:
    void use_distribution();
    void fit_counts_to();
    void compare_sites();
    void write_mean();
    void show_stems();
    void choose_outliers();
    void make_motion();
    void add_calculus_of(bool rate);
    void compare_with_a_model();
    void halve_step();
};

} // namespace ledgefall

#pragma once

#include "core/engine/planning/program.h"
#include "core/engine/running/recurrence_code.h"
#include "core/engine/running/runner.h"

#include <optional>
#include <unordered_map>

namespace ledgefall {

/// Makes one list of steps on plain numbers of the programs of columns that need each other's earlier rows.
class RecurrenceCompiler {
  public:
    struct Source {
        DefinitionId column;
        const Program* program = nullptr;
        const Runner* scalars = nullptr; ///< the program's, with its prelude run
    };

    RecurrenceCompiler(const std::vector<Source>& sources, const Environment& environment)
        : sources_(sources)
        , environment_(environment) {}

    /// Nothing where a program has a step that cannot be done in this way, such as one on texts.
    std::optional<RecurrenceCode> compile();

  private:
    /// Where the scalars and the registers of one program are among those of all.
    struct Registers {
        std::uint32_t base = 0, first = 0;
        std::vector<std::uint32_t> place; ///< of each register of the program
    };
    bool add(const Source& source);
    bool add_instruction(const Instruction& instruction, const Program& program, Registers& registers);
    bool add_step(const OperateStep& operate, std::uint32_t number, Registers& registers);
    bool add_load(const LoadStep& step, const Program& program, std::uint32_t to);
    std::size_t window_of(Id column);
    void join_products(std::size_t from);
    void read_before_written();
    void leave_out_covered_checks();

    const std::vector<Source>& sources_;
    const Environment& environment_;
    RecurrenceCode code_;
    std::unordered_map<Id, std::size_t> windows_of_others_;
};

} // namespace ledgefall

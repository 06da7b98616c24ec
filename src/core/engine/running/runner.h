#pragma once

#include "core/engine/planning/program.h"

#include <memory>
#include <stop_token>
#include <vector>

namespace ledgefall {

/// One trial of a what-if: the values in the place of held ones, and the row (from 1; 0 where it needs none).
struct Trial {
    std::vector<Value> values;
    std::size_t row = 0;
    friend bool operator==(const Trial&, const Trial&) = default;
};

struct TrialWorld;
class TrialAnswers;

/// What a program reads while it runs.
class Environment {
  public:
    struct View {
        const Column* cells = nullptr;
        const std::size_t* computed = nullptr; ///< how many rows are computed so far; null: all
        std::size_t rows = 0;                  ///< of one that is being computed, how many it may come to
    };

    virtual ~Environment() = default;
    virtual View column(Id id) const = 0;
    virtual Value single(const DefinitionId& id) const = 0;
    virtual std::size_t rows(Id table) const = 0;
    /// Why a table's number of rows is not known, if it is not: what is taken of its rows has no value either.
    virtual std::optional<Fault> fault_of_rows(Id table) const = 0;
    /// The trial that this belongs to, and what it and the trials around it have in the place of held values; none
    /// outside of trials. A replaced value stays replaced in the trials within that trial.
    virtual const TrialWorld* world() const { return nullptr; }
    /// What trials have given so far, where it is kept.
    virtual TrialAnswers* trial_answers() const { return nullptr; }
    virtual bool stopped() const = 0;
    /// What a what-if asks for, of each trial.
    virtual std::vector<Value> answers(const WhatIfCall& call, const std::vector<Trial>& trials) const = 0;
    /// Told how many cells have been computed, now and then.
    virtual void report_progress(std::size_t) const {}
};

class MeasureState;

/// Runs one program over rows, at most a block of them at a time.
class Runner {
  public:
    static constexpr std::size_t block_rows = 2048; ///< what fits the nearest cache, several registers at a time

    Runner(const Program& program, const Environment& environment);
    ~Runner();
    Runner(const Runner&) = delete;
    Runner& operator=(const Runner&) = delete;

    /// Sets the parameters and runs the prelude; to be called before the first rows, and again for other parameters.
    void start(const std::vector<Value>& parameters = {});

    /// Runs the body over `count` rows from `first` on. They must not cross a multiple of `block_rows`.
    void run(std::size_t first, std::size_t count);

    /// The first output is written to `slots` where it can be, so that it need not be copied; `output(0)` tells where
    /// it is. To be said before each run.
    void set_output(double* slots) { target_ = slots; }

    /// What the last run gave, row by row.
    Lane output(std::size_t number) const { return lane(program_.outputs[number]); }
    Value output_value(std::size_t number, std::size_t in_block) const;

    /// The number, from 1, of a row of the block that is being run.
    std::size_t row_number(std::size_t in_block) const { return first_ + in_block + 1; }

    /// An operand's value at a row of the block that is being run.
    Value value(Operand operand, Kind kind, std::size_t in_block) const;

  private:
    struct Register {
        Lane lane;
        std::unique_ptr<double[]> slots;
        std::unique_ptr<State[]> states;
    };

    Lane lane(Operand operand) const;
    double* own_slots(Register& to);
    State* own_states(Register& to);
    bool run_body(); ///< runs the body; false where it has to be run again with every step checked
    bool operate(const Instruction& step, const OperateStep& taken);
    void operate_one_by_one(const OperateStep& step, Register& to);
    void load(const Instruction& instruction, const LoadStep& step);
    std::int64_t columns_of_grid(const Id& across);
    void load_axis(Register& to, const LoadStep& step); ///< its value in each cell of a two-way table
    void each_row(const Instruction& step);             ///< gathers, numbers, measures
    Value one(const Instruction& step, std::size_t in_block);
    Value fault_of_measure(const MeasureCall& call, Fault fault, const Faults& faults);
    void ask(const WhatIfStep& step, double* slots, State* states, bool& plain);
    Trial trial(const WhatIfStep& step, std::size_t in_block) const;
    Value gathered(const GatherStep& step, Kind kind, std::size_t in_block) const;
    void set_scalar(std::uint32_t at, const Value& value);
    MeasureState& state_of(const MeasureStep& step);

    const Program& program_;
    const Environment& environment_;
    std::vector<Environment::View> columns_;
    std::vector<double> scalar_slots_;
    std::vector<State> scalar_states_;
    std::vector<Register> registers_;
    std::vector<std::pair<const MeasureStep*, std::unique_ptr<MeasureState>>> states_;
    std::size_t first_ = 0, count_ = 0;
    bool in_prelude_ = false;
    std::size_t measure_rows_told_ = 0; ///< in errors
    Id across_;                         ///< the axis whose length is this
    std::int64_t columns_of_grid_ = 1;
    bool checked_mode_ = false; ///< every step is checked
    double* target_ = nullptr;
};

/// Calls `step(first, count)` for the rows from `from` up to, not including, `to`, divided where blocks end; stops
/// early where it gives false.
template <class Step>
bool for_blocks(std::size_t from, std::size_t to, Step step) {
    while (from < to) {
        const std::size_t end = std::min(to, (from / Runner::block_rows + 1) * Runner::block_rows);
        if (!step(from, end - from)) {
            return false;
        }
        from = end;
    }
    return true;
}

} // namespace ledgefall

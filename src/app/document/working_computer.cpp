#include "app/document/working_computer.h"

namespace ledgefall {

WorkingComputer::WorkingComputer(QObject* parent)
    : QObject(parent) {}

void WorkingComputer::ask(const Study& study, const ResultsPtr& results, std::vector<WorkingPlace> places,
                          std::function<void(const Workings&)> done) {
    task_.stop();
    task_ = TaskRunner::of_process().start(
        this,
        [study, results, places = std::move(places)](const StopToken& stop) {
            Workings workings;
            for (const WorkingPlace& place : places) {
                workings.push_back(working_of(study, *results, place.definition, place.row, stop));
            }
            return workings;
        },
        // It keeps the results, since they hold the workings' texts.
        [results, done = std::move(done)](const TaskOutcome<Workings>& workings) {
            if (workings.end() != TaskEnd::stopped) {
                done(workings ? *workings : Workings());
            }
        });
}

void WorkingComputer::forget() {
    task_.stop();
}

} // namespace ledgefall

#include "app/document/working_computer.h"

namespace ledgefall {

WorkingComputer::WorkingComputer(QObject* parent)
    : QObject(parent) {}

void WorkingComputer::ask(const Study& study, ResultsPtr results, std::vector<WorkingPlace> places,
                          std::function<void(const Workings&)> done) {
    aside_.stop();
    aside_.run(
        this,
        [study, results, places = std::move(places)] {
            Workings workings;
            for (const WorkingPlace& place : places) {
                workings.push_back(working_of(study, *results, place.definition, place.row));
            }
            return workings;
        },
        // It keeps the results, since they hold the workings' texts.
        [this, number = ++asked_, results, done = std::move(done)](const std::optional<Workings>& workings) {
            if (number == asked_) {
                answered_ = number;
                done(workings.value_or(Workings()));
            }
        });
}

void WorkingComputer::forget() {
    aside_.stop();
    answered_ = ++asked_;
}

} // namespace ledgefall

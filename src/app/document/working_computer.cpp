#include "app/document/working_computer.h"

namespace ledgefall {

WorkingComputer::WorkingComputer(QObject* parent)
    : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

WorkingComputer::~WorkingComputer() {
    pool_.clear();
    pool_.waitForDone();
}

void WorkingComputer::ask(const Study& study, ResultsPtr results, std::vector<WorkingPlace> places,
                          std::function<void(const Workings&)> done) {
    pool_.clear(); // those that have not begun
    const quint64 number = ++asked_;
    pool_.start(
        [this, study, results = std::move(results), places = std::move(places), done = std::move(done), number] {
            Workings workings;
            for (const WorkingPlace& place : places) {
                workings.push_back(working_of(study, *results, place.definition, place.row));
            }
            QMetaObject::invokeMethod(
                this,
                [this, number, workings = std::move(workings), results, done] { // the results hold the workings' texts
                    if (number == asked_) {
                        answered_ = number;
                        done(workings);
                    }
                },
                Qt::QueuedConnection);
        });
}

void WorkingComputer::forget() {
    pool_.clear();
    answered_ = ++asked_;
}

} // namespace ledgefall

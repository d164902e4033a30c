#include "work/second_observer.h"

#include "core/uncertainty/agreement.h"
#include "core/uncertainty/own_error.h"

#include <algorithm>
#include <functional>

namespace riflesso {
namespace {

void eachRepetition(const CaseData& data, const std::function<void(const RepetitionPlace&)>& work) {
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections)
                for (const Repetition& repetition : section.repetitions)
                    work({&session, &clip, &section, &repetition});
}

/// Share of the frames of either that both have.
double shared(const Repetition& a, const Repetition& b) {
    const int both = std::min(a.to, b.to) - std::max(a.from, b.from) + 1;
    const int either = std::max(a.to, b.to) - std::min(a.from, b.from) + 1;
    return both > 0 ? static_cast<double>(both) / either : 0;
}

} // namespace

ObserverAgreement agreementOf(const CaseData& mine, const CaseData& theirs) {
    std::vector<Trial> first, second;
    eachRepetition(mine, [&](const RepetitionPlace& here) {
        RepetitionPlace best;
        eachRepetition(theirs, [&](const RepetitionPlace& there) {
            if (there.clip->hash == here.clip->hash &&
                shared(*here.repetition, *there.repetition) > (best ? shared(*here.repetition, *best.repetition) : .5))
                best = there;
        });
        if (!best)
            return;
        first.push_back(toTrial(mine, here));
        second.push_back(toTrial(theirs, best));
        second.back().id = first.back().id;
    });
    ObserverAgreement out;
    out.repetitions = first.size();
    if (first.empty())
        return out;
    out.measures = typicalErrorsOfMeasures(mine.pack, first, second);
    out.kappas = observationKappas(mine.pack, first, second);
    return out;
}

std::map<std::string, double> weakestKappas(const CaseData& data) {
    std::map<std::string, double> out = data.own.kappas;
    for (const auto& [observer, kappas] : data.yardstick.observers)
        for (const auto& [observation, kappa] : kappas) {
            const auto known = out.try_emplace(observation, kappa).first;
            known->second = std::min(known->second, kappa);
        }
    return out;
}

} // namespace riflesso

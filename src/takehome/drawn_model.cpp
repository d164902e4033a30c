#include "takehome/drawn_model.h"

#include "simcam/takes.h"

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QString>

#include <algorithm>
#include <cmath>

namespace riflesso {

std::optional<Trial> drawnModel(const Pack& pack, const std::string& form, View view, Side handedness) {
    const QDir folder(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/riflesso/takes"));
    const QByteArray named = QByteArrayLiteral("\"") + QByteArray::fromStdString(pack.id) + '"';
    for (const QString& name : folder.entryList({QStringLiteral("*.takes.json")}, QDir::Files)) {
        QFile file(folder.filePath(name));
        if (!file.open(QIODevice::ReadOnly))
            continue;
        const QByteArray text = file.readAll();
        if (!text.contains(named))
            continue;
        const auto read = simcam::readTakes(text.toStdString(), name.toStdString(), pack);
        if (!read)
            return {}; // of a skill that was changed since: its own faults have no takes
        simcam::SkillTakes own = *read;
        own.told.variation = 0;
        simcam::TakeAsked asked;
        asked.repetitions = 1;
        asked.leftHanded = handedness == Side::Left;
        const bool told = own.movement == simcam::SkillTakes::Movement::Postures;
        if (told)
            asked.views = {view};
        else if (view != own.view)
            return {};
        // The form that is asked for, where the skill has a take of it.
        for (const auto& [take, how] : own.told.takes)
            if (!form.empty() && how.variant == form && how.cannot.empty() && !pack.fault(take))
                asked.take = take;
        if (const auto model = own.told.takes.find("model");
            model != own.told.takes.end() && model->second.variant == form)
            asked.take = "model";
        auto made = makeTake(own, pack, asked);
        if (!made || made->empty())
            return {};
        made->front().id = std::string(kDrawnTrial);
        made->front().sameAs.clear();
        if (!told && asked.leftHanded) { // square to the movement a left-hander is the other side's name alone
            std::map<std::string, MarksByFrame> mirrored;
            for (auto& [landmark, marks] : made->front().marks) {
                const std::string part = landmark.substr(std::min(landmark.size(), landmark.find('_') + 1));
                mirrored[landmark.starts_with("left_")    ? "right_" + part
                         : landmark.starts_with("right_") ? "left_" + part
                                                          : landmark] = std::move(marks);
            }
            made->front().marks = std::move(mirrored);
            made->front().capture.handedness = Side::Left;
        }
        // A lane or a water line says nothing without the picture that it lies in.
        std::erase_if(made->front().marks, [](const auto& track) {
            if (track.second.empty())
                return true;
            const PixelPoint first = track.second.begin()->second.at;
            return !isAnatomical(track.first) &&
                   std::all_of(track.second.begin(), track.second.end(), [&](const auto& mark) {
                       const PixelPoint& at = mark.second.at;
                       return std::hypot(at.x - first.x, at.y - first.y) < 1;
                   });
        });
        return std::move(made->front());
    }
    return {};
}

int lastMarkedFrame(const Trial& trial) {
    int last = 0;
    for (const auto& [landmark, marks] : trial.marks)
        if (!marks.empty())
            last = std::max(last, marks.rbegin()->first);
    return last;
}

} // namespace riflesso

#pragma once
// Skills of one's own, kept in the library: the draft that is being made, and the editions that were given out.

#include <QDateTime>
#include <QString>

#include <cstdint>
#include <vector>

namespace riflesso {

struct SkillEdition {
    std::int64_t id = 0;
    QString edition; ///< "0.2.0"
    QDateTime at;
    QString pack; ///< the whole file
};
struct OwnSkill {
    std::int64_t id = 0;
    QString draft;                      ///< the whole file as it is being made; it may be wrong
    std::vector<SkillEdition> editions; ///< from the first
    /// Of the draft: "$.title" and "$.id"; empty where it says none.
    QString title, packId;
};

} // namespace riflesso

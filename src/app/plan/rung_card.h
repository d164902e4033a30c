#pragma once
// A step of the ladder: the drill with its cue, which can be put into the athlete's own words, and all that is said of
// it, unfolded on the step to begin with.

#include "core/plan/prescription.h"
#include "store/case_data.h"

#include <QWidget>

class QVBoxLayout;

namespace riflesso {

struct RungContent {
    const CaseData& data;
    const Focus& focus;
    const Rung& rung;
    int step = 1; ///< from 1
    bool unfolded = false;
};

class RungCard : public QWidget {
    Q_OBJECT
public:
    RungCard(const RungContent& content, QWidget* parent);

signals:
    void practise();
    void unfold(bool open);
    void cueKept(const QString& cue); ///< empty: the pack's again

private:
    void addCue(QVBoxLayout& column, const RungContent& content, const DrillDef& drill);
    void addDetails(QVBoxLayout& column, const RungContent& content, const DrillDef& drill);
};

/// Why the ladder is begun where it is, in a sentence.
[[nodiscard]] QString startBecauseWords(const Pack& pack, const Focus& focus);

} // namespace riflesso

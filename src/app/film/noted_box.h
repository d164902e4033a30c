#pragma once
// What is noted of a repetition beside its form and first result: the pack's conditions it was filmed under, its other
// results, and whether it is one of the athlete's best.

#include "app/workspace.h"

#include <QWidget>

class QCheckBox;
class QFormLayout;

namespace riflesso {

class NotedBox : public QWidget {
    Q_OBJECT
public:
    NotedBox(Workspace& workspace, QWidget* parent);
    /// Conditions are the section's, the rest the repetition's; either may be missing.
    void show(const Section* section, const Repetition* repetition);

private:
    void build(const Pack& pack);
    void keepCondition(const std::string& id, const std::string& value);
    void keepResult(const std::string& id, const std::string& value);

    Workspace& workspace_;
    QFormLayout* form_;
    QCheckBox* best_;
    std::string builtFor_; ///< pack and edition
    SectionId section_;
    RepetitionId repetition_;
};

} // namespace riflesso

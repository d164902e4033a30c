#pragma once
// What is said of the shown clip: size, rate, gaps, wrong view; a look through it for repeated frames, cuts and bars,
// and splitting at the cuts it suggests.

#include "app/workspace.h"
#include "media/clip_checks.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace riflesso {

class ClipCheckBox : public QWidget {
    Q_OBJECT
public:
    ClipCheckBox(Workspace& workspace, QWidget* parent);
    void show(const Clip* clip, const Section* section);
    /// Whether a file is the shown missing clip; it is kept where it is.
    void lookAt(const QString& file);

signals:
    void cutsFound(const std::vector<int>& frames); ///< of the shown clip, at which no section begins yet

private:
    void lookThrough();
    void splitAtCuts();
    [[nodiscard]] const Clip* clip() const;
    [[nodiscard]] QStringList foundLines(const Clip& clip) const;
    /// Suggested cuts at which no section begins yet.
    [[nodiscard]] std::vector<int> cutsOf(const Clip& clip) const;

    Workspace& workspace_;
    ClipId clip_;
    SectionId section_;
    QLabel* text_;
    QPushButton *look_, *split_, *find_;
    std::map<QString, Result<ClipChecks>> found_; ///< by clip hash
    std::shared_ptr<const CaseData> shownOf_;     ///< the values of the case that are shown
};

} // namespace riflesso

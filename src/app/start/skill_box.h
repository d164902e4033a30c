#pragma once
// The choice of a skill among many: those last used first, then by group; a picture and a line each; found by typing
// its name, its sport or what moves.

#include "store/own_skill.h"

#include <QComboBox>

namespace riflesso {

class SkillBox : public QComboBox {
    Q_OBJECT
public:
    explicit SkillBox(QWidget* parent = nullptr);
    /// lastUsed: titles of skills that cases have, the latest first. own: skills of one's own, of which the latest
    /// edition that was kept can be chosen.
    void fill(const QStringList& lastUsed, const std::vector<OwnSkill>& own = {});
    /// The whole pack file of the chosen skill; empty: none is.
    [[nodiscard]] QString packText() const;
    [[nodiscard]] QString packTitle() const;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void search(const QString& typed);
    QStringList order_, ownTexts_; ///< what it was filled with
};

} // namespace riflesso

#pragma once
// The choice of a skill among many: those last used first, then by group; a picture and a line each; found by typing
// its name, its sport or what moves.

#include <QComboBox>

namespace riflesso {

class SkillBox : public QComboBox {
    Q_OBJECT
public:
    explicit SkillBox(QWidget* parent = nullptr);
    /// lastUsed: titles of skills that cases have, the latest first.
    void fill(const QStringList& lastUsed);
    /// The whole pack file of the chosen skill; empty: none is.
    [[nodiscard]] QString packText() const;
    [[nodiscard]] QString packTitle() const;

private:
    void search(const QString& typed);
    QStringList order_;
};

} // namespace riflesso

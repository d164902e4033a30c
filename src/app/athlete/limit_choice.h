#pragma once
// Part, side and kind of a limit, chosen from lists.

#include "core/person/limits.h"

#include <QWidget>

class QComboBox;

namespace riflesso {

class LimitChoice : public QWidget {
    Q_OBJECT
public:
    /// Its lists are named `name`Part, `name`Side and `name`Kind. `open`: words of a first entry that chooses no part
    /// yet; empty: there is none.
    LimitChoice(const QString& name, const QString& open, QWidget* parent = nullptr);

    void choose(const Limit& limit);
    void chooseNone();
    /// None: no part is chosen yet.
    [[nodiscard]] std::optional<Limit> chosen() const;

signals:
    void changed();

private:
    QComboBox *part_, *side_, *kind_;
};

} // namespace riflesso

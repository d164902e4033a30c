#pragma once
// Groups of repetitions, a ruler each on one scale, and each against the first: what differs by more than chance.

#include "core/judge/groups.h"

#include <QWidget>

class QGridLayout;

namespace riflesso {

class GroupRulers : public QWidget {
    Q_OBJECT
public:
    explicit GroupRulers(QWidget* parent = nullptr);
    void show(const MeasureDef& def, const std::vector<GroupDeviation>& groups, const QString& heading);

signals:
    void repetitionClicked(const QString& trial);

private:
    QGridLayout* grid_;
};

} // namespace riflesso

#include "app/mark/observation_form.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/words.h"

#include <QComboBox>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {

ObservationForm::ObservationForm(Workspace& workspace, QWidget* parent)
    : QWidget(parent), workspace_(workspace), layout_(new QVBoxLayout(this)) {
    layout_->setContentsMargins(0, 0, 0, 0);
    layout_->setSpacing(3);
}

void ObservationForm::show() {
    const RepetitionPlace place = workspace_.place();
    const Pack& pack = workspace_.data().pack;
    clearLayout(layout_);
    for (const ObservationDef& def : pack.observations) {
        if (def.type != ObservationType::YesPartlyNo && def.type != ObservationType::Choice)
            continue;
        auto* row = new QHBoxLayout;
        auto* name = label(words::text(def.title), theme::kQuiet);
        name->setToolTip(words::text(def.ask));
        row->addWidget(name, 1);
        auto* box = new QComboBox;
        box->setObjectName(QStringLiteral("observation-") + words::text(def.id));
        box->setAccessibleName(words::text(def.title));
        box->setFocusPolicy(Qt::TabFocus);
        box->setToolTip(words::text(def.ask));
        box->addItem(tr("not judged"), QString());
        if (def.type == ObservationType::YesPartlyNo)
            for (const char* value : {"yes", "partly", "no"})
                box->addItem(tr(value), QLatin1String(value));
        else
            for (const std::string& value : def.values)
                box->addItem(words::text(value), words::text(value));
        if (place) {
            const auto seen = place.repetition->observations.find(def.id);
            if (seen != place.repetition->observations.end())
                box->setCurrentIndex(std::max(0, box->findData(words::text(seen->second))));
        }
        box->setEnabled(static_cast<bool>(place));
        connect(box, &QComboBox::activated, this, [this, box, id = def.id, title = words::text(def.title)] {
            const RepetitionId repetition = workspace_.repetition();
            const std::string value = box->currentData().toString().toStdString();
            workspace_.apply(tr("Observe: %1").arg(title),
                             [=](Edit& edit) { return edit.setObservation(repetition, id, value); });
        });
        row->addWidget(box);
        layout_->addLayout(row);
    }
}

} // namespace riflesso

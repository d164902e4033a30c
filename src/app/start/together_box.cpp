#include "app/start/together_box.h"

#include "app/page.h"
#include "app/start/merge_words.h"
#include "app/theme.h"
#include "report/words.h"
#include "store/case_archive.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace riflesso {
namespace {
enum Column { About, Here, There };
}

TogetherBox::TogetherBox(QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    said_ = label({}, "");
    said_->setObjectName(QStringLiteral("togetherSaid"));
    said_->setWordWrap(true);
    layout->addWidget(said_);
    questions_ = new QTreeWidget;
    questions_->setObjectName(QStringLiteral("togetherQuestions"));
    questions_->setAccessibleName(tr("What both copies have changed; a tick takes it as it is there"));
    questions_->setColumnCount(3);
    questions_->setHeaderLabels({tr("Changed on both sides"), tr("Here"), tr("There (tick: take it)")});
    questions_->setRootIsDecorated(false);
    questions_->setWordWrap(true);
    questions_->setSelectionMode(QAbstractItemView::SingleSelection);
    questions_->header()->setSectionResizeMode(QHeaderView::Stretch);
    layout->addWidget(questions_, 1);
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, auto signal) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        connect(made, &QPushButton::clicked, this, signal);
        row->addWidget(made);
        return made;
    };
    together_ = button("togetherYes", tr("Bring together"), &TogetherBox::together);
    together_->setProperty("role", "main");
    button("togetherBeside", tr("Beside it, as its own case"), &TogetherBox::beside);
    button("togetherNo", tr("Leave it"), &TogetherBox::left);
    row->addStretch();
    layout->addLayout(row);
    connect(questions_, &QTreeWidget::itemActivated, this, [](QTreeWidgetItem* item) {
        item->setCheckState(There, item->checkState(There) == Qt::Checked ? Qt::Unchecked : Qt::Checked);
    });
    hide();
}

TogetherBox::~TogetherBox() = default;

void TogetherBox::ask(const std::shared_ptr<CaseArchive>& archive, const CaseData& here, const CaseMerge& merge) {
    archive_ = archive;
    merge_ = std::make_unique<CaseMerge>(merge);
    const CaseData& there = archive->data();
    QString text =
        tr("<b>%1, %2</b> is here already, and this is another copy of it. From there comes: %3. Changed only "
           "here, and kept: %4. Both journals are kept.")
            .arg(there.athlete.name.toHtmlEscaped(), there.title.toHtmlEscaped(), countsInWords(merge.fromThere),
                 countsInWords(merge.onlyHere));
    if (!merge.knowsBefore)
        text += u' ' + tr("No state that both come from is known: what only one copy has is kept, and whatever differs "
                          "is asked.");
    if (!merge.questions.empty())
        text += u' ' + tr("%1 changed on both sides: the newer is proposed.")
                           .arg(words::counted(merge.questions.size(), tr("thing has"), tr("things have")));
    said_->setText(text);
    questions_->clear();
    for (const MergeQuestion& question : merge.questions) {
        auto* item = new QTreeWidgetItem(questions_);
        item->setText(About, aboutInWords(question, here, there));
        for (const bool ofThere : {false, true}) {
            const QDateTime at = ofThere ? question.thereAt : question.hereAt;
            QString side = sideInWords(question, ofThere);
            if (at.isValid())
                side += u'\n' + words::moment(at);
            item->setText(ofThere ? There : Here, side);
            item->setToolTip(ofThere ? There : Here, side);
        }
        item->setCheckState(There, question.newerThere ? Qt::Checked : Qt::Unchecked);
    }
    questions_->setVisible(!merge.questions.empty());
    if (!merge.questions.empty())
        questions_->setCurrentItem(questions_->topLevelItem(0));
    show();
    together_->setFocus();
}

void TogetherBox::drop() {
    archive_.reset();
    hide();
}

std::vector<bool> TogetherBox::answers() const {
    std::vector<bool> out;
    for (int i = 0; i < questions_->topLevelItemCount(); ++i)
        out.push_back(questions_->topLevelItem(i)->checkState(There) == Qt::Checked);
    return out;
}

} // namespace riflesso

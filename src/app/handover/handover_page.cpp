#include "app/handover/handover_page.h"

#include "app/athlete/consent_box.h"
#include "app/handover/film_panel.h"
#include "app/handover/take_home_words.h"
#include "app/nothing_measured.h"
#include "app/pose_models.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "app/widgets/voice_recorder.h"
#include "report/names_left_out.h"
#include "report/words.h"
#include "takehome/clip_pictures.h"
#include "takehome/take_home_film.h"
#include "takehome/written_film.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QDir>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <cmath>
#include <memory>

namespace riflesso {

using namespace take_home;

namespace {

QString programName() { return QStringLiteral("Riflesso ") + QCoreApplication::applicationVersion(); }

constexpr int kWordRole = Qt::UserRole, kSideWide = 376;

/// Megabytes.
QString sizeText(double bytes) {
    constexpr double kMega = 1e6;
    return words::number(std::max(.1, bytes / kMega), bytes < 10 * kMega ? 1 : 0);
}

std::size_t picturesOf(const ReportContent& content, Paper paper) {
    std::size_t pictures = 0;
    if (paper == Paper::KeyPositions)
        for (const auto& position : content.positions)
            pictures += std::size_t(position.own.has_value()) + std::size_t(position.model.has_value());
    else if (paper == Paper::Progress)
        pictures = content.progress.thenAndNow.size();
    else if (paper != Paper::CompetitionCard)
        for (const auto& finding : content.findings)
            pictures += paper == Paper::Plan || finding.main ? finding.pictures.size() : 0;
    return pictures;
}

} // namespace

HandoverPage::HandoverPage(Workspace& workspace, QWidget* parent) : Page(workspace, parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* inner = new QWidget;
    inner->setStyleSheet(QStringLiteral("background: %1;").arg(theme::colours().course.name()));
    pages_ = new QVBoxLayout(inner);
    pages_->setContentsMargins(24, 16, 24, 16);
    pages_->setSpacing(14);
    papers_ = scrolled(inner);
    home_ = new FilmPanel(workspace, this);
    home_->setObjectName(QStringLiteral("homeFilm"));
    then_ = new FilmPanel(workspace, this);
    then_->setObjectName(QStringLiteral("thenFilm"));
    one_ = new FilmPanel(workspace, this);
    one_->setObjectName(QStringLiteral("repetitionFilm"));
    all_ = new FilmPanel(workspace, this);
    all_->setObjectName(QStringLiteral("allRepetitionsFilm"));
    side_ = new FilmPanel(workspace, this);
    side_->setObjectName(QStringLiteral("sideBySideFilm"));
    note_ = label({});
    note_->setAlignment(Qt::AlignTop);
    note_->setMargin(24);
    left_ = new QStackedWidget;
    for (QWidget* each : std::initializer_list<QWidget*>{papers_, home_, then_, one_, all_, side_, note_})
        left_->addWidget(each);
    layout->addWidget(left_, 1);
    QScrollArea* side = scrolled(buildSide());
    constexpr int kScrollBar = 12;
    side->setFixedWidth(kSideWide + kScrollBar);
    layout->addWidget(side);
    for (FilmPanel* panel : {home_, then_, one_, all_, side_}) {
        connect(panel, &FilmPanel::edited, this, [this] {
            lookForFaces();
            describe();
        });
        connect(panel, &FilmPanel::coverDrawn, this, &HandoverPage::keepCover);
        connect(panel, &FilmPanel::leaveFor, this, &HandoverPage::lookAt);
    }
}

QWidget* HandoverPage::buildSide() {
    auto* side = new QWidget;
    side->setFixedWidth(kSideWide);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(16, 8, 16, 12);
    column->setSpacing(5);
    column->addWidget(label(tr("TO TAKE HOME"), theme::kHeading));
    items_ = new QTreeWidget;
    items_->setObjectName(QStringLiteral("takeHome"));
    items_->setAccessibleName(tr("What is taken home: ticked is written, the chosen one is shown"));
    items_->setColumnCount(2);
    items_->setHeaderHidden(true);
    // Fifteen things and what leaves of them are to be seen at once, on a small screen too.
    items_->setStyleSheet(QStringLiteral("QTreeWidget::item { padding: 1px 6px; }"));
    items_->setRootIsDecorated(false);
    items_->setUniformRowHeights(true);
    items_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    items_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    items_->header()->setStretchLastSection(true);
    column->addWidget(items_);
    column->addWidget(label(tr("FACES AND NAMES"), theme::kHeading));
    const auto box = [&](const char* name, const QString& text) {
        auto* out = new QCheckBox(text);
        out->setObjectName(QLatin1String(name));
        column->addWidget(out, 0, Qt::AlignLeft);
        connect(out, &QCheckBox::toggled, this, &HandoverPage::wishChanged);
        return out;
    };
    coverAthlete_ = box("coverAthlete", tr("Cover the athlete's face"));
    coverModel_ = box("coverModel", tr("Cover the model's face"));
    coverOthers_ = box("coverOthers", tr("Cover others, where a box is drawn over them"));
    coverOthers_->setChecked(true);
    leaveNames_ = box("leaveNames", tr("Leave out the names"));
    unsure_ = label({}, theme::kSafety);
    unsure_->setObjectName(QStringLiteral("unsure"));
    column->addWidget(unsure_);
    filmKind_ = new ChoiceBox;
    filmKind_->setObjectName(QStringLiteral("filmKind"));
    filmKind_->setAccessibleName(tr("Films as"));
    for (const char* ending : {"mp4", "webm"})
        for (const QSize& size : {QSize(1280, 720), QSize(1920, 1080)})
            filmKind_->addItem(
                tr("Films as %1, %2 × %3")
                    .arg(QLatin1String(ending) == QLatin1String("mp4") ? QStringLiteral("MP4") : QStringLiteral("WebM"))
                    .arg(size.width())
                    .arg(size.height()),
                QStringLiteral("%1x%2 %3").arg(size.width()).arg(size.height()).arg(QLatin1String(ending)));
    connect(filmKind_, &QComboBox::activated, this, &HandoverPage::describe);
    column->addWidget(filmKind_);
    column->addWidget(label(tr("WHAT LEAVES THIS MACHINE"), theme::kHeading));
    leaves_ = label({});
    leaves_->setObjectName(QStringLiteral("leaves"));
    column->addWidget(leaves_);
    auto* where = new QHBoxLayout;
    auto* folder = label(tr("Folder"), theme::kQuiet);
    folder->setWordWrap(false);
    where->addWidget(folder);
    folder_ = new QLineEdit;
    folder_->setObjectName(QStringLiteral("handoverFolder"));
    folder_->setAccessibleName(tr("Folder that is written"));
    where->addWidget(folder_, 1);
    column->addLayout(where);
    write_ = new QPushButton(tr("Write the folder (P)"));
    write_->setObjectName(QStringLiteral("writeFolder"));
    write_->setProperty("role", "main");
    column->addWidget(write_, 0, Qt::AlignLeft);
    column->addWidget(
        label(tr("With a paper in it the assessment is frozen: its numbers, the order and the reasons stay "
                 "as they are now, and print the same in years."),
              theme::kQuiet));
    column->addSpacing(8);
    column->addWidget(label(tr("FROZEN ASSESSMENTS"), theme::kHeading));
    stored_ = new QVBoxLayout;
    column->addLayout(stored_);
    column->addStretch();
    connect(write_, &QPushButton::clicked, this, &HandoverPage::writeAll);
    connect(folder_, &QLineEdit::textEdited, this, [this] { folderEdited_ = true; });
    connect(folder_, &QLineEdit::returnPressed, this, [this] { setFocus(); }); // P writes it
    connect(items_, &QTreeWidget::currentItemChanged, this, [this] {
        if (filling_)
            return;
        showChosen();
        lookForFaces();
        describe();
    });
    connect(items_, &QTreeWidget::itemChanged, this, [this] {
        if (filling_)
            return;
        lookForFaces();
        describe();
    });
    return side;
}

QString HandoverPage::headline() const {
    if (workspace().resultsHidden())
        return workspace().noAssessment();
    const auto assessment = workspace().assessment();
    if (!assessment || nothingMeasured(*assessment))
        return tr("Nothing to hand over yet. <b>Next: mark key positions.</b>");
    const std::size_t frozen = workspace().data().assessments.size();
    const QTreeWidgetItem* item = items_->currentItem();
    QString shown = item ? item->text(0) : QString();
    if (!shown.isEmpty())
        shown[0] = shown[0].toLower();
    return tr("Shown: %1. %2<b>Next: write the folder.</b>")
        .arg(shown, frozen ? tr("%1 frozen so far. ").arg(frozen) : QString());
}

StepState HandoverPage::state() const {
    if (!workspace().hasCase() || workspace().data().assessments.empty())
        return {};
    return {StepState::Kind::Done, tr("%1 frozen").arg(workspace().data().assessments.size())};
}

std::vector<PageKey> HandoverPage::keyTable() {
    FilmPanel* film = shownFilm();
    return {{QStringLiteral("P"), tr("write the folder"), {}, {Qt::Key_P}, [this](KeyPress) { writeAll(); }},
            {QStringLiteral("Space"),
             tr("play"),
             tr("play the film that is shown"),
             {Qt::Key_Space},
             [film](KeyPress) { film->playOrPause(); },
             film != nullptr},
            {QStringLiteral("← →"),
             tr("by pictures"),
             tr("go by pictures of the film, with Shift by seconds"),
             {Qt::Key_Left, Qt::Key_Right},
             [film](KeyPress press) {
                 film->step((press.key == Qt::Key_Left ? -1 : 1) * (press.shift ? film->film().rate : 1));
             },
             film != nullptr},
            {QStringLiteral("L"),
             tr("look there"),
             tr("open the frame that is seen on Mark; the film stays where it is"),
             {Qt::Key_L},
             [film](KeyPress) { film->lookThere(); },
             film != nullptr},
            {QStringLiteral("C"),
             tr("cut here"),
             tr("cut the walk-through's part in two at the picture that is seen"),
             {Qt::Key_C},
             [film](KeyPress) { film->cutHere(); },
             film != nullptr && film->objectName() == QLatin1String("walkFilm")}};
}

ReportContent HandoverPage::compose() const {
    return composeReport({workspace().data(), *workspace().assessment(), workspace().session(), workspace().choice(),
                          QDateTime::currentDateTime(), programName()});
}

QString HandoverPage::suggestedFolder() const {
    QString name = (leaveNames_->isChecked() ? QStringLiteral("hand over") : workspace().data().athlete.name) + u' ' +
                   QDate::currentDate().toString(Qt::ISODate);
    name.replace(QRegularExpression(QStringLiteral("[^\\w\\-]+"), QRegularExpression::UseUnicodePropertiesOption),
                 QStringLiteral("_"));
    return QDir(workspace().library()->folder()).absoluteFilePath(QStringLiteral("reports/") + name);
}

bool HandoverPage::may(HandedOnAs as) const { return consentsTo(workspace().data().athlete, as, QDate::currentDate()); }
FaceWish HandoverPage::faces() const {
    return {coverAthlete_->isChecked(), coverModel_->isChecked(), coverOthers_->isChecked()};
}
QSize HandoverPage::filmSize() const {
    const QString size = filmKind_->currentData().toString().section(u' ', 0, 0);
    return {size.section(u'x', 0, 0).toInt(), size.section(u'x', 1).toInt()};
}
QStringList HandoverPage::hiddenNames() const {
    return leaveNames_->isChecked() ? namesIn(workspace().data()) : QStringList();
}

QTreeWidgetItem* HandoverPage::itemOf(const QString& word) const {
    for (int i = 0; i < items_->topLevelItemCount(); ++i)
        if (items_->topLevelItem(i)->data(0, kWordRole) == word)
            return items_->topLevelItem(i);
    return nullptr;
}
bool HandoverPage::isTicked(const QString& word) const {
    const QTreeWidgetItem* item = itemOf(word);
    return item && item->checkState(0) == Qt::Checked && !item->isDisabled();
}
QString HandoverPage::shownWord() const {
    const QTreeWidgetItem* item = items_->currentItem();
    return item ? item->data(0, kWordRole).toString() : QString();
}
std::optional<Paper> HandoverPage::shownPaper() const {
    for (const Paper paper : papersOf(content_))
        if (paperFileWord(paper) == shownWord())
            return paper;
    return {};
}
FilmPanel* HandoverPage::shownFilm() const { return qobject_cast<FilmPanel*>(left_->currentWidget()); }
void HandoverPage::forget() {
    shown_.reset();
    content_ = {};
    heads_.clear();
    others_.clear();
    looking_ = false;
    folderEdited_ = false;
    filmsOf_ = {};
    setWalks({});
    for (const FilmRow& film : films())
        film.panel->setFilm({});
}

void HandoverPage::refresh() {
    if (!workspace().hasCase())
        return;
    const auto assessment = workspace().assessment();
    write_->setEnabled(assessment != nullptr);
    if (!folderEdited_)
        folder_->setText(suggestedFolder());
    showStored();
    if (!assessment) {
        shown_.reset();
        content_ = {};
        fillItems(content_);
        clearLayout(pages_);
        leaves_->clear();
        left_->setCurrentWidget(papers_);
        return;
    }
    const QString walks = walksAndCovers();
    if (assessment != shown_ || filmedRepetition_ != workspace().repetition() || walks != walksThere_) {
        walksThere_ = walks;
        filmedRepetition_ = workspace().repetition();
        shown_ = assessment;
        content_ = compose();
        hasThen_ = false;
        fillItems(content_);
        makeFilms();
    }
    describe();
    showChosen();
}

void HandoverPage::showStored() {
    clearLayout(stored_);
    for (const StoredAssessment& entry : workspace().data().assessments) {
        auto* row = new QHBoxLayout;
        row->addWidget(label(QStringLiteral("<b>%1</b> %2").arg(entry.id.value).arg(entry.title.toHtmlEscaped())), 1);
        auto* again = new QPushButton(tr("Print again"));
        connect(again, &QPushButton::clicked, this, [this, entry] { printStored(entry); });
        row->addWidget(again);
        stored_->addLayout(row);
    }
    if (workspace().data().assessments.empty())
        stored_->addWidget(label(tr("None yet."), theme::kQuiet));
}

void HandoverPage::fillItems(const ReportContent& content) {
    const QString chosen = wanted_.isEmpty() ? shownWord() : wanted_;
    for (int i = 0; i < items_->topLevelItemCount(); ++i) {
        const QTreeWidgetItem* item = items_->topLevelItem(i);
        ticks_[item->data(0, kWordRole).toString()] = item->checkState(0) == Qt::Checked;
    }
    filling_ = true;
    items_->clear();
    const auto add = [&](const QString& word, const QString& title) {
        auto* item = new QTreeWidgetItem(items_, {title, {}});
        item->setData(0, kWordRole, word);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(0, ticks_[word] ? Qt::Checked : Qt::Unchecked);
        if (word == chosen)
            wanted_.clear();
        if (word == chosen || !items_->currentItem())
            items_->setCurrentItem(item);
    };
    const auto upper = [](QString words) {
        if (!words.isEmpty())
            words[0] = words[0].toUpper();
        return words;
    };
    for (const Paper paper : papersOf(content))
        add(paperFileWord(paper), upper(paperName(paper)));
    if (shown_) {
        add(kFilm, tr("Take-home film"));
        add(kThen, tr("Then and now, a film"));
        add(kOne, tr("A repetition, a film"));
        for (const Walk& walk : walks_)
            add(kWalk + walk.of->id, walk.title);
        add(kAll, tr("All repetitions, a film"));
        add(kSide, tr("Side by side, a film"));
        add(kStills, tr("A repetition as pictures"));
        add(kPictures, tr("Key positions as pictures"));
        add(kDates, tr("Dates for a calendar"));
        add(kCase, tr("The whole case"));
    }
    items_->resizeColumnToContents(0);
    const int row = items_->sizeHintForRow(0);
    items_->setFixedHeight(std::max(1, items_->topLevelItemCount()) * std::max(row, 18) + 2 * items_->frameWidth());
    filling_ = false;
}

void HandoverPage::describe() {
    if (!shown_)
        return;
    const Athlete& athlete = workspace().data().athlete;
    const bool mayFilm = may(HandedOnAs::Film), mayVoice = may(HandedOnAs::Voice), mayPaper = may(HandedOnAs::Paper);
    // Papers of somebody who was never asked are the analyst's own.
    const bool noPaper = !mayPaper && consentOn(athlete, QDate::currentDate()) == Consent::Valid;
    const bool bare = faces().athlete || faces().model || leaveNames_->isChecked();
    filling_ = true;
    const auto say = [&](const QString& word, const QString& detail, bool possible) {
        if (QTreeWidgetItem* item = itemOf(word)) {
            item->setText(1, detail);
            item->setToolTip(1, detail);
            item->setDisabled(!possible);
        }
    };
    std::size_t stills = 0, clips = 0;
    for (const Paper paper : papersOf(content_)) {
        const std::size_t pictures = picturesOf(content_, paper);
        say(paperFileWord(paper),
            noPaper    ? tr("no consent")
            : pictures ? tr("PDF, %1").arg(words::counted(pictures, tr("picture"), tr("pictures")))
                       : tr("PDF"),
            !noPaper);
        if (isTicked(paperFileWord(paper)))
            stills += pictures;
    }
    const auto film = [&](const QString& word, const FilmPanel& panel, bool there, const QString& none) {
        const bool heard = panel.film().speaks() && !mayVoice;
        say(word,
            !there     ? none
            : !mayFilm ? tr("no consent")
            : heard    ? tr("no consent to the voice")
                       : QStringLiteral("%1, %2").arg(
                             spokenLength(panel.film().seconds()),
                             tr("about %1 MB").arg(sizeText(expectedBytes(panel.film(), filmSize())))),
            there && mayFilm && !heard);
        if (isTicked(word))
            ++clips;
    };
    film(kFilm, *home_, home_->film().pictures() > 0, tr("is being made"));
    film(kThen, *then_, hasThen_, tr("after a retest"));
    for (const Walk& walk : walks_)
        film(kWalk + walk.of->id, *walk.panel, walk.panel->film().pictures() > 0, tr("nothing is in it"));
    film(kOne, *one_, one_->film().pictures() > 0, tr("none is chosen"));
    film(kSide, *side_, side_->film().pictures() > 0, tr("needs two repetitions"));
    film(kAll, *all_, all_->film().pictures() > 0, tr("none is marked"));
    if (workspace().place())
        for (const auto& [word, text] :
             {std::pair(kOne, tr("Repetition %1, a film")), {kStills, tr("Repetition %1 as pictures")}})
            if (QTreeWidgetItem* item = itemOf(word))
                item->setText(0, text.arg(workspace().place().repetition->number));
    const std::size_t held = one_->film().heldPictures().size();
    say(kStills,
        held == 0  ? tr("none is chosen")
        : mayPaper ? tr("%1, PNG").arg(held)
                   : tr("no consent"),
        mayPaper && held > 0);
    if (isTicked(kStills))
        stills += held;
    const std::size_t positions = picturesOf(content_, Paper::KeyPositions);
    say(kPictures, mayPaper ? tr("%1, PNG").arg(positions) : tr("no consent"), mayPaper && positions > 0);
    if (isTicked(kPictures))
        stills += positions;
    say(kDates, tr("iCalendar"), true);
    const bool mayAll = mayFilm && mayVoice && mayPaper;
    say(kCase, !mayAll ? tr("no consent") : bare ? tr("holds faces and names") : tr("with all clips"), mayAll && !bare);
    filling_ = false;

    QStringList leaves;
    if (!leaveNames_->isChecked())
        leaves << tr("name");
    leaves << tr("skill");
    if (clips)
        leaves << words::counted(clips, tr("film"), tr("films"));
    if (stills)
        leaves << words::counted(stills, tr("still picture"), tr("still pictures"));
    leaves << tr("measured values") << tr("the plan");
    QString text = leaves.join(QStringLiteral(", ")) + u'.';
    text[0] = text[0].toUpper();
    if (clips || stills)
        text += u' ' + (faces().athlete && faces().model ? tr("Faces of athlete and model covered.")
                        : faces().athlete                ? tr("The athlete's face covered, the model's seen.")
                        : faces().model                  ? tr("The model's face covered, the athlete's seen.")
                                                         : tr("Faces are seen."));
    const bool voice = std::any_of(walks_.begin(), walks_.end(), [&](const Walk& walk) {
        return isTicked(kWalk + walk.of->id) && walk.panel->film().speaks();
    });
    if (voice)
        text += u' ' + tr("A voice: names that are spoken stay in it.");
    if (isTicked(kCase))
        text += u' ' + tr("With the case all clips and the journal leave as well.");
    else
        text +=
            u' ' + (voice ? tr("No place, no device, no sound of the clips.") : tr("No place, no device, no sound."));
    text += u' ' + (!others_.empty() && faces().others
                        ? tr("Others are covered where boxes were drawn: look before it leaves this machine.")
                        : tr("Others in a picture are not covered: look before it leaves this machine."));
    leaves_->setText(text + u' ' + consentText(athlete, QDate::currentDate()));
    leaves_->setToolTip(tr("Hand it on only to those whom the athlete, or the parents of a child, agreed to."));

    QStringList lines;
    for (const auto& [word, file, panel] : films()) {
        if (!isTicked(word) && panel != shownFilm())
            continue;
        const std::vector<int> doubtful = unsurePictures(panel->film());
        if (doubtful.empty() || looking_)
            continue;
        QStringList where;
        int last = -1;
        for (const int picture : doubtful)
            if (const int second = picture / panel->film().rate; second != last && where.size() < 6) {
                where << spokenLength(second);
                last = second;
            }
        lines << tr("%1: in %2 it is not sure where to cover; they are shown without the clip (%3).")
                     .arg(itemOf(word)->text(0), words::counted(doubtful.size(), tr("picture"), tr("pictures")),
                          where.join(QStringLiteral(", ")));
    }
    if (looking_)
        lines << tr("Looking for the faces…");
    unsure_->setText(lines.join(u'\n'));
    unsure_->setVisible(!lines.isEmpty());
}

void HandoverPage::show(const QString& detail) {
    wanted_ = detail.section(u':', 0, 0); // it may not be there yet
    wantedPart_ = detail.contains(u':') ? detail.section(u':', 1).toInt() : -1;
    if (QTreeWidgetItem* item = itemOf(wanted_)) {
        wanted_.clear();
        items_->setCurrentItem(item);
    }
}

void HandoverPage::showChosen() {
    const QString word = shownWord();
    const auto rows = films();
    const QString of = word == kStills ? kOne : word; // the pictures are those of its film
    const auto film = std::find_if(rows.begin(), rows.end(), [&](const FilmRow& row) { return row.word == of; });
    if (film != rows.end()) {
        FilmPanel* panel = film->panel;
        if (panel->film().pictures() > 0)
            left_->setCurrentWidget(panel);
        else {
            note_->setText(word != kThen || makingFilms_
                               ? tr("The film is being put together.")
                               : tr("A film of then and now can be made once there are two sessions with the same key "
                                    "event marked."));
            left_->setCurrentWidget(note_);
        }
    } else if (shownPaper()) {
        left_->setCurrentWidget(papers_);
        preview();
    } else {
        note_->setText(word == kPictures
                           ? tr("Each key position as a picture of its own, 1280 × 960, athlete and model, "
                                "with what is measured drawn on it: as on the paper of key positions.")
                       : word == kDates ? tr("The dates of the plan as one file for any calendar: sessions with their "
                                             "cue, the days without changes, tests, competitions.")
                                        : tr("Everything of this case in one file, with its clips, for this program on "
                                             "another machine. Faces and names are in it as they are."));
        left_->setCurrentWidget(note_);
    }
    emit headlineChanged();
}

void HandoverPage::preview() {
    const auto paper = shownPaper();
    if (!paper || !shown_)
        return;
    ReportContent content = content_;
    coverFaces(content, faces().athlete, faces().model);
    if (faces().others)
        useOthers(content, others_);
    leaveOutNames(content, hiddenNames());
    workspace().start<std::vector<QImage>>(
        tr("Laying out the paper"), this, workspace().ofCase().newest(QStringLiteral("preview")),
        [content, paper = *paper](JobControl&) -> Result<std::vector<QImage>> {
            return previewPages(content, paper, clipPictures(), 88);
        },
        [this](Result<std::vector<QImage>> result) {
            clearLayout(pages_);
            if (!result)
                return;
            for (const QImage& image : *result) {
                auto* page = new QLabel;
                page->setPixmap(QPixmap::fromImage(image));
                page->setAccessibleName(tr("Page of the paper"));
                pages_->addWidget(page, 0, Qt::AlignHCenter);
            }
            pages_->addStretch();
        },
        Pace::Quick);
}

} // namespace riflesso

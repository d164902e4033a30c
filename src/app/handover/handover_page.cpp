#include "app/handover/handover_page.h"

#include "app/athlete/consent_box.h"
#include "app/handover/film_panel.h"
#include "app/nothing_measured.h"
#include "app/pose_models.h"
#include "app/theme.h"
#include "report/names_left_out.h"
#include "report/plan_calendar.h"
#include "report/words.h"
#include "store/case_archive.h"
#include "takehome/clip_pictures.h"
#include "takehome/take_home_film.h"
#include "takehome/take_home_folder.h"
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

#include <memory>

namespace riflesso {
namespace {

QString programName() { return QStringLiteral("Riflesso ") + QCoreApplication::applicationVersion(); }

constexpr int kWordRole = Qt::UserRole, kSideWide = 376;
const QString kFilm = QStringLiteral("film"), kThen = QStringLiteral("then-and-now"),
              kPictures = QStringLiteral("pictures"), kDates = QStringLiteral("dates"), kCase = QStringLiteral("case");

QString sizeText(double bytes) {
    constexpr double kMega = 1e6;
    return HandoverPage::tr("about %1 MB").arg(words::number(std::max(.1, bytes / kMega), bytes < 10 * kMega ? 1 : 0));
}

QString secondsText(double seconds) {
    const int whole = static_cast<int>(seconds + .5);
    return QStringLiteral("%1:%2").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
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
    note_ = label({});
    note_->setAlignment(Qt::AlignTop);
    note_->setMargin(24);
    left_ = new QStackedWidget;
    for (QWidget* each : std::initializer_list<QWidget*>{papers_, home_, then_, note_})
        left_->addWidget(each);
    layout->addWidget(left_, 1);
    QScrollArea* side = scrolled(buildSide());
    constexpr int kScrollBar = 12;
    side->setFixedWidth(kSideWide + kScrollBar);
    layout->addWidget(side);
    for (FilmPanel* panel : {home_, then_})
        connect(panel, &FilmPanel::edited, this, [this] {
            lookForFaces();
            describe();
        });
}

QWidget* HandoverPage::buildSide() {
    auto* side = new QWidget;
    side->setFixedWidth(kSideWide);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(7);
    column->addWidget(label(tr("TO TAKE HOME"), theme::kHeading));
    items_ = new QTreeWidget;
    items_->setObjectName(QStringLiteral("takeHome"));
    items_->setAccessibleName(tr("What is taken home: ticked is written, the chosen one is shown"));
    items_->setColumnCount(2);
    items_->setHeaderHidden(true);
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
    leaveNames_ = box("leaveNames", tr("Leave out the names"));
    unsure_ = label({}, theme::kSafety);
    unsure_->setObjectName(QStringLiteral("unsure"));
    column->addWidget(unsure_);
    column->addWidget(label(tr("WHAT LEAVES THIS MACHINE"), theme::kHeading));
    leaves_ = label({});
    leaves_->setObjectName(QStringLiteral("leaves"));
    column->addWidget(leaves_);
    column->addWidget(label(tr("Folder"), theme::kQuiet));
    folder_ = new QLineEdit;
    folder_->setObjectName(QStringLiteral("handoverFolder"));
    folder_->setAccessibleName(tr("Folder that is written"));
    column->addWidget(folder_);
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
    connect(items_, &QTreeWidget::currentItemChanged, this, [this] {
        if (!filling_)
            showChosen();
    });
    connect(items_, &QTreeWidget::itemChanged, this, [this] {
        if (!filling_)
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
    return tr("Shown: %1. %2<b>Next: write the folder.</b>")
        .arg(item ? item->text(0).toLower() : QString(), frozen ? tr("%1 frozen so far. ").arg(frozen) : QString());
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
             film != nullptr}};
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

bool HandoverPage::mayFilm() const {
    return consentOn(workspace().data().athlete, QDate::currentDate()) == Consent::Valid;
}
FaceWish HandoverPage::faces() const { return {coverAthlete_->isChecked(), coverModel_->isChecked()}; }
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
FilmPanel* HandoverPage::shownFilm() const {
    return left_->currentWidget() == home_ ? home_ : left_->currentWidget() == then_ ? then_ : nullptr;
}

void HandoverPage::forget() {
    shown_.reset();
    content_ = {};
    heads_.clear();
    looking_ = false;
    folderEdited_ = false;
    filmsOf_ = {};
    home_->setFilm({});
    then_->setFilm({});
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
    if (assessment != shown_) {
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
    const bool may = mayFilm(), bare = faces().athlete || faces().model || leaveNames_->isChecked();
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
            pictures ? tr("PDF, %1").arg(words::counted(pictures, tr("picture"), tr("pictures"))) : tr("PDF"), true);
        if (isTicked(paperFileWord(paper)))
            stills += pictures;
    }
    const auto film = [&](const QString& word, const FilmPanel& panel, bool there, const QString& none) {
        say(word,
            !there ? none
            : !may ? tr("no consent")
                   : QStringLiteral("%1, %2").arg(secondsText(panel.film().seconds()),
                                                  sizeText(expectedBytes(panel.film(), {1280, 720}))),
            there && may);
        if (isTicked(word))
            ++clips;
    };
    film(kFilm, *home_, home_->film().pictures() > 0, tr("is being made"));
    film(kThen, *then_, hasThen_, tr("after a retest"));
    const std::size_t positions = picturesOf(content_, Paper::KeyPositions);
    say(kPictures, may ? tr("%1, PNG").arg(positions) : tr("no consent"), may && positions > 0);
    if (isTicked(kPictures))
        stills += positions;
    say(kDates, tr("iCalendar"), true);
    say(kCase, !may ? tr("no consent") : bare ? tr("holds faces and names") : tr("with all clips"), may && !bare);
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
    if (isTicked(kCase))
        text += u' ' + tr("With the case all clips and the journal leave as well.");
    else
        text += u' ' + tr("No place, no device, no sound.");
    text += u' ' + tr("Others in a picture are not covered: look before it leaves this machine.");
    leaves_->setText(text + u' ' + consentText(workspace().data().athlete, QDate::currentDate()));
    leaves_->setToolTip(tr("Hand it on only to those whom the athlete, or the parents of a child, agreed to."));

    QStringList lines;
    for (const auto& [word, panel] : {std::pair{kFilm, home_}, std::pair{kThen, then_}}) {
        const std::vector<int> doubtful = unsurePictures(panel->film());
        if (doubtful.empty() || looking_)
            continue;
        QStringList where;
        int last = -1;
        for (const int picture : doubtful)
            if (const int second = picture / panel->film().rate; second != last && where.size() < 6) {
                where << secondsText(second);
                last = second;
            }
        lines << tr("%1: in %2 the face is not sure; they are shown without the clip (%3).")
                     .arg(itemOf(word)->text(0), words::counted(doubtful.size(), tr("picture"), tr("pictures")),
                          where.join(QStringLiteral(", ")));
    }
    if (looking_)
        lines << tr("Looking for the faces…");
    unsure_->setText(lines.join(u'\n'));
    unsure_->setVisible(!lines.isEmpty());
}

void HandoverPage::makeFilms() {
    struct Films {
        Film home, then;
    };
    if (filmsOf_ != std::pair(workspace().data().id, workspace().session())) {
        filmsOf_ = {workspace().data().id, workspace().session()};
        home_->setFilm({});
        then_->setFilm({});
    }
    makingFilms_ = true;
    workspace().start<std::shared_ptr<Films>>(
        tr("Making the films"), this, workspace().ofCase().newest(QStringLiteral("films")),
        [data = workspace().snapshot(), assessment = shown_, session = workspace().session(),
         choice = workspace().choice(), content = content_](JobControl&) -> Result<std::shared_ptr<Films>> {
            const FilmSubject subject{*data, *assessment, session, choice, content};
            return std::make_shared<Films>(Films{takeHomeFilm(subject), thenAndNowFilm(subject)});
        },
        [this](const Result<std::shared_ptr<Films>>& made) {
            makingFilms_ = false;
            if (!made)
                return;
            hasThen_ = !(*made)->then.parts.empty();
            home_->setFilm(std::move((*made)->home));
            then_->setFilm(std::move((*made)->then));
            wishChanged();
            showChosen();
        },
        Pace::Quick);
}

void HandoverPage::wishChanged() {
    if (!shown_)
        return;
    if (!folderEdited_)
        folder_->setText(suggestedFolder());
    for (FilmPanel* panel : {home_, then_})
        panel->setWish(faces(), hiddenNames(), heads_);
    lookForFaces();
    describe();
    preview();
}

void HandoverPage::lookForFaces() {
    Film all; // the frames of both
    for (const FilmPanel* panel : {home_, then_})
        all.parts.insert(all.parts.end(), panel->film().parts.begin(), panel->film().parts.end());
    looking_ = faces().athlete || faces().model;
    if (!looking_)
        return;
    workspace().start<std::shared_ptr<SeenHeads>>(
        tr("Looking for the faces"), this, workspace().ofCase().newest(QStringLiteral("faces")),
        [all = std::move(all), known = heads_](JobControl& control) -> Result<std::shared_ptr<SeenHeads>> {
            auto seen = lookForHeads(all, known, poseModels(), [&](double share) { return control.goOn(share); });
            if (!seen)
                return seen.error();
            return std::make_shared<SeenHeads>(std::move(*seen));
        },
        [this](const Result<std::shared_ptr<SeenHeads>>& seen) {
            looking_ = false;
            if (seen)
                heads_ = **seen;
            else if (seen.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(seen.error().sentence()), true);
            for (FilmPanel* panel : {home_, then_})
                panel->setWish(faces(), hiddenNames(), heads_);
            describe();
        });
}

void HandoverPage::show(const QString& detail) {
    wanted_ = detail; // it may not be there yet
    if (QTreeWidgetItem* item = itemOf(detail)) {
        wanted_.clear();
        items_->setCurrentItem(item);
    }
}

void HandoverPage::showChosen() {
    const QString word = shownWord();
    if (word == kFilm || word == kThen) {
        FilmPanel* panel = word == kFilm ? home_ : then_;
        if (panel->film().pictures() > 0)
            left_->setCurrentWidget(panel);
        else {
            note_->setText(word == kFilm || makingFilms_
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

void HandoverPage::writeAll() {
    if (!shown_ || !workspace().assessment())
        return;
    if (looking_) {
        workspace().say(tr("The faces are still being looked for: write the folder when it is known where they are not "
                           "sure."));
        return;
    }
    bool paper = false;
    for (const Paper each : papersOf(content_))
        paper = paper || isTicked(paperFileWord(each));
    ReportContent content = compose();
    const QString folder = folder_->text();
    if (!paper) {
        writeInto(content, folder);
        return;
    }
    StoredAssessment stored;
    stored.session = workspace().session();
    stored.at = QDateTime::currentDateTimeUtc();
    stored.version = QCoreApplication::applicationVersion();
    stored.title = tr("%1, %2").arg(content.session, words::moment(stored.at));
    stored.content = toJson(content);
    const CaseId id = workspace().data().id;
    if (workspace().apply(tr("Freeze the assessment"), [&](Edit& edit) -> Result<void> {
            const auto made = edit.addAssessment(id, stored);
            return made ? Result<void>() : Result<void>(made.error());
        }))
        writeInto(content, folder);
}

void HandoverPage::writeInto(const ReportContent& whole, const QString& folder) {
    auto what = std::make_shared<HandOver>();
    what->content = whole;
    coverFaces(what->content, faces().athlete, faces().model);
    leaveOutNames(what->content, hiddenNames());
    for (const Paper paper : papersOf(whole))
        if (isTicked(paperFileWord(paper)))
            what->papers.push_back(paper);
    if (isTicked(kFilm))
        what->films.push_back({QStringLiteral("take-home"), tr("Take-home film"), home_->film()});
    if (isTicked(kThen))
        what->films.push_back({QStringLiteral("then-and-now"), tr("Then and now"), then_->film()});
    what->pictures = isTicked(kPictures);
    if (isTicked(kDates))
        what->calendar = writeCalendar(planCalendar(workspace().data(), workspace().assessment()->prescription),
                                       QDateTime::currentDateTimeUtc());
    if (isTicked(kCase))
        what->archive = [library = workspace().library()->folder(),
                         id = workspace().data().id](const QString& path, const GoOn& goOn) -> Result<void> {
            const auto own = Library::open(library, Library::Mode::ReadOnly); // its own connection, in this thread
            if (!own)
                return own.error();
            const auto written = writeCaseArchive(**own, id, path, true, goOn);
            return written ? Result<void>() : Result<void>(written.error());
        };
    workspace().start<HandedOver>(
        tr("Writing the folder"), this, Workspace::ofProgram(),
        [what, folder](JobControl& control) -> Result<HandedOver> {
            return writeFolder(*what, folder, clipPictures(), [&](double share) { return control.goOn(share); });
        },
        [this](const Result<HandedOver>& done) {
            if (done)
                workspace().say(
                    tr("Written to %1: %2, %3 MB. index.html shows it in any browser.")
                        .arg(done->folder,
                             words::counted(static_cast<std::size_t>(done->files.size()), tr("file"), tr("files")),
                             words::number(std::max(.1, static_cast<double>(done->bytes) / 1e6), 1)));
            else if (done.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(done.error().sentence()), true);
        });
}

void HandoverPage::printStored(const StoredAssessment& stored) {
    const Paper paper = shownPaper().value_or(Paper::Plan);
    const QString path = folder_->text() + QStringLiteral("-%1-%2.pdf").arg(paperFileWord(paper)).arg(stored.id.value);
    const FaceWish faces = this->faces();
    const QStringList hidden = hiddenNames();
    workspace().start<QString>(
        tr("Printing the paper"), this, Workspace::ofProgram(),
        [content = stored.content, path, paper, faces, hidden](JobControl& control) -> Result<QString> {
            if (!control.goOn(0.1))
                return cancelled();
            auto report = reportFromJson(content, QStringLiteral("the frozen assessment"));
            if (!report)
                return report.error();
            coverFaces(*report, faces.athlete, faces.model);
            leaveOutNames(*report, hidden);
            if (!QDir().mkpath(QFileInfo(path).absolutePath()))
                return badInput(path.toStdString(), "a folder that can be written to", "no write");
            const auto papers = papersOf(*report);
            if (std::find(papers.begin(), papers.end(), paper) == papers.end())
                return badInput("the frozen assessment", paperName(paper).toStdString(), "an assessment that has none");
            if (const auto written = writePdf(*report, paper, clipPictures(), path); !written)
                return written.error();
            return path;
        },
        [this](const Result<QString>& result) {
            if (result)
                workspace().say(tr("Printed to %1").arg(*result));
            else if (result.error().kind != Error::Kind::Cancelled)
                workspace().say(words::text(result.error().sentence()), true);
        });
}

} // namespace riflesso

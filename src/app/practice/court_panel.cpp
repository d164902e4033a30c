#include "app/practice/court_panel.h"

#include "app/page.h"
#include "app/pose_models.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "demo/demo_library.h"
#include "media/clip_reader.h"
#include "report/evidence.h"
#include "report/words.h"
#include "takehome/clip_pictures.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHideEvent>
#include <QLabel>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr QSize kPicture(480, 480); ///< as they are drawn; shown smaller where there is less room
constexpr int kShowEveryMs = 100;
// In the library's folder: what is recorded until it was measured, and the films that are kept.
const QString kPassing = QStringLiteral("/recordings/practice/passing"), kKept = QStringLiteral("/recordings/practice");
const QString& folderId() {
    static const QString id = QStringLiteral("folder");
    return id;
}

/// What was recorded here goes when it was looked at, or when nobody will look.
class Temporary {
public:
    Temporary(QString path, bool ours) : path_(ours ? std::move(path) : QString()) {}
    ~Temporary() {
        if (!path_.isEmpty())
            QFile::remove(path_);
    }
    Temporary(const Temporary&) = delete;
    Temporary& operator=(const Temporary&) = delete;

private:
    QString path_;
};

QString bandText(const MeasureDef& def, const FeedbackBand& band) {
    Reference reference;
    reference.low = band.low;
    reference.high = band.high;
    return words::referenceText(def, reference);
}

QString feedbackVerdictText(FeedbackVerdict verdict) {
    switch (verdict) {
    case FeedbackVerdict::In:
        return CourtPanel::tr("In the band");
    case FeedbackVerdict::Below:
        return CourtPanel::tr("Below the band");
    case FeedbackVerdict::Above:
        return CourtPanel::tr("Above the band");
    case FeedbackVerdict::NotSure:
        break;
    }
    return CourtPanel::tr("Not sure");
}

} // namespace

CourtPanel::CourtPanel(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addLayout(buildChoices());
    auto* pictures = new QHBoxLayout;
    pictures->setSpacing(10);
    const auto picture = [&](const char* name, const QString& says) {
        auto* made = new QLabel;
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(says);
        made->setAlignment(Qt::AlignCenter);
        made->setMinimumSize(120, 120);
        made->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
        pictures->addWidget(made, 1);
        return made;
    };
    own_ = picture("courtPicture", tr("The repetition that was just filmed"));
    model_ = picture("courtModel", tr("The model"));
    layout->addLayout(pictures, 1);
    value_ = label({});
    value_->setObjectName(QStringLiteral("courtValue"));
    value_->setStyleSheet(QStringLiteral("font-size: 34pt; font-weight: bold;"));
    value_->setWordWrap(false);
    verdict_ = label({});
    verdict_->setObjectName(QStringLiteral("courtVerdict"));
    verdict_->setStyleSheet(QStringLiteral("font-size: 20pt; font-weight: bold;"));
    auto* numbers = new QHBoxLayout;
    numbers->setSpacing(14);
    numbers->addWidget(value_);
    numbers->addWidget(verdict_, 1);
    layout->addLayout(numbers);
    why_ = label({}, theme::kQuiet);
    why_->setObjectName(QStringLiteral("courtWhy"));
    layout->addWidget(why_);
    layout->addLayout(buildButtons());
    connect(&source_, &CourtSource::filmed, this, &CourtPanel::measure);
    connect(&source_, &CourtSource::failed, this, [this](const QString& text) {
        emit said(text, true);
        refresh();
    });
    connect(&ticks_, &QTimer::timeout, this, &CourtPanel::tick);
}

CourtPanel::~CourtPanel() { forget(); }

QLayout* CourtPanel::buildChoices() {
    auto* rows = new QVBoxLayout;
    rows->setSpacing(4);
    auto* first = new QHBoxLayout;
    auto* second = new QHBoxLayout;
    const auto box = [&](QHBoxLayout* row, const char* name, const QString& says, int stretch) {
        auto* made = new ChoiceBox;
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(says);
        made->setToolTip(says);
        made->setFocusPolicy(Qt::TabFocus);
        row->addWidget(made, stretch);
        return made;
    };
    from_ = box(first, "courtFrom", tr("Camera, or folder into which clips arrive"), 2);
    measure_ = box(first, "courtMeasure", tr("What is measured"), 3);
    filmedAs_ = box(second, "courtAs", tr("The camera stands where it stood then: its side, scale and lens hold"), 3);
    every_ = box(second, "courtEvery", tr("After which repetitions the number is shown"), 2);
    for (const auto& [every, text] : {std::pair(1, tr("number after each")),
                                      {2, tr("number after every 2nd")},
                                      {3, tr("number after every 3rd")},
                                      {6, tr("number after every 6th")},
                                      {0, tr("number only when asked")}})
        every_->addItem(text, every);
    constexpr int kThird = 2;
    every_->setCurrentIndex(kThird);
    keep_ = new QCheckBox(tr("Keep the films"));
    keep_->setObjectName(QStringLiteral("courtKeep"));
    keep_->setFocusPolicy(Qt::TabFocus);
    keep_->setToolTip(tr("In the library's folder, recordings. Otherwise only the number is kept. Clips of a watched "
                         "folder stay where they are."));
    second->addWidget(keep_);
    rows->addLayout(first);
    rows->addLayout(second);
    connect(from_, &QComboBox::activated, this, &CourtPanel::chooseSource);
    connect(measure_, &QComboBox::activated, this, &CourtPanel::prepare);
    connect(filmedAs_, &QComboBox::activated, this, [this] {
        fillMeasures();
        prepare();
    });
    connect(every_, &QComboBox::activated, this, &CourtPanel::refresh);
    return rows;
}

QLayout* CourtPanel::buildButtons() {
    auto* row = new QHBoxLayout;
    const auto button = [&](const char* name, const QString& text, auto work) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(name));
        made->setFocusPolicy(Qt::TabFocus);
        connect(made, &QPushButton::clicked, this, work);
        row->addWidget(made);
        return made;
    };
    end_ = button("courtEnd", tr("It is over (Space)"), [this] { endMovement(); });
    number_ = button("courtNumber", tr("Show the number (V)"), [this] { showNumber(); });
    state_ = label({}, theme::kQuiet);
    state_->setObjectName(QStringLiteral("courtState"));
    row->addWidget(state_, 1);
    leave_ = button("courtLeave", tr("Stop filming (Esc)"), [this] {
        close();
        emit left();
    });
    return row;
}

void CourtPanel::open(const std::string& fault) {
    fault_ = fault;
    open_ = true;
    assessment_ = workspace_.assessment();
    of_ = workspace_.data().id;
    from_->clear();
    from_->addItem(tr("choose a camera or a folder"), QString());
    const QString simulated =
        DemoSources::besideProgram(QCoreApplication::applicationDirPath()).clips + QStringLiteral("/ilka_baseline.mp4");
    for (const LiveDevice& device : liveDevices(simulated.toStdString()))
        from_->addItem(words::text(device.title), words::text(device.id));
    from_->addItem(tr("clips that arrive in a folder…"), folderId());
    filmedAs_->clear();
    const CaseData& data = workspace_.data();
    for (const SectionId id : setupsToFilmAs(data))
        for (const Session& session : data.sessions)
            for (const Clip& clip : session.clips)
                for (const Section& section : clip.sections)
                    if (section.id == id)
                        filmedAs_->addItem(tr("as in %1, %2").arg(words::shortDate(session.date), clip.title),
                                           QVariant::fromValue(static_cast<qlonglong>(id.value)));
    fillMeasures();
    measured_ = unsure_ = 0;
    forget();
    // What the program could not delete because it was killed.
    QDir(workspace_.library()->folder() + kPassing).removeRecursively();
    ticks_.start(kShowEveryMs);
    refresh();
}

void CourtPanel::close() {
    open_ = false;
    ticks_.stop();
    source_.close();
    forget();
}

void CourtPanel::forget() {
    ++epoch_;
    for (const FilmedNow& film : films_)
        const Temporary gone(film.path, film.ours && !keep_->isChecked());
    films_.clear();
    waiting_.clear();
    shown_ = false;
    running_ = false;
    feedback_.reset();
    band_ = {};
}

void CourtPanel::fillMeasures() {
    const QVariant before = measure_->currentData();
    measure_->clear();
    if (!assessment_)
        return;
    const CaseData& data = workspace_.data();
    const SectionId as{filmedAs_->currentData().toLongLong()};
    std::vector<std::string> ids = measuresToFeedBack(data, *assessment_, as);
    const FaultDef* fault = data.pack.fault(fault_);
    const std::string leading = fault ? leadingMeasure(data.pack, *assessment_, *fault) : std::string();
    std::stable_partition(ids.begin(), ids.end(), [&](const std::string& id) { return id == leading; });
    for (const std::string& id : ids)
        measure_->addItem(words::text(data.pack.measure(id)->title), words::text(id));
    if (const int index = measure_->findData(before); index >= 0)
        measure_->setCurrentIndex(index);
}

const MeasureDef* CourtPanel::def() const {
    return workspace_.hasCase() ? workspace_.data().pack.measure(measure_->currentData().toString().toStdString())
                                : nullptr;
}

void CourtPanel::prepare() {
    forget();
    if (source_.isOpen())
        measure({});
    refresh();
}

void CourtPanel::chooseSource() {
    const QString id = from_->currentData().toString();
    source_.close();
    forget();
    if (id == folderId())
        askFolder();
    else if (!id.isEmpty()) {
        if (const auto done =
                mayFilm() ? source_.openCamera(id, workspace_.library()->folder() + kPassing) : Result<void>();
            !done) {
            from_->setCurrentIndex(0);
            emit said(words::text(done.error().sentence()), true);
        }
    }
    if (source_.isCamera())
        prepare();
    refresh();
    if (parentWidget())
        parentWidget()->setFocus();
}

void CourtPanel::askFolder() {
    auto* dialog = new QFileDialog(this, tr("Folder into which clips arrive"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setOption(QFileDialog::DontUseNativeDialog);
    dialog->setDirectory(QStandardPaths::writableLocation(QStandardPaths::MoviesLocation));
    connect(dialog, &QFileDialog::fileSelected, this, &CourtPanel::watch);
    connect(dialog, &QDialog::rejected, this, [this] { from_->setCurrentIndex(0); });
    dialog->open();
}

bool CourtPanel::mayFilm() {
    if (consentOn(workspace_.data().athlete, QDate::currentDate()) == Consent::Valid)
        return true;
    from_->setCurrentIndex(0);
    emit said(tr("No consent to be filmed holds today. Write it down on the Athlete page first."), true);
    return false;
}

void CourtPanel::watch(const QString& folder) {
    if (!mayFilm())
        return;
    forget();
    from_->setCurrentIndex(from_->findData(folderId()));
    source_.openFolder(folder);
    prepare();
}

void CourtPanel::measure(const FilmedNow& film) {
    films_.push_back(film);
    next();
}

void CourtPanel::next() {
    const MeasureDef* measure = def();
    if (running_ || films_.empty() || !open_)
        return;
    FilmedNow film = films_.front();
    films_.pop_front();
    if (film.ours && keep_->isChecked()) {
        const QString kept = workspace_.library()->folder() + kKept + u'/' + QFileInfo(film.path).fileName();
        QDir().mkpath(QFileInfo(kept).path());
        if (QFile::rename(film.path, kept))
            film.path = kept;
    }
    const auto temporary = std::make_shared<Temporary>(film.path, film.ours && !keep_->isChecked());
    if (!assessment_ || !measure || workspace_.data().id != of_)
        return;
    running_ = true;
    if (!feedback_)
        feedback_ = std::make_shared<std::unique_ptr<MeasuredFeedback>>();
    const FeedbackMeasure what{measure->id, SectionId{filmedAs_->currentData().toLongLong()}};
    const QString name = QFileInfo(film.path).fileName();
    workspace_.start<Answer>(
        film.path.isEmpty() ? tr("Getting ready to measure") : tr("Measuring a repetition"), this, workspace_.ofCase(),
        [film, what, assessment = assessment_, temporary, data = workspace_.snapshot(), models = poseModels(),
         feedback = feedback_](JobControl& control) -> Result<Answer> {
            const GoOn goOn = [&](double share) { return control.goOn(share); };
            if (!*feedback) {
                auto opened = MeasuredFeedback::open(data, *assessment, what, models, goOn);
                if (!opened)
                    return opened.error();
                *feedback = std::move(*opened);
            }
            if (film.path.isEmpty()) // made ready before the first repetition
                return Answer{{}, (*feedback)->band()};
            const auto clip = (*feedback)->measure(film.path, film.stretch, goOn);
            if (!clip)
                return clip.error();
            Answer answer;
            answer.band = (*feedback)->band();
            const MeasureDef& def = (*feedback)->def();
            const PictureSource source = clipPictures();
            for (const MeasuredRepetition& each : clip->repetitions) {
                Shot shot;
                shot.repetition = each;
                const auto lines =
                    figureLines(clip->data->pack, rolesByHand(clip->data->pack, clip->data->athlete.handedness));
                const QString value = each.value ? words::withU(def, *each.value, 2 * each.u) : QString();
                for (const PictureRef& ref : measuredPictures(*clip->data, *assessment, each.id, def, value))
                    (ref.ofModel ? shot.model : shot.own) = keyPicture(ref, lines, source, kPicture);
                shot.seconds = static_cast<double>(film.ended.msecsTo(QDateTime::currentDateTime())) / 1000;
                answer.shots.push_back(std::move(shot));
            }
            return answer;
        },
        [this, name, epoch = epoch_](const Result<Answer>& answer) { came(answer, name, epoch); });
}

void CourtPanel::came(const Result<Answer>& answer, const QString& name, int epoch) {
    if (epoch != epoch_ || !open_)
        return;
    running_ = false;
    if (!answer) {
        emit said((name.isEmpty() ? tr("Nothing can be measured: %1") : tr("%1 was not measured: %2").arg(name))
                      .arg(words::text(answer.error().sentence())),
                  answer.error().kind != Error::Kind::Cancelled);
    } else if (name.isEmpty()) {
        band_ = answer->band;
    } else if (answer->shots.empty()) {
        emit said(tr("No repetition was found in %1.").arg(name), false);
    } else {
        band_ = answer->band;
        for (const Shot& shot : answer->shots) {
            ++measured_;
            unsure_ += shot.repetition.verdict == FeedbackVerdict::NotSure;
            waiting_.push_back(shot);
        }
        if (waiting_.size() == answer->shots.size())
            shown_ = isTurn();
    }
    refresh();
    emit changed();
    next();
}

bool CourtPanel::isTurn() const {
    const int every = every_->currentData().toInt();
    return every > 0 && (done_ + 1) % every == 0;
}

std::optional<CourtPanel::Waiting> CourtPanel::take() {
    if (waiting_.empty())
        return {};
    const MeasuredRepetition& repetition = waiting_.front().repetition;
    Waiting out;
    out.shown = shown_;
    out.measured.measure = measure_->currentData().toString().toStdString();
    out.measured.value = repetition.value;
    if (repetition.value)
        out.measured.u = repetition.u;
    if (repetition.verdict != FeedbackVerdict::NotSure)
        out.measured.good = repetition.verdict == FeedbackVerdict::In;
    waiting_.pop_front();
    ++done_;
    shown_ = !waiting_.empty() && isTurn();
    refresh();
    return out;
}

std::optional<bool> CourtPanel::proposed() const {
    if (waiting_.empty() || !shown_ || waiting_.front().repetition.verdict == FeedbackVerdict::NotSure)
        return {};
    return waiting_.front().repetition.verdict == FeedbackVerdict::In;
}

void CourtPanel::showNumber() {
    if (waiting_.empty() || shown_)
        return;
    shown_ = true;
    refresh();
    emit changed();
}

void CourtPanel::tick() {
    if (!waiting_.empty() && shown_)
        return;
    if (const QImage picture = source_.picture(); !picture.isNull()) {
        ownPicture_ = QPixmap::fromImage(picture);
        own_->setPixmap(ownPicture_.scaled(own_->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation));
    }
    refresh();
}

void CourtPanel::refresh() {
    const MeasureDef* measure = def();
    const bool stands = !waiting_.empty();
    const Shot* shot = stands && shown_ ? &waiting_.front() : nullptr;
    end_->setEnabled(source_.isCamera());
    number_->setEnabled(stands && !shown_);
    QString state = !measure           ? tr("Nothing of this set can be measured so.")
                    : running_         ? tr("Measuring…")
                    : source_.isOpen() ? source_.state()
                                       : tr("Choose a camera or a folder: nothing is filmed before.");
    if (measured_ > 0) {
        state += tr(" · %1 measured").arg(measured_);
        if (unsure_ > 0)
            state += tr(", %1 not sure").arg(unsure_);
    }
    if (films_.size() + waiting_.size() > 1)
        state += tr(" · %1 wait").arg(films_.size() + waiting_.size());
    state_->setText(state);
    model_->setVisible(shot && !shot->model.isNull());
    for (QWidget* each : std::initializer_list<QWidget*>{value_, verdict_, why_})
        each->setVisible(stands);
    if (!shot) {
        value_->setText(stands ? tr("Measured") : QString());
        verdict_->setText(stands ? tr("Your eye first: G or N") : QString());
        why_->setText(stands ? tr("V shows the number now.") : QString());
        modelPicture_ = {};
        model_->setPixmap({});
        if (source_.picture().isNull()) {
            ownPicture_ = {};
            own_->setPixmap({});
        }
        return;
    }
    const MeasuredRepetition& repetition = shot->repetition;
    const bool sure = repetition.verdict != FeedbackVerdict::NotSure;
    value_->setText(sure && repetition.value ? words::withU(*measure, *repetition.value, 2 * repetition.u) : QString());
    verdict_->setText(feedbackVerdictText(repetition.verdict));
    QString why = words::text(measure->title);
    if (!sure) {
        QStringList doubts;
        for (const std::string& doubt : repetition.doubts)
            doubts << words::text(doubt).replace(u'_', u' ');
        why = tr("%1: %2").arg(words::text(measure->title), words::text(repetition.why)) +
              (doubts.isEmpty() ? QString() : QStringLiteral(" (%1)").arg(doubts.join(QStringLiteral(", "))));
    }
    why_->setText(tr("%1. Band: %2. Stood here %3 s after the movement.")
                      .arg(why, bandText(*measure, band_), words::number(shot->seconds, 1)));
    const auto put = [](QLabel* to, QPixmap& kept, const QImage& image) {
        kept = QPixmap::fromImage(image);
        to->setPixmap(kept.isNull() ? QPixmap()
                                    : kept.scaled(to->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation));
    };
    put(own_, ownPicture_, shot->own);
    put(model_, modelPicture_, shot->model);
}

void CourtPanel::resizeEvent(QResizeEvent*) { refresh(); }

void CourtPanel::hideEvent(QHideEvent* event) {
    if (event->spontaneous() || !open_)
        return;
    close();
    emit left();
}

} // namespace riflesso

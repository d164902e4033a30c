#include "app/widgets/live_panel.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/choice_box.h"
#include "demo/demo_library.h"
#include "report/words.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFile>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {
constexpr double kLongestDelayS = 30;
constexpr int kTickMs = 33;
} // namespace

void DelayedPictures::put(const QImage& picture, double timeS) {
    constexpr int kWidest = 960, kQuality = 80;
    constexpr double kLeastApartS = 0.03; // a delayed look needs no more than 30 pictures a second
    {
        const std::lock_guard lock(mutex_);
        if (!kept_.empty() && timeS - kept_.back().timeS < kLeastApartS)
            return;
    }
    QByteArray jpeg;
    QBuffer buffer(&jpeg);
    buffer.open(QIODevice::WriteOnly);
    (picture.width() > kWidest ? picture.scaledToWidth(kWidest) : picture).save(&buffer, "JPG", kQuality);
    const std::lock_guard lock(mutex_);
    kept_.push_back({timeS, jpeg});
    while (kept_.size() > 1 && timeS - kept_.front().timeS > keepS_)
        kept_.pop_front();
}

QImage DelayedPictures::ago(double agoS) const {
    const std::lock_guard lock(mutex_);
    if (kept_.empty())
        return {};
    const double wanted = kept_.back().timeS - agoS;
    const Packed* best = &kept_.front();
    for (const Packed& each : kept_)
        if (each.timeS <= wanted + 1e-9)
            best = &each;
    return QImage::fromData(best->jpeg, "JPG");
}

double DelayedPictures::newestS() const {
    const std::lock_guard lock(mutex_);
    return kept_.empty() ? 0 : kept_.back().timeS;
}

LivePanel::LivePanel(QWidget* parent)
    : QWidget(parent), pictures_(std::make_shared<DelayedPictures>(kLongestDelayS + 1)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    stage_ = new StageView;
    stage_->setObjectName(QStringLiteral("liveStage"));
    layout->addWidget(stage_, 1);
    auto* bar = new QHBoxLayout;
    bar->setContentsMargins(14, 6, 14, 6);
    bar->setSpacing(8);
    devices_ = new ChoiceBox;
    devices_->setObjectName(QStringLiteral("cameras"));
    devices_->setAccessibleName(tr("Camera"));
    delay_ = new QDoubleSpinBox;
    delay_->setObjectName(QStringLiteral("delay"));
    delay_->setRange(0, kLongestDelayS);
    delay_->setDecimals(1);
    delay_->setSingleStep(1);
    delay_->setSpecialValueText(tr("now"));
    delay_->setSuffix(tr(" s ago"));
    delay_->setAccessibleName(tr("How long ago"));
    delay_->setToolTip(tr("The athlete sees the last repetition on walking back. Recording goes on meanwhile."));
    record_ = new QPushButton(tr("Record (Space)"));
    record_->setObjectName(QStringLiteral("record"));
    record_->setProperty("role", "main");
    leave_ = new QPushButton(tr("Done (Esc)"));
    leave_->setObjectName(QStringLiteral("leaveLive"));
    state_ = label({});
    state_->setObjectName(QStringLiteral("liveState"));
    for (QWidget* each : std::initializer_list<QWidget*>{devices_, record_, leave_})
        each->setFocusPolicy(Qt::TabFocus);
    bar->addWidget(devices_);
    bar->addWidget(label(tr("Show")));
    bar->addWidget(delay_);
    bar->addWidget(state_, 1);
    bar->addWidget(record_);
    bar->addWidget(leave_);
    layout->addLayout(bar);
    connect(devices_, &QComboBox::activated, this, &LivePanel::openCamera);
    connect(record_, &QPushButton::clicked, this, &LivePanel::toggleRecording);
    connect(leave_, &QPushButton::clicked, this, [this] {
        stop();
        emit left();
    });
    connect(&ticks_, &QTimer::timeout, this, &LivePanel::tick);
}

LivePanel::~LivePanel() { camera_.reset(); }

void LivePanel::start(const QString& folder) {
    folder_ = folder;
    devices_->clear();
    const QString simulated =
        DemoSources::besideProgram(QCoreApplication::applicationDirPath()).clips + QStringLiteral("/ilka_baseline.mp4");
    for (const LiveDevice& device : liveDevices(simulated.toStdString()))
        devices_->addItem(words::text(device.title), words::text(device.id));
    if (devices_->count() == 0) {
        fail(tr("No camera is connected to this computer."));
        return;
    }
    openCamera();
}

void LivePanel::openCamera() {
    stop();
    const QString id = devices_->currentData().toString();
    pictures_ = std::make_shared<DelayedPictures>(kLongestDelayS + 1);
    const std::weak_ptr<DelayedPictures> pictures = pictures_;
    const QPointer<LivePanel> guard(this);
    auto camera = LiveCapture::start(
        id.toStdString(),
        [pictures](const Picture& picture) {
            if (const auto kept = pictures.lock())
                kept->put(QImage(picture.rgb->data(), picture.width, picture.height, qsizetype(3) * picture.width,
                                 QImage::Format_RGB888),
                          picture.timeS);
        },
        [guard](const Error& error) {
            const QString text = words::text(error.sentence());
            QMetaObject::invokeMethod(
                QCoreApplication::instance(),
                [guard, text] {
                    if (guard)
                        guard->fail(text);
                },
                Qt::QueuedConnection);
        });
    if (!camera) {
        fail(words::text(camera.error().sentence()));
        return;
    }
    camera_ = std::move(*camera);
    record_->setEnabled(true);
    ticks_.start(kTickMs);
}

void LivePanel::fail(const QString& text) {
    stop();
    record_->setEnabled(false);
    stage_->setImage({});
    stage_->setCaption(text, {}, look::dark().athlete);
    state_->setText(tr("no picture"));
    emit said(text, true);
}

void LivePanel::stop() {
    if (recording())
        toggleRecording();
    ticks_.stop();
    camera_.reset();
}

void LivePanel::toggleRecording() {
    if (!camera_)
        return;
    if (!recording()) {
        const QString path = QDir(folder_).absoluteFilePath(
            QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd_HH-mm-ss-zzz")) + QStringLiteral(".mp4"));
        QDir().mkpath(folder_);
        if (const auto begun = camera_->record(path.toStdString()); !begun) {
            emit said(words::text(begun.error().sentence()), true);
            return;
        }
        recordingTo_ = path;
        emit begun(path);
        recordedFor_.start();
        record_->setText(tr("Stop (Space)"));
        return;
    }
    const QString path = std::exchange(recordingTo_, QString());
    record_->setText(tr("Record (Space)"));
    const auto count = camera_->stopRecording();
    if (!count) {
        emit said(words::text(count.error().sentence()), true);
        if (count.error().kind == Error::Kind::BadInput)
            QFile::remove(path); // no picture came
        else
            emit recorded(path); // up to where it could be written
        return;
    }
    emit said(tr("Recorded %1.").arg(words::counted(static_cast<std::size_t>(*count), tr("picture"), tr("pictures"))),
              false);
    emit recorded(path);
}

void LivePanel::tick() {
    const QImage picture = pictures_->ago(delay_->value());
    if (!picture.isNull())
        stage_->setImage(picture);
    const bool late = delay_->value() > 0;
    stage_->setCaption(late ? tr("%1 s ago").arg(words::number(std::min(delay_->value(), pictures_->newestS()), 1))
                            : tr("Now"),
                       devices_->currentText(), look::dark().athlete);
    state_->setText(recording()
                        ? tr("<b>recording</b>, %1 s, %2")
                              .arg(words::number(static_cast<double>(recordedFor_.elapsed()) / 1000, 1),
                                   words::counted(static_cast<std::size_t>(std::max(0, camera_->recordedSoFar())),
                                                  tr("picture"), tr("pictures")))
                        : tr("not recording"));
}

} // namespace riflesso

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "media/clip_writer.h"
#include "media/frame_server.h"
#include "media/picture_room.h"

#include <QTemporaryDir>
#include <QtTest>

#include <atomic>
#include <future>

using namespace riflesso;

class TestFrameServer : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::string clip_;

private slots:
    void initTestCase() {
        clip_ = dir_.filePath(QStringLiteral("c.mp4")).toStdString();
        auto writer = ClipWriter::create(clip_, {160, 120, 50, 20, 25});
        for (int i = 0; i < 60; ++i)
            QVERIFY((*writer)->write(std::vector<std::uint8_t>(160 * 120 * 3, static_cast<std::uint8_t>(4 * i))).ok());
        QVERIFY((*writer)->finish().ok());
    }
    void theNewestRequestOfAViewWins() {
        FrameServer server(clip_);
        std::promise<void> entered, go;
        std::future<void> goes = go.get_future();
        // Hold the server in its first answer, so that the order is certain.
        server.request(1, 0, [&](const Result<Picture>&) {
            entered.set_value();
            goes.wait();
        });
        entered.get_future().wait();
        std::atomic<int> dropped{0};
        std::promise<int> last;
        for (int i = 1; i < 20; ++i)
            server.request(1, i, [&dropped](const Result<Picture>&) { ++dropped; });
        server.request(1, 42,
                       [&last](const Result<Picture>& picture) { last.set_value(picture ? picture->index : -1); });
        go.set_value();
        QCOMPARE(last.get_future().get(), 42);
        QCOMPARE(dropped.load(), 0);
    }
    void viewsDoNotDropEachOther() {
        FrameServer server(clip_);
        std::promise<int> a, b, c;
        server.request(1, 3, [&](const Result<Picture>& p) { a.set_value(p->index); });
        server.request(2, 5, [&](const Result<Picture>& p) { b.set_value(p->index); });
        server.enqueue(7, [&](const Result<Picture>& p) { c.set_value(p->index); });
        QCOMPARE(a.get_future().get(), 3);
        QCOMPARE(b.get_future().get(), 5);
        QCOMPARE(c.get_future().get(), 7);
    }
    void closingTheClipWhileItRuns() {
        std::atomic<int> answered{0};
        {
            FrameServer server(clip_);
            for (int i = 0; i < 50; ++i)
                server.enqueue(i, [&answered](const Result<Picture>&) { ++answered; });
        } // the thread has ended here
        const int after = answered;
        QTest::qWait(50);
        QCOMPARE(answered.load(), after); // nothing comes afterwards
    }
    void aForgottenViewGetsNothing() {
        FrameServer server(clip_);
        std::promise<void> entered, go, end;
        std::future<void> goes = go.get_future();
        server.request(1, 0, [&](const Result<Picture>&) {
            entered.set_value();
            goes.wait();
        });
        entered.get_future().wait();
        bool called = false;
        server.request(2, 9, [&called](const Result<Picture>&) { called = true; });
        server.forget(2);
        server.enqueue(1, [&end](const Result<Picture>&) { end.set_value(); });
        go.set_value();
        end.get_future().wait();
        QVERIFY(!called);
    }
    void aMissingClipAnswersWithItsError() {
        FrameServer server("/no/such/clip.mp4");
        std::promise<std::string> where;
        server.request(1, 0,
                       [&](const Result<Picture>& picture) { where.set_value(picture ? "" : picture.error().where); });
        QCOMPARE(where.get_future().get(), std::string("/no/such/clip.mp4"));
    }
    void roomIsUsedAgainOnceNobodyHoldsIt() {
        auto rooms = std::make_unique<PictureRoom>();
        auto first = rooms->take(1000);
        const std::uint8_t* there = first->data();
        const auto second = rooms->take(1000);
        QVERIFY(second->data() != there); // both are held
        first.reset();
        first = rooms->take(900);
        QVERIFY(first->data() == there);
        QCOMPARE(first->size(), std::size_t(900));
        first.reset();
        const auto larger = rooms->take(5000); // another size
        QCOMPARE(larger->size(), std::size_t(5000));
        rooms.reset(); // what is held outlives who gave it
        std::fill(larger->begin(), larger->end(), std::uint8_t(7));
        QCOMPARE(second->size(), std::size_t(1000));
    }
};

QTEST_GUILESS_MAIN(TestFrameServer)
#include "tst_frame_server.moc"

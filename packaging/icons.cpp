// The mark in the sizes that desktops ask for: riflesso-icons MARK.svg FOLDER

#include <QDir>
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QSvgRenderer>

#include <cstdio>

int main(int argc, char** argv) {
    const QGuiApplication app(argc, argv);
    if (argc != 3)
        return 2;
    QSvgRenderer mark(QString::fromLocal8Bit(argv[1]));
    const QString name = QFileInfo(QString::fromLocal8Bit(argv[1])).completeBaseName();
    for (const int size : {16, 24, 32, 48, 64, 128, 256, 512}) {
        QImage image(size, size, QImage::Format_ARGB32);
        image.fill(Qt::transparent);
        QPainter painter(&image);
        mark.render(&painter);
        painter.end();
        const QString folder = QStringLiteral("%1/%2x%2/apps").arg(QString::fromLocal8Bit(argv[2])).arg(size);
        if (!mark.isValid() || !QDir().mkpath(folder) || !image.save(folder + u'/' + name + QStringLiteral(".png"))) {
            std::fprintf(stderr, "riflesso-icons: %s could not be written\n", qPrintable(folder));
            return 1;
        }
    }
    return 0;
}

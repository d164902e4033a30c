#include "store/zip_file.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <archive.h>
#include <archive_entry.h>

#include <memory>

namespace riflesso {
namespace {

constexpr std::size_t kBlock = std::size_t(256) << 10;

struct CloseRead {
    void operator()(archive* p) const { archive_read_free(p); }
};
struct CloseWrite {
    void operator()(archive* p) const { archive_write_free(p); }
};
struct FreeEntry {
    void operator()(archive_entry* p) const { archive_entry_free(p); }
};

Error problemOf(const QString& path, archive* handle, const char* expected) {
    const char* words = archive_error_string(handle);
    return badInput(path.toStdString(), expected, words ? words : "something else");
}

class Writer {
public:
    Writer(QString path, const std::function<bool(double)>& goOn) : path_(std::move(path)), goOn_(goOn) {}

    Result<void> write(const std::vector<ZipSource>& entries) {
        for (const ZipSource& source : entries)
            all_ += sizeOf(source);
        archive_write_set_format_zip(zip_.get());
        if (archive_write_open_filename(zip_.get(), QFile::encodeName(path_).constData()) != ARCHIVE_OK)
            return problemOf(path_, zip_.get(), "a file that can be written");
        for (const ZipSource& source : entries)
            if (auto done = writeOne(source); !done)
                return done;
        if (archive_write_close(zip_.get()) != ARCHIVE_OK)
            return problemOf(path_, zip_.get(), "room for the whole archive");
        return {};
    }

private:
    static std::int64_t sizeOf(const ZipSource& source) {
        return source.file.isEmpty() ? source.bytes.size() : QFileInfo(source.file).size();
    }
    Result<void> writeOne(const ZipSource& source) {
        const std::unique_ptr<archive_entry, FreeEntry> entry(archive_entry_new());
        archive_entry_set_pathname(entry.get(), source.name.toUtf8().constData());
        archive_entry_set_filetype(entry.get(), AE_IFREG);
        constexpr int kReadable = 0644;
        archive_entry_set_perm(entry.get(), kReadable);
        archive_entry_set_size(entry.get(), sizeOf(source));
        if (source.file.isEmpty())
            archive_write_zip_set_compression_deflate(zip_.get());
        else
            archive_write_zip_set_compression_store(zip_.get());
        if (archive_write_header(zip_.get(), entry.get()) != ARCHIVE_OK)
            return problemOf(path_, zip_.get(), "room for the whole archive");
        if (source.file.isEmpty())
            return block(source.bytes);
        QFile file(source.file);
        if (!file.open(QIODevice::ReadOnly))
            return badInput(source.file.toStdString(), "a file that can be read", file.errorString().toStdString());
        while (!file.atEnd()) {
            const QByteArray bytes = file.read(kBlock);
            if (bytes.isEmpty())
                return badInput(source.file.toStdString(), "a file that can be read", file.errorString().toStdString());
            if (auto done = block(bytes); !done)
                return done;
        }
        return {};
    }
    Result<void> block(const QByteArray& bytes) {
        if (archive_write_data(zip_.get(), bytes.constData(), static_cast<std::size_t>(bytes.size())) != bytes.size())
            return problemOf(path_, zip_.get(), "room for the whole archive");
        done_ += bytes.size();
        if (goOn_ && !goOn_(static_cast<double>(done_) / static_cast<double>(std::max<std::int64_t>(1, all_))))
            return cancelled();
        return {};
    }

    QString path_;
    const std::function<bool(double)>& goOn_;
    std::unique_ptr<archive, CloseWrite> zip_{archive_write_new()};
    std::int64_t all_ = 0, done_ = 0;
};

class Reader {
public:
    Reader(const QString& path, const QString& folder, const ZipBounds& bounds, const std::function<bool(double)>& goOn)
        : path_(path), folder_(folder), bounds_(bounds), goOn_(goOn) {}

    Result<ZipContent> read(const std::function<ZipPlace(const QString&)>& place) {
        archive_read_support_format_zip(zip_.get());
        if (archive_read_open_filename(zip_.get(), QFile::encodeName(path_).constData(), kBlock) != ARCHIVE_OK)
            return problemOf(path_, zip_.get(), "a zip file");
        for (int count = 0;; ++count) {
            archive_entry* entry = nullptr;
            const int state = archive_read_next_header(zip_.get(), &entry);
            if (state == ARCHIVE_EOF)
                break;
            if (state != ARCHIVE_OK)
                return problemOf(path_, zip_.get(), "a whole zip file");
            if (count >= bounds_.entries)
                return badInput(path_.toStdString(), "at most " + std::to_string(bounds_.entries) + " entries", "more");
            if (auto done = one(entry, place); !done)
                return done.error();
        }
        return std::move(content_);
    }

private:
    Result<void> one(archive_entry* entry, const std::function<ZipPlace(const QString&)>& place) {
        const char* utf8 = archive_entry_pathname_utf8(entry);
        const char* raw = utf8 ? utf8 : archive_entry_pathname(entry);
        const QString name = QString::fromUtf8(raw ? raw : "");
        const std::string where = path_.toStdString() + ": " + name.toStdString();
        if (archive_entry_filetype(entry) != AE_IFREG || archive_entry_symlink(entry) || archive_entry_hardlink(entry))
            return badInput(where, "a plain file", "a folder, a link or a device");
        const ZipPlace to = place(name);
        if (to == ZipPlace::Refused)
            return badInput(where, "only the files of a case archive", "this name");
        if (content_.texts.contains(name) || content_.files.contains(name))
            return badInput(where, "each file once", "it again");
        QFile file(folder_ + u'/' + QString::number(content_.files.size()));
        QByteArray bytes;
        if (to == ZipPlace::Folder && !file.open(QIODevice::WriteOnly | QIODevice::Truncate))
            return fault(file.fileName().toStdString(), "could not be written: " + file.errorString().toStdString());
        std::vector<char> block(kBlock);
        for (;;) {
            const auto got = archive_read_data(zip_.get(), block.data(), block.size());
            if (got == 0)
                break;
            if (got < 0)
                return problemOf(path_, zip_.get(), "an undamaged zip file");
            std::int64_t& sum = to == ZipPlace::Folder ? fileBytes_ : textBytes_;
            sum += got;
            if (textBytes_ > bounds_.textBytes || fileBytes_ > bounds_.fileBytes)
                return badInput(where, "an archive that unpacks to a reasonable size", "more than the bound");
            if (to == ZipPlace::Memory)
                bytes.append(block.data(), got);
            else if (file.write(block.data(), got) != got)
                return fault(file.fileName().toStdString(),
                             "could not be written: " + file.errorString().toStdString());
            if (goOn_ && !goOn_(share()))
                return cancelled();
        }
        if (to == ZipPlace::Memory) {
            content_.texts[name] = bytes;
        } else {
            if (!file.flush())
                return fault(file.fileName().toStdString(),
                             "could not be written: " + file.errorString().toStdString());
            content_.files[name] = file.fileName();
        }
        return {};
    }
    [[nodiscard]] double share() const {
        const auto size = std::max<std::int64_t>(1, QFileInfo(path_).size());
        return std::min(1.0, static_cast<double>(archive_filter_bytes(zip_.get(), -1)) / static_cast<double>(size));
    }

    QString path_, folder_;
    ZipBounds bounds_;
    const std::function<bool(double)>& goOn_;
    std::unique_ptr<archive, CloseRead> zip_{archive_read_new()};
    ZipContent content_;
    std::int64_t textBytes_ = 0, fileBytes_ = 0;
};

} // namespace

Result<void> writeZip(const QString& path, const std::vector<ZipSource>& entries,
                      const std::function<bool(double)>& goOn) {
    const QString part = path + QStringLiteral(".part");
    const Result<void> done = Writer(part, goOn).write(entries);
    if (!done) {
        QFile::remove(part);
        return done;
    }
    QFile::remove(path);
    if (!QFile::rename(part, path)) {
        QFile::remove(part);
        return badInput(path.toStdString(), "a file that can be written", "no write");
    }
    return {};
}

Result<ZipContent> readZip(const QString& path, const std::function<ZipPlace(const QString&)>& place,
                           const QString& folder, const ZipBounds& bounds, const std::function<bool(double)>& goOn) {
    return Reader(path, folder, bounds, goOn).read(place);
}

} // namespace riflesso

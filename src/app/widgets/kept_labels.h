#pragma once
// Labels of a grid that are filled again and again: one whose place and words stay is not laid out again.

#include <QString>

#include <vector>

class QGridLayout;
class QLabel;

namespace riflesso {

class KeptLabels {
public:
    explicit KeptLabels(QGridLayout& grid) : grid_(grid) {}

    /// From the first label on: put() what is to be there, then end(), which takes away what is left of before.
    void begin() { used_ = 0; }
    /// role: as of label(); name: of the object, empty for none.
    QLabel* put(const QString& text, const char* role, const QString& name, int row, int column, int columns = 1);
    void end();

private:
    struct Entry {
        QLabel* label;
        QString role, name;
        int row, column, columns;
    };
    QGridLayout& grid_;
    std::vector<Entry> entries_;
    std::size_t used_ = 0;
};

} // namespace riflesso

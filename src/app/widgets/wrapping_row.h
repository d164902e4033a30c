#pragma once
// A row of widgets that goes on in a next line where it is too narrow for all of them.

#include <QLayout>

#include <vector>

namespace riflesso {

/// Each widget keeps the width its words need; lines are as high as the highest in them. Follows the direction of the
/// script.
class WrappingRow : public QLayout {
public:
    /// spacing: px between neighbours and between lines.
    explicit WrappingRow(int spacing = 6, QWidget* parent = nullptr);
    ~WrappingRow() override;
    void addItem(QLayoutItem* item) override;
    [[nodiscard]] QSize sizeHint() const override; ///< all in one line
    [[nodiscard]] QSize minimumSize() const override;
    [[nodiscard]] int count() const override;
    [[nodiscard]] QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override;
    [[nodiscard]] bool hasHeightForWidth() const override;
    [[nodiscard]] int heightForWidth(int width) const override;
    void setGeometry(const QRect& rect) override;

private:
    /// Where each item comes to lie in `rect` (left to right, null where hidden).
    [[nodiscard]] std::vector<QRect> placesIn(const QRect& rect) const;
    std::vector<QLayoutItem*> items_; ///< owned
};

} // namespace riflesso

#pragma once
// A choice whose words show that they go on where there is no room for all of them.

#include <QComboBox>

namespace riflesso {

/// Ends in an ellipsis what is too long for it, and says the whole of it where the pointer rests.
class ChoiceBox : public QComboBox {
public:
    using QComboBox::QComboBox;
    /// Where there is little room it gives way: its words end in an ellipsis then.
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;

private:
    /// The current words as far as there is room.
    [[nodiscard]] QString shownText() const;
};

} // namespace riflesso

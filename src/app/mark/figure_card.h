#pragma once
// The figure card: a key position drawn from the pack's own landmarks, with the state of each.

#include <QPointF>
#include <QString>
#include <QWidget>

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace riflesso {

enum class MarkState { Open, Next, Set, Hidden };

class FigureCard : public QWidget {
    Q_OBJECT
public:
    /// `naming`: how a landmark is called.
    explicit FigureCard(std::function<QString(const std::string&)> naming, QWidget* parent = nullptr);
    /// positions: any units, y down; lines between landmarks; state and words of each.
    void setFigure(std::map<std::string, QPointF> positions, std::vector<std::pair<std::string, std::string>> lines);
    void setStates(std::map<std::string, MarkState> states);
    [[nodiscard]] QSize sizeHint() const override { return {270, 130}; }
    /// A standing figure for packs without a model: positions of all body landmarks.
    [[nodiscard]] static std::map<std::string, QPointF> standing();

signals:
    void landmarkClicked(const QString& landmark);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

private:
    [[nodiscard]] QPointF place(const QPointF& at) const;
    [[nodiscard]] std::string near(QPointF at) const;
    std::function<QString(const std::string&)> naming_;
    std::map<std::string, QPointF> positions_;
    std::vector<std::pair<std::string, std::string>> lines_;
    std::map<std::string, MarkState> states_;
};

} // namespace riflesso

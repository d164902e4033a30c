#include "app/theme.h"

#include <QApplication>
#include <QPalette>
#include <QStyleFactory>

// Resources of a static library register only when asked to, outside any namespace.
static void registerAppResources() { Q_INIT_RESOURCE(app); }

namespace riflesso::theme {
namespace {

const look::Palette* current = &look::light();

QString sheet(const look::Palette& p) {
    return QStringLiteral(R"(
* { font-size: 10pt; }
QWidget { color: %ink; }
QWidget#window, QStackedWidget, QScrollArea, QScrollArea > QWidget > QWidget { background: %paper; }
QWidget#course { background: %course; border-right: 1px solid %line; }
QWidget#caseLine { background: %paper; border-bottom: 1px solid %line; }
QLabel#headline { background: %raised; border-bottom: 1px solid %line; padding: 5px 16px; }
QWidget#statusLine { background: %course; border-top: 1px solid %line; }
QWidget#panel { background: %paper; }
QWidget#raised { background: %raised; }
QLabel[role="heading"] { color: %slate; font-weight: bold; font-size: 9pt; }
QLabel[role="quiet"] { color: %slate; font-size: 9pt; }
QLabel[role="strong"] { font-weight: bold; }
QLabel[role="big"] { font-weight: bold; font-size: 15pt; }
QLabel[role="safety"] { color: %safety; }
QPushButton { background: %raised; border: 1px solid %edge; border-radius: 4px; padding: 5px 11px; }
QPushButton:hover { border-color: %ink; }
QPushButton:checked, QPushButton[role="main"] { background: %ink; color: %paper; border-color: %ink; }
QPushButton:disabled { color: %edge; border-color: %line; }
QPushButton[role="main"]:disabled { background: %line; color: %slate; border-color: %line; }
QPushButton:focus, QToolButton:focus, QComboBox:focus { border: 2px solid %model; padding: 4px 10px; }
QLineEdit, QPlainTextEdit, QComboBox, QSpinBox, QDoubleSpinBox, QDateEdit {
    background: %raised; border: 1px solid %edge; border-radius: 4px; padding: 3px 6px; min-height: 20px;
    selection-background-color: %model; selection-color: %raised; }
QLineEdit:focus, QPlainTextEdit:focus, QSpinBox:focus, QDoubleSpinBox:focus, QDateEdit:focus { border: 2px solid %model; padding: 2px 5px; }
QLineEdit:disabled, QSpinBox:disabled, QDoubleSpinBox:disabled, QComboBox:disabled { color: %slate; background: %paper; }
QComboBox::drop-down, QDateEdit::drop-down { border: none; width: 18px; }
QComboBox::down-arrow, QDateEdit::down-arrow { image: url(:/icons/down.svg); width: 11px; height: 11px; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; border: none; }
QComboBox QAbstractItemView { background: %raised; border: 1px solid %edge; selection-background-color: %course; selection-color: %ink; }
QListWidget, QTableWidget, QTreeWidget { background: transparent; border: none; outline: none; alternate-background-color: %raised; }
QListWidget::item, QTreeWidget::item { padding: 4px 6px; border-bottom: 1px solid %line; color: %ink; }
QListWidget::item:selected, QTreeWidget::item:selected, QTableWidget::item:selected { background: %course; color: %ink; }
QListWidget:focus, QTreeWidget:focus, QTableWidget:focus { border: 1px solid %model; }
QTableWidget { gridline-color: %line; }
QHeaderView::section { background: %paper; color: %slate; border: none; border-bottom: 1px solid %line; padding: 3px 6px; font-size: 9pt; }
QScrollBar:vertical { background: transparent; width: 9px; margin: 0; }
QScrollBar::handle:vertical { background: %line; border-radius: 4px; min-height: 28px; }
QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
QScrollBar::handle:horizontal { background: %line; border-radius: 4px; min-width: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QSlider::groove:horizontal { height: 4px; background: %line; border-radius: 2px; }
QSlider::handle:horizontal { width: 12px; margin: -5px 0; background: %ink; border-radius: 6px; }
QSplitter::handle { background: %line; }
QToolTip { background: %raised; color: %ink; border: 1px solid %edge; padding: 3px; }
QCheckBox::indicator, QRadioButton::indicator, QAbstractItemView::indicator { width: 12px; height: 12px; border: 1px solid %edge; background: %raised; }
QRadioButton::indicator { border-radius: 6px; }
QCheckBox::indicator:checked, QRadioButton::indicator:checked, QAbstractItemView::indicator:checked { background: %ink; border: 1px solid %ink; }
QAbstractItemView::indicator:disabled { border: 1px solid %line; background: transparent; }
QCheckBox::indicator:focus, QRadioButton::indicator:focus { border: 2px solid %model; }
QFrame#line { background: %line; max-height: 1px; min-height: 1px; border: none; }
QLabel#message { padding: 4px 16px; background: %raised; border-bottom: 1px solid %line; }
QLabel#message[error="true"] { color: %safety; }
)")
        .replace(QLatin1String("%ink"), p.ink.name())
        .replace(QLatin1String("%paper"), p.paper.name())
        .replace(QLatin1String("%raised"), p.raised.name())
        .replace(QLatin1String("%course"), p.course.name())
        .replace(QLatin1String("%line"), p.hairline.name())
        .replace(QLatin1String("%slate"), p.slate.name())
        .replace(QLatin1String("%model"), p.model.name())
        .replace(QLatin1String("%safety"), p.safety.name())
        .replace(QLatin1String("%edge"),
                 QColor((p.hairline.red() + p.slate.red()) / 2, (p.hairline.green() + p.slate.green()) / 2,
                        (p.hairline.blue() + p.slate.blue()) / 2)
                     .name());
}

} // namespace

void apply(QApplication& app, Choice choice) {
    registerAppResources();
    const bool systemDark = QPalette().color(QPalette::Window).lightness() < 128;
    const bool dark = choice == Choice::Dark || (choice == Choice::System && systemDark);
    current = dark ? &look::dark() : &look::light();
    app.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    QPalette palette;
    palette.setColor(QPalette::Window, current->paper);
    palette.setColor(QPalette::Base, current->raised);
    palette.setColor(QPalette::AlternateBase, current->paper);
    palette.setColor(QPalette::Button, current->raised);
    palette.setColor(QPalette::ToolTipBase, current->raised);
    palette.setColor(QPalette::Highlight, current->model);
    palette.setColor(QPalette::HighlightedText, current->raised);
    for (auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
        palette.setColor(role, current->ink);
    palette.setColor(QPalette::PlaceholderText, current->slate);
    palette.setColor(QPalette::Link, current->model);
    app.setPalette(palette);
    QFont font(look::loadTypeface());
    font.setPointSizeF(10);
    app.setFont(font);
    app.setStyleSheet(sheet(*current));
}

Unstyled::Unstyled() : kept_(qApp->styleSheet()) { qApp->setStyleSheet({}); }
Unstyled::~Unstyled() { qApp->setStyleSheet(kept_); }

const look::Palette& colours() { return *current; }

} // namespace riflesso::theme

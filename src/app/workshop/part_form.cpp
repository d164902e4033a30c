#include "app/workshop/part_form.h"

#include "app/page.h"
#include "app/theme.h"
#include "app/widgets/lines_edit.h"
#include "app/workshop/part_fields.h"
#include "app/workshop/skill_desk.h"
#include "core/tables/json_walk.h"
#include "report/words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QTimer>
#include <QVBoxLayout>

namespace riflesso {
namespace {

QString shownText(const Json& value) {
    if (value.is_string())
        return words::text(value.get<std::string>());
    if (value.is_number())
        return words::figures(value.get<double>(), 6);
    if (value.is_array()) {
        QStringList out;
        for (const Json& entry : value)
            out << shownText(entry);
        return out.join(QStringLiteral(", "));
    }
    return {};
}

} // namespace

std::string faultOf(const PackDraft& draft, const std::string& measure, const std::string& direction) {
    for (const PartName& name : draft.parts(PartList::Faults)) {
        const Json* fault = draft.part(PartList::Faults, name.id);
        const auto when = fault->find("when");
        if (when == fault->end() || !when->is_array() || when->size() != 1 || !(*when)[0].is_object())
            continue;
        const Json& one = (*when)[0];
        if (one.value("measure", Json()) == Json(measure) && one.value("direction", Json()) == Json(direction))
            return name.id;
    }
    return {};
}

PartForm::PartForm(SkillDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 6, 0);
    column->setSpacing(6);
    title_ = label({}, theme::kStrong);
    title_->setWordWrap(true);
    column->addWidget(title_);
    form_ = new QFormLayout;
    form_->setRowWrapPolicy(QFormLayout::WrapAllRows);
    form_->setVerticalSpacing(4);
    column->addLayout(form_);
    below_ = label({}, theme::kQuiet);
    below_->setWordWrap(true);
    column->addWidget(below_);
    column->addStretch();
}

const Json* PartForm::part() const {
    if (!desk_.isOpen())
        return nullptr;
    return list_ == PartList::Ranges ? &desk_.draft().json() : desk_.draft().part(list_, id_);
}

void PartForm::show(PartList list, const std::string& id) {
    const bool same = list == list_ && id == id_;
    list_ = list;
    id_ = id;
    // Of the same part the fields stay while one of them is written in.
    if (same && isAncestorOf(focusWidget()) && part())
        return;
    build();
}

void PartForm::write() {
    for (QWidget* field : findChildren<QWidget*>())
        if (qobject_cast<QLineEdit*>(field)) {
            field->setFocus();
            static_cast<QLineEdit*>(field)->selectAll();
            return;
        }
}

void PartForm::build() {
    while (form_->rowCount() > 0)
        form_->removeRow(0);
    const Json* shown = part();
    title_->setVisible(shown != nullptr);
    below_->clear();
    if (!shown)
        return;
    const auto title = shown->find(list_ == PartList::Ladders ? "fault" : "title");
    title_->setText(list_ == PartList::Marked ? QString::fromStdString(id_)
                    : title != shown->end()   ? shownText(*title)
                                              : QString::fromStdString(id_));
    for (const FormField& field : fieldsOf(desk_.pack(), list_, *shown))
        add(field);
    below_->setText(belowFields(desk_.pack(), list_, id_));
}

Json PartForm::valueOf(const std::string& key) const {
    const Json& from = *part();
    const auto text = [&](const char* name) {
        const auto found = from.find(name);
        return found != from.end() && found->is_string() ? found->get<std::string>() : std::string();
    };
    if (key == "moment") {
        if (const std::string at = text("at"); !at.empty())
            return "at:" + at;
        const std::string stat = text("stat");
        return (stat.empty() ? "over" : stat) + ":" + text("over");
    }
    if (key.starts_with("range.")) {
        const Json* range = desk_.draft().part(PartList::Ranges, id_);
        return range ? range->value(key.substr(6), Json()) : Json();
    }
    if (key.starts_with("fault.")) {
        const std::string fault = faultOf(desk_.draft(), id_, key.substr(6));
        return fault.empty() ? Json() : (*desk_.draft().part(PartList::Faults, fault)).value("title", Json());
    }
    if (key == "source") {
        const auto sources = desk_.draft().json().find("sources");
        const std::string id = text("source");
        return sources != desk_.draft().json().end() && sources->contains(id) ? (*sources)[id] : Json(id);
    }
    const auto dot = key.find('.');
    if (dot == std::string::npos)
        return from.value(key, Json());
    const auto object = from.find(key.substr(0, dot));
    return object != from.end() && object->is_object() ? object->value(key.substr(dot + 1), Json()) : Json();
}

void PartForm::add(const FormField& field) {
    const Json value = valueOf(field.key);
    QWidget* editor = nullptr;
    switch (field.kind) {
    case FormField::Kind::Line:
    case FormField::Kind::Number:
    case FormField::Kind::List: {
        auto* line = new QLineEdit(shownText(value));
        line->setPlaceholderText(field.hint);
        line->setCursorPosition(0); // the beginning is seen of what is too long
        connect(line, &QLineEdit::returnPressed, this, &PartForm::written);
        connect(line, &QLineEdit::editingFinished, this, [this, line, field] {
            const QString text = line->text().trimmed();
            if (text == shownText(valueOf(field.key)))
                return;
            if (field.kind == FormField::Kind::Number && !text.isEmpty()) {
                bool isNumber = false;
                const double number = QLocale().toDouble(QString(text).replace(u'\u2212', u'-'), &isNumber);
                const double plain = isNumber ? number : QString(text).replace(u'\u2212', u'-').toDouble(&isNumber);
                if (!isNumber) {
                    line->setText(shownText(valueOf(field.key)));
                    below_->setText(tr("%1: a number, such as 12.5; not \"%2\".").arg(field.title, text));
                    return;
                }
                keep(field, plain);
            } else if (field.kind == FormField::Kind::List) {
                Json list = Json::array();
                for (const QString& entry : text.split(u',', Qt::SkipEmptyParts))
                    list.push_back(entry.trimmed().toStdString());
                keep(field, list.empty() ? Json() : list);
            } else {
                keep(field, text.isEmpty() && !field.must ? Json() : Json(text.toStdString()));
            }
        });
        editor = line;
        break;
    }
    case FormField::Kind::Text: {
        auto* text = new LinesEdit([this, field] {
            auto* self = findChild<QPlainTextEdit*>(QStringLiteral("field-") + QString::fromStdString(field.key));
            if (!self || self->toPlainText().trimmed() == shownText(valueOf(field.key)))
                return;
            const QString written = self->toPlainText().trimmed();
            keep(field, written.isEmpty() && !field.must ? Json() : Json(written.toStdString()));
        });
        constexpr int kLines = 3;
        text->setFixedHeight(fontMetrics().lineSpacing() * kLines + 14);
        text->setPlainText(shownText(value));
        text->setPlaceholderText(field.hint);
        editor = text;
        break;
    }
    case FormField::Kind::Choice: {
        auto* box = new QComboBox;
        for (const auto& [word, shown] : field.choices)
            box->addItem(shown, word);
        const int at = box->findData(shownText(value));
        box->setCurrentIndex(value.is_null() ? 0 : at);
        box->setMinimumContentsLength(16);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        connect(box, &QComboBox::activated, this, [this, box, field](int) {
            const QString word = box->currentData().toString();
            keep(field, word.isEmpty() ? Json() : Json(word.toStdString()));
        });
        editor = box;
        break;
    }
    case FormField::Kind::Tick: {
        auto* tick = new QCheckBox(field.title);
        tick->setChecked(value.is_boolean() && value.get<bool>());
        connect(tick, &QCheckBox::clicked, this, [this, field](bool on) { keep(field, on ? Json(true) : Json()); });
        editor = tick;
        break;
    }
    }
    editor->setObjectName(QStringLiteral("field-") + QString::fromStdString(field.key));
    editor->setAccessibleName(field.title);
    if (field.kind == FormField::Kind::Tick)
        form_->addRow(editor);
    else
        form_->addRow(field.title, editor);
}

void PartForm::keep(const FormField& field, const Json& value) {
    if (!part())
        return;
    const QString name = QStringLiteral("%1: %2").arg(title_->text(), field.title.toLower());
    if (field.key == "moment")
        return keepMoment(QString::fromStdString(value.get<std::string>()));
    if (field.key.starts_with("range."))
        return keepRange(field.key.substr(6), value);
    if (field.key.starts_with("fault."))
        return keepFault(field.key.substr(6), shownText(value));
    if (list_ == PartList::Ranges) {
        (void)desk_.edit(name, [&](PackDraft& draft) { draft.set(field.key, value); });
        return;
    }
    Json next = *part();
    if (field.key == "source") {
        (void)desk_.edit(name, [&](PackDraft& draft) {
            next["source"] = draft.sourceFor(value.is_string() ? value.get<std::string>() : std::string());
            draft.put(list_, next);
        });
        return;
    }
    const auto dot = field.key.find('.');
    if (dot != std::string::npos) {
        const std::string outer = field.key.substr(0, dot), inner = field.key.substr(dot + 1);
        Json object = next.value(outer, Json::object());
        if (value.is_null())
            object.erase(inner);
        else
            object[inner] = value;
        (void)desk_.setKey(name, list_, id_, outer, object.empty() ? Json() : object);
        return;
    }
    (void)desk_.setKey(name, list_, id_, field.key, value);
}

void PartForm::keepMoment(const QString& moment) {
    const std::string how = moment.section(u':', 0, 0).toStdString(), where = moment.section(u':', 1).toStdString();
    Json next = *part();
    for (const char* key : {"at", "over", "stat"})
        next.erase(key);
    next[how == "at" ? "at" : "over"] = where;
    if (how != "at" && how != "over")
        next["stat"] = how;
    (void)desk_.edit(tr("%1: when").arg(title_->text()), [&](PackDraft& draft) { draft.put(list_, next); });
}

void PartForm::keepRange(const std::string& key, const Json& value) {
    (void)desk_.edit(tr("%1: range").arg(title_->text()), [&](PackDraft& draft) {
        const Json* known = draft.part(PartList::Ranges, id_);
        Json range = known ? *known : Json{{"measure", id_}};
        if (value.is_null())
            range.erase(key);
        else
            range[key] = value;
        range["source"] = draft.sourceFor(tr("set by hand").toStdString());
        if (range.contains("low") || range.contains("high"))
            draft.put(PartList::Ranges, range);
        else
            draft.take(PartList::Ranges, id_);
    });
}

void PartForm::keepFault(const std::string& direction, const QString& called) {
    const std::string known = faultOf(desk_.draft(), id_, direction);
    if (called.isEmpty()) {
        if (!known.empty())
            (void)desk_.edit(tr("No fault any more"), [&](PackDraft& draft) { draft.take(PartList::Faults, known); });
        return;
    }
    (void)desk_.edit(tr("Fault: %1").arg(called), [&](PackDraft& draft) {
        const std::string title = called.toStdString();
        Json fault;
        if (!known.empty()) {
            fault = *draft.part(PartList::Faults, known);
            fault["title"] = title;
        } else {
            constexpr double kEffect = 0.5;
            fault = {{"id", draft.freeId(PartList::Faults, title)},
                     {"title", title},
                     {"explain", kToBeWritten},
                     {"level", draft.part(PartList::Measures, id_)->value("level", "whole")},
                     {"effect", kEffect},
                     {"when", Json::array({{{"measure", id_}, {"direction", direction}, {"weight", 1}}})}};
        }
        draft.put(PartList::Faults, fault);
    });
}

} // namespace riflesso

#pragma once
// The form of one part of a skill: a field for each thing it says; what is written is kept when the field is left.

#include "core/workshop/pack_draft.h"

#include <QString>
#include <QWidget>

#include <utility>
#include <vector>

class QFormLayout;
class QLabel;

namespace riflesso {

class SkillDesk;

/// One field: what it says stands under `key` ("dose.sets" is sets in dose); some keys are of no single place and are
/// known to the form ("moment", "range.low", "fault.above").
struct FormField {
    enum class Kind { Line, Text, Number, Choice, Tick, List } kind = Kind::Line;
    std::string key;
    QString title;
    std::vector<std::pair<QString, QString>> choices = {}; ///< value and words
    QString hint = {};
    bool must = false; ///< an empty one stays an empty text; else the key goes
};

class PartForm : public QWidget {
    Q_OBJECT
public:
    explicit PartForm(SkillDesk& desk, QWidget* parent = nullptr);
    /// Shows a part; an empty id shows the words of the skill itself for `Ranges`, else nothing.
    void show(PartList list, const std::string& id);
    [[nodiscard]] const std::string& id() const { return id_; }
    /// The first field, for who has just made the part.
    void write();

signals:
    void written(); ///< a field was left with Enter

private:
    void build();
    void add(const FormField& field);
    [[nodiscard]] Json valueOf(const std::string& key) const;
    void keep(const FormField& field, const Json& value);
    void keepMoment(const QString& moment);
    void keepRange(const std::string& key, const Json& value);
    void keepFault(const std::string& direction, const QString& called);
    [[nodiscard]] const Json* part() const;

    SkillDesk& desk_;
    QFormLayout* form_;
    QLabel *title_, *below_;
    PartList list_ = PartList::Events;
    std::string id_;
};

/// The fault that says nothing but that this measure is above (below) where it should be; empty: there is none.
[[nodiscard]] std::string faultOf(const PackDraft& draft, const std::string& measure, const std::string& direction);

} // namespace riflesso

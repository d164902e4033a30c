#pragma once
// Consent to film and to hand on: when it was given, until when, for what.

#include <QLabel>
#include <QWidget>

#include <array>

class QCheckBox;
class QDate;
class QDateEdit;
class QLineEdit;

namespace riflesso {

struct Athlete;

/// "Valid until 3 Nov 2027.", "Expired on …", "None is written down …", in the words every page uses.
[[nodiscard]] QString consentText(const Athlete& athlete, const QDate& today);

class ConsentBox : public QWidget {
    Q_OBJECT
public:
    explicit ConsentBox(QWidget* parent = nullptr);
    void setAthlete(const Athlete& athlete);
    /// Puts what stands in the fields into the athlete.
    void fill(Athlete& athlete) const;

signals:
    void edited();

private:
    QCheckBox *given_, *ends_;
    QDateEdit *from_, *until_;
    QLineEdit *scope_, *by_;
    std::array<QCheckBox*, 3> as_{}; ///< in the order of kHandedOnAs
    QLabel* state_;
};

} // namespace riflesso

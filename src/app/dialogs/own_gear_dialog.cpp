// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/own_gear_dialog.h"

#include <QDialogButtonBox>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/shared/text.h"
#include "core/library/gear_fields.h"
#include "core/plan/own_gear.h"
#include "core/reading/parse.h"
#include "core/system/system.h"

namespace spirk::app {

namespace {

// What a text field may hold, by id, as people read it.
// Ids, and how each is shown.
std::vector<std::pair<std::string, Text>> choicesOf(TextFrom from,
                                                    const std::vector<TextChoice>& own,
                                                    const Library& library) {
    std::vector<std::pair<std::string, Text>> out;
    for (const TextChoice& choice : own) {
        out.emplace_back(choice.id, choice.label);
    }
    if (from == TextFrom::Chemistries) {
        for (const Chemistry& c : library.chemistries) {
            out.emplace_back(c.id, c.name);
        }
    } else if (from == TextFrom::Studs) {
        for (const Stud& s : library.studs) {
            out.emplace_back(s.id, s.name);
        }
        out.emplace_back("clamp", "clamp"_text);
        out.emplace_back("blade", "blade"_text);
        out.emplace_back("crimp", "crimped contact"_text);
    } else if (from == TextFrom::FuseFamilies) {
        out.emplace_back("", "none"_text);
        for (const FuseFamily& f : library.fuses) {
            out.emplace_back(f.id, f.name);
        }
    }
    return out;
}

}  // namespace

template <class Model>
OwnGearDialog::Kind OwnGearDialog::kindOf() {
    const GearFields<Model>& fields = gearFields<Model>();
    const auto offered = [this] {
        const Shelf& library = document_.library();
        return onOffer(listOf<Model>(document_.plan().own), listOf<Model>(library));
    };
    Kind out;
    out.title = q(fields.title);
    out.names = [offered] {
        QStringList names;
        for (const Model* model : offered()) {
            names << q(model->name);
        }
        return names;
    };
    out.show = [this, offered, &fields](int nth) {
        const auto all = offered();
        const Model& model = *all[static_cast<std::size_t>(nth)];
        name_->setText(q(model.name));
        for (const auto& field : fields.texts) {
            QComboBox* box = choice(q(std::string(field.key)), q(field.label));
            for (const auto& [id, text] :
                 choicesOf(field.from, field.choices, document_.library())) {
                box->addItem(q(text), q(id));
            }
            box->setCurrentIndex(box->findData(q(field.get(model))));
        }
        for (const auto& field : fields.numbers) {
            const auto value = field.get(model);
            const QString label =
                field.unit.empty()
                    ? q(field.label)
                    : OwnGearDialog::tr("%1, %2").arg(q(field.label), q(std::string(field.unit)));
            number(q(std::string(field.key)),
                   label,
                   value ? localNumber(formatNumber(*value, 8)) : QString());
        }
    };
    out.keep = [this, &fields](const QString& name) -> QString {
        Model model;
        model.name.english = name.toStdString();
        for (const auto& field : fields.texts) {
            field.set(
                model,
                choices_.at(q(std::string(field.key)))->currentData().toString().toStdString());
        }
        for (const auto& field : fields.numbers) {
            QLineEdit* edit = numbers_.at(q(std::string(field.key)));
            const std::string typed = edit->text().trimmed().toStdString();
            if (typed.empty() && field.presence == Presence::Optional) {
                field.set(model, std::nullopt);
                continue;
            }
            const auto value = parseNumber(typed, field.least, field.most);
            if (!value) {
                edit->setFocus();
                return OwnGearDialog::tr("%1: %2").arg(q(field.label), q(value.error()));
            }
            field.set(model, *value);
        }
        if (const auto wrong = contradictions(model); !wrong.empty()) {
            numbers_.at(q(wrong.front().where))->setFocus();
            return q(then(wrong.front().what, wrong.front().remedy));
        }
        Plan next = document_.plan();
        std::vector<Model>& list = listOf<Model>(next.own);
        model.id = ownGearId(model.name.english, list);
        std::erase_if(list, [&](const Model& m) { return m.id == model.id; });
        list.push_back(std::move(model));
        document_.push(OwnGearDialog::tr("Keep gear of your own"), std::move(next));
        return {};
    };
    return out;
}

void OwnGearDialog::addKinds() {
    kinds_ = {kindOf<BatteryModel>(),
              kindOf<PanelModel>(),
              kindOf<ControllerModel>(),
              kindOf<DcdcModel>(),
              kindOf<RelayModel>(),
              kindOf<ShoreChargerModel>(),
              kindOf<CombinedModel>(),
              kindOf<AlternatorModel>(),
              kindOf<TrickleModel>(),
              kindOf<ConverterModel>(),
              kindOf<InverterModel>(),
              kindOf<HardwareModel>()};
}

OwnGearDialog::OwnGearDialog(Document& document, QWidget* parent)
    : QDialog(parent), document_(document) {
    setObjectName("ownGear");
    setWindowTitle(tr("Your own gear"));
    addKinds();
    auto* head =
        new QLabel(tr("Start from the most similar entry, then enter what your data sheet says. "
                      "What you keep is stored in this plan and can be chosen in Supply."),
                   this);
    head->setWordWrap(true);
    kind_ = new QComboBox(this);
    kind_->setObjectName("ownGear.kind");
    kind_->setAccessibleName(tr("Kind of gear"));
    for (const Kind& kind : kinds_) {
        kind_->addItem(kind.title);
    }
    begin_ = new QComboBox(this);
    begin_->setObjectName("ownGear.begin");
    begin_->setAccessibleName(tr("Start from"));
    name_ = new QLineEdit(this);
    name_->setObjectName("ownGear.name");
    name_->setAccessibleName(tr("Name"));
    auto* top = new QFormLayout;
    top->addRow(tr("&Kind"), kind_);
    top->addRow(tr("&Start from"), begin_);
    top->addRow(tr("&Name"), name_);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    auto* inner = new QWidget(area);
    form_ = new QFormLayout(inner);
    area->setWidget(inner);
    problem_ = new QLabel(this);
    problem_->setObjectName("ownGear.problem");
    problem_->setWordWrap(true);
    problem_->setTextFormat(Qt::PlainText);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close, this);
    auto* keepButton = buttons->addButton(tr("Kee&p it in the plan"), QDialogButtonBox::ApplyRole);
    keepButton->setObjectName("ownGear.keep");
    keepButton->setDefault(true);
    connect(keepButton, &QPushButton::clicked, this, &OwnGearDialog::keep);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::close);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(head);
    layout->addLayout(top);
    layout->addWidget(area, 1);
    layout->addWidget(problem_);
    layout->addWidget(buttons);
    connect(kind_, &QComboBox::currentIndexChanged, this, [this] {
        const QSignalBlocker quiet(begin_);
        begin_->clear();
        begin_->addItems(kinds_[static_cast<std::size_t>(kind_->currentIndex())].names());
        rebuild();
    });
    connect(begin_, &QComboBox::currentIndexChanged, this, &OwnGearDialog::rebuild);
    emit kind_->currentIndexChanged(0);
    const int letter = fontMetrics().averageCharWidth();
    resize(letter * 80, letter * 90);
}

void OwnGearDialog::rebuild() {
    while (form_->rowCount() > 0) {
        form_->removeRow(0);
    }
    numbers_.clear();
    choices_.clear();
    problem_->clear();
    kinds_[static_cast<std::size_t>(kind_->currentIndex())].show(begin_->currentIndex());
}

void OwnGearDialog::keep() {
    const QString name = name_->text().trimmed();
    if (name.isEmpty()) {
        problem_->setText(
            tr("Gear needs a name. Type one without a brand: 'lithium battery, 105 "
               "Ah'."));
        return;
    }
    const QString problem = kinds_[static_cast<std::size_t>(kind_->currentIndex())].keep(name);
    problem_->setText(problem.isEmpty() ? tr("Kept. Choose '%1' in Supply.").arg(name) : problem);
}

QLineEdit* OwnGearDialog::number(const QString& key, const QString& label, const QString& value) {
    auto* edit = new QLineEdit(value, this);
    edit->setObjectName("ownGear." + key);
    edit->setAccessibleName(label);
    form_->addRow(label, edit);
    numbers_[key] = edit;
    return edit;
}

QComboBox* OwnGearDialog::choice(const QString& key, const QString& label) {
    auto* box = new QComboBox(this);
    box->setObjectName("ownGear." + key);
    box->setAccessibleName(label);
    form_->addRow(label, box);
    choices_[key] = box;
    return box;
}

}  // namespace spirk::app

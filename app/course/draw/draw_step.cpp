#include "app/course/draw/draw_panel.h"
#include "app/course/step.h"

#include <QCoreApplication>

namespace zokran {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("DrawStep", text);
}

class DrawStep : public Step {
public:
    explicit DrawStep(Desk& desk) : Step(desk) {}
    std::string id() const override { return "draw"; }
    QString name() const override { return tr("Draw"); }
    QString lacks() const override;
    StepPanel* panel() override { return panelOf<DrawPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString DrawStep::lacks() const {
    return desk_.study().attempts.empty() ? tr("a sketch") : QString();
}

Scene DrawStep::scene(Side side) {
    return side == Side::Seen ? scenes_.guided(true) : scenes_.fittedFormAlone(true);
}

NextThing DrawStep::next() {
    return {
        tr("Copy the form on to paper, then the features as plain lines."),
        {tr("Open the sketch's photograph…"), [this] { emit desk_.choosePicture(Side::Drawn); }}};
}

std::unique_ptr<Step> makeDrawStep(Desk& desk) {
    return std::make_unique<DrawStep>(desk);
}

} // namespace zokran

#include "app/course/light/light_scenes.h"

#include "app/text/messages.h"
#include "core/messages/light_messages.h"

#include <QCoreApplication>
#include <algorithm>

namespace zokran {

const ToneComparison* tonesOn(StudySession& session) {
    return session.light.form() == "sketch"
               ? session.tones.compared(session.picture(Side::Reference), session.picture(Side::Sketch))
               : nullptr;
}

std::size_t shownTones(const ToneComparison& tones) {
    return std::min<std::size_t>(tones.findings.size(), 7);
}

QString shadowEdgeSign(std::size_t number) {
    return QString(QChar(static_cast<char16_t>(u'A' + number)));
}

std::vector<SignedPlace> signedPlaces(StudySession& session) {
    std::vector<SignedPlace> all;
    if (!session.light.showsHead() || !session.light.shaded())
        return all;
    const LightAndDark told = lightAndDark(session.light.shaded()->places);
    for (const LitPlace& place : told.light)
        all.push_back({place, QString::number(all.size() + 1), false});
    int letter = 0;
    for (const LitPlace& place : told.dark)
        all.push_back({place, QString(QChar('a' + letter++)), true});
    return all;
}

std::vector<NamedTerm> namedTerms(StudySession& session) {
    std::vector<NamedTerm> all;
    if (!session.light.namesTerms() || session.light.form() == "sketch" || !session.light.shaded())
        return all;
    const HeadLight::Shaded& shaded = *session.light.shaded();
    const bool isHead = session.light.showsHead();
    // A head turned in the hand is not the one in the photograph.
    const bool isAsSeen = isHead && session.fit() && session.selection.form.turned() == FormViewState::Turned{};
    for (const LightTermPlace& place : shaded.terms) {
        NamedTerm term{
            qt(nameOf(place.term, learnersTranslator())), qt(meaningOf(place.term, learnersTranslator())), place.at, {}};
        if (isAsSeen)
            term.inPhoto = session.fit()->view.project(place.onSolid);
        const auto nearest =
            std::min_element(shaded.places.begin(), shaded.places.end(), [&](const LitPlace& a, const LitPlace& b) {
                return (a.at - place.at).norm() < (b.at - place.at).norm();
            });
        if (nearest != shaded.places.end())
            term.meaning = QCoreApplication::translate("LightStep", "%1 (here: %2)")
                               .arg(term.meaning, qt(wordsFor(*nearest, learnersTranslator())));
        all.push_back(std::move(term));
    }
    return all;
}

} // namespace zokran

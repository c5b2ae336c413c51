#include "app/text/language.h"

#include "text/translation_contexts.h"

#include <QApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <map>
#include <memory>

namespace zokran {

namespace {

QString stretched(const QString& source) {
    static const std::map<QChar, QChar> accents = {{'a', u'á'}, {'e', u'ë'}, {'i', u'î'}, {'o', u'ø'}, {'u', u'ü'},
                                                   {'A', u'Å'}, {'E', u'É'}, {'O', u'Ö'}, {'S', u'Š'}, {'T', u'Ŧ'}};
    QString text;
    bool inFigure = false; // {name} stays as it is
    for (const QChar& c : source) {
        inFigure = c == '{' || (inFigure && c != '}');
        const auto accent = accents.find(c);
        text += inFigure || accent == accents.end() ? c : accent->second;
    }
    // A third longer, in words that may be broken like any others.
    for (int more = static_cast<int>(source.size() + 2) / 3; more > 0; more -= 5)
        text += source.contains(' ') ? QStringLiteral(" ~~~~").left(more) : QString(std::min(more, 5), '~');
    return text;
}

} // namespace

Translation::Translation(const std::string& language) : stretched_(language == stretchedLanguage) {
    const QString code = stretched_ ? QStringLiteral("de") : QString::fromStdString(language);
    static_cast<void>(program_.load(":/translations/zokran_" + code + ".qm"));
    static_cast<void>(data_.load(":/translations/data_" + code + ".qm"));
}

QString Translation::translate(const char* context, const char* source, const char* disambiguation, int n) const {
    QString said = program_.translate(context, source, disambiguation, n);
    // A sentence is looked up where it is said, which need not be where it is written: a name in a table, a sentence of the
    // core, one of a function that belongs to no class.
    for (const char* const* other = translationContexts; said.isEmpty() && *other; ++other)
        said = program_.translate(*other, source, disambiguation, n);
    if (said.isEmpty())
        said = data_.translate("data", source);
    return stretched_ && !said.isEmpty() ? stretched(QString::fromUtf8(source)) : said;
}

const std::vector<Language>& languages() {
    static const std::vector<Language> all = {{"en", "English"}, {"de", "Deutsch"}};
    return all;
}

std::string speak(QApplication& app, const std::string& code) {
    static std::unique_ptr<Translation> words;
    static std::unique_ptr<QTranslator> qtsOwn;
    if (words)
        QCoreApplication::removeTranslator(words.get());
    if (qtsOwn)
        QCoreApplication::removeTranslator(qtsOwn.get());
    words.reset();
    qtsOwn.reset();
    const QLocale system = QLocale::system();
    std::string taken = code.empty() ? system.name().section('_', 0, 0).toStdString() : code;
    const bool known = taken == stretchedLanguage ||
                       std::any_of(languages().begin(), languages().end(),
                                   [&](const Language& l) { return taken == l.code; });
    if (!known)
        taken = "en";
    const QString name = QString::fromStdString(taken);
    QLocale::setDefault(taken == stretchedLanguage || system.name().startsWith(name) ? system : QLocale(name));
    app.setLayoutDirection(QLocale().textDirection());
    words = std::make_unique<Translation>(taken);
    QCoreApplication::installTranslator(words.get());
    qtsOwn = std::make_unique<QTranslator>();
    if (qtsOwn->load("qtbase_" + name, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(qtsOwn.get());
    return taken;
}

} // namespace zokran

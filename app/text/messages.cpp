#include "app/text/messages.h"

#include <QCoreApplication>

namespace zokran {

namespace {

class CatalogueTranslator : public Translator {
public:
    std::string say(std::string_view english) const override {
        const std::string source(english);
        return QCoreApplication::translate("zokran", source.c_str()).toStdString();
    }
    using Translator::say;
    std::string decimalPoint() const override { return QLocale().decimalPoint().toStdString(); }
};

} // namespace

const Translator& learnersTranslator() {
    static const CatalogueTranslator translator;
    return translator;
}

} // namespace zokran

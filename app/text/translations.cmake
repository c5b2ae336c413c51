# The catalogues of the window's and the core's sentences, compiled and put into the program. `cmake --build build --target
# update_translations` takes in what the sources say now; what is new then waits for its translation in Qt Linguist.
find_package(Qt6 6.4 REQUIRED COMPONENTS LinguistTools)

set(catalogues ${CMAKE_SOURCE_DIR}/translations)
# English needs a catalogue for its plurals alone. `data_de.ts` is kept by hand: it translates names and descriptions in data/.
qt6_add_lrelease(zokran_text TS_FILES ${catalogues}/zokran_de.ts ${catalogues}/zokran_en.ts ${catalogues}/data_de.ts
                 QM_FILES_OUTPUT_VARIABLE compiled OPTIONS -silent)
qt6_add_resources(zokran_text translations PREFIX /translations BASE ${CMAKE_CURRENT_BINARY_DIR} FILES ${compiled})

# Where a sentence may be written, for those that are said elsewhere.
file(STRINGS ${catalogues}/zokran_de.ts contexts REGEX "^    <name>")
list(TRANSFORM contexts REPLACE "^ *<name>(.*)</name>$" "    \"\\1\",")
list(JOIN contexts "\n" contexts)
set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${catalogues}/zokran_de.ts)
file(CONFIGURE OUTPUT text/translation_contexts.h CONTENT
"/// The contexts of translations/zokran_de.ts, ending on null.
constexpr const char* translationContexts[] = {
${contexts}
    nullptr};
")
target_include_directories(zokran_text PRIVATE ${CMAKE_CURRENT_BINARY_DIR})

# ZOKRAN_WORDS marks a sentence where `tr` cannot stand.
set(folders app core cast logbook see upload)
list(TRANSFORM folders PREPEND ${CMAKE_SOURCE_DIR}/)
set(lupdate $<TARGET_FILE:Qt6::lupdate> -silent -no-obsolete -locations none -I ${CMAKE_SOURCE_DIR}
            -tr-function-alias QT_TR_NOOP+=ZOKRAN_WORDS ${folders})
add_custom_target(update_translations
  COMMAND ${lupdate} -ts ${catalogues}/zokran_de.ts
  COMMAND ${lupdate} -pluralonly -ts ${catalogues}/zokran_en.ts
  VERBATIM)
# For the test that the catalogues know every sentence of the sources.
list(JOIN lupdate "|" joined)
set_property(GLOBAL PROPERTY zokran_lupdate "${joined}")

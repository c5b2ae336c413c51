#pragma once

#include <QObject>
#include <functional>
#include <memory>
#include <vector>

namespace zokran::test {

using MakeTest = std::function<std::unique_ptr<QObject>()>;

std::unique_ptr<QObject> makeCameraTest();
std::unique_ptr<QObject> makeCheckTest();
std::unique_ptr<QObject> makeCourseTest();
std::unique_ptr<QObject> makeDrawnLinesTest();
std::unique_ptr<QObject> makeFeaturesTest();
std::unique_ptr<QObject> makeLanguageTest();
std::unique_ptr<QObject> makeLightingTest();
std::unique_ptr<QObject> makeMarkingTest();
std::unique_ptr<QObject> makeMeasuringTest();
std::unique_ptr<QObject> makePlanningTest();
std::unique_ptr<QObject> makePracticeTest();
std::unique_ptr<QObject> makeSafetyTest();
std::unique_ptr<QObject> makeSeeingTest();
std::unique_ptr<QObject> makeSheetTest();
std::unique_ptr<QObject> makeShelfTest();
std::unique_ptr<QObject> makePictureTest();
std::unique_ptr<QObject> makeTelephoneTest();
std::unique_ptr<QObject> makeTrustTest();
std::unique_ptr<QObject> makeKeepingTest();
std::unique_ptr<QObject> makeCastRoomTest();
std::unique_ptr<QObject> makeTouchTest();

inline std::vector<MakeTest> windowTests() {
    return {makeCourseTest,   makeCheckTest,    makeLightingTest, makeMarkingTest, makeMeasuringTest,
            makePlanningTest, makePracticeTest, makeSheetTest,    makeShelfTest,   makePictureTest,
            makeKeepingTest,  makeCastRoomTest, makeDrawnLinesTest, makeFeaturesTest, makeLanguageTest,
            makeSafetyTest, makeCameraTest, makeSeeingTest,   makeTelephoneTest, makeTrustTest,
            makeTouchTest};
}

} // namespace zokran::test

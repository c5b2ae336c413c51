<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>zokran::BundleTransfer</name>
    <message numerus="yes">
        <source>%n pictures were left out, for they are gone from the logbook. The first: %1</source>
        <translation>
            <numerusform>%n picture was left out, for it is gone from the logbook: %1</numerusform>
            <numerusform>%n pictures were left out, for they are gone from the logbook. The first: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::CameraDialog</name>
    <message numerus="yes">
        <source>%n pictures are on the bench.</source>
        <translation>
            <numerusform>One picture is on the bench.</numerusform>
            <numerusform>%n pictures are on the bench.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::ClockFace</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::Launch</name>
    <message numerus="yes">
        <source>The logbook was damaged. %n studies could be read and are here, %1 could not. The damaged file is kept as %2.</source>
        <translation>
            <numerusform>The logbook was damaged. %n study could be read and is here, %1 could not. The damaged file is kept as %2.</numerusform>
            <numerusform>The logbook was damaged. %n studies could be read and are here, %1 could not. The damaged file is kept as %2.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::Library</name>
    <message numerus="yes">
        <source>%n studies with their sketches, marks and notes are deleted for good. This cannot be undone.</source>
        <translation>
            <numerusform>%n study with its sketch, marks and notes is deleted for good. This cannot be undone.</numerusform>
            <numerusform>%n studies with their sketches, marks and notes are deleted for good. This cannot be undone.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n studies taken in; %1 were here already.</source>
        <translation>
            <numerusform>%n study taken in; %1 were here already.</numerusform>
            <numerusform>%n studies taken in; %1 were here already.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n heads</source>
        <translation>
            <numerusform>%n head</numerusform>
            <numerusform>%n heads</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::PlanPage</name>
    <message numerus="yes">
        <source>&amp;Look again: %n drawings put aside</source>
        <translation>
            <numerusform>&amp;Look again at the drawing put aside</numerusform>
            <numerusform>&amp;Look again: %n drawings put aside</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>All %n heads are drawn. Look at the first and the last side by side.</source>
        <translation>
            <numerusform>The one head is drawn.</numerusform>
            <numerusform>All %n heads are drawn. Look at the first and the last side by side.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n heads are drawn, and the days are over. Take more days, or begin anew.</source>
        <translation>
            <numerusform>One head is drawn, and the days are over. Take more days, or begin anew.</numerusform>
            <numerusform>%n heads are drawn, and the days are over. Take more days, or begin anew.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::TelephoneDialog</name>
    <message numerus="yes">
        <source>%n pictures are on the bench.</source>
        <translation>
            <numerusform>One picture is on the bench.</numerusform>
            <numerusform>%n pictures are on the bench.</numerusform>
        </translation>
    </message>
</context>
</TS>

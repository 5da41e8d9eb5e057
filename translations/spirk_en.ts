<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en">
<context>
    <name>spirk::app::Severities</name>
    <message numerus="yes">
        <source>%n danger(s)</source>
        <translation>
            <numerusform>%n danger</numerusform>
            <numerusform>%n dangers</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fault(s)</source>
        <translation>
            <numerusform>%n fault</numerusform>
            <numerusform>%n faults</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n advice</source>
        <translation>
            <numerusform>%n advice</numerusform>
            <numerusform>%n advice</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>spirk::app::DiagramStation</name>
    <message numerus="yes">
        <source>%n conductor(s)</source>
        <translation>
            <numerusform>%n conductor</numerusform>
            <numerusform>%n conductors</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>spirk::app::BuildStation</name>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n part</numerusform>
            <numerusform>%n parts</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n cut(s)</source>
        <translation>
            <numerusform>%n cut</numerusform>
            <numerusform>%n cuts</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>spirk::app::PowerUpStation</name>
    <message numerus="yes">
        <source>%n step(s)</source>
        <translation>
            <numerusform>%n step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>spirk::app::PlanFiles</name>
    <message numerus="yes">
        <source>%n entries taken from '%1'.</source>
        <translation>
            <numerusform>%n entry taken from '%1'.</numerusform>
            <numerusform>%n entries taken from '%1'.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 and %n more</source>
        <translation>
            <numerusform>%1 and %n more</numerusform>
            <numerusform>%1 and %n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>spirk::app::ChecksStation</name>
    <message numerus="yes">
        <source>Show more: %n findings are not shown yet</source>
        <translation>
            <numerusform>Show one more finding</numerusform>
            <numerusform>Show more: %n findings are not shown yet</numerusform>
        </translation>
    </message>
</context>
</TS>

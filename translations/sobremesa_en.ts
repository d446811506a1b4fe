<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>sobremesa::Aircraft</name>
    <message numerus="yes">
        <source> %n outlier(s) hardly count.</source>
        <translation>
            <numerusform> %n outlier hardly counts.</numerusform>
            <numerusform> %n outliers hardly count.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Fitted from %n flight(s), day-to-day scatter %1.%2 The aircraft itself still uses its known cruise only.</source>
        <translation>
            <numerusform>Fitted from %n flight, day-to-day scatter %1.%2 The aircraft itself still uses its known cruise only.</numerusform>
            <numerusform>Fitted from %n flights, day-to-day scatter %1.%2 The aircraft itself still uses its known cruise only.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses the curve fitted from its %n flight(s), day-to-day scatter %1.%2</source>
        <translation>
            <numerusform>The aircraft uses the curve fitted from its %n flight, day-to-day scatter %1.%2</numerusform>
            <numerusform>The aircraft uses the curve fitted from its %n flights, day-to-day scatter %1.%2</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses an older curve (flights: %1); fitted from all %n flight(s) the day-to-day scatter is %2.%3</source>
        <translation>
            <numerusform>The aircraft uses an older curve (flights: %1); fitted from all %n flight the day-to-day scatter is %2.%3</numerusform>
            <numerusform>The aircraft uses an older curve (flights: %1); fitted from all %n flights the day-to-day scatter is %2.%3</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 was refitted from %n flight(s): %2. Plans follow; undo is possible.</source>
        <translation>
            <numerusform>%1 was refitted from %n flight: %2. Plans follow; undo is possible.</numerusform>
            <numerusform>%1 was refitted from %n flights: %2. Plans follow; undo is possible.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The last %n forecast(s) were &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; without fitting it would have been %3.</source>
        <translation>
            <numerusform>The one forecast so far was &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; without fitting it would have been %3.</numerusform>
            <numerusform>The last %n forecasts were &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; without fitting it would have been %3.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::Bill</name>
    <message numerus="yes">
        <source>Reading the logs of %n flight(s) for what their forecasts missed …</source>
        <translation>
            <numerusform>Reading the log of %n flight for what its forecast missed …</numerusform>
            <numerusform>Reading the logs of %n flights for what their forecasts missed …</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) no cause consistently took more or less than forecast.</source>
        <translation>
            <numerusform>In %n flight no cause consistently took more or less than forecast.</numerusform>
            <numerusform>In %n flights no cause consistently took more or less than forecast.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 more than forecast.</source>
        <translation>
            <numerusform>In %n flight %1 consistently took %2 more than forecast.</numerusform>
            <numerusform>In %n flights %1 consistently took %2 more than forecast.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 less than forecast.</source>
        <translation>
            <numerusform>In %n flight %1 consistently took %2 less than forecast.</numerusform>
            <numerusform>In %n flights %1 consistently took %2 less than forecast.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::Findings</name>
    <message numerus="yes">
        <source>%n more flight(s) would bring it close to the charger&apos;s own accuracy.</source>
        <translation>
            <numerusform>One more flight would bring it close to the charger&apos;s own accuracy.</numerusform>
            <numerusform>%n more flights would bring it close to the charger&apos;s own accuracy.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::Learning</name>
    <message numerus="yes">
        <source>known from %n flight(s)</source>
        <translation>
            <numerusform>known from %n flight</numerusform>
            <numerusform>known from %n flights</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n recharge(s)</source>
        <translation>
            <numerusform>%n recharge</numerusform>
            <numerusform>%n recharges</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the voltage of %n flight(s)</source>
        <translation>
            <numerusform>the voltage of %n flight</numerusform>
            <numerusform>the voltage of %n flights</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n resting voltage(s)</source>
        <translation>
            <numerusform>%n resting voltage</numerusform>
            <numerusform>%n resting voltages</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n charger reading(s)</source>
        <translation>
            <numerusform>%n charger reading</numerusform>
            <numerusform>%n charger readings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>level flight in %n flight(s)</source>
        <translation>
            <numerusform>level flight in %n flight</numerusform>
            <numerusform>level flight in %n flights</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n landing(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n landing forecast from earlier flights: off by %1</numerusform>
            <numerusform>%n landings forecast from earlier flights: off by %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>climbs with an efficiency of %1, from %n climb(s)</source>
        <translation>
            <numerusform>climbs with an efficiency of %1, from %n climb</numerusform>
            <numerusform>climbs with an efficiency of %1, from %n climbs</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flying time(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n flying time forecast from earlier flights: off by %1</numerusform>
            <numerusform>%n flying times forecast from earlier flights: off by %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n turn point(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n turn point forecast from earlier flights: off by %1</numerusform>
            <numerusform>%n turn points forecast from earlier flights: off by %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::Messages</name>
    <message numerus="yes">
        <source>%n more column(s) were not used.</source>
        <translation>
            <numerusform>%n more column was not used.</numerusform>
            <numerusform>%n more columns were not used.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::Watch</name>
    <message numerus="yes">
        <source>Practice so far: reserve intact on %1 of %n flight(s).</source>
        <translation>
            <numerusform>Practice so far: reserve intact on %1 of %n flight.</numerusform>
            <numerusform>Practice so far: reserve intact on %1 of %n flights.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AircraftLines</name>
    <message numerus="yes">
        <source>%n flight(s), last %1</source>
        <translation>
            <numerusform>%n flight, %1</numerusform>
            <numerusform>%n flights, last %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LogbookPlace</name>
    <message numerus="yes">
        <source>%n flight(s)</source>
        <translation>
            <numerusform>%n flight</numerusform>
            <numerusform>%n flights</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n flight(s)</source>
        <comment>shown, all</comment>
        <translation>
            <numerusform>%1 of %n flight</numerusform>
            <numerusform>%1 of %n flights</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were removed; their logs stay in the logbook. Ctrl+Z restores them.</source>
        <translation>
            <numerusform>%n flight was removed; its log stays in the logbook. Ctrl+Z restores it.</numerusform>
            <numerusform>%n flights were removed; their logs stay in the logbook. Ctrl+Z restores them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n track(s), each from its own launch. Choose a flight to see its homeward chart.</source>
        <translation>
            <numerusform>%n track, from its own launch. Choose a flight to see its homeward chart.</numerusform>
            <numerusform>%n tracks, each from its own launch. Choose a flight to see its homeward chart.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MainWindow</name>
    <message numerus="yes">
        <source>%n entry(ies) imported.</source>
        <translation>
            <numerusform>%n entry imported.</numerusform>
            <numerusform>%n entries imported.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entry(ies) imported; already there: %1.</source>
        <translation>
            <numerusform>%n entry imported; already there: %1.</numerusform>
            <numerusform>%n entries imported; already there: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n waypoint(s) imported from %1.</source>
        <translation>
            <numerusform>%n waypoint imported from %1.</numerusform>
            <numerusform>%n waypoints imported from %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Backed up to %1, with every log, but without %n change(s) that could not be written to the logbook yet.</source>
        <translation>
            <numerusform>Backed up to %1, with every log, but without %n change that could not be written to the logbook yet.</numerusform>
            <numerusform>Backed up to %1, with every log, but without %n changes that could not be written to the logbook yet.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n change(s) could not be written to the logbook and would be lost.</source>
        <translation>
            <numerusform>One change could not be written to the logbook and would be lost.</numerusform>
            <numerusform>%n changes could not be written to the logbook and would be lost.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were in the logbook already.</source>
        <translation>
            <numerusform>%n flight was in the logbook already.</numerusform>
            <numerusform>%n flights were in the logbook already.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) filed.</source>
        <translation>
            <numerusform>%n flight filed.</numerusform>
            <numerusform>%n flights filed.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n no-landing area(s) imported from %1.</source>
        <translation>
            <numerusform>%n no-landing area imported from %1.</numerusform>
            <numerusform>%n no-landing areas imported from %1.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ManyLogsSheet</name>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>File %n flight</numerusform>
            <numerusform>File %n flights</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>sobremesa::app::NotebookSheet</name>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>File %n flight</numerusform>
            <numerusform>File %n flights</numerusform>
        </translation>
    </message>
</context>
</TS>

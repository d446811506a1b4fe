<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>BenchChartWords</name>
    <message>
        <source>V/cell</source>
        <translation>V/Zelle</translation>
    </message>
    <message>
        <source>A/cell</source>
        <translation>A/Zelle</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
</context>
<context>
    <name>CardWords</name>
    <message>
        <source>outbound airspeed</source>
        <translation>Airspeed hin</translation>
    </message>
    <message>
        <source>return airspeed</source>
        <translation>Airspeed zurück</translation>
    </message>
    <message>
        <source>ground speed, out and home</source>
        <translation>über Grund, hin und zurück</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>limit: what it is about</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>None.</source>
        <translation>Keine.</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>counter at most</source>
        <translation>Zähler höchstens</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>still needed</source>
        <translation>noch nötig</translation>
    </message>
    <message>
        <source>Alarms to enter</source>
        <translation>Einzugebende Alarme</translation>
    </message>
    <message>
        <source>Counter callouts</source>
        <translation>Zähleransagen</translation>
    </message>
    <message>
        <source>Legs</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>Energie</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>Zähler</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>Speeds to fly</source>
        <translation>Fluggeschwindigkeiten</translation>
    </message>
    <message>
        <source>Limits near or exceeded</source>
        <translation>Nahe oder überschrittene Grenzen</translation>
    </message>
    <message>
        <source>Landing places from the turn point, using the reserve</source>
        <translation>Landeplätze vom Umkehrpunkt aus, mit der Reserve</translation>
    </message>
    <message>
        <source>Before launch</source>
        <translation>Vor dem Start</translation>
    </message>
    <message>
        <source>N</source>
        <comment>north</comment>
        <translation>N</translation>
    </message>
    <message>
        <source>wind %1</source>
        <translation>Wind %1</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <comment>course, distance, time</comment>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Sketch, north up</source>
        <translation>Skizze, Norden oben</translation>
    </message>
    <message>
        <source>course</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>Throttle limited to %1 on a full pack, as among the alarms.</source>
        <translation>Gas bei vollem Akku auf %1 begrenzt, wie bei den Alarmen.</translation>
    </message>
    <message>
        <source>%1 · %2 · wind %3 · %4 · %5 above home</source>
        <translation>%1 · %2 · Wind %3 · %4 · %5 über dem Startpunkt</translation>
    </message>
</context>
<context>
    <name>UnitWords</name>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>mph</source>
        <translation>mph</translation>
    </message>
    <message>
        <source>kn</source>
        <translation>kn</translation>
    </message>
    <message>
        <source>km/h</source>
        <translation>km/h</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>ft</source>
        <translation>ft</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>ft/min</source>
        <translation>ft/min</translation>
    </message>
    <message>
        <source>mi</source>
        <translation>mi</translation>
    </message>
    <message>
        <source>km</source>
        <translation>km</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>kg/m³</source>
        <translation>kg/m³</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>% of the zone</source>
        <translation>% der Zone</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/Zelle</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Wh</source>
        <translation>Wh</translation>
    </message>
    <message>
        <source>Wh/kg</source>
        <translation>Wh/kg</translation>
    </message>
    <message>
        <source>mAh/g</source>
        <translation>mAh/g</translation>
    </message>
    <message>
        <source>/Wh</source>
        <translation>/Wh</translation>
    </message>
    <message>
        <source>mAh/mi</source>
        <translation>mAh/mi</translation>
    </message>
    <message>
        <source>mAh/km</source>
        <translation>mAh/km</translation>
    </message>
    <message>
        <source>Wh/mi</source>
        <translation>Wh/mi</translation>
    </message>
    <message>
        <source>Wh/km</source>
        <translation>Wh/km</translation>
    </message>
    <message>
        <source>W/m²</source>
        <translation>W/m²</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>north</source>
        <translation>Norden</translation>
    </message>
    <message>
        <source>north-east</source>
        <translation>Nordosten</translation>
    </message>
    <message>
        <source>east</source>
        <translation>Osten</translation>
    </message>
    <message>
        <source>south-east</source>
        <translation>Südosten</translation>
    </message>
    <message>
        <source>south</source>
        <translation>Süden</translation>
    </message>
    <message>
        <source>south-west</source>
        <translation>Südwesten</translation>
    </message>
    <message>
        <source>west</source>
        <translation>Westen</translation>
    </message>
    <message>
        <source>north-west</source>
        <translation>Nordwesten</translation>
    </message>
    <message>
        <source>°F</source>
        <translation>°F</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Plans and debriefs flights of long-range model aircraft.</source>
        <translation>Plant Flüge von Langstreckenmodellen und wertet sie aus.</translation>
    </message>
    <message>
        <source>Folder for the settings.</source>
        <translation>Ordner für die Einstellungen.</translation>
    </message>
    <message>
        <source>Logbook file; created if missing.</source>
        <translation>Logbuchdatei; wird angelegt, wenn sie fehlt.</translation>
    </message>
    <message>
        <source>Quit once the window is painted, for the benchmarks.</source>
        <translation>Beenden, sobald das Fenster gezeichnet ist, für die Benchmarks.</translation>
    </message>
    <message>
        <source>Plans or logs to open.</source>
        <translation>Zu öffnende Pläne oder Logs.</translation>
    </message>
    <message>
        <source>Start with a temporary copy of this folder&apos;s flights; without a folder, of the demo flights.</source>
        <translation>Mit einer vorübergehenden Kopie der Flüge dieses Ordners beginnen; ohne Ordner mit den Demoflügen.</translation>
    </message>
    <message>
        <source>The demo flights are not installed with this program.</source>
        <translation>Die Demoflüge sind mit diesem Programm nicht installiert.</translation>
    </message>
    <message>
        <source>There is no demo folder %1.</source>
        <translation>Es gibt keinen Demo-Ordner %1.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Aircraft</name>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance. Against this wind no speed makes headway.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; für die längste Flugzeit. Gegen diesen Wind kommt keine Geschwindigkeit voran.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range: %3.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; für die längste Flugzeit, &lt;b&gt;%2&lt;/b&gt; für die größte Reichweite: %3.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range against %3: %4.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; für die längste Flugzeit, &lt;b&gt;%2&lt;/b&gt; für die größte Reichweite gegen %3: %4.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range with %3 behind: %4.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; für die längste Flugzeit, &lt;b&gt;%2&lt;/b&gt; für die größte Reichweite mit %3 im Rücken: %4.</translation>
    </message>
    <message>
        <source>At this airspeed the wind carries the aircraft away.</source>
        <translation>Bei dieser Airspeed trägt der Wind das Modell davon.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. Range is greatest here; drag the ring, or use ← →, to see what flying faster costs.</source>
        <translation>Bei %1: %2 über Grund, %3. Hier ist die Reichweite am größten; zieh den Ring, oder nimm ← →, um zu sehen, was schnelleres Fliegen kostet.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. One %4 more costs %5. Drag the ring, or use ← →.</source>
        <translation>Bei %1: %2 über Grund, %3. Ein %4 mehr kostet %5. Zieh den Ring, oder nimm ← →.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. One %4 more saves %5. Drag the ring, or use ← →.</source>
        <translation>Bei %1: %2 über Grund, %3. Ein %4 mehr spart %5. Zieh den Ring, oder nimm ← →.</translation>
    </message>
    <message>
        <source>On the return leg, in the worst credible wind, no speed makes headway.</source>
        <translation>Auf dem Rückflug, im ungünstigsten anzunehmenden Wind, kommt keine Geschwindigkeit voran.</translation>
    </message>
    <message>
        <source>On the return leg, in the worst credible wind: %1, %2.</source>
        <translation>Auf dem Rückflug, im ungünstigsten anzunehmenden Wind: %1, %2.</translation>
    </message>
    <message>
        <source>To judge that, enter the aircraft&apos;s full power.</source>
        <translation>Um das zu beurteilen, trage die volle Leistung des Modells ein.</translation>
    </message>
    <message>
        <source>Go: %1 of full power; sensible up to a headwind of %2.</source>
        <translation>Go: %1 der vollen Leistung; vernünftig bis zu einem Gegenwind von %2.</translation>
    </message>
    <message>
        <source>No go: %1 of full power. Sensible up to a headwind of %2.</source>
        <translation>No-Go: %1 der vollen Leistung. Vernünftig bis zu einem Gegenwind von %2.</translation>
    </message>
    <message>
        <source>No go: %1 of full power, more than half even in still air.</source>
        <translation>No-Go: %1 der vollen Leistung, mehr als die Hälfte selbst bei Windstille.</translation>
    </message>
    <message>
        <source>A circle at %1 of bank takes %2 more than straight flight.</source>
        <translation>Ein Kreis mit %1 Querlage braucht %2 mehr als der Geradeausflug.</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>part, its mass</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>With the pack of the open plan: %1 all-up. %2, pack %3 or %4 of it.</source>
        <translation>Mit dem Akku des offenen Plans: %1 Abflugmasse. %2, Akku %3 oder %4 davon.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>With the pack of the open plan: %1 all-up, of which the pack is %2, %3.</source>
        <translation>Mit dem Akku des offenen Plans: %1 Abflugmasse, davon der Akku %2, %3.</translation>
    </message>
    <message numerus="yes">
        <source> %n outlier(s) hardly count.</source>
        <translation>
            <numerusform> %n Ausreißer zählt kaum.</numerusform>
            <numerusform> %n Ausreißer zählen kaum.</numerusform>
        </translation>
    </message>
    <message>
        <source>No filed flight of this aircraft shows level flight in a known wind yet: the curve rests on its known cruise and physics. File a flight with a full circle in it.</source>
        <translation>Noch kein abgelegter Flug dieses Modells zeigt Horizontalflug in bekanntem Wind: die Kurve beruht auf seinem bekannten Reiseflug und der Physik. Lege einen Flug mit einem Vollkreis ab.</translation>
    </message>
    <message numerus="yes">
        <source>Fitted from %n flight(s), day-to-day scatter %1.%2 The aircraft itself still uses its known cruise only.</source>
        <translation>
            <numerusform>Aus %n Flug angepasst, Streuung von Tag zu Tag %1.%2 Das Modell selbst verwendet noch nur seinen bekannten Reiseflug.</numerusform>
            <numerusform>Aus %n Flügen angepasst, Streuung von Tag zu Tag %1.%2 Das Modell selbst verwendet noch nur seinen bekannten Reiseflug.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses the curve fitted from its %n flight(s), day-to-day scatter %1.%2</source>
        <translation>
            <numerusform>Das Modell verwendet die Kurve aus seinem %n Flug, Streuung von Tag zu Tag %1.%2</numerusform>
            <numerusform>Das Modell verwendet die Kurve aus seinen %n Flügen, Streuung von Tag zu Tag %1.%2</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses an older curve (flights: %1); fitted from all %n flight(s) the day-to-day scatter is %2.%3</source>
        <translation>
            <numerusform>Das Modell verwendet eine ältere Kurve (Flüge: %1); aus %n Flug ist die Streuung von Tag zu Tag %2.%3</numerusform>
            <numerusform>Das Modell verwendet eine ältere Kurve (Flüge: %1); aus allen %n Flügen ist die Streuung von Tag zu Tag %2.%3</numerusform>
        </translation>
    </message>
    <message>
        <source>No flight was slower than %1 or faster than %2: beyond that the line is physics alone.</source>
        <translation>Kein Flug war langsamer als %1 oder schneller als %2: darüber hinaus ist die Linie reine Physik.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a figure and its error</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Climb efficiency is assumed (%1); a climb of half a minute would show it.</source>
        <translation>Der Steigwirkungsgrad ist angenommen (%1); ein Steigflug von einer halben Minute würde ihn zeigen.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2, and %3 less for each %4 faster.</source>
        <translation>Steigflüge zeigen einen Wirkungsgrad von %1 bei %2, und %3 weniger je %4 schneller.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2, and %3 more for each %4 faster.</source>
        <translation>Steigflüge zeigen einen Wirkungsgrad von %1 bei %2, und %3 mehr je %4 schneller.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2; climbs at other speeds would show how it changes.</source>
        <translation>Steigflüge zeigen einen Wirkungsgrad von %1 bei %2; Steigflüge bei anderem Tempo würden zeigen, wie er sich ändert.</translation>
    </message>
    <message>
        <source>Induced power is assumed; slow flight would show it.</source>
        <translation>Die induzierte Leistung ist angenommen; langsamer Flug würde sie zeigen.</translation>
    </message>
    <message>
        <source>Drag power is assumed; fast flight would show it.</source>
        <translation>Die Widerstandsleistung ist angenommen; schneller Flug würde sie zeigen.</translation>
    </message>
    <message>
        <source>Straight and level at one height, %1 on each leg: %2. Start with a full circle so that the wind is known; %3 in all, then file the log.</source>
        <translation>Gerade und horizontal in einer Höhe, je %1: %2. Beginne mit einem Vollkreis, damit der Wind bekannt ist; zusammen %3, dann das Log ablegen.</translation>
    </message>
    <message>
        <source>Headroom needs the aircraft&apos;s full power: full stick, level, full pack.</source>
        <translation>Die Leistungsreserve braucht die volle Leistung des Modells: Vollgas, horizontal, voller Akku.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <comment>volts a cell, minutes</comment>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>Full throttle holds level flight until &lt;b&gt;%1&lt;/b&gt;.</source>
        <translation>Vollgas hält den Horizontalflug bis &lt;b&gt;%1&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Full throttle holds level flight until landing.</source>
        <translation>Vollgas hält den Horizontalflug bis zur Landung.</translation>
    </message>
    <message>
        <source>The plan&apos;s climb is possible until %1.</source>
        <translation>Der Steigflug des Plans ist bis %1 möglich.</translation>
    </message>
    <message>
        <source>Launched at %1 throttle it climbs %2, at %3.</source>
        <translation>Mit %1 Gas gestartet steigt es %2, bei %3.</translation>
    </message>
    <message>
        <source>With a full pack, limit the throttle to &lt;b&gt;%1&lt;/b&gt;: more exceeds the controllers&apos; rating.</source>
        <translation>Bei vollem Akku das Gas auf &lt;b&gt;%1&lt;/b&gt; begrenzen: mehr überschreitet den Nennwert der Regler.</translation>
    </message>
    <message>
        <source>unchanged</source>
        <translation>unverändert</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>change, error</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Unchanged it flies &lt;b&gt;%1&lt;/b&gt; at most, on the plan&apos;s pack.</source>
        <translation>Unverändert fliegt es höchstens &lt;b&gt;%1&lt;/b&gt;, mit dem Akku des Plans.</translation>
    </message>
    <message>
        <source>It would fly &lt;b&gt;%1&lt;/b&gt; at most, %2 longer, on the same energy.</source>
        <translation>Es flöge höchstens &lt;b&gt;%1&lt;/b&gt;, %2 länger, mit derselben Energie.</translation>
    </message>
    <message>
        <source>It would fly &lt;b&gt;%1&lt;/b&gt; at most, %2 less, on the same energy.</source>
        <translation>Es flöge höchstens &lt;b&gt;%1&lt;/b&gt;, %2 weniger, mit derselben Energie.</translation>
    </message>
    <message>
        <source>cruise power unchanged</source>
        <translation>Reiseleistung unverändert</translation>
    </message>
    <message>
        <source>cruise takes %1 more than assumed</source>
        <translation>der Reiseflug braucht %1 mehr als angenommen</translation>
    </message>
    <message>
        <source>cruise takes %1 less than assumed</source>
        <translation>der Reiseflug braucht %1 weniger als angenommen</translation>
    </message>
    <message numerus="yes">
        <source>%1 was refitted from %n flight(s): %2. Plans follow; undo is possible.</source>
        <translation>
            <numerusform>%1 wurde aus %n Flug neu angepasst: %2. Pläne folgen; Rückgängig ist möglich.</numerusform>
            <numerusform>%1 wurde aus %n Flügen neu angepasst: %2. Pläne folgen; Rückgängig ist möglich.</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1” took %2 more than the aircraft&apos;s other flights, too much for an ordinary day: it was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts.</source>
        <translation>„%1“ brauchte %2 mehr als die anderen Flüge des Modells, zu viel für einen gewöhnlichen Tag: er wurde nicht für die Anpassung verwendet. Prüfe Sensor, Akku und Masse; siehe Flotte, Prognosen.</translation>
    </message>
    <message>
        <source>“%1” took %2 less than the aircraft&apos;s other flights, too much for an ordinary day: it was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts.</source>
        <translation>„%1“ brauchte %2 weniger als die anderen Flüge des Modells, zu viel für einen gewöhnlichen Tag: er wurde nicht für die Anpassung verwendet. Prüfe Sensor, Akku und Masse; siehe Flotte, Prognosen.</translation>
    </message>
    <message>
        <source>Forecasts need at least two filed flights: this page shows how well the earlier ones predicted the later ones.</source>
        <translation>Prognosen brauchen mindestens zwei abgelegte Flüge: diese Seite zeigt, wie gut die früheren die späteren vorhersagten.</translation>
    </message>
    <message>
        <source>neither too optimistic nor too cautious</source>
        <translation>weder zu optimistisch noch zu vorsichtig</translation>
    </message>
    <message>
        <source>%1 too optimistic</source>
        <translation>%1 zu optimistisch</translation>
    </message>
    <message>
        <source>%1 too cautious</source>
        <translation>%1 zu vorsichtig</translation>
    </message>
    <message numerus="yes">
        <source>The last %n forecast(s) were &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; without fitting it would have been %3.</source>
        <translation>
            <numerusform>Die bisher einzige Prognose war &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; ohne Anpassung wären es %3.</numerusform>
            <numerusform>Die letzten %n Prognosen waren &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; ohne Anpassung wären es %3.</numerusform>
        </translation>
    </message>
    <message>
        <source>The stall speed is assumed, about %1: nothing slower than %2 is advised until the wing area is entered in the list.</source>
        <translation>Die Überziehgeschwindigkeit ist angenommen, etwa %1: langsamer als %2 wird nichts empfohlen, bis die Flügelfläche in der Liste steht.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::Bill</name>
    <message>
        <source>Distance and route</source>
        <translation>Strecke und Route</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>Gusts</source>
        <translation>Böen</translation>
    </message>
    <message>
        <source>Climbs</source>
        <translation>Steigflüge</translation>
    </message>
    <message>
        <source>Lift and sink</source>
        <translation>Aufwind und Abwind</translation>
    </message>
    <message>
        <source>Airspeed</source>
        <translation>Airspeed</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>Current sensor</source>
        <translation>Stromsensor</translation>
    </message>
    <message>
        <source>Unexplained</source>
        <translation>Ungeklärt</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Forecast %1 over %2, flown %3 over %4</source>
        <translation>Prognose %1 über %2, geflogen %3 über %4</translation>
    </message>
    <message>
        <source>%1: nothing stands out.</source>
        <translation>%1: nichts Auffälliges.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1: %2 %3, %4, %5</source>
        <translation>%1: %2 %3, %4, %5</translation>
    </message>
    <message>
        <source>%1 %2, %3</source>
        <translation>%1 %2, %3</translation>
    </message>
    <message>
        <source>The plan has no flight to compare with: it does not reach a turn point.</source>
        <translation>Der Plan hat keinen Flug zum Vergleichen: er erreicht keinen Umkehrpunkt.</translation>
    </message>
    <message>
        <source>The log is too short to show the wind: half a minute of flight cannot be compared with a plan.</source>
        <translation>Das Log ist zu kurz, um den Wind zu zeigen: eine halbe Minute Flug lässt sich nicht mit einem Plan vergleichen.</translation>
    </message>
    <message>
        <source>The log does not show the energy used: it needs voltage with current, or with a charge counter.</source>
        <translation>Das Log zeigt nicht, wie viel Energie verbraucht wurde: es braucht Spannung mit Strom, oder mit einem Ladungszähler.</translation>
    </message>
    <message>
        <source>The log does not show where the aircraft was: it needs positions, or ground speed with course.</source>
        <translation>Das Log zeigt nicht, wo das Modell war: es braucht Positionen, oder Geschwindigkeit über Grund mit Kurs.</translation>
    </message>
    <message>
        <source>distance and route</source>
        <translation>Strecke und Route</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>gusts</source>
        <translation>Böen</translation>
    </message>
    <message>
        <source>climbs</source>
        <translation>Steigflüge</translation>
    </message>
    <message>
        <source>lift and sink</source>
        <translation>Aufwind und Abwind</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>Airspeed</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>current sensor</source>
        <translation>Stromsensor</translation>
    </message>
    <message>
        <source>what is unexplained</source>
        <translation>Unerklärtes</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <comment>mean, spread</comment>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>Filed flights with a log show here what their forecasts missed.</source>
        <translation>Abgelegte Flüge mit Log zeigen hier, wo ihre Prognosen danebenlagen.</translation>
    </message>
    <message numerus="yes">
        <source>Reading the logs of %n flight(s) for what their forecasts missed …</source>
        <translation>
            <numerusform>Das Log von %n Flug wird gelesen: worin seine Prognose danebenlag …</numerusform>
            <numerusform>Die Logs von %n Flügen werden gelesen: worin ihre Prognosen danebenlagen …</numerusform>
        </translation>
    </message>
    <message>
        <source>What forecasts miss shows from two flights on whose logs have energy and positions.</source>
        <translation>Worin Prognosen danebenliegen, zeigt sich ab zwei Flügen, deren Logs Energie und Positionen enthalten.</translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) no cause consistently took more or less than forecast.</source>
        <translation>
            <numerusform>In %n Flug hat keine Ursache immer wieder mehr oder weniger gekostet als vorhergesagt.</numerusform>
            <numerusform>In %n Flügen hat keine Ursache immer wieder mehr oder weniger gekostet als vorhergesagt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 more than forecast.</source>
        <translation>
            <numerusform>In %n Flug immer wieder mehr als vorhergesagt: %1, %2.</numerusform>
            <numerusform>In %n Flügen immer wieder mehr als vorhergesagt: %1, %2.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 less than forecast.</source>
        <translation>
            <numerusform>In %n Flug immer wieder weniger als vorhergesagt: %1, %2.</numerusform>
            <numerusform>In %n Flügen immer wieder weniger als vorhergesagt: %1, %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 The flights differ most by %2.</source>
        <comment>a whole sentence, then a cause</comment>
        <translation>%1 Am meisten unterscheiden sich die Flüge durch: %2.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Columns</name>
    <message>
        <source>time since the start</source>
        <translation>Zeit seit Beginn</translation>
    </message>
    <message>
        <source>latitude</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>longitude</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>ground speed</source>
        <translation>Geschwindigkeit über Grund</translation>
    </message>
    <message>
        <source>course over ground</source>
        <translation>Kurs über Grund</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>Steuerkurs</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>Airspeed</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>pack voltage</source>
        <translation>Akkuspannung</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>Zellenspannung</translation>
    </message>
    <message>
        <source>pack current</source>
        <translation>Akkustrom</translation>
    </message>
    <message>
        <source>charge used</source>
        <translation>verbrauchte Ladung</translation>
    </message>
    <message>
        <source>energy used</source>
        <translation>verbrauchte Energie</translation>
    </message>
    <message>
        <source>throttle</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>link quality</source>
        <translation>Linkqualität</translation>
    </message>
    <message>
        <source>signal</source>
        <translation>Signal</translation>
    </message>
    <message>
        <source>satellites</source>
        <translation>Satelliten</translation>
    </message>
    <message>
        <source>GPS height</source>
        <translation>GPS-Höhe</translation>
    </message>
    <message>
        <source>wind speed, aircraft&apos;s estimate</source>
        <translation>Windgeschwindigkeit, Schätzung des Modells</translation>
    </message>
    <message>
        <source>wind direction, aircraft&apos;s estimate</source>
        <translation>Windrichtung, Schätzung des Modells</translation>
    </message>
    <message>
        <source>solar array current</source>
        <translation>Strom des Solarfelds</translation>
    </message>
    <message>
        <source>motor current</source>
        <translation>Motorstrom</translation>
    </message>
    <message>
        <source>pack power</source>
        <translation>Akkuleistung</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Wh</source>
        <translation>Wh</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>not used</source>
        <translation>nicht verwendet</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>time of day</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>Datum und Uhrzeit</translation>
    </message>
    <message>
        <source>latitude and longitude</source>
        <translation>Breite und Länge</translation>
    </message>
    <message>
        <source>cannot be read that way</source>
        <translation>lässt sich so nicht lesen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>latitude, longitude</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>no value in the first rows</source>
        <translation>kein Wert in den ersten Zeilen</translation>
    </message>
    <message>
        <source>video link quality</source>
        <translation>Qualität der Videoverbindung</translation>
    </message>
    <message>
        <source>video signal</source>
        <translation>Videosignal</translation>
    </message>
    <message>
        <source>video bit rate</source>
        <translation>Bitrate des Videos</translation>
    </message>
    <message>
        <source>Mbit/s</source>
        <translation>Mbit/s</translation>
    </message>
    <message>
        <source>part of the time of day</source>
        <translation>Teil der Uhrzeit</translation>
    </message>
    <message>
        <source>part of the date</source>
        <translation>Teil des Datums</translation>
    </message>
    <message>
        <source>volts of all cells</source>
        <translation>Spannungen aller Zellen</translation>
    </message>
    <message>
        <source>%1, lowest cell %2</source>
        <translation>%1, schwächste Zelle %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::Dates</name>
    <message>
        <source>d MMMM yyyy</source>
        <comment>pattern of Qt&apos;s date format</comment>
        <translation>d. MMMM yyyy</translation>
    </message>
</context>
<context>
    <name>sobremesa::Edits</name>
    <message>
        <source>add aircraft %1</source>
        <translation>Modell %1 hinzufügen</translation>
    </message>
    <message>
        <source>add aircraft</source>
        <translation>Modell hinzufügen</translation>
    </message>
    <message>
        <source>change aircraft %1</source>
        <translation>Modell %1 ändern</translation>
    </message>
    <message>
        <source>change aircraft</source>
        <translation>Modell ändern</translation>
    </message>
    <message>
        <source>duplicate aircraft %1</source>
        <translation>Modell %1 duplizieren</translation>
    </message>
    <message>
        <source>duplicate aircraft</source>
        <translation>Modell duplizieren</translation>
    </message>
    <message>
        <source>retire %1</source>
        <translation>%1 aussondern</translation>
    </message>
    <message>
        <source>retire aircraft</source>
        <translation>Modell aussondern</translation>
    </message>
    <message>
        <source>return %1 to use</source>
        <translation>%1 wieder verwenden</translation>
    </message>
    <message>
        <source>return aircraft to use</source>
        <translation>Modell wieder verwenden</translation>
    </message>
    <message>
        <source>remove aircraft %1</source>
        <translation>Modell %1 entfernen</translation>
    </message>
    <message>
        <source>remove aircraft</source>
        <translation>Modell entfernen</translation>
    </message>
    <message>
        <source>add pack %1</source>
        <translation>Akku %1 hinzufügen</translation>
    </message>
    <message>
        <source>add pack</source>
        <translation>Akku hinzufügen</translation>
    </message>
    <message>
        <source>change pack %1</source>
        <translation>Akku %1 ändern</translation>
    </message>
    <message>
        <source>change pack</source>
        <translation>Akku ändern</translation>
    </message>
    <message>
        <source>duplicate pack %1</source>
        <translation>Akku %1 duplizieren</translation>
    </message>
    <message>
        <source>duplicate pack</source>
        <translation>Akku duplizieren</translation>
    </message>
    <message>
        <source>retire pack</source>
        <translation>Akku aussondern</translation>
    </message>
    <message>
        <source>return pack to use</source>
        <translation>Akku wieder verwenden</translation>
    </message>
    <message>
        <source>remove pack %1</source>
        <translation>Akku %1 entfernen</translation>
    </message>
    <message>
        <source>remove pack</source>
        <translation>Akku entfernen</translation>
    </message>
    <message>
        <source>add plan %1</source>
        <translation>Plan %1 hinzufügen</translation>
    </message>
    <message>
        <source>add plan</source>
        <translation>Plan hinzufügen</translation>
    </message>
    <message>
        <source>duplicate plan %1</source>
        <translation>Plan %1 duplizieren</translation>
    </message>
    <message>
        <source>duplicate plan</source>
        <translation>Plan duplizieren</translation>
    </message>
    <message>
        <source>remove plan %1</source>
        <translation>Plan %1 entfernen</translation>
    </message>
    <message>
        <source>remove plan</source>
        <translation>Plan entfernen</translation>
    </message>
    <message>
        <source>rename plan to %1</source>
        <translation>Plan in %1 umbenennen</translation>
    </message>
    <message>
        <source>rename plan</source>
        <translation>Plan umbenennen</translation>
    </message>
    <message>
        <source>choose aircraft %1</source>
        <translation>Modell %1 wählen</translation>
    </message>
    <message>
        <source>choose aircraft</source>
        <translation>Modell wählen</translation>
    </message>
    <message>
        <source>choose pack %1</source>
        <translation>Akku %1 wählen</translation>
    </message>
    <message>
        <source>choose pack</source>
        <translation>Akku wählen</translation>
    </message>
    <message>
        <source>change wind in %1</source>
        <translation>Wind in %1 ändern</translation>
    </message>
    <message>
        <source>change wind</source>
        <translation>Wind ändern</translation>
    </message>
    <message>
        <source>change temperature in %1</source>
        <translation>Temperatur in %1 ändern</translation>
    </message>
    <message>
        <source>change temperature</source>
        <translation>Temperatur ändern</translation>
    </message>
    <message>
        <source>change bearing in %1</source>
        <translation>Kurs in %1 ändern</translation>
    </message>
    <message>
        <source>change bearing</source>
        <translation>Kurs ändern</translation>
    </message>
    <message>
        <source>change mission in %1</source>
        <translation>Mission in %1 ändern</translation>
    </message>
    <message>
        <source>change mission</source>
        <translation>Mission ändern</translation>
    </message>
    <message>
        <source>change height in %1</source>
        <translation>Höhe in %1 ändern</translation>
    </message>
    <message>
        <source>change height</source>
        <translation>Höhe ändern</translation>
    </message>
    <message>
        <source>change reserve in %1</source>
        <translation>Reserve in %1 ändern</translation>
    </message>
    <message>
        <source>change reserve</source>
        <translation>Reserve ändern</translation>
    </message>
    <message>
        <source>change landing voltage in %1</source>
        <translation>Landespannung in %1 ändern</translation>
    </message>
    <message>
        <source>change landing voltage</source>
        <translation>Landespannung ändern</translation>
    </message>
    <message>
        <source>change rules in %1</source>
        <translation>Regeln in %1 ändern</translation>
    </message>
    <message>
        <source>change rules</source>
        <translation>Regeln ändern</translation>
    </message>
    <message>
        <source>change plan %1</source>
        <translation>Plan %1 ändern</translation>
    </message>
    <message>
        <source>change plan</source>
        <translation>Plan ändern</translation>
    </message>
    <message>
        <source>file flight %1</source>
        <translation>Flug %1 ablegen</translation>
    </message>
    <message>
        <source>file flight</source>
        <translation>Flug ablegen</translation>
    </message>
    <message>
        <source>calibrate flight %1 and others</source>
        <translation>Flug %1 und andere kalibrieren</translation>
    </message>
    <message>
        <source>calibrate flights</source>
        <translation>Flüge kalibrieren</translation>
    </message>
    <message>
        <source>change flight %1</source>
        <translation>Flug %1 ändern</translation>
    </message>
    <message>
        <source>change flight</source>
        <translation>Flug ändern</translation>
    </message>
    <message>
        <source>remove flight %1</source>
        <translation>Flug %1 entfernen</translation>
    </message>
    <message>
        <source>remove flight</source>
        <translation>Flug entfernen</translation>
    </message>
    <message>
        <source>fit the curve of %1</source>
        <translation>Kurve von %1 anpassen</translation>
    </message>
    <message>
        <source>fit an aircraft&apos;s curve</source>
        <translation>Kurve eines Modells anpassen</translation>
    </message>
    <message>
        <source>discard the curve of %1</source>
        <translation>Kurve von %1 verwerfen</translation>
    </message>
    <message>
        <source>discard an aircraft&apos;s curve</source>
        <translation>Kurve eines Modells verwerfen</translation>
    </message>
    <message>
        <source>exclude flight %1</source>
        <translation>Flug %1 ausschließen</translation>
    </message>
    <message>
        <source>exclude a flight</source>
        <translation>Flug ausschließen</translation>
    </message>
    <message>
        <source>fit pack %1 to its flights</source>
        <translation>Akku %1 an seine Flüge anpassen</translation>
    </message>
    <message>
        <source>fit a pack to its flights</source>
        <translation>Akku an seine Flüge anpassen</translation>
    </message>
    <message>
        <source>discard the fit of pack %1</source>
        <translation>Anpassung von Akku %1 verwerfen</translation>
    </message>
    <message>
        <source>discard the fit of a pack</source>
        <translation>Anpassung eines Akkus verwerfen</translation>
    </message>
    <message>
        <source>freeze or unfreeze the fit of pack %1</source>
        <translation>Anpassung von Akku %1 einfrieren oder lösen</translation>
    </message>
    <message>
        <source>freeze or unfreeze the fit of a pack</source>
        <translation>Anpassung eines Akkus einfrieren oder lösen</translation>
    </message>
    <message>
        <source>import %1</source>
        <translation>%1 importieren</translation>
    </message>
    <message>
        <source>import a logbook</source>
        <translation>Logbuch importieren</translation>
    </message>
</context>
<context>
    <name>sobremesa::Explanations</name>
    <message>
        <source>The pack is discharged at cruise power: its voltage is the resting curve at the charge within reach, less current times resistance, and the current is whatever gives that power. Charge that the load draws faster than the cells can follow is out of reach until they rest; cold slows them and raises the resistance, their own heat helps. It ends when the voltage, averaged over 10 s, reaches the landing voltage.</source>
        <translation>Der Akku wird mit Reiseleistung entladen: seine Spannung ist die Ruhekurve bei der erreichbaren Ladung, minus Strom mal Widerstand, und der Strom ist, was diese Leistung ergibt. Ladung, die die Last schneller zieht, als die Zellen folgen können, ist außer Reichweite, bis sie ruhen; Kälte bremst sie und erhöht den Widerstand, ihre eigene Wärme hilft. Es endet, wenn die über 10 s gemittelte Spannung die Landespannung erreicht.</translation>
    </message>
    <message>
        <source>Your known cruise, scaled by physics to this mass and this air: induced power grows with mass, drag power with density.</source>
        <translation>Dein bekannter Reiseflug, physikalisch auf diese Masse und diese Luft umgerechnet: die induzierte Leistung wächst mit der Masse, die Widerstandsleistung mit der Dichte.</translation>
    </message>
    <message>
        <source>The heading is turned into the wind until the aircraft stays on course; the airspeed along the course, less the headwind, is the ground speed. The return leg uses the worst credible wind.</source>
        <translation>Der Steuerkurs wird in den Wind gedreht, bis das Modell auf Kurs bleibt; die Airspeed entlang des Kurses, minus Gegenwind, ist die Geschwindigkeit über Grund. Der Rückflug rechnet mit dem ungünstigsten anzunehmenden Wind.</translation>
    </message>
    <message>
        <source>Flying out, the remaining energy falls and the energy needed to get home rises. The turn is where the remaining energy equals the return leg plus the reserve.</source>
        <translation>Auf dem Hinflug fällt die verbleibende Energie, und die Energie für den Heimweg steigt. Umkehr ist, wo die verbleibende Energie gleich Rückflug plus Reserve ist.</translation>
    </message>
    <message>
        <source>Half of the charge at which the pilot lands.</source>
        <translation>Die Hälfte der Ladung, bei der der Pilot landet.</translation>
    </message>
    <message>
        <source>The chosen share of the usable charge remains, whatever wind and distance say.</source>
        <translation>Der gewählte Anteil der nutzbaren Ladung bleibt, was immer Wind und Entfernung sagen.</translation>
    </message>
    <message>
        <source>The voltage of this pack under cruise load when half the charge down to the landing voltage is used.</source>
        <translation>Die Spannung dieses Akkus unter Reiselast, wenn die halbe Ladung bis zur Landespannung verbraucht ist.</translation>
    </message>
    <message>
        <source>Climb, outbound leg, return leg in the worst credible wind, and descent, added up.</source>
        <translation>Steigflug, Hinflug, Rückflug im ungünstigsten anzunehmenden Wind und Abstieg, zusammengezählt.</translation>
    </message>
    <message>
        <source>Remaining at the turn, less what the return leg needs in the worst credible wind.</source>
        <translation>Rest bei der Umkehr, abzüglich dessen, was der Rückflug im ungünstigsten anzunehmenden Wind braucht.</translation>
    </message>
    <message>
        <source>Charge used on that leg, climb and descent included, divided by its ground distance.</source>
        <translation>Auf diesem Abschnitt verbrauchte Ladung, mit Steigen und Sinken, geteilt durch seine Strecke über Grund.</translation>
    </message>
    <message>
        <source>Energy used on that leg, climb and descent included, divided by its ground distance.</source>
        <translation>Auf diesem Abschnitt verbrauchte Energie, mit Steigen und Sinken, geteilt durch seine Strecke über Grund.</translation>
    </message>
    <message>
        <source>Current integrated over time, row by row; gaps in the record are left out.</source>
        <translation>Strom über der Zeit integriert, Zeile für Zeile; Lücken der Aufzeichnung bleiben aus.</translation>
    </message>
    <message>
        <source>Voltage times current integrated over time, row by row; gaps in the record are left out.</source>
        <translation>Spannung mal Strom über der Zeit integriert, Zeile für Zeile; Lücken der Aufzeichnung bleiben aus.</translation>
    </message>
    <message>
        <source>Chords of 20 m or more between good positions, added up; anything shorter is treated as scatter.</source>
        <translation>Sehnen von 20 m und mehr zwischen guten Positionen, zusammengezählt; alles Kürzere gilt als Streuung.</translation>
    </message>
    <message>
        <source>The greatest straight distance from home to a good position.</source>
        <translation>Die größte gerade Entfernung vom Startpunkt zu einer guten Position.</translation>
    </message>
    <message>
        <source>Energy used divided by ground distance, wind and climbs included.</source>
        <translation>Verbrauchte Energie geteilt durch die Strecke über Grund, Wind und Steigflüge enthalten.</translation>
    </message>
    <message>
        <source>Charge used divided by ground distance, wind and climbs included.</source>
        <translation>Verbrauchte Ladung geteilt durch die Strecke über Grund, Wind und Steigflüge enthalten.</translation>
    </message>
    <message>
        <source>From the first row to the last.</source>
        <translation>Von der ersten bis zur letzten Zeile.</translation>
    </message>
    <message>
        <source>The lowest value of that column, zero readings excluded.</source>
        <translation>Der niedrigste Wert dieser Spalte, Nullwerte ausgeschlossen.</translation>
    </message>
    <message>
        <source>The highest reading of that column. A sensor may have missed a shorter, higher peak.</source>
        <translation>Der höchste Wert dieser Spalte. Eine kürzere, höhere Spitze kann dem Sensor entgangen sein.</translation>
    </message>
    <message>
        <source>The integral over time, divided by the recorded time.</source>
        <translation>Das Integral über der Zeit, geteilt durch die aufgezeichnete Zeit.</translation>
    </message>
    <message>
        <source>All the charge of its flights (recharged where entered, else counted), divided by the label capacity.</source>
        <translation>Alle Ladung seiner Flüge (nachgeladen, wo eingetragen, sonst gezählt), geteilt durch die aufgedruckte Kapazität.</translation>
    </message>
    <message>
        <source>Rated capacity of one cell times the cells in parallel: what the label says. A flight can use less.</source>
        <translation>Nennkapazität einer Zelle mal Zellen parallel: was der Aufdruck sagt. Ein Flug kann weniger nutzen.</translation>
    </message>
    <message>
        <source>Counted in the logbook; removed flights are not counted.</source>
        <translation>Im Logbuch gezählt; entfernte Flüge zählen nicht.</translation>
    </message>
    <message>
        <source>At every row: the forecast&apos;s usable energy, less the energy counted so far, less what the return leg and its reserve needed from there. The minimum of all rows.</source>
        <translation>In jeder Zeile: die nutzbare Energie der Prognose, abzüglich der bis dahin gezählten und dessen, was Rückflug und Reserve von dort brauchten. Das Minimum aller Zeilen.</translation>
    </message>
    <message>
        <source>What the selected pack holds down to its landing voltage, less what was counted. Only as good as the current sensor&apos;s scale.</source>
        <translation>Was der gewählte Akku bis zur Landespannung enthält, abzüglich des Gezählten. Nur so gut wie die Skalierung des Stromsensors.</translation>
    </message>
    <message>
        <source>The pack is discharged at this load: its voltage is the resting curve at the charge within reach, less current times resistance. Charge that the load draws faster than the cells can follow is out of reach until they rest; a rate table says how much, or the kind of cell. Cold slows the cells and raises their resistance, their own heat helps. It ends at the landing voltage.</source>
        <translation>Der Akku wird mit dieser Last entladen: seine Spannung ist die Ruhekurve bei der erreichbaren Ladung, minus Strom mal Widerstand. Ladung, die die Last schneller zieht, als die Zellen folgen können, ist außer Reichweite, bis sie ruhen; wie viel, sagt eine Entladetabelle oder der Zelltyp. Kälte bremst die Zellen und erhöht ihren Widerstand, ihre eigene Wärme hilft. Es endet an der Landespannung.</translation>
    </message>
    <message>
        <source>The aircraft&apos;s known cruise, scaled to its mass with this pack, discharges the pack to its landing voltage, less the reserve; time in the air times the mean ground speed, out and back in the wind, is the distance.</source>
        <translation>Der bekannte Reiseflug des Modells, auf seine Masse mit diesem Akku umgerechnet, entlädt den Akku bis zur Landespannung, weniger die Reserve; Flugzeit mal mittlere Geschwindigkeit über Grund, hin und zurück im Wind, ist die Strecke.</translation>
    </message>
    <message>
        <source>The aircraft without its pack, and the pack.</source>
        <translation>Das Modell ohne Akku, und der Akku.</translation>
    </message>
    <message>
        <source>Label energy divided by measured mass; energy uses the chemistry&apos;s mean resting voltage. Compare mAh only between packs with as many cells in series; Wh compare all.</source>
        <translation>Aufgedruckte Energie geteilt durch gemessene Masse; die Energie nimmt die mittlere Ruhespannung der Chemie. mAh vergleichen nur Akkus mit gleich vielen Zellen in Reihe; Wh vergleichen alle.</translation>
    </message>
    <message>
        <source>Price divided by rated energy.</source>
        <translation>Preis geteilt durch Nennenergie.</translation>
    </message>
    <message>
        <source>Cells, strips, leads, connector and wrap, added up.</source>
        <translation>Zellen, Verbinder, Kabel, Stecker und Hülle, zusammengezählt.</translation>
    </message>
    <message>
        <source>Cells in series over cells in parallel, the strips between them (length over cross-section times resistivity), and the leads.</source>
        <translation>Zellen in Reihe durch Zellen parallel, die Verbinder dazwischen (Länge durch Querschnitt mal spezifischem Widerstand) und die Kabel.</translation>
    </message>
    <message>
        <source>The lesser of the cells&apos; continuous rating and what the strips carry without settling more than 30 K above the air under the wrap.</source>
        <translation>Der kleinere Wert aus dem Dauerstrom der Zellen und dem, was die Verbinder tragen, ohne sich mehr als 30 K über die Luft unter der Hülle zu erwärmen.</translation>
    </message>
    <message>
        <source>Time flown, times the charge of a full flight over the charge put back, as if the current stayed the same.</source>
        <translation>Flugzeit mal Ladung eines vollen Flugs durch nachgeladene Ladung, als bliebe der Strom gleich.</translation>
    </message>
    <message>
        <source>The power that draws the charge put back in the time flown, held until the charge of a full flight is used: the current grows as the voltage falls, so it is a little less.</source>
        <translation>Die Leistung, die in der Flugzeit die nachgeladene Ladung zieht, gehalten, bis die Ladung eines vollen Flugs verbraucht ist: der Strom wächst mit fallender Spannung, es ist also etwas weniger.</translation>
    </message>
    <message>
        <source>Least-squares line through the readings over full cycles, at the last of them; its error from their scatter, never less than the instrument&apos;s.</source>
        <translation>Ausgleichsgerade durch die Messwerte über den Vollzyklen, beim letzten; ihr Fehler aus der Streuung, nie kleiner als der des Messgeräts.</translation>
    </message>
    <message>
        <source>Where that line meets 80 % of the label capacity, the usual end of a pack&apos;s flying life.</source>
        <translation>Wo diese Gerade 80 % der aufgedruckten Kapazität erreicht, das übliche Ende des Fluglebens eines Akkus.</translation>
    </message>
    <message>
        <source>Whenever the current changes within seconds, the voltage changes with it: the slope of all these steps, divided by the cells in series and times those in parallel. Leads and strips are included.</source>
        <translation>Ändert sich der Strom innerhalb von Sekunden, ändert sich die Spannung mit: die Steigung all dieser Sprünge, geteilt durch die Zellen in Reihe und mal die parallelen. Kabel und Verbinder sind enthalten.</translation>
    </message>
    <message>
        <source>One fit to everything at once: the voltage of every flight against its charge and current, recharges, resting voltages and charger readings, for the pack and for the sensors that recorded it. A recharge after a flight close to empty narrows it most; evidence that does not fit the rest is excluded and named.</source>
        <translation>Eine Anpassung an alles zugleich: die Spannung jedes Flugs gegen Ladung und Strom, Nachladungen, Ruhespannungen und Ladegerätwerte, für den Akku und die Sensoren, die ihn aufzeichneten. Am meisten grenzt ihn eine Nachladung nach einem fast leeren Flug ein; was zum Rest nicht passt, wird ausgeschlossen und genannt.</translation>
    </message>
    <message>
        <source>Counted charge, resting voltage and recharge, each weighted by its own error; where they disagree, the error is at least half their difference.</source>
        <translation>Gezählte Ladung, Ruhespannung und Nachladung, jede nach ihrem Fehler gewichtet; wo sie sich widersprechen, ist der Fehler mindestens ihr halber Unterschied.</translation>
    </message>
    <message>
        <source>At a steady airspeed the ground velocities of a turning aircraft lie on a circle: its centre is the wind, its radius the airspeed.</source>
        <translation>Bei gleichbleibender Airspeed liegen die Grundgeschwindigkeiten eines kurvenden Modells auf einem Kreis: sein Mittelpunkt ist der Wind, sein Radius die Airspeed.</translation>
    </message>
    <message>
        <source>Speed integrated over time, second by second; through the air with the wind removed.</source>
        <translation>Geschwindigkeit über der Zeit integriert, Sekunde für Sekunde; durch die Luft ohne den Wind.</translation>
    </message>
    <message>
        <source>Power while the aircraft neither climbed nor descended, corrected for height gained or lost, divided by the airspeed flown.</source>
        <translation>Leistung, während das Modell weder stieg noch sank, um gewonnene und verlorene Höhe korrigiert, geteilt durch die geflogene Airspeed.</translation>
    </message>
    <message>
        <source>All the charge put back by the charger over all that was counted: the sensor&apos;s scale is off by that factor. Large flights weigh more.</source>
        <translation>Alle nachgeladene Ladung durch alle gezählte: um diesen Faktor ist die Skalierung des Sensors falsch. Große Flüge wiegen mehr.</translation>
    </message>
    <message>
        <source>How far the power of single seconds lies from the mean while the aircraft flew level: gusts, lift and the pilot&apos;s thumbs. Half of it comes back when the gust is over; the rest is their price.</source>
        <translation>Wie weit die Leistung einzelner Sekunden im Horizontalflug vom Mittel abweicht: Böen, Aufwind und die Daumen des Piloten. Die Hälfte kommt nach der Böe zurück; der Rest ist ihr Preis.</translation>
    </message>
    <message>
        <source>What the electronics draw whatever the aircraft does, divided by the mean power of the flight.</source>
        <translation>Was die Elektronik braucht, was immer das Modell tut, geteilt durch die mittlere Leistung des Flugs.</translation>
    </message>
    <message>
        <source>Height gained in climbs, at the cost per metre that this flight shows, divided by all the energy used. Some of it came back in the descents.</source>
        <translation>In Steigflügen gewonnene Höhe, zu den Kosten je Meter, die dieser Flug zeigt, geteilt durch alle verbrauchte Energie. Ein Teil kam in den Abstiegen zurück.</translation>
    </message>
    <message>
        <source>The steps between rows in which the current exceeded that part&apos;s rating, added up.</source>
        <translation>Die Schritte zwischen Zeilen, in denen der Strom über dem Nennwert dieses Teils lag, zusammengezählt.</translation>
    </message>
    <message>
        <source>A line through the readings (signal over the logarithm of distance, link quality over distance), lowered to their worst tenth and extrapolated to the failsafe level: never beyond three times the distance flown.</source>
        <translation>Eine Gerade durch die Messwerte (Signal über dem Logarithmus der Entfernung, Linkqualität über der Entfernung), auf ihr schlechtestes Zehntel gesenkt und bis zur Failsafe-Schwelle fortgesetzt: nie über das Dreifache der geflogenen Entfernung.</translation>
    </message>
    <message>
        <source>The selected pack, with the counted charge removed, discharged further at this flight&apos;s level power down to that landing voltage, less the reserve; times the airspeed, or the mean ground speed where no wind is known.</source>
        <translation>Der gewählte Akku ohne die gezählte Ladung, mit der Horizontalleistung dieses Flugs weiter bis zu jener Landespannung entladen, weniger die Reserve; mal die Airspeed, oder die mittlere Geschwindigkeit über Grund, wo kein Wind bekannt ist.</translation>
    </message>
    <message>
        <source>Voltage times that sensor&apos;s current integrated over time; gaps in the record are left out.</source>
        <translation>Spannung mal Strom jenes Sensors über der Zeit integriert; Lücken der Aufzeichnung bleiben aus.</translation>
    </message>
    <message>
        <source>What the flight took level in still air, converted to the common speed and mass by the physics of its aircraft; climbs and wind are excluded.</source>
        <translation>Was der Flug horizontal bei Windstille brauchte, mit der Physik des Modells auf gleiches Tempo und gleiche Masse umgerechnet; Steigflüge und Wind sind ausgeschlossen.</translation>
    </message>
    <message>
        <source>A physical curve (induced power falls with speed, drag power grows with its cube) fitted to the level flight of all its logs; outliers weigh less, and where nothing was flown the kind of aircraft decides.</source>
        <translation>Eine physikalische Kurve (die induzierte Leistung fällt mit dem Tempo, die Widerstandsleistung wächst mit der dritten Potenz), an den Horizontalflug all seiner Logs angepasst; Ausreißer wiegen weniger, und wo nichts geflogen wurde, entscheidet die Bauart.</translation>
    </message>
    <message>
        <source>Where the curve is lowest, never below 1.2 times the stall speed.</source>
        <translation>Wo die Kurve am tiefsten ist, nie unter dem 1,2-Fachen der Überziehgeschwindigkeit.</translation>
    </message>
    <message>
        <source>Where power over ground speed is lowest in this wind: a headwind asks for more speed, a tailwind for less. Never below 1.2 times the stall speed.</source>
        <translation>Wo Leistung durch Geschwindigkeit über Grund in diesem Wind am kleinsten ist: Gegenwind verlangt mehr Tempo, Rückenwind weniger. Nie unter dem 1,2-Fachen der Überziehgeschwindigkeit.</translation>
    </message>
    <message>
        <source>Where the curve reaches half of full power: beyond it nothing is left for gusts and climbs.</source>
        <translation>Wo die Kurve die Hälfte der vollen Leistung erreicht: darüber bleibt nichts für Böen und Steigflüge.</translation>
    </message>
    <message>
        <source>Its climb rate, less what its power beyond level flight buys in climb: what the air itself did.</source>
        <translation>Seine Steigrate, abzüglich dessen, was seine Leistung über den Horizontalflug hinaus an Steigen bringt: was die Luft selbst tat.</translation>
    </message>
    <message>
        <source>Where the wing&apos;s maximum lift coefficient just carries the mass: √(2·m·g/(ρ·S·C_L,max)).</source>
        <translation>Wo der größte Auftriebsbeiwert des Flügels die Masse gerade trägt: √(2·m·g/(ρ·S·C_L,max)).</translation>
    </message>
    <message>
        <source>Each flight forecast from earlier flights only, divided by what it really took: the mean, and its spread from flight to flight.</source>
        <translation>Jeder Flug nur aus früheren vorhergesagt, geteilt durch den wirklichen Verbrauch: das Mittel und die Streuung von Flug zu Flug.</translation>
    </message>
    <message>
        <source>The worst that the flight meets from launch to landing, compared with what is allowed.</source>
        <translation>Das Schlechteste, das der Flug von Start bis Landung trifft, verglichen mit dem Erlaubten.</translation>
    </message>
    <message>
        <source>Irradiance of that sky on the cells, through the array&apos;s current–voltage curve at its temperature and through the converter.</source>
        <translation>Die Einstrahlung dieses Himmels auf die Zellen, durch die Strom-Spannungs-Kurve des Solarfelds bei seiner Temperatur und durch den Wandler.</translation>
    </message>
    <message>
        <source>Array power less level-flight power; with the climb efficiency and the weight it is a climb rate.</source>
        <translation>Leistung des Solarfelds minus Leistung im Horizontalflug; mit dem Steigwirkungsgrad und dem Gewicht ist sie eine Steigrate.</translation>
    </message>
    <message>
        <source>Array power goes to the motor first, the rest into the pack until it is full; what is missing comes out of the pack, minute by minute, until the landing voltage.</source>
        <translation>Die Leistung des Solarfelds geht zuerst an den Motor, der Rest in den Akku, bis er voll ist; was fehlt, kommt aus dem Akku, Minute für Minute, bis zur Landespannung.</translation>
    </message>
    <message>
        <source>The pack model is followed through the flight; the array&apos;s current is whatever makes its voltage come out as logged, at steady power.</source>
        <translation>Das Akkumodell wird durch den Flug verfolgt; der Strom des Solarfelds ist, was seine Spannung so herauskommen lässt wie im Log, bei gleichbleibender Leistung.</translation>
    </message>
    <message>
        <source>An ideal source with a resistance in series; resting curves from common practice.</source>
        <translation>Ideale Quelle mit Reihenwiderstand; Ruhekurven aus gängiger Praxis.</translation>
    </message>
    <message>
        <source>Leishman, Principles of Helicopter Aerodynamics; Anderson, Introduction to Flight. Shares from common practice.</source>
        <translation>Leishman, Principles of Helicopter Aerodynamics; Anderson, Introduction to Flight. Anteile aus gängiger Praxis.</translation>
    </message>
    <message>
        <source>FAA-H-8083-25, Pilot’s Handbook of Aeronautical Knowledge, ch. 16.</source>
        <translation>FAA-H-8083-25, Pilot’s Handbook of Aeronautical Knowledge, Kap. 16.</translation>
    </message>
    <message>
        <source>Point of no return, standard texts of air navigation.</source>
        <translation>Umkehrgrenzpunkt, Standardwerke der Luftnavigation.</translation>
    </message>
    <message>
        <source>Common practice among pilots; no published source.</source>
        <translation>Gängige Praxis unter Piloten; keine veröffentlichte Quelle.</translation>
    </message>
    <message>
        <source>Karney 2013, geodesics on the WGS 84 ellipsoid.</source>
        <translation>Karney 2013, Geodäten auf dem Ellipsoid WGS 84.</translation>
    </message>
    <message>
        <source>A source with a resistance in series, its charge in two wells joined by a slow passage (after Manwell &amp; McGowan, Solar Energy 50(5), 1993). Resting curves and defaults from common practice.</source>
        <translation>Quelle mit Reihenwiderstand, deren Ladung in zwei durch einen langsamen Durchgang verbundenen Behältern liegt (nach Manwell &amp; McGowan, Solar Energy 50(5), 1993). Ruhekurven und Vorgaben aus gängiger Praxis.</translation>
    </message>
    <message>
        <source>The log itself.</source>
        <translation>Das Log selbst.</translation>
    </message>
    <message>
        <source>ITU-R P.525 for free space, 4/3 earth radius for the horizon, ITU-R P.530 for the zone.</source>
        <translation>ITU-R P.525 für den Freiraum, 4/3-Erdradius für den Horizont, ITU-R P.530 für die Zone.</translation>
    </message>
    <message>
        <source>Position of the sun: libnova (VSOP87). Clear sky: Haurwitz 1945; cloud: Kasten &amp; Czeplak 1980; direct share: Erbs and others 1982; cells: single-diode equation, temperature by Faiman 2008.</source>
        <translation>Sonnenstand: libnova (VSOP87). Klarer Himmel: Haurwitz 1945; Bewölkung: Kasten &amp; Czeplak 1980; direkter Anteil: Erbs und andere 1982; Zellen: Eindiodengleichung, Temperatur nach Faiman 2008.</translation>
    </message>
    <message>
        <source>Least squares, standard statistics texts.</source>
        <translation>Kleinste Quadrate, Standardwerke der Statistik.</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>computed</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>value, error</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>quantity: value</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: %2 (%3)</source>
        <comment>input: value (origin)</comment>
        <translation>%1: %2 (%3)</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
    </message>
    <message>
        <source>Usable is taken as 80 % of the rated capacity, less what is missing at launch; half of that is used outbound.</source>
        <translation>Als nutzbar gelten 80 % der Nennkapazität, abzüglich dessen, was beim Start fehlt; die Hälfte davon ist für den Hinflug.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Fields</name>
    <message>
        <source>Electronics by parts</source>
        <translation>Elektronik nach Teilen</translation>
    </message>
    <message>
        <source>Use one of: %1.</source>
        <translation>Möglich sind: %1.</translation>
    </message>
    <message>
        <source>This is not a number. Enter 12.5 or 12,5.</source>
        <translation>Das ist keine Zahl. Schreibe 12.5 oder 12,5.</translation>
    </message>
    <message>
        <source>“%1” is not a unit of this field: enter a plain number.</source>
        <translation>„%1“ ist keine Einheit dieses Felds: schreibe eine bloße Zahl.</translation>
    </message>
    <message>
        <source>“%1” is not a unit of this field. Enter the number in %2.</source>
        <translation>„%1“ ist keine Einheit dieses Felds. Schreibe die Zahl in %2.</translation>
    </message>
    <message>
        <source>The number of cells is a whole number: enter one without a fraction.</source>
        <translation>Die Zellenzahl ist eine ganze Zahl: schreibe sie ohne Nachkommastellen.</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>cruise</source>
        <translation>Reiseflug</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>electronics</source>
        <translation>Elektronik</translation>
    </message>
    <message>
        <source>full power</source>
        <translation>volle Leistung</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Mass without pack</source>
        <translation>Masse ohne Akku</translation>
    </message>
    <message>
        <source>Cruise airspeed</source>
        <translation>Airspeed im Reiseflug</translation>
    </message>
    <message>
        <source>Cruise power</source>
        <translation>Reiseleistung</translation>
    </message>
    <message>
        <source>total, from the pack, in still air; amps are understood too</source>
        <translation>gesamt, aus dem Akku, bei Windstille; auch Ampere werden verstanden</translation>
    </message>
    <message>
        <source>or cruise current</source>
        <translation>oder Reisestrom</translation>
    </message>
    <message>
        <source>from this pack at half charge, instead of watts</source>
        <translation>aus diesem Akku bei halber Ladung, statt Watt</translation>
    </message>
    <message>
        <source>Electronics</source>
        <translation>Elektronik</translation>
    </message>
    <message>
        <source>Full power</source>
        <translation>Volle Leistung</translation>
    </message>
    <message>
        <source>full stick, level, full pack. Empty: headroom is not checked</source>
        <translation>Vollgas, horizontal, voller Akku. Leer: Leistungsreserve wird nicht geprüft</translation>
    </message>
    <message>
        <source>chemistry</source>
        <translation>Chemie</translation>
    </message>
    <message>
        <source>series</source>
        <translation>Reihe</translation>
    </message>
    <message>
        <source>parallel</source>
        <translation>parallel</translation>
    </message>
    <message>
        <source>per cell</source>
        <translation>pro Zelle</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>Chemistry</source>
        <translation>Chemie</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Zellen in Reihe</translation>
    </message>
    <message>
        <source>Cells in parallel</source>
        <translation>Zellen parallel</translation>
    </message>
    <message>
        <source>Cell capacity</source>
        <translation>Zellenkapazität</translation>
    </message>
    <message>
        <source>Cell resistance</source>
        <translation>Zellenwiderstand</translation>
    </message>
    <message>
        <source>as a charger shows it. Empty: assumed by chemistry and size (common practice)</source>
        <translation>wie ein Ladegerät ihn zeigt. Leer: nach Chemie und Größe angenommen (gängige Praxis)</translation>
    </message>
    <message>
        <source>Pack mass</source>
        <translation>Akkumasse</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Heaviest pack</source>
        <translation>Schwerster Akku</translation>
    </message>
    <message>
        <source>that it flies well with; the bench then flags heavier packs</source>
        <translation>mit dem es gut fliegt; der Prüfstand markiert dann schwerere</translation>
    </message>
    <message>
        <source>Bay, length</source>
        <translation>Schacht, Länge</translation>
    </message>
    <message>
        <source>Bay, width</source>
        <translation>Schacht, Breite</translation>
    </message>
    <message>
        <source>Bay, height</source>
        <translation>Schacht, Höhe</translation>
    </message>
    <message>
        <source>with all three, the bench flags packs that do not fit</source>
        <translation>mit allen dreien markiert der Prüfstand Akkus, die nicht passen</translation>
    </message>
    <message>
        <source>Controller rating</source>
        <translation>Nennstrom der Regler</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>Link failsafe at</source>
        <translation>Link-Failsafe bei</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>receiver sensitivity. Empty: −105 (common practice)</source>
        <translation>Empfindlichkeit des Empfängers. Leer: −105 (gängige Praxis)</translation>
    </message>
    <message>
        <source>Wing area</source>
        <translation>Flügelfläche</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>gives the stall speed, and so the slowest speed to fly</source>
        <translation>ergibt die Überziehgeschwindigkeit und damit die langsamste Fluggeschwindigkeit</translation>
    </message>
    <message>
        <source>Wing span</source>
        <translation>Spannweite</translation>
    </message>
    <message>
        <source>gives the induced power</source>
        <translation>ergibt die induzierte Leistung</translation>
    </message>
    <message>
        <source>Rotors</source>
        <translation>Rotoren</translation>
    </message>
    <message>
        <source>Propellers</source>
        <translation>Propeller</translation>
    </message>
    <message>
        <source>diameter: with the rotors it gives the induced power</source>
        <translation>Durchmesser: mit den Rotoren ergibt er die induzierte Leistung</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Cell type</source>
        <translation>Zelltyp</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>high capacity</source>
        <translation>hohe Kapazität</translation>
    </message>
    <message>
        <source>high drain</source>
        <translation>hoher Strom</translation>
    </message>
    <message>
        <source>Temperature at launch</source>
        <translation>Temperatur beim Start</translation>
    </message>
    <message>
        <source>Empty: the air temperature. A pack kept warm holds more usable energy</source>
        <translation>Leer: die Lufttemperatur. Ein warm gehaltener Akku liefert mehr nutzbare Energie</translation>
    </message>
    <message>
        <source>Charged to, per cell</source>
        <translation>Geladen auf, pro Zelle</translation>
    </message>
    <message>
        <source>at rest before launch. Empty: full</source>
        <translation>in Ruhe vor dem Start. Leer: voll</translation>
    </message>
    <message>
        <source>State of health</source>
        <translation>Zustand (SoH)</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>falls with age: a full recharge over the rated capacity</source>
        <translation>sinkt mit dem Alter: volle Nachladung durch Nennkapazität</translation>
    </message>
    <message>
        <source>Rated current</source>
        <translation>Nennstrom</translation>
    </message>
    <message>
        <source>Rating printed by</source>
        <translation>Aufgedruckt von</translation>
    </message>
    <message>
        <source>the cell&apos;s maker</source>
        <translation>dem Zellenhersteller</translation>
    </message>
    <message>
        <source>a pack&apos;s C rating</source>
        <translation>C-Rate eines Akkus</translation>
    </message>
    <message>
        <source>a burst rating</source>
        <translation>ein Kurzzeitwert</translation>
    </message>
    <message>
        <source>Strip rating</source>
        <translation>Nennstrom der Verbinder</translation>
    </message>
    <message>
        <source>between the cells, continuous; Build computes it</source>
        <translation>zwischen den Zellen, dauernd; „Aufbau“ rechnet ihn aus</translation>
    </message>
    <message>
        <source>Connector rating</source>
        <translation>Nennstrom des Steckers</translation>
    </message>
    <message>
        <source>with its leads, continuous</source>
        <translation>mit seinen Kabeln, dauernd</translation>
    </message>
    <message>
        <source>Sag measured in flight</source>
        <translation>Im Flug gemessener Einbruch</translation>
    </message>
    <message>
        <source>per cell, leads included; once known, it decides the continuous current in place of the label</source>
        <translation>pro Zelle, Kabel enthalten; einmal bekannt, bestimmt er den Dauerstrom statt des Aufdrucks</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>in your own currency; only for comparing</source>
        <translation>in deiner Währung; nur zum Vergleichen</translation>
    </message>
    <message>
        <source>Wind speed</source>
        <translation>Windstärke</translation>
    </message>
    <message>
        <source>Coming from</source>
        <translation>Aus Richtung</translation>
    </message>
    <message>
        <source>Worst credible wind factor</source>
        <translation>Faktor für den ungünstigsten Wind</translation>
    </message>
    <message>
        <source>for the return leg: times or over the forecast, whichever costs more; 1 trusts it</source>
        <translation>für den Rückflug: mal oder geteilt durch die Vorhersage, was mehr kostet; 1 vertraut ihr</translation>
    </message>
    <message>
        <source>Air temperature at the field</source>
        <translation>Lufttemperatur am Platz</translation>
    </message>
    <message>
        <source>Field elevation</source>
        <translation>Höhe des Platzes</translation>
    </message>
    <message>
        <source>Outbound bearing</source>
        <translation>Kurs des Hinflugs</translation>
    </message>
    <message>
        <source>Height above home</source>
        <translation>Höhe über dem Startpunkt</translation>
    </message>
    <message>
        <source>120 m (400 ft) above ground is a common limit; local rules decide</source>
        <translation>120 m (400 ft) über Grund sind eine übliche Grenze; lokale Regeln entscheiden</translation>
    </message>
    <message>
        <source>Climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>Descent</source>
        <translation>Sinken</translation>
    </message>
    <message>
        <source>Reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>Reserve counted as</source>
        <translation>Reserve gezählt als</translation>
    </message>
    <message>
        <source>% of the usable energy</source>
        <translation>% der nutzbaren Energie</translation>
    </message>
    <message>
        <source>minutes over home</source>
        <translation>Minuten über dem Startpunkt</translation>
    </message>
    <message>
        <source>times the return leg</source>
        <translation>mal den Rückflug</translation>
    </message>
    <message>
        <source>Landing voltage per cell</source>
        <translation>Landespannung pro Zelle</translation>
    </message>
    <message>
        <source>under cruise load. Empty: usual for the chemistry (LiPo 3.5, Li-ion 2.8)</source>
        <translation>unter Reiselast. Leer: für die Chemie üblich (LiPo 3,5, Li-Ion 2,8)</translation>
    </message>
    <message>
        <source>Size, mm</source>
        <translation>Größe, mm</translation>
    </message>
    <message>
        <source>Enter length × width × height in mm, such as “138 × 45 × 40”.</source>
        <translation>Länge × Breite × Höhe in mm eingeben, etwa „138 × 45 × 40“.</translation>
    </message>
    <message>
        <source>length × width × height; the bench then tells whether it fits the bay</source>
        <translation>Länge × Breite × Höhe; der Prüfstand sagt dann, ob er in den Schacht passt</translation>
    </message>
    <message>
        <source>Maker&apos;s rate table, one cell</source>
        <translation>Entladetabelle des Herstellers, eine Zelle</translation>
    </message>
    <message>
        <source>Link failsafe at quality</source>
        <translation>Failsafe bei Linkqualität</translation>
    </message>
    <message>
        <source>link quality at which it fails. Empty: 50 % (common practice)</source>
        <translation>Linkqualität, bei der er abreißt. Leer: 50 % (gängige Praxis)</translation>
    </message>
    <message>
        <source>Known cruise flown at</source>
        <translation>Reiseleistung erflogen mit</translation>
    </message>
    <message>
        <source>all-up mass when its power was read. Empty: with the pack of the plan</source>
        <translation>Abflugmasse, als die Leistung abgelesen wurde. Leer: mit dem Akku des Plans</translation>
    </message>
    <message>
        <source>Known cruise in air of</source>
        <translation>Reiseleistung in Luft von</translation>
    </message>
    <message>
        <source>kg/m³</source>
        <translation>kg/m³</translation>
    </message>
    <message>
        <source>Empty: 1.225, the standard atmosphere at sea level</source>
        <translation>Leer: 1,225, die Normatmosphäre auf Meereshöhe</translation>
    </message>
    <message>
        <source>Maximum lift coefficient</source>
        <translation>Höchster Auftriebsbeiwert</translation>
    </message>
    <message>
        <source>for the stall speed. Empty: 1.1 (common practice)</source>
        <translation>für die Überziehgeschwindigkeit. Leer: 1,1 (gängige Praxis)</translation>
    </message>
    <message>
        <source>of the whole pack, or as the label has it: “10C”. Empty: usual for such cells</source>
        <translation>des ganzen Akkus, oder wie aufgedruckt: „10C“. Leer: üblich für solche Zellen</translation>
    </message>
    <message>
        <source>Rate table ends at</source>
        <translation>Entladetabelle endet bei</translation>
    </message>
    <message>
        <source>cutoff voltage of that table. Empty: the chemistry&apos;s floor</source>
        <translation>Abschaltspannung dieser Tabelle. Leer: Untergrenze der Zellchemie</translation>
    </message>
    <message>
        <source>Cells of the rate table</source>
        <translation>Zellen der Entladetabelle</translation>
    </message>
    <message>
        <source>warmed up in still air</source>
        <translation>in ruhender Luft</translation>
    </message>
    <message>
        <source>held at 23 °C</source>
        <translation>auf 23 °C gehalten</translation>
    </message>
    <message>
        <source>Lead resistance</source>
        <translation>Widerstand der Leitungen</translation>
    </message>
    <message>
        <source>leads, connector and strips together; 0 where the cell&apos;s figure includes them</source>
        <translation>Kabel, Stecker und Verbinder zusammen; 0, wenn der Wert der Zelle sie enthält</translation>
    </message>
    <message>
        <source>Resistance by age</source>
        <translation>Widerstand durch Alterung</translation>
    </message>
    <message>
        <source>over that of the new pack</source>
        <translation>gegenüber dem neuen Akku</translation>
    </message>
    <message>
        <source>Weakest cell below the mean</source>
        <translation>Schwächste Zelle unter dem Mittel</translation>
    </message>
    <message>
        <source>under load; the pack lands when that cell does</source>
        <translation>unter Last; gelandet wird, wenn diese Zelle es muss</translation>
    </message>
    <message>
        <source>Video</source>
        <translation>Video</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keines</translation>
    </message>
    <message>
        <source>analog</source>
        <translation>analog</translation>
    </message>
    <message>
        <source>digital</source>
        <translation>digital</translation>
    </message>
    <message>
        <source>Pack mass is from</source>
        <translation>Akkumasse stammt von</translation>
    </message>
    <message>
        <source>a label or its parts</source>
        <translation>Etikett oder Teilen</translation>
    </message>
    <message>
        <source>a scale</source>
        <translation>einer Waage</translation>
    </message>
    <message>
        <source>Each part needs a name and its watts.</source>
        <translation>Jedes Teil braucht einen Namen und seine Watt.</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>their watts, whose sum then counts, and grams where known</source>
        <translation>ihre Watt, deren Summe dann zählt, und Gramm, wo bekannt</translation>
    </message>
    <message>
        <source>Each row needs a current and a charge.</source>
        <translation>Jede Zeile braucht einen Strom und eine Ladung.</translation>
    </message>
    <message>
        <source>Ah</source>
        <translation>Ah</translation>
    </message>
    <message>
        <source>constant current and what came out; “5C” and “97 %” are of the cell&apos;s capacity</source>
        <translation>Konstantstrom und was herauskam; „5C“ und „97 %“ beziehen sich auf die Zellenkapazität</translation>
    </message>
    <message>
        <source>all controllers together, continuous</source>
        <translation>alle Regler zusammen, dauernd</translation>
    </message>
    <message>
        <source>Motor rating</source>
        <translation>Nennstrom der Motoren</translation>
    </message>
    <message>
        <source>all motors together, continuous: four of 20 A are 80</source>
        <translation>alle Motoren zusammen, dauernd: vier zu 20 A sind 80</translation>
    </message>
    <message>
        <source>video, camera, control. Empty: by the video, 5 W where nothing is said, and 1.5 W for a wing&apos;s servos (common practice)</source>
        <translation>Video, Kamera, Steuerung. Leer: nach dem Video, 5 W, wo nichts gesagt ist, und 1,5 W für die Servos eines Flächenmodells (gängige Praxis)</translation>
    </message>
    <message>
        <source>at mission height unless Weather says another; also whole: “12&#xa0;kn NW”, “270/12”, “27012G18KT” (airfield, 10&#xa0;m)</source>
        <translation>in Missionshöhe, wenn Wetter keine andere nennt; auch ganz: „12&#xa0;kn NW“, „270/12“, „27012G18KT“ (Flugplatz, 10&#xa0;m)</translation>
    </message>
</context>
<context>
    <name>sobremesa::Findings</name>
    <message>
        <source>%1 (%2)</source>
        <comment>value, error</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>The wind was &lt;b&gt;%1&lt;/b&gt; from &lt;b&gt;%2&lt;/b&gt;, the airspeed &lt;b&gt;%3&lt;/b&gt;.</source>
        <comment>wind, direction, airspeed</comment>
        <translation>Der Wind war &lt;b&gt;%1&lt;/b&gt; aus &lt;b&gt;%2&lt;/b&gt;, die Airspeed &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Still-air consumption, level: &lt;b&gt;%1&lt;/b&gt;, &lt;b&gt;%2&lt;/b&gt;.</source>
        <comment>charge and energy per way</comment>
        <translation>Verbrauch bei Windstille, horizontal: &lt;b&gt;%1&lt;/b&gt;, &lt;b&gt;%2&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <comment>airspeed, mass, distance</comment>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>At %1 these flights do not differ beyond their errors.</source>
        <translation>Bei %1 unterscheiden sich diese Flüge nicht über ihre Fehler hinaus.</translation>
    </message>
    <message>
        <source>At %1 “%2” takes &lt;b&gt;%3&lt;/b&gt; more than “%4”.</source>
        <comment>terms, flight, share, flight</comment>
        <translation>Bei %1 braucht „%2“ &lt;b&gt;%3&lt;/b&gt; mehr als „%4“.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>part of the electronics, its share of the power</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>unnamed</source>
        <translation>unbenannt</translation>
    </message>
    <message>
        <source>Share of power: %1.</source>
        <translation>Anteil der Leistung: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <comment>between parts</comment>
        <translation>; </translation>
    </message>
    <message>
        <source>The array delivered %1; the pack delivered %2 net and was charged with %3 in flight.</source>
        <translation>Das Solarfeld lieferte %1; der Akku lieferte %2 netto und wurde im Flug mit %3 geladen.</translation>
    </message>
    <message>
        <source>The array delivered %1, the pack %2.</source>
        <translation>Das Solarfeld lieferte %1, der Akku %2.</translation>
    </message>
    <message>
        <source>The motors took %1, the electronics %2; %3 are not explained by any sensor.</source>
        <translation>Die Motoren nahmen %1, die Elektronik %2; %3 erklärt kein Sensor.</translation>
    </message>
    <message>
        <source>That leaves %1 for the motors and %2 for the electronics.</source>
        <translation>Das lässt %1 für die Motoren und %2 für die Elektronik.</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <comment>watts, error</comment>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>In level flight the sun charged the pack: &lt;b&gt;gaining&lt;/b&gt; %1, over %2 of it.</source>
        <translation>Im Horizontalflug lud die Sonne den Akku: &lt;b&gt;Gewinn&lt;/b&gt; %1, über %2 davon.</translation>
    </message>
    <message>
        <source>In level flight the pack held its charge in the sun: &lt;b&gt;holding&lt;/b&gt;, %1, over %2.</source>
        <translation>Im Horizontalflug hielt der Akku in der Sonne seine Ladung: &lt;b&gt;gehalten&lt;/b&gt;, %1, über %2.</translation>
    </message>
    <message>
        <source>In level flight the pack lost charge despite the sun: &lt;b&gt;losing&lt;/b&gt; %1, over %2 of it.</source>
        <translation>Im Horizontalflug verlor der Akku trotz Sonne: &lt;b&gt;Verlust&lt;/b&gt; %1, über %2 davon.</translation>
    </message>
    <message>
        <source>Whether the sun charged the pack &lt;b&gt;cannot be told&lt;/b&gt;: %1 over %2, and below %3 these readings say nothing. Ten minutes at constant power tell more.</source>
        <translation>Ob die Sonne den Akku lud, &lt;b&gt;lässt sich nicht sagen&lt;/b&gt;: %1 über %2, und unter %3 sagen diese Werte nichts. Zehn Minuten bei gleicher Leistung sagen mehr.</translation>
    </message>
    <message>
        <source>Whether the sun charged the pack &lt;b&gt;cannot be told&lt;/b&gt;: that takes four minutes of level flight at constant power.</source>
        <translation>Ob die Sonne den Akku lud, &lt;b&gt;lässt sich nicht sagen&lt;/b&gt;: dazu braucht es vier Minuten Horizontalflug bei gleicher Leistung.</translation>
    </message>
    <message>
        <source>The array delivered %1.</source>
        <translation>Das Solarfeld lieferte %1.</translation>
    </message>
    <message>
        <source>Excluded: %1 in the shade of clouds, %2 with a full pack.</source>
        <translation>Ausgeschlossen: %1 im Schatten von Wolken, %2 mit vollem Akku.</translation>
    </message>
    <message>
        <source>With the motor off it delivered %1.</source>
        <translation>Mit ausgeschaltetem Motor lieferte es %1.</translation>
    </message>
    <message>
        <source>With the array off, the pack delivered %1 more.</source>
        <translation>Ohne Solarfeld lieferte der Akku %1 mehr.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>method, share</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>; </source>
        <comment>between methods</comment>
        <translation>; </translation>
    </message>
    <message>
        <source>Remaining of a full pack: %1.</source>
        <comment>method and share</comment>
        <translation>Rest eines vollen Akkus: %1.</translation>
    </message>
    <message>
        <source>Remaining of a full pack: %1; combined &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt;.</source>
        <comment>methods, share, charge</comment>
        <translation>Rest eines vollen Akkus: %1; zusammen &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Set the scale to &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>scale, error</comment>
        <translation>Stelle die Skalierung auf &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>The sensor reads right within its error of %1.</source>
        <translation>Der Sensor misst im Rahmen seines Fehlers von %1 richtig.</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>The sensor reads %1 too high: increase a scale that divides.</source>
        <translation>Der Sensor misst %1 zu hoch: eine teilende Skalierung erhöhen.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too high: decrease a scale that multiplies.</source>
        <translation>Der Sensor misst %1 zu hoch: eine multiplizierende Skalierung senken.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too low: decrease a scale that divides.</source>
        <translation>Der Sensor misst %1 zu niedrig: eine teilende Skalierung senken.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too low: increase a scale that multiplies.</source>
        <translation>Der Sensor misst %1 zu niedrig: eine multiplizierende Skalierung erhöhen.</translation>
    </message>
    <message>
        <source>More flights would improve it little: most of what is left is the charger&apos;s own accuracy.</source>
        <translation>Mehr Flüge würden wenig verbessern: was bleibt, ist vor allem die Genauigkeit des Ladegeräts.</translation>
    </message>
    <message numerus="yes">
        <source>%n more flight(s) would bring it close to the charger&apos;s own accuracy.</source>
        <translation>
            <numerusform>Ein weiterer Flug brächte es nahe an die Genauigkeit des Ladegeräts.</numerusform>
            <numerusform>%n weitere Flüge brächten es nahe an die Genauigkeit des Ladegeräts.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <comment>three sentences</comment>
        <translation>%1 %2 %3</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>On the ground it reads %1 (flights: %2), where the electronics draw %3.</source>
        <translation>Am Boden misst er %1 (Flüge: %2), wo die Elektronik %3 braucht.</translation>
    </message>
    <message>
        <source>%1 That draw is assumed: enter the electronics in Fleet to find the offset.</source>
        <translation>%1 Dieser Verbrauch ist angenommen: trage die Elektronik unter Flotte ein, um den Nullpunktfehler zu finden.</translation>
    </message>
    <message>
        <source>%1 No offset can be derived from that.</source>
        <translation>%1 Daraus lässt sich kein Nullpunktfehler ableiten.</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>%1 It reads %2 too much, %3 every hour: enter it as the offset in the flight controller.</source>
        <translation>%1 Er misst %2 zu viel, %3 je Stunde: trage es im Flugregler als Offset ein.</translation>
    </message>
    <message>
        <source>%1 It reads %2 too little, %3 every hour: enter it as the offset in the flight controller.</source>
        <translation>%1 Er misst %2 zu wenig, %3 je Stunde: trage es im Flugregler als Offset ein.</translation>
    </message>
    <message>
        <source>mA</source>
        <translation>mA</translation>
    </message>
    <message>
        <source>On the ground it reads %1 too high: its offset.</source>
        <translation>Am Boden misst er %1 zu hoch: sein Nullpunktfehler.</translation>
    </message>
    <message>
        <source>On the ground it reads %1 too low: its offset.</source>
        <translation>Am Boden misst er %1 zu niedrig: sein Nullpunktfehler.</translation>
    </message>
    <message>
        <source>On the ground it reads right.</source>
        <translation>Am Boden misst er richtig.</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>A full recharge is &lt;b&gt;%1&lt;/b&gt; of the label capacity.</source>
        <translation>Eine volle Nachladung ist &lt;b&gt;%1&lt;/b&gt; der aufgedruckten Kapazität.</translation>
    </message>
    <message>
        <source>%1 At this rate it reaches 80 % after about &lt;b&gt;%2&lt;/b&gt; more full cycles.</source>
        <comment>sentence, cycles</comment>
        <translation>%1 So erreicht er 80 % nach etwa &lt;b&gt;%2&lt;/b&gt; weiteren Vollzyklen.</translation>
    </message>
    <message>
        <source>Resistance per cell in series: &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>resistance, error</comment>
        <translation>Widerstand pro Zelle in Reihe: &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>Two full recharges, or two readings of cell resistance, show how this pack ages.</source>
        <translation>Zwei volle Nachladungen oder zwei Messungen des Zellenwiderstands zeigen, wie dieser Akku altert.</translation>
    </message>
    <message>
        <source>It holds less than 80 % of its label capacity: for short flights only, then for the bench.</source>
        <translation>Er enthält weniger als 80 % der aufgedruckten Kapazität: nur noch für kurze Flüge, dann als Versorgung am Boden.</translation>
    </message>
    <message>
        <source>Its resistance has doubled: it sags early and gets warmer. Retire it from long flights.</source>
        <translation>Sein Widerstand hat sich verdoppelt: er bricht früh ein und wird wärmer. Nicht mehr für lange Flüge.</translation>
    </message>
    <message>
        <source>Cell %1 is an outlier. Balance and read again; if it stays so, retire the pack.</source>
        <translation>Zelle %1 ist ein Ausreißer. Balancieren und neu messen; bleibt es so, den Akku aussondern.</translation>
    </message>
    <message>
        <source>At its last reading it had been resting full, or empty, for days. Bring it to storage charge.</source>
        <translation>Bei der letzten Messung hatte er tagelang voll oder leer gelegen. Bring ihn auf Lagerspannung.</translation>
    </message>
    <message>
        <source>Mbit/s</source>
        <translation>Mbit/s</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>%1 at worst, %2 from home</source>
        <comment>reading of the video link, distance</comment>
        <translation>%1 am schlechtesten, %2 vom Startpunkt</translation>
    </message>
    <message>
        <source>lowest bit rate %1, %2 from home</source>
        <translation>niedrigste Bitrate %1, %2 vom Startpunkt</translation>
    </message>
    <message>
        <source>the picture would be lost at about %1</source>
        <translation>bei etwa %1 ginge das Bild verloren</translation>
    </message>
    <message>
        <source>Video link: %1.</source>
        <translation>Videoverbindung: %1.</translation>
    </message>
    <message>
        <source>Excluded: %1 of rising or sinking in level flight&apos;s power.</source>
        <translation>Ausgenommen: %1 mit Steigen oder Sinken bei der Leistung des Horizontalflugs.</translation>
    </message>
    <message>
        <source>%1 was lost between array and pack.</source>
        <translation>Zwischen Solarfeld und Akku gingen %1 verloren.</translation>
    </message>
    <message>
        <source>The loss between array and pack is too small for these sensors to show.</source>
        <translation>Der Verlust zwischen Solarfeld und Akku ist zu klein für diese Sensoren.</translation>
    </message>
    <message>
        <source>level cruise</source>
        <comment>part of the sun test</comment>
        <translation>Reiseflug</translation>
    </message>
    <message>
        <source>motor off</source>
        <comment>part of the sun test</comment>
        <translation>Motor aus</translation>
    </message>
    <message>
        <source>level cruise, array off</source>
        <comment>part of the sun test</comment>
        <translation>Reiseflug, Solarfeld aus</translation>
    </message>
    <message>
        <source>Level cruise shows whether the pack gains or loses, motor off what the array delivers, array off what of that reaches the pack.</source>
        <translation>Der Reiseflug zeigt, ob der Akku gewinnt oder verliert, der Flug ohne Motor, was das Solarfeld liefert, der ohne Solarfeld, was davon im Akku ankommt.</translation>
    </message>
    <message>
        <source>Level cruise is missing from this flight.</source>
        <translation>In diesem Flug fehlt der Reiseflug.</translation>
    </message>
    <message>
        <source>Twenty seconds with the motor off are missing.</source>
        <translation>Es fehlen zwanzig Sekunden ohne Motor.</translation>
    </message>
    <message>
        <source>The log has one current sensor: parts with the array off cannot be recognized.</source>
        <translation>Das Log hat nur einen Stromsensor: Teile ohne Solarfeld sind nicht zu erkennen.</translation>
    </message>
    <message>
        <source>Twenty seconds of cruise with the array off are missing.</source>
        <translation>Es fehlen zwanzig Sekunden Reiseflug ohne Solarfeld.</translation>
    </message>
</context>
<context>
    <name>sobremesa::FlownWith</name>
    <message>
        <source>frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
</context>
<context>
    <name>sobremesa::Learning</name>
    <message>
        <source>the recharge</source>
        <translation>die Nachladung</translation>
    </message>
    <message>
        <source>the resting voltage</source>
        <translation>die Ruhespannung</translation>
    </message>
    <message>
        <source>the voltage</source>
        <translation>die Spannung</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message numerus="yes">
        <source>known from %n flight(s)</source>
        <translation>
            <numerusform>bekannt aus %n Flug</numerusform>
            <numerusform>bekannt aus %n Flügen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message numerus="yes">
        <source>%n recharge(s)</source>
        <translation>
            <numerusform>%n Nachladung</numerusform>
            <numerusform>%n Nachladungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the voltage of %n flight(s)</source>
        <translation>
            <numerusform>die Spannung aus %n Flug</numerusform>
            <numerusform>die Spannung aus %n Flügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n resting voltage(s)</source>
        <translation>
            <numerusform>%n Ruhespannung</numerusform>
            <numerusform>%n Ruhespannungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n charger reading(s)</source>
        <translation>
            <numerusform>%n Ladegerätmessung</numerusform>
            <numerusform>%n Ladegerätmessungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>level flight in %n flight(s)</source>
        <translation>
            <numerusform>Horizontalflug in %n Flug</numerusform>
            <numerusform>Horizontalflug in %n Flügen</numerusform>
        </translation>
    </message>
    <message>
        <source>The pack</source>
        <translation>Der Akku</translation>
    </message>
    <message>
        <source>%1 holds its label capacity, within %2</source>
        <translation>%1 fasst die aufgedruckte Kapazität, auf %2 genau</translation>
    </message>
    <message>
        <source>%1 holds %2 less than its label capacity</source>
        <translation>%1 fasst %2 weniger als aufgedruckt</translation>
    </message>
    <message>
        <source>%1 holds %2 more than its label capacity</source>
        <translation>%1 fasst %2 mehr als aufgedruckt</translation>
    </message>
    <message>
        <source>%1 has %2 per cell, entered with %3</source>
        <translation>%1 hat %2 pro Zelle, eingetragen mit %3</translation>
    </message>
    <message>
        <source>The current sensor</source>
        <translation>Der Stromsensor</translation>
    </message>
    <message>
        <source>The voltage reading</source>
        <translation>Die Spannungsmessung</translation>
    </message>
    <message>
        <source>%1 reads right, within %2</source>
        <translation>%1 misst richtig, auf %2 genau</translation>
    </message>
    <message>
        <source>%1 reads %2 too low</source>
        <translation>%1 misst %2 zu niedrig</translation>
    </message>
    <message>
        <source>%1 reads %2 too high</source>
        <translation>%1 misst %2 zu hoch</translation>
    </message>
    <message>
        <source>Cruise takes %1, previously %2</source>
        <translation>Der Reiseflug braucht %1, zuvor %2</translation>
    </message>
    <message>
        <source>%1: usable %2, previously %3</source>
        <translation>%1: nutzbar %2, zuvor %3</translation>
    </message>
    <message>
        <source>Flight %1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.</source>
        <translation>Flug %1: %2 passt nicht zum Rest und wurde ausgeschlossen. Prüfe es, oder schließe den Flug aus.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Usable to the landing voltage at cruise: %1, %2.</source>
        <translation>Bis zur Landespannung im Reiseflug nutzbar: %1, %2.</translation>
    </message>
    <message>
        <source>Usable to the landing voltage at cruise: %1, assumed.</source>
        <translation>Bis zur Landespannung im Reiseflug nutzbar: %1, angenommen.</translation>
    </message>
    <message numerus="yes">
        <source>%n landing(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n Landung aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
            <numerusform>%n Landungen aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
        </translation>
    </message>
    <message>
        <source>without bias</source>
        <translation>ohne Tendenz</translation>
    </message>
    <message>
        <source>%1 too optimistic</source>
        <translation>%1 zu optimistisch</translation>
    </message>
    <message>
        <source>%1 too cautious</source>
        <translation>%1 zu vorsichtig</translation>
    </message>
    <message>
        <source>Nothing new: the flights agree with what was known.</source>
        <translation>Nichts Neues: die Flüge stimmen mit dem Bekannten überein.</translation>
    </message>
    <message>
        <source>%1: usable %2 → %3, %4. Undo takes it back.</source>
        <translation>%1: nutzbar %2 → %3, %4. „Rückgängig“ nimmt es zurück.</translation>
    </message>
    <message>
        <source>%1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.</source>
        <translation>%1: %2 passt nicht zum Rest und wurde ausgeschlossen. Prüfe es, oder schließe den Flug aus.</translation>
    </message>
    <message>
        <source>Holds its label capacity, within &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Fasst die aufgedruckte Kapazität, auf &lt;b&gt;%1&lt;/b&gt; genau</translation>
    </message>
    <message>
        <source>Holds &lt;b&gt;%1&lt;/b&gt; less than its label capacity</source>
        <translation>Fasst &lt;b&gt;%1&lt;/b&gt; weniger als aufgedruckt</translation>
    </message>
    <message>
        <source>Holds &lt;b&gt;%1&lt;/b&gt; more than its label capacity</source>
        <translation>Fasst &lt;b&gt;%1&lt;/b&gt; mehr als aufgedruckt</translation>
    </message>
    <message>
        <source>%1. Usable to the landing voltage: &lt;b&gt;%2&lt;/b&gt; %3, %4.</source>
        <translation>%1. Bis zur Landespannung nutzbar: &lt;b&gt;%2&lt;/b&gt; %3, %4.</translation>
    </message>
    <message>
        <source>Its cells have %1 each, entered with %2.</source>
        <translation>Seine Zellen haben je %1, eingetragen mit %2.</translation>
    </message>
    <message>
        <source>right, within %1</source>
        <translation>richtig, auf %1 genau</translation>
    </message>
    <message>
        <source>%1 too low (± %2)</source>
        <translation>%1 zu niedrig (± %2)</translation>
    </message>
    <message>
        <source>%1 too high (± %2)</source>
        <translation>%1 zu hoch (± %2)</translation>
    </message>
    <message>
        <source>Fitted from everything flown with it, packs included: current reads %1, voltage reads %2; %3.</source>
        <translation>Aus allem damit Geflogenen bestimmt, Akkus mit angepasst: Strom %1, Spannung %2; %3.</translation>
    </message>
    <message>
        <source>Well known: more flights change little until it ages.</source>
        <translation>Gut bekannt: weitere Flüge ändern wenig, bis er altert.</translation>
    </message>
    <message>
        <source>Enter what the charger puts back after a flight: it tells the capacity and what the current sensor reads.</source>
        <translation>Trage ein, was das Ladegerät nach einem Flug nachlädt: es zeigt die Kapazität und was der Stromsensor misst.</translation>
    </message>
    <message>
        <source>Recharge after a flight that ends close to empty, or enter the resting voltage ten minutes after landing: both narrow the capacity.</source>
        <translation>Lade nach einem fast leeren Flug nach, oder trage die Ruhespannung zehn Minuten nach der Landung ein: beides grenzt die Kapazität ein.</translation>
    </message>
    <message>
        <source>Recharge after a flight that ends close to empty: it narrows the capacity most.</source>
        <translation>Lade nach einem fast leeren Flug nach: das grenzt die Kapazität am meisten ein.</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>Nothing yet. File flights with this pack, with what the charger put back, or enter a charger&apos;s reading in Health.</source>
        <translation>Noch nichts. Lege Flüge mit diesem Akku ab, mit dem, was das Ladegerät nachlud, oder trage unter Zustand eine Ladegerät-Messung ein.</translation>
    </message>
    <message>
        <source>full charge %1, %2 of the label</source>
        <translation>volle Ladung %1, %2 des Etiketts</translation>
    </message>
    <message>
        <source>resistance of a cell %1</source>
        <translation>Widerstand einer Zelle %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>known from, day</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>frozen: newly filed flights no longer change it</source>
        <translation>eingefroren: neue Flüge ändern ihn nicht mehr</translation>
    </message>
    <message>
        <source>Nothing yet. File flights with a full turn in them, or fly the ten-minute test flight that Power curve lays out.</source>
        <translation>Noch nichts. Lege Flüge mit einem vollen Kreis ab, oder fliege den Zehn-Minuten-Testflug, den Leistungskurve vorgibt.</translation>
    </message>
    <message>
        <source>level flight at %1 takes %2 %3</source>
        <translation>Horizontalflug mit %1 braucht %2 %3</translation>
    </message>
    <message numerus="yes">
        <source>climbs with an efficiency of %1, from %n climb(s)</source>
        <translation>
            <numerusform>steigt mit einem Wirkungsgrad von %1, aus %n Steigflug</numerusform>
            <numerusform>steigt mit einem Wirkungsgrad von %1, aus %n Steigflügen</numerusform>
        </translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>recharge</source>
        <translation>Nachladung</translation>
    </message>
    <message>
        <source>resting voltage</source>
        <translation>Ruhespannung</translation>
    </message>
    <message>
        <source>label</source>
        <translation>aufgedruckte Kapazität</translation>
    </message>
    <message numerus="yes">
        <source>%n flying time(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n Flugzeit aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
            <numerusform>%n Flugzeiten aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2; %3 of %4 within the 90 % band.</source>
        <translation>%1, %2; %3 von %4 innerhalb des 90-%-Bands.</translation>
    </message>
    <message>
        <source>landing charge</source>
        <translation>Landeladung</translation>
    </message>
    <message>
        <source>flying time</source>
        <translation>Flugzeit</translation>
    </message>
    <message numerus="yes">
        <source>%n turn point(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n Umkehrpunkt aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
            <numerusform>%n Umkehrpunkte aus früheren Flügen vorhergesagt: um %1 daneben</numerusform>
        </translation>
    </message>
    <message>
        <source>turn point</source>
        <translation>Umkehrpunkt</translation>
    </message>
</context>
<context>
    <name>sobremesa::Messages</name>
    <message>
        <source>The array&apos;s maximum is at %1, above the pack&apos;s %2: a step-up converter cannot bring it down.</source>
        <translation>Das Maximum des Solarfelds liegt bei %1, über den %2 des Akkus: ein Aufwärtswandler kann es nicht senken.</translation>
    </message>
    <message>
        <source>In the cold the array&apos;s open-circuit voltage reaches %1; the converter is rated for %2.</source>
        <translation>In der Kälte erreicht die Leerlaufspannung des Solarfelds %1; der Wandler verträgt %2.</translation>
    </message>
    <message>
        <source>The array reaches %1 at most, below the pack&apos;s %2: connected directly it delivers nothing.</source>
        <translation>Das Solarfeld erreicht höchstens %1, unter den %2 des Akkus: direkt angeschlossen liefert es nichts.</translation>
    </message>
    <message>
        <source>The array&apos;s maximum is at %1, below the pack&apos;s %2: a step-down converter cannot raise it.</source>
        <translation>Das Maximum des Solarfelds liegt bei %1, unter den %2 des Akkus: ein Abwärtswandler kann es nicht heben.</translation>
    </message>
    <message>
        <source>A step-down converter would fit.</source>
        <translation>Ein Abwärtswandler würde passen.</translation>
    </message>
    <message>
        <source>A step-up converter would fit.</source>
        <translation>Ein Aufwärtswandler würde passen.</translation>
    </message>
    <message>
        <source>A direct connection would fit.</source>
        <translation>Ein direkter Anschluss würde passen.</translation>
    </message>
    <message>
        <source>With this one, %1 cells in series or more would fit.</source>
        <translation>Mit diesem würden %1 Zellen in Reihe oder mehr passen.</translation>
    </message>
    <message>
        <source>With this one, %1 to %2 cells in series would fit.</source>
        <translation>Mit diesem würden %1 bis %2 Zellen in Reihe passen.</translation>
    </message>
    <message>
        <source>an array on the aircraft</source>
        <translation>ein Solarfeld am Modell</translation>
    </message>
    <message>
        <source>a place (mission.home)</source>
        <translation>einen Ort (mission.home)</translation>
    </message>
    <message>
        <source>a date and time (sun.start_utc)</source>
        <translation>Datum und Uhrzeit (sun.start_utc)</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>There is no such file. Check the name and the folder.</source>
        <translation>Diese Datei gibt es nicht. Prüfe Namen und Ordner.</translation>
    </message>
    <message>
        <source>The file cannot be read: %1.</source>
        <translation>Die Datei kann nicht gelesen werden: %1.</translation>
    </message>
    <message>
        <source>The file cannot be written: %1. Choose another folder, or free some space.</source>
        <translation>Die Datei kann nicht geschrieben werden: %1. Wähle einen anderen Ordner, oder schaffe Platz.</translation>
    </message>
    <message>
        <source>The file is empty. Copy it from the card again.</source>
        <translation>Die Datei ist leer. Kopiere sie noch einmal von der Karte.</translation>
    </message>
    <message>
        <source>This is not a text file. Export the flight as CSV and open that.</source>
        <translation>Das ist keine Textdatei. Exportiere den Flug als CSV und öffne das.</translation>
    </message>
    <message>
        <source>One line is too long for a log. This is not a CSV log; export the flight as CSV.</source>
        <translation>Eine Zeile ist für ein Log zu lang. Das ist kein CSV-Log; exportiere den Flug als CSV.</translation>
    </message>
    <message>
        <source>No header line was found, such as “%1”. Add one, or export with one.</source>
        <translation>Keine Kopfzeile gefunden, etwa „%1“. Füge eine hinzu, oder exportiere mit einer.</translation>
    </message>
    <message>
        <source>There is a header but no rows: nothing was recorded.</source>
        <translation>Es gibt eine Kopfzeile, aber keine Datenzeilen: nichts wurde aufgezeichnet.</translation>
    </message>
    <message>
        <source>No column holds a time, and without one nothing can be computed. Say which one does (Columns…, or --column on the command line), or record with time switched on.</source>
        <translation>Keine Spalte enthält eine Zeit, und ohne sie lässt sich nichts berechnen. Sag, welche es ist (Spalten…, oder --column auf der Befehlszeile), oder zeichne mit Zeit auf.</translation>
    </message>
    <message>
        <source>Too few rows could be read (fewer than two of %1 make sense). Check the place named here.</source>
        <translation>Zu wenige Zeilen waren lesbar (weniger als zwei von %1 ergeben Sinn). Prüfe die genannte Stelle.</translation>
    </message>
    <message>
        <source>Time does not advance for %1 rows up to there: this is not a flight, or the file is damaged.</source>
        <translation>Die Zeit steht bis dort %1 Zeilen lang still: das ist kein Flug, oder die Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>This is not valid JSON: check commas, quotes and brackets there.</source>
        <translation>Das ist kein gültiges JSON: prüfe dort Kommas, Anführungszeichen und Klammern.</translation>
    </message>
    <message>
        <source>The value has the wrong type; expected: %1.</source>
        <translation>Der Wert hat den falschen Typ; erwartet: %1.</translation>
    </message>
    <message>
        <source>%1 is not possible there; it must be %2 to %3.</source>
        <translation>%1 ist dort nicht möglich; es muss %2 bis %3 sein.</translation>
    </message>
    <message>
        <source>“%1” is not known there; use one of: %2.</source>
        <translation>„%1“ ist dort unbekannt; nimm eines von: %2.</translation>
    </message>
    <message>
        <source>Only one of these may be given: %1. Keep one of them.</source>
        <translation>Nur eines davon darf stehen: %1. Behalte eines.</translation>
    </message>
    <message>
        <source>The document says it is “%1”; expected “%2”.</source>
        <translation>Das Dokument nennt sich „%1“; erwartet „%2“.</translation>
    </message>
    <message>
        <source>The document is of version %1; this program knows up to %2. Update the program.</source>
        <translation>Das Dokument hat Version %1; dieses Programm kennt bis %2. Aktualisiere das Programm.</translation>
    </message>
    <message>
        <source>Height above sea level would be %1 m; the atmosphere is known from %2 to %3 m.</source>
        <translation>Die Höhe über dem Meer wäre %1 m; die Luft ist von %2 bis %3 m bekannt.</translation>
    </message>
    <message>
        <source>Latitude %1, longitude %2 is not on earth. Write degrees as LATITUDE,LONGITUDE.</source>
        <translation>Breite %1, Länge %2 liegt nicht auf der Erde. Schreibe Grad als BREITE,LÄNGE.</translation>
    </message>
    <message>
        <source>The wind is too strong for this airspeed: the course cannot be held, or not with 2 m/s over ground.</source>
        <translation>Der Wind ist zu stark für diese Airspeed: der Kurs lässt sich nicht halten, oder nicht mit 2 m/s über Grund.</translation>
    </message>
    <message>
        <source>One known cruise does not cover %1 m/s; it reaches from %2 to %3 m/s.</source>
        <translation>Ein bekannter Reiseflug deckt %1 m/s nicht ab; er reicht von %2 bis %3 m/s.</translation>
    </message>
    <message>
        <source>This elevation raster cannot be read. Supported: GeoTIFF, HGT or an ASCII grid with its projection.</source>
        <translation>Dieses Höhenraster ist nicht lesbar. Möglich sind GeoTIFF, HGT oder ein ASCII-Raster mit Projektion.</translation>
    </message>
    <message>
        <source>This elevation raster does not cover home. Choose one that covers the field.</source>
        <translation>Dieses Höhenraster deckt den Startpunkt nicht ab. Wähle eines, das den Platz abdeckt.</translation>
    </message>
    <message>
        <source>The part of the program that reads elevation rasters is not installed beside it.</source>
        <translation>Der Programmteil, der Höhenraster liest, ist nicht installiert.</translation>
    </message>
    <message>
        <source>There is no route in this file: no waypoints, no route and no line.</source>
        <translation>In dieser Datei ist keine Route: keine Wegpunkte, keine Route und keine Linie.</translation>
    </message>
    <message>
        <source>The logbook is damaged and was left unchanged. Restore a backup, or start a new one beside it.</source>
        <translation>Das Logbuch ist beschädigt und blieb unverändert. Stelle eine Sicherung wieder her, oder beginne daneben ein neues.</translation>
    </message>
    <message>
        <source>This file is not a logbook and was left unchanged. Choose another one.</source>
        <translation>Diese Datei ist kein Logbuch und blieb unverändert. Wähle eine andere.</translation>
    </message>
    <message>
        <source>There is no space left to write the logbook. Free some; what you do meanwhile is kept in memory and written then.</source>
        <translation>Kein Platz mehr, um das Logbuch zu schreiben. Schaffe Platz; was du inzwischen tust, bleibt im Speicher und wird dann geschrieben.</translation>
    </message>
    <message>
        <source>The logbook is read-only here, so this was not saved. Give it write permission, or choose another one.</source>
        <translation>Das Logbuch ist hier schreibgeschützt, deshalb wurde nichts gespeichert. Gib ihm Schreibrechte, oder wähle ein anderes.</translation>
    </message>
    <message>
        <source>The logbook is being written elsewhere. Close the other window or command, then try again.</source>
        <translation>Das Logbuch wird anderswo geschrieben. Schließe das andere Fenster oder Programm und versuche es noch einmal.</translation>
    </message>
    <message>
        <source>This is the open logbook itself; it cannot be its own backup. Choose another file.</source>
        <translation>Das ist das offene Logbuch selbst; es kann nicht seine eigene Sicherung sein. Wähle eine andere Datei.</translation>
    </message>
    <message>
        <source>A file of this name exists, and a backup replaces none. Choose another name.</source>
        <translation>Eine Datei dieses Namens gibt es schon, und eine Sicherung ersetzt keine. Wähle einen anderen Namen.</translation>
    </message>
    <message>
        <source>The logbook could not be written: %1. Check the disk it is on.</source>
        <translation>Das Logbuch konnte nicht geschrieben werden: %1. Prüfe den Datenträger.</translation>
    </message>
    <message>
        <source>Part %1 of the log %2 is missing or damaged in the logbook. Restore a backup, or file the log again from its file; an export writes what is left of it.</source>
        <translation>Teil %1 des Logs %2 fehlt im Logbuch oder ist beschädigt. Stelle eine Sicherung wieder her, oder lege das Log aus seiner Datei neu ab; ein Export schreibt, was davon übrig ist.</translation>
    </message>
    <message>
        <source>The log %1 is not the file that was filed: its length or checksum does not match, though every part of it does. Compare it with a backup; an export writes it as it is.</source>
        <translation>Das Log %1 ist nicht die abgelegte Datei: Länge oder Prüfsumme passen nicht, obwohl jeder Teil passt. Vergleiche mit einer Sicherung; ein Export schreibt es, wie es ist.</translation>
    </message>
    <message>
        <source>The log of the flight %1 is not in the logbook. What was read from it is still there; restore a backup, or file the log again from its file.</source>
        <translation>Das Log des Flugs %1 ist nicht im Logbuch. Was daraus gelesen wurde, ist noch da; stelle eine Sicherung wieder her, oder lege das Log neu ab.</translation>
    </message>
    <message>
        <source>The logbook&apos;s table %1 is missing or not as this program created it, so the logbook was left unchanged. Restore a backup; an export writes everything else.</source>
        <translation>Die Tabelle %1 des Logbuchs fehlt oder ist nicht, wie dieses Programm sie anlegt; das Logbuch blieb unverändert. Stelle eine Sicherung wieder her; ein Export schreibt alles andere.</translation>
    </message>
    <message>
        <source>Record %2 of the logbook (%1) cannot be used and was left unchanged. Restore a backup to get it back; everything else works without it.</source>
        <translation>Eintrag %2 des Logbuchs (%1) ist nicht brauchbar und blieb unverändert. Stelle eine Sicherung wieder her; alles andere funktioniert ohne ihn.</translation>
    </message>
    <message>
        <source>Edit %1 in the logbook&apos;s history cannot be read, so edits up to it cannot be undone. The records themselves are not touched by this.</source>
        <translation>Die Änderung %1 in der Geschichte des Logbuchs ist nicht lesbar, Änderungen bis dahin lassen sich nicht rückgängig machen. Die Einträge selbst sind davon nicht berührt.</translation>
    </message>
    <message>
        <source>The logbook&apos;s counter says %1 and there is a record %2: a new record could have taken an old one&apos;s number. Restore a backup, or export everything and import it into a new logbook.</source>
        <translation>Der Zähler des Logbuchs sagt %1, und es gibt einen Eintrag %2: ein neuer hätte die Nummer eines alten nehmen können. Stelle eine Sicherung wieder her, oder exportiere alles und importiere es in ein neues Logbuch.</translation>
    </message>
    <message>
        <source>There is no column “%1” in this log. Its columns are: %2.</source>
        <translation>In diesem Log gibt es keine Spalte „%1“. Seine Spalten sind: %2.</translation>
    </message>
    <message>
        <source>A row of the rate table delivers %1 from a cell of %2. The table is per cell, not for the whole pack: divide by the cells in parallel.</source>
        <translation>Eine Zeile der Entladetabelle entnimmt einer Zelle von %2 ganze %1. Die Tabelle gilt pro Zelle, nicht für den ganzen Akku: teile durch die Zellen parallel.</translation>
    </message>
    <message>
        <source>Winds by height need at least two heights. Add another one, or give a single wind as wind_mps, wind_from_deg and wind_height_m.</source>
        <translation>Winde nach Höhe brauchen mindestens zwei Höhen. Füge eine hinzu, oder gib einen einzelnen Wind als wind_mps, wind_from_deg und wind_height_m.</translation>
    </message>
    <message>
        <source>“%1” is not a regular file below the imported folder, so nothing was imported. Put the log beside book.json and name it from there.</source>
        <translation>„%1“ ist keine gewöhnliche Datei unter dem importierten Ordner, deshalb wurde nichts importiert. Lege das Log neben book.json und nenne es von dort.</translation>
    </message>
    <message>
        <source>The archive cannot be unpacked: %1. Copy it again, or unpack it and import the log.</source>
        <translation>Das Archiv lässt sich nicht entpacken: %1. Kopiere es noch einmal, oder entpacke es und importiere das Log.</translation>
    </message>
    <message>
        <source>Unpacked, the file is larger than %1 MB: no log is. Check that it is the right one.</source>
        <translation>Entpackt ist die Datei größer als %1 MB: so groß ist kein Log. Prüfe, ob es die richtige ist.</translation>
    </message>
    <message>
        <source>The archive holds %1 files: %2. Name one of them after the archive and a slash, or import all of them into the logbook.</source>
        <translation>Das Archiv enthält %1 Dateien: %2. Nenne eine davon hinter dem Archiv und einem Schrägstrich, oder importiere alle ins Logbuch.</translation>
    </message>
    <message>
        <source>The file is larger than %1 MB, too large for a track. Check that it is the right one.</source>
        <translation>Die Datei ist größer als %1 MB, zu groß für eine Flugspur. Prüfe, ob es die richtige ist.</translation>
    </message>
    <message>
        <source>The XML is broken here: %1. Copy the file again, or export it again.</source>
        <translation>Das XML ist hier fehlerhaft: %1. Kopiere die Datei noch einmal, oder exportiere sie neu.</translation>
    </message>
    <message>
        <source>The file holds no flight: no points or readings with a time. A route without times cannot be debriefed.</source>
        <translation>Die Datei enthält keinen Flug: keine Punkte oder Messwerte mit Zeit. Eine Route ohne Zeiten lässt sich nicht auswerten.</translation>
    </message>
    <message>
        <source>“%1” is not a format that logs are written in. Choose a name ending in %2.</source>
        <translation>„%1“ ist kein Format, in dem Logs geschrieben werden. Wähle einen Namen, der auf %2 endet.</translation>
    </message>
    <message>
        <source>The file exists, and a recording never overwrites one. Choose another name.</source>
        <translation>Die Datei gibt es schon, und eine Aufzeichnung überschreibt nie eine. Wähle einen anderen Namen.</translation>
    </message>
    <message>
        <source>“%1” cannot be opened: %2. Another program may be listening there, or this user may not read it.</source>
        <translation>„%1“ lässt sich nicht öffnen: %2. Vielleicht lauscht dort ein anderes Programm, oder diesem Benutzer fehlen die Rechte.</translation>
    </message>
    <message>
        <source>Cancelled. Nothing was changed.</source>
        <translation>Abgebrochen. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>No return: against a wind of %1, the worst credible, an airspeed of %2 does not bring the aircraft home. Wait for less wind, or fly faster.</source>
        <translation>Keine Rückkehr: gegen einen Wind von %1, den ungünstigsten anzunehmenden, bringt eine Airspeed von %2 das Modell nicht nach Hause. Warte auf weniger Wind, oder flieg schneller.</translation>
    </message>
    <message>
        <source>This bearing cannot be flown: in a wind of %1 an airspeed of %2 cannot hold the course with 2 m/s over ground. Choose another bearing, or wait for less wind.</source>
        <translation>Dieser Kurs lässt sich nicht fliegen: bei einem Wind von %1 hält eine Airspeed von %2 den Kurs nicht mit 2 m/s über Grund. Wähle einen anderen Kurs, oder warte auf weniger Wind.</translation>
    </message>
    <message>
        <source>The counter says %1 remain, the recharge says %2: the current sensor&apos;s scale is off. Calibrate it; until then trust the recharge.</source>
        <translation>Der Zähler sagt, %1 verbleiben, die Nachladung sagt %2: die Skalierung des Stromsensors ist falsch. Kalibriere ihn; bis dahin gilt die Nachladung.</translation>
    </message>
    <message>
        <source>The resting voltage says only %1 remain, the charge used says %2: the pack was not full at the start, or holds less than its label capacity.</source>
        <translation>Die Ruhespannung sagt, nur %1 verbleiben, die verbrauchte Ladung sagt %2: der Akku war am Anfang nicht voll, oder fasst weniger als aufgedruckt.</translation>
    </message>
    <message>
        <source>The resting voltage says %1 remain, the counter says %2: after a short rest, or in the cold, the voltage has not recovered yet. Let it rest for half an hour and measure again.</source>
        <translation>Die Ruhespannung sagt, %1 verbleiben, der Zähler sagt %2: nach kurzer Ruhe oder in der Kälte ist die Spannung noch nicht zurück. Lass ihn eine halbe Stunde ruhen und miss noch einmal.</translation>
    </message>
    <message>
        <source>The resting voltage says %1 remain, the counter only %2: the current sensor reads too high. Recharge, and calibrate it.</source>
        <translation>Die Ruhespannung sagt, %1 verbleiben, der Zähler nur %2: der Stromsensor misst zu hoch. Lade nach, und kalibriere ihn.</translation>
    </message>
    <message>
        <source>The resting voltage says only %1 remain, the counter says %2: the pack holds less than its label capacity, or the current sensor reads too low. The recharge decides; until then trust the voltage.</source>
        <translation>Die Ruhespannung sagt, nur %1 verbleiben, der Zähler sagt %2: der Akku fasst weniger als aufgedruckt, oder der Stromsensor misst zu niedrig. Die Nachladung entscheidet; bis dahin gilt die Spannung.</translation>
    </message>
    <message>
        <source>first</source>
        <translation>erste</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweite</translation>
    </message>
    <message>
        <source>third</source>
        <translation>dritte</translation>
    </message>
    <message>
        <source>%1th</source>
        <comment>ordinal number</comment>
        <translation>%1.</translation>
    </message>
    <message>
        <source>The wind is not known: the log has no position and no course.</source>
        <translation>Der Wind ist unbekannt: das Log hat weder Position noch Kurs.</translation>
    </message>
    <message>
        <source>The wind is not known: less than half a minute was flown.</source>
        <translation>Der Wind ist unbekannt: es wurde weniger als eine halbe Minute geflogen.</translation>
    </message>
    <message>
        <source>The wind is not known: too little turning, so that it cannot be told from the airspeed. Fly one full circle on every flight.</source>
        <translation>Der Wind ist unbekannt: zu wenig Kurven, er lässt sich nicht von der Airspeed trennen. Flieg bei jedem Flug einen Vollkreis.</translation>
    </message>
    <message>
        <source>The pack is at its landing voltage before %1 is reached. Fly lower, climb more gently, or take a bigger pack.</source>
        <translation>Der Akku erreicht seine Landespannung vor %1. Flieg niedriger, steig sanfter, oder nimm einen größeren Akku.</translation>
    </message>
    <message>
        <source>This pack cannot supply the %1 that the flight needs. One with less resistance or more cells can.</source>
        <translation>Dieser Akku kann die %1, die der Flug braucht, nicht liefern. Einer mit weniger Widerstand oder mehr Zellen kann es.</translation>
    </message>
    <message>
        <source>The return leg is the slow one: %1 over ground against %2 outbound. Flying out into the wind makes it the fast one.</source>
        <translation>Der Rückflug ist der langsame: %1 über Grund gegen %2 auf dem Hinflug. Gegen den Wind hinauszufliegen macht ihn zum schnellen.</translation>
    </message>
    <message>
        <source>Landing at %1 leaves %2 unused, %3 of the usable energy. %4 is usual for this chemistry.</source>
        <translation>Bei %1 zu landen lässt %2 ungenutzt, %3 der nutzbaren Energie. %4 ist für diese Chemie üblich.</translation>
    </message>
    <message>
        <source>Landing at %1 is below this chemistry&apos;s floor of %2 and damages the cells.</source>
        <translation>Bei %1 zu landen ist unter der Untergrenze dieser Chemie von %2 und schadet den Zellen.</translation>
    </message>
    <message>
        <source>%1 is above your height limit of %2. Local rules decide.</source>
        <translation>%1 liegt über deiner Höhengrenze von %2. Lokale Regeln entscheiden.</translation>
    </message>
    <message>
        <source>Cruise takes %1 of full power; 30–40 % leaves headroom for gusts.</source>
        <translation>Der Reiseflug braucht %1 der vollen Leistung; 30–40 % lassen Reserve für Böen.</translation>
    </message>
    <message>
        <source>Cruise takes %1 of full power: too much for a distance attempt. Fly slower, or lighter.</source>
        <translation>Der Reiseflug braucht %1 der vollen Leistung: zu viel für einen Streckenflug. Flieg langsamer, oder leichter.</translation>
    </message>
    <message>
        <source>On this flight %1 never says turn.</source>
        <translation>Auf diesem Flug fordert %1 nie zur Umkehr auf.</translation>
    </message>
    <message>
        <source>The pack cannot fly the whole route: come home from %1 along it. A shorter route, less reserve or a bigger pack clears it.</source>
        <translation>Der Akku schafft die Route nicht ganz: kehre nach %1 der Route um. Eine kürzere Route, weniger Reserve oder ein größerer Akku behebt das.</translation>
    </message>
    <message>
        <source>The ground comes within %1 of the flight path, at %2 along it; %3 are wanted. Fly higher, or around it.</source>
        <translation>Der Boden kommt dem Flugweg nach %2 bis auf %1 nahe; gewünscht sind %3. Flieg höher, oder außen herum.</translation>
    </message>
    <message>
        <source>The terrain file “%1” was not read: this plan assumes flat ground.</source>
        <translation>Die Geländedatei „%1“ wurde nicht gelesen: dieser Plan rechnet mit ebenem Boden.</translation>
    </message>
    <message>
        <source>The elevation raster does not cover the whole flight: beyond it the ground is unknown.</source>
        <translation>Das Höhenraster deckt nicht den ganzen Flug ab: darüber hinaus ist der Boden unbekannt.</translation>
    </message>
    <message>
        <source>A speed by share of full power needs the aircraft&apos;s full power; the known cruise is used.</source>
        <translation>Eine Geschwindigkeit nach Leistungsanteil braucht die volle Leistung des Modells; der bekannte Reiseflug wird verwendet.</translation>
    </message>
    <message>
        <source>Level flight takes more than %1 of full power at any airspeed; the known cruise is used.</source>
        <translation>Der Horizontalflug braucht bei jeder Airspeed mehr als %1 der vollen Leistung; der bekannte Reiseflug wird verwendet.</translation>
    </message>
    <message>
        <source>A fixed speed needs an airspeed (mission.airspeed_mps); the known cruise is used.</source>
        <translation>Eine feste Geschwindigkeit braucht eine Airspeed (mission.airspeed_mps); der bekannte Reiseflug wird verwendet.</translation>
    </message>
    <message>
        <source>A throttle (%1) needs the aircraft&apos;s full power; without it the throttle is ignored.</source>
        <translation>Eine Gasstellung (%1) braucht die volle Leistung des Modells; ohne sie wird sie nicht beachtet.</translation>
    </message>
    <message>
        <source>A descent of %1 is more than the airspeed of %2 allows: nothing is left to move forward. Choose a slower descent.</source>
        <translation>Ein Sinken mit %1 ist mehr, als die Airspeed von %2 zulässt: nichts bleibt für die Vorwärtsbewegung. Wähle ein langsameres Sinken.</translation>
    </message>
    <message>
        <source>That throttle does not climb: level flight takes all of it. More throttle or less mass clears it.</source>
        <translation>Mit dieser Gasstellung steigt es nicht: der Horizontalflug braucht sie ganz. Mehr Gas oder weniger Masse behebt das.</translation>
    </message>
    <message>
        <source>Descending at %1 with so little forward speed sinks into its own wake; %2 is the most. Descend while flying forward.</source>
        <translation>Mit %1 bei so wenig Fahrt zu sinken führt in den eigenen Abwind; höchstens %2. Sinke im Vorwärtsflug.</translation>
    </message>
    <message>
        <source>The known cruise is assumed to be flown at today&apos;s %1. If it was flown with another pack, enter that all-up mass: a heavier pack costs power.</source>
        <translation>Der bekannte Reiseflug gilt als bei den heutigen %1 geflogen. War es ein anderer Akku, trage jene Abflugmasse ein: ein schwererer Akku kostet Leistung.</translation>
    </message>
    <message>
        <source>No aircraft of this mass cruises on %1: physics needs at least %2, %3 is usual. Check power, mass, propellers and kind of aircraft.</source>
        <translation>Kein Modell dieser Masse fliegt mit %1: die Physik verlangt mindestens %2, üblich sind %3. Prüfe Leistung, Masse, Propeller und Art.</translation>
    </message>
    <message>
        <source>A cruise on %1 is less than ideal hovering would take (%2); %3 is usual. Check power, mass and propellers.</source>
        <translation>Ein Reiseflug mit %1 ist weniger, als ideales Schweben bräuchte (%2); üblich sind %3. Prüfe Leistung, Masse und Propeller.</translation>
    </message>
    <message>
        <source>A pack of %1 that weighs %2 stores %3 Wh/kg; %4 to %5 Wh/kg is usual for such cells. Check its mass and its cells.</source>
        <translation>Ein Akku mit %1, der %2 wiegt, speichert %3 Wh/kg; üblich sind bei solchen Zellen %4 bis %5 Wh/kg. Prüfe Masse und Zellen.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>The array delivers nothing on this day: the sun does not rise at this place, or the array does not reach the pack&apos;s voltage.</source>
        <translation>Das Solarfeld liefert an diesem Tag nichts: die Sonne geht hier nicht auf, oder es erreicht die Akkuspannung nicht.</translation>
    </message>
    <message>
        <source>The pack is full while the sun still delivers more: %1 go unused. Fly faster, climb, or take a bigger pack.</source>
        <translation>Der Akku ist voll, während die Sonne noch mehr liefert: %1 bleiben ungenutzt. Flieg schneller, steig, oder nimm einen größeren Akku.</translation>
    </message>
    <message>
        <source>Sun and pack keep it up for the whole period considered (%1); what ends the flight is something else.</source>
        <translation>Sonne und Akku tragen es über die ganze betrachtete Zeit (%1); was den Flug beendet, ist etwas anderes.</translation>
    </message>
    <message>
        <source>The counter includes everything that motors and electronics took; part of it came from the array. The resting voltage or the recharge tells what remains in the pack, not the counter.</source>
        <translation>Der Zähler enthält alles, was Motoren und Elektronik nahmen; ein Teil kam vom Solarfeld. Was im Akku verbleibt, sagt die Ruhespannung oder die Nachladung, nicht der Zähler.</translation>
    </message>
    <message>
        <source>A flight on the sun needs %1; without it this is a plan on the pack alone.</source>
        <translation>Ein Flug mit der Sonne braucht %1; ohne das ist dies ein Plan allein mit dem Akku.</translation>
    </message>
    <message>
        <source>The cold pack sags to %1 at the start and recovers after %2 as it warms. Keep it warm until launch, and do not mistake the sag for empty.</source>
        <translation>Der kalte Akku bricht am Anfang auf %1 ein und erholt sich nach %2, wenn er warm wird. Halte ihn bis zum Start warm, und verwechsle den Einbruch nicht mit leer.</translation>
    </message>
    <message>
        <source>%1 exceeds the %2 continuous rating of this pack. Fly slower, or take a pack with more cells in parallel.</source>
        <translation>%1 überschreitet den Dauerstrom von %2 dieses Akkus. Flieg langsamer, oder nimm einen Akku mit mehr Zellen parallel.</translation>
    </message>
    <message>
        <source>mAh mislead here, because the packs differ in cells in series: %1 has %2 but only %3; %4 has %5 and %6. Compare by Wh.</source>
        <translation>mAh täuschen hier, weil die Akkus verschieden viele Zellen in Reihe haben: %1 hat %2, aber nur %3; %4 hat %5 und %6. Vergleiche nach Wh.</translation>
    </message>
    <message>
        <source>Flights showed %1 per cell, the pack is entered with %2. Cold, age or a bad joint: the measured value decides the continuous current.</source>
        <translation>Flüge zeigten %1 pro Zelle, eingetragen ist der Akku mit %2. Kälte, Alter oder eine schlechte Verbindung: der gemessene Wert bestimmt den Dauerstrom.</translation>
    </message>
    <message>
        <source>Under this load the pack is below %1 from the start: nothing is usable down to that landing voltage.</source>
        <translation>Unter dieser Last liegt der Akku von Anfang an unter %1: bis zu dieser Landespannung ist nichts nutzbar.</translation>
    </message>
    <message>
        <source>“%1” names no unit; it was read as %2 in %3.</source>
        <translation>„%1“ nennt keine Einheit; es wurde als %2 in %3 gelesen.</translation>
    </message>
    <message>
        <source>“%1” was read as %2 in %3 from its numbers or its unit alone. If that is wrong: Columns…</source>
        <translation>„%1“ wurde allein nach Zahlen oder Einheit als %2 in %3 gelesen. Wenn das falsch ist: Spalten…</translation>
    </message>
    <message>
        <source>Records that could not be read were left out: %1, the first in line %2.</source>
        <translation>Nicht lesbare Datensätze wurden ausgelassen: %1, der erste in Zeile %2.</translation>
    </message>
    <message>
        <source>The log has more than one battery. Charge and energy are those of the first; the others are not added.</source>
        <translation>Das Log hat mehr als einen Akku. Ladung und Energie sind die des ersten; die anderen sind nicht dabei.</translation>
    </message>
    <message>
        <source>More than one vehicle is on this link. Positions and readings are those of number %1; the others are left out.</source>
        <translation>Auf diesem Link ist mehr als ein Fahrzeug. Positionen und Werte sind die von Nummer %1; die anderen bleiben aus.</translation>
    </message>
    <message>
        <source>The log&apos;s clock was set in flight; the rows before were moved to the clock that followed.</source>
        <translation>Die Uhr des Logs wurde im Flug gestellt; die Zeilen davor wurden auf die spätere Uhr gerückt.</translation>
    </message>
    <message>
        <source>The log began with %1 on the counter: they count as used, but the start is missing. Time and distance are lower bounds.</source>
        <translation>Das Log begann mit %1 auf dem Zähler: sie zählen als verbraucht, aber der Anfang fehlt. Zeit und Strecke sind Untergrenzen.</translation>
    </message>
    <message>
        <source>No column holds a current; charge is power over volts.</source>
        <translation>Keine Spalte enthält einen Strom; die Ladung ist Leistung durch Spannung.</translation>
    </message>
    <message>
        <source>Voltage was missing for %1; it was interpolated for the energy.</source>
        <translation>Die Spannung fehlte %1 lang; für die Energie wurde sie interpoliert.</translation>
    </message>
    <message>
        <source>The current was missing for %1; it was interpolated for the charge, with a wide error.</source>
        <translation>Der Strom fehlte %1 lang; für die Ladung wurde er interpoliert, mit großem Fehler.</translation>
    </message>
    <message>
        <source>The current was missing for %1; the log&apos;s own counter gives what was drawn meanwhile.</source>
        <translation>Der Strom fehlte %1 lang; der Zähler des Logs sagt, was inzwischen entnommen wurde.</translation>
    </message>
    <message>
        <source>Without positions the distance is ground speed over time.</source>
        <translation>Ohne Positionen ist die Strecke Geschwindigkeit über Grund mal Zeit.</translation>
    </message>
    <message>
        <source>Day and month in “%1” (%2) can be read either way; they were read as %3. If that is wrong: Columns…</source>
        <translation>Tag und Monat in „%1“ (%2) lassen sich so oder so lesen; gelesen wurde %3. Wenn das falsch ist: Spalten…</translation>
    </message>
    <message>
        <source>“%1” is %2 too; another column was used for it. If that is wrong: Columns…</source>
        <translation>Auch „%1“ ist %2; verwendet wurde eine andere Spalte. Wenn das falsch ist: Spalten…</translation>
    </message>
    <message>
        <source>The log has no header line: its columns were identified by their numbers. Check them under Columns…</source>
        <translation>Das Log hat keine Kopfzeile: die Spalten wurden an ihren Zahlen erkannt. Prüfe sie unter Spalten…</translation>
    </message>
    <message>
        <source>The log gives positions in metres and does not say where home is: distances are right, the location on earth is not.</source>
        <translation>Das Log gibt Positionen in Metern an und sagt nicht, wo der Startpunkt liegt: Entfernungen stimmen, der Ort auf der Erde nicht.</translation>
    </message>
    <message>
        <source>Home as given is %1 from the first good fix. Latitude comes first, then longitude.</source>
        <translation>Der angegebene Startpunkt liegt %1 von der ersten guten Position. Zuerst kommt die Breite, dann die Länge.</translation>
    </message>
    <message>
        <source>No column holds a current or a charge counter: distance and height are shown, consumption is not. Switch the current sensor&apos;s telemetry on.</source>
        <translation>Keine Spalte enthält Strom oder Ladungszähler: Strecke und Höhe werden gezeigt, der Verbrauch nicht. Schalte die Telemetrie des Stromsensors ein.</translation>
    </message>
    <message>
        <source>No column holds the pack voltage: charge is counted, energy is unknown.</source>
        <translation>Keine Spalte enthält die Akkuspannung: die Ladung wird gezählt, die Energie ist unbekannt.</translation>
    </message>
    <message>
        <source>The first good fix came after %1, and home is assumed there. If the aircraft was already flying, set home yourself.</source>
        <translation>Die erste gute Position kam nach %1, und der Startpunkt wird dort angenommen. Flog das Modell schon, gib den Startpunkt selbst an.</translation>
    </message>
    <message>
        <source>The integrated current gives %1, the log&apos;s own counter says %2. Rows may be missing, or the counter started late.</source>
        <translation>Der integrierte Strom ergibt %1, der Zähler des Logs sagt %2. Vielleicht fehlen Zeilen, oder der Zähler begann spät.</translation>
    </message>
    <message>
        <source>Positions add up to %1, ground speed to %2. One of the two is off.</source>
        <translation>Positionen ergeben zusammen %1, die Geschwindigkeit über Grund %2. Eines von beiden stimmt nicht.</translation>
    </message>
    <message>
        <source>The record has gaps (%1, together %2). What was used meanwhile is not counted; the true figures are higher.</source>
        <translation>Die Aufzeichnung hat Lücken (%1, zusammen %2). Was inzwischen verbraucht wurde, ist nicht gezählt; die wahren Werte sind höher.</translation>
    </message>
    <message>
        <source>The log&apos;s maximum of %1 does not fit a pack of %2 in series; nothing that depends on the pack is computed. Choose the pack that was flown.</source>
        <translation>Höchstens %1 im Log passen nicht zu einem Akku mit %2 in Reihe; nichts, was vom Akku abhängt, wird berechnet. Wähle den geflogenen Akku.</translation>
    </message>
    <message>
        <source>The headings flown show the wind along %1 only; across it, the log cannot tell it from the airspeed. A full turn would.</source>
        <translation>Die geflogenen Kurse zeigen den Wind nur längs %1; quer dazu ist er im Log nicht von der Airspeed zu trennen. Ein Vollkreis würde es zeigen.</translation>
    </message>
    <message>
        <source>The wind is unknown, so still-air consumption is too: the figures over ground hold for this flight only.</source>
        <translation>Der Wind ist unbekannt, also auch der Verbrauch bei Windstille: die Werte über Grund gelten nur für diesen Flug.</translation>
    </message>
    <message>
        <source>The logbook is read-only here: changes are not saved. Give its file write permission, or choose another one.</source>
        <translation>Das Logbuch ist hier schreibgeschützt: Änderungen werden nicht gespeichert. Gib der Datei Schreibrechte, oder wähle ein anderes.</translation>
    </message>
    <message>
        <source>The logbook is open in another window; here it is read-only, and changes are not saved. Close the other window and start again.</source>
        <translation>Das Logbuch ist in einem anderen Fenster offen; hier ist es schreibgeschützt, und Änderungen werden nicht gespeichert. Schließe das andere Fenster und starte neu.</translation>
    </message>
    <message>
        <source>The logbook was written by a newer version (%1; this program knows up to %2). It is read-only, and changes are not saved. Update the program.</source>
        <translation>Das Logbuch stammt von einer neueren Version (%1; dieses Programm kennt bis %2). Es ist schreibgeschützt, und Änderungen werden nicht gespeichert. Aktualisiere das Programm.</translation>
    </message>
    <message>
        <source>The folder of the logbook does not allow the safer way of writing, as network folders do not. It works, more slowly; a folder on this machine is better.</source>
        <translation>Der Ordner des Logbuchs erlaubt das sicherere Schreibverfahren nicht, wie bei Netzwerkordnern. Es geht, aber langsamer; ein Ordner auf diesem Rechner ist besser.</translation>
    </message>
    <message>
        <source>The logbook was upgraded to this version. A copy of the old one is in %1.</source>
        <translation>Das Logbuch wurde auf diese Version gebracht. Eine Kopie des alten liegt in %1.</translation>
    </message>
    <message>
        <source>Latitude and longitude are in each other&apos;s column; they were swapped. Say so in “Columns…” if that is wrong.</source>
        <translation>Breite und Länge stehen in der Spalte der jeweils anderen; sie wurden vertauscht. Wenn das falsch ist, sag es unter „Spalten…“.</translation>
    </message>
    <message>
        <source>“%1” was frozen for %2 in flight, in total; those readings are excluded. Check its wiring.</source>
        <translation>„%1“ war im Flug zusammen %2 lang eingefroren; diese Werte sind ausgeschlossen. Prüfe das Kabel.</translation>
    </message>
    <message>
        <source>The current sensor is saturated at %1, for %2 in total: more was used than is counted.</source>
        <translation>Der Stromsensor ist bei %1 gesättigt, zusammen %2 lang: es wurde mehr verbraucht als gezählt.</translation>
    </message>
    <message>
        <source>Barometer and GPS drift apart by up to %1: weather, or cabin pressure from the airflow. Barometric heights are used.</source>
        <translation>Barometer und GPS laufen bis zu %1 auseinander: Wetter, oder Kabinendruck durch die Strömung. Verwendet werden die barometrischen Höhen.</translation>
    </message>
    <message>
        <source>The aircraft&apos;s own estimate is %1 from %2, its turns show %3 from %4. The turns count here.</source>
        <translation>Die Schätzung des Modells ist %1 aus %2, seine Kurven zeigen %3 aus %4. Hier zählen die Kurven.</translation>
    </message>
    <message>
        <source>The link would fail at about %1; this flight went to %2. Range-check it before going farther.</source>
        <translation>Der Link würde bei etwa %1 abreißen; dieser Flug ging bis %2. Mach einen Reichweitentest, bevor du weiter fliegst.</translation>
    </message>
    <message>
        <source>The current sensors do not agree: the array delivered %1, motors and electronics took %2, the pack %3. %4 are missing.</source>
        <translation>Die Stromsensoren widersprechen sich: das Solarfeld lieferte %1, Motoren und Elektronik nahmen %2, der Akku %3. %4 fehlen.</translation>
    </message>
    <message>
        <source>On the ground the sensor reads %1 where the electronics draw %2: its offset is %3. Set it in the flight controller.</source>
        <translation>Am Boden misst der Sensor %1, wo die Elektronik %2 braucht: sein Nullpunktfehler ist %3. Stelle ihn im Flugregler ein.</translation>
    </message>
    <message>
        <source>No column holds a current; charge is the log&apos;s own counter, energy its count times the volts.</source>
        <translation>Keine Spalte enthält einen Strom; die Ladung ist der Zähler des Logs, die Energie sein Stand mal der Spannung.</translation>
    </message>
    <message>
        <source>Turning by %1 at %2 would not get home at all: short by %3.</source>
        <translation>Umkehr nach %1 bei %2 käme gar nicht nach Hause: %3 zu wenig.</translation>
    </message>
    <message>
        <source>Turning by %1 at %2 would not get home with the reserve.</source>
        <translation>Umkehr nach %1 bei %2 käme nicht mit der Reserve nach Hause.</translation>
    </message>
    <message>
        <source>At %1 the rate table promises %2 per cell, but the stated resistance allows only %3. One of the two is wrong.</source>
        <translation>Bei %1 verspricht die Entladetabelle %2 pro Zelle, der angegebene Widerstand lässt aber nur %3 zu. Eines von beiden ist falsch.</translation>
    </message>
    <message numerus="yes">
        <source>%n more column(s) were not used.</source>
        <translation>
            <numerusform>%n weitere Spalte wurde nicht verwendet.</numerusform>
            <numerusform>%n weitere Spalten wurden nicht verwendet.</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1” was not used.</source>
        <translation>„%1“ wurde nicht verwendet.</translation>
    </message>
    <message>
        <source>The file holds %1 flights; this is the %2. Choose another one above the strips, or with --flight.</source>
        <translation>Die Datei enthält %1 Flüge; dies ist der %2. Wähle einen anderen über den Verläufen, oder mit --flight.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the strips between the cells, up to %3. Feel the pack after landing; wider or doubled strips carry more.</source>
        <translation>%1 über den %2 der Verbinder zwischen den Zellen, bis zu %3. Fühl den Akku nach der Landung; breitere oder doppelte Verbinder tragen mehr.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the connector, up to %3. Feel it after landing; a larger one carries more.</source>
        <translation>%1 über den %2 des Steckers, bis zu %3. Fühl ihn nach der Landung; ein größerer trägt mehr.</translation>
    </message>
    <message>
        <source>%1 above the %2 continuous rating of this pack, up to %3. Short bursts warm it; a minute of it ages it.</source>
        <translation>%1 über dem Dauerstrom von %2 dieses Akkus, bis zu %3. Kurze Spitzen wärmen ihn; eine Minute davon lässt ihn altern.</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>Zeile %1</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>message (its cause)</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>place: message</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Der Startpunkt</translation>
    </message>
    <message>
        <source>There is no area in this file: no polygon of GeoJSON or KML.</source>
        <translation>In dieser Datei ist kein Gebiet: kein Polygon in GeoJSON oder KML.</translation>
    </message>
    <message>
        <source>%1 lies in the no-landing area “%2”: move the one, or draw the other anew.</source>
        <translation>%1 liegt im Landeverbotsgebiet „%2“: das eine verschieben oder das andere neu zeichnen.</translation>
    </message>
    <message>
        <source>The pack&apos;s %1 is a label&apos;s figure or a sum of parts until it is weighed: leads and connector often add a few per cent.</source>
        <translation>Die %1 des Akkus sind eine Etikettangabe oder eine Summe von Teilen, bis er gewogen ist: Kabel und Stecker machen oft ein paar Prozent aus.</translation>
    </message>
    <message>
        <source>No flight and no recharge of this pack is filed: all that is known of it is its label. Fly it near home first.</source>
        <translation>Von diesem Akku ist weder ein Flug noch eine Nachladung abgelegt: bekannt ist nur sein Etikett. Fliege ihn zuerst in der Nähe.</translation>
    </message>
    <message>
        <source>These cells are taken to be high-capacity ones, good for %1 in this pack; high-drain ones would be good for %2. Say which they are, or enter the pack&apos;s rated current.</source>
        <translation>Diese Zellen gelten als Hochkapazitätszellen, gut für %1 in diesem Akku; Hochstromzellen wären gut für %2. Gib an, welche es sind, oder trage den Nennstrom des Akkus ein.</translation>
    </message>
    <message>
        <source>The log counts what leaves the pack as negative. The sign was reversed: drawn is positive.</source>
        <translation>Das Log zählt negativ, was den Akku verlässt. Das Vorzeichen wurde umgekehrt: Entnommenes ist positiv.</translation>
    </message>
    <message>
        <source>The log has its newest rows first. Their order was reversed.</source>
        <translation>Im Log stehen die neuesten Zeilen zuerst. Ihre Reihenfolge wurde umgekehrt.</translation>
    </message>
    <message>
        <source>No position in this log: distances are unknown.</source>
        <translation>Keine Position in diesem Log: Strecken sind unbekannt.</translation>
    </message>
    <message>
        <source>The “%1” given there is not known.</source>
        <translation>„%1“, das dort angegeben ist, ist nicht bekannt.</translation>
    </message>
    <message>
        <source>A value is missing that cannot be derived. Add it.%1</source>
        <translation>Es fehlt ein Wert, der sich nicht ableiten lässt. Ergänze ihn.%1</translation>
    </message>
    <message>
        <source>This flight does not show level flight in a known wind, on which the comparison rests. Take one with a full circle.</source>
        <translation>Dieser Flug zeigt keinen Horizontalflug bei bekanntem Wind, auf dem der Vergleich beruht. Nimm einen mit einem vollen Kreis.</translation>
    </message>
    <message>
        <source>“%1” does not say whether it is a cell&apos;s capacity or the whole pack&apos;s. By the packs&apos; mass it was read as a cell&apos;s.</source>
        <translation>„%1“ sagt nicht, ob es die Kapazität einer Zelle oder des ganzen Akkus ist. Nach der Masse der Akkus wurde es als die einer Zelle gelesen.</translation>
    </message>
    <message>
        <source>“%1” does not say whether it is a cell&apos;s capacity or the whole pack&apos;s. By the packs&apos; mass it was read as the pack&apos;s.</source>
        <translation>„%1“ sagt nicht, ob es die Kapazität einer Zelle oder des ganzen Akkus ist. Nach der Masse der Akkus wurde es als die des Akkus gelesen.</translation>
    </message>
    <message>
        <source>“%1” is not in the logbook, which has none yet. Enter it there first, or leave the column out.</source>
        <translation>„%1“ steht nicht im Logbuch, das noch keines hat. Trage es dort zuerst ein oder lass die Spalte weg.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the controllers, up to %3. Fly slower, or take a propeller of less pitch.</source>
        <translation>%1 über den %2 der Regler, bis zu %3. Flieg langsamer, oder nimm einen Propeller mit weniger Steigung.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the motors, up to %3. Fly slower, or take a propeller of less pitch.</source>
        <translation>%1 über den %2 der Motoren, bis zu %3. Flieg langsamer, oder nimm einen Propeller mit weniger Steigung.</translation>
    </message>
    <message>
        <source>Even at launch the pack does not hold what %1 asks for. Less reserve or a bigger pack clears it.</source>
        <translation>Selbst beim Start enthält der Akku nicht, was %1 verlangt. Weniger Reserve oder ein größerer Akku behebt es.</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>The solar cells together take %1, the wing has %2. Check the area of one cell, how many there are, and the wing&apos;s area.</source>
        <translation>Die Solarzellen zusammen brauchen %1, der Flügel hat %2. Prüfe die Fläche einer Zelle, ihre Anzahl und die Flügelfläche.</translation>
    </message>
    <message>
        <source>Connected directly, nothing ends the charge: the array would push the full pack beyond %1, and overcharged cells can burn. Use a converter that ends the charge there, launch with less in the pack, or switch the array off in time.</source>
        <translation>Bei direktem Anschluss beendet nichts das Laden: Das Solarfeld würde den vollen Akku über %1 hinaus laden, und überladene Zellen können brennen. Nimm einen Wandler, der dort abschaltet, starte mit weniger im Akku oder schalte das Solarfeld rechtzeitig ab.</translation>
    </message>
    <message>
        <source>At launch the voltage was that of a pack about %1 full; it is taken to have been %2 full. If it was not, say what it was charged to (about %3): less remained than the counter says. If it was, the pack has aged or was colder, or the voltage sensor reads low.</source>
        <translation>Beim Start war die Spannung die eines zu etwa %1 vollen Akkus; angenommen ist er zu %2 voll. Wenn er es nicht war, gib ein, bis wohin er geladen war (etwa %3): Es blieb weniger übrig, als der Zähler sagt. Wenn doch, ist der Akku gealtert oder war kälter, oder der Spannungssensor zeigt zu wenig an.</translation>
    </message>
    <message>
        <source>a number, or text of a number and its unit</source>
        <translation>eine Zahl, oder Text aus Zahl und Einheit</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>a number, with a unit of the column&apos;s kind or none</source>
        <translation>eine Zahl, mit einer Einheit von der Art der Spalte oder ohne</translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>Text in Anführungszeichen</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>an object in braces: {…}</source>
        <translation>ein Objekt in geschweiften Klammern: {…}</translation>
    </message>
    <message>
        <source>a list in brackets: […]</source>
        <translation>eine Liste in eckigen Klammern: […]</translation>
    </message>
    <message>
        <source>two numbers in brackets: [number, number]</source>
        <translation>zwei Zahlen in eckigen Klammern: [Zahl, Zahl]</translation>
    </message>
    <message>
        <source>a date</source>
        <translation>ein Datum</translation>
    </message>
    <message>
        <source>a time of day</source>
        <translation>eine Uhrzeit</translation>
    </message>
    <message>
        <source>readings such as 5 min 410 mAh 15.9 V; 10 min 830 mAh</source>
        <translation>Ablesungen wie 5 min 410 mAh 15.9 V; 10 min 830 mAh</translation>
    </message>
    <message>
        <source>columns that fit together</source>
        <translation>Spalten, die zusammenpassen</translation>
    </message>
    <message>
        <source>“%1” cannot be read there; expected: %2.</source>
        <translation>„%1“ ist dort nicht lesbar; erwartet: %2.</translation>
    </message>
    <message>
        <source>A mission of this kind leads over at least one waypoint. Add one, or choose another kind.</source>
        <translation>Eine Mission dieser Art führt über mindestens einen Wegpunkt. Füge einen hinzu, oder wähle eine andere Art.</translation>
    </message>
    <message>
        <source>The outbound leg ends at %1, %2 after launch: in the wind of %3 met there an airspeed of %4 cannot hold the course with 2 m/s over ground.</source>
        <translation>Der Hinweg endet bei %1, %2 nach dem Start: im Wind von %3, der dort herrscht, hält eine Airspeed von %4 den Kurs nicht mit 2 m/s über Grund.</translation>
    </message>
    <message>
        <source>The position is known from %1 to %2 only: distance, farthest point and consumption are those of that part of the flight.</source>
        <translation>Die Position ist nur von %1 bis %2 bekannt: Strecke, weitester Punkt und Verbrauch sind die dieses Teils des Flugs.</translation>
    </message>
    <message>
        <source>The wind is not known: the aircraft hovered, or flew too slowly to show it. Fly one full circle at cruising speed.</source>
        <translation>Der Wind ist nicht bekannt: Das Modell schwebte oder flog zu langsam, um ihn zu zeigen. Flieg einen vollen Kreis mit Reisegeschwindigkeit.</translation>
    </message>
    <message>
        <source>The wind is not known: the speed over ground was the same on every course while the power was not, as position control flies it. Fly one full circle at a steady attitude.</source>
        <translation>Der Wind ist nicht bekannt: Die Geschwindigkeit über Grund war auf jedem Kurs gleich, die Leistung nicht, wie es eine Positionsregelung fliegt. Flieg einen vollen Kreis mit fester Fluglage.</translation>
    </message>
    <message>
        <source>The wind decides this turn, not the pack: from beyond %1, %2 after launch, the aircraft does not get home against the worst credible wind.</source>
        <translation>Über diese Umkehr entscheidet der Wind, nicht der Akku: von weiter als %1, %2 nach dem Start, kommt das Modell gegen den ungünstigsten anzunehmenden Wind nicht nach Hause.</translation>
    </message>
    <message>
        <source>No column holds a current or a charge; charge is the energy counted over the volts.</source>
        <translation>Keine Spalte enthält Strom oder Ladung; die Ladung ist die gezählte Energie durch die Spannung.</translation>
    </message>
    <message>
        <source>The log has power or energy, but neither pack voltage nor current: energy is counted, charge is unknown.</source>
        <translation>Das Log hat Leistung oder Energie, aber weder Akkuspannung noch Strom: die Energie wird gezählt, die Ladung ist unbekannt.</translation>
    </message>
    <message>
        <source>“%1” is known there.</source>
        <translation>Bekannt ist dort „%1“.</translation>
    </message>
    <message>
        <source>“%1” is not known and was ignored. Is it a typing error?%2</source>
        <translation>„%1“ ist unbekannt und wurde nicht beachtet. Ein Tippfehler?%2</translation>
    </message>
    <message>
        <source>The log has only the voltage of a cell: charge is counted, energy is unknown. Say how many cells are in series.</source>
        <translation>Das Log enthält nur die Spannung einer Zelle: die Ladung wird gezählt, die Energie ist unbekannt. Gib an, wie viele Zellen in Reihe liegen.</translation>
    </message>
    <message>
        <source>The log has only the voltage of a cell; the pack&apos;s is taken as %1 times that.</source>
        <translation>Das Log enthält nur die Spannung einer Zelle; die des Akkus wird als das %1-fache davon genommen.</translation>
    </message>
    <message>
        <source>The log&apos;s timer counts down. Time was counted upwards from its first row.</source>
        <translation>Der Timer im Log zählt rückwärts. Die Zeit wurde von der ersten Zeile an vorwärts gezählt.</translation>
    </message>
</context>
<context>
    <name>sobremesa::MissionFields</name>
    <message>
        <source>Home position</source>
        <translation>Startposition</translation>
    </message>
    <message>
        <source>Enter latitude and longitude in degrees, such as “39.41825; -31.36148”.</source>
        <translation>Schreibe Breite und Länge in Grad, etwa „39.41825; -31.36148“.</translation>
    </message>
    <message>
        <source>latitude; longitude in degrees: for terrain and for route files</source>
        <translation>Breite; Länge in Grad: für Gelände und Routendateien</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Mission</source>
        <translation>Mission</translation>
    </message>
    <message>
        <source>Launch (UTC)</source>
        <translation>Start (UTC)</translation>
    </message>
    <message>
        <source>Enter date and time as 2026-06-21 10:30.</source>
        <translation>Schreibe Datum und Zeit als 2026-06-21 10:30.</translation>
    </message>
    <message>
        <source>date and time, such as 2026-06-21 10:30; the place is home</source>
        <translation>Datum und Zeit, etwa 2026-06-21 10:30; der Ort ist der Startpunkt</translation>
    </message>
    <message>
        <source>Cloud, eighths of the sky</source>
        <translation>Bewölkung, Achtel des Himmels</translation>
    </message>
    <message>
        <source>The sun counts as</source>
        <translation>Die Sonne zählt als</translation>
    </message>
    <message>
        <source>a bonus</source>
        <translation>Zugabe</translation>
    </message>
    <message>
        <source>counted</source>
        <translation>gezählt</translation>
    </message>
    <message>
        <source>Outbound airspeed</source>
        <translation>Airspeed hin</translation>
    </message>
    <message>
        <source>Return airspeed</source>
        <translation>Airspeed zurück</translation>
    </message>
    <message>
        <source>Fixed airspeed</source>
        <translation>Feste Airspeed</translation>
    </message>
    <message>
        <source>used where a fixed one is chosen</source>
        <translation>verwendet, wo eine feste gewählt ist</translation>
    </message>
    <message>
        <source>Share of full power</source>
        <translation>Anteil der vollen Leistung</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>used where that is chosen; half leaves room for gusts and climbs</source>
        <translation>verwendet, wo er gewählt ist; die Hälfte lässt Raum für Böen und Steigflüge</translation>
    </message>
    <message>
        <source>Climb angle</source>
        <translation>Steigwinkel</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>instead of a rate</source>
        <translation>statt einer Rate</translation>
    </message>
    <message>
        <source>Climb throttle</source>
        <translation>Gas im Steigflug</translation>
    </message>
    <message>
        <source>wings launch near 85 %; needs the full power</source>
        <translation>Flächenmodelle starten bei etwa 85 %; braucht die volle Leistung</translation>
    </message>
    <message>
        <source>Ground clearance</source>
        <translation>Bodenabstand</translation>
    </message>
    <message>
        <source>Height limit above ground</source>
        <translation>Höhengrenze über Grund</translation>
    </message>
    <message>
        <source>local rules decide</source>
        <translation>lokale Regeln entscheiden</translation>
    </message>
    <message>
        <source>Distance limit from home</source>
        <translation>Entfernungsgrenze vom Startpunkt</translation>
    </message>
    <message>
        <source>km</source>
        <translation>km</translation>
    </message>
    <message>
        <source>out and back turns there at the latest</source>
        <translation>hin und zurück kehrt spätestens dort um</translation>
    </message>
    <message>
        <source>Loiter radius</source>
        <translation>Kreisradius</translation>
    </message>
    <message>
        <source>banking costs power. Empty: wide circles</source>
        <translation>Querlage kostet Leistung. Leer: weite Kreise</translation>
    </message>
    <message>
        <source>Bank in turns</source>
        <translation>Querlage in Kurven</translation>
    </message>
    <message>
        <source>at waypoints and for home. Empty: turns cost nothing</source>
        <translation>an Wegpunkten und zur Heimkehr. Leer: Kurven kosten nichts</translation>
    </message>
    <message>
        <source>Landing starts at</source>
        <translation>Landung beginnt in</translation>
    </message>
    <message>
        <source>a rotor comes straight down from there, a wing flies its approach</source>
        <translation>ein Multirotor kommt von dort senkrecht herunter, ein Flächenmodell fliegt seinen Anflug</translation>
    </message>
    <message>
        <source>Landing sink rate</source>
        <translation>Sinkrate der Landung</translation>
    </message>
    <message>
        <source>rotors: never faster than 2 m/s into their own wake</source>
        <translation>Rotoren: nie schneller als 2 m/s in den eigenen Abwind</translation>
    </message>
    <message>
        <source>Elevation raster</source>
        <translation>Höhenraster</translation>
    </message>
    <message>
        <source>a file: GeoTIFF, HGT or ASCII grid; empty: flat ground</source>
        <translation>eine Datei: GeoTIFF, HGT oder ASCII-Raster; leer: ebener Boden</translation>
    </message>
    <message>
        <source>Forecast is for a height of</source>
        <translation>Vorhersage für eine Höhe von</translation>
    </message>
    <message>
        <source>Empty: the mission&apos;s</source>
        <translation>Leer: die der Mission</translation>
    </message>
    <message>
        <source>Wind profile exponent</source>
        <translation>Exponent des Windprofils</translation>
    </message>
    <message>
        <source>0.14 over open ground, 0.25 over woods and hedges</source>
        <translation>0,14 über freiem Land, 0,25 über Wald und Hecken</translation>
    </message>
    <message>
        <source>Wind growth per hour</source>
        <translation>Windzunahme je Stunde</translation>
    </message>
    <message>
        <source>Gusts above the mean wind</source>
        <translation>Böen über dem mittleren Wind</translation>
    </message>
    <message>
        <source>Empty: a third of the wind, at least 1.5 m/s</source>
        <translation>Leer: ein Drittel des Winds, mindestens 1,5 m/s</translation>
    </message>
    <message>
        <source>The wind is</source>
        <translation>Der Wind ist</translation>
    </message>
    <message>
        <source>forecast some hours ago</source>
        <translation>vor einigen Stunden vorhergesagt</translation>
    </message>
    <message>
        <source>measured now</source>
        <translation>jetzt gemessen</translation>
    </message>
    <message>
        <source>with the errors below</source>
        <translation>mit den Fehlern unten</translation>
    </message>
    <message>
        <source>Wind speed error</source>
        <translation>Fehler der Windgeschwindigkeit</translation>
    </message>
    <message>
        <source>one standard deviation</source>
        <translation>eine Standardabweichung</translation>
    </message>
    <message>
        <source>Wind direction error</source>
        <translation>Fehler der Windrichtung</translation>
    </message>
    <message>
        <source>Chance rule turns below</source>
        <translation>Wahrscheinlichkeitsregel kehrt um unter</translation>
    </message>
    <message>
        <source>Pressure at the field</source>
        <translation>Luftdruck am Platz</translation>
    </message>
    <message>
        <source>hPa</source>
        <translation>hPa</translation>
    </message>
    <message>
        <source>not reduced to sea level. Empty: from the elevation</source>
        <translation>nicht auf Meereshöhe bezogen. Leer: aus der Höhe</translation>
    </message>
    <message>
        <source>Humidity</source>
        <translation>Luftfeuchte</translation>
    </message>
    <message>
        <source>Failsafe return height</source>
        <translation>Höhe der Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>what the aircraft does by itself when the link is lost</source>
        <translation>was das Modell von selbst tut, wenn der Link abreißt</translation>
    </message>
    <message>
        <source>Failsafe return airspeed</source>
        <translation>Airspeed der Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>or at a throttle of</source>
        <translation>oder mit Gas</translation>
    </message>
    <message>
        <source>Link frequency</source>
        <translation>Linkfrequenz</translation>
    </message>
    <message>
        <source>MHz</source>
        <translation>MHz</translation>
    </message>
    <message>
        <source>Radiated power, with antennas</source>
        <translation>Strahlungsleistung, mit Antennen</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>Minimum signal</source>
        <translation>Mindestsignal</translation>
    </message>
    <message>
        <source>Link range from logs</source>
        <translation>Linkreichweite aus Logs</translation>
    </message>
    <message>
        <source>see Debrief: where the link would fall to its failsafe level</source>
        <translation>siehe Analyse: wo der Link auf die Failsafe-Schwelle fiele</translation>
    </message>
    <message>
        <source>Ground antenna height</source>
        <translation>Höhe der Bodenantenne</translation>
    </message>
    <message>
        <source>Minimum for video and servos</source>
        <translation>Minimum für Video und Servos</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>voltage of the pack, through their regulators</source>
        <translation>Akkuspannung, über ihre Regler</translation>
    </message>
    <message>
        <source>Controller cutoff</source>
        <translation>Abschaltung des Reglers</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/Zelle</translation>
    </message>
    <message>
        <source>0: switched off</source>
        <translation>0: ausgeschaltet</translation>
    </message>
    <message>
        <source>Recorder card lasts</source>
        <translation>Speicherkarte reicht für</translation>
    </message>
    <message>
        <source>Goggles last</source>
        <translation>Brille reicht für</translation>
    </message>
    <message>
        <source>Radio lasts</source>
        <translation>Sender reicht für</translation>
    </message>
    <message>
        <source>Ground station lasts</source>
        <translation>Bodenstation reicht für</translation>
    </message>
    <message>
        <source>Elevation rasters (*.tif *.tiff *.hgt *.asc *.vrt);;All files (*)</source>
        <translation>Höhenraster (*.tif *.tiff *.hgt *.asc *.vrt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Video frequency</source>
        <translation>Videofrequenz</translation>
    </message>
    <message>
        <source>of the video link, which has limits of its own</source>
        <translation>der Videoverbindung, die eigene Grenzen hat</translation>
    </message>
    <message>
        <source>of the control link</source>
        <translation>der Steuerverbindung</translation>
    </message>
    <message>
        <source>Radiated power of the video</source>
        <translation>Abgestrahlte Leistung des Videos</translation>
    </message>
    <message>
        <source>Minimum signal of the video</source>
        <translation>Mindestsignal des Videos</translation>
    </message>
    <message>
        <source>Video range from flights</source>
        <translation>Videoreichweite aus Flügen</translation>
    </message>
    <message>
        <source>where the picture would break up for good</source>
        <translation>wo das Bild endgültig abreißen würde</translation>
    </message>
    <message>
        <source>Video antenna height</source>
        <translation>Höhe der Videoantenne</translation>
    </message>
    <message>
        <source>Over land again by</source>
        <translation>Wieder über Land bei</translation>
    </message>
    <message>
        <source>used on the return leg when it leaves the last no-landing area. Empty: before the reserve begins</source>
        <translation>verbraucht auf dem Rückweg beim Verlassen des letzten Landeverbotsgebiets. Leer: bevor die Reserve beginnt</translation>
    </message>
    <message>
        <source>Share rule turns at</source>
        <translation>Anteilsregel kehrt um bei</translation>
    </message>
    <message>
        <source>of the usable charge remaining</source>
        <translation>der nutzbaren Ladung verbleibend</translation>
    </message>
    <message>
        <source>Charge rule lands at</source>
        <translation>Ladungsregel landet bei</translation>
    </message>
    <message>
        <source>turns at half of it. Empty: the usable charge</source>
        <translation>kehrt bei der Hälfte um. Leer: die nutzbare Ladung</translation>
    </message>
</context>
<context>
    <name>sobremesa::Names</name>
    <message>
        <source>LiPo</source>
        <translation>LiPo</translation>
    </message>
    <message>
        <source>LiPo HV</source>
        <translation>LiPo HV</translation>
    </message>
    <message>
        <source>Li-ion</source>
        <translation>Li-Ion</translation>
    </message>
    <message>
        <source>high-capacity</source>
        <translation>hohe Kapazität</translation>
    </message>
    <message>
        <source>high-drain</source>
        <translation>Hochstrom</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/Zelle</translation>
    </message>
    <message>
        <source>for a long life, %1 at rest</source>
        <translation>für ein langes Leben, %1 in Ruhe</translation>
    </message>
    <message>
        <source>conservative, %1 under load</source>
        <translation>vorsichtig, %1 unter Last</translation>
    </message>
    <message>
        <source>usual, %1 in cruise</source>
        <translation>üblich, %1 im Reiseflug</translation>
    </message>
    <message>
        <source>at the limit, %1 under load</source>
        <translation>an der Grenze, %1 unter Last</translation>
    </message>
    <message>
        <source>the floor, %1</source>
        <translation>die Untergrenze, %1</translation>
    </message>
    <message>
        <source>a typical alarm setting, %1</source>
        <translation>eine übliche Alarmeinstellung, %1</translation>
    </message>
    <message>
        <source>emergency only, %1</source>
        <translation>nur im Notfall, %1</translation>
    </message>
    <message>
        <source>wing</source>
        <translation>Flächenmodell</translation>
    </message>
    <message>
        <source>multirotor</source>
        <translation>Multirotor</translation>
    </message>
    <message>
        <source>number of cells differs from the header</source>
        <translation>andere Zahl von Zellen als in der Kopfzeile</translation>
    </message>
    <message>
        <source>text instead of a number</source>
        <translation>Text statt einer Zahl</translation>
    </message>
    <message>
        <source>the file ends in the middle of a row</source>
        <translation>die Datei endet mitten in einer Zeile</translation>
    </message>
    <message>
        <source>repeated header</source>
        <translation>wiederholte Kopfzeile</translation>
    </message>
    <message>
        <source>no time</source>
        <translation>keine Zeit</translation>
    </message>
    <message>
        <source>time stands still or runs backwards</source>
        <translation>Zeit steht still oder läuft rückwärts</translation>
    </message>
    <message>
        <source>clock ran ahead for a moment</source>
        <translation>Uhr lief kurz vor</translation>
    </message>
    <message>
        <source>no satellite fix (position only)</source>
        <translation>keine Satellitenposition (nur Position)</translation>
    </message>
    <message>
        <source>position jumps beyond a credible speed (position only)</source>
        <translation>Positionssprung mit unmöglicher Geschwindigkeit (nur Position)</translation>
    </message>
    <message>
        <source>position not on earth (position only)</source>
        <translation>Position nicht auf der Erde (nur Position)</translation>
    </message>
    <message>
        <source>impossible voltage or current</source>
        <translation>unmögliche Spannung oder Strom</translation>
    </message>
    <message>
        <source>another flight in the same file</source>
        <translation>ein anderer Flug in derselben Datei</translation>
    </message>
    <message>
        <source>too few satellites for a fix (position only)</source>
        <translation>zu wenige Satelliten für eine Position (nur Position)</translation>
    </message>
    <message>
        <source>frozen reading (that reading only)</source>
        <translation>eingefrorener Wert (nur dieser Wert)</translation>
    </message>
    <message>
        <source>saturated current sensor (still used)</source>
        <translation>gesättigter Stromsensor (trotzdem verwendet)</translation>
    </message>
    <message>
        <source>charge counter restarted (bridged)</source>
        <translation>Ladungszähler neu gestartet (überbrückt)</translation>
    </message>
    <message>
        <source>barometer and GPS height apart (still used)</source>
        <translation>Barometer und GPS-Höhe weit auseinander (trotzdem verwendet)</translation>
    </message>
    <message>
        <source>on the ground</source>
        <translation>am Boden</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>level</source>
        <translation>horizontal</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>Gleitflug</translation>
    </message>
    <message>
        <source>descent</source>
        <translation>Sinkflug</translation>
    </message>
    <message>
        <source>loiter</source>
        <translation>Kreisen</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>by resting voltage</source>
        <translation>nach der Ruhespannung</translation>
    </message>
    <message>
        <source>by recharge</source>
        <translation>nach der Nachladung</translation>
    </message>
    <message>
        <source>%1 over home</source>
        <translation>%1 über dem Startpunkt</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>%1 × the return leg</source>
        <translation>%1 × der Rückflug</translation>
    </message>
    <message>
        <source>enough to get home + %1</source>
        <translation>genug für den Heimweg + %1</translation>
    </message>
    <message>
        <source>%1 remaining</source>
        <translation>%1 verbleibend</translation>
    </message>
    <message>
        <source>80 % rule: half of it used</source>
        <translation>80-%-Regel: Hälfte verbraucht</translation>
    </message>
    <message>
        <source>half of %1 used</source>
        <translation>die Hälfte von %1 verbraucht</translation>
    </message>
    <message>
        <source>half the usable charge</source>
        <translation>die halbe nutzbare Ladung</translation>
    </message>
    <message>
        <source>voltage at half, landing at %1</source>
        <translation>Spannung bei halber Ladung, Landung bei %1</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>chance of getting home</source>
        <translation>Wahrscheinlichkeit der Heimkehr</translation>
    </message>
    <message>
        <source>%1S%2P %3 %4</source>
        <translation>%1S%2P %3 %4</translation>
    </message>
    <message>
        <source>Ah</source>
        <translation>Ah</translation>
    </message>
    <message>
        <source>A wing</source>
        <translation>Ein Flächenmodell</translation>
    </message>
    <message>
        <source>A multirotor</source>
        <translation>Ein Multirotor</translation>
    </message>
    <message>
        <source>cruise airspeed</source>
        <translation>Airspeed im Reiseflug</translation>
    </message>
    <message>
        <source>all-up mass</source>
        <translation>Abflugmasse</translation>
    </message>
    <message>
        <source>mass without pack</source>
        <translation>Masse ohne Akku</translation>
    </message>
    <message>
        <source>pack mass</source>
        <translation>Akkumasse</translation>
    </message>
    <message>
        <source>electronics power</source>
        <translation>Leistung der Elektronik</translation>
    </message>
    <message>
        <source>cell capacity</source>
        <translation>Zellenkapazität</translation>
    </message>
    <message>
        <source>cell resistance</source>
        <translation>Zellenwiderstand</translation>
    </message>
    <message>
        <source>cells in parallel</source>
        <translation>Zellen parallel</translation>
    </message>
    <message>
        <source>climb rate</source>
        <translation>Steigrate</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>nachgeladen</translation>
    </message>
    <message>
        <source>air density at height</source>
        <translation>Luftdichte in der Höhe</translation>
    </message>
    <message>
        <source>temperature at the field</source>
        <translation>Temperatur am Platz</translation>
    </message>
    <message>
        <source>wind aloft</source>
        <translation>Wind in der Höhe</translation>
    </message>
    <message>
        <source>wind from</source>
        <translation>Wind aus</translation>
    </message>
    <message>
        <source>outbound bearing</source>
        <translation>Kurs des Hinflugs</translation>
    </message>
    <message>
        <source>height above home</source>
        <translation>Höhe über dem Startpunkt</translation>
    </message>
    <message>
        <source>reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>landing voltage under cruise load</source>
        <translation>Landespannung unter Reiselast</translation>
    </message>
    <message>
        <source>rated capacity of the pack</source>
        <translation>Nennkapazität des Akkus</translation>
    </message>
    <message>
        <source>pack resistance</source>
        <translation>Akkuwiderstand</translation>
    </message>
    <message>
        <source>wind factor for the return leg</source>
        <translation>Windfaktor für den Rückflug</translation>
    </message>
    <message>
        <source>cruise power</source>
        <translation>Reiseleistung</translation>
    </message>
    <message>
        <source>cruise current</source>
        <translation>Reisestrom</translation>
    </message>
    <message>
        <source>usable energy</source>
        <translation>nutzbare Energie</translation>
    </message>
    <message>
        <source>usable charge</source>
        <translation>nutzbare Ladung</translation>
    </message>
    <message>
        <source>outbound ground speed</source>
        <translation>Geschwindigkeit über Grund, hin</translation>
    </message>
    <message>
        <source>return ground speed</source>
        <translation>Geschwindigkeit über Grund, zurück</translation>
    </message>
    <message>
        <source>energy of the return leg</source>
        <translation>Energie des Rückflugs</translation>
    </message>
    <message>
        <source>turn distance</source>
        <translation>Umkehrentfernung</translation>
    </message>
    <message>
        <source>charge used at the turn</source>
        <translation>bei der Umkehr verbrauchte Ladung</translation>
    </message>
    <message>
        <source>turn time</source>
        <translation>Umkehrzeit</translation>
    </message>
    <message>
        <source>energy used at the turn</source>
        <translation>bei der Umkehr verbrauchte Energie</translation>
    </message>
    <message>
        <source>voltage at the turn</source>
        <translation>Spannung bei der Umkehr</translation>
    </message>
    <message>
        <source>flight time</source>
        <translation>Flugzeit</translation>
    </message>
    <message>
        <source>ground distance</source>
        <translation>Strecke über Grund</translation>
    </message>
    <message>
        <source>energy remaining at landing</source>
        <translation>bei der Landung verbleibende Energie</translation>
    </message>
    <message>
        <source>remaining at landing</source>
        <translation>Rest bei der Landung</translation>
    </message>
    <message>
        <source>outbound consumption</source>
        <translation>Verbrauch hin</translation>
    </message>
    <message>
        <source>return consumption</source>
        <translation>Verbrauch zurück</translation>
    </message>
    <message>
        <source>outbound energy per distance</source>
        <translation>Energie pro Strecke, hin</translation>
    </message>
    <message>
        <source>return energy per distance</source>
        <translation>Energie pro Strecke, zurück</translation>
    </message>
    <message>
        <source>farthest from home</source>
        <translation>weitester Punkt vom Startpunkt</translation>
    </message>
    <message>
        <source>charge by the log&apos;s counter</source>
        <translation>Ladung nach dem Zähler des Logs</translation>
    </message>
    <message>
        <source>charge used</source>
        <translation>verbrauchte Ladung</translation>
    </message>
    <message>
        <source>energy used</source>
        <translation>verbrauchte Energie</translation>
    </message>
    <message>
        <source>time in the log</source>
        <translation>Zeit im Log</translation>
    </message>
    <message>
        <source>energy over ground</source>
        <translation>Energie über Grund</translation>
    </message>
    <message>
        <source>charge over ground</source>
        <translation>Ladung über Grund</translation>
    </message>
    <message>
        <source>mean power</source>
        <translation>mittlere Leistung</translation>
    </message>
    <message>
        <source>mean current</source>
        <translation>mittlerer Strom</translation>
    </message>
    <message>
        <source>lowest pack voltage</source>
        <translation>niedrigste Akkuspannung</translation>
    </message>
    <message>
        <source>highest current</source>
        <translation>höchster Strom</translation>
    </message>
    <message>
        <source>highest ground speed</source>
        <translation>höchste Geschwindigkeit über Grund</translation>
    </message>
    <message>
        <source>charge remaining, by counter</source>
        <translation>verbleibende Ladung, nach Zähler</translation>
    </message>
    <message>
        <source>minimum margin on the flight</source>
        <translation>kleinster Überschuss des Flugs</translation>
    </message>
    <message>
        <source>full cycles of the pack</source>
        <translation>Vollzyklen des Akkus</translation>
    </message>
    <message>
        <source>flights in the logbook</source>
        <translation>Flüge im Logbuch</translation>
    </message>
    <message>
        <source>recharges after a flight</source>
        <translation>Nachladungen nach einem Flug</translation>
    </message>
    <message>
        <source>current sensor reading over true current</source>
        <translation>Anzeige des Stromsensors durch wahren Strom</translation>
    </message>
    <message>
        <source>charge throughput</source>
        <translation>Ladungsdurchsatz</translation>
    </message>
    <message>
        <source>remaining, by counter</source>
        <translation>Rest, nach Zähler</translation>
    </message>
    <message>
        <source>time in the air with this pack</source>
        <translation>Flugzeit mit diesem Akku</translation>
    </message>
    <message>
        <source>distance with this pack, out and back</source>
        <translation>Strecke mit diesem Akku, hin und zurück</translation>
    </message>
    <message>
        <source>cell current in cruise</source>
        <translation>Zellenstrom im Reiseflug</translation>
    </message>
    <message>
        <source>price per energy</source>
        <translation>Preis pro Energie</translation>
    </message>
    <message>
        <source>rated charge per mass</source>
        <translation>Nennladung pro Masse</translation>
    </message>
    <message>
        <source>rated specific energy</source>
        <translation>spezifische Nennenergie</translation>
    </message>
    <message>
        <source>full recharge over rated capacity</source>
        <translation>volle Nachladung durch Nennkapazität</translation>
    </message>
    <message>
        <source>full cycles to 80 % of the label capacity</source>
        <translation>Vollzyklen bis 80 % der aufgedruckten Kapazität</translation>
    </message>
    <message>
        <source>cell resistance as measured in flight</source>
        <translation>Zellenwiderstand, im Flug gemessen</translation>
    </message>
    <message>
        <source>resting voltage per cell</source>
        <translation>Ruhespannung pro Zelle</translation>
    </message>
    <message>
        <source>distance through the air</source>
        <translation>Strecke durch die Luft</translation>
    </message>
    <message>
        <source>still-air energy per distance, level</source>
        <translation>Energie pro Strecke bei Windstille, horizontal</translation>
    </message>
    <message>
        <source>still-air charge per distance, level</source>
        <translation>Ladung pro Strecke bei Windstille, horizontal</translation>
    </message>
    <message>
        <source>level-flight power</source>
        <translation>Leistung im Horizontalflug</translation>
    </message>
    <message>
        <source>current sensor scale</source>
        <translation>Skalierung des Stromsensors</translation>
    </message>
    <message>
        <source>lowest cell voltage</source>
        <translation>niedrigste Zellenspannung</translation>
    </message>
    <message>
        <source>lift of the air, sink below zero</source>
        <translation>Aufwind, Abwind unter null</translation>
    </message>
    <message>
        <source>power spread in level flight</source>
        <translation>Streuung der Leistung im Horizontalflug</translation>
    </message>
    <message>
        <source>electronics&apos; share of power</source>
        <translation>Anteil der Elektronik an der Leistung</translation>
    </message>
    <message>
        <source>climbs&apos; share of energy</source>
        <translation>Anteil der Steigflüge an der Energie</translation>
    </message>
    <message>
        <source>time above that current</source>
        <translation>Zeit über diesem Strom</translation>
    </message>
    <message>
        <source>link failsafe distance</source>
        <translation>Failsafe-Entfernung des Links</translation>
    </message>
    <message>
        <source>flight time still possible</source>
        <translation>noch mögliche Flugzeit</translation>
    </message>
    <message>
        <source>distance still possible</source>
        <translation>noch mögliche Strecke</translation>
    </message>
    <message>
        <source>energy from the array</source>
        <translation>Energie vom Solarfeld</translation>
    </message>
    <message>
        <source>energy of the motors</source>
        <translation>Energie der Motoren</translation>
    </message>
    <message>
        <source>normalized energy per distance</source>
        <translation>normierte Energie pro Strecke</translation>
    </message>
    <message>
        <source>normalized endurance</source>
        <translation>normierte Flugzeit</translation>
    </message>
    <message>
        <source>level power at that airspeed</source>
        <translation>Horizontalleistung bei dieser Airspeed</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>Geschwindigkeit längster Flugzeit</translation>
    </message>
    <message>
        <source>best-range speed</source>
        <translation>Geschwindigkeit größter Reichweite</translation>
    </message>
    <message>
        <source>fastest sensible airspeed</source>
        <translation>schnellste vernünftige Airspeed</translation>
    </message>
    <message>
        <source>stall speed</source>
        <translation>Überziehgeschwindigkeit</translation>
    </message>
    <message>
        <source>forecast over flown</source>
        <translation>Prognose / geflogen</translation>
    </message>
    <message>
        <source>minimum height above ground</source>
        <translation>kleinste Höhe über Grund</translation>
    </message>
    <message>
        <source>peak motor current</source>
        <translation>Spitzenstrom der Motoren</translation>
    </message>
    <message>
        <source>peak pack current</source>
        <translation>Spitzenstrom des Akkus</translation>
    </message>
    <message>
        <source>lowest volts of the pack</source>
        <translation>niedrigste Spannung des Akkus</translation>
    </message>
    <message>
        <source>lowest voltage of the weakest cell</source>
        <translation>niedrigste Spannung der schwächsten Zelle</translation>
    </message>
    <message>
        <source>pack temperature</source>
        <translation>Akkutemperatur</translation>
    </message>
    <message>
        <source>share of full power</source>
        <translation>Anteil der vollen Leistung</translation>
    </message>
    <message>
        <source>maximum height above ground</source>
        <translation>größte Höhe über Grund</translation>
    </message>
    <message>
        <source>line of sight, clear of the ground</source>
        <translation>Sichtlinie, frei über Grund</translation>
    </message>
    <message>
        <source>link distance</source>
        <translation>Linkentfernung</translation>
    </message>
    <message>
        <source>voltage under load</source>
        <translation>Spannung unter Last</translation>
    </message>
    <message>
        <source>current alarm</source>
        <translation>Stromalarm</translation>
    </message>
    <message>
        <source>array power</source>
        <translation>Leistung des Solarfelds</translation>
    </message>
    <message>
        <source>irradiance, level</source>
        <translation>Einstrahlung, waagrecht</translation>
    </message>
    <message>
        <source>elevation of the sun</source>
        <translation>Sonnenhöhe</translation>
    </message>
    <message>
        <source>array power above level flight</source>
        <translation>Solarleistung über dem Horizontalflug</translation>
    </message>
    <message>
        <source>climb rate on the sun alone</source>
        <translation>Steigrate allein mit der Sonne</translation>
    </message>
    <message>
        <source>time in which the sun sustains level flight</source>
        <translation>Zeit, in der die Sonne den Horizontalflug trägt</translation>
    </message>
    <message>
        <source>longest full cloud that the pack covers</source>
        <translation>längste volle Bewölkung, die der Akku überbrückt</translation>
    </message>
    <message>
        <source>the share rule</source>
        <translation>die Anteilsregel</translation>
    </message>
    <message>
        <source>the 80 % rule</source>
        <translation>die 80-%-Regel</translation>
    </message>
    <message>
        <source>the charge rule</source>
        <translation>die Ladungsregel</translation>
    </message>
    <message>
        <source>the voltage rule</source>
        <translation>die Spannungsregel</translation>
    </message>
    <message>
        <source>the chance rule</source>
        <translation>die Wahrscheinlichkeitsregel</translation>
    </message>
    <message>
        <source>the energy rule</source>
        <translation>die Energieregel</translation>
    </message>
    <message>
        <source>by the charge used</source>
        <translation>nach der verbrauchten Ladung</translation>
    </message>
</context>
<context>
    <name>sobremesa::Plans</name>
    <message>
        <source>Climbing at %1 clears it.</source>
        <translation>Ein Steigen mit %1 behebt das.</translation>
    </message>
    <message>
        <source>A flight height of %1 clears it.</source>
        <translation>Eine Flughöhe von %1 behebt das.</translation>
    </message>
    <message>
        <source>Turning at %1 clears it.</source>
        <translation>Eine Umkehr bei %1 behebt das.</translation>
    </message>
    <message>
        <source>Switch it off, or set it to %1.</source>
        <translation>Schalte sie aus, oder stelle sie auf %1.</translation>
    </message>
    <message>
        <source>Landing at %1 clears it.</source>
        <translation>Eine Landung bei %1 behebt das.</translation>
    </message>
    <message>
        <source>Keep the pack at %1 until launch.</source>
        <translation>Halte den Akku bis zum Start auf %1.</translation>
    </message>
    <message>
        <source>%1 of %2 clears it.</source>
        <translation>%1 von %2 behebt das.</translation>
    </message>
    <message>
        <source>descent to home</source>
        <translation>Sinkflug zum Startpunkt</translation>
    </message>
    <message>
        <source>home</source>
        <translation>Startpunkt</translation>
    </message>
    <message>
        <source>point %1</source>
        <translation>Punkt %1</translation>
    </message>
    <message>
        <source>over %1</source>
        <translation>über %1</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>out and back</source>
        <translation>hin und zurück</translation>
    </message>
    <message>
        <source>farthest point</source>
        <translation>weitester Punkt</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>Dauerflug</translation>
    </message>
    <message>
        <source>route</source>
        <translation>Route</translation>
    </message>
    <message>
        <source>visit a place</source>
        <translation>Ort besuchen</translation>
    </message>
    <message>
        <source>endurance on the sun</source>
        <translation>Dauerflug mit der Sonne</translation>
    </message>
    <message>
        <source>one way</source>
        <translation>Überführung</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>out</source>
        <translation>hin</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>Gleitflug</translation>
    </message>
    <message>
        <source>circling</source>
        <translation>Kreisen</translation>
    </message>
    <message>
        <source>descent</source>
        <translation>Sinkflug</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Umkehr</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>known cruise</source>
        <translation>bekannter Reiseflug</translation>
    </message>
    <message>
        <source>best range</source>
        <translation>größte Reichweite</translation>
    </message>
    <message>
        <source>a fixed airspeed</source>
        <translation>eine feste Airspeed</translation>
    </message>
    <message>
        <source>a share of full power</source>
        <translation>ein Anteil der vollen Leistung</translation>
    </message>
    <message>
        <source>cell current</source>
        <translation>Zellenstrom</translation>
    </message>
    <message>
        <source>strip current</source>
        <translation>Strom der Verbinder</translation>
    </message>
    <message>
        <source>connector current</source>
        <translation>Strom des Steckers</translation>
    </message>
    <message>
        <source>weakest cell</source>
        <translation>schwächste Zelle</translation>
    </message>
    <message>
        <source>controller cutoff</source>
        <translation>Abschaltung des Reglers</translation>
    </message>
    <message>
        <source>voltage for video and servos</source>
        <translation>Spannung für Video und Servos</translation>
    </message>
    <message>
        <source>pack temperature</source>
        <translation>Akkutemperatur</translation>
    </message>
    <message>
        <source>pack temperature at launch</source>
        <translation>Akkutemperatur beim Start</translation>
    </message>
    <message>
        <source>height above ground</source>
        <translation>Höhe über Grund</translation>
    </message>
    <message>
        <source>ground clearance</source>
        <translation>Bodenabstand</translation>
    </message>
    <message>
        <source>share of full power</source>
        <translation>Anteil der vollen Leistung</translation>
    </message>
    <message>
        <source>link range</source>
        <translation>Linkreichweite</translation>
    </message>
    <message>
        <source>radio horizon</source>
        <translation>Funkhorizont</translation>
    </message>
    <message>
        <source>line of sight</source>
        <translation>Sichtlinie</translation>
    </message>
    <message>
        <source>failsafe return</source>
        <translation>Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>recorder card</source>
        <translation>Speicherkarte</translation>
    </message>
    <message>
        <source>goggles battery</source>
        <translation>Akku der Brille</translation>
    </message>
    <message>
        <source>radio battery</source>
        <translation>Akku des Senders</translation>
    </message>
    <message>
        <source>ground station battery</source>
        <translation>Akku der Bodenstation</translation>
    </message>
    <message>
        <source>full power</source>
        <translation>volle Leistung</translation>
    </message>
    <message>
        <source>stall margin</source>
        <translation>Abstand zum Überziehen</translation>
    </message>
    <message>
        <source>wind on station</source>
        <translation>Wind über dem Ort</translation>
    </message>
    <message>
        <source>whole route</source>
        <translation>ganze Route</translation>
    </message>
    <message>
        <source>failsafe return height</source>
        <translation>Höhe der Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>known cruise power</source>
        <translation>Leistung des bekannten Reiseflugs</translation>
    </message>
    <message>
        <source>landing place</source>
        <translation>Landeplatz</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>does not get home from the turn: short by %1.</source>
        <translation>kommt vom Umkehrpunkt nicht nach Hause: %1 zu wenig.</translation>
    </message>
    <message>
        <source>gets home from the turn with %1 remaining.</source>
        <translation>kommt vom Umkehrpunkt mit %1 Rest nach Hause.</translation>
    </message>
    <message>
        <source>switched off.</source>
        <translation>ausgeschaltet.</translation>
    </message>
    <message>
        <source>landing there with %1 remaining.</source>
        <translation>landet dort mit %1 Rest.</translation>
    </message>
    <message>
        <source>the whole route, and home with the reserve.</source>
        <translation>die ganze Route, und mit der Reserve nach Hause.</translation>
    </message>
    <message>
        <source>not the whole route and home with the reserve: turn after %1.</source>
        <translation>nicht die ganze Route und mit der Reserve nach Hause: Umkehr nach %1.</translation>
    </message>
    <message>
        <source>wind with its gusts %1, airspeed %2.</source>
        <translation>Wind mit Böen %1, Airspeed %2.</translation>
    </message>
    <message>
        <source>%1 of %2 allowed.</source>
        <comment>worst met, limit</comment>
        <translation>%1 von %2 erlaubt.</translation>
    </message>
    <message>
        <source>%1, %2 wanted.</source>
        <comment>worst met, limit</comment>
        <translation>%1, gewünscht %2.</translation>
    </message>
    <message>
        <source>%1 In the %2, at %3 of flight.</source>
        <translation>%1 Im %2, bei %3 Flug.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>&lt;b&gt;No go.&lt;/b&gt; No flight gets home.</source>
        <translation>&lt;b&gt;No-Go.&lt;/b&gt; Kein Flug kommt nach Hause.</translation>
    </message>
    <message>
        <source>&lt;b&gt;No go&lt;/b&gt; as it stands: %1.</source>
        <translation>&lt;b&gt;No-Go&lt;/b&gt;, so wie es ist: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by every limit checked here.</source>
        <translation>&lt;b&gt;Go&lt;/b&gt;: alle hier geprüften Grenzen sind eingehalten.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by what is known. Unknown: %1.</source>
        <translation>&lt;b&gt;Go&lt;/b&gt; nach dem, was bekannt ist. Unbekannt: %1.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by what is known. Unknown: %1 and %2 more.</source>
        <translation>&lt;b&gt;Go&lt;/b&gt; nach dem, was bekannt ist. Unbekannt: %1 und %2 weitere.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>pack, cell</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>capacity to enter</source>
        <translation>einzugebende Kapazität</translation>
    </message>
    <message>
        <source>%1 (label: %2)</source>
        <translation>%1 (Aufdruck: %2)</translation>
    </message>
    <message>
        <source>turn for home at</source>
        <translation>umkehren bei</translation>
    </message>
    <message>
        <source>%1 (set %2)</source>
        <comment>charge, as radios take it</comment>
        <translation>%1 (eingestellt %2)</translation>
    </message>
    <message>
        <source>timer, at the turn</source>
        <translation>Timer, bei der Umkehr</translation>
    </message>
    <message>
        <source>reserve begins at</source>
        <translation>Reserve beginnt bei</translation>
    </message>
    <message>
        <source>low-voltage warning</source>
        <translation>Unterspannungswarnung</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <comment>volts, how long below them</comment>
        <translation>%1 für %2</translation>
    </message>
    <message>
        <source>land at</source>
        <translation>landen bei</translation>
    </message>
    <message>
        <source>current alarm above</source>
        <translation>Stromalarm über</translation>
    </message>
    <message>
        <source>%1, the parts&apos; rating: the plan draws more</source>
        <translation>%1, der Nennwert der Teile: der Plan zieht mehr</translation>
    </message>
    <message>
        <source>off, or not above %1</source>
        <translation>aus, oder nicht über %1</translation>
    </message>
    <message>
        <source>%1: out of reach, short by %2</source>
        <translation>%1: außer Reichweite, %2 zu wenig</translation>
    </message>
    <message>
        <source>%1: %2 on %3, margin %4</source>
        <translation>%1: %2 auf %3, Überschuss %4</translation>
    </message>
    <message>
        <source>all the way outbound</source>
        <comment>a place is within reach</comment>
        <translation>auf dem ganzen Hinflug</translation>
    </message>
    <message>
        <source>up to %1 outbound</source>
        <comment>a place is within reach</comment>
        <translation>bis %1 auf dem Hinflug</translation>
    </message>
    <message>
        <source>from %1 to %2 outbound</source>
        <comment>a place is within reach</comment>
        <translation>von %1 bis %2 auf dem Hinflug</translation>
    </message>
    <message>
        <source>%1 is never within reach.</source>
        <translation>%1 ist nie in Reichweite.</translation>
    </message>
    <message>
        <source>%1 is within reach %2.</source>
        <translation>%1 ist %2 in Reichweite.</translation>
    </message>
    <message>
        <source> and </source>
        <comment>parts of the way</comment>
        <translation> und </translation>
    </message>
    <message>
        <source>Nowhere can be reached and returned from with the reserve intact.</source>
        <translation>Nirgendwohin und zurück mit unangetasteter Reserve.</translation>
    </message>
    <message>
        <source>Reach, out and back: %1 to the %2 and %3 to the %4.</source>
        <translation>Reichweite, hin und zurück: %1 nach %2 und %3 nach %4.</translation>
    </message>
    <message>
        <source>Local rules checked for today: line of sight, height, airspace, people, registration, remote identification. Not above %1.</source>
        <translation>Lokale Regeln für heute geprüft: Sichtweite, Höhe, Luftraum, Menschen, Registrierung, Fernidentifikation. Nicht über %1.</translation>
    </message>
    <message>
        <source>Failsafe return set to %1 and %2, and tested.</source>
        <translation>Failsafe-Rückkehr auf %1 und %2 gestellt und getestet.</translation>
    </message>
    <message>
        <source>Failsafe return set for this wind and height, and tested.</source>
        <translation>Failsafe-Rückkehr für diesen Wind und diese Höhe gestellt und getestet.</translation>
    </message>
    <message>
        <source>Link range-checked; goggles, radio and ground station charged; recorder&apos;s card empty.</source>
        <translation>Link auf Reichweite geprüft; Brille, Sender und Bodenstation geladen; Speicherkarte leer.</translation>
    </message>
    <message>
        <source>Pack full, warm, strapped to hold in a dive; centre of gravity right; no swollen cell.</source>
        <translation>Akku voll, warm und sturzflugfest befestigt; Schwerpunkt stimmt; keine Zelle gebläht.</translation>
    </message>
    <message>
        <source>Capacity, callouts and alarms entered from this card; speed controller cutoff off or as on this card.</source>
        <translation>Kapazität, Ansagen und Alarme nach dieser Karte eingegeben; Abschaltung des Reglers aus oder wie auf dieser Karte.</translation>
    </message>
    <message>
        <source>Home point set. Propellers off on the bench; nobody in front of them.</source>
        <translation>Startpunkt gesetzt. Am Boden keine Propeller montiert; niemand davor.</translation>
    </message>
    <message>
        <source>Over land and near home before the pack is low. A forecast is an estimate: you decide.</source>
        <translation>Über Land und nahe am Startpunkt, bevor der Akku leer wird. Eine Prognose ist eine Schätzung: du entscheidest.</translation>
    </message>
    <message>
        <source>off</source>
        <comment>a cutoff</comment>
        <translation>aus</translation>
    </message>
    <message>
        <source>return</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>time, volts of a cell</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>throttle at most, full pack</source>
        <translation>Gas höchstens, voller Akku</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <comment>throttle, when</comment>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 until landing</source>
        <translation>%1 bis zur Landung</translation>
    </message>
    <message>
        <source>climb takes full throttle from</source>
        <translation>Steigen braucht Vollgas ab</translation>
    </message>
    <message>
        <source>video range</source>
        <translation>Videoreichweite</translation>
    </message>
    <message>
        <source>radio horizon of the video</source>
        <translation>Funkhorizont des Videos</translation>
    </message>
    <message>
        <source>line of sight of the video</source>
        <translation>Sichtlinie des Videos</translation>
    </message>
    <message>
        <source>over land again</source>
        <translation>wieder über Land</translation>
    </message>
    <message>
        <source>the landing lies in a no-landing area.</source>
        <translation>die Landung liegt in einem Landeverbotsgebiet.</translation>
    </message>
    <message>
        <source>at %1 used, %2 allowed.</source>
        <comment>charges</comment>
        <translation>bei %1 verbraucht, %2 erlaubt.</translation>
    </message>
    <message>
        <source>the flight crosses no no-landing area.</source>
        <translation>der Flug kreuzt kein Landeverbotsgebiet.</translation>
    </message>
    <message>
        <source>over land by</source>
        <translation>über Land bei</translation>
    </message>
    <message>
        <source>%1 (set %2), %3 from home</source>
        <comment>charge, as radios take it, distance</comment>
        <translation>%1 (setze %2), %3 entfernt</translation>
    </message>
    <message>
        <source>no-landing area</source>
        <translation>Landeverbotsgebiet</translation>
    </message>
    <message>
        <source>controller current</source>
        <translation>Reglerstrom</translation>
    </message>
    <message>
        <source>motor current</source>
        <translation>Motorstrom</translation>
    </message>
    <message>
        <source>While loitering, come home unless at least this much remains</source>
        <translation>Beim Kreisen heimkehren, wenn nicht mindestens so viel verbleibt</translation>
    </message>
    <message>
        <source>Land on the way unless at least this much remains</source>
        <translation>Unterwegs landen, wenn nicht mindestens so viel verbleibt</translation>
    </message>
    <message>
        <source>Turn at this distance unless at least this much remains</source>
        <translation>Bei dieser Entfernung umkehren, wenn nicht mindestens so viel verbleibt</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>near</source>
        <translation>nahe</translation>
    </message>
    <message>
        <source>exceeded</source>
        <translation>überschritten</translation>
    </message>
    <message>
        <source>%1 above home, as the hills ask; %2 above ground allowed.</source>
        <translation>%1 über dem Startpunkt, wie es die Hügel verlangen; %2 über Grund erlaubt.</translation>
    </message>
    <message>
        <source>not reached with the reserve.</source>
        <translation>mit der Reserve nicht erreicht.</translation>
    </message>
    <message>
        <source>failsafe throttle</source>
        <translation>Gas der Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>failsafe airspeed</source>
        <translation>Airspeed der Failsafe-Rückkehr</translation>
    </message>
    <message>
        <source>gives %1; level flight takes %2 at least.</source>
        <translation>gibt %1; Horizontalflug braucht mindestens %2.</translation>
    </message>
    <message>
        <source>at %1 what it draws is not known, up to %2 it is.</source>
        <translation>bei %1 ist der Verbrauch nicht bekannt, bis %2 ist er es.</translation>
    </message>
    <message>
        <source>at %1 what it draws is not known, from %2 on it is.</source>
        <translation>bei %1 ist der Verbrauch nicht bekannt, ab %2 ist er es.</translation>
    </message>
    <message>
        <source>energy for the return</source>
        <translation>Energie für den Rückflug</translation>
    </message>
    <message>
        <source>gets home with %1 remaining, less than the reserve.</source>
        <translation>kommt mit %1 Rest nach Hause, weniger als die Reserve.</translation>
    </message>
    <message>
        <source>%1 from %2 at %3</source>
        <comment>wind speed, direction, height</comment>
        <translation>%1 aus %2 in %3 Höhe</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>wind speed, direction</comment>
        <translation>%1 aus %2</translation>
    </message>
    <message>
        <source>%1 gusting %2 from %3 at %4</source>
        <comment>wind speed, gusts, direction, height</comment>
        <translation>%1, Böen %2, aus %3 in %4 Höhe</translation>
    </message>
    <message>
        <source>%1 gusting %2 from %3</source>
        <comment>wind speed, gusts, direction</comment>
        <translation>%1, Böen %2, aus %3</translation>
    </message>
</context>
<context>
    <name>sobremesa::Printed</name>
    <message>
        <source>%1 takes a whole number, and “%2” is not one.</source>
        <translation>%1 braucht eine ganze Zahl, und „%2“ ist keine.</translation>
    </message>
    <message>
        <source>whole; records: %1, logs: %2</source>
        <translation>unbeschädigt; Einträge: %1, Logs: %2</translation>
    </message>
    <message>
        <source>damaged; readable records: %1 of %2, whole logs: %3 of %4. `book export FOLDER` writes them out.</source>
        <translation>beschädigt; lesbare Einträge: %1 von %2, unbeschädigte Logs: %3 von %4. `book export ORDNER` schreibt sie heraus.</translation>
    </message>
    <message>
        <source>imported: %1, known already: %2</source>
        <translation>importiert: %1, schon bekannt: %2</translation>
    </message>
    <message>
        <source>filed by hand: %1, known already: %2</source>
        <translation>von Hand abgelegt: %1, schon bekannt: %2</translation>
    </message>
    <message>
        <source>flown with %1, %2</source>
        <comment>aircraft, pack</comment>
        <translation>geflogen mit %1, %2</translation>
    </message>
    <message>
        <source>filed: %1, known already: %2, not usable: %3</source>
        <translation>abgelegt: %1, schon bekannt: %2, unbrauchbar: %3</translation>
    </message>
    <message>
        <source>written</source>
        <translation>geschrieben</translation>
    </message>
    <message>
        <source>written, except what is damaged</source>
        <translation>geschrieben, außer dem Beschädigten</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>reads %1</source>
        <comment>first readings of a column</comment>
        <translation>gelesen als %1</translation>
    </message>
    <message>
        <source>rows written to %2: %1</source>
        <translation>Zeilen nach %2 geschrieben: %1</translation>
    </message>
    <message>
        <source>%1 to %2: %3</source>
        <comment>from, to, what was flown</comment>
        <translation>%1 bis %2: %3</translation>
    </message>
    <message>
        <source>excluded: %1 × %2, first in line %3</source>
        <comment>rows, reason, line</comment>
        <translation>ausgeschlossen: %1 × %2, zuerst in Zeile %3</translation>
    </message>
    <message>
        <source>%1, %2, %3 continuous</source>
        <comment>pack, mass, current</comment>
        <translation>%1, %2, %3 dauernd</translation>
    </message>
    <message>
        <source>Delivers %1, %2, in %3 down to %4; %5 are left above the floor.</source>
        <comment>charge, energy, time, cell voltage, energy</comment>
        <translation>Liefert %1, %2, in %3 bis %4; %5 bleiben über der Untergrenze.</translation>
    </message>
    <message>
        <source>landing at</source>
        <translation>Landung bei</translation>
    </message>
    <message>
        <source>%1, %2, leaves %3</source>
        <comment>charge, time, energy</comment>
        <translation>%1, %2, lässt %3 übrig</translation>
    </message>
    <message>
        <source>is below it from the start</source>
        <translation>liegt von Anfang an darunter</translation>
    </message>
    <message>
        <source>capacity to enter %1, warning at %2, land at %3</source>
        <comment>charge, cell voltages</comment>
        <translation>einzutragende Kapazität %1, Warnung bei %2, landen bei %3</translation>
    </message>
    <message>
        <source>above its continuous current</source>
        <translation>über seinem Dauerstrom</translation>
    </message>
    <message>
        <source>no other is both lighter and longer in the air</source>
        <translation>kein anderer ist leichter und zugleich länger in der Luft</translation>
    </message>
    <message>
        <source>not met, even at launch</source>
        <translation>nicht erfüllt, nicht einmal beim Start</translation>
    </message>
    <message>
        <source>never on this flight</source>
        <translation>nie auf diesem Flug</translation>
    </message>
    <message>
        <source>would not get home with the reserve</source>
        <translation>käme nicht mit der Reserve nach Hause</translation>
    </message>
    <message>
        <source>counter %1</source>
        <comment>charge used so far</comment>
        <translation>Zähler %1</translation>
    </message>
    <message>
        <source>limited by the terrain</source>
        <translation>vom Gelände begrenzt</translation>
    </message>
    <message>
        <source>%1 used: %2, %3 remaining, %4</source>
        <comment>share, charge, charge, pack voltage</comment>
        <translation>%1 verbraucht: %2, %3 verbleibend, %4</translation>
    </message>
    <message>
        <source>time (%1)  sun   irradiance   array   balance   pack</source>
        <comment>heads of columns</comment>
        <translation>Zeit (%1)  Sonne   Einstrahlung   Solarfeld   Bilanz   Akku</translation>
    </message>
    <message>
        <source>what would change it</source>
        <translation>was daran etwas ändern würde</translation>
    </message>
    <message>
        <source>smallest cell area for the span asked for: %1</source>
        <translation>kleinste Zellfläche für die gewünschte Zeitspanne: %1</translation>
    </message>
    <message>
        <source>A clear-sky model: haze, shadow on the wing and banking are not in it. Local rules come first.</source>
        <translation>Ein Modell für klaren Himmel: Dunst, Schatten auf der Fläche und Schräglage sind nicht enthalten. Lokale Regeln gehen vor.</translation>
    </message>
    <message>
        <source>compare needs LOG PLAN.json for each of two flights or more</source>
        <translation>compare braucht LOG PLAN.json für jeden von mindestens zwei Flügen</translation>
    </message>
    <message>
        <source>aircraft needs a plan document, or --from-book NAME; and LOG PLAN.json for each of its --flights</source>
        <translation>aircraft braucht ein Plandokument oder --from-book NAME, und LOG PLAN.json für jeden Flug bei --flights</translation>
    </message>
    <message>
        <source>pack needs a pack document with --current-a or --power-w, or --candidates PACKS.csv --on PLAN.json</source>
        <translation>pack braucht ein Akkudokument mit --current-a oder --power-w, oder --candidates PACKS.csv --on PLAN.json</translation>
    </message>
    <message>
        <source>The command is missing.</source>
        <translation>Der Befehl fehlt.</translation>
    </message>
    <message>
        <source>One of these is required: %1.</source>
        <translation>Eines davon ist erforderlich: %1.</translation>
    </message>
    <message>
        <source>Only one of these can be given: %1.</source>
        <translation>Nur eines davon ist möglich: %1.</translation>
    </message>
    <message>
        <source>%1 is missing.</source>
        <translation>%1 fehlt.</translation>
    </message>
    <message>
        <source>This is not understood: %1.</source>
        <translation>Nicht verstanden: %1.</translation>
    </message>
    <message>
        <source>%1 needs a value.</source>
        <translation>%1 braucht einen Wert.</translation>
    </message>
    <message>
        <source>%1 can be given once only.</source>
        <translation>%1 darf nur einmal vorkommen.</translation>
    </message>
    <message>
        <source>%1 works together with %2 only.</source>
        <translation>%1 geht nur zusammen mit %2.</translation>
    </message>
    <message>
        <source>%1 and %2 cannot be given together.</source>
        <translation>%1 und %2 schließen sich aus.</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>ZAHL</translation>
    </message>
    <message>
        <source>WHOLE NUMBER</source>
        <translation>GANZZAHL</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXT</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Prints this help and exits</source>
        <translation>Zeigt diese Hilfe</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Befehle</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Aufruf</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPTIONEN</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>BEFEHL</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>BEFEHLE</translation>
    </message>
    <message>
        <source>Arguments</source>
        <translation>Argumente</translation>
    </message>
    <message>
        <source>(required)</source>
        <translation>(erforderlich)</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>without</source>
        <translation>ohne</translation>
    </message>
    <message>
        <source>Prints the version and exits</source>
        <translation>Zeigt die Version</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes a number from %2 to %3</source>
        <translation>„%1“ geht hier nicht; möglich sind Zahlen von %2 bis %3</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>a range</comment>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes one of: %2</source>
        <translation>„%1“ geht hier nicht; möglich sind: %2</translation>
    </message>
    <message>
        <source>See --help.</source>
        <translation>Siehe --help.</translation>
    </message>
    <message>
        <source>(one of these)</source>
        <translation>(eines davon)</translation>
    </message>
    <message>
        <source>%1 takes a number, and “%2” is not one.</source>
        <translation>%1 braucht eine Zahl, und „%2“ ist keine.</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes a whole number from %2 to %3</source>
        <translation>„%1“ geht hier nicht; möglich sind ganze Zahlen von %2 bis %3</translation>
    </message>
    <message>
        <source>Nothing says what they were flown with: %1 with %2 is assumed. Say it with --plan, or with --aircraft and --pack.</source>
        <translation>Nichts sagt, womit sie geflogen wurden: angenommen wird %1 mit %2. Gib es mit --plan an, oder mit --aircraft und --pack.</translation>
    </message>
</context>
<context>
    <name>sobremesa::RecordList</name>
    <message>
        <source>Fleet</source>
        <translation>Flotte</translation>
    </message>
    <message>
        <source>Your aircraft: what they weigh and what they draw in cruise.</source>
        <translation>Deine Modelle: was sie wiegen und was sie im Reiseflug brauchen.</translation>
    </message>
    <message>
        <source>Five entries are enough to start: a name, wing or multirotor, the mass without pack, and one cruise: how fast, at how many watts or amps. Volts times amps in level flight on a calm day are the watts.</source>
        <translation>Fünf Angaben genügen für den Anfang: ein Name, Fläche oder Multirotor, die Masse ohne Akku und ein Reiseflug: wie schnell, mit wie viel Watt oder Ampere. Volt mal Ampere im Horizontalflug an einem windstillen Tag sind die Watt.</translation>
    </message>
    <message>
        <source>Add an aircraft</source>
        <translation>Modell hinzufügen</translation>
    </message>
    <message>
        <source>Find an aircraft</source>
        <translation>Modell suchen</translation>
    </message>
    <message>
        <source>%1 in use, %2 retired</source>
        <translation>%1 in Gebrauch, %2 ausgesondert</translation>
    </message>
    <message>
        <source>%1 in use</source>
        <translation>%1 in Gebrauch</translation>
    </message>
    <message>
        <source>flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>New aircraft</source>
        <translation>Neues Modell</translation>
    </message>
    <message>
        <source>Packs</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Your packs: what they hold, and how they age.</source>
        <translation>Deine Akkus: was sie enthalten und wie sie altern.</translation>
    </message>
    <message>
        <source>Chemistry, cells in series and parallel, the cell capacity and the mass on the scales are enough to start. Empty fields are assumed, and shown as assumed.</source>
        <translation>Chemie, Zellen in Reihe und parallel, die Zellenkapazität und die gewogene Masse genügen für den Anfang. Leere Felder werden angenommen und als angenommen gezeigt.</translation>
    </message>
    <message>
        <source>Add a pack</source>
        <translation>Akku hinzufügen</translation>
    </message>
    <message>
        <source>Find a pack</source>
        <translation>Akku suchen</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>Nennwert</translation>
    </message>
    <message>
        <source>cycles</source>
        <translation>Zyklen</translation>
    </message>
    <message>
        <source>New pack</source>
        <translation>Neuer Akku</translation>
    </message>
</context>
<context>
    <name>sobremesa::RoundDistance</name>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
</context>
<context>
    <name>sobremesa::Sentences</name>
    <message>
        <source>This pack cannot fly out and back with the reserve intact: there is no turn point. Less reserve, less height or a bigger pack gives one.</source>
        <translation>Dieser Akku reicht nicht hin und zurück mit unangetasteter Reserve: es gibt keinen Umkehrpunkt. Weniger Reserve, weniger Höhe oder ein größerer Akku ergibt einen.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>energy, charge</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>The whole route is flown: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, landing there with &lt;b&gt;%3&lt;/b&gt; remaining.</source>
        <translation>Die ganze Route wird geflogen: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, Landung dort mit &lt;b&gt;%3&lt;/b&gt; Rest.</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt;, the farthest you allow: home after &lt;b&gt;%2&lt;/b&gt; with &lt;b&gt;%3&lt;/b&gt; remaining, &lt;b&gt;%4&lt;/b&gt; more than the reserve.</source>
        <translation>Umkehren bei &lt;b&gt;%1&lt;/b&gt;, dem Weitesten, das du erlaubst: nach &lt;b&gt;%2&lt;/b&gt; zu Hause mit &lt;b&gt;%3&lt;/b&gt; Rest, &lt;b&gt;%4&lt;/b&gt; mehr als die Reserve.</translation>
    </message>
    <message>
        <source>The whole route is flown: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, home with &lt;b&gt;%3&lt;/b&gt; remaining, &lt;b&gt;%4&lt;/b&gt; more than the reserve.</source>
        <translation>Die ganze Route wird geflogen: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, zu Hause mit &lt;b&gt;%3&lt;/b&gt; Rest, &lt;b&gt;%4&lt;/b&gt; mehr als die Reserve.</translation>
    </message>
    <message>
        <source>There after &lt;b&gt;%1&lt;/b&gt;, and &lt;b&gt;%2&lt;/b&gt; on station: leave at &lt;b&gt;%3&lt;/b&gt; of flight or &lt;b&gt;%4&lt;/b&gt; used, whichever comes first. Home after &lt;b&gt;%5&lt;/b&gt; with &lt;b&gt;%6&lt;/b&gt; remaining.</source>
        <translation>Dort nach &lt;b&gt;%1&lt;/b&gt;, und &lt;b&gt;%2&lt;/b&gt; darüber: verlassen bei &lt;b&gt;%3&lt;/b&gt; Flug oder &lt;b&gt;%4&lt;/b&gt; verbraucht, was zuerst kommt. Zu Hause nach &lt;b&gt;%5&lt;/b&gt; mit &lt;b&gt;%6&lt;/b&gt; Rest.</translation>
    </message>
    <message>
        <source>In the air for &lt;b&gt;%1&lt;/b&gt;: start the descent at &lt;b&gt;%2&lt;/b&gt; of flight or &lt;b&gt;%3&lt;/b&gt; used, whichever comes first, and land with &lt;b&gt;%4&lt;/b&gt; remaining.</source>
        <translation>In der Luft für &lt;b&gt;%1&lt;/b&gt;: Sinkflug beginnen bei &lt;b&gt;%2&lt;/b&gt; Flug oder &lt;b&gt;%3&lt;/b&gt; verbraucht, was zuerst kommt, und mit &lt;b&gt;%4&lt;/b&gt; Rest landen.</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt; along the route or &lt;b&gt;%2&lt;/b&gt; used: the destination is out of reach. Home after &lt;b&gt;%3&lt;/b&gt; with &lt;b&gt;%4&lt;/b&gt; remaining.</source>
        <translation>Umkehren bei &lt;b&gt;%1&lt;/b&gt; auf der Route oder &lt;b&gt;%2&lt;/b&gt; verbraucht: das Ziel ist außer Reichweite. Zu Hause nach &lt;b&gt;%3&lt;/b&gt; mit &lt;b&gt;%4&lt;/b&gt; Rest.</translation>
    </message>
    <message>
        <source>Likely to get home: &lt;b&gt;%1&lt;/b&gt;; reserve intact on &lt;b&gt;%2&lt;/b&gt; of days like this.</source>
        <translation>Wahrscheinlichkeit der Heimkehr: &lt;b&gt;%1&lt;/b&gt;; Reserve unangetastet an &lt;b&gt;%2&lt;/b&gt; solcher Tage.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>more than 99&#x202f;%</source>
        <translation>mehr als 99&#x202f;%</translation>
    </message>
    <message>
        <source>less than 1&#x202f;%</source>
        <translation>weniger als 1&#x202f;%</translation>
    </message>
    <message>
        <source>%1&#x202f;%</source>
        <comment>a likelihood</comment>
        <translation>%1&#x202f;%</translation>
    </message>
    <message>
        <source>Turning at &lt;b&gt;%1&lt;/b&gt; does not get home: the pack is short by &lt;b&gt;%2&lt;/b&gt;. Let the rule “enough to get home” count.</source>
        <translation>Umkehr bei &lt;b&gt;%1&lt;/b&gt; kommt nicht nach Hause: dem Akku fehlen &lt;b&gt;%2&lt;/b&gt;. Lass die Regel „genug für den Heimweg“ zählen.</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt; or &lt;b&gt;%2&lt;/b&gt; used, whichever comes first.</source>
        <translation>Umkehren bei &lt;b&gt;%1&lt;/b&gt; oder &lt;b&gt;%2&lt;/b&gt; verbraucht, was zuerst kommt.</translation>
    </message>
    <message>
        <source>In the worst credible wind: home after &lt;b&gt;%1&lt;/b&gt; with &lt;b&gt;%2&lt;/b&gt; remaining.</source>
        <translation>Im ungünstigsten anzunehmenden Wind: zu Hause nach &lt;b&gt;%1&lt;/b&gt; mit &lt;b&gt;%2&lt;/b&gt; Rest.</translation>
    </message>
    <message>
        <source>In the forecast wind: home after &lt;b&gt;%1&lt;/b&gt; with &lt;b&gt;%2&lt;/b&gt; remaining.</source>
        <translation>Im vorhergesagten Wind: zu Hause nach &lt;b&gt;%1&lt;/b&gt; mit &lt;b&gt;%2&lt;/b&gt; Rest.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, at most &lt;b&gt;%3&lt;/b&gt; from home.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, höchstens &lt;b&gt;%3&lt;/b&gt; vom Startpunkt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; on &lt;b&gt;%3&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; mit &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; on &lt;b&gt;%3&lt;/b&gt;, at most &lt;b&gt;%4&lt;/b&gt; from home.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; mit &lt;b&gt;%3&lt;/b&gt;, höchstens &lt;b&gt;%4&lt;/b&gt; vom Startpunkt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; on &lt;b&gt;%2&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; mit &lt;b&gt;%2&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; recorded, without position and current.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; aufgezeichnet, ohne Position und Strom.</translation>
    </message>
    <message>
        <source>%1 More was counted than this pack should hold: &lt;b&gt;%2&lt;/b&gt; more. Is it the right pack?</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Es wurde mehr gezählt, als dieser Akku enthalten sollte: &lt;b&gt;%2&lt;/b&gt; mehr. Ist es der richtige?</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>quantity, change</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>Umkehr %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>what moved, because of what</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>%1 %2 → %3</source>
        <comment>input, its step, the change it makes</comment>
        <translation>%1 %2 → %3</translation>
    </message>
    <message>
        <source>What moves it most: %1</source>
        <translation>Größter Einfluss: %1</translation>
    </message>
    <message>
        <source>flown over the forecast: short by %1 of the return leg and its reserve after %2, at %3</source>
        <translation>über der Prognose: %1 zu wenig für Rückflug und Reserve nach %2, bei %3</translation>
    </message>
    <message>
        <source>flown over the forecast: minimum margin %1, after %2 at %3</source>
        <translation>über der Prognose: kleinster Überschuss %1, nach %2 bei %3</translation>
    </message>
    <message>
        <source>Homeward chart without a turn: %1</source>
        <translation>Heimwegdiagramm ohne Umkehr: %1</translation>
    </message>
    <message>
        <source>Homeward chart. Remaining energy falls from %1 at launch to %2 at %3; the energy needed to get home rises to %4 there, including the reserve of %5.</source>
        <translation>Heimwegdiagramm. Die verbleibende Energie fällt von %1 beim Start auf %2 bei %3; die Energie für den Heimweg steigt dort auf %4, die Reserve von %5 enthalten.</translation>
    </message>
    <message>
        <source>Map: home, wind from %1 at %2, and no turn.</source>
        <translation>Karte: Startpunkt, Wind aus %1 mit %2, und keine Umkehr.</translation>
    </message>
    <message>
        <source>Map: outbound from home on %1 to the turn at %2; wind from %3 at %4.</source>
        <translation>Karte: vom Startpunkt hinaus auf %1 bis zur Umkehr bei %2; Wind aus %3 mit %4.</translation>
    </message>
    <message>
        <source>%1 delivers nothing at %2 down to %3.</source>
        <translation>%1 liefert nichts bei %2 bis %3.</translation>
    </message>
    <message>
        <source>%1 delivers &lt;b&gt;%2&lt;/b&gt; or &lt;b&gt;%3&lt;/b&gt; at %4, down to %5: &lt;b&gt;%6&lt;/b&gt;.</source>
        <translation>%1 liefert &lt;b&gt;%2&lt;/b&gt; oder &lt;b&gt;%3&lt;/b&gt; bei %4, bis %5: &lt;b&gt;%6&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>An estimate; you decide. Local rules come first: line of sight, height, airspace, people, registration. Set and test the failsafe return before a long flight, range-check the link, and be over land near home before the pack is low.</source>
        <translation>Eine Schätzung; du entscheidest. Lokale Regeln gehen vor: Sichtweite, Höhe, Luftraum, Menschen, Registrierung. Stelle die Failsafe-Rückkehr vor einem langen Flug ein und teste sie, prüfe die Reichweite des Links, und sei über Land nahe am Startpunkt, bevor der Akku leer wird.</translation>
    </message>
    <message>
        <source>%1 By the charge used the pack ended as full as it began.</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Nach der verbrauchten Ladung war der Akku am Ende so voll wie am Anfang.</translation>
    </message>
    <message>
        <source>%1 By the charge used &lt;b&gt;%2&lt;/b&gt; remained, &lt;b&gt;%3&lt;/b&gt; of the usable charge.</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Nach der verbrauchten Ladung blieben &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt; der nutzbaren Ladung.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Setting</name>
    <message>
        <source>%1, %2</source>
        <comment>name of the pack, its build</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>out and back on %1</source>
        <translation>hin und zurück auf %1</translation>
    </message>
    <message>
        <source>%1 over %2 places</source>
        <translation>%1 über %2 Orte</translation>
    </message>
    <message>
        <source>%1 with %2 in %3 , %4 , %5 at %6 , reserve %7 , landing at %8</source>
        <comment>aircraft, pack, wind, temperature, bearing, height, reserve, landing voltage</comment>
        <translation>%1 mit %2 bei %3 , %4 , %5 in %6 , Reserve %7 , Landung bei %8</translation>
    </message>
    <message>
        <source>Flown by %1 with %2 in %3 , %4 , landing voltage %8</source>
        <comment>aircraft, pack, wind, temperature, landing voltage</comment>
        <translation>Geflogen mit %1 und %2 bei %3 , %4 , Landespannung %8</translation>
    </message>
    <message>
        <source>Aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>Mission</source>
        <translation>Mission</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>Landing voltage</source>
        <translation>Landespannung</translation>
    </message>
</context>
<context>
    <name>sobremesa::Sun</name>
    <message>
        <source>On %1 the sun does not rise at this place.</source>
        <translation>Am %1 geht die Sonne an diesem Ort nicht auf.</translation>
    </message>
    <message>
        <source>On %1 the array never carries level flight alone: at %2 it delivers %3 of the %4 that level flight takes.</source>
        <translation>Am %1 trägt das Solarfeld den Horizontalflug nie allein: um %2 liefert es %3 der %4, die er braucht.</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <comment>clock times</comment>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>On %1 the array sustains level flight %2 (%3) and allows %4 of climb at its peak.</source>
        <translation>Am %1 trägt das Solarfeld den Horizontalflug %2 (%3) und erlaubt in der Spitze %4 Steigen.</translation>
    </message>
    <message>
        <source> and </source>
        <comment>between spans of time</comment>
        <translation> und </translation>
    </message>
    <message>
        <source>Launched at %1 with the pack as charged, it is still up two days later.</source>
        <translation>Um %1 mit dem Akku wie geladen gestartet, ist es zwei Tage später noch oben.</translation>
    </message>
    <message>
        <source>Launched at %1 with the pack as charged, it stays up for %2 ± %3, until %4: %5 of it from the sun. With the reserve intact it lands at %6 at the latest.</source>
        <translation>Um %1 mit dem Akku wie geladen gestartet, bleibt es %2 ± %3 oben, bis %4: %5 davon von der Sonne. Mit unangetasteter Reserve landet es spätestens um %6.</translation>
    </message>
    <message>
        <source>Only the array&apos;s minimum is counted; with all of it the flight could last until %1 (%2), on the pack alone %3. Under an unforeseen cloud, land.</source>
        <translation>Nur das Minimum des Solarfelds zählt; mit allem könnte der Flug bis %1 dauern (%2), mit dem Akku allein %3. Unter einer unerwarteten Wolke landen.</translation>
    </message>
    <message>
        <source>Bonus, not counted: with the sun as forecast it could stay until %1 (%2), %3 longer.</source>
        <translation>Zugabe, nicht gezählt: mit der Sonne wie vorhergesagt könnte es bis %1 bleiben (%2), %3 länger.</translation>
    </message>
    <message>
        <source>10 % more cell area</source>
        <translation>10 % mehr Zellenfläche</translation>
    </message>
    <message>
        <source>100 g less</source>
        <translation>100 g weniger</translation>
    </message>
    <message>
        <source>a better converter</source>
        <translation>ein besserer Wandler</translation>
    </message>
    <message>
        <source>a cell more in series</source>
        <translation>eine Zelle mehr in Reihe</translation>
    </message>
    <message>
        <source>a cell less in series</source>
        <translation>eine Zelle weniger in Reihe</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>Tempo längster Flugzeit</translation>
    </message>
    <message>
        <source>endurance %1, sustained %2, at noon %3</source>
        <comment>changes with their signs</comment>
        <translation>Flugzeit %1, getragen %2, mittags %3</translation>
    </message>
    <message>
        <source>Sun test, around noon: three minutes of level cruise at one power, one with the motor off, three of the same cruise again; where the array can be switched off, three more without it.</source>
        <translation>Sonnentest, um Mittag: drei Minuten horizontaler Reiseflug bei gleicher Leistung, eine mit Motor aus, drei desselben Reiseflugs; lässt sich das Solarfeld abschalten, drei weitere ohne.</translation>
    </message>
    <message>
        <source>direct</source>
        <translation>direkt</translation>
    </message>
    <message>
        <source>step-down</source>
        <translation>abwärts</translation>
    </message>
    <message>
        <source>step-up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>step-up or step-down</source>
        <translation>auf- oder abwärts</translation>
    </message>
</context>
<context>
    <name>sobremesa::SunFields</name>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Zellen in Reihe</translation>
    </message>
    <message>
        <source>Strings in parallel</source>
        <translation>Stränge parallel</translation>
    </message>
    <message>
        <source>Area of a cell</source>
        <translation>Fläche einer Zelle</translation>
    </message>
    <message>
        <source>cm²</source>
        <translation>cm²</translation>
    </message>
    <message>
        <source>Efficiency</source>
        <translation>Wirkungsgrad</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>of a cell at 25 °C and 1000 W/m², as its maker states it</source>
        <translation>einer Zelle bei 25 °C und 1000 W/m², nach Hersteller</translation>
    </message>
    <message>
        <source>Voltage at maximum power</source>
        <translation>Spannung im Maximum</translation>
    </message>
    <message>
        <source>of a cell; empty: assumed 0.58 V</source>
        <translation>einer Zelle; leer: 0,58 V angenommen</translation>
    </message>
    <message>
        <source>Open-circuit voltage</source>
        <translation>Leerlaufspannung</translation>
    </message>
    <message>
        <source>of a cell; empty: assumed 0.68 V</source>
        <translation>einer Zelle; leer: 0,68 V angenommen</translation>
    </message>
    <message>
        <source>Temperature coefficient of power</source>
        <translation>Temperaturbeiwert der Leistung</translation>
    </message>
    <message>
        <source>%/K</source>
        <translation>%/K</translation>
    </message>
    <message>
        <source>empty: assumed −0.35 %/K</source>
        <translation>leer: −0,35 %/K angenommen</translation>
    </message>
    <message>
        <source>Tilt of the cells</source>
        <translation>Neigung der Zellen</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>dihedral, or a curved top; empty: level</source>
        <translation>V-Form oder gewölbte Oberseite; leer: waagrecht</translation>
    </message>
    <message>
        <source>Mass of the array</source>
        <translation>Masse des Solarfelds</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>cells, wires, converter: part of the aircraft&apos;s mass</source>
        <translation>Zellen, Kabel, Wandler: Teil der Modellmasse</translation>
    </message>
    <message>
        <source>Array to pack</source>
        <translation>Solarfeld zum Akku</translation>
    </message>
    <message>
        <source>Converter efficiency</source>
        <translation>Wirkungsgrad des Wandlers</translation>
    </message>
    <message>
        <source>of one that tracks the maximum; empty: assumed 95 %</source>
        <translation>eines, der das Maximum verfolgt; leer: 95 % angenommen</translation>
    </message>
    <message>
        <source>Maximum input voltage</source>
        <translation>Höchste Eingangsspannung</translation>
    </message>
    <message>
        <source>empty: not checked</source>
        <translation>leer: nicht geprüft</translation>
    </message>
    <message>
        <source>Maximum output current</source>
        <translation>Höchster Ausgangsstrom</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>empty: no limit</source>
        <translation>leer: keine Grenze</translation>
    </message>
    <message>
        <source>Short-circuit current</source>
        <translation>Kurzschlussstrom</translation>
    </message>
    <message>
        <source>of a cell. Empty: 1.06 × that at maximum power</source>
        <translation>einer Zelle. Leer: 1,06 × Strom bei höchster Leistung</translation>
    </message>
</context>
<context>
    <name>sobremesa::Watch</name>
    <message>
        <source>Nothing received describes a flight.</source>
        <translation>Aus den empfangenen Daten ergibt sich kein Flug.</translation>
    </message>
    <message>
        <source>No speech engine works here: callouts sound a tone instead.</source>
        <translation>Hier ist keine Sprachausgabe verfügbar: stattdessen ertönt bei Ansagen ein Ton.</translation>
    </message>
    <message>
        <source>%1 remaining.</source>
        <translation>%1 verbleibend.</translation>
    </message>
    <message>
        <source>%1 used.</source>
        <translation>%1 verbraucht.</translation>
    </message>
    <message>
        <source>%1 remaining, %2.</source>
        <translation>%1 verbleibend, %2.</translation>
    </message>
    <message>
        <source>%1 used, %2.</source>
        <translation>%1 verbraucht, %2.</translation>
    </message>
    <message>
        <source>%1 more than planned</source>
        <translation>%1 mehr als geplant</translation>
    </message>
    <message>
        <source>%1 less than planned</source>
        <translation>%1 weniger als geplant</translation>
    </message>
    <message>
        <source>%1 late</source>
        <translation>%1 zu spät</translation>
    </message>
    <message>
        <source>%1 early</source>
        <translation>%1 zu früh</translation>
    </message>
    <message>
        <source>Halfway to the turn: %1, %2.</source>
        <comment>charge against plan, time against plan</comment>
        <translation>Halber Weg zur Umkehr: %1, %2.</translation>
    </message>
    <message>
        <source>cells %1 lower</source>
        <translation>Zellen %1 niedriger</translation>
    </message>
    <message>
        <source>cells %1 higher</source>
        <translation>Zellen %1 höher</translation>
    </message>
    <message>
        <source>Halfway to the turn: %1, %2, %3.</source>
        <comment>charge against plan, volts against plan, time against plan</comment>
        <translation>Halber Weg zur Umkehr: %1, %2, %3.</translation>
    </message>
    <message>
        <source>Home is out of reach. Land at %1: %2 at %3.</source>
        <comment>place, distance, bearing</comment>
        <translation>Der Startpunkt ist außer Reichweite. Lande bei %1: %2, Kurs %3.</translation>
    </message>
    <message>
        <source>the landing place</source>
        <translation>dem Landeplatz</translation>
    </message>
    <message>
        <source>Home is out of reach. Choose a place to land.</source>
        <translation>Der Startpunkt ist außer Reichweite. Wähle einen Platz zum Landen.</translation>
    </message>
    <message>
        <source>Past the turn. Turn within %1 to get home on the reserve.</source>
        <translation>Umkehrpunkt überschritten. Bei Umkehr binnen %1 reicht es mit der Reserve noch nach Hause.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2.</source>
        <translation>Wind jetzt %1 aus %2.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2: turn %3 earlier.</source>
        <translation>Wind jetzt %1 aus %2: Umkehr %3 früher.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2: the turn moves out by %3.</source>
        <translation>Wind jetzt %1 aus %2: die Umkehr rückt %3 hinaus.</translation>
    </message>
    <message>
        <source>The current reading is frozen. Do not trust the counter.</source>
        <translation>Der Strommesswert ist eingefroren. Trau dem Zähler nicht.</translation>
    </message>
    <message>
        <source>The voltage reading is frozen. Do not trust the voltage.</source>
        <translation>Der Spannungsmesswert ist eingefroren. Trau der Spannung nicht.</translation>
    </message>
    <message>
        <source>Counter and voltage disagree: %1 remaining by the counter, %2 by the voltage. The lower counts.</source>
        <translation>Zähler und Spannung widersprechen sich: %1 verbleibend nach dem Zähler, %2 nach der Spannung. Der niedrigere zählt.</translation>
    </message>
    <message>
        <source>No telemetry.</source>
        <translation>Keine Telemetrie.</translation>
    </message>
    <message>
        <source>No telemetry. Last position %1 at %2.</source>
        <translation>Keine Telemetrie. Letzte Position %1 entfernt, Richtung %2.</translation>
    </message>
    <message>
        <source>No telemetry. Last position %1 at %2, %3 high.</source>
        <translation>Keine Telemetrie. Letzte Position %1 entfernt, Richtung %2, %3 hoch.</translation>
    </message>
    <message>
        <source>Link at %1.</source>
        <translation>Link bei %1.</translation>
    </message>
    <message>
        <source>Link at %1: failsafe at about %2.</source>
        <translation>Link bei %1: Failsafe bei etwa %2.</translation>
    </message>
    <message>
        <source>Lift: climbing at %1. Mind the height limit.</source>
        <translation>Aufwind: Steigen mit %1. Achte auf die Höhengrenze.</translation>
    </message>
    <message>
        <source>Height %1, your limit is %2.</source>
        <translation>Höhe %1, deine Grenze ist %2.</translation>
    </message>
    <message>
        <source>%1 A for too long: the continuous limit is %2 A.</source>
        <translation>%1 A zu lange: der Dauerstrom ist %2 A.</translation>
    </message>
    <message>
        <source>Turn in two minutes.</source>
        <translation>Umkehr in zwei Minuten.</translation>
    </message>
    <message>
        <source>Turn in one minute.</source>
        <translation>Umkehr in einer Minute.</translation>
    </message>
    <message>
        <source>The reserve begins, %1.</source>
        <translation>Die Reserve beginnt, %1.</translation>
    </message>
    <message>
        <source>The reserve begins.</source>
        <translation>Die Reserve beginnt.</translation>
    </message>
    <message>
        <source>Low voltage: %1, %2 per cell. Come in.</source>
        <translation>Unterspannung: %1, %2 pro Zelle. Komm zurück.</translation>
    </message>
    <message>
        <source>Turn now. Home is %1 at %2.</source>
        <translation>Jetzt umkehren. Heimweg %1, Kurs %2.</translation>
    </message>
    <message>
        <source>Land now: %1, %2 per cell.</source>
        <translation>Jetzt landen: %1, %2 pro Zelle.</translation>
    </message>
    <message>
        <source>Landed. Unplug, and write down the resting voltage in ten minutes.</source>
        <translation>Gelandet. Abstecken, und in zehn Minuten die Ruhespannung notieren.</translation>
    </message>
    <message>
        <source>Every 10 %</source>
        <translation>Alle 10 %</translation>
    </message>
    <message>
        <source>Halfway check</source>
        <translation>Prüfung auf halbem Weg</translation>
    </message>
    <message>
        <source>Wind has changed</source>
        <translation>Wind hat sich geändert</translation>
    </message>
    <message>
        <source>Lift</source>
        <translation>Aufwind</translation>
    </message>
    <message>
        <source>Height limit</source>
        <translation>Höhengrenze</translation>
    </message>
    <message>
        <source>Link falling</source>
        <translation>Link wird schwach</translation>
    </message>
    <message>
        <source>Continuous current</source>
        <translation>Dauerstrom</translation>
    </message>
    <message>
        <source>Counter against voltage</source>
        <translation>Zähler gegen Spannung</translation>
    </message>
    <message>
        <source>Turn in two minutes, one minute</source>
        <translation>Umkehr in zwei Minuten, einer Minute</translation>
    </message>
    <message>
        <source>Reserve begins</source>
        <translation>Reserve beginnt</translation>
    </message>
    <message>
        <source>No telemetry</source>
        <translation>Keine Telemetrie</translation>
    </message>
    <message>
        <source>Low voltage</source>
        <translation>Unterspannung</translation>
    </message>
    <message>
        <source>Turn now</source>
        <translation>Jetzt umkehren</translation>
    </message>
    <message>
        <source>Past the turn</source>
        <translation>Umkehrpunkt überschritten</translation>
    </message>
    <message>
        <source>Land now</source>
        <translation>Jetzt landen</translation>
    </message>
    <message>
        <source>Landed</source>
        <translation>Gelandet</translation>
    </message>
    <message>
        <source>Waiting for telemetry</source>
        <translation>Warten auf Telemetrie</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>Am Boden</translation>
    </message>
    <message>
        <source>Outbound</source>
        <translation>Hinflug</translation>
    </message>
    <message>
        <source>Inbound</source>
        <translation>Rückflug</translation>
    </message>
    <message>
        <source>Telemetry lost</source>
        <translation>Telemetrie verloren</translation>
    </message>
    <message>
        <source>Waiting for telemetry.</source>
        <translation>Warten auf Telemetrie.</translation>
    </message>
    <message>
        <source>%1 is not the voltage of a %2S pack: choose the pack that flies. Until then nothing that depends on it is shown.</source>
        <translation>%1 ist nicht die Spannung eines %2S-Akkus: wähle den, der fliegt. Bis dahin wird nichts gezeigt, was davon abhängt.</translation>
    </message>
    <message>
        <source>On the ground, %1.</source>
        <translation>Am Boden, %1.</translation>
    </message>
    <message>
        <source>On the ground.</source>
        <translation>Am Boden.</translation>
    </message>
    <message>
        <source>Voltage, current or position is missing: nothing can be computed.</source>
        <translation>Spannung, Strom oder Position fehlt: nichts lässt sich berechnen.</translation>
    </message>
    <message>
        <source>Landed after %1 with %2 remaining.</source>
        <translation>Nach %1 mit %2 Rest gelandet.</translation>
    </message>
    <message>
        <source>The aircraft may not get home against this wind: %1 from %2, airspeed %3.</source>
        <translation>Gegen diesen Wind kommt das Modell vielleicht nicht nach Hause: %1 aus %2, Airspeed %3.</translation>
    </message>
    <message>
        <source>Inbound: %1 to go, margin %2 with the reserve intact.</source>
        <translation>Rückflug: noch %1, Überschuss %2 bei unangetasteter Reserve.</translation>
    </message>
    <message>
        <source>Inbound: %1 to go, %2 of the reserve will be used.</source>
        <translation>Rückflug: noch %1, %2 der Reserve werden verbraucht.</translation>
    </message>
    <message>
        <source>Turn now: %1 from home.</source>
        <translation>Jetzt umkehren: %1 vom Startpunkt.</translation>
    </message>
    <message>
        <source>Turn in %1, %2 from home, at %3 used.</source>
        <translation>Umkehr in %1, %2 vom Startpunkt, bei %3 verbraucht.</translation>
    </message>
    <message>
        <source>The aircraft did not come home.</source>
        <translation>Das Modell kam nicht nach Hause.</translation>
    </message>
    <message>
        <source>Home with %1 remaining: the reserve of %2 is intact.</source>
        <translation>Zu Hause mit %1 Rest: die Reserve von %2 ist unangetastet.</translation>
    </message>
    <message>
        <source>Home with %1 remaining: the reserve of %2 is not intact.</source>
        <translation>Zu Hause mit %1 Rest: die Reserve von %2 ist angetastet.</translation>
    </message>
    <message>
        <source>Turned at %1; the farthest turn that kept the reserve on this day: %2.</source>
        <translation>Umkehr bei %1; die weiteste, die an diesem Tag die Reserve hielt: %2.</translation>
    </message>
    <message>
        <source>%1 at %2: %3</source>
        <comment>turn rule, distance, energy left at home</comment>
        <translation>%1 bei %2: %3</translation>
    </message>
    <message>
        <source>%1 at %2: not home</source>
        <comment>turn rule, distance</comment>
        <translation>%1 bei %2: nicht nach Hause</translation>
    </message>
    <message>
        <source>Remaining at home by each turn rule: %1.</source>
        <translation>Rest zu Hause nach jeder Umkehrregel: %1.</translation>
    </message>
    <message>
        <source>This was the first practice flight.</source>
        <translation>Das war der erste Übungsflug.</translation>
    </message>
    <message numerus="yes">
        <source>Practice so far: reserve intact on %1 of %n flight(s).</source>
        <translation>
            <numerusform>Übung bisher: Reserve unangetastet auf %1 von %n Flug.</numerusform>
            <numerusform>Übung bisher: Reserve unangetastet auf %1 von %n Flügen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Over land now: %1 used.</source>
        <translation>Jetzt über Land: %1 verbraucht.</translation>
    </message>
    <message>
        <source>Be over land by %1: %2 used.</source>
        <translation>Bei %1 über Land sein: %2 verbraucht.</translation>
    </message>
    <message>
        <source>Over land again</source>
        <translation>Wieder über Land</translation>
    </message>
    <message>
        <source>Past the turn. If the wind keeps growing, it may not get home.</source>
        <translation>Umkehrpunkt überschritten. Nimmt der Wind weiter zu, kommt es vielleicht nicht mehr heim.</translation>
    </message>
    <message>
        <source>The output is not being read. Lines are left out until it is; callouts wait.</source>
        <translation>Die Ausgabe wird nicht gelesen. Bis dahin fallen Zeilen weg; Ansagen warten.</translation>
    </message>
    <message>
        <source>Nobody reads the output any more. The watch goes on until Ctrl+C.</source>
        <translation>Niemand liest mehr die Ausgabe. Die Überwachung läuft bis Strg+C weiter.</translation>
    </message>
    <message>
        <source>The output was not read to its end.</source>
        <translation>Die Ausgabe wurde nicht bis zum Ende gelesen.</translation>
    </message>
    <message>
        <source>Wind %1 from %2, growing by %3 an hour: if that goes on, the aircraft may not get home.</source>
        <translation>Wind %1 aus %2, er nimmt je Stunde um %3 zu: hält das an, kommt das Modell vielleicht nicht nach Hause.</translation>
    </message>
    <message>
        <source>No position: %1 remaining, what the return takes is not known.</source>
        <translation>Keine Position: %1 übrig; was der Rückweg kostet, ist nicht bekannt.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AboutSheet</name>
    <message>
        <source>About Sobremesa</source>
        <translation>Über Sobremesa</translation>
    </message>
    <message>
        <source>&lt;b&gt;Sobremesa&lt;/b&gt; %1</source>
        <translation>&lt;b&gt;Sobremesa&lt;/b&gt; %1</translation>
    </message>
    <message>
        <source>Plans endurance and distance flights of long-range model aircraft, watches them, and learns from every log. Its figures are estimates; you decide, and local rules come first.</source>
        <translation>Plant Dauer- und Streckenflüge von Langstrecken-Flugmodellen, begleitet sie und lernt aus jedem Log. Seine Werte sind Schätzungen; du entscheidest, und lokale Regeln gehen vor.</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3, without any warranty. The typeface is derived from Inter (SIL Open Font License 1.1).</source>
        <translation>Freie Software unter der GNU General Public License, Version 3, ohne jede Gewährleistung. Die Schrift ist von Inter abgeleitet (SIL Open Font License 1.1).</translation>
    </message>
    <message>
        <source>Made with Qt %1 (LGPL 3), QCustomPlot (GPL 3), GeographicLib (MIT), GDAL (MIT), SQLite (public domain), libnova (LGPL 2), libarchive (BSD), Boost (BSL 1.0), Eigen (MPL 2.0), fast_float (MIT), nlohmann/json (MIT), pugixml (MIT), CLI11 (BSD), tl::expected (CC0) and zlib.</source>
        <translation>Gemacht mit Qt %1 (LGPL 3), QCustomPlot (GPL 3), GeographicLib (MIT), GDAL (MIT), SQLite (gemeinfrei), libnova (LGPL 2), libarchive (BSD), Boost (BSL 1.0), Eigen (MPL 2.0), fast_float (MIT), nlohmann/json (MIT), pugixml (MIT), CLI11 (BSD), tl::expected (CC0) und zlib.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AircraftLines</name>
    <message>
        <source>Aircraft with the pack of the plan</source>
        <translation>Modelle mit dem Akku des Plans</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>part, mass</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2; %3; %4</source>
        <comment>aircraft, its masses, its speeds, its past</comment>
        <translation>%1: %2; %3; %4</translation>
    </message>
    <message>
        <source>best endurance %1</source>
        <translation>max. Flugzeit %1</translation>
    </message>
    <message>
        <source>best range %1</source>
        <translation>max. Reichweite %1</translation>
    </message>
    <message>
        <source>not flown</source>
        <translation>nicht geflogen</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s), last %1</source>
        <translation>
            <numerusform>%n Flug, am %1</numerusform>
            <numerusform>%n Flüge, zuletzt %1</numerusform>
        </translation>
    </message>
    <message>
        <source>curve from its flights</source>
        <translation>Kurve aus Flügen</translation>
    </message>
    <message>
        <source>curve from one cruise</source>
        <translation>Kurve aus einem Reiseflug</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>all-up mass, g</source>
        <translation>Abflugmasse, g</translation>
    </message>
    <message>
        <source>best endurance, m/s</source>
        <translation>längste Flugzeit, m/s</translation>
    </message>
    <message>
        <source>there, W</source>
        <translation>dort, W</translation>
    </message>
    <message>
        <source>best range, m/s</source>
        <translation>größte Reichweite, m/s</translation>
    </message>
    <message>
        <source>flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>last flown</source>
        <translation>zuletzt geflogen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AlarmsSheet</name>
    <message>
        <source>Alarms</source>
        <translation>Alarme</translation>
    </message>
    <message>
        <source>Alarms for this pack and this plan</source>
        <translation>Alarme für diesen Akku und diesen Plan</translation>
    </message>
    <message>
        <source>This pack cannot supply this cruise: there is nothing to set.</source>
        <translation>Dieser Akku kann diesen Reiseflug nicht versorgen: es gibt nichts einzustellen.</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>Zähler</translation>
    </message>
    <message>
        <source>remaining</source>
        <translation>verbleibend</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>geflogen</translation>
    </message>
    <message>
        <source>counter at most</source>
        <translation>Zähler höchstens</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>still needed</source>
        <translation>noch nötig</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AllFlownWith</name>
    <message>
        <source>All flown with</source>
        <translation>Alle geflogen mit</translation>
    </message>
    <message>
        <source>Aircraft of all these flights</source>
        <translation>Modell aller dieser Flüge</translation>
    </message>
    <message>
        <source>Pack of all these flights</source>
        <translation>Akku aller dieser Flüge</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BenchChart</name>
    <message>
        <source>Packs under load</source>
        <translation>Akkus unter Last</translation>
    </message>
    <message>
        <source>Wh delivered</source>
        <translation>gelieferte Wh</translation>
    </message>
    <message>
        <source>mAh delivered</source>
        <translation>gelieferte mAh</translation>
    </message>
    <message>
        <source>landing at %1</source>
        <translation>Landung bei %1</translation>
    </message>
    <message>
        <source>%1 unused if %2 lands at %3, like a LiPo</source>
        <translation>%1 ungenutzt, wenn %2 bei %3 landet, wie ein LiPo</translation>
    </message>
    <message>
        <source>%1 unused if %2 lands
at %3, like a LiPo</source>
        <translation>%1 ungenutzt, wenn %2 bei
%3 landet, wie ein LiPo</translation>
    </message>
    <message>
        <source>%1 has landed</source>
        <translation>%1 ist gelandet</translation>
    </message>
    <message>
        <source>%1 %2 after %3</source>
        <comment>pack, value, time</comment>
        <translation>%1 %2 nach %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>given so far: packs</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>pack, unit</comment>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BenchPage</name>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Under load</source>
        <translation>Unter Last</translation>
    </message>
    <message>
        <source>Endurance and mass</source>
        <translation>Flugzeit und Masse</translation>
    </message>
    <message>
        <source>Candidates</source>
        <translation>Kandidaten</translation>
    </message>
    <message>
        <source>Compare your packs on the aircraft of your plan: how long each one flies, and how it behaves under load.</source>
        <translation>Vergleicht deine Akkus am Modell deines Plans: wie lange jeder fliegt und wie er sich unter Last verhält.</translation>
    </message>
    <message>
        <source>You need a plan (for aircraft, cruise and wind) and at least one pack.</source>
        <translation>Nötig sind ein Plan (für Modell, Reiseflug und Wind) und mindestens ein Akku.</translation>
    </message>
    <message>
        <source>Go to Plan</source>
        <translation>Zum Plan</translation>
    </message>
    <message>
        <source>Chart shows</source>
        <translation>Diagramm zeigt</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>Zellenspannung</translation>
    </message>
    <message>
        <source>cell current</source>
        <translation>Zellenstrom</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>peak power</source>
        <translation>Spitzenleistung</translation>
    </message>
    <message>
        <source>usual landing</source>
        <translation>übliche Landung</translation>
    </message>
    <message>
        <source>all at %1 V</source>
        <translation>alle bei %1 V</translation>
    </message>
    <message>
        <source>Landing voltage</source>
        <translation>Landespannung</translation>
    </message>
    <message>
        <source>filled: Li-ion, open: LiPo; reserve intact; the line joins the packs that no other beats</source>
        <translation>gefüllt: Li-Ion, offen: LiPo; Reserve unangetastet; die Linie verbindet die Akkus, die kein anderer schlägt</translation>
    </message>
    <message>
        <source>Compare the selected packs</source>
        <translation>Gewählte Akkus vergleichen</translation>
    </message>
    <message>
        <source>compare as they are</source>
        <translation>vergleichen, wie sie sind</translation>
    </message>
    <message>
        <source>compare at equal mass</source>
        <translation>bei gleicher Masse vergleichen</translation>
    </message>
    <message>
        <source>compare at equal energy</source>
        <translation>bei gleicher Energie vergleichen</translation>
    </message>
    <message>
        <source>An estimate; you decide. Charge attended, never below the floor; retire a puffed, hot or unbalanced pack. A heavy pack needs straps that hold in a dive.</source>
        <translation>Eine Schätzung; du entscheidest. Unter Aufsicht laden, nie unter die Untergrenze entladen; einen aufgeblähten, heißen oder unausgeglichenen Akku aussondern. Ein schwerer Akku braucht Gurte, die auch im Sturzflug halten.</translation>
    </message>
    <message>
        <source>Ctrl+click or Shift+arrows select up to %1 packs to overlay</source>
        <translation>Strg+Klick oder Umschalt+Pfeile wählen bis zu %1 Akkus zum Überlagern</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>none lighter flies longer</source>
        <translation>kein leichterer fliegt länger</translation>
    </message>
    <message>
        <source>cannot supply this cruise</source>
        <translation>schafft diesen Reiseflug nicht</translation>
    </message>
    <message>
        <source>does not fit the bay</source>
        <translation>passt nicht in den Schacht</translation>
    </message>
    <message>
        <source>too heavy</source>
        <translation>zu schwer</translation>
    </message>
    <message>
        <source>above its current rating</source>
        <translation>über seinem Dauerstrom</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>build</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>Nennwert</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>nutzbar</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>all-up</source>
        <translation>Abflugmasse</translation>
    </message>
    <message>
        <source>per mass</source>
        <translation>pro Masse</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>per cell</source>
        <translation>pro Zelle</translation>
    </message>
    <message>
        <source>continuous</source>
        <translation>Dauerstrom</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>Anmerkungen</translation>
    </message>
    <message>
        <source>Select a pack in the table, or several to overlay them.</source>
        <translation>Wähle einen Akku in der Tabelle, oder mehrere zum Überlagern.</translation>
    </message>
    <message>
        <source>to landing voltage</source>
        <translation>bis Landespannung</translation>
    </message>
    <message>
        <source>with the reserve intact</source>
        <translation>mit unangetasteter Reserve</translation>
    </message>
    <message>
        <source>remaining above the floor</source>
        <translation>Rest über der Untergrenze</translation>
    </message>
    <message>
        <source>peak temperature</source>
        <translation>höchste Temperatur</translation>
    </message>
    <message>
        <source>Into the flight controller: capacity %1, warning at %2, landing at %3.</source>
        <translation>In den Flugregler: Kapazität %1, Warnung bei %2, Landung bei %3.</translation>
    </message>
    <message>
        <source>%1: %2, %3, %4 pack</source>
        <comment>pack: time, way, mass</comment>
        <translation>%1: %2, %3, %4 Akku</translation>
    </message>
    <message>
        <source>Adding more of these cells stops adding range at %1 of pack.</source>
        <translation>Mehr von diesen Zellen bringen ab %1 Akku keine Reichweite mehr.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BesidePanel</name>
    <message>
        <source>Two plans side by side</source>
        <translation>Zwei Pläne nebeneinander</translation>
    </message>
    <message>
        <source>Back to the map</source>
        <translation>Zurück zur Karte</translation>
    </message>
    <message>
        <source>Compared with: %1</source>
        <comment>name of a plan</comment>
        <translation>Verglichen mit: %1</translation>
    </message>
    <message>
        <source>results and differences</source>
        <translation>Ergebnisse und Unterschiede</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BillChart</name>
    <message>
        <source>From forecast to flown, cause by cause</source>
        <translation>Von der Prognose zum Flug, Ursache für Ursache</translation>
    </message>
    <message>
        <source>From forecast to flown</source>
        <translation>Von der Prognose zum Flug</translation>
    </message>
    <message>
        <source>cause</source>
        <translation>Ursache</translation>
    </message>
    <message>
        <source>energy, Wh</source>
        <translation>Energie, Wh</translation>
    </message>
    <message>
        <source>error, Wh</source>
        <translation>Fehler, Wh</translation>
    </message>
    <message>
        <source>charge, mAh</source>
        <translation>Ladung, mAh</translation>
    </message>
    <message>
        <source>distance, m</source>
        <translation>Strecke, m</translation>
    </message>
    <message>
        <source>Forecast</source>
        <translation>Prognose</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <comment>energy, distance</comment>
        <translation>%1 über %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CalibrationChart</name>
    <message>
        <source>How often flights fell within the band</source>
        <translation>Wie oft Flüge im Band lagen</translation>
    </message>
    <message>
        <source>%1 % of %2 forecasts fell within the 90 % band.</source>
        <translation>%1 % von %2 Prognosen lagen im 90-%-Band.</translation>
    </message>
    <message>
        <source>Flights within the band</source>
        <translation>Flüge im Band</translation>
    </message>
    <message>
        <source>band, %</source>
        <translation>Band, %</translation>
    </message>
    <message>
        <source>within, %</source>
        <translation>innerhalb, %</translation>
    </message>
    <message>
        <source>within, % of %1 forecasts</source>
        <translation>innerhalb, % von %1 Prognosen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CalloutsSheet</name>
    <message>
        <source>Callouts</source>
        <translation>Ansagen</translation>
    </message>
    <message>
        <source>Spoken callouts</source>
        <translation>Gesprochene Ansagen</translation>
    </message>
    <message>
        <source>Count down: call what remains</source>
        <translation>Herunterzählen: den Rest ansagen</translation>
    </message>
    <message>
        <source>Callouts that are off are still listed.</source>
        <translation>Abgeschaltete Ansagen werden trotzdem aufgelistet.</translation>
    </message>
    <message>
        <source>No speech engine works here: a tone sounds instead. Callouts that are off are still listed.</source>
        <translation>Hier ist keine Sprachausgabe verfügbar: stattdessen ertönt ein Ton. Abgeschaltete Ansagen werden trotzdem aufgelistet.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CauseChart</name>
    <message>
        <source>What flights took more or less than forecast, cause by cause</source>
        <translation>Was Flüge mehr oder weniger kosteten als vorhergesagt, nach Ursachen</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>Zusammen</translation>
    </message>
    <message>
        <source>Flights and their forecasts, by cause</source>
        <translation>Flüge und ihre Prognosen, nach Ursachen</translation>
    </message>
    <message>
        <source>cause</source>
        <translation>Ursache</translation>
    </message>
    <message>
        <source>mean, %</source>
        <translation>Mittel, %</translation>
    </message>
    <message>
        <source>error of the mean, %</source>
        <translation>Fehler des Mittels, %</translation>
    </message>
    <message>
        <source>between flights, %</source>
        <translation>zwischen Flügen, %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CellModel</name>
    <message>
        <source>Why? (F1)</source>
        <translation>Warum? (F1)</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CellsEditor</name>
    <message>
        <source>type a row here</source>
        <translation>hier eine Zeile eintippen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ColumnsSheet</name>
    <message>
        <source>Read with these columns</source>
        <translation>Mit diesen Spalten lesen</translation>
    </message>
    <message>
        <source>Columns of %1</source>
        <translation>Spalten von %1</translation>
    </message>
    <message>
        <source>What each column is</source>
        <translation>Was jede Spalte ist</translation>
    </message>
    <message>
        <source>Correct what the program guessed wrong. The answer is remembered for logs with this header.</source>
        <translation>Korrigiere, was das Programm falsch geraten hat. Die Antwort wird für Logs mit dieser Kopfzeile gemerkt.</translation>
    </message>
    <message>
        <source>in the file</source>
        <translation>in der Datei</translation>
    </message>
    <message>
        <source>first values</source>
        <translation>erste Werte</translation>
    </message>
    <message>
        <source>meaning</source>
        <translation>Bedeutung</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>read as</source>
        <translation>gelesen als</translation>
    </message>
    <message>
        <source>(no name)</source>
        <translation>(ohne Namen)</translation>
    </message>
    <message>
        <source>What “%1” is</source>
        <translation>Was „%1“ ist</translation>
    </message>
    <message>
        <source>Unit of “%1”</source>
        <translation>Einheit von „%1“</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>No column is a time yet; a log needs one.</source>
        <translation>Noch ist keine Spalte eine Zeit; ein Log braucht eine.</translation>
    </message>
    <message>
        <source>Correct what is wrong. The answer holds for this log, and is kept with it when it is filed.</source>
        <translation>Korrigiere, was falsch ist. Die Antwort gilt für dieses Log und bleibt bei ihm, wenn es abgelegt wird.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::Commands</name>
    <message>
        <source>Find a command</source>
        <translation>Befehl suchen</translation>
    </message>
    <message>
        <source>Words of a command</source>
        <translation>Wörter eines Befehls</translation>
    </message>
    <message>
        <source>Find a command: undo, backup, knots, evening…</source>
        <translation>Befehl suchen: rückgängig, Sicherung, Knoten, Abend…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>heading, command</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Commands found</source>
        <translation>Gefundene Befehle</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CompareSheet</name>
    <message>
        <source>Flights at equal distance, speed and mass</source>
        <translation>Flüge bei gleicher Strecke, Geschwindigkeit und Masse</translation>
    </message>
    <message>
        <source>Flights side by side</source>
        <translation>Flüge nebeneinander</translation>
    </message>
    <message>
        <source>Flights to compare</source>
        <translation>Flüge zum Vergleich</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>Airspeed</source>
        <translation>Airspeed</translation>
    </message>
    <message>
        <source>all-up mass</source>
        <translation>Abflugmasse</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>Select two or more flights.</source>
        <translation>Wähle zwei Flüge oder mehr.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>figure, its error</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>as flown</source>
        <translation>wie geflogen</translation>
    </message>
    <message>
        <source>normalized</source>
        <translation>normiert</translation>
    </message>
    <message>
        <source>for that distance</source>
        <translation>für diese Strecke</translation>
    </message>
    <message>
        <source>of its pack</source>
        <translation>seines Akkus</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>Flugzeit</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>Entlang</translation>
    </message>
    <message>
        <source>over distance</source>
        <translation>über die Strecke</translation>
    </message>
    <message>
        <source>over time</source>
        <translation>über die Zeit</translation>
    </message>
    <message>
        <source>Reading the logs…</source>
        <translation>Logs werden gelesen …</translation>
    </message>
    <message>
        <source>Those in italics do not show level flight in a known wind, for which one full circle is enough: they are laid over the others, but not compared at equal speed and mass.</source>
        <translation>Die kursiven zeigen keinen Horizontalflug in bekanntem Wind, wofür ein Vollkreis genügt: sie werden über die anderen gelegt, aber nicht bei gleicher Geschwindigkeit und Masse verglichen.</translation>
    </message>
    <message>
        <source>laid over the others only</source>
        <translation>nur über die anderen gelegt</translation>
    </message>
    <message>
        <source>Laid over each other below. Only flights that show level flight in a known wind are compared at equal speed and mass.</source>
        <translation>Unten übereinandergelegt. Bei gleicher Geschwindigkeit und Masse werden nur Flüge verglichen, die Horizontalflug in bekanntem Wind zeigen.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CurveChangeChart</name>
    <message>
        <source>Power against airspeed before and after the change</source>
        <translation>Leistung über der Airspeed vor und nach der Änderung</translation>
    </message>
    <message>
        <source>before, m/s</source>
        <translation>vorher, m/s</translation>
    </message>
    <message>
        <source>before, W</source>
        <translation>vorher, W</translation>
    </message>
    <message>
        <source>after, m/s</source>
        <translation>nachher, m/s</translation>
    </message>
    <message>
        <source>after, W</source>
        <translation>nachher, W</translation>
    </message>
    <message>
        <source>airspeed, %1</source>
        <translation>Airspeed, %1</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CurveChart</name>
    <message>
        <source>Power against airspeed</source>
        <translation>Leistung über Airspeed</translation>
    </message>
    <message>
        <source>airspeed, %1</source>
        <translation>Airspeed, %1</translation>
    </message>
    <message>
        <source>power, W</source>
        <translation>Leistung, W</translation>
    </message>
    <message>
        <source>error, W</source>
        <translation>Fehler, W</translation>
    </message>
    <message>
        <source>power level, W</source>
        <translation>Horizontalleistung, W</translation>
    </message>
    <message>
        <source>best endurance</source>
        <translation>längste Flugzeit</translation>
    </message>
    <message>
        <source>best range</source>
        <translation>größte Reichweite</translation>
    </message>
    <message>
        <source>half of full power</source>
        <translation>Hälfte der vollen Leistung</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>airspeed, power</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>at %1 it takes %2</source>
        <translation>bei %1 braucht es %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CurvePage</name>
    <message>
        <source>Curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>Speeds to fly</source>
        <translation>Fluggeschwindigkeiten</translation>
    </message>
    <message>
        <source>Headwind</source>
        <translation>Gegenwind</translation>
    </message>
    <message>
        <source>Headwind; negative for a tailwind</source>
        <translation>Gegenwind; negativ für Rückenwind</translation>
    </message>
    <message>
        <source>Wanted ground speed</source>
        <translation>Gewünschte Geschwindigkeit über Grund</translation>
    </message>
    <message>
        <source>All-up mass</source>
        <translation>Abflugmasse</translation>
    </message>
    <message>
        <source>Fitted from its flights</source>
        <translation>Aus seinen Flügen bestimmt</translation>
    </message>
    <message>
        <source>Use this curve for the aircraft</source>
        <translation>Diese Kurve für das Modell verwenden</translation>
    </message>
    <message>
        <source>Discard the fit</source>
        <translation>Anpassung verwerfen</translation>
    </message>
    <message>
        <source>Plans use the known cruise alone again</source>
        <translation>Pläne verwenden wieder nur den bekannten Reiseflug</translation>
    </message>
    <message>
        <source>Ten-minute test flight</source>
        <translation>Testflug von zehn Minuten</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Kein Modell gewählt</translation>
    </message>
    <message>
        <source>Select an aircraft in the list; its curve starts from one cruise and improves with every filed flight.</source>
        <translation>Wähle ein Modell in der Liste; seine Kurve beginnt mit einem Reiseflug und wird mit jedem abgelegten Flug besser.</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>Geschwindigkeit längster Flugzeit</translation>
    </message>
    <message>
        <source>best-range speed</source>
        <translation>Geschwindigkeit größter Reichweite</translation>
    </message>
    <message>
        <source>half of full power</source>
        <translation>Hälfte der vollen Leistung</translation>
    </message>
    <message>
        <source>stall speed</source>
        <translation>Überziehgeschwindigkeit</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::DataTable</name>
    <message>
        <source>Why this number?</source>
        <translation>Warum diese Zahl?</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::DebriefPlace</name>
    <message>
        <source>Drop a flight log here to see what the flight used, how far it went and what remained.</source>
        <translation>Zieh ein Fluglog hierher und sieh, was der Flug verbrauchte, wie weit er ging und was übrig blieb.</translation>
    </message>
    <message>
        <source>CSV with a header line, GPX, IGC, NMEA or a MAVLink telemetry log, from the radio&apos;s card or an on-board recorder. Time is required; position, voltage, current and the mAh counter add the rest.</source>
        <translation>CSV mit Kopfzeile, GPX, IGC, NMEA oder ein MAVLink-Telemetrielog, von der Karte des Senders oder einem Rekorder an Bord. Nötig ist die Zeit; Position, Spannung, Strom und mAh-Zähler bringen den Rest.</translation>
    </message>
    <message>
        <source>Open a log…</source>
        <translation>Log öffnen…</translation>
    </message>
    <message>
        <source>Flights of the demo</source>
        <translation>Flüge der Demo</translation>
    </message>
    <message>
        <source>Track shows</source>
        <translation>Flugspur zeigt</translation>
    </message>
    <message>
        <source>What the track&apos;s thickness shows</source>
        <translation>Was die Strichstärke der Flugspur zeigt</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Analyse</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Heimwegdiagramm</translation>
    </message>
    <message>
        <source>Strips</source>
        <translation>Verläufe</translation>
    </message>
    <message>
        <source>Track</source>
        <translation>Flugspur</translation>
    </message>
    <message>
        <source>Which flight of this file</source>
        <translation>Welcher Flug dieser Datei</translation>
    </message>
    <message>
        <source>Columns…</source>
        <translation>Spalten…</translation>
    </message>
    <message>
        <source>How each column of this log was read; correct it here</source>
        <translation>Wie jede Spalte dieses Logs gelesen wurde; hier korrigieren</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Vergleichen…</translation>
    </message>
    <message>
        <source>Compare with other flights at equal distance, speed and mass</source>
        <translation>Mit anderen Flügen bei gleicher Strecke, Geschwindigkeit und Masse vergleichen</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>The flight before this one in the logbook</source>
        <translation>Der Flug vor diesem im Logbuch</translation>
    </message>
    <message>
        <source>The flight after this one in the logbook</source>
        <translation>Der Flug nach diesem im Logbuch</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>needs position, voltage and current in the log</source>
        <translation>braucht Position, Spannung und Strom im Log</translation>
    </message>
    <message>
        <source>needs the pack that was flown</source>
        <translation>braucht den geflogenen Akku</translation>
    </message>
    <message>
        <source>Segments</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>All rows used.</source>
        <translation>Alle Zeilen verwendet.</translation>
    </message>
    <message>
        <source>Use it for this pack</source>
        <translation>Für diesen Akku verwenden</translation>
    </message>
    <message>
        <source>Measured sag then decides this pack&apos;s continuous current, in place of its label</source>
        <translation>Der gemessene Spannungseinbruch bestimmt dann den Dauerstrom dieses Akkus, statt seines Aufdrucks</translation>
    </message>
    <message>
        <source>Segments of the flight</source>
        <translation>Abschnitte des Flugs</translation>
    </message>
    <message>
        <source>Excluded rows, and why</source>
        <translation>Ausgeschlossene Zeilen und warum</translation>
    </message>
    <message>
        <source>Click or Enter shows the place in the strips; again for the next place</source>
        <translation>Klick oder Eingabe zeigt die Stelle in den Verläufen; noch einmal die nächste</translation>
    </message>
    <message>
        <source>%1 — %2 rows, %3 excluded</source>
        <comment>file name, rows, rows excluded</comment>
        <translation>%1 — %2 Zeilen, %3 ausgeschlossen</translation>
    </message>
    <message>
        <source>Strips over time: height, ground speed, voltage and current</source>
        <translation>Verläufe über der Zeit: Höhe, Geschwindigkeit über Grund, Spannung und Strom</translation>
    </message>
    <message>
        <source>over ground</source>
        <translation>über Grund</translation>
    </message>
    <message>
        <source>level, still air</source>
        <translation>horizontal, Windstille</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>Airspeed</translation>
    </message>
    <message>
        <source>mean power</source>
        <translation>mittlere Leistung</translation>
    </message>
    <message>
        <source>lowest pack voltage</source>
        <translation>niedrigste Akkuspannung</translation>
    </message>
    <message>
        <source>highest current</source>
        <translation>höchster Strom</translation>
    </message>
    <message>
        <source>highest speed</source>
        <translation>höchste Geschwindigkeit</translation>
    </message>
    <message>
        <source>remaining, by counter</source>
        <translation>Rest, nach Zähler</translation>
    </message>
    <message>
        <source>minimum margin</source>
        <translation>kleinster Überschuss</translation>
    </message>
    <message>
        <source>Remaining refers to %1: usable %2 down to %3.</source>
        <translation>Der Rest bezieht sich auf %1: nutzbar %2 bis %3.</translation>
    </message>
    <message>
        <source>Sag in this flight: %1 %2 per cell; the pack is entered with %3.</source>
        <comment>resistance, its error, resistance</comment>
        <translation>Einbruch in diesem Flug: %1 %2 pro Zelle; der Akku ist mit %3 eingetragen.</translation>
    </message>
    <message>
        <source>segment</source>
        <translation>Abschnitt</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>Steigen</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Aufwind</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Leistung</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>Energie</translation>
    </message>
    <message>
        <source>Track of the flight, %1 from home</source>
        <translation>Flugspur, %1 vom Startpunkt</translation>
    </message>
    <message>
        <source>No track: this log has no position</source>
        <translation>Keine Flugspur: dieses Log hat keine Position</translation>
    </message>
    <message>
        <source>ground speed</source>
        <translation>Geschwindigkeit über Grund</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>link quality</source>
        <translation>Linkqualität</translation>
    </message>
    <message>
        <source>flight %1 of %2, %3</source>
        <comment>number, of how many, how long</comment>
        <translation>Flug %1 von %2, %3</translation>
    </message>
    <message>
        <source>outbound and inbound</source>
        <translation>hin und zurück</translation>
    </message>
    <message>
        <source>below %1</source>
        <translation>unter %1</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>the same everywhere</source>
        <translation>überall gleich</translation>
    </message>
    <message>
        <source>height above home</source>
        <translation>Höhe über dem Startpunkt</translation>
    </message>
    <message>
        <source>No log? File it by hand…</source>
        <translation>Kein Log? Von Hand eintragen…</translation>
    </message>
    <message>
        <source>Flown on</source>
        <translation>Geflogen am</translation>
    </message>
    <message>
        <source>Reads the log with this date; remembered for logs with this header</source>
        <translation>Liest das Log mit diesem Datum; gilt künftig für Logs mit diesem Kopf</translation>
    </message>
    <message>
        <source>video link quality</source>
        <translation>Qualität der Videoverbindung</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::EnergyOverlay</name>
    <message>
        <source>Energy used, flights laid over each other</source>
        <translation>Verbrauchte Energie, Flüge übereinandergelegt</translation>
    </message>
    <message>
        <source>distance, km</source>
        <translation>Strecke, km</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>%1, Wh</source>
        <comment>flight</comment>
        <translation>%1, Wh</translation>
    </message>
    <message>
        <source>flown over ground, %1</source>
        <translation>über Grund geflogen, %1</translation>
    </message>
    <message>
        <source>Wh used</source>
        <translation>Wh verbraucht</translation>
    </message>
    <message>
        <source>Over the first %1, “%2” took %3 more than “%4”.</source>
        <translation>Auf den ersten %1 brauchte „%2“ %3 mehr als „%4“.</translation>
    </message>
    <message>
        <source>In the first %1, “%2” took %3 more than “%4”.</source>
        <translation>In den ersten %1 brauchte „%2“ %3 mehr als „%4“.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ExplainedNumber</name>
    <message>
        <source>%1: %2 %3</source>
        <comment>caption, figure, error and unit</comment>
        <translation>%1: %2 %3</translation>
    </message>
    <message>
        <source>Why? (F1)</source>
        <translation>Warum? (F1)</translation>
    </message>
    <message>
        <source>Why this number?</source>
        <translation>Warum diese Zahl?</translation>
    </message>
    <message>
        <source>Copy %1</source>
        <translation>%1 kopieren</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ExplanationSheet</name>
    <message>
        <source>Why %1?</source>
        <comment>value</comment>
        <translation>Warum %1?</translation>
    </message>
    <message>
        <source>What moves it:</source>
        <translation>Was darauf Einfluss hat:</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FieldForm</name>
    <message>
        <source>assumed %1</source>
        <translation>angen. %1</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Durchsuchen…</translation>
    </message>
    <message>
        <source>Browse for %1</source>
        <translation>%1: Datei wählen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FilingForm</name>
    <message>
        <source>File in the logbook</source>
        <translation>Im Logbuch ablegen</translation>
    </message>
    <message>
        <source>Flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>Recharged</source>
        <translation>Nachgeladen</translation>
    </message>
    <message>
        <source>V, after</source>
        <comment>resting volts of a cell, after minutes</comment>
        <translation>V, nach</translation>
    </message>
    <message>
        <source>Minutes of rest</source>
        <translation>Minuten in Ruhe</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>No charger puts that much back. Enter what it showed, in %1.</source>
        <translation>So viel lädt kein Ladegerät nach. Trage ein, was es zeigte, in %1.</translation>
    </message>
    <message>
        <source>This is not a number. Enter 2740 or 2 740.</source>
        <translation>Das ist keine Zahl. Schreibe 2740 oder 2 740.</translation>
    </message>
    <message>
        <source>No cell rests at that voltage: enter the mean of its cells, between 1.5 and 4.5 V.</source>
        <translation>Bei dieser Spannung ruht keine Zelle: trage das Mittel der Zellen ein, zwischen 1,5 und 4,5 V.</translation>
    </message>
    <message>
        <source>Enter the minutes from landing to the reading.</source>
        <translation>Trage die Minuten von der Landung bis zur Ablesung ein.</translation>
    </message>
    <message>
        <source>In the logbook, with its complete log.</source>
        <translation>Im Logbuch, mit vollständigem Log.</translation>
    </message>
    <message>
        <source>Filing…</source>
        <translation>Wird abgelegt…</translation>
    </message>
    <message>
        <source>Keeps the complete log and these entries.</source>
        <translation>Behält das vollständige Log und diese Angaben.</translation>
    </message>
    <message>
        <source>At rest, per cell</source>
        <translation>In Ruhe, pro Zelle</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FirstPlanPage</name>
    <message>
        <source>Where must you turn for home? An aircraft, a pack and the wind are enough to begin.</source>
        <translation>Wo musst du umkehren? Ein Modell, ein Akku und der Wind genügen für den Anfang.</translation>
    </message>
    <message>
        <source>Typical figures are filled in; replace them with yours. A unit may be typed with the number, and amps in place of watts. An empty field is assumed, and shown as assumed.</source>
        <translation>Übliche Werte stehen schon da; ersetze sie durch deine. Eine Einheit darf mit der Zahl getippt werden, und Ampere statt Watt. Ein leeres Feld wird angenommen und als angenommen gezeigt.</translation>
    </message>
    <message>
        <source>Create the plan</source>
        <translation>Plan anlegen</translation>
    </message>
    <message>
        <source>Open a plan from a file…</source>
        <translation>Plan aus Datei öffnen…</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Heimwegdiagramm</translation>
    </message>
    <message>
        <source>The aircraft</source>
        <translation>Das Modell</translation>
    </message>
    <message>
        <source>The pack</source>
        <translation>Der Akku</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>First plan</source>
        <translation>Erster Plan</translation>
    </message>
    <message>
        <source>Look around with demo flights</source>
        <translation>Mit Demoflügen umsehen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FleetPlace</name>
    <message>
        <source>Fleet: list, power curve, what-if, sun, forecasts</source>
        <translation>Flotte: Liste, Leistungskurve, Was wäre wenn, Sonne, Prognosen</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Power curve</source>
        <translation>Leistungskurve</translation>
    </message>
    <message>
        <source>What-if</source>
        <translation>Was wäre wenn</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>Forecasts</source>
        <translation>Prognosen</translation>
    </message>
    <message>
        <source>With %1, the pack of the open plan, in still air</source>
        <translation>Mit %1, dem Akku des offenen Plans, bei Windstille</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FlightReportView</name>
    <message>
        <source>What was still possible</source>
        <translation>Was noch möglich war</translation>
    </message>
    <message>
        <source>What was still possible on this flight</source>
        <translation>Was auf diesem Flug noch möglich war</translation>
    </message>
    <message>
        <source>Where each turn rule would have turned</source>
        <translation>Wo jede Umkehrregel umgekehrt wäre</translation>
    </message>
    <message>
        <source>Forecast against flown</source>
        <translation>Prognose und Flug</translation>
    </message>
    <message>
        <source>* inbound already: the flight had turned before this rule did.</source>
        <translation>* schon auf dem Rückflug: der Flug war vor dieser Regel umgekehrt.</translation>
    </message>
    <message>
        <source>above the pack&apos;s limit</source>
        <translation>über der Grenze des Akkus</translation>
    </message>
    <message>
        <source>lowest cell voltage</source>
        <translation>niedrigste Zellenspannung</translation>
    </message>
    <message>
        <source>lowest cell voltage, at %1</source>
        <translation>niedrigste Zellenspannung, bei %1</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>electronics, share of power</source>
        <translation>Elektronik, Anteil der Leistung</translation>
    </message>
    <message>
        <source>climbs, share of energy</source>
        <translation>Steigflüge, Anteil der Energie</translation>
    </message>
    <message>
        <source>power spread in level flight</source>
        <translation>Streuung der Leistung im Horizontalflug</translation>
    </message>
    <message>
        <source>link failsafe distance</source>
        <translation>Failsafe-Entfernung des Links</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>wind speed, direction</comment>
        <translation>%1 aus %2</translation>
    </message>
    <message>
        <source>Wind of this flight: %1. The forecast, %2, is kept with it.</source>
        <translation>Wind dieses Flugs: %1. Die Vorhersage, %2, bleibt dabei gespeichert.</translation>
    </message>
    <message>
        <source>Use the forecast wind</source>
        <translation>Vorhergesagten Wind verwenden</translation>
    </message>
    <message>
        <source>Computes this flight in the wind that was forecast</source>
        <translation>Rechnet diesen Flug mit dem vorhergesagten Wind</translation>
    </message>
    <message>
        <source>Wind of this flight: %1, as set above. The log shows %2.</source>
        <translation>Wind dieses Flugs: %1, wie oben eingestellt. Das Log zeigt %2.</translation>
    </message>
    <message>
        <source>Use the wind found</source>
        <translation>Gefundenen Wind verwenden</translation>
    </message>
    <message>
        <source>Computes this flight in the wind that its log shows; the forecast is kept with it</source>
        <translation>Rechnet diesen Flug mit dem Wind, den sein Log zeigt; die Vorhersage bleibt dabei gespeichert</translation>
    </message>
    <message>
        <source>down to, reserve intact</source>
        <translation>bis zu, Reserve unangetastet</translation>
    </message>
    <message>
        <source>more time</source>
        <translation>mehr Zeit</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>%1 *</source>
        <comment>time, after the turn</comment>
        <translation>%1 *</translation>
    </message>
    <message>
        <source>turn rule</source>
        <translation>Umkehrregel</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>vom Startpunkt</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Überschuss</translation>
    </message>
    <message>
        <source>Ten-minute sun test</source>
        <translation>Zehn-Minuten-Sonnentest</translation>
    </message>
    <message>
        <source>Parts of the ten-minute sun test</source>
        <translation>Teile des Zehn-Minuten-Sonnentests</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>volts at the start, at the end</comment>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>lasted</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>array</source>
        <translation>Solarfeld</translation>
    </message>
    <message>
        <source>pack voltage</source>
        <translation>Akkuspannung</translation>
    </message>
    <message>
        <source>from the pack</source>
        <translation>aus dem Akku</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ForecastChart</name>
    <message>
        <source>Forecast over flown, flight by flight</source>
        <translation>Prognose / geflogen, Flug für Flug</translation>
    </message>
    <message>
        <source>Forecast over flown</source>
        <translation>Prognose / geflogen</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>from flights</source>
        <translation>aus Flügen</translation>
    </message>
    <message>
        <source>error, %</source>
        <translation>Fehler, %</translation>
    </message>
    <message>
        <source>band, %</source>
        <translation>Band, %</translation>
    </message>
    <message>
        <source>flight, in order of time</source>
        <translation>Flug, der Zeit nach</translation>
    </message>
    <message>
        <source>forecast over flown, %</source>
        <translation>Prognose / geflogen, %</translation>
    </message>
    <message>
        <source>too cautious</source>
        <translation>zu vorsichtig</translation>
    </message>
    <message>
        <source>too optimistic</source>
        <translation>zu optimistisch</translation>
    </message>
    <message>
        <source>%1, error in %</source>
        <translation>%1, Fehler %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ForecastsPage</name>
    <message>
        <source>Forecasts</source>
        <translation>Prognosen</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>Flights and their forecasts</source>
        <translation>Flüge und ihre Prognosen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Exclude</source>
        <translation>Ausschließen</translation>
    </message>
    <message>
        <source>An excluded flight no longer counts in fits: a sensor was wrong, or it was no ordinary day.</source>
        <translation>Ein ausgeschlossener Flug zählt bei Anpassungen nicht mehr: ein Sensor maß falsch, oder es war kein gewöhnlicher Tag.</translation>
    </message>
    <message>
        <source>Include again</source>
        <translation>Wieder einschließen</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Kein Modell gewählt</translation>
    </message>
    <message>
        <source>Select an aircraft in the list.</source>
        <translation>Wähle ein Modell in der Liste.</translation>
    </message>
    <message>
        <source>outlier</source>
        <translation>Ausreißer</translation>
    </message>
    <message>
        <source>within its band</source>
        <translation>innerhalb seines Bands</translation>
    </message>
    <message>
        <source>outside its band</source>
        <translation>außerhalb seines Bands</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>ausgeschlossen</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>energy, level</source>
        <translation>Energie, horizontal</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>Prognose</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>geflogen</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>Bewertung</translation>
    </message>
    <message>
        <source>By cause</source>
        <translation>Ursachen</translation>
    </message>
    <message>
        <source>What forecasts missed, by cause</source>
        <translation>Worin Prognosen danebenlagen, nach Ursachen</translation>
    </message>
    <message>
        <source>Of the energy that the plan&apos;s figures forecast for the route flown: mean, and how flights differ.</source>
        <translation>Anteil an der Energie, die der Plan für den geflogenen Weg vorhersagt: Mittel, und wie sich die Flüge unterscheiden.</translation>
    </message>
    <message>
        <source>Forecast of</source>
        <translation>Prognose für</translation>
    </message>
    <message>
        <source>level flight</source>
        <translation>Horizontalflug</translation>
    </message>
    <message>
        <source>charge by</source>
        <translation>Ladung nach</translation>
    </message>
    <message>
        <source>Flights are being forecast…</source>
        <translation>Flüge werden vorhergesagt…</translation>
    </message>
    <message>
        <source>This needs two filed flights whose logs have the pack&apos;s voltage and current.</source>
        <translation>Dafür braucht es zwei abgelegte Flüge, deren Logs Spannung und Strom des Akkus haben.</translation>
    </message>
    <message>
        <source>This needs two filed flights whose logs have the pack&apos;s voltage and current, and level flight.</source>
        <translation>Dafür braucht es zwei abgelegte Flüge, deren Logs Spannung und Strom des Akkus und Horizontalflug haben.</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>consumption</source>
        <translation>Verbrauch</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FoundFlightsModel</name>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>start (log&apos;s clock)</source>
        <translation>Beginn (Uhr des Logs)</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>Anmerkungen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FrontierChart</name>
    <message>
        <source>Endurance and pack mass</source>
        <translation>Flugzeit und Akkumasse</translation>
    </message>
    <message>
        <source>Endurance and pack mass: %1 packs, %2 of which no other beats</source>
        <translation>Flugzeit und Akkumasse: %1 Akkus, von denen %2 kein anderer schlägt</translation>
    </message>
    <message>
        <source>range stops growing</source>
        <translation>Reichweite wächst nicht mehr</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>g of pack</source>
        <translation>g Akku</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>none lighter flies longer</source>
        <translation>kein leichterer fliegt länger</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>Benutzeranleitung</translation>
    </message>
    <message>
        <source>Words to find in the guide</source>
        <translation>Wörter für die Suche in der Anleitung</translation>
    </message>
    <message>
        <source>Find in the guide</source>
        <translation>In der Anleitung suchen</translation>
    </message>
    <message>
        <source>Find next</source>
        <translation>Weitersuchen</translation>
    </message>
    <message>
        <source>Chapters of the guide</source>
        <translation>Kapitel der Anleitung</translation>
    </message>
    <message>
        <source>Text of the guide</source>
        <translation>Text der Anleitung</translation>
    </message>
    <message>
        <source>“%1” is not in the guide.</source>
        <translation>„%1“ steht nicht in der Anleitung.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HeadroomChart</name>
    <message>
        <source>Headroom against the charge used</source>
        <translation>Leistungsreserve über der verbrauchten Ladung</translation>
    </message>
    <message>
        <source>Headroom</source>
        <translation>Leistungsreserve</translation>
    </message>
    <message>
        <source>mAh used</source>
        <translation>mAh verbraucht</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/Zelle</translation>
    </message>
    <message>
        <source>full throttle, W</source>
        <translation>Vollgas, W</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>full throttle</source>
        <translation>Vollgas</translation>
    </message>
    <message>
        <source>the plan&apos;s climb</source>
        <translation>der Steigflug des Plans</translation>
    </message>
    <message>
        <source>level cruise</source>
        <translation>horizontaler Reiseflug</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HealthChart</name>
    <message>
        <source>Health of the pack over its cycles</source>
        <translation>Zustand des Akkus über seinen Zyklen</translation>
    </message>
    <message>
        <source>Health of the pack</source>
        <translation>Zustand des Akkus</translation>
    </message>
    <message>
        <source>full cycles</source>
        <translation>Vollzyklen</translation>
    </message>
    <message>
        <source>of label capacity, %</source>
        <translation>der aufgedruckten Kapazität, %</translation>
    </message>
    <message>
        <source>cells, mΩ</source>
        <translation>Zellen, mΩ</translation>
    </message>
    <message>
        <source>Full recharge, % of label capacity</source>
        <translation>Volle Nachladung, % der aufgedruckten Kapazität</translation>
    </message>
    <message>
        <source>Cell resistance, mΩ, by full cycles</source>
        <translation>Zellenwiderstand, mΩ, über Vollzyklen</translation>
    </message>
    <message>
        <source>retire</source>
        <translation>aussondern</translation>
    </message>
    <message>
        <source>no reading yet</source>
        <translation>noch kein Messwert</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HealthPage</name>
    <message>
        <source>Health</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>Readings of chargers and meters</source>
        <translation>Messwerte von Ladegeräten und Messgeräten</translation>
    </message>
    <message>
        <source>Compare readings taken at the same temperature and after the same rest. Retire a puffed or hot pack whatever its figures say.</source>
        <translation>Vergleiche Messwerte bei gleicher Temperatur und nach gleicher Ruhe. Sondere einen aufgeblähten oder heißen Akku aus, was immer seine Werte sagen.</translation>
    </message>
    <message>
        <source>Use in plans</source>
        <translation>In Plänen verwenden</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Freeze</source>
        <translation>Einfrieren</translation>
    </message>
    <message>
        <source>Nothing flown or measured yet: plans use the label capacity, with a wide band.</source>
        <translation>Noch nichts geflogen oder gemessen: Pläne rechnen mit der aufgedruckten Kapazität und einem breiten Band.</translation>
    </message>
    <message>
        <source>File a flight with this pack, ideally with what the charger put back.</source>
        <translation>Lege einen Flug mit diesem Akku ab, am besten mit dem, was das Ladegerät nachlud.</translation>
    </message>
    <message>
        <source>of label capacity, fitted</source>
        <translation>der aufgedruckten Kapazität, angepasst</translation>
    </message>
    <message>
        <source>per cell, fitted</source>
        <translation>pro Zelle, angepasst</translation>
    </message>
    <message>
        <source>to the landing voltage</source>
        <translation>bis zur Landespannung</translation>
    </message>
    <message>
        <source>Resume fitting</source>
        <translation>Anpassung fortsetzen</translation>
    </message>
    <message>
        <source>Plans, alarms, limits and the bench then use it</source>
        <translation>Pläne, Alarme, Grenzen und Prüfstand verwenden sie dann</translation>
    </message>
    <message>
        <source>Newly filed flights leave it unchanged</source>
        <translation>Neu abgelegte Flüge ändern sie nicht mehr</translation>
    </message>
    <message>
        <source>New reading</source>
        <translation>Neuer Messwert</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Full cycles so far</source>
        <translation>Vollzyklen bisher</translation>
    </message>
    <message>
        <source>Full recharge</source>
        <translation>Volle Nachladung</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>Resistance of each cell</source>
        <translation>Widerstand jeder Zelle</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>Resting voltage of each cell</source>
        <translation>Ruhespannung jeder Zelle</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Add the reading</source>
        <translation>Messwert hinzufügen</translation>
    </message>
    <message>
        <source>Fully charged now</source>
        <translation>Jetzt vollgeladen</translation>
    </message>
    <message>
        <source>At storage charge now</source>
        <translation>Jetzt auf Lagerspannung</translation>
    </message>
    <message>
        <source>Readings of this pack</source>
        <translation>Messwerte dieses Akkus</translation>
    </message>
    <message>
        <source>Remove the selected reading</source>
        <translation>Gewählten Messwert entfernen</translation>
    </message>
    <message>
        <source>Select a pack in the list to see its readings, their trend and when to retire it.</source>
        <translation>Wähle einen Akku in der Liste, um seine Messwerte, ihren Verlauf und den Zeitpunkt zum Aussondern zu sehen.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>pack, build</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>recharge, of label capacity</source>
        <translation>Nachladung, der aufgedruckten Kapazität</translation>
    </message>
    <message>
        <source>resistance read, per cell</source>
        <translation>gemessener Widerstand, pro Zelle</translation>
    </message>
    <message>
        <source>cycles to end of life (80 %)</source>
        <translation>Zyklen bis Lebensende (80 %)</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>cycles</source>
        <translation>Zyklen</translation>
    </message>
    <message>
        <source>recharge</source>
        <translation>Nachladung</translation>
    </message>
    <message>
        <source>cells, mΩ</source>
        <translation>Zellen, mΩ</translation>
    </message>
    <message>
        <source>cells, V</source>
        <translation>Zellen, V</translation>
    </message>
    <message>
        <source>Enter its full cycles so far; an estimate will do.</source>
        <translation>Trage seine Vollzyklen bisher ein; eine Schätzung genügt.</translation>
    </message>
    <message>
        <source>The recharge is not a number. Enter 2740 or 2 740.</source>
        <translation>Die Nachladung ist keine Zahl. Schreibe 2740 oder 2 740.</translation>
    </message>
    <message>
        <source>Enter at least one of the three: a full recharge, the cells&apos; resistance, or their voltage.</source>
        <translation>Trage mindestens eines von dreien ein: eine volle Nachladung, den Widerstand der Zellen oder ihre Spannung.</translation>
    </message>
    <message>
        <source>This pack has %1 cells in series; enter as many numbers.</source>
        <translation>Dieser Akku hat %1 Zellen in Reihe; trage so viele Zahlen ein.</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>today, or as 2026-05-31</source>
        <translation>heute, oder wie 2026-05-31</translation>
    </message>
    <message>
        <source>Enter the date as year-month-day: 2026-05-31.</source>
        <translation>Das Datum als Jahr-Monat-Tag eingeben: 2026-05-31.</translation>
    </message>
    <message>
        <source>That day is still to come.</source>
        <translation>Dieser Tag liegt noch in der Zukunft.</translation>
    </message>
    <message>
        <source>Enter one number for each cell, separated by spaces or commas: 4.1, 4.3, 4.0, 4.2.</source>
        <translation>Je Zelle eine Zahl eingeben, durch Leerzeichen oder Kommas getrennt: 4.1, 4.3, 4.0, 4.2.</translation>
    </message>
    <message>
        <source>before any flight</source>
        <translation>vor dem ersten Flug</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HomewardChart</name>
    <message>
        <source>compared: %1</source>
        <translation>verglichen: %1</translation>
    </message>
    <message>
        <source>ended with %1</source>
        <translation>endete mit %1</translation>
    </message>
    <message>
        <source>start of the descent, %1</source>
        <translation>Beginn des Sinkflugs, %1</translation>
    </message>
    <message>
        <source>end of the route, %1</source>
        <translation>Ende der Route, %1</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>Umkehr %1</translation>
    </message>
    <message>
        <source>remaining, forecast</source>
        <translation>verbleibend, Prognose</translation>
    </message>
    <message>
        <source>remaining in the pack, flying out</source>
        <translation>im Akku verbleibend</translation>
    </message>
    <message>
        <source>needed to get home</source>
        <translation>nötig für den Heimweg</translation>
    </message>
    <message>
        <source>reserve %1</source>
        <translation>Reserve %1</translation>
    </message>
    <message>
        <source>margin, Wh</source>
        <translation>Überschuss, Wh</translation>
    </message>
    <message>
        <source>margin beyond the return leg and the reserve, Wh; band: nine days in ten</source>
        <translation>Überschuss über Rückflug und Reserve, Wh; Band: neun von zehn Tagen</translation>
    </message>
    <message>
        <source>margin beyond the return leg and the reserve, Wh</source>
        <translation>Überschuss über Rückflug und Reserve, Wh</translation>
    </message>
    <message>
        <source>Wh</source>
        <translation>Wh</translation>
    </message>
    <message>
        <source>mAh
used</source>
        <translation>mAh
verbr.</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Heimwegdiagramm</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>vom Startpunkt</translation>
    </message>
    <message>
        <source>remaining, flown</source>
        <translation>verbleibend, geflogen</translation>
    </message>
    <message>
        <source>needed, forecast</source>
        <translation>nötig, Prognose</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Überschuss</translation>
    </message>
    <message>
        <source>remaining</source>
        <translation>verbleibend</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>Zellenspannung</translation>
    </message>
    <message>
        <source>at %1: %2 remaining, %3 needed, margin %4, %5 used</source>
        <translation>bei %1: %2 verbleibend, %3 nötig, Überschuss %4, %5 verbraucht</translation>
    </message>
    <message>
        <source>last position: %1 remaining</source>
        <translation>letzte Position: %1 übrig</translation>
    </message>
    <message>
        <source>needed</source>
        <comment>energy to get home</comment>
        <translation>nötig</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::KnownHistoryChart</name>
    <message>
        <source>How the pack became known, flight by flight</source>
        <translation>Wie der Akku bekannt wurde, Flug für Flug</translation>
    </message>
    <message>
        <source>How the pack became known</source>
        <translation>Wie der Akku bekannt wurde</translation>
    </message>
    <message>
        <source>after flight</source>
        <translation>nach Flug</translation>
    </message>
    <message>
        <source>capacity, %</source>
        <translation>Kapazität, %</translation>
    </message>
    <message>
        <source>its error, %</source>
        <translation>Fehler, %</translation>
    </message>
    <message>
        <source>resistance, mΩ</source>
        <translation>Widerstand, mΩ</translation>
    </message>
    <message>
        <source>its error, mΩ</source>
        <translation>Fehler, mΩ</translation>
    </message>
    <message>
        <source>from</source>
        <translation>Grundlage</translation>
    </message>
    <message>
        <source>Capacity, % of label, by flights</source>
        <translation>Kapazität, %, nach Flügen</translation>
    </message>
    <message>
        <source>Resistance, mΩ, by flights</source>
        <translation>Widerstand, mΩ, nach Flügen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LimitsPanel</name>
    <message>
        <source>What moves it most</source>
        <translation>Größter Einfluss</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>limit: what it is about</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 limits OK, %2 unknown</source>
        <translation>%1 Grenzen OK, %2 unbekannt</translation>
    </message>
    <message>
        <source>%1 limits OK</source>
        <translation>%1 Grenzen OK</translation>
    </message>
    <message>
        <source>All limits: %1</source>
        <translation>Alle Grenzen: %1</translation>
    </message>
    <message>
        <source>From the turn point, using the reserve: %1.</source>
        <translation>Vom Umkehrpunkt aus, mit der Reserve: %1.</translation>
    </message>
    <message>
        <source>All limits</source>
        <translation>Alle Grenzen</translation>
    </message>
    <message>
        <source>Limits along the flight</source>
        <translation>Grenzen entlang des Flugs</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>Bewertung</translation>
    </message>
    <message>
        <source>worst value</source>
        <translation>schlechtester Wert</translation>
    </message>
    <message>
        <source>allowed</source>
        <translation>erlaubt</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LiveStrips</name>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>amps</source>
        <translation>Ampere</translation>
    </message>
    <message>
        <source>The last five minutes: %1</source>
        <translation>Die letzten fünf Minuten: %1</translation>
    </message>
    <message>
        <source>five minutes up to now</source>
        <translation>fünf Minuten bis jetzt</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LogbookPlace</name>
    <message>
        <source>Everything you have flown: how far, how long, on how much energy, and with what.</source>
        <translation>Alles, was du geflogen bist: wie weit, wie lange, mit wie viel Energie und womit.</translation>
    </message>
    <message>
        <source>Flights come here from Debrief: open a log, say what it was flown with, and file it. The log is kept in full.</source>
        <translation>Flüge kommen aus der Analyse hierher: öffne ein Log, sag, womit es geflogen wurde, und lege es ab. Das Log wird vollständig aufbewahrt.</translation>
    </message>
    <message>
        <source>Open a log…</source>
        <translation>Log öffnen…</translation>
    </message>
    <message>
        <source>Import a logbook…</source>
        <translation>Logbuch importieren…</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Flights of an aircraft</source>
        <translation>Flüge eines Modells</translation>
    </message>
    <message>
        <source>Flights on a pack</source>
        <translation>Flüge mit einem Akku</translation>
    </message>
    <message>
        <source>Find a flight</source>
        <translation>Flug suchen</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Flüge</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Vergleichen…</translation>
    </message>
    <message>
        <source>Re-read logs</source>
        <translation>Logs neu lesen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>wind, where from</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>start (log&apos;s clock)</source>
        <translation>Beginn (Loguhr)</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>farthest</source>
        <translation>weitester</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>over ground</source>
        <translation>über Grund</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>Minimum</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>geladen</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>max A</source>
        <translation>max. A</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>max. Tempo</translation>
    </message>
    <message>
        <source>Stored in %1</source>
        <translation>Gespeichert in %1</translation>
    </message>
    <message>
        <source>Not stored: no logbook is open.</source>
        <translation>Nicht gespeichert: kein Logbuch ist offen.</translation>
    </message>
    <message>
        <source>all aircraft</source>
        <translation>alle Modelle</translation>
    </message>
    <message>
        <source>all packs</source>
        <translation>alle Akkus</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s)</source>
        <translation>
            <numerusform>%n Flug</numerusform>
            <numerusform>%n Flüge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n flight(s)</source>
        <comment>shown, all</comment>
        <translation>
            <numerusform>%1 von %n Flug</numerusform>
            <numerusform>%1 von %n Flügen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>what is best, which flight</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>longest</source>
        <translation>längster</translation>
    </message>
    <message>
        <source>most efficient</source>
        <translation>sparsamster</translation>
    </message>
    <message>
        <source>of this pack</source>
        <translation>dieses Akkus</translation>
    </message>
    <message>
        <source>flights on it</source>
        <translation>Flüge damit</translation>
    </message>
    <message>
        <source>Personal bests among the flights shown. Most efficient counts flights of at least %1 over ground.</source>
        <translation>Persönliche Bestwerte unter den gezeigten Flügen. Für den sparsamsten zählen Flüge ab %1 über Grund.</translation>
    </message>
    <message>
        <source>%1 was removed; its log stays in the logbook. Ctrl+Z restores it.</source>
        <translation>%1 wurde entfernt; das Log bleibt im Logbuch. Strg+Z stellt ihn wieder her.</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were removed; their logs stay in the logbook. Ctrl+Z restores them.</source>
        <translation>
            <numerusform>%n Flug wurde entfernt; das Log bleibt im Logbuch. Strg+Z stellt ihn wieder her.</numerusform>
            <numerusform>%n Flüge wurden entfernt; ihre Logs bleiben im Logbuch. Strg+Z stellt sie wieder her.</numerusform>
        </translation>
    </message>
    <message>
        <source>No log? File by hand…</source>
        <translation>Kein Log? Von Hand eintragen…</translation>
    </message>
    <message>
        <source>File by hand…</source>
        <translation>Von Hand eintragen…</translation>
    </message>
    <message>
        <source>%1: the log is being read…</source>
        <translation>%1: das Log wird gelesen …</translation>
    </message>
    <message>
        <source>%1 was filed by hand: it has no track.</source>
        <translation>%1 wurde von Hand abgelegt: ohne Flugspur.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>flight, what its homeward chart says</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: no homeward chart without position, voltage and current, or with another pack.</source>
        <translation>%1: kein Heimwegdiagramm ohne Position, Spannung und Strom oder mit einem anderen Akku.</translation>
    </message>
    <message>
        <source>%1: its log cannot be read. Check the logbook.</source>
        <translation>%1: sein Log kann nicht gelesen werden. Prüfe das Logbuch.</translation>
    </message>
    <message>
        <source>Choose a flight to see its track and its homeward chart.</source>
        <translation>Wähle einen Flug, um Flugspur und Heimwegdiagramm zu sehen.</translation>
    </message>
    <message numerus="yes">
        <source>%n track(s), each from its own launch. Choose a flight to see its homeward chart.</source>
        <translation>
            <numerusform>%n Flugspur vom eigenen Start aus. Wähle einen Flug, um sein Heimwegdiagramm zu sehen.</numerusform>
            <numerusform>%n Flugspuren, jede vom eigenen Start aus. Wähle einen Flug, um sein Heimwegdiagramm zu sehen.</numerusform>
        </translation>
    </message>
    <message>
        <source>On the way: %1.</source>
        <comment>readings off the screen</comment>
        <translation>Unterwegs: %1.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MainWindow</name>
    <message>
        <source>Sobremesa</source>
        <translation>Sobremesa</translation>
    </message>
    <message>
        <source>%1 (Ctrl+%2)</source>
        <comment>place, its key</comment>
        <translation>%1 (Strg+%2)</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>%1 wird gelesen</translation>
    </message>
    <message>
        <source>This log is already in the logbook; it was not filed twice.</source>
        <translation>Dieses Log ist schon im Logbuch; es wurde nicht doppelt abgelegt.</translation>
    </message>
    <message>
        <source>Filing the log</source>
        <translation>Das Log wird abgelegt</translation>
    </message>
    <message>
        <source>An internal fault stopped this action: %1. The logbook is unharmed; please report what you did.</source>
        <translation>Ein interner Fehler beendete diese Aktion: %1. Dem Logbuch ist nichts geschehen; bitte melde, was du getan hast.</translation>
    </message>
    <message>
        <source>The logbook can be written again; nothing was lost.</source>
        <translation>Das Logbuch lässt sich wieder schreiben; nichts ging verloren.</translation>
    </message>
    <message>
        <source>Importing the logs</source>
        <translation>Logs werden importiert</translation>
    </message>
    <message numerus="yes">
        <source>%n entry(ies) imported.</source>
        <translation>
            <numerusform>%n Eintrag importiert.</numerusform>
            <numerusform>%n Einträge importiert.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entry(ies) imported; already there: %1.</source>
        <translation>
            <numerusform>%n Eintrag importiert; schon da: %1.</numerusform>
            <numerusform>%n Einträge importiert; schon da: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Re-reading flights</source>
        <translation>Flüge werden neu gelesen</translation>
    </message>
    <message>
        <source>Replay a log</source>
        <translation>Log wiedergeben</translation>
    </message>
    <message>
        <source>Logs (*.csv *.tlog *.gpx *.gz);;All files (*)</source>
        <translation>Logs (*.csv *.tlog *.gpx *.gz);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>The recording %1 was cut off when the program ended. It is kept: Watch offers it.</source>
        <translation>Die Aufzeichnung %1 brach ab, als das Programm endete. Sie ist erhalten: „Live“ bietet sie an.</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>There is no flight in the logbook yet.</source>
        <translation>Im Logbuch ist noch kein Flug.</translation>
    </message>
    <message>
        <source>This is the latest flight in the logbook.</source>
        <translation>Das ist der neueste Flug im Logbuch.</translation>
    </message>
    <message>
        <source>This is the earliest flight in the logbook.</source>
        <translation>Das ist der älteste Flug im Logbuch.</translation>
    </message>
    <message>
        <source>Fleet</source>
        <translation>Flotte</translation>
    </message>
    <message>
        <source>Packs</source>
        <translation>Akkus</translation>
    </message>
    <message>
        <source>Sensors</source>
        <translation>Sensoren</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Live</translation>
    </message>
    <message>
        <source>Debrief</source>
        <translation>Analyse</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Befehl suchen…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>Plans and logs</source>
        <translation>Pläne und Logs</translation>
    </message>
    <message>
        <source>Open plan</source>
        <translation>Plan öffnen</translation>
    </message>
    <message>
        <source>Plans (*.json);;All files (*)</source>
        <translation>Pläne (*.json);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Open log</source>
        <translation>Log öffnen</translation>
    </message>
    <message>
        <source>New plan</source>
        <translation>Neuer Plan</translation>
    </message>
    <message>
        <source>Duplicate plan</source>
        <translation>Plan duplizieren</translation>
    </message>
    <message>
        <source>Plans…</source>
        <translation>Pläne…</translation>
    </message>
    <message>
        <source>Open plan from a file…</source>
        <translation>Plan aus Datei öffnen…</translation>
    </message>
    <message>
        <source>Save plan as a file…</source>
        <translation>Plan als Datei speichern…</translation>
    </message>
    <message>
        <source>Save plan</source>
        <translation>Plan speichern</translation>
    </message>
    <message>
        <source>Plans (*.json)</source>
        <translation>Pläne (*.json)</translation>
    </message>
    <message>
        <source>Save the flight card</source>
        <translation>Flugkarte speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Import a route</source>
        <translation>Route importieren</translation>
    </message>
    <message>
        <source>Routes (*.gpx *.geojson *.json *.kml)</source>
        <translation>Routen (*.gpx *.geojson *.json *.kml)</translation>
    </message>
    <message>
        <source>Save the route</source>
        <translation>Route speichern</translation>
    </message>
    <message>
        <source>GPX (*.gpx);;GeoJSON (*.geojson);;KML (*.kml)</source>
        <translation>GPX (*.gpx);;GeoJSON (*.geojson);;KML (*.kml)</translation>
    </message>
    <message>
        <source>Mission of the plan…</source>
        <translation>Mission des Plans…</translation>
    </message>
    <message>
        <source>Rehearse the plan…</source>
        <translation>Plan üben…</translation>
    </message>
    <message>
        <source>Alarms of the plan…</source>
        <translation>Alarme des Plans…</translation>
    </message>
    <message>
        <source>Flight card as PDF…</source>
        <translation>Flugkarte als PDF…</translation>
    </message>
    <message>
        <source>Print the flight card…</source>
        <translation>Flugkarte drucken…</translation>
    </message>
    <message>
        <source>Import a route…</source>
        <translation>Route importieren…</translation>
    </message>
    <message>
        <source>Save the route as a file…</source>
        <translation>Route als Datei speichern…</translation>
    </message>
    <message>
        <source>Open log…</source>
        <translation>Log öffnen…</translation>
    </message>
    <message>
        <source>File the flight in the logbook</source>
        <translation>Flug im Logbuch ablegen</translation>
    </message>
    <message>
        <source>Earlier flight</source>
        <translation>Früherer Flug</translation>
    </message>
    <message>
        <source>Later flight</source>
        <translation>Späterer Flug</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt benutzt</translation>
    </message>
    <message>
        <source>Aircraft and packs</source>
        <translation>Modelle und Akkus</translation>
    </message>
    <message>
        <source>Packs on the bench</source>
        <translation>Akkus am Prüfstand</translation>
    </message>
    <message>
        <source>Health of the selected pack</source>
        <translation>Zustand des gewählten Akkus</translation>
    </message>
    <message>
        <source>Power curve of the selected aircraft</source>
        <translation>Leistungskurve des gewählten Modells</translation>
    </message>
    <message>
        <source>What-if for the selected aircraft</source>
        <translation>Was wäre wenn für das gewählte Modell</translation>
    </message>
    <message>
        <source>Solar array of the selected aircraft</source>
        <translation>Solarfeld des gewählten Modells</translation>
    </message>
    <message>
        <source>Forecast accuracy</source>
        <translation>Güte der Prognosen</translation>
    </message>
    <message>
        <source>Add an aircraft</source>
        <translation>Modell hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate the selected aircraft</source>
        <translation>Gewähltes Modell duplizieren</translation>
    </message>
    <message>
        <source>Retire the selected aircraft, or return it to use</source>
        <translation>Gewähltes Modell aussondern oder wieder verwenden</translation>
    </message>
    <message>
        <source>Add a pack</source>
        <translation>Akku hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate the selected pack</source>
        <translation>Gewählten Akku duplizieren</translation>
    </message>
    <message>
        <source>Retire the selected pack, or return it to use</source>
        <translation>Gewählten Akku aussondern oder wieder verwenden</translation>
    </message>
    <message>
        <source>Table or chart</source>
        <translation>Tabelle oder Diagramm</translation>
    </message>
    <message>
        <source>Copy table or chart</source>
        <translation>Tabelle oder Diagramm kopieren</translation>
    </message>
    <message>
        <source>Show chart as a table</source>
        <translation>Diagramm als Tabelle zeigen</translation>
    </message>
    <message>
        <source>Export table or chart…</source>
        <translation>Tabelle oder Diagramm exportieren…</translation>
    </message>
    <message>
        <source>Click the chart or table to export first.</source>
        <translation>Klicke zuerst auf das Diagramm oder die Tabelle zum Exportieren.</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>/chart.png</source>
        <translation>/diagramm.png</translation>
    </message>
    <message>
        <source>/table.csv</source>
        <translation>/tabelle.csv</translation>
    </message>
    <message>
        <source>Picture (*.png);;Lines (*.svg);;Page (*.pdf);;Table (*.csv)</source>
        <translation>Bild (*.png);;Linien (*.svg);;Seite (*.pdf);;Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Table (*.csv)</source>
        <translation>Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Logbook file</source>
        <translation>Logbuchdatei</translation>
    </message>
    <message>
        <source>Open or create a logbook…</source>
        <translation>Logbuch öffnen oder anlegen…</translation>
    </message>
    <message>
        <source>Open or create a logbook</source>
        <translation>Logbuch öffnen oder anlegen</translation>
    </message>
    <message>
        <source>Logbooks (*.sqlite)</source>
        <translation>Logbücher (*.sqlite)</translation>
    </message>
    <message>
        <source>Back up…</source>
        <translation>Sichern…</translation>
    </message>
    <message>
        <source>Back up the logbook</source>
        <translation>Logbuch sichern</translation>
    </message>
    <message>
        <source>/logbook-%1.sqlite</source>
        <comment>date</comment>
        <translation>/logbuch-%1.sqlite</translation>
    </message>
    <message>
        <source>Restore a backup…</source>
        <translation>Sicherung wiederherstellen…</translation>
    </message>
    <message>
        <source>Restore a backup</source>
        <translation>Sicherung wiederherstellen</translation>
    </message>
    <message>
        <source>Packs as a table (CSV)…</source>
        <translation>Akkus als Tabelle (CSV)…</translation>
    </message>
    <message>
        <source>Packs as a table</source>
        <translation>Akkus als Tabelle</translation>
    </message>
    <message>
        <source>/packs-to-compare.csv</source>
        <translation>/akkus-zum-vergleich.csv</translation>
    </message>
    <message>
        <source>Export all as JSON and CSV…</source>
        <translation>Alles als JSON und CSV exportieren…</translation>
    </message>
    <message>
        <source>Export into a folder</source>
        <translation>In einen Ordner exportieren</translation>
    </message>
    <message>
        <source>Import a logbook</source>
        <translation>Logbuch importieren</translation>
    </message>
    <message>
        <source>Exported logbooks (book.json *.csv);;All files (*)</source>
        <translation>Exportierte Logbücher (book.json *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>File many logs…</source>
        <translation>Viele Logs ablegen…</translation>
    </message>
    <message>
        <source>Logs to file</source>
        <translation>Logs zum Ablegen</translation>
    </message>
    <message>
        <source>Import from JSON or CSV…</source>
        <translation>Aus JSON oder CSV importieren…</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>Daylight</source>
        <translation>Tageslicht</translation>
    </message>
    <message>
        <source>Evening</source>
        <translation>Abend</translation>
    </message>
    <message>
        <source>Field, for bright sun</source>
        <translation>Feld, für pralle Sonne</translation>
    </message>
    <message>
        <source>Next theme</source>
        <translation>Nächstes Aussehen</translation>
    </message>
    <message>
        <source>Text at %1 %</source>
        <translation>Text mit %1 %</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Einheiten</translation>
    </message>
    <message>
        <source>mAh first</source>
        <translation>mAh zuerst</translation>
    </message>
    <message>
        <source>Wh first</source>
        <translation>Wh zuerst</translation>
    </message>
    <message>
        <source>Distances in km</source>
        <translation>Entfernungen in km</translation>
    </message>
    <message>
        <source>Distances in miles</source>
        <translation>Entfernungen in Meilen</translation>
    </message>
    <message>
        <source>km/h</source>
        <translation>km/h</translation>
    </message>
    <message>
        <source>m/s</source>
        <translation>m/s</translation>
    </message>
    <message>
        <source>mph</source>
        <translation>mph</translation>
    </message>
    <message>
        <source>knots</source>
        <translation>Knoten</translation>
    </message>
    <message>
        <source>Speeds in %1</source>
        <translation>Geschwindigkeiten in %1</translation>
    </message>
    <message>
        <source>Wind in %1</source>
        <translation>Wind in %1</translation>
    </message>
    <message>
        <source>Heights in m</source>
        <translation>Höhen in m</translation>
    </message>
    <message>
        <source>Heights in ft</source>
        <translation>Höhen in ft</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>The language changes when Sobremesa is started again.</source>
        <translation>Die Sprache wechselt beim nächsten Start von Sobremesa.</translation>
    </message>
    <message>
        <source>That of the desktop</source>
        <translation>Die des Desktops</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>Benutzeranleitung</translation>
    </message>
    <message>
        <source>Keyboard shortcuts</source>
        <translation>Tastenkürzel</translation>
    </message>
    <message>
        <source>About Sobremesa</source>
        <translation>Über Sobremesa</translation>
    </message>
    <message>
        <source>waypoint route height altitude speed loiter terrain</source>
        <translation>Wegpunkt Route Höhe Geschwindigkeit Kreisen Gelände</translation>
    </message>
    <message>
        <source>warning low voltage timer callout capacity</source>
        <translation>Warnung Unterspannung Timer Ansage Kapazität</translation>
    </message>
    <message>
        <source>checklist print paper</source>
        <translation>Checkliste drucken Papier</translation>
    </message>
    <message>
        <source>import telemetry recording black box flight</source>
        <translation>Telemetrie importieren Aufzeichnung Flug</translation>
    </message>
    <message>
        <source>import telemetry recordings folder archive</source>
        <translation>Telemetrie importieren Aufzeichnungen Ordner Archiv</translation>
    </message>
    <message>
        <source>battery batteries cells</source>
        <translation>Batterie Zellen</translation>
    </message>
    <message>
        <source>aircraft plane wing drone multirotor</source>
        <translation>Modell Flugzeug Fläche Drohne Multirotor</translation>
    </message>
    <message>
        <source>calibration current sensor scale offset</source>
        <translation>Kalibrierung Stromsensor Skalierung Offset</translation>
    </message>
    <message>
        <source>live telemetry link voice</source>
        <translation>live Telemetrie Link Sprache</translation>
    </message>
    <message>
        <source>flights history records</source>
        <translation>Flüge Verlauf Rekorde</translation>
    </message>
    <message>
        <source>simulate practice training</source>
        <translation>simulieren Training</translation>
    </message>
    <message>
        <source>save copy safety</source>
        <translation>speichern Kopie</translation>
    </message>
    <message>
        <source>light mode bright</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>dark mode night</source>
        <translation>dunkel Nacht</translation>
    </message>
    <message>
        <source>sun contrast large</source>
        <translation>Sonne Kontrast groß</translation>
    </message>
    <message>
        <source>back revert</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>help manual documentation</source>
        <translation>Hilfe Handbuch Dokumentation</translation>
    </message>
    <message>
        <source>version licence license</source>
        <translation>Version Lizenz</translation>
    </message>
    <message>
        <source>units capacity</source>
        <translation>Einheiten Kapazität</translation>
    </message>
    <message>
        <source>units energy</source>
        <translation>Einheiten Energie</translation>
    </message>
    <message>
        <source>translation</source>
        <translation>Übersetzung</translation>
    </message>
    <message>
        <source>Click the chart or table to copy first.</source>
        <translation>Klicke zuerst auf das Diagramm oder die Tabelle zum Kopieren.</translation>
    </message>
    <message>
        <source>Copied.</source>
        <translation>Kopiert.</translation>
    </message>
    <message>
        <source>Click the chart or map to show as a table first.</source>
        <translation>Klicke zuerst auf das Diagramm oder die Karte, die als Tabelle gezeigt werden soll.</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>The fleet has another %1; this plan keeps its own.</source>
        <translation>In der Flotte steht ein anderes %1; dieser Plan behält seines.</translation>
    </message>
    <message>
        <source>Packs has another %1; this plan keeps its own.</source>
        <translation>Bei den Akkus steht ein anderer %1; dieser Plan behält seinen.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Gespeichert als %1.</translation>
    </message>
    <message>
        <source>Print the flight card</source>
        <translation>Flugkarte drucken</translation>
    </message>
    <message numerus="yes">
        <source>%n waypoint(s) imported from %1.</source>
        <translation>
            <numerusform>%n Wegpunkt aus %1 importiert.</numerusform>
            <numerusform>%n Wegpunkte aus %1 importiert.</numerusform>
        </translation>
    </message>
    <message>
        <source>A route needs the home position: Mission, Flight path, “Home position”.</source>
        <translation>Eine Route braucht die Startposition: Mission, Flugweg, „Startposition“.</translation>
    </message>
    <message>
        <source>Backing up</source>
        <translation>Wird gesichert</translation>
    </message>
    <message numerus="yes">
        <source>Backed up to %1, with every log, but without %n change(s) that could not be written to the logbook yet.</source>
        <translation>
            <numerusform>Mit jedem Log gesichert nach %1, aber ohne %n Änderung, die noch nicht ins Logbuch geschrieben werden konnte.</numerusform>
            <numerusform>Mit jedem Log gesichert nach %1, aber ohne %n Änderungen, die noch nicht ins Logbuch geschrieben werden konnten.</numerusform>
        </translation>
    </message>
    <message>
        <source>Backed up to %1, with every log.</source>
        <translation>Mit jedem Log gesichert nach %1.</translation>
    </message>
    <message>
        <source>The logbook could not be moved aside, so nothing was restored.</source>
        <translation>Das Logbuch ließ sich nicht beiseitelegen, deshalb wurde nichts wiederhergestellt.</translation>
    </message>
    <message>
        <source>The backup could not be copied, so nothing was restored.</source>
        <translation>Die Sicherung ließ sich nicht kopieren, deshalb wurde nichts wiederhergestellt.</translation>
    </message>
    <message>
        <source>Restored. The previous logbook is in %1.</source>
        <translation>Wiederhergestellt. Das bisherige Logbuch liegt in %1.</translation>
    </message>
    <message>
        <source>Restored.</source>
        <translation>Wiederhergestellt.</translation>
    </message>
    <message>
        <source>Exporting</source>
        <translation>Wird exportiert</translation>
    </message>
    <message>
        <source>Exported to %1, except what is damaged (found: %2). The first: %3</source>
        <translation>Nach %1 exportiert, außer dem Beschädigten (gefunden: %2). Das erste: %3</translation>
    </message>
    <message>
        <source>Exported to %1: book.json, a CSV for each list, and the logs.</source>
        <translation>Nach %1 exportiert: book.json, eine CSV für jede Liste, und die Logs.</translation>
    </message>
    <message>
        <source>Saving the last changes to the logbook</source>
        <translation>Die letzten Änderungen werden ins Logbuch geschrieben</translation>
    </message>
    <message numerus="yes">
        <source>%n change(s) could not be written to the logbook and would be lost.</source>
        <translation>
            <numerusform>Eine Änderung konnte nicht ins Logbuch geschrieben werden und ginge verloren.</numerusform>
            <numerusform>%n Änderungen konnten nicht ins Logbuch geschrieben werden und gingen verloren.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>Discard them</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Keep working</source>
        <translation>Weiterarbeiten</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, Kopie</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>name of a plan, number</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Look around with demo flights</source>
        <translation>Mit Demoflügen umsehen</translation>
    </message>
    <message>
        <source>Temperatures in °C</source>
        <translation>Temperaturen in °C</translation>
    </message>
    <message>
        <source>Temperatures in °F</source>
        <translation>Temperaturen in °F</translation>
    </message>
    <message>
        <source>The demo flights are not installed with this program.</source>
        <translation>Die Demoflüge sind mit diesem Programm nicht installiert.</translation>
    </message>
    <message>
        <source>The demo flights could not be copied to %1; there may be no room.</source>
        <translation>Die Demoflüge konnten nicht nach %1 kopiert werden; vielleicht fehlt Platz.</translation>
    </message>
    <message>
        <source>These are demo flights, in a temporary copy: try anything; nothing is kept.</source>
        <translation>Das sind Demoflüge in einer vorübergehenden Kopie: alles darf ausprobiert werden, nichts bleibt.</translation>
    </message>
    <message>
        <source>Back to my logbook</source>
        <translation>Zurück zu meinem Logbuch</translation>
    </message>
    <message>
        <source>No logbook is open: what you enter is not kept.</source>
        <translation>Kein Logbuch ist geöffnet: Eingaben werden nicht gespeichert.</translation>
    </message>
    <message>
        <source>This logbook can only be read: what you change is not kept.</source>
        <translation>Dieses Logbuch ist schreibgeschützt: Änderungen werden nicht gespeichert.</translation>
    </message>
    <message>
        <source>Edit the setting</source>
        <translation>Vorgaben bearbeiten</translation>
    </message>
    <message>
        <source>checklist paper preview</source>
        <translation>Checkliste Papier Vorschau</translation>
    </message>
    <message>
        <source>wind temperature reserve landing voltage aircraft pack</source>
        <translation>Wind Temperatur Reserve Landespannung Modell Akku</translation>
    </message>
    <message>
        <source>File flights without a log…</source>
        <translation>Flüge ohne Log eintragen…</translation>
    </message>
    <message>
        <source>by hand notebook spreadsheet paste enter</source>
        <translation>von Hand Notizbuch Tabelle einfügen eintragen</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were in the logbook already.</source>
        <translation>
            <numerusform>%n Flug war schon im Logbuch.</numerusform>
            <numerusform>%n Flüge waren schon im Logbuch.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) filed.</source>
        <translation>
            <numerusform>%n Flug eingetragen.</numerusform>
            <numerusform>%n Flüge eingetragen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Import no-landing areas</source>
        <translation>Landeverbotsgebiete importieren</translation>
    </message>
    <message>
        <source>Areas (*.geojson *.json *.kml)</source>
        <translation>Gebiete (*.geojson *.json *.kml)</translation>
    </message>
    <message>
        <source>Import no-landing areas…</source>
        <translation>Landeverbotsgebiete importieren…</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Landeverbotsgebiet zeichnen</translation>
    </message>
    <message>
        <source>The areas in a file have latitudes and longitudes: enter the plan&apos;s home position first (Mission).</source>
        <translation>Die Gebiete einer Datei haben Breite und Länge: trage zuerst die Startposition des Plans ein (Mission).</translation>
    </message>
    <message numerus="yes">
        <source>%n no-landing area(s) imported from %1.</source>
        <translation>
            <numerusform>%n Landeverbotsgebiet aus %1 importiert.</numerusform>
            <numerusform>%n Landeverbotsgebiete aus %1 importiert.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not used: %1</source>
        <translation>Nicht benutzt: %1</translation>
    </message>
    <message>
        <source>Logs (%1);;All files (*)</source>
        <translation>Logs (%1);;Alle Dateien (*)</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ManyLogsSheet</name>
    <message>
        <source>%1, flight %2</source>
        <translation>%1, Flug %2</translation>
    </message>
    <message>
        <source>already in the logbook</source>
        <translation>schon im Logbuch</translation>
    </message>
    <message>
        <source>Flights found</source>
        <translation>Gefundene Flüge</translation>
    </message>
    <message>
        <source>Logs to file</source>
        <translation>Logs zum Ablegen</translation>
    </message>
    <message>
        <source>What the logs hold</source>
        <translation>Was die Logs enthalten</translation>
    </message>
    <message>
        <source>Flights already in the logbook are not filed twice. Stopping loses nothing: add the same files again to continue.</source>
        <translation>Flüge, die schon im Logbuch sind, werden nicht doppelt abgelegt. Beim Anhalten geht nichts verloren: dieselben Dateien noch einmal hinzufügen, und es geht weiter.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>%n Flug ablegen</numerusform>
            <numerusform>%n Flüge ablegen</numerusform>
        </translation>
    </message>
    <message>
        <source>Filing …</source>
        <translation>Wird abgelegt …</translation>
    </message>
    <message>
        <source>Reading … flights so far: %1</source>
        <translation>Wird gelesen … Flüge bisher: %1</translation>
    </message>
    <message>
        <source>found: %1, already known: %2, unusable: %3</source>
        <translation>gefunden: %1, schon bekannt: %2, unbrauchbar: %3</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MapView</name>
    <message>
        <source>N</source>
        <comment>north</comment>
        <translation>N</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>wind speed, direction</comment>
        <translation>%1 aus %2</translation>
    </message>
    <message>
        <source>home</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>vom Startpunkt</translation>
    </message>
    <message>
        <source>bearing</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>east</source>
        <translation>Osten</translation>
    </message>
    <message>
        <source>north</source>
        <translation>Norden</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>return leg</source>
        <translation>Rückflug</translation>
    </message>
    <message>
        <source>outbound leg</source>
        <translation>Hinflug</translation>
    </message>
    <message>
        <source>%1: %2 from home on %3</source>
        <comment>way out or home, distance, bearing</comment>
        <translation>%1: %2 vom Startpunkt auf %3</translation>
    </message>
    <message>
        <source>the wind</source>
        <translation>den Wind</translation>
    </message>
    <message>
        <source>the outbound bearing</source>
        <translation>den Kurs des Hinflugs</translation>
    </message>
    <message>
        <source>Ctrl and arrows move %1</source>
        <translation>Strg und Pfeile bewegen %1</translation>
    </message>
    <message>
        <source>Drag: %1</source>
        <translation>Ziehen: %1</translation>
    </message>
    <message>
        <source>Drag: where the wind comes from, and how strong it is</source>
        <translation>Ziehen: woher der Wind kommt und wie stark</translation>
    </message>
    <message>
        <source>Drag around home: the outbound bearing</source>
        <translation>Um den Startpunkt ziehen: der Kurs des Hinflugs</translation>
    </message>
    <message>
        <source>Drag: home; waypoints and landing places stay where they are</source>
        <translation>Ziehen: der Startpunkt; Wegpunkte und Landeplätze bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Abschnitt</translation>
    </message>
    <message>
        <source>Rename %1…</source>
        <translation>%1 umbenennen…</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>Add a waypoint here</source>
        <translation>Hier einen Wegpunkt hinzufügen</translation>
    </message>
    <message>
        <source>Add a landing place here</source>
        <translation>Hier einen Landeplatz hinzufügen</translation>
    </message>
    <message>
        <source>Show everything</source>
        <translation>Alles zeigen</translation>
    </message>
    <message>
        <source>Name of the place</source>
        <translation>Name des Ortes</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Click the corners of the area; double-click or Enter closes it, Escape gives it up.</source>
        <translation>Klicke die Ecken des Gebiets; Doppelklick oder Enter schließt es, Esc verwirft es.</translation>
    </message>
    <message>
        <source>Drawing a no-landing area: Insert sets a corner in the middle of the view, Enter closes it, Escape gives it up</source>
        <translation>Ein Landeverbotsgebiet wird gezeichnet: Einfg setzt eine Ecke in die Bildmitte, Enter schließt es, Esc verwirft es</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Landeverbotsgebiet zeichnen</translation>
    </message>
    <message>
        <source>farthest %1</source>
        <translation>max. %1</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MassBar</name>
    <message>
        <source>%1 %2</source>
        <comment>part, mass</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MessageBar</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MissionPanel</name>
    <message>
        <source>Mission</source>
        <translation>Mission</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Flight path</source>
        <translation>Flugweg</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>Weather</source>
        <translation>Wetter</translation>
    </message>
    <message>
        <source>Return and link</source>
        <translation>Rückkehr und Link</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>Am Boden</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::NotebookModel</name>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Strecke</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>geladen</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>Minimum</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>Maximum</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>max. Tempo</translation>
    </message>
    <message>
        <source>farthest</source>
        <translation>max. Entf.</translation>
    </message>
    <message>
        <source>at rest</source>
        <translation>in Ruhe</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>Wind</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>head of a column, its unit</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>on the way</source>
        <translation>unterwegs</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::NotebookSheet</name>
    <message>
        <source>Flights without a log</source>
        <translation>Flüge ohne Log</translation>
    </message>
    <message>
        <source>From your notebook</source>
        <translation>Aus dem Notizbuch</translation>
    </message>
    <message>
        <source>Order of day and month</source>
        <translation>Reihenfolge von Tag und Monat</translation>
    </message>
    <message>
        <source>dates: day first</source>
        <translation>Datum: Tag zuerst</translation>
    </message>
    <message>
        <source>dates: month first</source>
        <translation>Datum: Monat zuerst</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Zeile entfernen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>%n Flug eintragen</numerusform>
            <numerusform>%n Flüge eintragen</numerusform>
        </translation>
    </message>
    <message>
        <source>They count in bests, cycles and calibration, and with a wide error in consumption.</source>
        <translation>Sie zählen bei Bestwerten, Zyklen und Kalibrierung, und mit großem Fehler beim Verbrauch.</translation>
    </message>
    <message>
        <source>One row per flight; enter only what you know. Tab moves on, Enter starts the next flight, and rows copied from a spreadsheet can be pasted. “Lowest” is the pack&apos;s voltage, “at rest” a cell&apos;s. “On the way” takes what the screen showed: 5 min 410 mAh 15.9 V; 10 min 830 mAh.</source>
        <translation>Eine Zeile je Flug; trage nur ein, was du weißt. Tab geht weiter, Eingabe beginnt den nächsten Flug, und aus einer Tabelle kopierte Zeilen lassen sich einfügen. „Minimum“ ist die Spannung des Akkus, „in Ruhe“ die einer Zelle. „Unterwegs“ nimmt auf, was der Bildschirm zeigte: 5 min 410 mAh 15,9 V; 10 min 830 mAh.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PackBuilderPage</name>
    <message>
        <source>Build from cells</source>
        <translation>Aus Zellen bauen</translation>
    </message>
    <message>
        <source>From a partial flight</source>
        <translation>Aus einem Teilflug</translation>
    </message>
    <message>
        <source>Components</source>
        <translation>Bestandteile</translation>
    </message>
    <message>
        <source>Add to Packs</source>
        <translation>Zu den Akkus hinzufügen</translation>
    </message>
    <message>
        <source>Spot welding is the norm; no soldering on bare cells without the skill. Match cells before they are joined, insulate the ends, charge attended.</source>
        <translation>Punktschweißen ist die Regel; nackte Zellen nur mit Können löten. Zellen vor dem Verbinden abstimmen, Enden isolieren, unter Aufsicht laden.</translation>
    </message>
    <message>
        <source>Full flight from a partial one</source>
        <translation>Voller Flug aus einem Teilflug</translation>
    </message>
    <message>
        <source>Fly a steady part of a flight, recharge and enter both: no need to empty a pack to know how long it lasts.</source>
        <translation>Flieg einen gleichmäßigen Teil, lade nach und trage beides ein: kein Akku muss leer geflogen werden, um zu wissen, wie lange er reicht.</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>Chemistry</source>
        <translation>Chemie</translation>
    </message>
    <message>
        <source>Cell capacity</source>
        <translation>Zellenkapazität</translation>
    </message>
    <message>
        <source>Cell mass</source>
        <translation>Zellenmasse</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Cell resistance</source>
        <translation>Zellenwiderstand</translation>
    </message>
    <message>
        <source>0: assumed by chemistry and size</source>
        <translation>0: nach Chemie und Größe angenommen</translation>
    </message>
    <message>
        <source>Cell rated current</source>
        <translation>Nennstrom der Zelle</translation>
    </message>
    <message>
        <source>0: usual for such cells</source>
        <translation>0: für solche Zellen üblich</translation>
    </message>
    <message>
        <source>Diameter, or width</source>
        <translation>Durchmesser oder Breite</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>In series</source>
        <translation>In Reihe</translation>
    </message>
    <message>
        <source>In parallel</source>
        <translation>Parallel</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>0: all in one layer</source>
        <translation>0: alle in einer Lage</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Verbinder</translation>
    </message>
    <message>
        <source>pure nickel</source>
        <translation>Reinnickel</translation>
    </message>
    <message>
        <source>plated steel</source>
        <translation>vernickelter Stahl</translation>
    </message>
    <message>
        <source>copper</source>
        <translation>Kupfer</translation>
    </message>
    <message>
        <source>Strip width</source>
        <translation>Verbinderbreite</translation>
    </message>
    <message>
        <source>Strip thickness</source>
        <translation>Verbinderdicke</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>Kabellänge</translation>
    </message>
    <message>
        <source>Lead cross-section</source>
        <translation>Kabelquerschnitt</translation>
    </message>
    <message>
        <source>mm²</source>
        <translation>mm²</translation>
    </message>
    <message>
        <source>Connector, wrap, balance lead</source>
        <translation>Stecker, Schrumpfschlauch, Balancerkabel</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Geflogen</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Put back by the charger</source>
        <translation>Vom Ladegerät nachgeladen</translation>
    </message>
    <message>
        <source>A full flight uses</source>
        <translation>Ein voller Flug verbraucht</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>of the rated charge; 80 % is the usual rule</source>
        <translation>der Nennkapazität; 80 % ist die übliche Regel</translation>
    </message>
    <message>
        <source>A %1 of &lt;b&gt;%2&lt;/b&gt;, %3 × %4 × %5 mm, good for &lt;b&gt;%6&lt;/b&gt; continuous.</source>
        <comment>build, mass, sides, current</comment>
        <translation>Ein %1 mit &lt;b&gt;%2&lt;/b&gt;, %3 × %4 × %5 mm, gut für &lt;b&gt;%6&lt;/b&gt; Dauerstrom.</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Masse</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>Nennwert</translation>
    </message>
    <message>
        <source>rated specific energy</source>
        <translation>spezifische Nennenergie</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>continuous</source>
        <translation>Dauerstrom</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>cells</source>
        <translation>Zellen</translation>
    </message>
    <message>
        <source>strips</source>
        <translation>Verbinder</translation>
    </message>
    <message>
        <source>leads</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>der Rest</translation>
    </message>
    <message>
        <source>Select a pack in the list first: its chemistry and rated capacity are needed.</source>
        <translation>Wähle zuerst einen Akku in der Liste: seine Chemie und Nennkapazität werden gebraucht.</translation>
    </message>
    <message>
        <source>%1: no charger puts that back after such a flight; correct the charge.</source>
        <translation>%1: nach einem solchen Flug lädt kein Ladegerät das nach; korrigiere die Ladung.</translation>
    </message>
    <message>
        <source>%1, %2, full flight:</source>
        <comment>pack, build</comment>
        <translation>%1, %2, voller Flug:</translation>
    </message>
    <message>
        <source>by charge</source>
        <translation>nach Ladung</translation>
    </message>
    <message>
        <source>at the same power</source>
        <translation>bei gleicher Leistung</translation>
    </message>
    <message>
        <source>built %1</source>
        <comment>a pack on paper</comment>
        <translation>gebaut %1</translation>
    </message>
    <message>
        <source>another</source>
        <translation>andere</translation>
    </message>
    <message>
        <source>Cell size</source>
        <translation>Zellengröße</translation>
    </message>
    <message>
        <source>Cell type</source>
        <translation>Zelltyp</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>high capacity</source>
        <translation>hohe Kapazität</translation>
    </message>
    <message>
        <source>high drain</source>
        <translation>hoher Strom</translation>
    </message>
    <message>
        <source>Cell price</source>
        <translation>Zellenpreis</translation>
    </message>
    <message>
        <source>0: not known; only for comparing</source>
        <translation>0: nicht bekannt; nur zum Vergleichen</translation>
    </message>
    <message>
        <source>Strip layers</source>
        <translation>Lagen der Verbinder</translation>
    </message>
    <message>
        <source>welded on top of each other</source>
        <translation>übereinander geschweißt</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PackDrawing</name>
    <message>
        <source>%1 × %2 × %3 mm</source>
        <comment>sides of a bay</comment>
        <translation>%1 × %2 × %3 mm</translation>
    </message>
    <message>
        <source>Fits the bay of %1, %2.</source>
        <translation>Passt in den Schacht von %1, %2.</translation>
    </message>
    <message>
        <source>Does not fit the bay of %1, %2.</source>
        <translation>Passt nicht in den Schacht von %1, %2.</translation>
    </message>
    <message>
        <source>The pack from above, to scale</source>
        <translation>Der Akku von oben, maßstäblich</translation>
    </message>
    <message>
        <source>%1 × %2 mm. %3</source>
        <comment>sides of a pack, whether it fits</comment>
        <translation>%1 × %2 mm. %3</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PackLines</name>
    <message>
        <source>Packs in the cruise of the plan</source>
        <translation>Akkus im Reiseflug des Plans</translation>
    </message>
    <message>
        <source>%1: %2; %3</source>
        <comment>pack, what it gives, its past</comment>
        <translation>%1: %2; %3</translation>
    </message>
    <message>
        <source>cannot supply it</source>
        <translation>schafft ihn nicht</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>energy, time</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>health %1</source>
        <translation>SoH %1</translation>
    </message>
    <message>
        <source>%1, not flown</source>
        <comment>health</comment>
        <translation>%1, nicht geflogen</translation>
    </message>
    <message>
        <source>%1, flown %2</source>
        <comment>health, day</comment>
        <translation>%1, zuletzt %2</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>±, Wh</source>
        <translation>±, Wh</translation>
    </message>
    <message>
        <source>time, min</source>
        <translation>Zeit, min</translation>
    </message>
    <message>
        <source>health, %</source>
        <translation>Zustand, %</translation>
    </message>
    <message>
        <source>last flown</source>
        <translation>zuletzt geflogen</translation>
    </message>
    <message>
        <source>usable, Wh</source>
        <translation>nutzbar, Wh</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PacksPlace</name>
    <message>
        <source>Packs: list, bench, build, health</source>
        <translation>Akkus: Liste, Prüfstand, Aufbau, Zustand</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Prüfstand</translation>
    </message>
    <message>
        <source>Build</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>Health</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>In the cruise of %1 at %2, each at its own mass</source>
        <translation>Im Reiseflug von %1 bei %2, jeder mit seiner Masse</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlacesTable</name>
    <message>
        <source>Places of the mission</source>
        <translation>Orte der Mission</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>from home, %1</source>
        <translation>vom Startpunkt, %1</translation>
    </message>
    <message>
        <source>bearing, °</source>
        <translation>Kurs, °</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>Höhe, %1</translation>
    </message>
    <message>
        <source>loiter, min</source>
        <translation>Kreisen, min</translation>
    </message>
    <message>
        <source>On the map, places and home can be dragged; N and Ctrl with the arrow keys move them.</source>
        <translation>Auf der Karte lassen sich Orte und der Startpunkt ziehen; N und Strg mit den Pfeiltasten bewegen sie dort.</translation>
    </message>
    <message>
        <source>Add a waypoint</source>
        <translation>Wegpunkt hinzufügen</translation>
    </message>
    <message>
        <source>Add a landing place</source>
        <translation>Landeplatz hinzufügen</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Import a route…</source>
        <translation>Route importieren…</translation>
    </message>
    <message>
        <source>Save as a route…</source>
        <translation>Als Route speichern…</translation>
    </message>
    <message>
        <source>until the turn</source>
        <translation>bis zur Umkehr</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>Landung</translation>
    </message>
    <message>
        <source>waypoint</source>
        <translation>Wegpunkt</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Landeverbotsgebiet zeichnen</translation>
    </message>
    <message>
        <source>Import areas…</source>
        <translation>Gebiete importieren…</translation>
    </message>
    <message>
        <source>no landing</source>
        <translation>Landeverbot</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlanPlace</name>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Heimwegdiagramm</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Plans: open, rename, duplicate, compare</source>
        <translation>Pläne: öffnen, umbenennen, duplizieren, vergleichen</translation>
    </message>
    <message>
        <source>mission</source>
        <translation>Mission</translation>
    </message>
    <message>
        <source>alarms</source>
        <translation>Alarme</translation>
    </message>
    <message>
        <source>flight card</source>
        <translation>Flugkarte</translation>
    </message>
    <message>
        <source>Height along the flight</source>
        <translation>Höhe entlang des Flugs</translation>
    </message>
    <message>
        <source>show energy</source>
        <translation>Energie zeigen</translation>
    </message>
    <message>
        <source>show heights</source>
        <translation>Höhen zeigen</translation>
    </message>
    <message>
        <source>Show the homeward chart</source>
        <translation>Heimwegdiagramm zeigen</translation>
    </message>
    <message>
        <source>Show the heights along the flight</source>
        <translation>Höhen entlang des Flugs zeigen</translation>
    </message>
    <message>
        <source>Plan: %1</source>
        <comment>its name</comment>
        <translation>Plan: %1</translation>
    </message>
    <message>
        <source>end of the route</source>
        <translation>Ende der Route</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Umkehr</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>nutzbar</translation>
    </message>
    <message>
        <source>Wh remaining and Wh needed, by %1 from home</source>
        <translation>Wh verbleibend und Wh nötig, je %1 vom Startpunkt</translation>
    </message>
    <message>
        <source>Wh remaining and Wh needed, by %1 flown</source>
        <translation>Wh verbleibend und Wh nötig, je geflogene %1</translation>
    </message>
    <message>
        <source>out %1 at %2</source>
        <translation>hin %1 bei %2</translation>
    </message>
    <message>
        <source>home %1 at %2</source>
        <translation>zurück %1 bei %2</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <comment>time, energy, speed over ground</comment>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>leave at %1</source>
        <translation>verlassen bei %1</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>Umkehr %1</translation>
    </message>
    <message>
        <source>outbound</source>
        <translation>hin</translation>
    </message>
    <message>
        <source>return</source>
        <translation>zurück</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlanSheet</name>
    <message>
        <source>%1, out on %2</source>
        <comment>aircraft, bearing</comment>
        <translation>%1, hinaus auf %2</translation>
    </message>
    <message>
        <source>Plans</source>
        <translation>Pläne</translation>
    </message>
    <message>
        <source>Name of this plan</source>
        <translation>Name dieses Plans</translation>
    </message>
    <message>
        <source>Name of the open plan</source>
        <translation>Name des offenen Plans</translation>
    </message>
    <message>
        <source>Plans kept in the logbook</source>
        <translation>Im Logbuch gespeicherte Pläne</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <comment>name of a plan</comment>
        <translation>%1, Kopie</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>%1 — open</source>
        <comment>name of a plan</comment>
        <translation>%1 — offen</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ProfileChart</name>
    <message>
        <source>Height along the flight</source>
        <translation>Höhe entlang des Flugs</translation>
    </message>
    <message>
        <source>flown, %1</source>
        <translation>geflogen, %1</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>Höhe, %1</translation>
    </message>
    <message>
        <source>ground, %1</source>
        <translation>Boden, %1</translation>
    </message>
    <message>
        <source>above ground, %1</source>
        <translation>über Grund, %1</translation>
    </message>
    <message>
        <source>%1 flown</source>
        <translation>%1 geflogen</translation>
    </message>
    <message>
        <source>%1 above home</source>
        <translation>%1 über dem Startpunkt</translation>
    </message>
    <message>
        <source>home</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>out</source>
        <translation>hin</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>name of a place, height</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Drag up or down: the height flown here</source>
        <translation>Auf- oder abziehen: die hier geflogene Höhe</translation>
    </message>
    <message>
        <source>Up and down move %1, %2</source>
        <translation>Auf und ab bewegen %1, %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ReachRings</name>
    <message>
        <source>Reach before and after the change</source>
        <translation>Reichweite vor und nach der Änderung</translation>
    </message>
    <message>
        <source>farthest before %1, after %2</source>
        <translation>am weitesten vorher %1, nachher %2</translation>
    </message>
    <message>
        <source>bearing, °</source>
        <translation>Kurs, °</translation>
    </message>
    <message>
        <source>before, km</source>
        <translation>vorher, km</translation>
    </message>
    <message>
        <source>after, km</source>
        <translation>nachher, km</translation>
    </message>
    <message>
        <source>no reach in this wind</source>
        <translation>keine Reichweite bei diesem Wind</translation>
    </message>
    <message>
        <source>dashed before, solid after; north up</source>
        <translation>gestrichelt vorher; Norden oben</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RechargeChart</name>
    <message>
        <source>Counted against recharged</source>
        <translation>Gezählt gegen nachgeladen</translation>
    </message>
    <message>
        <source>The sensor reads %1 % of what was recharged.</source>
        <translation>Der Sensor zeigt %1 % des Nachgeladenen.</translation>
    </message>
    <message>
        <source>Outliers: %1.</source>
        <translation>Ausreißer: %1.</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>counted, mAh</source>
        <translation>gezählt, mAh</translation>
    </message>
    <message>
        <source>recharged, mAh</source>
        <translation>nachgeladen, mAh</translation>
    </message>
    <message>
        <source>counted, % of recharged</source>
        <translation>gezählt, % des Nachgeladenen</translation>
    </message>
    <message>
        <source>%1, excluded</source>
        <translation>%1, ausgeschlossen</translation>
    </message>
    <message>
        <source>counted beyond what was recharged, mAh</source>
        <translation>mehr gezählt als nachgeladen, mAh</translation>
    </message>
    <message>
        <source>charger ± %1 %</source>
        <translation>Ladegerät ± %1 %</translation>
    </message>
    <message>
        <source>sensor reads %1 %</source>
        <translation>Sensor zeigt %1 %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RecordListModel</name>
    <message>
        <source>Assumed by the program; enter your own value.</source>
        <translation>Vom Programm angenommen; trage deinen eigenen Wert ein.</translation>
    </message>
    <message>
        <source>Why? (F1)</source>
        <translation>Warum? (F1)</translation>
    </message>
    <message>
        <source>retired</source>
        <translation>ausgesondert</translation>
    </message>
    <message>
        <source>retired; %1</source>
        <comment>note</comment>
        <translation>ausgesondert; %1</translation>
    </message>
    <message>
        <source>%1, “%2”: %3</source>
        <comment>field, what was typed, what is wrong</comment>
        <translation>%1, „%2“: %3</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RecordListPlace</name>
    <message>
        <source>Selected</source>
        <translation>Gewählt</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Retire</source>
        <translation>Aussondern</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Show retired</source>
        <translation>Ausgesonderte zeigen</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>%1; %2 shown</source>
        <comment>count, those found</comment>
        <translation>%1; %2 gezeigt</translation>
    </message>
    <message>
        <source>Nothing is selected.</source>
        <translation>Nichts ist gewählt.</translation>
    </message>
    <message>
        <source>Return to use</source>
        <translation>Wieder verwenden</translation>
    </message>
    <message>
        <source>Flights or plans refer to it; retire it instead.</source>
        <translation>Flüge oder Pläne verweisen darauf; sondere es stattdessen aus.</translation>
    </message>
    <message>
        <source>%1 was retired: kept for its flights, not offered for new ones. Ctrl+Z undoes it.</source>
        <translation>%1 wurde ausgesondert: für seine Flüge behalten, für neue nicht mehr angeboten. Strg+Z macht es rückgängig.</translation>
    </message>
    <message>
        <source>%1 was removed. Ctrl+Z restores it.</source>
        <translation>%1 wurde entfernt. Strg+Z stellt es wieder her.</translation>
    </message>
    <message>
        <source>Entered</source>
        <translation>Eingetragen</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Left open, assumed</source>
        <translation>Offen gelassen, angenommen</translation>
    </message>
    <message>
        <source>What you type here counts from then on; a field you clear is assumed again.</source>
        <translation>Was du hier eintippst, gilt von da an; ein geleertes Feld wird wieder angenommen.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RehearsalSheet</name>
    <message>
        <source>Rehearse this plan</source>
        <translation>Diesen Plan üben</translation>
    </message>
    <message>
        <source>A simulated aircraft flies it; callouts sound as they would in flight. You decide when to turn.</source>
        <translation>Ein simuliertes Modell fliegt ihn; Ansagen klingen wie im Flug. Du entscheidest, wann du umkehrst.</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>drawn from the forecast&apos;s errors</source>
        <translation>aus den Fehlern der Vorhersage gezogen</translation>
    </message>
    <message>
        <source>as forecast</source>
        <translation>wie vorhergesagt</translation>
    </message>
    <message>
        <source>the wind grows by half</source>
        <translation>der Wind nimmt um die Hälfte zu</translation>
    </message>
    <message>
        <source>the worst in twenty</source>
        <translation>der schlechteste von zwanzig</translation>
    </message>
    <message>
        <source>Seed</source>
        <translation>Startwert</translation>
    </message>
    <message>
        <source>Seed: the same seed is the same day</source>
        <translation>Startwert: derselbe Startwert ist derselbe Tag</translation>
    </message>
    <message>
        <source>The same seed is the same day</source>
        <translation>Derselbe Startwert ist derselbe Tag</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Starten</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RequestTable</name>
    <message>
        <source>“%1” is not a number. Use digits, with a comma or a point.</source>
        <translation>„%1“ ist keine Zahl. Verwende Ziffern, mit Komma oder Punkt.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SensitivityBars</name>
    <message>
        <source>What moves it most</source>
        <translation>Größter Einfluss</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SensorsPlace</name>
    <message>
        <source>Scale</source>
        <translation>Skalierung</translation>
    </message>
    <message>
        <source>Recharged flights</source>
        <translation>Nachgeladene Flüge</translation>
    </message>
    <message>
        <source>A current sensor that reads wrong makes every counter wrong. Its scale is found here from what your charger puts back after each flight.</source>
        <translation>Ein Stromsensor, der falsch misst, macht jeden Zähler falsch. Seine Skalierung wird hier aus dem bestimmt, was das Ladegerät nach jedem Flug nachlädt.</translation>
    </message>
    <message>
        <source>Add an aircraft in Fleet first. Then file flights in Debrief with their recharge, or enter pairs here.</source>
        <translation>Lege zuerst unter Flotte ein Modell an. Dann lege Flüge mit ihrer Nachladung ab, oder trage hier Paare ein.</translation>
    </message>
    <message>
        <source>Current sensor</source>
        <translation>Stromsensor</translation>
    </message>
    <message>
        <source>Not sure which? Raise the scale a little on the bench: if the same load then reads less, it divides.</source>
        <translation>Nicht sicher, wie sie wirkt? Erhöhe die Skalierung am Boden ein wenig: zeigt dieselbe Last dann weniger, teilt sie.</translation>
    </message>
    <message>
        <source>On the ground, motor off</source>
        <translation>Am Boden, Motor aus</translation>
    </message>
    <message>
        <source>Voltage against a meter</source>
        <translation>Spannung gegen ein Messgerät</translation>
    </message>
    <message>
        <source>as set in the flight controller</source>
        <translation>wie im Flugregler eingestellt</translation>
    </message>
    <message>
        <source>divides: higher reads lower</source>
        <translation>teilt: höher zeigt weniger</translation>
    </message>
    <message>
        <source>multiplies: higher reads higher</source>
        <translation>multipliziert: höher zeigt mehr</translation>
    </message>
    <message>
        <source>Aircraft</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Scale as set</source>
        <translation>Eingestellte Skalierung</translation>
    </message>
    <message>
        <source>Scale type</source>
        <translation>Art der Skalierung</translation>
    </message>
    <message>
        <source>Charger&apos;s accuracy</source>
        <translation>Genauigkeit des Ladegeräts</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>Calibrate flights</source>
        <translation>Flüge kalibrieren</translation>
    </message>
    <message>
        <source>Their figures are recomputed; the raw logs stay unchanged</source>
        <translation>Ihre Werte werden neu berechnet; die Rohlogs bleiben unverändert</translation>
    </message>
    <message>
        <source>Save the new scale</source>
        <translation>Neue Skalierung speichern</translation>
    </message>
    <message>
        <source>After it is set in the flight controller</source>
        <translation>Nachdem sie im Flugregler eingestellt ist</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>On screen</source>
        <translation>Auf dem Bildschirm</translation>
    </message>
    <message>
        <source>On the meter</source>
        <translation>Am Messgerät</translation>
    </message>
    <message>
        <source>A scale is a number above zero; leave it empty if unknown.</source>
        <translation>Eine Skalierung ist eine Zahl über null; leer lassen, wenn unbekannt.</translation>
    </message>
    <message>
        <source>This is not a number.</source>
        <translation>Das ist keine Zahl.</translation>
    </message>
    <message>
        <source>Charger accuracy is between 0.1 and 20 %.</source>
        <translation>Die Genauigkeit eines Ladegeräts liegt zwischen 0,1 und 20 %.</translation>
    </message>
    <message>
        <source>Counted as the sensor read it, whatever was corrected since. Exclude flights that were flown with another scale, did not start full or were not recharged to full.</source>
        <translation>Gezählt, wie der Sensor es maß, ohne spätere Korrekturen. Schließe Flüge aus, die mit anderer Skalierung geflogen, nicht voll begonnen oder nicht voll nachgeladen wurden.</translation>
    </message>
    <message>
        <source>Exclude or include</source>
        <translation>Aus- oder einschließen</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Counted</source>
        <translation>Gezählt</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>nachgeladen</translation>
    </message>
    <message>
        <source>Add the pair</source>
        <translation>Paar hinzufügen</translation>
    </message>
    <message>
        <source>No flight of this aircraft has both a count and a recharge yet. Fly, recharge, enter it in Debrief; two or three flights are enough.</source>
        <translation>Noch kein Flug dieses Modells hat Zählung und Nachladung. Fliegen, nachladen, in der Analyse eintragen; zwei oder drei Flüge genügen.</translation>
    </message>
    <message>
        <source>new scale</source>
        <translation>neue Skalierung</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>ausgeschlossen</translation>
    </message>
    <message>
        <source>outlier</source>
        <translation>Ausreißer</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verwendet</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>Flug</translation>
    </message>
    <message>
        <source>counted</source>
        <translation>gezählt</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>error after</source>
        <translation>Fehler danach</translation>
    </message>
    <message>
        <source>Before, these flights were off by up to %1; with this correction, by up to %2.</source>
        <comment>share before, after</comment>
        <translation>Vorher lagen diese Flüge um bis zu %1 daneben; mit dieser Korrektur um bis zu %2.</translation>
    </message>
    <message>
        <source>Enter both: what the sensor counted and what the charger put back, in mAh.</source>
        <translation>Trage beides ein: was der Sensor zählte und was das Ladegerät nachlud, in mAh.</translation>
    </message>
    <message>
        <source>The flights were calibrated; their raw logs are unchanged. Ctrl+Z undoes it.</source>
        <translation>Die Flüge wurden kalibriert; ihre Rohlogs sind unverändert. Strg+Z macht es rückgängig.</translation>
    </message>
    <message>
        <source>No filed flight of this aircraft stood on the ground for five seconds while logging. Let the log run for a minute before launch to see the sensor&apos;s offset.</source>
        <translation>Kein abgelegter Flug dieses Modells stand fünf Sekunden mit laufendem Log am Boden. Lass das Log vor dem Start eine Minute laufen, um den Nullpunktfehler des Sensors zu sehen.</translation>
    </message>
    <message>
        <source>At rest, with the same pack plugged in: the whole pack on both.</source>
        <translation>In Ruhe, mit demselben Akku angesteckt: beide Male der ganze Akku.</translation>
    </message>
    <message>
        <source>These two differ by more than a fifth: is one per cell and the other for the pack?</source>
        <translation>Die beiden unterscheiden sich um mehr als ein Fünftel: ist einer pro Zelle und der andere für den Akku?</translation>
    </message>
    <message>
        <source>They agree within a meter&apos;s accuracy.</source>
        <translation>Sie stimmen im Rahmen der Messgenauigkeit überein.</translation>
    </message>
    <message>
        <source>Multiply the voltage scale of the flight controller by &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>factor, error</comment>
        <translation>Multipliziere die Spannungsskalierung des Flugreglers mit &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>not full at launch</source>
        <translation>beim Start nicht voll</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SetAsideModel</name>
    <message>
        <source>excluded, and why</source>
        <translation>ausgeschlossen, und warum</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>first line</source>
        <translation>erste Zeile</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SettingLine</name>
    <message>
        <source>%1: %2</source>
        <comment>name of the setting, its value</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: click to edit, drag sideways or use the arrow keys</source>
        <translation>%1: Klicken zum Ändern, seitlich ziehen oder Pfeiltasten</translation>
    </message>
    <message>
        <source>%1: click to edit</source>
        <translation>%1: Klicken zum Ändern</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SettingSheet</name>
    <message>
        <source>%1 from the list</source>
        <translation>%1 aus der Liste</translation>
    </message>
    <message>
        <source>not from the list</source>
        <translation>nicht aus der Liste</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ShortcutsSheet</name>
    <message>
        <source>Keyboard shortcuts</source>
        <translation>Tastenkürzel</translation>
    </message>
    <message>
        <source>Why? of a number; elsewhere the guide</source>
        <translation>Warum? einer Zahl; sonst die Anleitung</translation>
    </message>
    <message>
        <source>F1</source>
        <translation>F1</translation>
    </message>
    <message>
        <source>Press the form&apos;s button</source>
        <translation>Die Schaltfläche des Formulars drücken</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>Change a focused word of the setting, or a slider</source>
        <translation>Ein fokussiertes Wort der Vorgaben oder einen Regler ändern</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>Move the cursor of a chart</source>
        <translation>Den Cursor eines Diagramms bewegen</translation>
    </message>
    <message>
        <source>← →, with Ctrl faster</source>
        <translation>← →, mit Strg schneller</translation>
    </message>
    <message>
        <source>Move a place on the map; next place</source>
        <translation>Einen Ort auf der Karte bewegen; nächster Ort</translation>
    </message>
    <message>
        <source>Ctrl+arrows; N</source>
        <translation>Strg+Pfeile; N</translation>
    </message>
    <message>
        <source>Zoom a strip chart, show all of it</source>
        <translation>Einen Verlauf zoomen, alles zeigen</translation>
    </message>
    <message>
        <source>+ −, Home</source>
        <translation>+ −, Pos1</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Tasten</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SourceSheet</name>
    <message>
        <source>Telemetry source</source>
        <translation>Telemetriequelle</translation>
    </message>
    <message>
        <source>Kind of source</source>
        <translation>Art der Quelle</translation>
    </message>
    <message>
        <source>UDP: listen on a port</source>
        <translation>UDP: an einem Port lauschen</translation>
    </message>
    <message>
        <source>TCP: connect to a host</source>
        <translation>TCP: mit einem Rechner verbinden</translation>
    </message>
    <message>
        <source>Serial port</source>
        <translation>Serielle Schnittstelle</translation>
    </message>
    <message>
        <source>Growing log file</source>
        <translation>Wachsende Logdatei</translation>
    </message>
    <message>
        <source>Connect</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>PORT, or ADDRESS:PORT to listen beyond this computer. Without an address only this computer is heard.</source>
        <translation>PORT, oder ADRESSE:PORT, um über diesen Rechner hinaus zu lauschen. Ohne Adresse wird nur auf diesem Rechner gelauscht.</translation>
    </message>
    <message>
        <source>HOST:PORT. Reconnects when the connection breaks.</source>
        <translation>RECHNER:PORT. Verbindet sich neu, wenn die Verbindung abbricht.</translation>
    </message>
    <message>
        <source>DEVICE:SPEED. Opened for reading only.</source>
        <translation>GERÄT:GESCHWINDIGKEIT. Wird nur zum Lesen geöffnet.</translation>
    </message>
    <message>
        <source>Path of a log that is still being written: MAVLink telemetry log or CSV.</source>
        <translation>Pfad eines Logs, das noch geschrieben wird: MAVLink-Telemetrielog oder CSV.</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Durchsuchen…</translation>
    </message>
    <message>
        <source>Logs (*.tlog *.csv *.txt);;All files (*)</source>
        <translation>Logs (*.tlog *.csv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Vehicle</source>
        <translation>Fahrzeug</translation>
    </message>
    <message>
        <source>first heard</source>
        <translation>das erste</translation>
    </message>
    <message>
        <source>battery</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>kleinste Id</translation>
    </message>
    <message>
        <source>MAVLink system id and battery id, where several speak on one link</source>
        <translation>MAVLink-System-Id und Akku-Id, wenn mehrere auf einer Verbindung senden</translation>
    </message>
    <message>
        <source>%1 must be a whole number from %2 to %3, or empty.</source>
        <translation>%1: eine ganze Zahl von %2 bis %3, oder leer.</translation>
    </message>
    <message>
        <source>Current sensor factor</source>
        <translation>Faktor des Stromsensors</translation>
    </message>
    <message>
        <source>not calibrated</source>
        <translation>nicht kalibriert</translation>
    </message>
    <message>
        <source>Current and charge are multiplied by it, as Sensors found it from recharges. Empty: ± 5 % is assumed.</source>
        <translation>Strom und Ladung werden damit multipliziert, wie er unter „Sensoren“ aus den Nachladungen bestimmt wurde. Leer: ± 5 % werden angenommen.</translation>
    </message>
    <message>
        <source>%1 must be a number from %2 to %3, or empty.</source>
        <translation>%1 muss eine Zahl von %2 bis %3 sein oder leer bleiben.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::StripCharts</name>
    <message>
        <source>Strips over time</source>
        <translation>Verläufe über der Zeit</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>name of a strip, its unit</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>%1 above home</source>
        <translation>%1 über dem Startpunkt</translation>
    </message>
    <message>
        <source>Ground speed</source>
        <translation>Geschwindigkeit über Grund</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>V under load</source>
        <translation>V unter Last</translation>
    </message>
    <message>
        <source>Current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <comment>channel, value, unit</comment>
        <translation>%1 %2 %3</translation>
    </message>
    <message>
        <source>at %1 min: %2</source>
        <translation>bei %1 min: %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SunChart</name>
    <message>
        <source>Array power and pack through the day</source>
        <translation>Solarleistung und Akku über den Tag</translation>
    </message>
    <message>
        <source>Sun through the day</source>
        <translation>Sonne über den Tag</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>sun, °</source>
        <translation>Sonne, °</translation>
    </message>
    <message>
        <source>irradiance, W/m²</source>
        <translation>Einstrahlung, W/m²</translation>
    </message>
    <message>
        <source>array, W</source>
        <translation>Solarfeld, W</translation>
    </message>
    <message>
        <source>clear sky, W</source>
        <translation>klarer Himmel, W</translation>
    </message>
    <message>
        <source>overcast, W</source>
        <translation>bedeckt, W</translation>
    </message>
    <message>
        <source>level flight, W</source>
        <translation>Horizontalflug, W</translation>
    </message>
    <message>
        <source>pack, %</source>
        <translation>Akku, %</translation>
    </message>
    <message>
        <source>Array and level flight, W, by the clock (%1)</source>
        <translation>Solarfeld und Horizontalflug, W, nach der Uhr (%1)</translation>
    </message>
    <message>
        <source>Pack through the flight, % charged</source>
        <translation>Akku während des Flugs, % geladen</translation>
    </message>
    <message>
        <source>level flight takes %1</source>
        <translation>Horizontalflug braucht %1</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 um %2</translation>
    </message>
    <message>
        <source>overcast</source>
        <translation>bedeckt</translation>
    </message>
    <message>
        <source>launch %1</source>
        <translation>Start %1</translation>
    </message>
    <message>
        <source>landing voltage %1</source>
        <translation>Landespannung %1</translation>
    </message>
    <message>
        <source>%1: array %2, balance %3, pack %4</source>
        <comment>clock, watts, watts, share</comment>
        <translation>%1: Solarfeld %2, Bilanz %3, Akku %4</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SunPage</name>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Array</source>
        <translation>Solarfeld</translation>
    </message>
    <message>
        <source>A clear-sky model: haze, shadows on the wing and banking are not in it. The sun can go behind a cloud at any time: plan to come home on the pack. Local rules come first.</source>
        <translation>Ein Modell für klaren Himmel: Dunst, Schatten auf dem Flügel und Kurvenflug sind nicht enthalten. Die Sonne kann jederzeit hinter eine Wolke gehen: plane die Rückkehr aus dem Akku. Lokale Regeln gehen vor.</translation>
    </message>
    <message>
        <source>Day and place</source>
        <translation>Tag und Ort</translation>
    </message>
    <message>
        <source>latitude, longitude</source>
        <translation>Breite, Länge</translation>
    </message>
    <message>
        <source>Degrees, such as 42.61, −5.02. Empty: the plan&apos;s home.</source>
        <translation>Grad, etwa 42.61, −5.02. Leer: der Startpunkt des Plans.</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>best of the day</source>
        <translation>bester des Tages</translation>
    </message>
    <message>
        <source>Local time of this computer, such as 10:30. Empty: the start that lasts longest.</source>
        <translation>Ortszeit dieses Rechners, etwa 10:30. Leer: der Start mit der längsten Flugzeit.</translation>
    </message>
    <message>
        <source>Launch at</source>
        <translation>Start um</translation>
    </message>
    <message>
        <source>Cloud</source>
        <translation>Bewölkung</translation>
    </message>
    <message>
        <source>Array and converter</source>
        <translation>Solarfeld und Wandler</translation>
    </message>
    <message>
        <source>Add an array to this wing</source>
        <translation>Solarfeld auf diesen Flügel setzen</translation>
    </message>
    <message>
        <source>Remove the array</source>
        <translation>Solarfeld entfernen</translation>
    </message>
    <message>
        <source>What would help</source>
        <translation>Was helfen würde</translation>
    </message>
    <message>
        <source>Effect of changes</source>
        <translation>Wirkung von Änderungen</translation>
    </message>
    <message>
        <source>Ten-minute sun test</source>
        <translation>Sonnentest von zehn Minuten</translation>
    </message>
    <message>
        <source>The cruise parts show whether the pack gains or loses charge, the glide what the array delivers, the last part what the conversion loses. Debrief reads it from the log.</source>
        <translation>Die Reiseflugteile zeigen, ob der Akku gewinnt oder verliert, der Gleitflug, was das Solarfeld liefert, der letzte Teil, was die Wandlung verliert. Die Analyse liest es aus dem Log.</translation>
    </message>
    <message>
        <source>Enter the time as 10:30.</source>
        <translation>Schreibe die Zeit als 10:30.</translation>
    </message>
    <message>
        <source>Enter latitude and longitude in degrees, separated by a comma: 42.61, -5.02.</source>
        <translation>Schreibe Breite und Länge in Grad, mit Komma dazwischen: 42.61, -5.02.</translation>
    </message>
    <message>
        <source>clear sky</source>
        <translation>klarer Himmel</translation>
    </message>
    <message>
        <source>%1/8 cloud cover</source>
        <translation>%1/8 bewölkt</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Kein Modell gewählt</translation>
    </message>
    <message>
        <source>Select an aircraft in the list to see what the sun gives it through the day.</source>
        <translation>Wähle ein Modell in der Liste, um zu sehen, was ihm die Sonne über den Tag gibt.</translation>
    </message>
    <message>
        <source>This aircraft has no solar array. With one on its wing, this page shows from when until when the sun carries it and how many cells that takes, before anything is built.</source>
        <translation>Dieses Modell hat kein Solarfeld. Mit einem auf dem Flügel zeigt diese Seite, von wann bis wann die Sonne es trägt und wie viele Zellen das braucht, bevor etwas gebaut wird.</translation>
    </message>
    <message>
        <source>Enter the place: latitude and longitude of the field.</source>
        <translation>Trage den Ort ein: Breite und Länge des Platzes.</translation>
    </message>
    <message>
        <source>Computing…</source>
        <translation>Wird berechnet …</translation>
    </message>
    <message>
        <source>array at noon</source>
        <translation>Solarfeld mittags</translation>
    </message>
    <message>
        <source>above level flight</source>
        <translation>über Horizontalflug</translation>
    </message>
    <message>
        <source>sustained</source>
        <translation>getragen</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>Flugzeit</translation>
    </message>
    <message>
        <source>%1 of cells, %2 peak. Connected directly to this pack, %3 in series would suit it best at noon.</source>
        <translation>%1 Zellen, höchstens %2. Direkt an diesem Akku würden mittags %3 in Reihe am besten passen.</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>at noon</source>
        <translation>mittags</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TableSheet</name>
    <message>
        <source>Ctrl+C copies it, Escape closes it.</source>
        <translation>Strg+C kopiert, Esc schließt.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TurnRulesModel</name>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>▲ %1</source>
        <translation>▲ %1</translation>
    </message>
    <message>
        <source>%1: never on this flight</source>
        <translation>%1: nie auf diesem Flug</translation>
    </message>
    <message>
        <source>%1: turn at %2, %3 used</source>
        <translation>%1: Umkehr bei %2, %3 verbraucht</translation>
    </message>
    <message>
        <source>%1; would not get home with the reserve</source>
        <translation>%1; käme nicht mit der Reserve nach Hause</translation>
    </message>
    <message>
        <source>turn rule, and whether it counts</source>
        <translation>Umkehrregel, und ob sie zählt</translation>
    </message>
    <message>
        <source>turn at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>at home</source>
        <translation>zu Hause</translation>
    </message>
    <message>
        <source>%1. F2 or a double click changes its figure.</source>
        <translation>%1. F2 oder ein Doppelklick ändert den Wert.</translation>
    </message>
    <message>
        <source>▲ not met</source>
        <translation>▲ nicht erfüllt</translation>
    </message>
    <message>
        <source>%1: not met, even at launch</source>
        <translation>%1: selbst beim Start nicht erfüllt</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TurnRulesTable</name>
    <message>
        <source>Where each rule turns</source>
        <translation>Wo jede Regel umkehrt</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::WatchPlace</name>
    <message>
        <source>MAVLink or CSV lines over UDP, TCP or a serial port, a growing log file, or a replay of an old log. Energy to get home, margin and turn point are updated every second for the wind as it is now; callouts are spoken. It only listens: nothing is ever sent to the aircraft.</source>
        <translation>MAVLink oder CSV-Zeilen über UDP, TCP oder eine serielle Schnittstelle, eine wachsende Logdatei oder die Wiedergabe eines alten Logs. Energie für den Heimweg, Überschuss und Umkehrpunkt werden jede Sekunde für den jetzigen Wind neu bestimmt; Ansagen werden gesprochen. Es wird nur zugehört: zum Modell wird nie etwas gesendet.</translation>
    </message>
    <message>
        <source>Connect…</source>
        <translation>Verbinden…</translation>
    </message>
    <message>
        <source>Rehearse this plan…</source>
        <translation>Diesen Plan üben…</translation>
    </message>
    <message>
        <source>A simulated aircraft flies this plan; you decide when to turn</source>
        <translation>Ein simuliertes Modell fliegt diesen Plan; du entscheidest, wann du umkehrst</translation>
    </message>
    <message>
        <source>Replay a log…</source>
        <translation>Log wiedergeben…</translation>
    </message>
    <message>
        <source>Hear what would have been said on an old flight</source>
        <translation>Hören, was auf einem alten Flug gesagt worden wäre</translation>
    </message>
    <message>
        <source>Eyes on the aircraft: someone else reads this screen. Figures are estimates; you decide, and local rules come first.</source>
        <translation>Augen aufs Modell: jemand anderes liest diesen Bildschirm. Die Werte sind Schätzungen; du entscheidest, und lokale Regeln gehen vor.</translation>
    </message>
    <message>
        <source>Place in the flight</source>
        <translation>Stelle im Flug</translation>
    </message>
    <message>
        <source>Speed of the replay</source>
        <translation>Geschwindigkeit der Wiedergabe</translation>
    </message>
    <message>
        <source>Turn for home</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Quiet</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>Five minutes of urgent callouts only</source>
        <translation>Fünf Minuten nur dringende Ansagen</translation>
    </message>
    <message>
        <source>Callouts…</source>
        <translation>Ansagen…</translation>
    </message>
    <message>
        <source>Debrief this flight</source>
        <translation>Diesen Flug auswerten</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Time to turn</source>
        <translation>Zeit bis zur Umkehr</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Überschuss</translation>
    </message>
    <message>
        <source>Distance home</source>
        <translation>Entfernung nach Hause</translation>
    </message>
    <message>
        <source>Callouts so far</source>
        <translation>Bisherige Ansagen</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Heimwegdiagramm</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Gesagt</translation>
    </message>
    <message>
        <source>Last minutes</source>
        <translation>Letzte Minuten</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Eyes on the aircraft: someone else reads this screen. You decide; local rules come first.</source>
        <translation>Augen aufs Modell: jemand anderes liest diesen Bildschirm. Du entscheidest; lokale Regeln gehen vor.</translation>
    </message>
    <message>
        <source>Take this plan along: watch a flight live and hear when to turn.</source>
        <translation>Nimm diesen Plan mit: verfolge einen Flug live und höre, wann du umkehren musst.</translation>
    </message>
    <message>
        <source>Watch needs a plan with a turn point: open or make one first.</source>
        <translation>„Live“ braucht einen Plan mit Umkehrpunkt: öffne einen oder lege ihn zuerst an.</translation>
    </message>
    <message>
        <source>Debrief the recording that was cut off: %1</source>
        <translation>Die abgebrochene Aufzeichnung auswerten: %1</translation>
    </message>
    <message>
        <source>No speech engine works here: callouts sound a tone and are listed.</source>
        <translation>Hier ist keine Sprachausgabe verfügbar: bei Ansagen ertönt ein Ton, und sie werden aufgelistet.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>replay</source>
        <translation>Wiedergabe</translation>
    </message>
    <message>
        <source>live</source>
        <translation>live</translation>
    </message>
    <message>
        <source>%1 — %2, %3</source>
        <comment>state of the flight, time, kind of source</comment>
        <translation>%1 — %2, %3</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>home is %1</source>
        <translation>Startpunkt liegt %1</translation>
    </message>
    <message>
        <source>at %1, %2 used</source>
        <translation>bei %1, %2 verbraucht</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>umgekehrt</translation>
    </message>
    <message>
        <source>of %1 remaining, reserve kept</source>
        <translation>von %1 Rest, Reserve gewahrt</translation>
    </message>
    <message>
        <source>another pack</source>
        <translation>anderer Akku</translation>
    </message>
    <message>
        <source>%1, %2 to get home</source>
        <translation>%1, %2 bis nach Hause</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Umkehr</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>callout</source>
        <translation>Ansage</translation>
    </message>
    <message>
        <source>of %1 remaining</source>
        <translation>von %1 übrig</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::WhatIfPage</name>
    <message>
        <source>Change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>What would change with another pack, without the camera, or higher up? Nothing here changes the aircraft.</source>
        <translation>Was würde sich mit einem anderen Akku, ohne Kamera oder in größerer Höhe ändern? Nichts hier ändert das Modell.</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Resets every slider</source>
        <translation>Setzt jeden Regler zurück</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Akku</translation>
    </message>
    <message>
        <source>Camera, payload</source>
        <translation>Kamera, Nutzlast</translation>
    </message>
    <message>
        <source>Electronics</source>
        <translation>Elektronik</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Propellers</source>
        <translation>Propeller</translation>
    </message>
    <message>
        <source>Rotors</source>
        <translation>Rotoren</translation>
    </message>
    <message>
        <source>Wing area</source>
        <translation>Flügelfläche</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>Higher by</source>
        <translation>Höher um</translation>
    </message>
    <message>
        <source>Warmer by</source>
        <translation>Wärmer um</translation>
    </message>
    <message>
        <source>K</source>
        <translation>K</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
    <message>
        <source>Headroom with the plan&apos;s pack, unchanged</source>
        <translation>Leistungsreserve mit dem Akku des Plans, unverändert</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Kein Modell gewählt</translation>
    </message>
    <message>
        <source>Select an aircraft in the list.</source>
        <translation>Wähle ein Modell in der Liste.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Unterschied</translation>
    </message>
    <message>
        <source>quantity</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Power against airspeed</source>
        <translation>Leistung über der Airspeed</translation>
    </message>
    <message>
        <source>Dashed before, solid after. Square: best endurance; round: best range in the wind of the open plan.</source>
        <translation>Gestrichelt vorher, durchgezogen nachher. Quadrat: längste Flugzeit; Kreis: größte Reichweite im Wind des offenen Plans.</translation>
    </message>
    <message>
        <source>Reach in the plan&apos;s wind</source>
        <translation>Reichweite im Wind des Plans</translation>
    </message>
    <message>
        <source>Solar cells</source>
        <translation>Solarzellen</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Zellen in Reihe</translation>
    </message>
    <message>
        <source>Converter efficiency</source>
        <translation>Wirkungsgrad des Wandlers</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>array at noon</source>
        <translation>Solarfeld mittags</translation>
    </message>
    <message>
        <source>sustained by the sun</source>
        <translation>von der Sonne getragen</translation>
    </message>
    <message>
        <source>endurance in the sun</source>
        <translation>Flugzeit mit Sonne</translation>
    </message>
    <message>
        <source>%1%2</source>
        <comment>sign, duration</comment>
        <translation>%1%2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::WindTable</name>
    <message>
        <source>Winds by height</source>
        <translation>Winde nach Höhe</translation>
    </message>
    <message>
        <source>Where a forecast gives winds by height, they replace the single wind and its power law. Heights are above home; between two heights the wind is interpolated linearly.</source>
        <translation>Wo eine Vorhersage Winde nach Höhe angibt, ersetzen sie den einen Wind und sein Höhengesetz. Höhen gelten über dem Startpunkt; zwischen zwei Höhen wird linear interpoliert.</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>Höhe, %1</translation>
    </message>
    <message>
        <source>wind, %1</source>
        <translation>Wind, %1</translation>
    </message>
    <message>
        <source>from, °</source>
        <translation>aus, °</translation>
    </message>
    <message>
        <source>Add a height</source>
        <translation>Höhe hinzufügen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
</context>
<context>
    <name>sobremesa::cli::Help</name>
    <message>
        <source>HEADER=MEANING or HEADER=MEANING:UNIT, for a column with a misleading header; repeat for each</source>
        <translation>KOPF=BEDEUTUNG oder KOPF=BEDEUTUNG:EINHEIT für eine Spalte, deren Überschrift täuscht; für jede wiederholen</translation>
    </message>
    <message>
        <source>MAVLink system, where a log has several</source>
        <translation>MAVLink-System, wenn ein Log mehrere hat</translation>
    </message>
    <message>
        <source>MAVLink battery, where a log has several</source>
        <translation>MAVLink-Batterie, wenn ein Log mehrere hat</translation>
    </message>
    <message>
        <source>Reads a flight log and says what it shows</source>
        <translation>Liest ein Fluglog und sagt, was es zeigt</translation>
    </message>
    <message>
        <source>CSV log</source>
        <translation>CSV-Log</translation>
    </message>
    <message>
        <source>Home as LAT,LON; without it the first good fix</source>
        <translation>Startpunkt als BREITE,LÄNGE; sonst die erste gute Position</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Zellen in Reihe</translation>
    </message>
    <message>
        <source>What the charger put back</source>
        <translation>Was das Ladegerät nachlud</translation>
    </message>
    <message>
        <source>Pack document: charge remaining by counter</source>
        <translation>Akkudokument: Restladung nach Zähler</translation>
    </message>
    <message>
        <source>One JSON object on standard output</source>
        <translation>Ein JSON-Objekt auf der Standardausgabe</translation>
    </message>
    <message>
        <source>Mean resting voltage per cell after landing, V</source>
        <translation>Mittlere Ruhespannung je Zelle nach der Landung, V</translation>
    </message>
    <message>
        <source>How long it had rested, minutes (default: 5)</source>
        <translation>Wie lange er geruht hatte, Minuten (Vorgabe: 5)</translation>
    </message>
    <message>
        <source>Air at the field, °C</source>
        <translation>Luft am Platz, °C</translation>
    </message>
    <message>
        <source>Airspeed that the pilot flew, m/s: gives the wind where the flight did not turn</source>
        <translation>Geflogene Airspeed, m/s: ergibt den Wind, wenn der Flug keine Kurven hatte</translation>
    </message>
    <message>
        <source>Plan document that it was flown with: what was still possible, where each turn rule would have turned, limits, shares</source>
        <translation>Plandokument, mit dem geflogen wurde: was noch möglich war, wo jede Umkehrregel umgekehrt wäre, Grenzen, Anteile</translation>
    </message>
    <message>
        <source>Which flight of the file, from 1</source>
        <translation>Welcher Flug der Datei, ab 1</translation>
    </message>
    <message>
        <source>Compares flights at equal distance, speed and mass</source>
        <translation>Vergleicht Flüge bei gleicher Strecke, Geschwindigkeit und Masse</translation>
    </message>
    <message>
        <source>LOG PLAN.json pairs, one for each flight</source>
        <translation>Paare LOG PLAN.json, eines je Flug</translation>
    </message>
    <message>
        <source>Common airspeed (default: the mean)</source>
        <translation>Gemeinsame Airspeed (Vorgabe: das Mittel)</translation>
    </message>
    <message>
        <source>Common all-up mass (default: the mean)</source>
        <translation>Gemeinsame Abflugmasse (Vorgabe: das Mittel)</translation>
    </message>
    <message>
        <source>Common ground distance (default: the mean)</source>
        <translation>Gemeinsame Strecke über Grund (Vorgabe: das Mittel)</translation>
    </message>
    <message>
        <source>Power curve, speeds to fly, headroom, what a change does, and how good forecasts were</source>
        <translation>Leistungskurve, Fluggeschwindigkeiten, Leistungsreserve, was eine Änderung bewirkt und wie gut Prognosen waren</translation>
    </message>
    <message>
        <source>Plan document: aircraft, pack and air</source>
        <translation>Plandokument: Modell, Akku und Luft</translation>
    </message>
    <message>
        <source>Name of an aircraft in the logbook, with its flights</source>
        <translation>Name eines Modells im Logbuch, mit seinen Flügen</translation>
    </message>
    <message>
        <source>LOG PLAN.json pairs: flights to fit the curve to</source>
        <translation>Paare LOG PLAN.json: Flüge, an die die Kurve angepasst wird</translation>
    </message>
    <message>
        <source>AIRSPEED,POWER known without a log, m/s and W; repeat for each</source>
        <translation>AIRSPEED,LEISTUNG, ohne Log bekannt, m/s und W; für jedes Paar wiederholen</translation>
    </message>
    <message>
        <source>Headwind, m/s (default: the plan&apos;s, on its bearing)</source>
        <translation>Gegenwind, m/s (Vorgabe: der des Plans auf seinem Kurs)</translation>
    </message>
    <message>
        <source>Crosswind, m/s</source>
        <translation>Seitenwind, m/s</translation>
    </message>
    <message>
        <source>A wanted ground speed: go or no-go</source>
        <translation>Eine gewünschte Geschwindigkeit über Grund: Go oder No-Go</translation>
    </message>
    <message>
        <source>What if: mass of the pack</source>
        <translation>Was wäre wenn: Masse des Akkus</translation>
    </message>
    <message>
        <source>What if: more mass, or less</source>
        <translation>Was wäre wenn: mehr Masse oder weniger</translation>
    </message>
    <message>
        <source>What if: more drawn by the electronics, or less</source>
        <translation>Was wäre wenn: die Elektronik braucht mehr oder weniger</translation>
    </message>
    <message>
        <source>What if: propellers</source>
        <translation>Was wäre wenn: Propeller</translation>
    </message>
    <message>
        <source>What if: number of rotors</source>
        <translation>Was wäre wenn: Zahl der Rotoren</translation>
    </message>
    <message>
        <source>What if: wing area</source>
        <translation>Was wäre wenn: Flügelfläche</translation>
    </message>
    <message>
        <source>What if: height above the field</source>
        <translation>Was wäre wenn: Höhe über dem Platz</translation>
    </message>
    <message>
        <source>What if: air at the field</source>
        <translation>Was wäre wenn: Luft am Platz</translation>
    </message>
    <message>
        <source>What flights and recharges say about pack, sensors and aircraft, and how good forecasts were</source>
        <translation>Was Flüge und Nachladungen über Akku, Sensoren und Modell sagen, und wie gut Prognosen waren</translation>
    </message>
    <message>
        <source>Plan document: aircraft and pack as known before</source>
        <translation>Plandokument: Modell und Akku, wie sie vorher bekannt waren</translation>
    </message>
    <message>
        <source>LOG[,plan=FILE][,recharged=MAH][,rested=V/MIN]; repeat for each flight, oldest first</source>
        <translation>LOG[,plan=DATEI][,recharged=MAH][,rested=V/MIN]; für jeden Flug wiederholen, der älteste zuerst</translation>
    </message>
    <message>
        <source>Why a flight took more or less than forecast, cause by cause</source>
        <translation>Warum ein Flug mehr oder weniger brauchte als vorhergesagt, Ursache für Ursache</translation>
    </message>
    <message>
        <source>Plan document: the forecast</source>
        <translation>Plandokument: die Prognose</translation>
    </message>
    <message>
        <source>Log of the flight</source>
        <translation>Log des Flugs</translation>
    </message>
    <message>
        <source>Plan document with mass, pack and air as flown (default: the plan&apos;s)</source>
        <translation>Plandokument mit Masse, Akku und Luft wie geflogen (Vorgabe: die des Plans)</translation>
    </message>
    <message>
        <source>Scale of a current sensor from recharged flights</source>
        <translation>Skalierung eines Stromsensors aus nachgeladenen Flügen</translation>
    </message>
    <message>
        <source>The scale as set now</source>
        <translation>Die jetzt eingestellte Skalierung</translation>
    </message>
    <message>
        <source>divides: a higher scale reads lower; multiplies: a higher scale reads higher</source>
        <translation>divides: höhere Skalierung zeigt weniger; multiplies: höhere zeigt mehr</translation>
    </message>
    <message>
        <source>COUNTED,RECHARGED of one flight, mAh; repeat for each flight</source>
        <translation>GEZÄHLT,NACHGELADEN eines Flugs, mAh; für jeden Flug wiederholen</translation>
    </message>
    <message>
        <source>READ,ACTUAL: what the sensor reads on the ground, and what a meter reads, mA</source>
        <translation>GELESEN,TATSÄCHLICH: was der Sensor am Boden zeigt und was ein Messgerät zeigt, mA</translation>
    </message>
    <message>
        <source>Accuracy of the charger, % (default: 1.5)</source>
        <translation>Genauigkeit des Ladegeräts, % (Vorgabe: 1,5)</translation>
    </message>
    <message>
        <source>Plan document</source>
        <translation>Plandokument</translation>
    </message>
    <message>
        <source>Elevation raster (GeoTIFF, HGT, ASCII grid) in place of the document&apos;s</source>
        <translation>Höhenraster (GeoTIFF, HGT, ASCII-Raster) statt dem des Dokuments</translation>
    </message>
    <message>
        <source>GPX, GeoJSON or KML: its points become the waypoints</source>
        <translation>GPX, GeoJSON oder KML: die Punkte darin werden die Wegpunkte</translation>
    </message>
    <message>
        <source>GeoJSON or KML: its polygons are no-landing areas</source>
        <translation>GeoJSON oder KML: die Polygone darin sind Landeverbotsgebiete</translation>
    </message>
    <message>
        <source>Home as LAT,LON, in place of the document&apos;s</source>
        <translation>Startpunkt als BREITE,LÄNGE statt dem des Dokuments</translation>
    </message>
    <message>
        <source>Computes a plan document</source>
        <translation>Rechnet ein Plandokument durch</translation>
    </message>
    <message>
        <source>Seed for the chance of getting home (default: 1)</source>
        <translation>Startwert für die Wahrscheinlichkeit der Heimkehr (Vorgabe: 1)</translation>
    </message>
    <message>
        <source>Days drawn for it (default: 10000)</source>
        <translation>Dafür gezogene Tage (Vorgabe: 10000)</translation>
    </message>
    <message>
        <source>Writes the flight card as PDF</source>
        <translation>Schreibt die Flugkarte als PDF</translation>
    </message>
    <message>
        <source>Writes the route as .gpx, .geojson or .kml</source>
        <translation>Schreibt die Route als .gpx, .geojson oder .kml</translation>
    </message>
    <message>
        <source>Leaves home and what is near it out of the route</source>
        <translation>Lässt den Startpunkt und seine Umgebung aus der Route weg</translation>
    </message>
    <message>
        <source>How far out and back on every bearing</source>
        <translation>Wie weit hin und zurück auf jedem Kurs</translation>
    </message>
    <message>
        <source>How many, evenly spaced (default: 36)</source>
        <translation>Wie viele, gleichmäßig verteilt (Vorgabe: 36)</translation>
    </message>
    <message>
        <source>Alarms to enter for this pack and this plan</source>
        <translation>Alarme, die für diesen Akku und diesen Plan einzustellen sind</translation>
    </message>
    <message>
        <source>What a solar array delivers through the day, and how long the flight lasts</source>
        <translation>Was ein Solarfeld über den Tag liefert, und wie lange der Flug dauert</translation>
    </message>
    <message>
        <source>Plan document; its aircraft carries the array</source>
        <translation>Plandokument; sein Modell trägt das Solarfeld</translation>
    </message>
    <message>
        <source>Day, UTC, YYYY-MM-DD (default: that of the plan&apos;s launch)</source>
        <translation>Tag, UTC, JJJJ-MM-TT (Vorgabe: der des Starts im Plan)</translation>
    </message>
    <message>
        <source>Place as LAT,LON (default: the plan&apos;s home)</source>
        <translation>Ort als BREITE,LÄNGE (Vorgabe: der Startpunkt des Plans)</translation>
    </message>
    <message>
        <source>Cloud in eighths of the sky (default: the plan&apos;s, or 0)</source>
        <translation>Bewölkung in Achteln (Vorgabe: die des Plans oder 0)</translation>
    </message>
    <message>
        <source>Launch, UTC, HH:MM (default: the plan&apos;s, or the best)</source>
        <translation>Start, UTC, HH:MM (Vorgabe: der des Plans oder der beste)</translation>
    </message>
    <message>
        <source>Hours to sustain: gives the smallest area of cells for it</source>
        <translation>Stunden, die es tragen soll: ergibt die kleinste Zellfläche dafür</translation>
    </message>
    <message>
        <source>What a pack delivers under load, or which pack to fly</source>
        <translation>Was ein Akku unter Last liefert, oder welcher Akku zu fliegen ist</translation>
    </message>
    <message>
        <source>Pack document</source>
        <translation>Akkudokument</translation>
    </message>
    <message>
        <source>Constant current, A</source>
        <translation>Konstanter Strom, A</translation>
    </message>
    <message>
        <source>Constant power, W</source>
        <translation>Konstante Leistung, W</translation>
    </message>
    <message>
        <source>Air, and the pack at launch, °C</source>
        <translation>Luft, und der Akku beim Start, °C</translation>
    </message>
    <message>
        <source>Landing voltage per cell under load, V</source>
        <translation>Landespannung je Zelle unter Last, V</translation>
    </message>
    <message>
        <source>Hold the cells at that temperature, and take a rate table as measured on cells held there</source>
        <translation>Hält die Zellen auf dieser Temperatur; auch eine Entladetabelle gilt dann als so gemessen</translation>
    </message>
    <message>
        <source>CSV of packs to try</source>
        <translation>CSV mit Akkus zum Vergleich</translation>
    </message>
    <message>
        <source>Plan document: the aircraft, cruise and wind to try them in</source>
        <translation>Plandokument: Modell, Reiseflug und Wind für den Vergleich</translation>
    </message>
    <message>
        <source>Follows a flight while it is flown: energy to get home, turn, callouts. It only listens</source>
        <translation>Begleitet einen Flug, während er geflogen wird: Energie für den Heimflug, Umkehr, Ansagen. Hört nur zu</translation>
    </message>
    <message>
        <source>Plan document of this flight</source>
        <translation>Plandokument dieses Flugs</translation>
    </message>
    <message>
        <source>Where telemetry comes from: MAVLink, or lines of CSV</source>
        <translation>Woher die Telemetrie kommt: MAVLink oder Zeilen von CSV</translation>
    </message>
    <message>
        <source>[ADDR:]PORT to listen on (default: 127.0.0.1; port 0: any)</source>
        <translation>[ADRESSE:]PORT zum Zuhören (Vorgabe: 127.0.0.1; Port 0: beliebig)</translation>
    </message>
    <message>
        <source>HOST:PORT to connect to</source>
        <translation>RECHNER:PORT zum Verbinden</translation>
    </message>
    <message>
        <source>DEVICE:SPEED</source>
        <translation>GERÄT:GESCHWINDIGKEIT</translation>
    </message>
    <message>
        <source>Log file that is still being written</source>
        <translation>Logdatei, die noch geschrieben wird</translation>
    </message>
    <message>
        <source>Log of an old flight</source>
        <translation>Log eines früheren Flugs</translation>
    </message>
    <message>
        <source>How much faster than it was flown (default: 1)</source>
        <translation>Wie viel schneller als geflogen (Vorgabe: 1)</translation>
    </message>
    <message>
        <source>Records all that arrives to a new file, as a log for debrief</source>
        <translation>Zeichnet alles, was ankommt, in einer neuen Datei auf, als Log für debrief</translation>
    </message>
    <message>
        <source>MAVLink system, where there are several</source>
        <translation>MAVLink-System, wenn es mehrere gibt</translation>
    </message>
    <message>
        <source>MAVLink battery, where there are several</source>
        <translation>MAVLink-Batterie, wenn es mehrere gibt</translation>
    </message>
    <message>
        <source>Current and charge are multiplied by it, where the sensor&apos;s scale is known from recharges</source>
        <translation>Faktor für Strom und Ladung, wenn die Skalierung des Sensors aus Nachladungen bekannt ist</translation>
    </message>
    <message>
        <source>Ends after this many seconds</source>
        <translation>Endet nach so vielen Sekunden</translation>
    </message>
    <message>
        <source>Call out tenths as what remains</source>
        <translation>Zehntel als Rest ansagen</translation>
    </message>
    <message>
        <source>Speak the callouts</source>
        <translation>Die Ansagen sprechen</translation>
    </message>
    <message>
        <source>One JSON object per line</source>
        <translation>Ein JSON-Objekt je Zeile</translation>
    </message>
    <message>
        <source>Writes a log in another format</source>
        <translation>Schreibt ein Log in einem anderen Format</translation>
    </message>
    <message>
        <source>Log: CSV, GPX, KML track, IGC, NMEA 0183, SubRip, JSON or MAVLink telemetry log, compressed or not</source>
        <translation>Log: CSV, GPX, KML-Track, IGC, NMEA 0183, SubRip, JSON oder MAVLink-Telemetrie, gepackt oder nicht</translation>
    </message>
    <message>
        <source>File to write; its extension decides the format: %1</source>
        <translation>Datei, die geschrieben wird; ihre Endung sagt, wie: %1</translation>
    </message>
    <message>
        <source>Leave out positions nearer to home than this, m</source>
        <translation>Positionen weglassen, die näher am Startpunkt sind, m</translation>
    </message>
    <message>
        <source>What each column of a log is understood to be</source>
        <translation>Als was jede Spalte eines Logs verstanden wird</translation>
    </message>
    <message>
        <source>Log: a table, or any other; of GPX and MAVLink the columns are what they hold</source>
        <translation>Log: eine Tabelle oder ein anderes; bei GPX und MAVLink sind die Spalten, was sie enthalten</translation>
    </message>
    <message>
        <source>Designs a pack from cells</source>
        <translation>Entwirft einen Akku aus Zellen</translation>
    </message>
    <message>
        <source>Build document</source>
        <translation>Aufbaudokument</translation>
    </message>
    <message>
        <source>Estimates a full flight from part of one and its recharge</source>
        <translation>Schätzt einen ganzen Flug aus einem Teilflug und dessen Nachladung</translation>
    </message>
    <message>
        <source>Minutes flown</source>
        <translation>Geflogene Minuten</translation>
    </message>
    <message>
        <source>Share of the rated charge that a full flight uses, % (default: 80)</source>
        <translation>Anteil der Nennladung, den ein ganzer Flug verbraucht, % (Vorgabe: 80)</translation>
    </message>
    <message>
        <source>Air, °C</source>
        <translation>Luft, °C</translation>
    </message>
    <message>
        <source>How a pack ages, from the readings in its document</source>
        <translation>Wie ein Akku altert, nach den Messungen in seinem Dokument</translation>
    </message>
    <message>
        <source>Pack document with readings</source>
        <translation>Akkudokument mit Messungen</translation>
    </message>
    <message>
        <source>The flights and their main figures</source>
        <translation>Die Flüge und ihre wichtigsten Zahlen</translation>
    </message>
    <message>
        <source>Checks everything in the logbook; says what is damaged and what can still be recovered</source>
        <translation>Prüft alles im Logbuch; sagt, was beschädigt und was noch zu retten ist</translation>
    </message>
    <message>
        <source>Copies the whole logbook to a new file</source>
        <translation>Kopiert das ganze Logbuch in eine neue Datei</translation>
    </message>
    <message>
        <source>The copy</source>
        <translation>Die Kopie</translation>
    </message>
    <message>
        <source>Writes JSON, CSV and the raw logs into a folder</source>
        <translation>Schreibt JSON, CSV und die Rohlogs in einen Ordner</translation>
    </message>
    <message>
        <source>Folder; created if missing</source>
        <translation>Ordner; wird angelegt, wenn er fehlt</translation>
    </message>
    <message>
        <source>Folder, book.json, or one of the CSV files</source>
        <translation>Ordner, book.json oder eine der CSV-Dateien</translation>
    </message>
    <message>
        <source>Files logs: files, folders with everything in them, archives</source>
        <translation>Nimmt Logs ins Logbuch auf: Dateien, Ordner mit allem darin, Archive</translation>
    </message>
    <message>
        <source>Logs, folders, archives</source>
        <translation>Logs, Ordner, Archive</translation>
    </message>
    <message>
        <source>Table (CSV) of flights that left no log</source>
        <translation>Tabelle (CSV) von Flügen ohne Log</translation>
    </message>
    <message>
        <source>Plan document: aircraft, pack and air that they were flown with</source>
        <translation>Plandokument: Modell, Akku und Luft, mit denen geflogen wurde</translation>
    </message>
    <message>
        <source>Aircraft in the logbook, by name</source>
        <translation>Modell im Logbuch, mit seinem Namen</translation>
    </message>
    <message>
        <source>Pack in the logbook, by name</source>
        <translation>Akku im Logbuch, mit seinem Namen</translation>
    </message>
    <message>
        <source>Say what was understood, and file nothing</source>
        <translation>Nur sagen, was verstanden wurde; nichts aufnehmen</translation>
    </message>
    <message>
        <source>Logbook file (default: your own)</source>
        <translation>Logbuchdatei (Vorgabe: die eigene)</translation>
    </message>
    <message>
        <source>Folder of the settings</source>
        <translation>Ordner der Einstellungen</translation>
    </message>
    <message>
        <source>Lists, checks, copies, exports and imports a logbook</source>
        <translation>Zeigt, prüft, kopiert, exportiert und importiert ein Logbuch</translation>
    </message>
    <message>
        <source>Imports what was exported: a folder, book.json or a CSV</source>
        <translation>Importiert, was exportiert wurde: Ordner, book.json oder CSV</translation>
    </message>
    <message>
        <source>Plans and debriefs flights of long-range model aircraft.</source>
        <translation>Plant Langstreckenflüge von Modellflugzeugen und wertet sie aus.</translation>
    </message>
</context>
<context>
    <name>sobremesa::session::CalibrationSession</name>
    <message>
        <source>written down</source>
        <translation>von Hand</translation>
    </message>
</context>
</TS>

<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>BenchChartWords</name>
    <message>
        <source>V/cell</source>
        <translation>V/celda</translation>
    </message>
    <message>
        <source>A/cell</source>
        <translation>A/celda</translation>
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
        <translation>velocidad aérea de ida</translation>
    </message>
    <message>
        <source>return airspeed</source>
        <translation>velocidad aérea de vuelta</translation>
    </message>
    <message>
        <source>ground speed, out and home</source>
        <translation>sobre el suelo, ida y vuelta</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 y %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>limit: what it is about</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>None.</source>
        <translation>Ninguno.</translation>
    </message>
    <message>
        <source>at</source>
        <translation>en</translation>
    </message>
    <message>
        <source>counter at most</source>
        <translation>contador, máximo</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>según el plan</translation>
    </message>
    <message>
        <source>still needed</source>
        <translation>aún necesario</translation>
    </message>
    <message>
        <source>Alarms to enter</source>
        <translation>Alarmas que introducir</translation>
    </message>
    <message>
        <source>Counter callouts</source>
        <translation>Avisos del contador</translation>
    </message>
    <message>
        <source>Legs</source>
        <translation>Tramos</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>energía</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>contador</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>y %1 más</translation>
    </message>
    <message>
        <source>Speeds to fly</source>
        <translation>Velocidades de vuelo</translation>
    </message>
    <message>
        <source>Limits near or exceeded</source>
        <translation>Límites próximos o superados</translation>
    </message>
    <message>
        <source>Landing places from the turn point, using the reserve</source>
        <translation>Lugares de aterrizaje desde el punto de regreso, usando la reserva</translation>
    </message>
    <message>
        <source>Before launch</source>
        <translation>Antes de despegar</translation>
    </message>
    <message>
        <source>N</source>
        <comment>north</comment>
        <translation>N</translation>
    </message>
    <message>
        <source>wind %1</source>
        <translation>viento %1</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <comment>course, distance, time</comment>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Sketch, north up</source>
        <translation>Croquis, norte arriba</translation>
    </message>
    <message>
        <source>course</source>
        <translation>rumbo</translation>
    </message>
    <message>
        <source>Throttle limited to %1 on a full pack, as among the alarms.</source>
        <translation>Gas limitado al %1 con la batería llena, como en las alarmas.</translation>
    </message>
    <message>
        <source>%1 · %2 · wind %3 · %4 · %5 above home</source>
        <translation>%1 · %2 · viento %3 · %4 · %5 sobre el despegue</translation>
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
        <translation>% de la zona</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/celda</translation>
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
        <translation>norte</translation>
    </message>
    <message>
        <source>north-east</source>
        <translation>noreste</translation>
    </message>
    <message>
        <source>east</source>
        <translation>este</translation>
    </message>
    <message>
        <source>south-east</source>
        <translation>sureste</translation>
    </message>
    <message>
        <source>south</source>
        <translation>sur</translation>
    </message>
    <message>
        <source>south-west</source>
        <translation>suroeste</translation>
    </message>
    <message>
        <source>west</source>
        <translation>oeste</translation>
    </message>
    <message>
        <source>north-west</source>
        <translation>noroeste</translation>
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
        <translation>Planifica y analiza vuelos de aeromodelos de largo alcance.</translation>
    </message>
    <message>
        <source>Folder for the settings.</source>
        <translation>Carpeta de los ajustes.</translation>
    </message>
    <message>
        <source>Logbook file; created if missing.</source>
        <translation>Archivo del diario; se crea si falta.</translation>
    </message>
    <message>
        <source>Quit once the window is painted, for the benchmarks.</source>
        <translation>Salir en cuanto se pinte la ventana, para las mediciones.</translation>
    </message>
    <message>
        <source>Plans or logs to open.</source>
        <translation>Planes o registros que abrir.</translation>
    </message>
    <message>
        <source>Start with a temporary copy of this folder&apos;s flights; without a folder, of the demo flights.</source>
        <translation>Empezar con una copia temporal de los vuelos de esta carpeta; sin carpeta, con los vuelos de demostración.</translation>
    </message>
    <message>
        <source>The demo flights are not installed with this program.</source>
        <translation>Los vuelos de demostración no están instalados con este programa.</translation>
    </message>
    <message>
        <source>There is no demo folder %1.</source>
        <translation>No existe la carpeta de demostración %1.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Aircraft</name>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance. Against this wind no speed makes headway.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; para la máxima autonomía. Contra este viento ninguna velocidad avanza.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range: %3.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; para la máxima autonomía, &lt;b&gt;%2&lt;/b&gt; para el máximo alcance: %3.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range against %3: %4.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; para la máxima autonomía, &lt;b&gt;%2&lt;/b&gt; para el máximo alcance contra %3: %4.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; for best endurance, &lt;b&gt;%2&lt;/b&gt; for best range with %3 behind: %4.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; para la máxima autonomía, &lt;b&gt;%2&lt;/b&gt; para el máximo alcance con %3 de cola: %4.</translation>
    </message>
    <message>
        <source>At this airspeed the wind carries the aircraft away.</source>
        <translation>A esta velocidad aérea el viento se lleva el modelo.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. Range is greatest here; drag the ring, or use ← →, to see what flying faster costs.</source>
        <translation>A %1: %2 sobre el suelo, %3. Aquí el alcance es máximo; arrastra el anillo, o usa ← →, para ver lo que cuesta volar más rápido.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. One %4 more costs %5. Drag the ring, or use ← →.</source>
        <translation>A %1: %2 sobre el suelo, %3. Un %4 más cuesta %5. Arrastra el anillo, o usa ← →.</translation>
    </message>
    <message>
        <source>At %1: %2 over ground, %3. One %4 more saves %5. Drag the ring, or use ← →.</source>
        <translation>A %1: %2 sobre el suelo, %3. Un %4 más ahorra %5. Arrastra el anillo, o usa ← →.</translation>
    </message>
    <message>
        <source>On the return leg, in the worst credible wind, no speed makes headway.</source>
        <translation>En el regreso, con el peor viento creíble, ninguna velocidad avanza.</translation>
    </message>
    <message>
        <source>On the return leg, in the worst credible wind: %1, %2.</source>
        <translation>En el regreso, con el peor viento creíble: %1, %2.</translation>
    </message>
    <message>
        <source>To judge that, enter the aircraft&apos;s full power.</source>
        <translation>Para evaluarlo, introduce la potencia máxima del modelo.</translation>
    </message>
    <message>
        <source>Go: %1 of full power; sensible up to a headwind of %2.</source>
        <translation>Adelante: %1 de la potencia máxima; sensato hasta un viento en contra de %2.</translation>
    </message>
    <message>
        <source>No go: %1 of full power. Sensible up to a headwind of %2.</source>
        <translation>No volar: %1 de la potencia máxima. Sensato hasta un viento en contra de %2.</translation>
    </message>
    <message>
        <source>No go: %1 of full power, more than half even in still air.</source>
        <translation>No volar: %1 de la potencia máxima, más de la mitad incluso sin viento.</translation>
    </message>
    <message>
        <source>A circle at %1 of bank takes %2 more than straight flight.</source>
        <translation>Un círculo con %1 de inclinación gasta %2 más que el vuelo recto.</translation>
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
        <translation>estructura</translation>
    </message>
    <message>
        <source>With the pack of the open plan: %1 all-up. %2, pack %3 or %4 of it.</source>
        <translation>Con la batería del plan abierto: %1 de masa total. %2, batería %3 o %4 de ella.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>With the pack of the open plan: %1 all-up, of which the pack is %2, %3.</source>
        <translation>Con la batería del plan abierto: %1 de masa total; de ella, la batería: %2, %3.</translation>
    </message>
    <message numerus="yes">
        <source> %n outlier(s) hardly count.</source>
        <translation>
            <numerusform> %n atípico apenas cuenta.</numerusform>
            <numerusform> %n atípicos apenas cuentan.</numerusform>
        </translation>
    </message>
    <message>
        <source>No filed flight of this aircraft shows level flight in a known wind yet: the curve rests on its known cruise and physics. File a flight with a full circle in it.</source>
        <translation>Ningún vuelo archivado de este modelo muestra vuelo nivelado con viento conocido: la curva se basa en su crucero conocido y la física. Archiva un vuelo con un círculo completo.</translation>
    </message>
    <message numerus="yes">
        <source>Fitted from %n flight(s), day-to-day scatter %1.%2 The aircraft itself still uses its known cruise only.</source>
        <translation>
            <numerusform>Ajustado con %n vuelo, dispersión de un día a otro %1.%2 El modelo aún usa solo su crucero conocido.</numerusform>
            <numerusform>Ajustado con %n vuelos, dispersión de un día a otro %1.%2 El modelo aún usa solo su crucero conocido.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses the curve fitted from its %n flight(s), day-to-day scatter %1.%2</source>
        <translation>
            <numerusform>El modelo usa la curva ajustada con su %n vuelo, dispersión de un día a otro %1.%2</numerusform>
            <numerusform>El modelo usa la curva ajustada con sus %n vuelos, dispersión de un día a otro %1.%2</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The aircraft uses an older curve (flights: %1); fitted from all %n flight(s) the day-to-day scatter is %2.%3</source>
        <translation>
            <numerusform>El modelo usa una curva anterior (vuelos: %1); con %n vuelo la dispersión de un día a otro es %2.%3</numerusform>
            <numerusform>El modelo usa una curva anterior (vuelos: %1); con los %n vuelos la dispersión de un día a otro es %2.%3</numerusform>
        </translation>
    </message>
    <message>
        <source>No flight was slower than %1 or faster than %2: beyond that the line is physics alone.</source>
        <translation>Ningún vuelo fue más lento que %1 ni más rápido que %2: más allá la línea es solo física.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a figure and its error</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Climb efficiency is assumed (%1); a climb of half a minute would show it.</source>
        <translation>La eficiencia de ascenso se supone (%1); un ascenso de medio minuto la mostraría.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2, and %3 less for each %4 faster.</source>
        <translation>Los ascensos muestran una eficiencia de %1 a %2, y %3 menos por cada %4 más rápido.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2, and %3 more for each %4 faster.</source>
        <translation>Los ascensos muestran una eficiencia de %1 a %2, y %3 más por cada %4 más rápido.</translation>
    </message>
    <message>
        <source>Climbs show an efficiency of %1 at %2; climbs at other speeds would show how it changes.</source>
        <translation>Los ascensos muestran una eficiencia de %1 a %2; ascensos a otras velocidades dirían cómo cambia.</translation>
    </message>
    <message>
        <source>Induced power is assumed; slow flight would show it.</source>
        <translation>La potencia inducida se supone; el vuelo lento la mostraría.</translation>
    </message>
    <message>
        <source>Drag power is assumed; fast flight would show it.</source>
        <translation>La potencia de resistencia se supone; el vuelo rápido la mostraría.</translation>
    </message>
    <message>
        <source>Straight and level at one height, %1 on each leg: %2. Start with a full circle so that the wind is known; %3 in all, then file the log.</source>
        <translation>Recto y nivelado a una altura, %1 por tramo: %2. Empieza con un círculo completo para conocer el viento; %3 en total, y archiva el registro.</translation>
    </message>
    <message>
        <source>Headroom needs the aircraft&apos;s full power: full stick, level, full pack.</source>
        <translation>La reserva de potencia necesita la potencia máxima del modelo: a fondo, nivelado, batería llena.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <comment>volts a cell, minutes</comment>
        <translation>%1 y %2</translation>
    </message>
    <message>
        <source>Full throttle holds level flight until &lt;b&gt;%1&lt;/b&gt;.</source>
        <translation>A fondo mantiene el vuelo nivelado hasta &lt;b&gt;%1&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Full throttle holds level flight until landing.</source>
        <translation>A fondo mantiene el vuelo nivelado hasta aterrizar.</translation>
    </message>
    <message>
        <source>The plan&apos;s climb is possible until %1.</source>
        <translation>El ascenso del plan es posible hasta %1.</translation>
    </message>
    <message>
        <source>Launched at %1 throttle it climbs %2, at %3.</source>
        <translation>Lanzado con %1 de gas sube %2, a %3.</translation>
    </message>
    <message>
        <source>With a full pack, limit the throttle to &lt;b&gt;%1&lt;/b&gt;: more exceeds the controllers&apos; rating.</source>
        <translation>Con la batería llena limita el gas a &lt;b&gt;%1&lt;/b&gt;: más supera lo que aguantan los variadores.</translation>
    </message>
    <message>
        <source>unchanged</source>
        <translation>sin cambios</translation>
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
        <translation>Sin cambios vuela &lt;b&gt;%1&lt;/b&gt; como mucho, con la batería del plan.</translation>
    </message>
    <message>
        <source>It would fly &lt;b&gt;%1&lt;/b&gt; at most, %2 longer, on the same energy.</source>
        <translation>Volaría &lt;b&gt;%1&lt;/b&gt; como mucho, %2 más, con la misma energía.</translation>
    </message>
    <message>
        <source>It would fly &lt;b&gt;%1&lt;/b&gt; at most, %2 less, on the same energy.</source>
        <translation>Volaría &lt;b&gt;%1&lt;/b&gt; como mucho, %2 menos, con la misma energía.</translation>
    </message>
    <message>
        <source>cruise power unchanged</source>
        <translation>potencia de crucero sin cambios</translation>
    </message>
    <message>
        <source>cruise takes %1 more than assumed</source>
        <translation>el crucero gasta %1 más de lo supuesto</translation>
    </message>
    <message>
        <source>cruise takes %1 less than assumed</source>
        <translation>el crucero gasta %1 menos de lo supuesto</translation>
    </message>
    <message numerus="yes">
        <source>%1 was refitted from %n flight(s): %2. Plans follow; undo is possible.</source>
        <translation>
            <numerusform>%1 se reajustó con %n vuelo: %2. Los planes lo siguen; se puede deshacer.</numerusform>
            <numerusform>%1 se reajustó con %n vuelos: %2. Los planes lo siguen; se puede deshacer.</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1” took %2 more than the aircraft&apos;s other flights, too much for an ordinary day: it was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts.</source>
        <translation>«%1» gastó %2 más que los demás vuelos del modelo, demasiado para un día normal: no se usó en el ajuste. Revisa sensor, batería y masa; consulta Flota, Previsiones.</translation>
    </message>
    <message>
        <source>“%1” took %2 less than the aircraft&apos;s other flights, too much for an ordinary day: it was not used for the fit. Check sensor, pack and mass; see Fleet, Forecasts.</source>
        <translation>«%1» gastó %2 menos que los demás vuelos del modelo, demasiado para un día normal: no se usó en el ajuste. Revisa sensor, batería y masa; consulta Flota, Previsiones.</translation>
    </message>
    <message>
        <source>Forecasts need at least two filed flights: this page shows how well the earlier ones predicted the later ones.</source>
        <translation>Las previsiones necesitan al menos dos vuelos archivados: esta página muestra lo bien que los primeros predijeron los siguientes.</translation>
    </message>
    <message>
        <source>neither too optimistic nor too cautious</source>
        <translation>sin sesgo hacia el optimismo ni la prudencia</translation>
    </message>
    <message>
        <source>%1 too optimistic</source>
        <translation>un %1 más optimista que lo volado</translation>
    </message>
    <message>
        <source>%1 too cautious</source>
        <translation>un %1 más prudente que lo volado</translation>
    </message>
    <message numerus="yes">
        <source>The last %n forecast(s) were &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; without fitting it would have been %3.</source>
        <translation>
            <numerusform>La única previsión hasta ahora: &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; sin ajuste habría sido %3.</numerusform>
            <numerusform>Las últimas %n previsiones: &lt;b&gt;%1&lt;/b&gt;, ± &lt;b&gt;%2&lt;/b&gt;; sin ajuste habría sido %3.</numerusform>
        </translation>
    </message>
    <message>
        <source>The stall speed is assumed, about %1: nothing slower than %2 is advised until the wing area is entered in the list.</source>
        <translation>La velocidad de pérdida es supuesta, unos %1: no se aconseja nada más lento que %2 hasta que la superficie alar figure en la lista.</translation>
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
        <translation>Distancia y ruta</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Viento</translation>
    </message>
    <message>
        <source>Gusts</source>
        <translation>Rachas</translation>
    </message>
    <message>
        <source>Climbs</source>
        <translation>Ascensos</translation>
    </message>
    <message>
        <source>Lift and sink</source>
        <translation>Ascendencias y descendencias</translation>
    </message>
    <message>
        <source>Airspeed</source>
        <translation>Velocidad aérea</translation>
    </message>
    <message>
        <source>Mass</source>
        <translation>Masa</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatura</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Batería</translation>
    </message>
    <message>
        <source>Current sensor</source>
        <translation>Sensor de corriente</translation>
    </message>
    <message>
        <source>Unexplained</source>
        <translation>Sin explicar</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Forecast %1 over %2, flown %3 over %4</source>
        <translation>Previsto %1 en %2, volado %3 en %4</translation>
    </message>
    <message>
        <source>%1: nothing stands out.</source>
        <translation>%1: nada llama la atención.</translation>
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
        <translation>El plan no tiene vuelo con el que comparar: no llega a un punto de regreso.</translation>
    </message>
    <message>
        <source>The log is too short to show the wind: half a minute of flight cannot be compared with a plan.</source>
        <translation>El registro es demasiado corto para mostrar el viento: medio minuto de vuelo no se puede comparar con un plan.</translation>
    </message>
    <message>
        <source>The log does not show the energy used: it needs voltage with current, or with a charge counter.</source>
        <translation>El registro no muestra la energía consumida: necesita tensión con corriente, o con un contador de carga.</translation>
    </message>
    <message>
        <source>The log does not show where the aircraft was: it needs positions, or ground speed with course.</source>
        <translation>El registro no muestra dónde estaba el modelo: necesita posiciones, o velocidad sobre el suelo con rumbo.</translation>
    </message>
    <message>
        <source>distance and route</source>
        <translation>distancia y ruta</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>viento</translation>
    </message>
    <message>
        <source>gusts</source>
        <translation>rachas</translation>
    </message>
    <message>
        <source>climbs</source>
        <translation>ascensos</translation>
    </message>
    <message>
        <source>lift and sink</source>
        <translation>ascendencias y descendencias</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>velocidad aérea</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>masa</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>temperatura</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>current sensor</source>
        <translation>sensor de corriente</translation>
    </message>
    <message>
        <source>what is unexplained</source>
        <translation>lo inexplicado</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <comment>mean, spread</comment>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>Filed flights with a log show here what their forecasts missed.</source>
        <translation>Los vuelos archivados con registro muestran aquí lo que sus previsiones no acertaron.</translation>
    </message>
    <message numerus="yes">
        <source>Reading the logs of %n flight(s) for what their forecasts missed …</source>
        <translation>
            <numerusform>Leyendo el registro de %n vuelo: lo que su previsión no acertó …</numerusform>
            <numerusform>Leyendo los registros de %n vuelos: lo que sus previsiones no acertaron …</numerusform>
        </translation>
    </message>
    <message>
        <source>What forecasts miss shows from two flights on whose logs have energy and positions.</source>
        <translation>Lo que las previsiones no aciertan se ve a partir de dos vuelos cuyos registros tengan energía y posiciones.</translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) no cause consistently took more or less than forecast.</source>
        <translation>
            <numerusform>En %n vuelo ninguna causa costó una y otra vez más o menos de lo previsto.</numerusform>
            <numerusform>En %n vuelos ninguna causa costó una y otra vez más o menos de lo previsto.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 more than forecast.</source>
        <translation>
            <numerusform>En %n vuelo, una y otra vez más de lo previsto: %1, %2.</numerusform>
            <numerusform>En %n vuelos, una y otra vez más de lo previsto: %1, %2.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n flight(s) %1 consistently took %2 less than forecast.</source>
        <translation>
            <numerusform>En %n vuelo, una y otra vez menos de lo previsto: %1, %2.</numerusform>
            <numerusform>En %n vuelos, una y otra vez menos de lo previsto: %1, %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 The flights differ most by %2.</source>
        <comment>a whole sentence, then a cause</comment>
        <translation>%1 Lo que más distingue unos vuelos de otros: %2.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Columns</name>
    <message>
        <source>time since the start</source>
        <translation>tiempo desde el inicio</translation>
    </message>
    <message>
        <source>latitude</source>
        <translation>latitud</translation>
    </message>
    <message>
        <source>longitude</source>
        <translation>longitud</translation>
    </message>
    <message>
        <source>height</source>
        <translation>altura</translation>
    </message>
    <message>
        <source>ground speed</source>
        <translation>velocidad sobre el suelo</translation>
    </message>
    <message>
        <source>course over ground</source>
        <translation>rumbo sobre el suelo</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>rumbo de proa</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>velocidad aérea</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>ascenso</translation>
    </message>
    <message>
        <source>pack voltage</source>
        <translation>tensión de la batería</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>tensión de celda</translation>
    </message>
    <message>
        <source>pack current</source>
        <translation>corriente de la batería</translation>
    </message>
    <message>
        <source>charge used</source>
        <translation>carga usada</translation>
    </message>
    <message>
        <source>energy used</source>
        <translation>energía usada</translation>
    </message>
    <message>
        <source>throttle</source>
        <translation>gas</translation>
    </message>
    <message>
        <source>link quality</source>
        <translation>calidad del enlace</translation>
    </message>
    <message>
        <source>signal</source>
        <translation>señal</translation>
    </message>
    <message>
        <source>satellites</source>
        <translation>satélites</translation>
    </message>
    <message>
        <source>GPS height</source>
        <translation>altura GPS</translation>
    </message>
    <message>
        <source>wind speed, aircraft&apos;s estimate</source>
        <translation>velocidad del viento, estimada por el modelo</translation>
    </message>
    <message>
        <source>wind direction, aircraft&apos;s estimate</source>
        <translation>dirección del viento, estimada por el modelo</translation>
    </message>
    <message>
        <source>solar array current</source>
        <translation>corriente del panel solar</translation>
    </message>
    <message>
        <source>motor current</source>
        <translation>corriente de motores</translation>
    </message>
    <message>
        <source>pack power</source>
        <translation>potencia de la batería</translation>
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
        <translation>sin usar</translation>
    </message>
    <message>
        <source>date</source>
        <translation>fecha</translation>
    </message>
    <message>
        <source>time of day</source>
        <translation>hora</translation>
    </message>
    <message>
        <source>date and time</source>
        <translation>fecha y hora</translation>
    </message>
    <message>
        <source>latitude and longitude</source>
        <translation>latitud y longitud</translation>
    </message>
    <message>
        <source>cannot be read that way</source>
        <translation>no se puede leer así</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>latitude, longitude</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>no value in the first rows</source>
        <translation>sin valor en las primeras filas</translation>
    </message>
    <message>
        <source>video link quality</source>
        <translation>calidad del enlace de vídeo</translation>
    </message>
    <message>
        <source>video signal</source>
        <translation>señal de vídeo</translation>
    </message>
    <message>
        <source>video bit rate</source>
        <translation>tasa de bits del vídeo</translation>
    </message>
    <message>
        <source>Mbit/s</source>
        <translation>Mbit/s</translation>
    </message>
    <message>
        <source>part of the time of day</source>
        <translation>parte de la hora</translation>
    </message>
    <message>
        <source>part of the date</source>
        <translation>parte de la fecha</translation>
    </message>
    <message>
        <source>volts of all cells</source>
        <translation>tensiones de todas las celdas</translation>
    </message>
    <message>
        <source>%1, lowest cell %2</source>
        <translation>%1, celda más baja %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::Dates</name>
    <message>
        <source>d MMMM yyyy</source>
        <comment>pattern of Qt&apos;s date format</comment>
        <translation>d &apos;de&apos; MMMM &apos;de&apos; yyyy</translation>
    </message>
</context>
<context>
    <name>sobremesa::Edits</name>
    <message>
        <source>add aircraft %1</source>
        <translation>añadir modelo %1</translation>
    </message>
    <message>
        <source>add aircraft</source>
        <translation>añadir modelo</translation>
    </message>
    <message>
        <source>change aircraft %1</source>
        <translation>cambiar modelo %1</translation>
    </message>
    <message>
        <source>change aircraft</source>
        <translation>cambiar modelo</translation>
    </message>
    <message>
        <source>duplicate aircraft %1</source>
        <translation>duplicar modelo %1</translation>
    </message>
    <message>
        <source>duplicate aircraft</source>
        <translation>duplicar modelo</translation>
    </message>
    <message>
        <source>retire %1</source>
        <translation>retirar %1</translation>
    </message>
    <message>
        <source>retire aircraft</source>
        <translation>retirar modelo</translation>
    </message>
    <message>
        <source>return %1 to use</source>
        <translation>volver a usar %1</translation>
    </message>
    <message>
        <source>return aircraft to use</source>
        <translation>volver a usar el modelo</translation>
    </message>
    <message>
        <source>remove aircraft %1</source>
        <translation>quitar modelo %1</translation>
    </message>
    <message>
        <source>remove aircraft</source>
        <translation>quitar modelo</translation>
    </message>
    <message>
        <source>add pack %1</source>
        <translation>añadir batería %1</translation>
    </message>
    <message>
        <source>add pack</source>
        <translation>añadir batería</translation>
    </message>
    <message>
        <source>change pack %1</source>
        <translation>cambiar batería %1</translation>
    </message>
    <message>
        <source>change pack</source>
        <translation>cambiar batería</translation>
    </message>
    <message>
        <source>duplicate pack %1</source>
        <translation>duplicar batería %1</translation>
    </message>
    <message>
        <source>duplicate pack</source>
        <translation>duplicar batería</translation>
    </message>
    <message>
        <source>retire pack</source>
        <translation>retirar batería</translation>
    </message>
    <message>
        <source>return pack to use</source>
        <translation>volver a usar la batería</translation>
    </message>
    <message>
        <source>remove pack %1</source>
        <translation>quitar batería %1</translation>
    </message>
    <message>
        <source>remove pack</source>
        <translation>quitar batería</translation>
    </message>
    <message>
        <source>add plan %1</source>
        <translation>añadir plan %1</translation>
    </message>
    <message>
        <source>add plan</source>
        <translation>añadir plan</translation>
    </message>
    <message>
        <source>duplicate plan %1</source>
        <translation>duplicar plan %1</translation>
    </message>
    <message>
        <source>duplicate plan</source>
        <translation>duplicar plan</translation>
    </message>
    <message>
        <source>remove plan %1</source>
        <translation>quitar plan %1</translation>
    </message>
    <message>
        <source>remove plan</source>
        <translation>quitar plan</translation>
    </message>
    <message>
        <source>rename plan to %1</source>
        <translation>renombrar plan a %1</translation>
    </message>
    <message>
        <source>rename plan</source>
        <translation>renombrar plan</translation>
    </message>
    <message>
        <source>choose aircraft %1</source>
        <translation>elegir modelo %1</translation>
    </message>
    <message>
        <source>choose aircraft</source>
        <translation>elegir modelo</translation>
    </message>
    <message>
        <source>choose pack %1</source>
        <translation>elegir batería %1</translation>
    </message>
    <message>
        <source>choose pack</source>
        <translation>elegir batería</translation>
    </message>
    <message>
        <source>change wind in %1</source>
        <translation>cambiar viento en %1</translation>
    </message>
    <message>
        <source>change wind</source>
        <translation>cambiar viento</translation>
    </message>
    <message>
        <source>change temperature in %1</source>
        <translation>cambiar temperatura en %1</translation>
    </message>
    <message>
        <source>change temperature</source>
        <translation>cambiar temperatura</translation>
    </message>
    <message>
        <source>change bearing in %1</source>
        <translation>cambiar rumbo en %1</translation>
    </message>
    <message>
        <source>change bearing</source>
        <translation>cambiar rumbo</translation>
    </message>
    <message>
        <source>change mission in %1</source>
        <translation>cambiar misión en %1</translation>
    </message>
    <message>
        <source>change mission</source>
        <translation>cambiar misión</translation>
    </message>
    <message>
        <source>change height in %1</source>
        <translation>cambiar altura en %1</translation>
    </message>
    <message>
        <source>change height</source>
        <translation>cambiar altura</translation>
    </message>
    <message>
        <source>change reserve in %1</source>
        <translation>cambiar reserva en %1</translation>
    </message>
    <message>
        <source>change reserve</source>
        <translation>cambiar reserva</translation>
    </message>
    <message>
        <source>change landing voltage in %1</source>
        <translation>cambiar tensión de aterrizaje en %1</translation>
    </message>
    <message>
        <source>change landing voltage</source>
        <translation>cambiar tensión de aterrizaje</translation>
    </message>
    <message>
        <source>change rules in %1</source>
        <translation>cambiar reglas en %1</translation>
    </message>
    <message>
        <source>change rules</source>
        <translation>cambiar reglas</translation>
    </message>
    <message>
        <source>change plan %1</source>
        <translation>cambiar plan %1</translation>
    </message>
    <message>
        <source>change plan</source>
        <translation>cambiar plan</translation>
    </message>
    <message>
        <source>file flight %1</source>
        <translation>archivar vuelo %1</translation>
    </message>
    <message>
        <source>file flight</source>
        <translation>archivar vuelo</translation>
    </message>
    <message>
        <source>calibrate flight %1 and others</source>
        <translation>calibrar vuelo %1 y otros</translation>
    </message>
    <message>
        <source>calibrate flights</source>
        <translation>calibrar vuelos</translation>
    </message>
    <message>
        <source>change flight %1</source>
        <translation>cambiar vuelo %1</translation>
    </message>
    <message>
        <source>change flight</source>
        <translation>cambiar vuelo</translation>
    </message>
    <message>
        <source>remove flight %1</source>
        <translation>quitar vuelo %1</translation>
    </message>
    <message>
        <source>remove flight</source>
        <translation>quitar vuelo</translation>
    </message>
    <message>
        <source>fit the curve of %1</source>
        <translation>ajustar la curva de %1</translation>
    </message>
    <message>
        <source>fit an aircraft&apos;s curve</source>
        <translation>ajustar la curva de un modelo</translation>
    </message>
    <message>
        <source>discard the curve of %1</source>
        <translation>descartar la curva de %1</translation>
    </message>
    <message>
        <source>discard an aircraft&apos;s curve</source>
        <translation>descartar la curva de un modelo</translation>
    </message>
    <message>
        <source>exclude flight %1</source>
        <translation>excluir vuelo %1</translation>
    </message>
    <message>
        <source>exclude a flight</source>
        <translation>excluir un vuelo</translation>
    </message>
    <message>
        <source>fit pack %1 to its flights</source>
        <translation>ajustar batería %1 a sus vuelos</translation>
    </message>
    <message>
        <source>fit a pack to its flights</source>
        <translation>ajustar una batería a sus vuelos</translation>
    </message>
    <message>
        <source>discard the fit of pack %1</source>
        <translation>descartar el ajuste de la batería %1</translation>
    </message>
    <message>
        <source>discard the fit of a pack</source>
        <translation>descartar el ajuste de una batería</translation>
    </message>
    <message>
        <source>freeze or unfreeze the fit of pack %1</source>
        <translation>congelar o liberar el ajuste de la batería %1</translation>
    </message>
    <message>
        <source>freeze or unfreeze the fit of a pack</source>
        <translation>congelar o liberar el ajuste de una batería</translation>
    </message>
    <message>
        <source>import %1</source>
        <translation>importar %1</translation>
    </message>
    <message>
        <source>import a logbook</source>
        <translation>importar un diario</translation>
    </message>
</context>
<context>
    <name>sobremesa::Explanations</name>
    <message>
        <source>The pack is discharged at cruise power: its voltage is the resting curve at the charge within reach, less current times resistance, and the current is whatever gives that power. Charge that the load draws faster than the cells can follow is out of reach until they rest; cold slows them and raises the resistance, their own heat helps. It ends when the voltage, averaged over 10 s, reaches the landing voltage.</source>
        <translation>La batería se descarga a la potencia de crucero: su tensión es la curva en reposo a la carga alcanzable, menos corriente por resistencia, y la corriente es la que da esa potencia. La carga que se pide más deprisa de lo que las celdas pueden seguir queda fuera de alcance hasta que reposan; el frío las frena y sube la resistencia, su propio calor ayuda. Termina cuando la tensión, promediada en 10 s, llega a la de aterrizaje.</translation>
    </message>
    <message>
        <source>Your known cruise, scaled by physics to this mass and this air: induced power grows with mass, drag power with density.</source>
        <translation>Tu crucero conocido, escalado por física a esta masa y este aire: la potencia inducida crece con la masa, la de resistencia con la densidad.</translation>
    </message>
    <message>
        <source>The heading is turned into the wind until the aircraft stays on course; the airspeed along the course, less the headwind, is the ground speed. The return leg uses the worst credible wind.</source>
        <translation>La proa se gira hacia el viento hasta que el modelo se mantiene en rumbo; la velocidad aérea a lo largo del rumbo, menos el viento en contra, es la velocidad sobre el suelo. El regreso usa el peor viento creíble.</translation>
    </message>
    <message>
        <source>Flying out, the remaining energy falls and the energy needed to get home rises. The turn is where the remaining energy equals the return leg plus the reserve.</source>
        <translation>En la ida baja la energía restante y sube la necesaria para volver. El regreso está donde la restante iguala al regreso más la reserva.</translation>
    </message>
    <message>
        <source>Half of the charge at which the pilot lands.</source>
        <translation>La mitad de la carga a la que aterriza el piloto.</translation>
    </message>
    <message>
        <source>The chosen share of the usable charge remains, whatever wind and distance say.</source>
        <translation>Queda la parte elegida de la carga utilizable, digan lo que digan viento y distancia.</translation>
    </message>
    <message>
        <source>The voltage of this pack under cruise load when half the charge down to the landing voltage is used.</source>
        <translation>La tensión de esta batería con la carga de crucero cuando se ha usado media carga hasta la de aterrizaje.</translation>
    </message>
    <message>
        <source>Climb, outbound leg, return leg in the worst credible wind, and descent, added up.</source>
        <translation>Ascenso, ida, regreso con el peor viento creíble y descenso, sumados.</translation>
    </message>
    <message>
        <source>Remaining at the turn, less what the return leg needs in the worst credible wind.</source>
        <translation>Lo restante al dar la vuelta, menos lo que necesita el regreso con el peor viento creíble.</translation>
    </message>
    <message>
        <source>Charge used on that leg, climb and descent included, divided by its ground distance.</source>
        <translation>Carga usada en ese tramo, con ascenso y descenso, dividida por su distancia sobre el suelo.</translation>
    </message>
    <message>
        <source>Energy used on that leg, climb and descent included, divided by its ground distance.</source>
        <translation>Energía usada en ese tramo, con ascenso y descenso, dividida por su distancia sobre el suelo.</translation>
    </message>
    <message>
        <source>Current integrated over time, row by row; gaps in the record are left out.</source>
        <translation>Corriente integrada en el tiempo, fila a fila; los huecos del registro no cuentan.</translation>
    </message>
    <message>
        <source>Voltage times current integrated over time, row by row; gaps in the record are left out.</source>
        <translation>Tensión por corriente integrada en el tiempo, fila a fila; los huecos del registro no cuentan.</translation>
    </message>
    <message>
        <source>Chords of 20 m or more between good positions, added up; anything shorter is treated as scatter.</source>
        <translation>Cuerdas de 20 m o más entre posiciones buenas, sumadas; lo más corto se toma por dispersión.</translation>
    </message>
    <message>
        <source>The greatest straight distance from home to a good position.</source>
        <translation>La mayor distancia recta de casa a una posición buena.</translation>
    </message>
    <message>
        <source>Energy used divided by ground distance, wind and climbs included.</source>
        <translation>Energía usada dividida por la distancia sobre el suelo, con viento y ascensos.</translation>
    </message>
    <message>
        <source>Charge used divided by ground distance, wind and climbs included.</source>
        <translation>Carga usada dividida por la distancia sobre el suelo, con viento y ascensos.</translation>
    </message>
    <message>
        <source>From the first row to the last.</source>
        <translation>De la primera fila a la última.</translation>
    </message>
    <message>
        <source>The lowest value of that column, zero readings excluded.</source>
        <translation>El valor más bajo de esa columna, sin contar ceros.</translation>
    </message>
    <message>
        <source>The highest reading of that column. A sensor may have missed a shorter, higher peak.</source>
        <translation>El valor más alto de esa columna. El sensor puede haber perdido un pico más corto y alto.</translation>
    </message>
    <message>
        <source>The integral over time, divided by the recorded time.</source>
        <translation>La integral en el tiempo, dividida por el tiempo registrado.</translation>
    </message>
    <message>
        <source>All the charge of its flights (recharged where entered, else counted), divided by the label capacity.</source>
        <translation>Toda la carga de sus vuelos (recargada donde se anotó, si no contada), dividida por la capacidad de etiqueta.</translation>
    </message>
    <message>
        <source>Rated capacity of one cell times the cells in parallel: what the label says. A flight can use less.</source>
        <translation>Capacidad nominal de una celda por las celdas en paralelo: lo que dice la etiqueta. Un vuelo puede usar menos.</translation>
    </message>
    <message>
        <source>Counted in the logbook; removed flights are not counted.</source>
        <translation>Contados en el diario; los vuelos quitados no cuentan.</translation>
    </message>
    <message>
        <source>At every row: the forecast&apos;s usable energy, less the energy counted so far, less what the return leg and its reserve needed from there. The minimum of all rows.</source>
        <translation>En cada fila: la energía utilizable de la previsión, menos la contada hasta ahí, menos lo que desde ahí pedían el regreso y su reserva. El mínimo de todas.</translation>
    </message>
    <message>
        <source>What the selected pack holds down to its landing voltage, less what was counted. Only as good as the current sensor&apos;s scale.</source>
        <translation>Lo que la batería elegida contiene hasta su tensión de aterrizaje, menos lo contado. Tan bueno como la escala del sensor de corriente.</translation>
    </message>
    <message>
        <source>The pack is discharged at this load: its voltage is the resting curve at the charge within reach, less current times resistance. Charge that the load draws faster than the cells can follow is out of reach until they rest; a rate table says how much, or the kind of cell. Cold slows the cells and raises their resistance, their own heat helps. It ends at the landing voltage.</source>
        <translation>La batería se descarga con esta carga: su tensión es la curva en reposo a la carga alcanzable, menos corriente por resistencia. La carga que se pide más deprisa de lo que las celdas pueden seguir queda fuera de alcance hasta que reposan; cuánta, lo dice una tabla de descargas o el tipo de celda. El frío frena las celdas y sube su resistencia, su propio calor ayuda. Termina en la tensión de aterrizaje.</translation>
    </message>
    <message>
        <source>The aircraft&apos;s known cruise, scaled to its mass with this pack, discharges the pack to its landing voltage, less the reserve; time in the air times the mean ground speed, out and back in the wind, is the distance.</source>
        <translation>El crucero conocido del modelo, escalado a su masa con esta batería, la descarga hasta la tensión de aterrizaje, menos la reserva; el tiempo por la velocidad media sobre el suelo, ida y vuelta con el viento, es la distancia.</translation>
    </message>
    <message>
        <source>The aircraft without its pack, and the pack.</source>
        <translation>El modelo sin su batería, y la batería.</translation>
    </message>
    <message>
        <source>Label energy divided by measured mass; energy uses the chemistry&apos;s mean resting voltage. Compare mAh only between packs with as many cells in series; Wh compare all.</source>
        <translation>Energía de etiqueta dividida por la masa medida; la energía toma la tensión media en reposo de la química. Los mAh comparan solo baterías con las mismas celdas en serie; los Wh, todas.</translation>
    </message>
    <message>
        <source>Price divided by rated energy.</source>
        <translation>Precio dividido por la energía nominal.</translation>
    </message>
    <message>
        <source>Cells, strips, leads, connector and wrap, added up.</source>
        <translation>Celdas, tiras, cables, conector y funda, sumados.</translation>
    </message>
    <message>
        <source>Cells in series over cells in parallel, the strips between them (length over cross-section times resistivity), and the leads.</source>
        <translation>Celdas en serie entre celdas en paralelo, las tiras entre ellas (longitud entre sección por resistividad) y los cables.</translation>
    </message>
    <message>
        <source>The lesser of the cells&apos; continuous rating and what the strips carry without settling more than 30 K above the air under the wrap.</source>
        <translation>El menor entre la corriente continua de las celdas y lo que llevan las tiras sin pasar de 30 K sobre el aire bajo la funda.</translation>
    </message>
    <message>
        <source>Time flown, times the charge of a full flight over the charge put back, as if the current stayed the same.</source>
        <translation>Tiempo volado por la carga de un vuelo completo entre la carga devuelta, como si la corriente no cambiara.</translation>
    </message>
    <message>
        <source>The power that draws the charge put back in the time flown, held until the charge of a full flight is used: the current grows as the voltage falls, so it is a little less.</source>
        <translation>La potencia que gasta la carga devuelta en el tiempo volado, mantenida hasta usar la carga de un vuelo completo: la corriente sube al bajar la tensión, así que es algo menos.</translation>
    </message>
    <message>
        <source>Least-squares line through the readings over full cycles, at the last of them; its error from their scatter, never less than the instrument&apos;s.</source>
        <translation>Recta de mínimos cuadrados por las lecturas frente a los ciclos completos, en la última; su error por la dispersión, nunca menor que el del instrumento.</translation>
    </message>
    <message>
        <source>Where that line meets 80 % of the label capacity, the usual end of a pack&apos;s flying life.</source>
        <translation>Donde esa recta llega al 80 % de la capacidad de etiqueta, el final habitual de la vida de vuelo.</translation>
    </message>
    <message>
        <source>Whenever the current changes within seconds, the voltage changes with it: the slope of all these steps, divided by the cells in series and times those in parallel. Leads and strips are included.</source>
        <translation>Cuando la corriente cambia en segundos, la tensión cambia con ella: la pendiente de todos esos saltos, entre las celdas en serie y por las en paralelo. Incluye cables y tiras.</translation>
    </message>
    <message>
        <source>One fit to everything at once: the voltage of every flight against its charge and current, recharges, resting voltages and charger readings, for the pack and for the sensors that recorded it. A recharge after a flight close to empty narrows it most; evidence that does not fit the rest is excluded and named.</source>
        <translation>Un solo ajuste a todo: la tensión de cada vuelo frente a su carga y corriente, recargas, tensiones en reposo y lecturas de cargador, para la batería y los sensores que la grabaron. Lo que más la acota es una recarga tras un vuelo casi vacío; lo que no encaja con el resto se excluye y se nombra.</translation>
    </message>
    <message>
        <source>Counted charge, resting voltage and recharge, each weighted by its own error; where they disagree, the error is at least half their difference.</source>
        <translation>Carga contada, tensión en reposo y recarga, cada una según su error; si discrepan, el error es al menos la mitad de su diferencia.</translation>
    </message>
    <message>
        <source>At a steady airspeed the ground velocities of a turning aircraft lie on a circle: its centre is the wind, its radius the airspeed.</source>
        <translation>A velocidad aérea constante, las velocidades sobre el suelo de un modelo que gira forman un círculo: su centro es el viento, su radio la velocidad aérea.</translation>
    </message>
    <message>
        <source>Speed integrated over time, second by second; through the air with the wind removed.</source>
        <translation>Velocidad integrada en el tiempo, segundo a segundo; por el aire, sin el viento.</translation>
    </message>
    <message>
        <source>Power while the aircraft neither climbed nor descended, corrected for height gained or lost, divided by the airspeed flown.</source>
        <translation>Potencia mientras el modelo ni subía ni bajaba, corregida por la altura ganada o perdida, dividida por la velocidad aérea volada.</translation>
    </message>
    <message>
        <source>All the charge put back by the charger over all that was counted: the sensor&apos;s scale is off by that factor. Large flights weigh more.</source>
        <translation>Toda la carga devuelta por el cargador entre toda la contada: en ese factor falla la escala del sensor. Los vuelos largos pesan más.</translation>
    </message>
    <message>
        <source>How far the power of single seconds lies from the mean while the aircraft flew level: gusts, lift and the pilot&apos;s thumbs. Half of it comes back when the gust is over; the rest is their price.</source>
        <translation>Cuánto se aparta de la media la potencia de cada segundo en vuelo nivelado: rachas, ascendencias y los pulgares del piloto. La mitad vuelve al pasar la racha; el resto es su precio.</translation>
    </message>
    <message>
        <source>What the electronics draw whatever the aircraft does, divided by the mean power of the flight.</source>
        <translation>Lo que gasta la electrónica haga lo que haga el modelo, dividido por la potencia media del vuelo.</translation>
    </message>
    <message>
        <source>Height gained in climbs, at the cost per metre that this flight shows, divided by all the energy used. Some of it came back in the descents.</source>
        <translation>Altura ganada en ascensos, al coste por metro que muestra este vuelo, dividida por toda la energía usada. Una parte volvió en los descensos.</translation>
    </message>
    <message>
        <source>The steps between rows in which the current exceeded that part&apos;s rating, added up.</source>
        <translation>Los pasos entre filas en los que la corriente superó lo que aguanta esa pieza, sumados.</translation>
    </message>
    <message>
        <source>A line through the readings (signal over the logarithm of distance, link quality over distance), lowered to their worst tenth and extrapolated to the failsafe level: never beyond three times the distance flown.</source>
        <translation>Una recta por las lecturas (señal frente al logaritmo de la distancia, calidad frente a la distancia), bajada a su peor décima y prolongada hasta el nivel de failsafe: nunca más de tres veces lo volado.</translation>
    </message>
    <message>
        <source>The selected pack, with the counted charge removed, discharged further at this flight&apos;s level power down to that landing voltage, less the reserve; times the airspeed, or the mean ground speed where no wind is known.</source>
        <translation>La batería elegida, sin la carga contada, descargada más con la potencia nivelada de este vuelo hasta esa tensión, menos la reserva; por la velocidad aérea, o la media sobre el suelo si no se conoce el viento.</translation>
    </message>
    <message>
        <source>Voltage times that sensor&apos;s current integrated over time; gaps in the record are left out.</source>
        <translation>Tensión por la corriente de ese sensor integrada en el tiempo; los huecos del registro no cuentan.</translation>
    </message>
    <message>
        <source>What the flight took level in still air, converted to the common speed and mass by the physics of its aircraft; climbs and wind are excluded.</source>
        <translation>Lo que gastó el vuelo nivelado sin viento, llevado a la velocidad y masa comunes con la física de su modelo; sin ascensos ni viento.</translation>
    </message>
    <message>
        <source>A physical curve (induced power falls with speed, drag power grows with its cube) fitted to the level flight of all its logs; outliers weigh less, and where nothing was flown the kind of aircraft decides.</source>
        <translation>Una curva física (la potencia inducida baja con la velocidad, la de resistencia crece con su cubo) ajustada al vuelo nivelado de todos sus registros; los atípicos pesan menos y, donde no se voló, decide el tipo de modelo.</translation>
    </message>
    <message>
        <source>Where the curve is lowest, never below 1.2 times the stall speed.</source>
        <translation>Donde la curva es más baja, nunca por debajo de 1,2 veces la velocidad de pérdida.</translation>
    </message>
    <message>
        <source>Where power over ground speed is lowest in this wind: a headwind asks for more speed, a tailwind for less. Never below 1.2 times the stall speed.</source>
        <translation>Donde la potencia entre la velocidad sobre el suelo es mínima con este viento: de cara pide más velocidad, de cola menos. Nunca por debajo de 1,2 veces la velocidad de pérdida.</translation>
    </message>
    <message>
        <source>Where the curve reaches half of full power: beyond it nothing is left for gusts and climbs.</source>
        <translation>Donde la curva llega a la mitad de la potencia máxima: más allá no queda nada para rachas y ascensos.</translation>
    </message>
    <message>
        <source>Its climb rate, less what its power beyond level flight buys in climb: what the air itself did.</source>
        <translation>Su régimen de ascenso, menos lo que su potencia por encima del nivelado da de ascenso: lo que hizo el propio aire.</translation>
    </message>
    <message>
        <source>Where the wing&apos;s maximum lift coefficient just carries the mass: √(2·m·g/(ρ·S·C_L,max)).</source>
        <translation>Donde el coeficiente de sustentación máximo del ala sostiene justo la masa: √(2·m·g/(ρ·S·C_L,max)).</translation>
    </message>
    <message>
        <source>Each flight forecast from earlier flights only, divided by what it really took: the mean, and its spread from flight to flight.</source>
        <translation>Cada vuelo previsto solo con los anteriores, dividido por lo que gastó de verdad: la media y su dispersión.</translation>
    </message>
    <message>
        <source>The worst that the flight meets from launch to landing, compared with what is allowed.</source>
        <translation>Lo peor que encuentra el vuelo de despegue a aterrizaje, frente a lo permitido.</translation>
    </message>
    <message>
        <source>Irradiance of that sky on the cells, through the array&apos;s current–voltage curve at its temperature and through the converter.</source>
        <translation>La irradiancia de ese cielo sobre las celdas, por la curva corriente-tensión del panel a su temperatura y por el convertidor.</translation>
    </message>
    <message>
        <source>Array power less level-flight power; with the climb efficiency and the weight it is a climb rate.</source>
        <translation>Potencia del panel menos la del vuelo nivelado; con la eficiencia de ascenso y el peso es un régimen de ascenso.</translation>
    </message>
    <message>
        <source>Array power goes to the motor first, the rest into the pack until it is full; what is missing comes out of the pack, minute by minute, until the landing voltage.</source>
        <translation>La potencia del panel va primero al motor y el resto a la batería hasta llenarla; lo que falta sale de la batería, minuto a minuto, hasta la tensión de aterrizaje.</translation>
    </message>
    <message>
        <source>The pack model is followed through the flight; the array&apos;s current is whatever makes its voltage come out as logged, at steady power.</source>
        <translation>El modelo de batería se sigue por el vuelo; la corriente del panel es la que hace salir su tensión como en el registro, a potencia estable.</translation>
    </message>
    <message>
        <source>An ideal source with a resistance in series; resting curves from common practice.</source>
        <translation>Fuente ideal con resistencia en serie; curvas en reposo de la práctica común.</translation>
    </message>
    <message>
        <source>Leishman, Principles of Helicopter Aerodynamics; Anderson, Introduction to Flight. Shares from common practice.</source>
        <translation>Leishman, Principles of Helicopter Aerodynamics; Anderson, Introduction to Flight. Proporciones de la práctica común.</translation>
    </message>
    <message>
        <source>FAA-H-8083-25, Pilot’s Handbook of Aeronautical Knowledge, ch. 16.</source>
        <translation>FAA-H-8083-25, Pilot’s Handbook of Aeronautical Knowledge, cap. 16.</translation>
    </message>
    <message>
        <source>Point of no return, standard texts of air navigation.</source>
        <translation>Punto de no retorno, textos habituales de navegación aérea.</translation>
    </message>
    <message>
        <source>Common practice among pilots; no published source.</source>
        <translation>Práctica común entre pilotos; sin fuente publicada.</translation>
    </message>
    <message>
        <source>Karney 2013, geodesics on the WGS 84 ellipsoid.</source>
        <translation>Karney 2013, geodésicas en el elipsoide WGS 84.</translation>
    </message>
    <message>
        <source>A source with a resistance in series, its charge in two wells joined by a slow passage (after Manwell &amp; McGowan, Solar Energy 50(5), 1993). Resting curves and defaults from common practice.</source>
        <translation>Fuente con resistencia en serie y su carga en dos pozos unidos por un paso lento (según Manwell &amp; McGowan, Solar Energy 50(5), 1993). Curvas en reposo y valores por defecto de la práctica común.</translation>
    </message>
    <message>
        <source>The log itself.</source>
        <translation>El propio registro.</translation>
    </message>
    <message>
        <source>ITU-R P.525 for free space, 4/3 earth radius for the horizon, ITU-R P.530 for the zone.</source>
        <translation>ITU-R P.525 para el espacio libre, radio terrestre 4/3 para el horizonte, ITU-R P.530 para la zona.</translation>
    </message>
    <message>
        <source>Position of the sun: libnova (VSOP87). Clear sky: Haurwitz 1945; cloud: Kasten &amp; Czeplak 1980; direct share: Erbs and others 1982; cells: single-diode equation, temperature by Faiman 2008.</source>
        <translation>Posición del sol: libnova (VSOP87). Cielo despejado: Haurwitz 1945; nubes: Kasten &amp; Czeplak 1980; parte directa: Erbs y otros 1982; celdas: ecuación de un diodo, temperatura según Faiman 2008.</translation>
    </message>
    <message>
        <source>Least squares, standard statistics texts.</source>
        <translation>Mínimos cuadrados, textos habituales de estadística.</translation>
    </message>
    <message>
        <source>given</source>
        <translation>dado</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>supuesto</translation>
    </message>
    <message>
        <source>computed</source>
        <translation>calculado</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>medido</translation>
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
        <translation>Fuente: %1</translation>
    </message>
    <message>
        <source>Usable is taken as 80 % of the rated capacity, less what is missing at launch; half of that is used outbound.</source>
        <translation>Se toma como utilizable el 80 % de la capacidad nominal, menos lo que falta al despegar; la mitad es para la ida.</translation>
    </message>
</context>
<context>
    <name>sobremesa::Fields</name>
    <message>
        <source>Electronics by parts</source>
        <translation>Electrónica por piezas</translation>
    </message>
    <message>
        <source>Use one of: %1.</source>
        <translation>Usa uno de: %1.</translation>
    </message>
    <message>
        <source>This is not a number. Enter 12.5 or 12,5.</source>
        <translation>Esto no es un número. Escribe 12.5 o 12,5.</translation>
    </message>
    <message>
        <source>“%1” is not a unit of this field: enter a plain number.</source>
        <translation>«%1» no es una unidad de este campo: escribe solo el número.</translation>
    </message>
    <message>
        <source>“%1” is not a unit of this field. Enter the number in %2.</source>
        <translation>«%1» no es una unidad de este campo. Escribe el número en %2.</translation>
    </message>
    <message>
        <source>The number of cells is a whole number: enter one without a fraction.</source>
        <translation>El número de celdas es entero: escríbelo sin decimales.</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>tipo</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>masa</translation>
    </message>
    <message>
        <source>cruise</source>
        <translation>crucero</translation>
    </message>
    <message>
        <source>power</source>
        <translation>potencia</translation>
    </message>
    <message>
        <source>current</source>
        <translation>corriente</translation>
    </message>
    <message>
        <source>electronics</source>
        <translation>electrónica</translation>
    </message>
    <message>
        <source>full power</source>
        <translation>potencia máxima</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Tipo</translation>
    </message>
    <message>
        <source>Mass without pack</source>
        <translation>Masa sin batería</translation>
    </message>
    <message>
        <source>Cruise airspeed</source>
        <translation>Velocidad de crucero</translation>
    </message>
    <message>
        <source>Cruise power</source>
        <translation>Potencia de crucero</translation>
    </message>
    <message>
        <source>total, from the pack, in still air; amps are understood too</source>
        <translation>total, de la batería, sin viento; también se entienden amperios</translation>
    </message>
    <message>
        <source>or cruise current</source>
        <translation>o corriente de crucero</translation>
    </message>
    <message>
        <source>from this pack at half charge, instead of watts</source>
        <translation>de esta batería a media carga, en vez de vatios</translation>
    </message>
    <message>
        <source>Electronics</source>
        <translation>Electrónica</translation>
    </message>
    <message>
        <source>Full power</source>
        <translation>Potencia máxima</translation>
    </message>
    <message>
        <source>full stick, level, full pack. Empty: headroom is not checked</source>
        <translation>a fondo, nivelado, batería llena. Vacío: no se comprueba la reserva de potencia</translation>
    </message>
    <message>
        <source>chemistry</source>
        <translation>química</translation>
    </message>
    <message>
        <source>series</source>
        <translation>serie</translation>
    </message>
    <message>
        <source>parallel</source>
        <translation>paralelo</translation>
    </message>
    <message>
        <source>per cell</source>
        <translation>por celda</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>resistencia</translation>
    </message>
    <message>
        <source>Chemistry</source>
        <translation>Química</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Celdas en serie</translation>
    </message>
    <message>
        <source>Cells in parallel</source>
        <translation>Celdas en paralelo</translation>
    </message>
    <message>
        <source>Cell capacity</source>
        <translation>Capacidad de celda</translation>
    </message>
    <message>
        <source>Cell resistance</source>
        <translation>Resistencia de celda</translation>
    </message>
    <message>
        <source>as a charger shows it. Empty: assumed by chemistry and size (common practice)</source>
        <translation>como la muestra un cargador. Vacío: supuesta por química y tamaño (práctica común)</translation>
    </message>
    <message>
        <source>Pack mass</source>
        <translation>Masa de la batería</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Heaviest pack</source>
        <translation>Batería más pesada</translation>
    </message>
    <message>
        <source>that it flies well with; the bench then flags heavier packs</source>
        <translation>con la que vuela bien; el banco señala entonces las más pesadas</translation>
    </message>
    <message>
        <source>Bay, length</source>
        <translation>Hueco, largo</translation>
    </message>
    <message>
        <source>Bay, width</source>
        <translation>Hueco, ancho</translation>
    </message>
    <message>
        <source>Bay, height</source>
        <translation>Hueco, alto</translation>
    </message>
    <message>
        <source>with all three, the bench flags packs that do not fit</source>
        <translation>con los tres, el banco señala las que no caben</translation>
    </message>
    <message>
        <source>Controller rating</source>
        <translation>Corriente de los variadores</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>Link failsafe at</source>
        <translation>Failsafe del enlace a</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>receiver sensitivity. Empty: −105 (common practice)</source>
        <translation>sensibilidad del receptor. Vacío: −105 (práctica común)</translation>
    </message>
    <message>
        <source>Wing area</source>
        <translation>Superficie alar</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>gives the stall speed, and so the slowest speed to fly</source>
        <translation>da la velocidad de pérdida, y con ella la mínima de vuelo</translation>
    </message>
    <message>
        <source>Wing span</source>
        <translation>Envergadura</translation>
    </message>
    <message>
        <source>gives the induced power</source>
        <translation>da la potencia inducida</translation>
    </message>
    <message>
        <source>Rotors</source>
        <translation>Rotores</translation>
    </message>
    <message>
        <source>Propellers</source>
        <translation>Hélices</translation>
    </message>
    <message>
        <source>diameter: with the rotors it gives the induced power</source>
        <translation>diámetro: con los rotores da la potencia inducida</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Cell type</source>
        <translation>Tipo de celda</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>high capacity</source>
        <translation>alta capacidad</translation>
    </message>
    <message>
        <source>high drain</source>
        <translation>alta descarga</translation>
    </message>
    <message>
        <source>Temperature at launch</source>
        <translation>Temperatura al despegar</translation>
    </message>
    <message>
        <source>Empty: the air temperature. A pack kept warm holds more usable energy</source>
        <translation>Vacío: la del aire. Una batería caliente da más energía utilizable</translation>
    </message>
    <message>
        <source>Charged to, per cell</source>
        <translation>Cargada hasta, por celda</translation>
    </message>
    <message>
        <source>at rest before launch. Empty: full</source>
        <translation>en reposo antes de despegar. Vacío: llena</translation>
    </message>
    <message>
        <source>State of health</source>
        <translation>Estado de salud (SoH)</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>falls with age: a full recharge over the rated capacity</source>
        <translation>baja con la edad: una recarga completa entre la capacidad nominal</translation>
    </message>
    <message>
        <source>Rated current</source>
        <translation>Corriente nominal</translation>
    </message>
    <message>
        <source>Rating printed by</source>
        <translation>Valor impreso por</translation>
    </message>
    <message>
        <source>the cell&apos;s maker</source>
        <translation>el fabricante de la celda</translation>
    </message>
    <message>
        <source>a pack&apos;s C rating</source>
        <translation>la tasa C de una batería</translation>
    </message>
    <message>
        <source>a burst rating</source>
        <translation>un valor de pico</translation>
    </message>
    <message>
        <source>Strip rating</source>
        <translation>Corriente de las tiras</translation>
    </message>
    <message>
        <source>between the cells, continuous; Build computes it</source>
        <translation>entre celdas, continua; Montaje la calcula</translation>
    </message>
    <message>
        <source>Connector rating</source>
        <translation>Corriente del conector</translation>
    </message>
    <message>
        <source>with its leads, continuous</source>
        <translation>con sus cables, continua</translation>
    </message>
    <message>
        <source>Sag measured in flight</source>
        <translation>Caída medida en vuelo</translation>
    </message>
    <message>
        <source>per cell, leads included; once known, it decides the continuous current in place of the label</source>
        <translation>por celda, con cables; una vez conocida, decide la corriente continua en lugar de la etiqueta</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Precio</translation>
    </message>
    <message>
        <source>in your own currency; only for comparing</source>
        <translation>en tu moneda; solo para comparar</translation>
    </message>
    <message>
        <source>Wind speed</source>
        <translation>Velocidad del viento</translation>
    </message>
    <message>
        <source>Coming from</source>
        <translation>Viene de</translation>
    </message>
    <message>
        <source>Worst credible wind factor</source>
        <translation>Factor del peor viento creíble</translation>
    </message>
    <message>
        <source>for the return leg: times or over the forecast, whichever costs more; 1 trusts it</source>
        <translation>para el regreso: multiplica o divide la previsión, lo que más cueste; 1 se fía de ella</translation>
    </message>
    <message>
        <source>Air temperature at the field</source>
        <translation>Temperatura del aire en el campo</translation>
    </message>
    <message>
        <source>Field elevation</source>
        <translation>Elevación del campo</translation>
    </message>
    <message>
        <source>Outbound bearing</source>
        <translation>Rumbo de ida</translation>
    </message>
    <message>
        <source>Height above home</source>
        <translation>Altura sobre el despegue</translation>
    </message>
    <message>
        <source>120 m (400 ft) above ground is a common limit; local rules decide</source>
        <translation>120 m (400 ft) sobre el suelo es un límite común; deciden las normas locales</translation>
    </message>
    <message>
        <source>Climb</source>
        <translation>Ascenso</translation>
    </message>
    <message>
        <source>Descent</source>
        <translation>Descenso</translation>
    </message>
    <message>
        <source>Reserve</source>
        <translation>Reserva</translation>
    </message>
    <message>
        <source>Reserve counted as</source>
        <translation>Reserva contada como</translation>
    </message>
    <message>
        <source>% of the usable energy</source>
        <translation>% de la energía utilizable</translation>
    </message>
    <message>
        <source>minutes over home</source>
        <translation>minutos sobre el punto de partida</translation>
    </message>
    <message>
        <source>times the return leg</source>
        <translation>veces el regreso</translation>
    </message>
    <message>
        <source>Landing voltage per cell</source>
        <translation>Tensión de aterrizaje por celda</translation>
    </message>
    <message>
        <source>under cruise load. Empty: usual for the chemistry (LiPo 3.5, Li-ion 2.8)</source>
        <translation>con carga de crucero. Vacío: la habitual de la química (LiPo 3,5, Li-ion 2,8)</translation>
    </message>
    <message>
        <source>Size, mm</source>
        <translation>Tamaño, mm</translation>
    </message>
    <message>
        <source>Enter length × width × height in mm, such as “138 × 45 × 40”.</source>
        <translation>Introduce largo × ancho × alto en mm, por ejemplo «138 × 45 × 40».</translation>
    </message>
    <message>
        <source>length × width × height; the bench then tells whether it fits the bay</source>
        <translation>largo × ancho × alto; el banco dice entonces si cabe en el hueco</translation>
    </message>
    <message>
        <source>Maker&apos;s rate table, one cell</source>
        <translation>Tabla de descarga del fabricante, una celda</translation>
    </message>
    <message>
        <source>Link failsafe at quality</source>
        <translation>Failsafe con calidad de enlace</translation>
    </message>
    <message>
        <source>link quality at which it fails. Empty: 50 % (common practice)</source>
        <translation>calidad de enlace con la que se pierde. Vacío: 50 % (práctica común)</translation>
    </message>
    <message>
        <source>Known cruise flown at</source>
        <translation>Crucero conocido volado con</translation>
    </message>
    <message>
        <source>all-up mass when its power was read. Empty: with the pack of the plan</source>
        <translation>masa total cuando se leyó la potencia. Vacío: con la batería del plan</translation>
    </message>
    <message>
        <source>Known cruise in air of</source>
        <translation>Crucero conocido en aire de</translation>
    </message>
    <message>
        <source>kg/m³</source>
        <translation>kg/m³</translation>
    </message>
    <message>
        <source>Empty: 1.225, the standard atmosphere at sea level</source>
        <translation>Vacío: 1,225, la atmósfera estándar al nivel del mar</translation>
    </message>
    <message>
        <source>Maximum lift coefficient</source>
        <translation>Coeficiente de sustentación máximo</translation>
    </message>
    <message>
        <source>for the stall speed. Empty: 1.1 (common practice)</source>
        <translation>para la velocidad de pérdida. Vacío: 1,1 (práctica común)</translation>
    </message>
    <message>
        <source>of the whole pack, or as the label has it: “10C”. Empty: usual for such cells</source>
        <translation>de toda la batería, o como en la etiqueta: «10C». Vacío: lo habitual en esas celdas</translation>
    </message>
    <message>
        <source>Rate table ends at</source>
        <translation>La tabla termina en</translation>
    </message>
    <message>
        <source>cutoff voltage of that table. Empty: the chemistry&apos;s floor</source>
        <translation>tensión de corte de esa tabla. Vacío: el mínimo de la química</translation>
    </message>
    <message>
        <source>Cells of the rate table</source>
        <translation>Celdas de la tabla</translation>
    </message>
    <message>
        <source>warmed up in still air</source>
        <translation>en aire quieto</translation>
    </message>
    <message>
        <source>held at 23 °C</source>
        <translation>mantenidas a 23 °C</translation>
    </message>
    <message>
        <source>Lead resistance</source>
        <translation>Resistencia de los cables</translation>
    </message>
    <message>
        <source>leads, connector and strips together; 0 where the cell&apos;s figure includes them</source>
        <translation>cables, conector y tiras juntos; 0 si la cifra de la celda los incluye</translation>
    </message>
    <message>
        <source>Resistance by age</source>
        <translation>Resistencia por la edad</translation>
    </message>
    <message>
        <source>over that of the new pack</source>
        <translation>respecto a la batería nueva</translation>
    </message>
    <message>
        <source>Weakest cell below the mean</source>
        <translation>Celda más débil, por debajo de la media</translation>
    </message>
    <message>
        <source>under load; the pack lands when that cell does</source>
        <translation>bajo carga; se aterriza cuando esa celda lo pide</translation>
    </message>
    <message>
        <source>Video</source>
        <translation>Vídeo</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>sin indicar</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>analog</source>
        <translation>analógico</translation>
    </message>
    <message>
        <source>digital</source>
        <translation>digital</translation>
    </message>
    <message>
        <source>Pack mass is from</source>
        <translation>La masa de la batería es de</translation>
    </message>
    <message>
        <source>a label or its parts</source>
        <translation>una etiqueta o sus partes</translation>
    </message>
    <message>
        <source>a scale</source>
        <translation>una báscula</translation>
    </message>
    <message>
        <source>Each part needs a name and its watts.</source>
        <translation>Cada pieza necesita un nombre y sus vatios.</translation>
    </message>
    <message>
        <source>part</source>
        <translation>pieza</translation>
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
        <translation>sus vatios, cuya suma cuenta entonces, y gramos si se conocen</translation>
    </message>
    <message>
        <source>Each row needs a current and a charge.</source>
        <translation>Cada fila necesita una corriente y una carga.</translation>
    </message>
    <message>
        <source>Ah</source>
        <translation>Ah</translation>
    </message>
    <message>
        <source>constant current and what came out; “5C” and “97 %” are of the cell&apos;s capacity</source>
        <translation>corriente constante y lo que dio; «5C» y «97 %» son de la capacidad de la celda</translation>
    </message>
    <message>
        <source>all controllers together, continuous</source>
        <translation>todos los variadores juntos, continua</translation>
    </message>
    <message>
        <source>Motor rating</source>
        <translation>Corriente de los motores</translation>
    </message>
    <message>
        <source>all motors together, continuous: four of 20 A are 80</source>
        <translation>todos los motores juntos, continua: cuatro de 20 A son 80</translation>
    </message>
    <message>
        <source>video, camera, control. Empty: by the video, 5 W where nothing is said, and 1.5 W for a wing&apos;s servos (common practice)</source>
        <translation>vídeo, cámara, control. Vacío: según el vídeo, 5 W si no se indica nada, y 1,5 W para los servos de un ala fija (práctica común)</translation>
    </message>
    <message>
        <source>at mission height unless Weather says another; also whole: “12&#xa0;kn NW”, “270/12”, “27012G18KT” (airfield, 10&#xa0;m)</source>
        <translation>a la altura de la misión si en Tiempo no consta otra; también entero: «12&#xa0;kn NW», «270/12», «27012G18KT» (aeródromo, 10&#xa0;m)</translation>
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
        <translation>El viento era de &lt;b&gt;%1&lt;/b&gt; de &lt;b&gt;%2&lt;/b&gt;, la velocidad aérea &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Still-air consumption, level: &lt;b&gt;%1&lt;/b&gt;, &lt;b&gt;%2&lt;/b&gt;.</source>
        <comment>charge and energy per way</comment>
        <translation>Consumo sin viento, nivelado: &lt;b&gt;%1&lt;/b&gt;, &lt;b&gt;%2&lt;/b&gt;.</translation>
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
        <translation>A %1 estos vuelos no difieren más allá de sus errores.</translation>
    </message>
    <message>
        <source>At %1 “%2” takes &lt;b&gt;%3&lt;/b&gt; more than “%4”.</source>
        <comment>terms, flight, share, flight</comment>
        <translation>A %1 «%2» gasta &lt;b&gt;%3&lt;/b&gt; más que «%4».</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>part of the electronics, its share of the power</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>unnamed</source>
        <translation>sin nombre</translation>
    </message>
    <message>
        <source>Share of power: %1.</source>
        <translation>Reparto de la potencia: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <comment>between parts</comment>
        <translation>; </translation>
    </message>
    <message>
        <source>The array delivered %1; the pack delivered %2 net and was charged with %3 in flight.</source>
        <translation>El panel dio %1; la batería dio %2 netos y se cargó con %3 en vuelo.</translation>
    </message>
    <message>
        <source>The array delivered %1, the pack %2.</source>
        <translation>El panel dio %1, la batería %2.</translation>
    </message>
    <message>
        <source>The motors took %1, the electronics %2; %3 are not explained by any sensor.</source>
        <translation>Los motores gastaron %1, la electrónica %2; %3 no los explica ningún sensor.</translation>
    </message>
    <message>
        <source>That leaves %1 for the motors and %2 for the electronics.</source>
        <translation>Eso deja %1 para los motores y %2 para la electrónica.</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <comment>watts, error</comment>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>In level flight the sun charged the pack: &lt;b&gt;gaining&lt;/b&gt; %1, over %2 of it.</source>
        <translation>En vuelo nivelado el sol cargó la batería: &lt;b&gt;gana&lt;/b&gt; %1, en %2.</translation>
    </message>
    <message>
        <source>In level flight the pack held its charge in the sun: &lt;b&gt;holding&lt;/b&gt;, %1, over %2.</source>
        <translation>En vuelo nivelado la batería mantuvo su carga al sol: &lt;b&gt;se mantiene&lt;/b&gt;, %1, en %2.</translation>
    </message>
    <message>
        <source>In level flight the pack lost charge despite the sun: &lt;b&gt;losing&lt;/b&gt; %1, over %2 of it.</source>
        <translation>En vuelo nivelado la batería perdió carga pese al sol: &lt;b&gt;pierde&lt;/b&gt; %1, en %2.</translation>
    </message>
    <message>
        <source>Whether the sun charged the pack &lt;b&gt;cannot be told&lt;/b&gt;: %1 over %2, and below %3 these readings say nothing. Ten minutes at constant power tell more.</source>
        <translation>Si el sol cargó la batería &lt;b&gt;no se puede saber&lt;/b&gt;: %1 en %2, y por debajo de %3 estas lecturas no dicen nada. Diez minutos a potencia constante dicen más.</translation>
    </message>
    <message>
        <source>Whether the sun charged the pack &lt;b&gt;cannot be told&lt;/b&gt;: that takes four minutes of level flight at constant power.</source>
        <translation>Si el sol cargó la batería &lt;b&gt;no se puede saber&lt;/b&gt;: hacen falta cuatro minutos de vuelo nivelado a potencia constante.</translation>
    </message>
    <message>
        <source>The array delivered %1.</source>
        <translation>El panel dio %1.</translation>
    </message>
    <message>
        <source>Excluded: %1 in the shade of clouds, %2 with a full pack.</source>
        <translation>Excluidos: %1 a la sombra de nubes, %2 con la batería llena.</translation>
    </message>
    <message>
        <source>With the motor off it delivered %1.</source>
        <translation>Con el motor parado dio %1.</translation>
    </message>
    <message>
        <source>With the array off, the pack delivered %1 more.</source>
        <translation>Con el panel apagado, la batería dio %1 más.</translation>
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
        <translation>Restante de una batería llena: %1.</translation>
    </message>
    <message>
        <source>Remaining of a full pack: %1; combined &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt;.</source>
        <comment>methods, share, charge</comment>
        <translation>Restante de una batería llena: %1; en conjunto &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Set the scale to &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>scale, error</comment>
        <translation>Pon la escala en &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>The sensor reads right within its error of %1.</source>
        <translation>El sensor mide bien, dentro de su error de %1.</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>The sensor reads %1 too high: increase a scale that divides.</source>
        <translation>El sensor lee %1 de más: sube una escala que divide.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too high: decrease a scale that multiplies.</source>
        <translation>El sensor lee %1 de más: baja una escala que multiplica.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too low: decrease a scale that divides.</source>
        <translation>El sensor lee %1 de menos: baja una escala que divide.</translation>
    </message>
    <message>
        <source>The sensor reads %1 too low: increase a scale that multiplies.</source>
        <translation>El sensor lee %1 de menos: sube una escala que multiplica.</translation>
    </message>
    <message>
        <source>More flights would improve it little: most of what is left is the charger&apos;s own accuracy.</source>
        <translation>Más vuelos lo mejorarían poco: lo que queda es sobre todo la precisión del cargador.</translation>
    </message>
    <message numerus="yes">
        <source>%n more flight(s) would bring it close to the charger&apos;s own accuracy.</source>
        <translation>
            <numerusform>Un vuelo más lo acercaría a la precisión del cargador.</numerusform>
            <numerusform>%n vuelos más lo acercarían a la precisión del cargador.</numerusform>
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
        <translation>En tierra lee %1 (vuelos: %2), donde la electrónica gasta %3.</translation>
    </message>
    <message>
        <source>%1 That draw is assumed: enter the electronics in Fleet to find the offset.</source>
        <translation>%1 Ese consumo se supone: anota la electrónica en Flota para hallar el cero.</translation>
    </message>
    <message>
        <source>%1 No offset can be derived from that.</source>
        <translation>%1 De eso no se puede deducir el cero.</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>%1 It reads %2 too much, %3 every hour: enter it as the offset in the flight controller.</source>
        <translation>%1 Lee %2 de más, %3 cada hora: ponlo como offset en el controlador de vuelo.</translation>
    </message>
    <message>
        <source>%1 It reads %2 too little, %3 every hour: enter it as the offset in the flight controller.</source>
        <translation>%1 Lee %2 de menos, %3 cada hora: ponlo como offset en el controlador de vuelo.</translation>
    </message>
    <message>
        <source>mA</source>
        <translation>mA</translation>
    </message>
    <message>
        <source>On the ground it reads %1 too high: its offset.</source>
        <translation>En tierra lee %1 de más: su cero.</translation>
    </message>
    <message>
        <source>On the ground it reads %1 too low: its offset.</source>
        <translation>En tierra lee %1 de menos: su cero.</translation>
    </message>
    <message>
        <source>On the ground it reads right.</source>
        <translation>En tierra mide bien.</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>A full recharge is &lt;b&gt;%1&lt;/b&gt; of the label capacity.</source>
        <translation>Una recarga completa es &lt;b&gt;%1&lt;/b&gt; de la capacidad de etiqueta.</translation>
    </message>
    <message>
        <source>%1 At this rate it reaches 80 % after about &lt;b&gt;%2&lt;/b&gt; more full cycles.</source>
        <comment>sentence, cycles</comment>
        <translation>%1 A este ritmo llega al 80 % tras unos &lt;b&gt;%2&lt;/b&gt; ciclos completos más.</translation>
    </message>
    <message>
        <source>Resistance per cell in series: &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>resistance, error</comment>
        <translation>Resistencia por celda en serie: &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>Two full recharges, or two readings of cell resistance, show how this pack ages.</source>
        <translation>Dos recargas completas, o dos lecturas de resistencia de celda, muestran cómo envejece esta batería.</translation>
    </message>
    <message>
        <source>It holds less than 80 % of its label capacity: for short flights only, then for the bench.</source>
        <translation>Tiene menos del 80 % de la capacidad de etiqueta: solo para vuelos cortos, después para usarla en tierra.</translation>
    </message>
    <message>
        <source>Its resistance has doubled: it sags early and gets warmer. Retire it from long flights.</source>
        <translation>Su resistencia se ha duplicado: cae pronto y se calienta más. Retírala de los vuelos largos.</translation>
    </message>
    <message>
        <source>Cell %1 is an outlier. Balance and read again; if it stays so, retire the pack.</source>
        <translation>La celda %1 se aparta. Equilibra y mide otra vez; si sigue así, retira la batería.</translation>
    </message>
    <message>
        <source>At its last reading it had been resting full, or empty, for days. Bring it to storage charge.</source>
        <translation>En su última lectura llevaba días llena o vacía. Llévala a carga de almacenamiento.</translation>
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
        <translation>%1 en el peor momento, a %2 de casa</translation>
    </message>
    <message>
        <source>lowest bit rate %1, %2 from home</source>
        <translation>tasa de bits mínima %1, a %2 de casa</translation>
    </message>
    <message>
        <source>the picture would be lost at about %1</source>
        <translation>la imagen se perdería a unos %1</translation>
    </message>
    <message>
        <source>Video link: %1.</source>
        <translation>Enlace de vídeo: %1.</translation>
    </message>
    <message>
        <source>Excluded: %1 of rising or sinking in level flight&apos;s power.</source>
        <translation>Excluido: %1 subiendo o bajando con la potencia de vuelo nivelado.</translation>
    </message>
    <message>
        <source>%1 was lost between array and pack.</source>
        <translation>Entre el panel y la batería se perdieron %1.</translation>
    </message>
    <message>
        <source>The loss between array and pack is too small for these sensors to show.</source>
        <translation>La pérdida entre el panel y la batería es demasiado pequeña para estos sensores.</translation>
    </message>
    <message>
        <source>level cruise</source>
        <comment>part of the sun test</comment>
        <translation>crucero nivelado</translation>
    </message>
    <message>
        <source>motor off</source>
        <comment>part of the sun test</comment>
        <translation>motor parado</translation>
    </message>
    <message>
        <source>level cruise, array off</source>
        <comment>part of the sun test</comment>
        <translation>crucero nivelado, panel desconectado</translation>
    </message>
    <message>
        <source>Level cruise shows whether the pack gains or loses, motor off what the array delivers, array off what of that reaches the pack.</source>
        <translation>El crucero nivelado muestra si la batería gana o pierde; con el motor parado, lo que entrega el panel; con el panel desconectado, cuánto de ello llega a la batería.</translation>
    </message>
    <message>
        <source>Level cruise is missing from this flight.</source>
        <translation>En este vuelo falta el crucero nivelado.</translation>
    </message>
    <message>
        <source>Twenty seconds with the motor off are missing.</source>
        <translation>Faltan veinte segundos con el motor parado.</translation>
    </message>
    <message>
        <source>The log has one current sensor: parts with the array off cannot be recognized.</source>
        <translation>El registro tiene un solo sensor de corriente: no se reconocen las partes con el panel desconectado.</translation>
    </message>
    <message>
        <source>Twenty seconds of cruise with the array off are missing.</source>
        <translation>Faltan veinte segundos de crucero con el panel desconectado.</translation>
    </message>
</context>
<context>
    <name>sobremesa::FlownWith</name>
    <message>
        <source>frame</source>
        <translation>estructura</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>modelo</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
</context>
<context>
    <name>sobremesa::Learning</name>
    <message>
        <source>the recharge</source>
        <translation>la recarga</translation>
    </message>
    <message>
        <source>the resting voltage</source>
        <translation>la tensión en reposo</translation>
    </message>
    <message>
        <source>the voltage</source>
        <translation>la tensión</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 y %2</translation>
    </message>
    <message numerus="yes">
        <source>known from %n flight(s)</source>
        <translation>
            <numerusform>conocido por %n vuelo</numerusform>
            <numerusform>conocido por %n vuelos</numerusform>
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
            <numerusform>%n recarga</numerusform>
            <numerusform>%n recargas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the voltage of %n flight(s)</source>
        <translation>
            <numerusform>la tensión de %n vuelo</numerusform>
            <numerusform>la tensión de %n vuelos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n resting voltage(s)</source>
        <translation>
            <numerusform>%n tensión en reposo</numerusform>
            <numerusform>%n tensiones en reposo</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n charger reading(s)</source>
        <translation>
            <numerusform>%n lectura de cargador</numerusform>
            <numerusform>%n lecturas de cargador</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>level flight in %n flight(s)</source>
        <translation>
            <numerusform>vuelo nivelado en %n vuelo</numerusform>
            <numerusform>vuelo nivelado en %n vuelos</numerusform>
        </translation>
    </message>
    <message>
        <source>The pack</source>
        <translation>La batería</translation>
    </message>
    <message>
        <source>%1 holds its label capacity, within %2</source>
        <translation>%1 tiene la capacidad de la etiqueta (± %2)</translation>
    </message>
    <message>
        <source>%1 holds %2 less than its label capacity</source>
        <translation>%1 tiene %2 menos de lo que dice la etiqueta</translation>
    </message>
    <message>
        <source>%1 holds %2 more than its label capacity</source>
        <translation>%1 tiene %2 más de lo que dice la etiqueta</translation>
    </message>
    <message>
        <source>%1 has %2 per cell, entered with %3</source>
        <translation>%1 tiene %2 por celda, anotada con %3</translation>
    </message>
    <message>
        <source>The current sensor</source>
        <translation>El sensor de corriente</translation>
    </message>
    <message>
        <source>The voltage reading</source>
        <translation>La lectura de tensión</translation>
    </message>
    <message>
        <source>%1 reads right, within %2</source>
        <translation>%1 mide bien (± %2)</translation>
    </message>
    <message>
        <source>%1 reads %2 too low</source>
        <translation>%1 lee %2 de menos</translation>
    </message>
    <message>
        <source>%1 reads %2 too high</source>
        <translation>%1 lee %2 de más</translation>
    </message>
    <message>
        <source>Cruise takes %1, previously %2</source>
        <translation>El crucero gasta %1, antes %2</translation>
    </message>
    <message>
        <source>%1: usable %2, previously %3</source>
        <translation>%1: utilizable %2, antes %3</translation>
    </message>
    <message>
        <source>Flight %1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.</source>
        <translation>Vuelo %1: %2 no encaja con lo demás y se excluyó. Revísalo, o excluye el vuelo.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Usable to the landing voltage at cruise: %1, %2.</source>
        <translation>Utilizable hasta la tensión de aterrizaje en crucero: %1, %2.</translation>
    </message>
    <message>
        <source>Usable to the landing voltage at cruise: %1, assumed.</source>
        <translation>Utilizable hasta la tensión de aterrizaje en crucero: %1, supuesto.</translation>
    </message>
    <message numerus="yes">
        <source>%n landing(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n aterrizaje previsto con vuelos anteriores: error de %1</numerusform>
            <numerusform>%n aterrizajes previstos con vuelos anteriores: error de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>without bias</source>
        <translation>sin sesgo</translation>
    </message>
    <message>
        <source>%1 too optimistic</source>
        <translation>un %1 más optimistas que lo volado</translation>
    </message>
    <message>
        <source>%1 too cautious</source>
        <translation>un %1 más prudentes que lo volado</translation>
    </message>
    <message>
        <source>Nothing new: the flights agree with what was known.</source>
        <translation>Nada nuevo: los vuelos coinciden con lo que se sabía.</translation>
    </message>
    <message>
        <source>%1: usable %2 → %3, %4. Undo takes it back.</source>
        <translation>%1: utilizable %2 → %3, %4. Deshacer lo revierte.</translation>
    </message>
    <message>
        <source>%1: %2 does not fit everything else and was excluded. Check it, or exclude the flight.</source>
        <translation>%1: %2 no encaja con lo demás y se excluyó. Revísalo, o excluye el vuelo.</translation>
    </message>
    <message>
        <source>Holds its label capacity, within &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Tiene la capacidad de la etiqueta (± &lt;b&gt;%1&lt;/b&gt;)</translation>
    </message>
    <message>
        <source>Holds &lt;b&gt;%1&lt;/b&gt; less than its label capacity</source>
        <translation>Tiene &lt;b&gt;%1&lt;/b&gt; menos de lo que dice la etiqueta</translation>
    </message>
    <message>
        <source>Holds &lt;b&gt;%1&lt;/b&gt; more than its label capacity</source>
        <translation>Tiene &lt;b&gt;%1&lt;/b&gt; más de lo que dice la etiqueta</translation>
    </message>
    <message>
        <source>%1. Usable to the landing voltage: &lt;b&gt;%2&lt;/b&gt; %3, %4.</source>
        <translation>%1. Utilizable hasta la tensión de aterrizaje: &lt;b&gt;%2&lt;/b&gt; %3, %4.</translation>
    </message>
    <message>
        <source>Its cells have %1 each, entered with %2.</source>
        <translation>Sus celdas tienen %1 cada una, anotadas con %2.</translation>
    </message>
    <message>
        <source>right, within %1</source>
        <translation>bien (± %1)</translation>
    </message>
    <message>
        <source>%1 too low (± %2)</source>
        <translation>%1 de menos (± %2)</translation>
    </message>
    <message>
        <source>%1 too high (± %2)</source>
        <translation>%1 de más (± %2)</translation>
    </message>
    <message>
        <source>Fitted from everything flown with it, packs included: current reads %1, voltage reads %2; %3.</source>
        <translation>Ajustado con todo lo volado, baterías incluidas: corriente %1, tensión %2; %3.</translation>
    </message>
    <message>
        <source>Well known: more flights change little until it ages.</source>
        <translation>Bien conocida: más vuelos cambian poco hasta que envejezca.</translation>
    </message>
    <message>
        <source>Enter what the charger puts back after a flight: it tells the capacity and what the current sensor reads.</source>
        <translation>Anota lo que devuelve el cargador tras un vuelo: dice la capacidad y lo que lee el sensor de corriente.</translation>
    </message>
    <message>
        <source>Recharge after a flight that ends close to empty, or enter the resting voltage ten minutes after landing: both narrow the capacity.</source>
        <translation>Recarga tras un vuelo casi vacío, o anota la tensión en reposo diez minutos después de aterrizar: ambas acotan la capacidad.</translation>
    </message>
    <message>
        <source>Recharge after a flight that ends close to empty: it narrows the capacity most.</source>
        <translation>Recarga tras un vuelo casi vacío: es lo que más acota la capacidad.</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>supuesto</translation>
    </message>
    <message>
        <source>Nothing yet. File flights with this pack, with what the charger put back, or enter a charger&apos;s reading in Health.</source>
        <translation>Nada todavía. Archiva vuelos con esta batería, con lo que repuso el cargador, o introduce en Salud una lectura del cargador.</translation>
    </message>
    <message>
        <source>full charge %1, %2 of the label</source>
        <translation>carga completa %1, %2 de la etiqueta</translation>
    </message>
    <message>
        <source>resistance of a cell %1</source>
        <translation>resistencia de una celda %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>known from, day</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>frozen: newly filed flights no longer change it</source>
        <translation>congelada: los vuelos nuevos ya no la cambian</translation>
    </message>
    <message>
        <source>Nothing yet. File flights with a full turn in them, or fly the ten-minute test flight that Power curve lays out.</source>
        <translation>Nada todavía. Archiva vuelos con un giro completo, o haz el vuelo de prueba de diez minutos que propone Curva de potencia.</translation>
    </message>
    <message>
        <source>level flight at %1 takes %2 %3</source>
        <translation>vuelo nivelado a %1: %2 %3</translation>
    </message>
    <message numerus="yes">
        <source>climbs with an efficiency of %1, from %n climb(s)</source>
        <translation>
            <numerusform>sube con un rendimiento del %1, de %n ascenso</numerusform>
            <numerusform>sube con un rendimiento del %1, de %n ascensos</numerusform>
        </translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>tensión</translation>
    </message>
    <message>
        <source>recharge</source>
        <translation>recarga</translation>
    </message>
    <message>
        <source>resting voltage</source>
        <translation>tensión en reposo</translation>
    </message>
    <message>
        <source>label</source>
        <translation>etiqueta</translation>
    </message>
    <message numerus="yes">
        <source>%n flying time(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n tiempo de vuelo previsto con vuelos anteriores: error de %1</numerusform>
            <numerusform>%n tiempos de vuelo previstos con vuelos anteriores: error de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2; %3 of %4 within the 90 % band.</source>
        <translation>%1, %2; %3 de %4 dentro de la banda del 90 %.</translation>
    </message>
    <message>
        <source>landing charge</source>
        <translation>carga al aterrizar</translation>
    </message>
    <message>
        <source>flying time</source>
        <translation>tiempo de vuelo</translation>
    </message>
    <message numerus="yes">
        <source>%n turn point(s) forecast from earlier flights: off by %1</source>
        <translation>
            <numerusform>%n punto de regreso previsto con vuelos anteriores: error de %1</numerusform>
            <numerusform>%n puntos de regreso previstos con vuelos anteriores: error de %1</numerusform>
        </translation>
    </message>
    <message>
        <source>turn point</source>
        <translation>punto de regreso</translation>
    </message>
</context>
<context>
    <name>sobremesa::Messages</name>
    <message>
        <source>The array&apos;s maximum is at %1, above the pack&apos;s %2: a step-up converter cannot bring it down.</source>
        <translation>El máximo del panel está en %1, por encima de los %2 de la batería: un elevador no puede bajarlo.</translation>
    </message>
    <message>
        <source>In the cold the array&apos;s open-circuit voltage reaches %1; the converter is rated for %2.</source>
        <translation>Con frío el panel llega en vacío a %1; el convertidor aguanta %2.</translation>
    </message>
    <message>
        <source>The array reaches %1 at most, below the pack&apos;s %2: connected directly it delivers nothing.</source>
        <translation>El panel llega como mucho a %1, por debajo de los %2 de la batería: conectado directamente no da nada.</translation>
    </message>
    <message>
        <source>The array&apos;s maximum is at %1, below the pack&apos;s %2: a step-down converter cannot raise it.</source>
        <translation>El máximo del panel está en %1, por debajo de los %2 de la batería: un reductor no puede subirlo.</translation>
    </message>
    <message>
        <source>A step-down converter would fit.</source>
        <translation>Un reductor serviría.</translation>
    </message>
    <message>
        <source>A step-up converter would fit.</source>
        <translation>Un elevador serviría.</translation>
    </message>
    <message>
        <source>A direct connection would fit.</source>
        <translation>La conexión directa serviría.</translation>
    </message>
    <message>
        <source>With this one, %1 cells in series or more would fit.</source>
        <translation>Con este servirían %1 celdas en serie o más.</translation>
    </message>
    <message>
        <source>With this one, %1 to %2 cells in series would fit.</source>
        <translation>Con este servirían de %1 a %2 celdas en serie.</translation>
    </message>
    <message>
        <source>an array on the aircraft</source>
        <translation>un panel en el modelo</translation>
    </message>
    <message>
        <source>a place (mission.home)</source>
        <translation>un lugar (mission.home)</translation>
    </message>
    <message>
        <source>a date and time (sun.start_utc)</source>
        <translation>fecha y hora (sun.start_utc)</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>There is no such file. Check the name and the folder.</source>
        <translation>No existe ese archivo. Revisa el nombre y la carpeta.</translation>
    </message>
    <message>
        <source>The file cannot be read: %1.</source>
        <translation>No se puede leer el archivo: %1.</translation>
    </message>
    <message>
        <source>The file cannot be written: %1. Choose another folder, or free some space.</source>
        <translation>No se puede escribir el archivo: %1. Elige otra carpeta o libera espacio.</translation>
    </message>
    <message>
        <source>The file is empty. Copy it from the card again.</source>
        <translation>El archivo está vacío. Cópialo otra vez de la tarjeta.</translation>
    </message>
    <message>
        <source>This is not a text file. Export the flight as CSV and open that.</source>
        <translation>No es un archivo de texto. Exporta el vuelo como CSV y ábrelo.</translation>
    </message>
    <message>
        <source>One line is too long for a log. This is not a CSV log; export the flight as CSV.</source>
        <translation>Una línea es demasiado larga para un registro. No es un CSV; exporta el vuelo como CSV.</translation>
    </message>
    <message>
        <source>No header line was found, such as “%1”. Add one, or export with one.</source>
        <translation>No se encontró cabecera, por ejemplo «%1». Añade una o exporta con ella.</translation>
    </message>
    <message>
        <source>There is a header but no rows: nothing was recorded.</source>
        <translation>Hay cabecera pero ninguna fila: no se grabó nada.</translation>
    </message>
    <message>
        <source>No column holds a time, and without one nothing can be computed. Say which one does (Columns…, or --column on the command line), or record with time switched on.</source>
        <translation>Ninguna columna contiene tiempo, y sin él no se puede calcular nada. Di cuál es (Columnas…, o --column en la línea de órdenes), o graba con el tiempo activado.</translation>
    </message>
    <message>
        <source>Too few rows could be read (fewer than two of %1 make sense). Check the place named here.</source>
        <translation>Se pudieron leer muy pocas filas (menos de dos de %1 tienen sentido). Revisa el lugar indicado.</translation>
    </message>
    <message>
        <source>Time does not advance for %1 rows up to there: this is not a flight, or the file is damaged.</source>
        <translation>El tiempo no avanza durante %1 filas hasta ahí: no es un vuelo, o el archivo está dañado.</translation>
    </message>
    <message>
        <source>This is not valid JSON: check commas, quotes and brackets there.</source>
        <translation>No es JSON válido: revisa ahí comas, comillas y corchetes.</translation>
    </message>
    <message>
        <source>The value has the wrong type; expected: %1.</source>
        <translation>El valor es de otro tipo; se esperaba: %1.</translation>
    </message>
    <message>
        <source>%1 is not possible there; it must be %2 to %3.</source>
        <translation>%1 no es posible ahí; debe estar entre %2 y %3.</translation>
    </message>
    <message>
        <source>“%1” is not known there; use one of: %2.</source>
        <translation>«%1» no se conoce ahí; usa uno de: %2.</translation>
    </message>
    <message>
        <source>Only one of these may be given: %1. Keep one of them.</source>
        <translation>Solo puede haber uno de estos: %1. Deja uno.</translation>
    </message>
    <message>
        <source>The document says it is “%1”; expected “%2”.</source>
        <translation>El documento dice ser «%1»; se esperaba «%2».</translation>
    </message>
    <message>
        <source>The document is of version %1; this program knows up to %2. Update the program.</source>
        <translation>El documento es de la versión %1; este programa conoce hasta la %2. Actualiza el programa.</translation>
    </message>
    <message>
        <source>Height above sea level would be %1 m; the atmosphere is known from %2 to %3 m.</source>
        <translation>La altura sobre el mar sería %1 m; el aire se conoce de %2 a %3 m.</translation>
    </message>
    <message>
        <source>Latitude %1, longitude %2 is not on earth. Write degrees as LATITUDE,LONGITUDE.</source>
        <translation>Latitud %1, longitud %2 no está en la Tierra. Escribe grados como LATITUD,LONGITUD.</translation>
    </message>
    <message>
        <source>The wind is too strong for this airspeed: the course cannot be held, or not with 2 m/s over ground.</source>
        <translation>El viento es demasiado fuerte para esta velocidad aérea: no se puede mantener el rumbo, o no con 2 m/s sobre el suelo.</translation>
    </message>
    <message>
        <source>One known cruise does not cover %1 m/s; it reaches from %2 to %3 m/s.</source>
        <translation>Un crucero conocido no cubre %1 m/s; llega de %2 a %3 m/s.</translation>
    </message>
    <message>
        <source>This elevation raster cannot be read. Supported: GeoTIFF, HGT or an ASCII grid with its projection.</source>
        <translation>No se puede leer este ráster de elevación. Se admiten GeoTIFF, HGT o una malla ASCII con su proyección.</translation>
    </message>
    <message>
        <source>This elevation raster does not cover home. Choose one that covers the field.</source>
        <translation>Este ráster de elevación no cubre el punto de partida. Elige uno que cubra el campo.</translation>
    </message>
    <message>
        <source>The part of the program that reads elevation rasters is not installed beside it.</source>
        <translation>La parte del programa que lee rásteres de elevación no está instalada.</translation>
    </message>
    <message>
        <source>There is no route in this file: no waypoints, no route and no line.</source>
        <translation>No hay ruta en este archivo: ni puntos, ni ruta, ni línea.</translation>
    </message>
    <message>
        <source>The logbook is damaged and was left unchanged. Restore a backup, or start a new one beside it.</source>
        <translation>El diario está dañado y se dejó como estaba. Restaura una copia, o empieza otro al lado.</translation>
    </message>
    <message>
        <source>This file is not a logbook and was left unchanged. Choose another one.</source>
        <translation>Este archivo no es un diario y se dejó como estaba. Elige otro.</translation>
    </message>
    <message>
        <source>There is no space left to write the logbook. Free some; what you do meanwhile is kept in memory and written then.</source>
        <translation>No queda espacio para escribir el diario. Libera algo; lo que hagas entretanto queda en memoria y se escribirá después.</translation>
    </message>
    <message>
        <source>The logbook is read-only here, so this was not saved. Give it write permission, or choose another one.</source>
        <translation>El diario es aquí de solo lectura, así que esto no se guardó. Dale permiso de escritura o elige otro.</translation>
    </message>
    <message>
        <source>The logbook is being written elsewhere. Close the other window or command, then try again.</source>
        <translation>El diario se está escribiendo en otro sitio. Cierra la otra ventana u orden e inténtalo de nuevo.</translation>
    </message>
    <message>
        <source>This is the open logbook itself; it cannot be its own backup. Choose another file.</source>
        <translation>Es el propio diario abierto; no puede ser su propia copia. Elige otro archivo.</translation>
    </message>
    <message>
        <source>A file of this name exists, and a backup replaces none. Choose another name.</source>
        <translation>Ya existe un archivo con ese nombre, y una copia no sustituye a ninguno. Elige otro nombre.</translation>
    </message>
    <message>
        <source>The logbook could not be written: %1. Check the disk it is on.</source>
        <translation>No se pudo escribir el diario: %1. Revisa el disco.</translation>
    </message>
    <message>
        <source>Part %1 of the log %2 is missing or damaged in the logbook. Restore a backup, or file the log again from its file; an export writes what is left of it.</source>
        <translation>La parte %1 del registro %2 falta o está dañada en el diario. Restaura una copia, o archiva el registro otra vez; una exportación escribe lo que quede.</translation>
    </message>
    <message>
        <source>The log %1 is not the file that was filed: its length or checksum does not match, though every part of it does. Compare it with a backup; an export writes it as it is.</source>
        <translation>El registro %1 no es el archivo que se guardó: su longitud o suma no coinciden, aunque sí cada parte. Compáralo con una copia; una exportación lo escribe tal cual.</translation>
    </message>
    <message>
        <source>The log of the flight %1 is not in the logbook. What was read from it is still there; restore a backup, or file the log again from its file.</source>
        <translation>El registro del vuelo %1 no está en el diario. Lo que se leyó de él sigue; restaura una copia, o archiva el registro otra vez.</translation>
    </message>
    <message>
        <source>The logbook&apos;s table %1 is missing or not as this program created it, so the logbook was left unchanged. Restore a backup; an export writes everything else.</source>
        <translation>La tabla %1 del diario falta o no es como la crea este programa; el diario se dejó como estaba. Restaura una copia; una exportación escribe lo demás.</translation>
    </message>
    <message>
        <source>Record %2 of the logbook (%1) cannot be used and was left unchanged. Restore a backup to get it back; everything else works without it.</source>
        <translation>El registro %2 del diario (%1) no se puede usar y se dejó como estaba. Restaura una copia para recuperarlo; lo demás funciona sin él.</translation>
    </message>
    <message>
        <source>Edit %1 in the logbook&apos;s history cannot be read, so edits up to it cannot be undone. The records themselves are not touched by this.</source>
        <translation>El cambio %1 del historial del diario no se puede leer, así que no se pueden deshacer los cambios hasta él. Los registros no se ven afectados.</translation>
    </message>
    <message>
        <source>The logbook&apos;s counter says %1 and there is a record %2: a new record could have taken an old one&apos;s number. Restore a backup, or export everything and import it into a new logbook.</source>
        <translation>El contador del diario dice %1 y hay un registro %2: uno nuevo podría haber tomado el número de otro. Restaura una copia, o exporta todo e impórtalo en un diario nuevo.</translation>
    </message>
    <message>
        <source>There is no column “%1” in this log. Its columns are: %2.</source>
        <translation>No hay columna «%1» en este registro. Sus columnas son: %2.</translation>
    </message>
    <message>
        <source>A row of the rate table delivers %1 from a cell of %2. The table is per cell, not for the whole pack: divide by the cells in parallel.</source>
        <translation>Una fila de la tabla de descargas saca %1 de una celda de %2. La tabla es por celda, no de toda la batería: divide por las celdas en paralelo.</translation>
    </message>
    <message>
        <source>Winds by height need at least two heights. Add another one, or give a single wind as wind_mps, wind_from_deg and wind_height_m.</source>
        <translation>Los vientos por altura necesitan al menos dos alturas. Añade otra, o da un viento único como wind_mps, wind_from_deg y wind_height_m.</translation>
    </message>
    <message>
        <source>“%1” is not a regular file below the imported folder, so nothing was imported. Put the log beside book.json and name it from there.</source>
        <translation>«%1» no es un archivo normal dentro de la carpeta importada, así que no se importó nada. Pon el registro junto a book.json y nómbralo desde ahí.</translation>
    </message>
    <message>
        <source>The archive cannot be unpacked: %1. Copy it again, or unpack it and import the log.</source>
        <translation>No se puede descomprimir el archivo: %1. Cópialo otra vez, o descomprímelo e importa el registro.</translation>
    </message>
    <message>
        <source>Unpacked, the file is larger than %1 MB: no log is. Check that it is the right one.</source>
        <translation>Descomprimido, el archivo pasa de %1 MB: ningún registro es así. Comprueba que es el correcto.</translation>
    </message>
    <message>
        <source>The archive holds %1 files: %2. Name one of them after the archive and a slash, or import all of them into the logbook.</source>
        <translation>El archivo contiene %1 ficheros: %2. Nombra uno tras el archivo y una barra, o impórtalos todos al diario.</translation>
    </message>
    <message>
        <source>The file is larger than %1 MB, too large for a track. Check that it is the right one.</source>
        <translation>El archivo pasa de %1 MB, demasiado para una traza. Comprueba que es el correcto.</translation>
    </message>
    <message>
        <source>The XML is broken here: %1. Copy the file again, or export it again.</source>
        <translation>El XML está roto aquí: %1. Copia el archivo otra vez, o expórtalo de nuevo.</translation>
    </message>
    <message>
        <source>The file holds no flight: no points or readings with a time. A route without times cannot be debriefed.</source>
        <translation>El archivo no contiene vuelo: no hay puntos ni lecturas con tiempo. Una ruta sin tiempos no se puede analizar.</translation>
    </message>
    <message>
        <source>“%1” is not a format that logs are written in. Choose a name ending in %2.</source>
        <translation>«%1» no es un formato en el que se escriban registros. Elige un nombre que acabe en %2.</translation>
    </message>
    <message>
        <source>The file exists, and a recording never overwrites one. Choose another name.</source>
        <translation>El archivo ya existe, y una grabación nunca sobrescribe otro. Elige otro nombre.</translation>
    </message>
    <message>
        <source>“%1” cannot be opened: %2. Another program may be listening there, or this user may not read it.</source>
        <translation>No se puede abrir «%1»: %2. Quizá otro programa escucha ahí, o este usuario no puede leerlo.</translation>
    </message>
    <message>
        <source>Cancelled. Nothing was changed.</source>
        <translation>Cancelado. No se cambió nada.</translation>
    </message>
    <message>
        <source>No return: against a wind of %1, the worst credible, an airspeed of %2 does not bring the aircraft home. Wait for less wind, or fly faster.</source>
        <translation>Sin regreso: contra un viento de %1, el peor creíble, una velocidad aérea de %2 no trae el modelo a casa. Espera a menos viento, o vuela más rápido.</translation>
    </message>
    <message>
        <source>This bearing cannot be flown: in a wind of %1 an airspeed of %2 cannot hold the course with 2 m/s over ground. Choose another bearing, or wait for less wind.</source>
        <translation>Este rumbo no se puede volar: con un viento de %1, una velocidad aérea de %2 no mantiene el rumbo con 2 m/s sobre el suelo. Elige otro rumbo, o espera a menos viento.</translation>
    </message>
    <message>
        <source>The counter says %1 remain, the recharge says %2: the current sensor&apos;s scale is off. Calibrate it; until then trust the recharge.</source>
        <translation>El contador dice que queda %1, la recarga dice %2: la escala del sensor de corriente está mal. Calíbrala; hasta entonces fíate de la recarga.</translation>
    </message>
    <message>
        <source>The resting voltage says only %1 remain, the charge used says %2: the pack was not full at the start, or holds less than its label capacity.</source>
        <translation>La tensión en reposo dice que solo queda %1, la carga usada dice %2: la batería no estaba llena al empezar, o guarda menos que su etiqueta.</translation>
    </message>
    <message>
        <source>The resting voltage says %1 remain, the counter says %2: after a short rest, or in the cold, the voltage has not recovered yet. Let it rest for half an hour and measure again.</source>
        <translation>La tensión en reposo dice que queda %1, el contador dice %2: tras poco reposo, o con frío, la tensión aún no se ha recuperado. Déjala media hora y mide otra vez.</translation>
    </message>
    <message>
        <source>The resting voltage says %1 remain, the counter only %2: the current sensor reads too high. Recharge, and calibrate it.</source>
        <translation>La tensión en reposo dice que queda %1, el contador solo %2: el sensor de corriente lee de más. Recarga y calíbralo.</translation>
    </message>
    <message>
        <source>The resting voltage says only %1 remain, the counter says %2: the pack holds less than its label capacity, or the current sensor reads too low. The recharge decides; until then trust the voltage.</source>
        <translation>La tensión en reposo dice que solo queda %1, el contador dice %2: la batería guarda menos que su etiqueta, o el sensor lee de menos. La recarga decide; hasta entonces fíate de la tensión.</translation>
    </message>
    <message>
        <source>first</source>
        <translation>primero</translation>
    </message>
    <message>
        <source>second</source>
        <translation>segundo</translation>
    </message>
    <message>
        <source>third</source>
        <translation>tercero</translation>
    </message>
    <message>
        <source>%1th</source>
        <comment>ordinal number</comment>
        <translation>%1.º</translation>
    </message>
    <message>
        <source>The wind is not known: the log has no position and no course.</source>
        <translation>El viento no se conoce: el registro no tiene posición ni rumbo.</translation>
    </message>
    <message>
        <source>The wind is not known: less than half a minute was flown.</source>
        <translation>El viento no se conoce: se voló menos de medio minuto.</translation>
    </message>
    <message>
        <source>The wind is not known: too little turning, so that it cannot be told from the airspeed. Fly one full circle on every flight.</source>
        <translation>El viento no se conoce: muy pocos giros para distinguirlo de la velocidad aérea. Haz un círculo completo en cada vuelo.</translation>
    </message>
    <message>
        <source>The pack is at its landing voltage before %1 is reached. Fly lower, climb more gently, or take a bigger pack.</source>
        <translation>La batería llega a su tensión de aterrizaje antes de %1. Vuela más bajo, sube más suave, o usa una batería mayor.</translation>
    </message>
    <message>
        <source>This pack cannot supply the %1 that the flight needs. One with less resistance or more cells can.</source>
        <translation>Esta batería no puede dar los %1 que pide el vuelo. Una con menos resistencia o más celdas sí.</translation>
    </message>
    <message>
        <source>The return leg is the slow one: %1 over ground against %2 outbound. Flying out into the wind makes it the fast one.</source>
        <translation>El regreso es el lento: %1 sobre el suelo frente a %2 a la ida. Salir contra el viento lo hace el rápido.</translation>
    </message>
    <message>
        <source>Landing at %1 leaves %2 unused, %3 of the usable energy. %4 is usual for this chemistry.</source>
        <translation>Aterrizar a %1 deja %2 sin usar, %3 de la energía utilizable. %4 es lo habitual en esta química.</translation>
    </message>
    <message>
        <source>Landing at %1 is below this chemistry&apos;s floor of %2 and damages the cells.</source>
        <translation>Aterrizar a %1 está por debajo del mínimo de esta química, %2, y daña las celdas.</translation>
    </message>
    <message>
        <source>%1 is above your height limit of %2. Local rules decide.</source>
        <translation>%1 supera tu límite de altura de %2. Deciden las normas locales.</translation>
    </message>
    <message>
        <source>Cruise takes %1 of full power; 30–40 % leaves headroom for gusts.</source>
        <translation>El crucero usa %1 de la potencia máxima; 30–40 % deja margen para rachas.</translation>
    </message>
    <message>
        <source>Cruise takes %1 of full power: too much for a distance attempt. Fly slower, or lighter.</source>
        <translation>El crucero usa %1 de la potencia máxima: demasiado para un vuelo de distancia. Vuela más lento o más ligero.</translation>
    </message>
    <message>
        <source>On this flight %1 never says turn.</source>
        <translation>En este vuelo %1 nunca pide dar la vuelta.</translation>
    </message>
    <message>
        <source>The pack cannot fly the whole route: come home from %1 along it. A shorter route, less reserve or a bigger pack clears it.</source>
        <translation>La batería no da para toda la ruta: da la vuelta a los %1. Una ruta más corta, menos reserva o una batería mayor lo arregla.</translation>
    </message>
    <message>
        <source>The ground comes within %1 of the flight path, at %2 along it; %3 are wanted. Fly higher, or around it.</source>
        <translation>El suelo se acerca a %1 de la trayectoria, a los %2 de recorrido; se piden %3. Vuela más alto, o rodéalo.</translation>
    </message>
    <message>
        <source>The terrain file “%1” was not read: this plan assumes flat ground.</source>
        <translation>El archivo de terreno «%1» no se leyó: este plan supone suelo llano.</translation>
    </message>
    <message>
        <source>The elevation raster does not cover the whole flight: beyond it the ground is unknown.</source>
        <translation>El ráster de elevación no cubre todo el vuelo: fuera de él el suelo se desconoce.</translation>
    </message>
    <message>
        <source>A speed by share of full power needs the aircraft&apos;s full power; the known cruise is used.</source>
        <translation>Una velocidad por parte de la potencia necesita la potencia máxima del modelo; se usa el crucero conocido.</translation>
    </message>
    <message>
        <source>Level flight takes more than %1 of full power at any airspeed; the known cruise is used.</source>
        <translation>El vuelo nivelado usa más de %1 de la potencia máxima a cualquier velocidad; se usa el crucero conocido.</translation>
    </message>
    <message>
        <source>A fixed speed needs an airspeed (mission.airspeed_mps); the known cruise is used.</source>
        <translation>Una velocidad fija necesita una velocidad aérea (mission.airspeed_mps); se usa el crucero conocido.</translation>
    </message>
    <message>
        <source>A throttle (%1) needs the aircraft&apos;s full power; without it the throttle is ignored.</source>
        <translation>El gas (%1) necesita la potencia máxima del modelo; sin ella se ignora.</translation>
    </message>
    <message>
        <source>A descent of %1 is more than the airspeed of %2 allows: nothing is left to move forward. Choose a slower descent.</source>
        <translation>Un descenso de %1 es más de lo que permite la velocidad aérea de %2: no queda nada para avanzar. Elige un descenso más lento.</translation>
    </message>
    <message>
        <source>That throttle does not climb: level flight takes all of it. More throttle or less mass clears it.</source>
        <translation>Con ese gas no sube: el vuelo nivelado lo usa todo. Más gas o menos masa lo arregla.</translation>
    </message>
    <message>
        <source>Descending at %1 with so little forward speed sinks into its own wake; %2 is the most. Descend while flying forward.</source>
        <translation>Descender a %1 con tan poco avance cae en su propia estela; %2 como mucho. Desciende avanzando.</translation>
    </message>
    <message>
        <source>The known cruise is assumed to be flown at today&apos;s %1. If it was flown with another pack, enter that all-up mass: a heavier pack costs power.</source>
        <translation>El crucero conocido se supone volado con los %1 de hoy. Si fue con otra batería, anota aquella masa total: una batería más pesada cuesta potencia.</translation>
    </message>
    <message>
        <source>No aircraft of this mass cruises on %1: physics needs at least %2, %3 is usual. Check power, mass, propellers and kind of aircraft.</source>
        <translation>Ningún modelo de esta masa vuela con %1: la física pide al menos %2, lo habitual es %3. Revisa potencia, masa, hélices y tipo.</translation>
    </message>
    <message>
        <source>A cruise on %1 is less than ideal hovering would take (%2); %3 is usual. Check power, mass and propellers.</source>
        <translation>Un crucero con %1 es menos de lo que pediría un estacionario ideal (%2); lo habitual es %3. Revisa potencia, masa y hélices.</translation>
    </message>
    <message>
        <source>A pack of %1 that weighs %2 stores %3 Wh/kg; %4 to %5 Wh/kg is usual for such cells. Check its mass and its cells.</source>
        <translation>Una batería de %1 que pesa %2 guarda %3 Wh/kg; lo habitual en esas celdas es de %4 a %5 Wh/kg. Revisa su masa y sus celdas.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>The array delivers nothing on this day: the sun does not rise at this place, or the array does not reach the pack&apos;s voltage.</source>
        <translation>El panel no da nada este día: el sol no sale en este lugar, o el panel no llega a la tensión de la batería.</translation>
    </message>
    <message>
        <source>The pack is full while the sun still delivers more: %1 go unused. Fly faster, climb, or take a bigger pack.</source>
        <translation>La batería se llena mientras el sol aún da más: %1 quedan sin usar. Vuela más rápido, sube, o usa una batería mayor.</translation>
    </message>
    <message>
        <source>Sun and pack keep it up for the whole period considered (%1); what ends the flight is something else.</source>
        <translation>Sol y batería lo sostienen todo el periodo considerado (%1); lo que acaba el vuelo es otra cosa.</translation>
    </message>
    <message>
        <source>The counter includes everything that motors and electronics took; part of it came from the array. The resting voltage or the recharge tells what remains in the pack, not the counter.</source>
        <translation>El contador incluye todo lo que gastaron motores y electrónica; parte vino del panel. Lo que queda en la batería lo dice la tensión en reposo o la recarga, no el contador.</translation>
    </message>
    <message>
        <source>A flight on the sun needs %1; without it this is a plan on the pack alone.</source>
        <translation>Un vuelo con el sol necesita %1; sin ello es un plan solo con la batería.</translation>
    </message>
    <message>
        <source>The cold pack sags to %1 at the start and recovers after %2 as it warms. Keep it warm until launch, and do not mistake the sag for empty.</source>
        <translation>La batería fría cae a %1 al principio y se recupera tras %2 al calentarse. Mantenla caliente hasta despegar, y no confundas la caída con estar vacía.</translation>
    </message>
    <message>
        <source>%1 exceeds the %2 continuous rating of this pack. Fly slower, or take a pack with more cells in parallel.</source>
        <translation>%1 supera la corriente continua de %2 de esta batería. Vuela más lento, o usa una con más celdas en paralelo.</translation>
    </message>
    <message>
        <source>mAh mislead here, because the packs differ in cells in series: %1 has %2 but only %3; %4 has %5 and %6. Compare by Wh.</source>
        <translation>Los mAh engañan aquí, porque las baterías difieren en celdas en serie: %1 tiene %2 pero solo %3; %4 tiene %5 y %6. Compara por Wh.</translation>
    </message>
    <message>
        <source>Flights showed %1 per cell, the pack is entered with %2. Cold, age or a bad joint: the measured value decides the continuous current.</source>
        <translation>Los vuelos mostraron %1 por celda, la batería está anotada con %2. Frío, edad o una mala unión: el valor medido decide la corriente continua.</translation>
    </message>
    <message>
        <source>Under this load the pack is below %1 from the start: nothing is usable down to that landing voltage.</source>
        <translation>Con esta carga la batería está por debajo de %1 desde el principio: nada es utilizable hasta esa tensión.</translation>
    </message>
    <message>
        <source>“%1” names no unit; it was read as %2 in %3.</source>
        <translation>«%1» no indica unidad; se leyó como %2 en %3.</translation>
    </message>
    <message>
        <source>“%1” was read as %2 in %3 from its numbers or its unit alone. If that is wrong: Columns…</source>
        <translation>«%1» se leyó como %2 en %3 solo por sus números o su unidad. Si está mal: Columnas…</translation>
    </message>
    <message>
        <source>Records that could not be read were left out: %1, the first in line %2.</source>
        <translation>Se dejaron fuera registros ilegibles: %1, el primero en la línea %2.</translation>
    </message>
    <message>
        <source>The log has more than one battery. Charge and energy are those of the first; the others are not added.</source>
        <translation>El registro tiene más de una batería. Carga y energía son de la primera; las otras no se suman.</translation>
    </message>
    <message>
        <source>More than one vehicle is on this link. Positions and readings are those of number %1; the others are left out.</source>
        <translation>Hay más de un vehículo en este enlace. Posiciones y lecturas son del número %1; los demás se dejan fuera.</translation>
    </message>
    <message>
        <source>The log&apos;s clock was set in flight; the rows before were moved to the clock that followed.</source>
        <translation>El reloj del registro se puso en hora en vuelo; las filas anteriores se llevaron al reloj siguiente.</translation>
    </message>
    <message>
        <source>The log began with %1 on the counter: they count as used, but the start is missing. Time and distance are lower bounds.</source>
        <translation>El registro empezó con %1 en el contador: cuentan como usados, pero falta el inicio. Tiempo y distancia son mínimos.</translation>
    </message>
    <message>
        <source>No column holds a current; charge is power over volts.</source>
        <translation>Ninguna columna contiene corriente; la carga es potencia entre tensión.</translation>
    </message>
    <message>
        <source>Voltage was missing for %1; it was interpolated for the energy.</source>
        <translation>Faltó la tensión durante %1; para la energía se interpoló.</translation>
    </message>
    <message>
        <source>The current was missing for %1; it was interpolated for the charge, with a wide error.</source>
        <translation>Faltó la corriente durante %1; para la carga se interpoló, con mucho error.</translation>
    </message>
    <message>
        <source>The current was missing for %1; the log&apos;s own counter gives what was drawn meanwhile.</source>
        <translation>Faltó la corriente durante %1; el contador del registro dice lo que se gastó entretanto.</translation>
    </message>
    <message>
        <source>Without positions the distance is ground speed over time.</source>
        <translation>Sin posiciones, la distancia es velocidad sobre el suelo por tiempo.</translation>
    </message>
    <message>
        <source>Day and month in “%1” (%2) can be read either way; they were read as %3. If that is wrong: Columns…</source>
        <translation>Día y mes en «%1» (%2) se pueden leer de dos maneras; se leyeron como %3. Si está mal: Columnas…</translation>
    </message>
    <message>
        <source>“%1” is %2 too; another column was used for it. If that is wrong: Columns…</source>
        <translation>«%1» también es %2; se usó otra columna. Si está mal: Columnas…</translation>
    </message>
    <message>
        <source>The log has no header line: its columns were identified by their numbers. Check them under Columns…</source>
        <translation>El registro no tiene cabecera: las columnas se reconocieron por sus números. Revísalas en Columnas…</translation>
    </message>
    <message>
        <source>The log gives positions in metres and does not say where home is: distances are right, the location on earth is not.</source>
        <translation>El registro da posiciones en metros y no dice dónde está el punto de partida: las distancias son correctas, el lugar en la Tierra no.</translation>
    </message>
    <message>
        <source>Home as given is %1 from the first good fix. Latitude comes first, then longitude.</source>
        <translation>El punto de partida indicado está a %1 de la primera posición buena. Primero va la latitud, luego la longitud.</translation>
    </message>
    <message>
        <source>No column holds a current or a charge counter: distance and height are shown, consumption is not. Switch the current sensor&apos;s telemetry on.</source>
        <translation>Ninguna columna contiene corriente ni contador de carga: se muestran distancia y altura, no el consumo. Activa la telemetría del sensor de corriente.</translation>
    </message>
    <message>
        <source>No column holds the pack voltage: charge is counted, energy is unknown.</source>
        <translation>Ninguna columna contiene la tensión de la batería: se cuenta la carga, la energía se desconoce.</translation>
    </message>
    <message>
        <source>The first good fix came after %1, and home is assumed there. If the aircraft was already flying, set home yourself.</source>
        <translation>La primera posición buena llegó tras %1, y se supone que el punto de partida está ahí. Si el modelo ya volaba, indícalo tú.</translation>
    </message>
    <message>
        <source>The integrated current gives %1, the log&apos;s own counter says %2. Rows may be missing, or the counter started late.</source>
        <translation>La corriente integrada da %1, el contador del registro dice %2. Quizá faltan filas, o el contador empezó tarde.</translation>
    </message>
    <message>
        <source>Positions add up to %1, ground speed to %2. One of the two is off.</source>
        <translation>Las posiciones suman %1, la velocidad sobre el suelo %2. Una de las dos falla.</translation>
    </message>
    <message>
        <source>The record has gaps (%1, together %2). What was used meanwhile is not counted; the true figures are higher.</source>
        <translation>El registro tiene huecos (%1, en total %2). Lo gastado entretanto no se cuenta; las cifras reales son mayores.</translation>
    </message>
    <message>
        <source>The log&apos;s maximum of %1 does not fit a pack of %2 in series; nothing that depends on the pack is computed. Choose the pack that was flown.</source>
        <translation>El máximo de %1 del registro no encaja con una batería de %2 en serie; no se calcula nada que dependa de ella. Elige la batería que se voló.</translation>
    </message>
    <message>
        <source>The headings flown show the wind along %1 only; across it, the log cannot tell it from the airspeed. A full turn would.</source>
        <translation>Los rumbos volados muestran el viento solo a lo largo de %1; de través no se distingue de la velocidad aérea. Un círculo completo bastaría.</translation>
    </message>
    <message>
        <source>The wind is unknown, so still-air consumption is too: the figures over ground hold for this flight only.</source>
        <translation>El viento se desconoce, así que también el consumo sin viento: las cifras sobre el suelo valen solo para este vuelo.</translation>
    </message>
    <message>
        <source>The logbook is read-only here: changes are not saved. Give its file write permission, or choose another one.</source>
        <translation>El diario es aquí de solo lectura: los cambios no se guardan. Da permiso de escritura al archivo, o elige otro.</translation>
    </message>
    <message>
        <source>The logbook is open in another window; here it is read-only, and changes are not saved. Close the other window and start again.</source>
        <translation>El diario está abierto en otra ventana; aquí es de solo lectura y los cambios no se guardan. Cierra la otra ventana y empieza de nuevo.</translation>
    </message>
    <message>
        <source>The logbook was written by a newer version (%1; this program knows up to %2). It is read-only, and changes are not saved. Update the program.</source>
        <translation>El diario lo escribió una versión más nueva (%1; este programa conoce hasta la %2). Es de solo lectura y los cambios no se guardan. Actualiza el programa.</translation>
    </message>
    <message>
        <source>The folder of the logbook does not allow the safer way of writing, as network folders do not. It works, more slowly; a folder on this machine is better.</source>
        <translation>La carpeta del diario no permite la forma de escritura más segura, como pasa con las de red. Funciona, más lento; mejor una carpeta de este equipo.</translation>
    </message>
    <message>
        <source>The logbook was upgraded to this version. A copy of the old one is in %1.</source>
        <translation>El diario se actualizó a esta versión. Hay una copia del antiguo en %1.</translation>
    </message>
    <message>
        <source>Latitude and longitude are in each other&apos;s column; they were swapped. Say so in “Columns…” if that is wrong.</source>
        <translation>Latitud y longitud están cambiadas de columna; se intercambiaron. Si está mal, dilo en «Columnas…».</translation>
    </message>
    <message>
        <source>“%1” was frozen for %2 in flight, in total; those readings are excluded. Check its wiring.</source>
        <translation>«%1» estuvo congelado en vuelo %2 en total; esas lecturas se excluyen. Revisa el cableado.</translation>
    </message>
    <message>
        <source>The current sensor is saturated at %1, for %2 in total: more was used than is counted.</source>
        <translation>El sensor de corriente se satura a %1, %2 en total: se gastó más de lo contado.</translation>
    </message>
    <message>
        <source>Barometer and GPS drift apart by up to %1: weather, or cabin pressure from the airflow. Barometric heights are used.</source>
        <translation>Barómetro y GPS se separan hasta %1: tiempo, o presión en cabina por el flujo. Se usan las alturas barométricas.</translation>
    </message>
    <message>
        <source>The aircraft&apos;s own estimate is %1 from %2, its turns show %3 from %4. The turns count here.</source>
        <translation>La estimación del modelo es %1 de %2, sus giros muestran %3 de %4. Aquí cuentan los giros.</translation>
    </message>
    <message>
        <source>The link would fail at about %1; this flight went to %2. Range-check it before going farther.</source>
        <translation>El enlace fallaría a unos %1; este vuelo llegó a %2. Comprueba el alcance antes de ir más lejos.</translation>
    </message>
    <message>
        <source>The current sensors do not agree: the array delivered %1, motors and electronics took %2, the pack %3. %4 are missing.</source>
        <translation>Los sensores de corriente no concuerdan: el panel dio %1, motores y electrónica gastaron %2, la batería %3. Faltan %4.</translation>
    </message>
    <message>
        <source>On the ground the sensor reads %1 where the electronics draw %2: its offset is %3. Set it in the flight controller.</source>
        <translation>En tierra el sensor lee %1 donde la electrónica gasta %2: su cero es %3. Ponlo en el controlador de vuelo.</translation>
    </message>
    <message>
        <source>No column holds a current; charge is the log&apos;s own counter, energy its count times the volts.</source>
        <translation>Ninguna columna contiene corriente; la carga es el contador del registro, la energía su cuenta por la tensión.</translation>
    </message>
    <message>
        <source>Turning by %1 at %2 would not get home at all: short by %3.</source>
        <translation>Dar la vuelta por %1 a %2 no llegaría a casa: faltan %3.</translation>
    </message>
    <message>
        <source>Turning by %1 at %2 would not get home with the reserve.</source>
        <translation>Dar la vuelta por %1 a %2 no llegaría a casa con la reserva.</translation>
    </message>
    <message>
        <source>At %1 the rate table promises %2 per cell, but the stated resistance allows only %3. One of the two is wrong.</source>
        <translation>A %1 la tabla de descargas promete %2 por celda, pero la resistencia indicada solo permite %3. Una de las dos está mal.</translation>
    </message>
    <message numerus="yes">
        <source>%n more column(s) were not used.</source>
        <translation>
            <numerusform>%n columna más no se usó.</numerusform>
            <numerusform>%n columnas más no se usaron.</numerusform>
        </translation>
    </message>
    <message>
        <source>“%1” was not used.</source>
        <translation>«%1» no se usó.</translation>
    </message>
    <message>
        <source>The file holds %1 flights; this is the %2. Choose another one above the strips, or with --flight.</source>
        <translation>El archivo contiene %1 vuelos; este es el %2. Elige otro sobre los trazados, o con --flight.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the strips between the cells, up to %3. Feel the pack after landing; wider or doubled strips carry more.</source>
        <translation>%1 por encima de los %2 de las tiras entre celdas, hasta %3. Toca la batería al aterrizar; tiras más anchas o dobles llevan más.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the connector, up to %3. Feel it after landing; a larger one carries more.</source>
        <translation>%1 por encima de los %2 del conector, hasta %3. Tócalo al aterrizar; uno mayor lleva más.</translation>
    </message>
    <message>
        <source>%1 above the %2 continuous rating of this pack, up to %3. Short bursts warm it; a minute of it ages it.</source>
        <translation>%1 por encima de los %2 continuos de esta batería, hasta %3. Los picos cortos la calientan; un minuto así la envejece.</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>línea %1</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>columna %1</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>«%1»</translation>
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
        <translation>El punto de partida</translation>
    </message>
    <message>
        <source>There is no area in this file: no polygon of GeoJSON or KML.</source>
        <translation>No hay ninguna zona en este archivo: ningún polígono de GeoJSON o KML.</translation>
    </message>
    <message>
        <source>%1 lies in the no-landing area “%2”: move the one, or draw the other anew.</source>
        <translation>%1 está en la zona sin aterrizaje «%2»: mueve lo uno o dibuja de nuevo lo otro.</translation>
    </message>
    <message>
        <source>The pack&apos;s %1 is a label&apos;s figure or a sum of parts until it is weighed: leads and connector often add a few per cent.</source>
        <translation>Los %1 de la batería son el dato de la etiqueta o una suma de partes hasta que se pese: cables y conector suelen añadir unos pocos por ciento.</translation>
    </message>
    <message>
        <source>No flight and no recharge of this pack is filed: all that is known of it is its label. Fly it near home first.</source>
        <translation>No hay ningún vuelo ni recarga archivados de esta batería: de ella solo se conoce la etiqueta. Vuélala primero cerca de casa.</translation>
    </message>
    <message>
        <source>These cells are taken to be high-capacity ones, good for %1 in this pack; high-drain ones would be good for %2. Say which they are, or enter the pack&apos;s rated current.</source>
        <translation>Estas celdas se toman por celdas de alta capacidad, válidas para %1 en esta batería; las de alta descarga lo serían para %2. Indica cuáles son o introduce la corriente nominal de la batería.</translation>
    </message>
    <message>
        <source>The log counts what leaves the pack as negative. The sign was reversed: drawn is positive.</source>
        <translation>El registro cuenta como negativo lo que sale de la batería. Se ha invertido el signo: lo consumido es positivo.</translation>
    </message>
    <message>
        <source>The log has its newest rows first. Their order was reversed.</source>
        <translation>El registro tiene primero las filas más recientes. Se ha invertido su orden.</translation>
    </message>
    <message>
        <source>No position in this log: distances are unknown.</source>
        <translation>No hay posición en este registro: las distancias se desconocen.</translation>
    </message>
    <message>
        <source>The “%1” given there is not known.</source>
        <translation>«%1», indicado ahí, no se conoce.</translation>
    </message>
    <message>
        <source>A value is missing that cannot be derived. Add it.%1</source>
        <translation>Falta un valor que no se puede deducir. Añádelo.%1</translation>
    </message>
    <message>
        <source>This flight does not show level flight in a known wind, on which the comparison rests. Take one with a full circle.</source>
        <translation>Este vuelo no muestra vuelo nivelado con viento conocido, en el que se basa la comparación. Elige uno con un círculo completo.</translation>
    </message>
    <message>
        <source>“%1” does not say whether it is a cell&apos;s capacity or the whole pack&apos;s. By the packs&apos; mass it was read as a cell&apos;s.</source>
        <translation>«%1» no dice si es la capacidad de una celda o de toda la batería. Por la masa de las baterías se ha leído como la de una celda.</translation>
    </message>
    <message>
        <source>“%1” does not say whether it is a cell&apos;s capacity or the whole pack&apos;s. By the packs&apos; mass it was read as the pack&apos;s.</source>
        <translation>«%1» no dice si es la capacidad de una celda o de toda la batería. Por la masa de las baterías se ha leído como la de la batería.</translation>
    </message>
    <message>
        <source>“%1” is not in the logbook, which has none yet. Enter it there first, or leave the column out.</source>
        <translation>«%1» no está en el diario, que aún no tiene ninguno. Añádelo allí primero u omite la columna.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the controllers, up to %3. Fly slower, or take a propeller of less pitch.</source>
        <translation>%1 por encima de los %2 de los variadores, hasta %3. Vuela más lento, o usa una hélice de menos paso.</translation>
    </message>
    <message>
        <source>%1 above the %2 rating of the motors, up to %3. Fly slower, or take a propeller of less pitch.</source>
        <translation>%1 por encima de los %2 de los motores, hasta %3. Vuela más lento, o usa una hélice de menos paso.</translation>
    </message>
    <message>
        <source>Even at launch the pack does not hold what %1 asks for. Less reserve or a bigger pack clears it.</source>
        <translation>Ni siquiera al despegar la batería tiene lo que pide %1. Menos reserva o una batería mayor lo resuelve.</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>The solar cells together take %1, the wing has %2. Check the area of one cell, how many there are, and the wing&apos;s area.</source>
        <translation>Las celdas solares ocupan en total %1 y el ala tiene %2. Revisa el área de una celda, cuántas hay y el área del ala.</translation>
    </message>
    <message>
        <source>Connected directly, nothing ends the charge: the array would push the full pack beyond %1, and overcharged cells can burn. Use a converter that ends the charge there, launch with less in the pack, or switch the array off in time.</source>
        <translation>Conectado directamente, nada termina la carga: el panel llevaría la batería llena por encima de %1, y las celdas sobrecargadas pueden arder. Usa un convertidor que termine ahí la carga, despega con menos carga en la batería o desconecta el panel a tiempo.</translation>
    </message>
    <message>
        <source>At launch the voltage was that of a pack about %1 full; it is taken to have been %2 full. If it was not, say what it was charged to (about %3): less remained than the counter says. If it was, the pack has aged or was colder, or the voltage sensor reads low.</source>
        <translation>Al despegar, la tensión era la de una batería cargada al %1 más o menos; se supone que estaba al %2. Si no lo estaba, indica hasta dónde se cargó (unos %3): quedó menos de lo que dice el contador. Si lo estaba, la batería ha envejecido o estaba más fría, o el sensor de tensión lee de menos.</translation>
    </message>
    <message>
        <source>a number, or text of a number and its unit</source>
        <translation>un número, o texto con número y unidad</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>un número entero</translation>
    </message>
    <message>
        <source>a number, with a unit of the column&apos;s kind or none</source>
        <translation>un número, con una unidad del tipo de la columna o sin ella</translation>
    </message>
    <message>
        <source>text in quotes</source>
        <translation>texto entre comillas</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true o false</translation>
    </message>
    <message>
        <source>an object in braces: {…}</source>
        <translation>un objeto entre llaves: {…}</translation>
    </message>
    <message>
        <source>a list in brackets: […]</source>
        <translation>una lista entre corchetes: […]</translation>
    </message>
    <message>
        <source>two numbers in brackets: [number, number]</source>
        <translation>dos números entre corchetes: [número, número]</translation>
    </message>
    <message>
        <source>a date</source>
        <translation>una fecha</translation>
    </message>
    <message>
        <source>a time of day</source>
        <translation>una hora del día</translation>
    </message>
    <message>
        <source>readings such as 5 min 410 mAh 15.9 V; 10 min 830 mAh</source>
        <translation>lecturas como 5 min 410 mAh 15.9 V; 10 min 830 mAh</translation>
    </message>
    <message>
        <source>columns that fit together</source>
        <translation>columnas que encajen entre sí</translation>
    </message>
    <message>
        <source>“%1” cannot be read there; expected: %2.</source>
        <translation>«%1» no se puede leer ahí; se espera: %2.</translation>
    </message>
    <message>
        <source>A mission of this kind leads over at least one waypoint. Add one, or choose another kind.</source>
        <translation>Una misión de este tipo pasa por al menos un punto de ruta. Añade uno, o elige otro tipo.</translation>
    </message>
    <message>
        <source>The outbound leg ends at %1, %2 after launch: in the wind of %3 met there an airspeed of %4 cannot hold the course with 2 m/s over ground.</source>
        <translation>La ida termina en %1, %2 después del despegue: con el viento de %3 que hay allí, una velocidad aérea de %4 no mantiene el rumbo con 2 m/s sobre el suelo.</translation>
    </message>
    <message>
        <source>The position is known from %1 to %2 only: distance, farthest point and consumption are those of that part of the flight.</source>
        <translation>La posición solo se conoce de %1 a %2: la distancia, el punto más lejano y el consumo son los de esa parte del vuelo.</translation>
    </message>
    <message>
        <source>The wind is not known: the aircraft hovered, or flew too slowly to show it. Fly one full circle at cruising speed.</source>
        <translation>No se conoce el viento: el modelo estuvo en vuelo estacionario, o voló demasiado despacio para mostrarlo. Vuela un círculo completo a velocidad de crucero.</translation>
    </message>
    <message>
        <source>The wind is not known: the speed over ground was the same on every course while the power was not, as position control flies it. Fly one full circle at a steady attitude.</source>
        <translation>No se conoce el viento: la velocidad sobre el suelo fue la misma en todos los rumbos y la potencia no, como vuela un control de posición. Vuela un círculo completo con actitud constante.</translation>
    </message>
    <message>
        <source>The wind decides this turn, not the pack: from beyond %1, %2 after launch, the aircraft does not get home against the worst credible wind.</source>
        <translation>Este regreso lo decide el viento, no la batería: desde más allá de %1, %2 después del despegue, el modelo no vuelve a casa contra el peor viento creíble.</translation>
    </message>
    <message>
        <source>No column holds a current or a charge; charge is the energy counted over the volts.</source>
        <translation>Ninguna columna tiene corriente ni carga; la carga es la energía contada entre la tensión.</translation>
    </message>
    <message>
        <source>The log has power or energy, but neither pack voltage nor current: energy is counted, charge is unknown.</source>
        <translation>El registro tiene potencia o energía, pero ni tensión ni corriente: se cuenta la energía, la carga no se conoce.</translation>
    </message>
    <message>
        <source>“%1” is known there.</source>
        <translation>Ahí se conoce «%1».</translation>
    </message>
    <message>
        <source>“%1” is not known and was ignored. Is it a typing error?%2</source>
        <translation>«%1» no se conoce y se ignoró. ¿Es una errata?%2</translation>
    </message>
    <message>
        <source>The log has only the voltage of a cell: charge is counted, energy is unknown. Say how many cells are in series.</source>
        <translation>El registro solo tiene la tensión de una celda: se cuenta la carga, la energía se desconoce. Indica cuántas celdas hay en serie.</translation>
    </message>
    <message>
        <source>The log has only the voltage of a cell; the pack&apos;s is taken as %1 times that.</source>
        <translation>El registro solo tiene la tensión de una celda; la de la batería se toma como %1 veces esa.</translation>
    </message>
    <message>
        <source>The log&apos;s timer counts down. Time was counted upwards from its first row.</source>
        <translation>El temporizador del registro cuenta hacia atrás. El tiempo se contó hacia delante desde la primera fila.</translation>
    </message>
</context>
<context>
    <name>sobremesa::MissionFields</name>
    <message>
        <source>Home position</source>
        <translation>Punto de partida</translation>
    </message>
    <message>
        <source>Enter latitude and longitude in degrees, such as “39.41825; -31.36148”.</source>
        <translation>Escribe latitud y longitud en grados, por ejemplo «39.41825; -31.36148».</translation>
    </message>
    <message>
        <source>latitude; longitude in degrees: for terrain and for route files</source>
        <translation>latitud; longitud en grados: para terreno y archivos de ruta</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Mission</source>
        <translation>Misión</translation>
    </message>
    <message>
        <source>Launch (UTC)</source>
        <translation>Despegue (UTC)</translation>
    </message>
    <message>
        <source>Enter date and time as 2026-06-21 10:30.</source>
        <translation>Escribe fecha y hora como 2026-06-21 10:30.</translation>
    </message>
    <message>
        <source>date and time, such as 2026-06-21 10:30; the place is home</source>
        <translation>fecha y hora, por ejemplo 2026-06-21 10:30; el lugar es el punto de partida</translation>
    </message>
    <message>
        <source>Cloud, eighths of the sky</source>
        <translation>Nubes, octavos de cielo</translation>
    </message>
    <message>
        <source>The sun counts as</source>
        <translation>El sol cuenta como</translation>
    </message>
    <message>
        <source>a bonus</source>
        <translation>extra</translation>
    </message>
    <message>
        <source>counted</source>
        <translation>contado</translation>
    </message>
    <message>
        <source>Outbound airspeed</source>
        <translation>Velocidad aérea de ida</translation>
    </message>
    <message>
        <source>Return airspeed</source>
        <translation>Velocidad aérea de vuelta</translation>
    </message>
    <message>
        <source>Fixed airspeed</source>
        <translation>Velocidad aérea fija</translation>
    </message>
    <message>
        <source>used where a fixed one is chosen</source>
        <translation>se usa donde se elige una fija</translation>
    </message>
    <message>
        <source>Share of full power</source>
        <translation>Parte de la potencia máxima</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>used where that is chosen; half leaves room for gusts and climbs</source>
        <translation>se usa donde se elige; la mitad deja sitio para rachas y ascensos</translation>
    </message>
    <message>
        <source>Climb angle</source>
        <translation>Ángulo de ascenso</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>instead of a rate</source>
        <translation>en lugar de un régimen</translation>
    </message>
    <message>
        <source>Climb throttle</source>
        <translation>Gas de ascenso</translation>
    </message>
    <message>
        <source>wings launch near 85 %; needs the full power</source>
        <translation>las alas fijas despegan cerca del 85 %; necesita la potencia máxima</translation>
    </message>
    <message>
        <source>Ground clearance</source>
        <translation>Distancia al suelo</translation>
    </message>
    <message>
        <source>Height limit above ground</source>
        <translation>Límite de altura sobre el suelo</translation>
    </message>
    <message>
        <source>local rules decide</source>
        <translation>deciden las normas locales</translation>
    </message>
    <message>
        <source>Distance limit from home</source>
        <translation>Límite de distancia a casa</translation>
    </message>
    <message>
        <source>km</source>
        <translation>km</translation>
    </message>
    <message>
        <source>out and back turns there at the latest</source>
        <translation>ida y vuelta regresa ahí como muy tarde</translation>
    </message>
    <message>
        <source>Loiter radius</source>
        <translation>Radio de espera</translation>
    </message>
    <message>
        <source>banking costs power. Empty: wide circles</source>
        <translation>inclinarse cuesta potencia. Vacío: círculos amplios</translation>
    </message>
    <message>
        <source>Bank in turns</source>
        <translation>Inclinación en los virajes</translation>
    </message>
    <message>
        <source>at waypoints and for home. Empty: turns cost nothing</source>
        <translation>en los puntos y para volver. Vacío: los virajes no cuestan</translation>
    </message>
    <message>
        <source>Landing starts at</source>
        <translation>El aterrizaje empieza a</translation>
    </message>
    <message>
        <source>a rotor comes straight down from there, a wing flies its approach</source>
        <translation>un multirrotor baja recto desde ahí, un ala fija hace su aproximación</translation>
    </message>
    <message>
        <source>Landing sink rate</source>
        <translation>Descenso en el aterrizaje</translation>
    </message>
    <message>
        <source>rotors: never faster than 2 m/s into their own wake</source>
        <translation>rotores: nunca más de 2 m/s en su propia estela</translation>
    </message>
    <message>
        <source>Elevation raster</source>
        <translation>Ráster de elevación</translation>
    </message>
    <message>
        <source>a file: GeoTIFF, HGT or ASCII grid; empty: flat ground</source>
        <translation>un archivo: GeoTIFF, HGT o malla ASCII; vacío: suelo llano</translation>
    </message>
    <message>
        <source>Forecast is for a height of</source>
        <translation>La previsión es para una altura de</translation>
    </message>
    <message>
        <source>Empty: the mission&apos;s</source>
        <translation>Vacío: la de la misión</translation>
    </message>
    <message>
        <source>Wind profile exponent</source>
        <translation>Exponente del perfil del viento</translation>
    </message>
    <message>
        <source>0.14 over open ground, 0.25 over woods and hedges</source>
        <translation>0,14 en campo abierto, 0,25 en bosque y setos</translation>
    </message>
    <message>
        <source>Wind growth per hour</source>
        <translation>Crecimiento del viento por hora</translation>
    </message>
    <message>
        <source>Gusts above the mean wind</source>
        <translation>Rachas sobre el viento medio</translation>
    </message>
    <message>
        <source>Empty: a third of the wind, at least 1.5 m/s</source>
        <translation>Vacío: un tercio del viento, al menos 1,5 m/s</translation>
    </message>
    <message>
        <source>The wind is</source>
        <translation>El viento está</translation>
    </message>
    <message>
        <source>forecast some hours ago</source>
        <translation>previsto hace unas horas</translation>
    </message>
    <message>
        <source>measured now</source>
        <translation>medido ahora</translation>
    </message>
    <message>
        <source>with the errors below</source>
        <translation>con los errores de abajo</translation>
    </message>
    <message>
        <source>Wind speed error</source>
        <translation>Error de velocidad del viento</translation>
    </message>
    <message>
        <source>one standard deviation</source>
        <translation>una desviación típica</translation>
    </message>
    <message>
        <source>Wind direction error</source>
        <translation>Error de dirección del viento</translation>
    </message>
    <message>
        <source>Chance rule turns below</source>
        <translation>La regla de probabilidad vuelve por debajo de</translation>
    </message>
    <message>
        <source>Pressure at the field</source>
        <translation>Presión en el campo</translation>
    </message>
    <message>
        <source>hPa</source>
        <translation>hPa</translation>
    </message>
    <message>
        <source>not reduced to sea level. Empty: from the elevation</source>
        <translation>sin reducir al nivel del mar. Vacío: por la elevación</translation>
    </message>
    <message>
        <source>Humidity</source>
        <translation>Humedad</translation>
    </message>
    <message>
        <source>Failsafe return height</source>
        <translation>Altura del retorno failsafe</translation>
    </message>
    <message>
        <source>what the aircraft does by itself when the link is lost</source>
        <translation>lo que hace el modelo por sí solo si se pierde el enlace</translation>
    </message>
    <message>
        <source>Failsafe return airspeed</source>
        <translation>Velocidad aérea del retorno failsafe</translation>
    </message>
    <message>
        <source>or at a throttle of</source>
        <translation>o con el gas al</translation>
    </message>
    <message>
        <source>Link frequency</source>
        <translation>Frecuencia del enlace</translation>
    </message>
    <message>
        <source>MHz</source>
        <translation>MHz</translation>
    </message>
    <message>
        <source>Radiated power, with antennas</source>
        <translation>Potencia radiada, con antenas</translation>
    </message>
    <message>
        <source>dBm</source>
        <translation>dBm</translation>
    </message>
    <message>
        <source>Minimum signal</source>
        <translation>Señal mínima</translation>
    </message>
    <message>
        <source>Link range from logs</source>
        <translation>Alcance del enlace según registros</translation>
    </message>
    <message>
        <source>see Debrief: where the link would fall to its failsafe level</source>
        <translation>ver Análisis: dónde caería el enlace a su nivel de failsafe</translation>
    </message>
    <message>
        <source>Ground antenna height</source>
        <translation>Altura de la antena de tierra</translation>
    </message>
    <message>
        <source>Minimum for video and servos</source>
        <translation>Mínimo para vídeo y servos</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>voltage of the pack, through their regulators</source>
        <translation>tensión de la batería, por sus reguladores</translation>
    </message>
    <message>
        <source>Controller cutoff</source>
        <translation>Corte del variador</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/celda</translation>
    </message>
    <message>
        <source>0: switched off</source>
        <translation>0: desactivado</translation>
    </message>
    <message>
        <source>Recorder card lasts</source>
        <translation>La tarjeta de memoria dura</translation>
    </message>
    <message>
        <source>Goggles last</source>
        <translation>Las gafas duran</translation>
    </message>
    <message>
        <source>Radio lasts</source>
        <translation>La emisora dura</translation>
    </message>
    <message>
        <source>Ground station lasts</source>
        <translation>La estación de tierra dura</translation>
    </message>
    <message>
        <source>Elevation rasters (*.tif *.tiff *.hgt *.asc *.vrt);;All files (*)</source>
        <translation>Mallas de elevación (*.tif *.tiff *.hgt *.asc *.vrt);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Video frequency</source>
        <translation>Frecuencia del vídeo</translation>
    </message>
    <message>
        <source>of the video link, which has limits of its own</source>
        <translation>del enlace de vídeo, que tiene sus propios límites</translation>
    </message>
    <message>
        <source>of the control link</source>
        <translation>del enlace de control</translation>
    </message>
    <message>
        <source>Radiated power of the video</source>
        <translation>Potencia radiada del vídeo</translation>
    </message>
    <message>
        <source>Minimum signal of the video</source>
        <translation>Señal mínima del vídeo</translation>
    </message>
    <message>
        <source>Video range from flights</source>
        <translation>Alcance del vídeo según vuelos</translation>
    </message>
    <message>
        <source>where the picture would break up for good</source>
        <translation>donde la imagen se perdería del todo</translation>
    </message>
    <message>
        <source>Video antenna height</source>
        <translation>Altura de la antena de vídeo</translation>
    </message>
    <message>
        <source>Over land again by</source>
        <translation>De nuevo sobre tierra con</translation>
    </message>
    <message>
        <source>used on the return leg when it leaves the last no-landing area. Empty: before the reserve begins</source>
        <translation>consumidos en el regreso al dejar la última zona sin aterrizaje. Vacío: antes de empezar la reserva</translation>
    </message>
    <message>
        <source>Share rule turns at</source>
        <translation>La regla de proporción vuelve con</translation>
    </message>
    <message>
        <source>of the usable charge remaining</source>
        <translation>de la carga utilizable restante</translation>
    </message>
    <message>
        <source>Charge rule lands at</source>
        <translation>La regla de carga aterriza con</translation>
    </message>
    <message>
        <source>turns at half of it. Empty: the usable charge</source>
        <translation>vuelve a la mitad. Vacío: la carga utilizable</translation>
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
        <translation>Li-ion</translation>
    </message>
    <message>
        <source>high-capacity</source>
        <translation>alta capacidad</translation>
    </message>
    <message>
        <source>high-drain</source>
        <translation>alta descarga</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/celda</translation>
    </message>
    <message>
        <source>for a long life, %1 at rest</source>
        <translation>para larga vida, %1 en reposo</translation>
    </message>
    <message>
        <source>conservative, %1 under load</source>
        <translation>prudente, %1 bajo carga</translation>
    </message>
    <message>
        <source>usual, %1 in cruise</source>
        <translation>habitual, %1 en crucero</translation>
    </message>
    <message>
        <source>at the limit, %1 under load</source>
        <translation>al límite, %1 bajo carga</translation>
    </message>
    <message>
        <source>the floor, %1</source>
        <translation>el mínimo, %1</translation>
    </message>
    <message>
        <source>a typical alarm setting, %1</source>
        <translation>un ajuste de alarma típico, %1</translation>
    </message>
    <message>
        <source>emergency only, %1</source>
        <translation>solo emergencia, %1</translation>
    </message>
    <message>
        <source>wing</source>
        <translation>ala fija</translation>
    </message>
    <message>
        <source>multirotor</source>
        <translation>multirrotor</translation>
    </message>
    <message>
        <source>number of cells differs from the header</source>
        <translation>número de celdas distinto de la cabecera</translation>
    </message>
    <message>
        <source>text instead of a number</source>
        <translation>texto en lugar de un número</translation>
    </message>
    <message>
        <source>the file ends in the middle of a row</source>
        <translation>el archivo acaba a mitad de fila</translation>
    </message>
    <message>
        <source>repeated header</source>
        <translation>cabecera repetida</translation>
    </message>
    <message>
        <source>no time</source>
        <translation>sin tiempo</translation>
    </message>
    <message>
        <source>time stands still or runs backwards</source>
        <translation>el tiempo se para o retrocede</translation>
    </message>
    <message>
        <source>clock ran ahead for a moment</source>
        <translation>el reloj se adelantó un momento</translation>
    </message>
    <message>
        <source>no satellite fix (position only)</source>
        <translation>sin posición de satélite (solo posición)</translation>
    </message>
    <message>
        <source>position jumps beyond a credible speed (position only)</source>
        <translation>salto de posición a velocidad inverosímil (solo posición)</translation>
    </message>
    <message>
        <source>position not on earth (position only)</source>
        <translation>posición fuera de la Tierra (solo posición)</translation>
    </message>
    <message>
        <source>impossible voltage or current</source>
        <translation>tensión o corriente imposibles</translation>
    </message>
    <message>
        <source>another flight in the same file</source>
        <translation>otro vuelo en el mismo archivo</translation>
    </message>
    <message>
        <source>too few satellites for a fix (position only)</source>
        <translation>muy pocos satélites para una posición (solo posición)</translation>
    </message>
    <message>
        <source>frozen reading (that reading only)</source>
        <translation>lectura congelada (solo esa lectura)</translation>
    </message>
    <message>
        <source>saturated current sensor (still used)</source>
        <translation>sensor de corriente saturado (se usa igual)</translation>
    </message>
    <message>
        <source>charge counter restarted (bridged)</source>
        <translation>contador de carga reiniciado (puenteado)</translation>
    </message>
    <message>
        <source>barometer and GPS height apart (still used)</source>
        <translation>barómetro y altura GPS separados (se usan igual)</translation>
    </message>
    <message>
        <source>on the ground</source>
        <translation>en tierra</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>despegue</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>ascenso</translation>
    </message>
    <message>
        <source>level</source>
        <translation>nivelado</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>planeo</translation>
    </message>
    <message>
        <source>descent</source>
        <translation>descenso</translation>
    </message>
    <message>
        <source>loiter</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>aterrizaje</translation>
    </message>
    <message>
        <source>by resting voltage</source>
        <translation>según la tensión en reposo</translation>
    </message>
    <message>
        <source>by recharge</source>
        <translation>según la recarga</translation>
    </message>
    <message>
        <source>%1 over home</source>
        <translation>%1 sobre el punto de partida</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>%1 × the return leg</source>
        <translation>%1 × el regreso</translation>
    </message>
    <message>
        <source>enough to get home + %1</source>
        <translation>suficiente para volver + %1</translation>
    </message>
    <message>
        <source>%1 remaining</source>
        <translation>queda %1</translation>
    </message>
    <message>
        <source>80 % rule: half of it used</source>
        <translation>regla del 80 %: la mitad usada</translation>
    </message>
    <message>
        <source>half of %1 used</source>
        <translation>la mitad de %1 usada</translation>
    </message>
    <message>
        <source>half the usable charge</source>
        <translation>media carga utilizable</translation>
    </message>
    <message>
        <source>voltage at half, landing at %1</source>
        <translation>tensión a la mitad, aterrizaje a %1</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>chance of getting home</source>
        <translation>probabilidad de volver</translation>
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
        <translation>Un ala fija</translation>
    </message>
    <message>
        <source>A multirotor</source>
        <translation>Un multirrotor</translation>
    </message>
    <message>
        <source>cruise airspeed</source>
        <translation>velocidad de crucero</translation>
    </message>
    <message>
        <source>all-up mass</source>
        <translation>masa total</translation>
    </message>
    <message>
        <source>mass without pack</source>
        <translation>masa sin batería</translation>
    </message>
    <message>
        <source>pack mass</source>
        <translation>masa de la batería</translation>
    </message>
    <message>
        <source>electronics power</source>
        <translation>potencia de la electrónica</translation>
    </message>
    <message>
        <source>cell capacity</source>
        <translation>capacidad de celda</translation>
    </message>
    <message>
        <source>cell resistance</source>
        <translation>resistencia de celda</translation>
    </message>
    <message>
        <source>cells in parallel</source>
        <translation>celdas en paralelo</translation>
    </message>
    <message>
        <source>climb rate</source>
        <translation>régimen de ascenso</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>recargado</translation>
    </message>
    <message>
        <source>air density at height</source>
        <translation>densidad del aire en altura</translation>
    </message>
    <message>
        <source>temperature at the field</source>
        <translation>temperatura en el campo</translation>
    </message>
    <message>
        <source>wind aloft</source>
        <translation>viento en altura</translation>
    </message>
    <message>
        <source>wind from</source>
        <translation>viento de</translation>
    </message>
    <message>
        <source>outbound bearing</source>
        <translation>rumbo de ida</translation>
    </message>
    <message>
        <source>height above home</source>
        <translation>altura sobre el despegue</translation>
    </message>
    <message>
        <source>reserve</source>
        <translation>reserva</translation>
    </message>
    <message>
        <source>landing voltage under cruise load</source>
        <translation>tensión de aterrizaje con carga de crucero</translation>
    </message>
    <message>
        <source>rated capacity of the pack</source>
        <translation>capacidad nominal de la batería</translation>
    </message>
    <message>
        <source>pack resistance</source>
        <translation>resistencia de la batería</translation>
    </message>
    <message>
        <source>wind factor for the return leg</source>
        <translation>factor de viento para el regreso</translation>
    </message>
    <message>
        <source>cruise power</source>
        <translation>potencia de crucero</translation>
    </message>
    <message>
        <source>cruise current</source>
        <translation>corriente de crucero</translation>
    </message>
    <message>
        <source>usable energy</source>
        <translation>energía utilizable</translation>
    </message>
    <message>
        <source>usable charge</source>
        <translation>carga utilizable</translation>
    </message>
    <message>
        <source>outbound ground speed</source>
        <translation>velocidad sobre el suelo, ida</translation>
    </message>
    <message>
        <source>return ground speed</source>
        <translation>velocidad sobre el suelo, vuelta</translation>
    </message>
    <message>
        <source>energy of the return leg</source>
        <translation>energía del regreso</translation>
    </message>
    <message>
        <source>turn distance</source>
        <translation>distancia de regreso</translation>
    </message>
    <message>
        <source>charge used at the turn</source>
        <translation>carga usada al dar la vuelta</translation>
    </message>
    <message>
        <source>turn time</source>
        <translation>tiempo de regreso</translation>
    </message>
    <message>
        <source>energy used at the turn</source>
        <translation>energía usada al dar la vuelta</translation>
    </message>
    <message>
        <source>voltage at the turn</source>
        <translation>tensión al dar la vuelta</translation>
    </message>
    <message>
        <source>flight time</source>
        <translation>tiempo de vuelo</translation>
    </message>
    <message>
        <source>ground distance</source>
        <translation>distancia sobre el suelo</translation>
    </message>
    <message>
        <source>energy remaining at landing</source>
        <translation>energía restante al aterrizar</translation>
    </message>
    <message>
        <source>remaining at landing</source>
        <translation>restante al aterrizar</translation>
    </message>
    <message>
        <source>outbound consumption</source>
        <translation>consumo de ida</translation>
    </message>
    <message>
        <source>return consumption</source>
        <translation>consumo de vuelta</translation>
    </message>
    <message>
        <source>outbound energy per distance</source>
        <translation>energía por distancia, ida</translation>
    </message>
    <message>
        <source>return energy per distance</source>
        <translation>energía por distancia, vuelta</translation>
    </message>
    <message>
        <source>farthest from home</source>
        <translation>más lejos de casa</translation>
    </message>
    <message>
        <source>charge by the log&apos;s counter</source>
        <translation>carga según el contador del registro</translation>
    </message>
    <message>
        <source>charge used</source>
        <translation>carga usada</translation>
    </message>
    <message>
        <source>energy used</source>
        <translation>energía usada</translation>
    </message>
    <message>
        <source>time in the log</source>
        <translation>tiempo en el registro</translation>
    </message>
    <message>
        <source>energy over ground</source>
        <translation>energía sobre el suelo</translation>
    </message>
    <message>
        <source>charge over ground</source>
        <translation>carga sobre el suelo</translation>
    </message>
    <message>
        <source>mean power</source>
        <translation>potencia media</translation>
    </message>
    <message>
        <source>mean current</source>
        <translation>corriente media</translation>
    </message>
    <message>
        <source>lowest pack voltage</source>
        <translation>tensión mínima de la batería</translation>
    </message>
    <message>
        <source>highest current</source>
        <translation>corriente máxima</translation>
    </message>
    <message>
        <source>highest ground speed</source>
        <translation>velocidad máxima sobre el suelo</translation>
    </message>
    <message>
        <source>charge remaining, by counter</source>
        <translation>carga restante, según contador</translation>
    </message>
    <message>
        <source>minimum margin on the flight</source>
        <translation>margen mínimo del vuelo</translation>
    </message>
    <message>
        <source>full cycles of the pack</source>
        <translation>ciclos completos de la batería</translation>
    </message>
    <message>
        <source>flights in the logbook</source>
        <translation>vuelos en el diario</translation>
    </message>
    <message>
        <source>recharges after a flight</source>
        <translation>recargas tras un vuelo</translation>
    </message>
    <message>
        <source>current sensor reading over true current</source>
        <translation>lectura del sensor de corriente entre la corriente real</translation>
    </message>
    <message>
        <source>charge throughput</source>
        <translation>carga movida</translation>
    </message>
    <message>
        <source>remaining, by counter</source>
        <translation>restante, según contador</translation>
    </message>
    <message>
        <source>time in the air with this pack</source>
        <translation>tiempo de vuelo con esta batería</translation>
    </message>
    <message>
        <source>distance with this pack, out and back</source>
        <translation>distancia con esta batería, ida y vuelta</translation>
    </message>
    <message>
        <source>cell current in cruise</source>
        <translation>corriente de celda en crucero</translation>
    </message>
    <message>
        <source>price per energy</source>
        <translation>precio por energía</translation>
    </message>
    <message>
        <source>rated charge per mass</source>
        <translation>carga nominal por masa</translation>
    </message>
    <message>
        <source>rated specific energy</source>
        <translation>energía específica nominal</translation>
    </message>
    <message>
        <source>full recharge over rated capacity</source>
        <translation>recarga completa entre capacidad nominal</translation>
    </message>
    <message>
        <source>full cycles to 80 % of the label capacity</source>
        <translation>ciclos completos hasta el 80 % de la etiqueta</translation>
    </message>
    <message>
        <source>cell resistance as measured in flight</source>
        <translation>resistencia de celda medida en vuelo</translation>
    </message>
    <message>
        <source>resting voltage per cell</source>
        <translation>tensión en reposo por celda</translation>
    </message>
    <message>
        <source>distance through the air</source>
        <translation>distancia por el aire</translation>
    </message>
    <message>
        <source>still-air energy per distance, level</source>
        <translation>energía por distancia sin viento, nivelado</translation>
    </message>
    <message>
        <source>still-air charge per distance, level</source>
        <translation>carga por distancia sin viento, nivelado</translation>
    </message>
    <message>
        <source>level-flight power</source>
        <translation>potencia en vuelo nivelado</translation>
    </message>
    <message>
        <source>current sensor scale</source>
        <translation>escala del sensor de corriente</translation>
    </message>
    <message>
        <source>lowest cell voltage</source>
        <translation>tensión mínima de celda</translation>
    </message>
    <message>
        <source>lift of the air, sink below zero</source>
        <translation>ascendencia del aire, descendencia bajo cero</translation>
    </message>
    <message>
        <source>power spread in level flight</source>
        <translation>dispersión de la potencia en vuelo nivelado</translation>
    </message>
    <message>
        <source>electronics&apos; share of power</source>
        <translation>parte de la electrónica en la potencia</translation>
    </message>
    <message>
        <source>climbs&apos; share of energy</source>
        <translation>parte de los ascensos en la energía</translation>
    </message>
    <message>
        <source>time above that current</source>
        <translation>tiempo por encima de esa corriente</translation>
    </message>
    <message>
        <source>link failsafe distance</source>
        <translation>distancia de failsafe del enlace</translation>
    </message>
    <message>
        <source>flight time still possible</source>
        <translation>tiempo de vuelo aún posible</translation>
    </message>
    <message>
        <source>distance still possible</source>
        <translation>distancia aún posible</translation>
    </message>
    <message>
        <source>energy from the array</source>
        <translation>energía del panel</translation>
    </message>
    <message>
        <source>energy of the motors</source>
        <translation>energía de los motores</translation>
    </message>
    <message>
        <source>normalized energy per distance</source>
        <translation>energía por distancia normalizada</translation>
    </message>
    <message>
        <source>normalized endurance</source>
        <translation>autonomía normalizada</translation>
    </message>
    <message>
        <source>level power at that airspeed</source>
        <translation>potencia nivelada a esa velocidad aérea</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>velocidad de máxima autonomía</translation>
    </message>
    <message>
        <source>best-range speed</source>
        <translation>velocidad de máximo alcance</translation>
    </message>
    <message>
        <source>fastest sensible airspeed</source>
        <translation>velocidad aérea máxima sensata</translation>
    </message>
    <message>
        <source>stall speed</source>
        <translation>velocidad de pérdida</translation>
    </message>
    <message>
        <source>forecast over flown</source>
        <translation>previsto / volado</translation>
    </message>
    <message>
        <source>minimum height above ground</source>
        <translation>altura mínima sobre el suelo</translation>
    </message>
    <message>
        <source>peak motor current</source>
        <translation>corriente máxima de los motores</translation>
    </message>
    <message>
        <source>peak pack current</source>
        <translation>corriente máxima de la batería</translation>
    </message>
    <message>
        <source>lowest volts of the pack</source>
        <translation>tensión más baja de la batería</translation>
    </message>
    <message>
        <source>lowest voltage of the weakest cell</source>
        <translation>tensión mínima de la celda más débil</translation>
    </message>
    <message>
        <source>pack temperature</source>
        <translation>temperatura de la batería</translation>
    </message>
    <message>
        <source>share of full power</source>
        <translation>parte de la potencia máxima</translation>
    </message>
    <message>
        <source>maximum height above ground</source>
        <translation>altura máxima sobre el suelo</translation>
    </message>
    <message>
        <source>line of sight, clear of the ground</source>
        <translation>línea de visión, libre del suelo</translation>
    </message>
    <message>
        <source>link distance</source>
        <translation>distancia del enlace</translation>
    </message>
    <message>
        <source>voltage under load</source>
        <translation>tensión bajo carga</translation>
    </message>
    <message>
        <source>current alarm</source>
        <translation>alarma de corriente</translation>
    </message>
    <message>
        <source>array power</source>
        <translation>potencia del panel</translation>
    </message>
    <message>
        <source>irradiance, level</source>
        <translation>irradiancia, horizontal</translation>
    </message>
    <message>
        <source>elevation of the sun</source>
        <translation>elevación del sol</translation>
    </message>
    <message>
        <source>array power above level flight</source>
        <translation>potencia del panel sobre el vuelo nivelado</translation>
    </message>
    <message>
        <source>climb rate on the sun alone</source>
        <translation>ascenso solo con el sol</translation>
    </message>
    <message>
        <source>time in which the sun sustains level flight</source>
        <translation>tiempo en que el sol sostiene el vuelo nivelado</translation>
    </message>
    <message>
        <source>longest full cloud that the pack covers</source>
        <translation>nublado completo más largo que cubre la batería</translation>
    </message>
    <message>
        <source>the share rule</source>
        <translation>la regla de proporción</translation>
    </message>
    <message>
        <source>the 80 % rule</source>
        <translation>la regla del 80 %</translation>
    </message>
    <message>
        <source>the charge rule</source>
        <translation>la regla de la carga</translation>
    </message>
    <message>
        <source>the voltage rule</source>
        <translation>la regla de la tensión</translation>
    </message>
    <message>
        <source>the chance rule</source>
        <translation>la regla de la probabilidad</translation>
    </message>
    <message>
        <source>the energy rule</source>
        <translation>la regla de la energía</translation>
    </message>
    <message>
        <source>by the charge used</source>
        <translation>según la carga usada</translation>
    </message>
</context>
<context>
    <name>sobremesa::Plans</name>
    <message>
        <source>Climbing at %1 clears it.</source>
        <translation>Subir a %1 lo arregla.</translation>
    </message>
    <message>
        <source>A flight height of %1 clears it.</source>
        <translation>Una altura de vuelo de %1 lo arregla.</translation>
    </message>
    <message>
        <source>Turning at %1 clears it.</source>
        <translation>Dar la vuelta a %1 lo arregla.</translation>
    </message>
    <message>
        <source>Switch it off, or set it to %1.</source>
        <translation>Desactívalo, o ponlo en %1.</translation>
    </message>
    <message>
        <source>Landing at %1 clears it.</source>
        <translation>Aterrizar a %1 lo arregla.</translation>
    </message>
    <message>
        <source>Keep the pack at %1 until launch.</source>
        <translation>Mantén la batería a %1 hasta despegar.</translation>
    </message>
    <message>
        <source>%1 of %2 clears it.</source>
        <translation>%1 de %2 lo arregla.</translation>
    </message>
    <message>
        <source>descent to home</source>
        <translation>descenso a casa</translation>
    </message>
    <message>
        <source>home</source>
        <translation>casa</translation>
    </message>
    <message>
        <source>point %1</source>
        <translation>punto %1</translation>
    </message>
    <message>
        <source>over %1</source>
        <translation>sobre %1</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>a %1</translation>
    </message>
    <message>
        <source>out and back</source>
        <translation>ida y vuelta</translation>
    </message>
    <message>
        <source>farthest point</source>
        <translation>punto más lejano</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>autonomía</translation>
    </message>
    <message>
        <source>route</source>
        <translation>ruta</translation>
    </message>
    <message>
        <source>visit a place</source>
        <translation>visitar un lugar</translation>
    </message>
    <message>
        <source>endurance on the sun</source>
        <translation>autonomía con el sol</translation>
    </message>
    <message>
        <source>one way</source>
        <translation>solo ida</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>despegue</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>ascenso</translation>
    </message>
    <message>
        <source>out</source>
        <translation>ida</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>planeo</translation>
    </message>
    <message>
        <source>circling</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>descent</source>
        <translation>descenso</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>regreso</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>aterrizaje</translation>
    </message>
    <message>
        <source>known cruise</source>
        <translation>crucero conocido</translation>
    </message>
    <message>
        <source>best range</source>
        <translation>máximo alcance</translation>
    </message>
    <message>
        <source>a fixed airspeed</source>
        <translation>una velocidad aérea fija</translation>
    </message>
    <message>
        <source>a share of full power</source>
        <translation>una parte de la potencia máxima</translation>
    </message>
    <message>
        <source>cell current</source>
        <translation>corriente de las celdas</translation>
    </message>
    <message>
        <source>strip current</source>
        <translation>corriente de las tiras</translation>
    </message>
    <message>
        <source>connector current</source>
        <translation>corriente del conector</translation>
    </message>
    <message>
        <source>weakest cell</source>
        <translation>celda más débil</translation>
    </message>
    <message>
        <source>controller cutoff</source>
        <translation>corte del variador</translation>
    </message>
    <message>
        <source>voltage for video and servos</source>
        <translation>tensión para vídeo y servos</translation>
    </message>
    <message>
        <source>pack temperature</source>
        <translation>temperatura de la batería</translation>
    </message>
    <message>
        <source>pack temperature at launch</source>
        <translation>temperatura de la batería al despegar</translation>
    </message>
    <message>
        <source>height above ground</source>
        <translation>altura sobre el suelo</translation>
    </message>
    <message>
        <source>ground clearance</source>
        <translation>distancia al suelo</translation>
    </message>
    <message>
        <source>share of full power</source>
        <translation>parte de la potencia máxima</translation>
    </message>
    <message>
        <source>link range</source>
        <translation>alcance del enlace</translation>
    </message>
    <message>
        <source>radio horizon</source>
        <translation>horizonte de radio</translation>
    </message>
    <message>
        <source>line of sight</source>
        <translation>línea de visión</translation>
    </message>
    <message>
        <source>failsafe return</source>
        <translation>retorno failsafe</translation>
    </message>
    <message>
        <source>recorder card</source>
        <translation>tarjeta de memoria</translation>
    </message>
    <message>
        <source>goggles battery</source>
        <translation>batería de las gafas</translation>
    </message>
    <message>
        <source>radio battery</source>
        <translation>batería de la emisora</translation>
    </message>
    <message>
        <source>ground station battery</source>
        <translation>batería de la estación de tierra</translation>
    </message>
    <message>
        <source>full power</source>
        <translation>potencia máxima</translation>
    </message>
    <message>
        <source>stall margin</source>
        <translation>margen de pérdida</translation>
    </message>
    <message>
        <source>wind on station</source>
        <translation>viento en el lugar</translation>
    </message>
    <message>
        <source>whole route</source>
        <translation>ruta completa</translation>
    </message>
    <message>
        <source>failsafe return height</source>
        <translation>altura del retorno failsafe</translation>
    </message>
    <message>
        <source>known cruise power</source>
        <translation>potencia del crucero conocido</translation>
    </message>
    <message>
        <source>landing place</source>
        <translation>lugar de aterrizaje</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>does not get home from the turn: short by %1.</source>
        <translation>no llega a casa desde el regreso: faltan %1.</translation>
    </message>
    <message>
        <source>gets home from the turn with %1 remaining.</source>
        <translation>llega a casa desde el regreso con %1 restantes.</translation>
    </message>
    <message>
        <source>switched off.</source>
        <translation>desactivado.</translation>
    </message>
    <message>
        <source>landing there with %1 remaining.</source>
        <translation>aterriza ahí con %1 restantes.</translation>
    </message>
    <message>
        <source>the whole route, and home with the reserve.</source>
        <translation>toda la ruta, y a casa con la reserva.</translation>
    </message>
    <message>
        <source>not the whole route and home with the reserve: turn after %1.</source>
        <translation>no toda la ruta y a casa con la reserva: volver tras %1.</translation>
    </message>
    <message>
        <source>wind with its gusts %1, airspeed %2.</source>
        <translation>viento con rachas %1, velocidad aérea %2.</translation>
    </message>
    <message>
        <source>%1 of %2 allowed.</source>
        <comment>worst met, limit</comment>
        <translation>%1 de %2 permitidos.</translation>
    </message>
    <message>
        <source>%1, %2 wanted.</source>
        <comment>worst met, limit</comment>
        <translation>%1, se piden %2.</translation>
    </message>
    <message>
        <source>%1 In the %2, at %3 of flight.</source>
        <translation>%1 En %2, a %3 de vuelo.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>&lt;b&gt;No go.&lt;/b&gt; No flight gets home.</source>
        <translation>&lt;b&gt;No volar.&lt;/b&gt; Ningún vuelo llega a casa.</translation>
    </message>
    <message>
        <source>&lt;b&gt;No go&lt;/b&gt; as it stands: %1.</source>
        <translation>&lt;b&gt;No volar&lt;/b&gt; tal como está: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by every limit checked here.</source>
        <translation>&lt;b&gt;Adelante&lt;/b&gt; según todos los límites comprobados.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by what is known. Unknown: %1.</source>
        <translation>&lt;b&gt;Adelante&lt;/b&gt; según lo que se sabe. Desconocido: %1.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Go&lt;/b&gt; by what is known. Unknown: %1 and %2 more.</source>
        <translation>&lt;b&gt;Adelante&lt;/b&gt; según lo que se sabe. Desconocido: %1 y %2 más.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>pack, cell</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>capacity to enter</source>
        <translation>capacidad que introducir</translation>
    </message>
    <message>
        <source>%1 (label: %2)</source>
        <translation>%1 (etiqueta: %2)</translation>
    </message>
    <message>
        <source>turn for home at</source>
        <translation>volver a</translation>
    </message>
    <message>
        <source>%1 (set %2)</source>
        <comment>charge, as radios take it</comment>
        <translation>%1 (poner %2)</translation>
    </message>
    <message>
        <source>timer, at the turn</source>
        <translation>temporizador, al regreso</translation>
    </message>
    <message>
        <source>reserve begins at</source>
        <translation>la reserva empieza a</translation>
    </message>
    <message>
        <source>low-voltage warning</source>
        <translation>aviso de tensión baja</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <comment>volts, how long below them</comment>
        <translation>%1 durante %2</translation>
    </message>
    <message>
        <source>land at</source>
        <translation>aterrizar a</translation>
    </message>
    <message>
        <source>current alarm above</source>
        <translation>alarma de corriente por encima de</translation>
    </message>
    <message>
        <source>%1, the parts&apos; rating: the plan draws more</source>
        <translation>%1, lo que aguantan las piezas: el plan pide más</translation>
    </message>
    <message>
        <source>off, or not above %1</source>
        <translation>desactivado, o no más de %1</translation>
    </message>
    <message>
        <source>%1: out of reach, short by %2</source>
        <translation>%1: fuera de alcance, faltan %2</translation>
    </message>
    <message>
        <source>%1: %2 on %3, margin %4</source>
        <translation>%1: %2 a %3, margen %4</translation>
    </message>
    <message>
        <source>all the way outbound</source>
        <comment>a place is within reach</comment>
        <translation>en toda la ida</translation>
    </message>
    <message>
        <source>up to %1 outbound</source>
        <comment>a place is within reach</comment>
        <translation>hasta %1 de la ida</translation>
    </message>
    <message>
        <source>from %1 to %2 outbound</source>
        <comment>a place is within reach</comment>
        <translation>de %1 a %2 de la ida</translation>
    </message>
    <message>
        <source>%1 is never within reach.</source>
        <translation>%1 nunca está al alcance.</translation>
    </message>
    <message>
        <source>%1 is within reach %2.</source>
        <translation>%1 está al alcance %2.</translation>
    </message>
    <message>
        <source> and </source>
        <comment>parts of the way</comment>
        <translation> y </translation>
    </message>
    <message>
        <source>Nowhere can be reached and returned from with the reserve intact.</source>
        <translation>No se puede ir a ningún sitio y volver con la reserva intacta.</translation>
    </message>
    <message>
        <source>Reach, out and back: %1 to the %2 and %3 to the %4.</source>
        <translation>Alcance, ida y vuelta: %1 al %2 y %3 al %4.</translation>
    </message>
    <message>
        <source>Local rules checked for today: line of sight, height, airspace, people, registration, remote identification. Not above %1.</source>
        <translation>Normas locales de hoy comprobadas: línea de visión, altura, espacio aéreo, personas, registro, identificación remota. No por encima de %1.</translation>
    </message>
    <message>
        <source>Failsafe return set to %1 and %2, and tested.</source>
        <translation>Retorno failsafe a %1 y %2, y probado.</translation>
    </message>
    <message>
        <source>Failsafe return set for this wind and height, and tested.</source>
        <translation>Retorno failsafe para este viento y esta altura, y probado.</translation>
    </message>
    <message>
        <source>Link range-checked; goggles, radio and ground station charged; recorder&apos;s card empty.</source>
        <translation>Alcance del enlace comprobado; gafas, emisora y estación cargadas; tarjeta de memoria vacía.</translation>
    </message>
    <message>
        <source>Pack full, warm, strapped to hold in a dive; centre of gravity right; no swollen cell.</source>
        <translation>Batería llena, caliente y sujeta para aguantar un picado; centro de gravedad correcto; ninguna celda hinchada.</translation>
    </message>
    <message>
        <source>Capacity, callouts and alarms entered from this card; speed controller cutoff off or as on this card.</source>
        <translation>Capacidad, avisos y alarmas puestos según esta ficha; corte del variador apagado o como en ella.</translation>
    </message>
    <message>
        <source>Home point set. Propellers off on the bench; nobody in front of them.</source>
        <translation>Punto de partida (home) fijado. Sin hélices en el banco; nadie delante.</translation>
    </message>
    <message>
        <source>Over land and near home before the pack is low. A forecast is an estimate: you decide.</source>
        <translation>Sobre tierra y cerca de casa antes de que la batería esté baja. Una previsión es una estimación: tú decides.</translation>
    </message>
    <message>
        <source>off</source>
        <comment>a cutoff</comment>
        <translation>desactivado</translation>
    </message>
    <message>
        <source>return</source>
        <translation>vuelta</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>time, volts of a cell</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>throttle at most, full pack</source>
        <translation>gas máximo, batería llena</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <comment>throttle, when</comment>
        <translation>%1 hasta %2</translation>
    </message>
    <message>
        <source>%1 until landing</source>
        <translation>%1 hasta el aterrizaje</translation>
    </message>
    <message>
        <source>climb takes full throttle from</source>
        <translation>el ascenso pide todo el gas desde</translation>
    </message>
    <message>
        <source>video range</source>
        <translation>alcance del vídeo</translation>
    </message>
    <message>
        <source>radio horizon of the video</source>
        <translation>horizonte radio del vídeo</translation>
    </message>
    <message>
        <source>line of sight of the video</source>
        <translation>línea de visión del vídeo</translation>
    </message>
    <message>
        <source>over land again</source>
        <translation>de nuevo sobre tierra</translation>
    </message>
    <message>
        <source>the landing lies in a no-landing area.</source>
        <translation>el aterrizaje cae en una zona sin aterrizaje.</translation>
    </message>
    <message>
        <source>at %1 used, %2 allowed.</source>
        <comment>charges</comment>
        <translation>con %1 consumidos, %2 permitidos.</translation>
    </message>
    <message>
        <source>the flight crosses no no-landing area.</source>
        <translation>el vuelo no cruza ninguna zona sin aterrizaje.</translation>
    </message>
    <message>
        <source>over land by</source>
        <translation>sobre tierra con</translation>
    </message>
    <message>
        <source>%1 (set %2), %3 from home</source>
        <comment>charge, as radios take it, distance</comment>
        <translation>%1 (ajustar: %2), a %3 de casa</translation>
    </message>
    <message>
        <source>no-landing area</source>
        <translation>zona sin aterrizaje</translation>
    </message>
    <message>
        <source>controller current</source>
        <translation>corriente de los variadores</translation>
    </message>
    <message>
        <source>motor current</source>
        <translation>corriente de los motores</translation>
    </message>
    <message>
        <source>While loitering, come home unless at least this much remains</source>
        <translation>En espera, volver si no queda al menos esto</translation>
    </message>
    <message>
        <source>Land on the way unless at least this much remains</source>
        <translation>Aterrizar en el camino si no queda al menos esto</translation>
    </message>
    <message>
        <source>Turn at this distance unless at least this much remains</source>
        <translation>A esta distancia dar la vuelta si no queda al menos esto</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>bien</translation>
    </message>
    <message>
        <source>near</source>
        <translation>cerca</translation>
    </message>
    <message>
        <source>exceeded</source>
        <translation>superado</translation>
    </message>
    <message>
        <source>%1 above home, as the hills ask; %2 above ground allowed.</source>
        <translation>%1 sobre el despegue, como piden las colinas; %2 sobre el terreno permitidos.</translation>
    </message>
    <message>
        <source>not reached with the reserve.</source>
        <translation>no se alcanza con la reserva.</translation>
    </message>
    <message>
        <source>failsafe throttle</source>
        <translation>gas del retorno failsafe</translation>
    </message>
    <message>
        <source>failsafe airspeed</source>
        <translation>velocidad aérea del retorno failsafe</translation>
    </message>
    <message>
        <source>gives %1; level flight takes %2 at least.</source>
        <translation>da %1; el vuelo nivelado pide al menos %2.</translation>
    </message>
    <message>
        <source>at %1 what it draws is not known, up to %2 it is.</source>
        <translation>a %1 no se sabe cuánto consume; hasta %2, sí.</translation>
    </message>
    <message>
        <source>at %1 what it draws is not known, from %2 on it is.</source>
        <translation>a %1 no se sabe cuánto consume; desde %2, sí.</translation>
    </message>
    <message>
        <source>energy for the return</source>
        <translation>energía para la vuelta</translation>
    </message>
    <message>
        <source>gets home with %1 remaining, less than the reserve.</source>
        <translation>llega a casa con %1 restantes, menos que la reserva.</translation>
    </message>
    <message>
        <source>%1 from %2 at %3</source>
        <comment>wind speed, direction, height</comment>
        <translation>%1 de %2, a %3 de altura</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>wind speed, direction</comment>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>%1 gusting %2 from %3 at %4</source>
        <comment>wind speed, gusts, direction, height</comment>
        <translation>%1, rachas de %2, de %3, a %4 de altura</translation>
    </message>
    <message>
        <source>%1 gusting %2 from %3</source>
        <comment>wind speed, gusts, direction</comment>
        <translation>%1, rachas de %2, de %3</translation>
    </message>
</context>
<context>
    <name>sobremesa::Printed</name>
    <message>
        <source>%1 takes a whole number, and “%2” is not one.</source>
        <translation>%1 necesita un número entero, y «%2» no lo es.</translation>
    </message>
    <message>
        <source>whole; records: %1, logs: %2</source>
        <translation>íntegro; registros: %1, logs: %2</translation>
    </message>
    <message>
        <source>damaged; readable records: %1 of %2, whole logs: %3 of %4. `book export FOLDER` writes them out.</source>
        <translation>dañado; registros legibles: %1 de %2, logs íntegros: %3 de %4. `book export CARPETA` los guarda aparte.</translation>
    </message>
    <message>
        <source>imported: %1, known already: %2</source>
        <translation>importados: %1, ya conocidos: %2</translation>
    </message>
    <message>
        <source>filed by hand: %1, known already: %2</source>
        <translation>archivados a mano: %1, ya conocidos: %2</translation>
    </message>
    <message>
        <source>flown with %1, %2</source>
        <comment>aircraft, pack</comment>
        <translation>volado con %1, %2</translation>
    </message>
    <message>
        <source>filed: %1, known already: %2, not usable: %3</source>
        <translation>archivados: %1, ya conocidos: %2, no utilizables: %3</translation>
    </message>
    <message>
        <source>written</source>
        <translation>guardado</translation>
    </message>
    <message>
        <source>written, except what is damaged</source>
        <translation>guardado, salvo lo dañado</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>supuesto</translation>
    </message>
    <message>
        <source>reads %1</source>
        <comment>first readings of a column</comment>
        <translation>se lee %1</translation>
    </message>
    <message>
        <source>rows written to %2: %1</source>
        <translation>filas guardadas en %2: %1</translation>
    </message>
    <message>
        <source>%1 to %2: %3</source>
        <comment>from, to, what was flown</comment>
        <translation>%1 a %2: %3</translation>
    </message>
    <message>
        <source>excluded: %1 × %2, first in line %3</source>
        <comment>rows, reason, line</comment>
        <translation>excluidas: %1 × %2, la primera en la línea %3</translation>
    </message>
    <message>
        <source>%1, %2, %3 continuous</source>
        <comment>pack, mass, current</comment>
        <translation>%1, %2, %3 en continuo</translation>
    </message>
    <message>
        <source>Delivers %1, %2, in %3 down to %4; %5 are left above the floor.</source>
        <comment>charge, energy, time, cell voltage, energy</comment>
        <translation>Entrega %1, %2, en %3 hasta %4; quedan %5 por encima del mínimo.</translation>
    </message>
    <message>
        <source>landing at</source>
        <translation>aterrizaje a</translation>
    </message>
    <message>
        <source>%1, %2, leaves %3</source>
        <comment>charge, time, energy</comment>
        <translation>%1, %2, deja %3</translation>
    </message>
    <message>
        <source>is below it from the start</source>
        <translation>está por debajo desde el principio</translation>
    </message>
    <message>
        <source>capacity to enter %1, warning at %2, land at %3</source>
        <comment>charge, cell voltages</comment>
        <translation>capacidad que introducir %1, aviso a %2, aterrizar a %3</translation>
    </message>
    <message>
        <source>above its continuous current</source>
        <translation>por encima de su corriente continua</translation>
    </message>
    <message>
        <source>no other is both lighter and longer in the air</source>
        <translation>ninguna otra es a la vez más ligera y más duradera en el aire</translation>
    </message>
    <message>
        <source>not met, even at launch</source>
        <translation>no se cumple, ni siquiera en el despegue</translation>
    </message>
    <message>
        <source>never on this flight</source>
        <translation>nunca en este vuelo</translation>
    </message>
    <message>
        <source>would not get home with the reserve</source>
        <translation>no volvería a casa con la reserva</translation>
    </message>
    <message>
        <source>counter %1</source>
        <comment>charge used so far</comment>
        <translation>contador %1</translation>
    </message>
    <message>
        <source>limited by the terrain</source>
        <translation>limitado por el terreno</translation>
    </message>
    <message>
        <source>%1 used: %2, %3 remaining, %4</source>
        <comment>share, charge, charge, pack voltage</comment>
        <translation>%1 consumido: %2, quedan %3, %4</translation>
    </message>
    <message>
        <source>time (%1)  sun   irradiance   array   balance   pack</source>
        <comment>heads of columns</comment>
        <translation>hora (%1)  sol   irradiancia   panel   balance   batería</translation>
    </message>
    <message>
        <source>what would change it</source>
        <translation>qué lo cambiaría</translation>
    </message>
    <message>
        <source>smallest cell area for the span asked for: %1</source>
        <translation>menor superficie de celdas para el intervalo pedido: %1</translation>
    </message>
    <message>
        <source>A clear-sky model: haze, shadow on the wing and banking are not in it. Local rules come first.</source>
        <translation>Un modelo de cielo despejado: no incluye calima, sombra sobre el ala ni alabeo. Las normas locales van primero.</translation>
    </message>
    <message>
        <source>compare needs LOG PLAN.json for each of two flights or more</source>
        <translation>compare necesita LOG PLAN.json para cada uno de dos vuelos o más</translation>
    </message>
    <message>
        <source>aircraft needs a plan document, or --from-book NAME; and LOG PLAN.json for each of its --flights</source>
        <translation>aircraft necesita un documento de plan o --from-book NOMBRE, y LOG PLAN.json para cada vuelo de --flights</translation>
    </message>
    <message>
        <source>pack needs a pack document with --current-a or --power-w, or --candidates PACKS.csv --on PLAN.json</source>
        <translation>pack necesita un documento de batería con --current-a o --power-w, o --candidates PACKS.csv --on PLAN.json</translation>
    </message>
    <message>
        <source>The command is missing.</source>
        <translation>Falta la orden.</translation>
    </message>
    <message>
        <source>One of these is required: %1.</source>
        <translation>Hace falta uno de estos: %1.</translation>
    </message>
    <message>
        <source>Only one of these can be given: %1.</source>
        <translation>Solo se puede dar uno de estos: %1.</translation>
    </message>
    <message>
        <source>%1 is missing.</source>
        <translation>Falta %1.</translation>
    </message>
    <message>
        <source>This is not understood: %1.</source>
        <translation>No se entiende: %1.</translation>
    </message>
    <message>
        <source>%1 needs a value.</source>
        <translation>%1 necesita un valor.</translation>
    </message>
    <message>
        <source>%1 can be given once only.</source>
        <translation>%1 solo se puede dar una vez.</translation>
    </message>
    <message>
        <source>%1 works together with %2 only.</source>
        <translation>%1 solo vale junto con %2.</translation>
    </message>
    <message>
        <source>%1 and %2 cannot be given together.</source>
        <translation>%1 y %2 no se pueden dar juntos.</translation>
    </message>
    <message>
        <source>NUMBER</source>
        <translation>NÚMERO</translation>
    </message>
    <message>
        <source>WHOLE NUMBER</source>
        <translation>ENTERO</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXTO</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>Prints this help and exits</source>
        <translation>Muestra esta ayuda</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Órdenes</translation>
    </message>
    <message>
        <source>Usage</source>
        <translation>Uso</translation>
    </message>
    <message>
        <source>OPTIONS</source>
        <translation>OPCIONES</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>ORDEN</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>ÓRDENES</translation>
    </message>
    <message>
        <source>Arguments</source>
        <translation>Argumentos</translation>
    </message>
    <message>
        <source>(required)</source>
        <translation>(obligatorio)</translation>
    </message>
    <message>
        <source>with</source>
        <translation>con</translation>
    </message>
    <message>
        <source>without</source>
        <translation>sin</translation>
    </message>
    <message>
        <source>Prints the version and exits</source>
        <translation>Muestra la versión</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes a number from %2 to %3</source>
        <translation>«%1» no es posible aquí; vale un número de %2 a %3</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>a range</comment>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes one of: %2</source>
        <translation>«%1» no es posible aquí; vale uno de: %2</translation>
    </message>
    <message>
        <source>See --help.</source>
        <translation>Consulta --help.</translation>
    </message>
    <message>
        <source>(one of these)</source>
        <translation>(uno de estos)</translation>
    </message>
    <message>
        <source>%1 takes a number, and “%2” is not one.</source>
        <translation>%1 necesita un número, y «%2» no lo es.</translation>
    </message>
    <message>
        <source>“%1” is not possible here; it takes a whole number from %2 to %3</source>
        <translation>«%1» no es posible aquí; vale un número entero de %2 a %3</translation>
    </message>
    <message>
        <source>Nothing says what they were flown with: %1 with %2 is assumed. Say it with --plan, or with --aircraft and --pack.</source>
        <translation>Nada dice con qué se volaron: se supone %1 con %2. Indícalo con --plan, o con --aircraft y --pack.</translation>
    </message>
</context>
<context>
    <name>sobremesa::RecordList</name>
    <message>
        <source>Fleet</source>
        <translation>Flota</translation>
    </message>
    <message>
        <source>Your aircraft: what they weigh and what they draw in cruise.</source>
        <translation>Tus modelos: cuánto pesan y cuánto gastan en crucero.</translation>
    </message>
    <message>
        <source>Five entries are enough to start: a name, wing or multirotor, the mass without pack, and one cruise: how fast, at how many watts or amps. Volts times amps in level flight on a calm day are the watts.</source>
        <translation>Cinco datos bastan para empezar: un nombre, ala fija o multirrotor, la masa sin batería y un crucero: a qué velocidad, con cuántos vatios o amperios. Voltios por amperios en vuelo nivelado un día sin viento son los vatios.</translation>
    </message>
    <message>
        <source>Add an aircraft</source>
        <translation>Añadir un modelo</translation>
    </message>
    <message>
        <source>Find an aircraft</source>
        <translation>Buscar un modelo</translation>
    </message>
    <message>
        <source>%1 in use, %2 retired</source>
        <translation>%1 en uso, %2 retirados</translation>
    </message>
    <message>
        <source>%1 in use</source>
        <translation>%1 en uso</translation>
    </message>
    <message>
        <source>flights</source>
        <translation>vuelos</translation>
    </message>
    <message>
        <source>New aircraft</source>
        <translation>Modelo nuevo</translation>
    </message>
    <message>
        <source>Packs</source>
        <translation>Baterías</translation>
    </message>
    <message>
        <source>Your packs: what they hold, and how they age.</source>
        <translation>Tus baterías: qué capacidad tienen y cómo envejecen.</translation>
    </message>
    <message>
        <source>Chemistry, cells in series and parallel, the cell capacity and the mass on the scales are enough to start. Empty fields are assumed, and shown as assumed.</source>
        <translation>Química, celdas en serie y en paralelo, la capacidad de celda y la masa en la báscula bastan para empezar. Los campos vacíos se suponen, y así se muestran.</translation>
    </message>
    <message>
        <source>Add a pack</source>
        <translation>Añadir una batería</translation>
    </message>
    <message>
        <source>Find a pack</source>
        <translation>Buscar una batería</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>nominal</translation>
    </message>
    <message>
        <source>cycles</source>
        <translation>ciclos</translation>
    </message>
    <message>
        <source>New pack</source>
        <translation>Batería nueva</translation>
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
        <translation>Esta batería no da para ir y volver con la reserva intacta: no hay punto de regreso. Con menos reserva, menos altura o una batería mayor lo hay.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <comment>energy, charge</comment>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>The whole route is flown: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, landing there with &lt;b&gt;%3&lt;/b&gt; remaining.</source>
        <translation>Se vuela toda la ruta: &lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt;, aterrizando ahí con &lt;b&gt;%3&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt;, the farthest you allow: home after &lt;b&gt;%2&lt;/b&gt; with &lt;b&gt;%3&lt;/b&gt; remaining, &lt;b&gt;%4&lt;/b&gt; more than the reserve.</source>
        <translation>Da la vuelta a &lt;b&gt;%1&lt;/b&gt;, lo más lejos que permites: en casa tras &lt;b&gt;%2&lt;/b&gt; con &lt;b&gt;%3&lt;/b&gt; restantes, &lt;b&gt;%4&lt;/b&gt; más que la reserva.</translation>
    </message>
    <message>
        <source>The whole route is flown: &lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, home with &lt;b&gt;%3&lt;/b&gt; remaining, &lt;b&gt;%4&lt;/b&gt; more than the reserve.</source>
        <translation>Se vuela toda la ruta: &lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt;, en casa con &lt;b&gt;%3&lt;/b&gt; restantes, &lt;b&gt;%4&lt;/b&gt; más que la reserva.</translation>
    </message>
    <message>
        <source>There after &lt;b&gt;%1&lt;/b&gt;, and &lt;b&gt;%2&lt;/b&gt; on station: leave at &lt;b&gt;%3&lt;/b&gt; of flight or &lt;b&gt;%4&lt;/b&gt; used, whichever comes first. Home after &lt;b&gt;%5&lt;/b&gt; with &lt;b&gt;%6&lt;/b&gt; remaining.</source>
        <translation>Allí tras &lt;b&gt;%1&lt;/b&gt;, y &lt;b&gt;%2&lt;/b&gt; en el lugar: salir a los &lt;b&gt;%3&lt;/b&gt; de vuelo o con &lt;b&gt;%4&lt;/b&gt; consumidos, lo que llegue antes. En casa tras &lt;b&gt;%5&lt;/b&gt; con &lt;b&gt;%6&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>In the air for &lt;b&gt;%1&lt;/b&gt;: start the descent at &lt;b&gt;%2&lt;/b&gt; of flight or &lt;b&gt;%3&lt;/b&gt; used, whichever comes first, and land with &lt;b&gt;%4&lt;/b&gt; remaining.</source>
        <translation>En el aire &lt;b&gt;%1&lt;/b&gt;: empieza a bajar a los &lt;b&gt;%2&lt;/b&gt; de vuelo o con &lt;b&gt;%3&lt;/b&gt; consumidos, lo que llegue antes, y aterriza con &lt;b&gt;%4&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt; along the route or &lt;b&gt;%2&lt;/b&gt; used: the destination is out of reach. Home after &lt;b&gt;%3&lt;/b&gt; with &lt;b&gt;%4&lt;/b&gt; remaining.</source>
        <translation>Da la vuelta a &lt;b&gt;%1&lt;/b&gt; de la ruta o con &lt;b&gt;%2&lt;/b&gt; consumidos: el destino está fuera de alcance. En casa tras &lt;b&gt;%3&lt;/b&gt; con &lt;b&gt;%4&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>Likely to get home: &lt;b&gt;%1&lt;/b&gt;; reserve intact on &lt;b&gt;%2&lt;/b&gt; of days like this.</source>
        <translation>Probabilidad de volver a casa: &lt;b&gt;%1&lt;/b&gt;; reserva intacta en el &lt;b&gt;%2&lt;/b&gt; de días así.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>two sentences</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>more than 99&#x202f;%</source>
        <translation>más del 99&#x202f;%</translation>
    </message>
    <message>
        <source>less than 1&#x202f;%</source>
        <translation>menos del 1&#x202f;%</translation>
    </message>
    <message>
        <source>%1&#x202f;%</source>
        <comment>a likelihood</comment>
        <translation>%1&#x202f;%</translation>
    </message>
    <message>
        <source>Turning at &lt;b&gt;%1&lt;/b&gt; does not get home: the pack is short by &lt;b&gt;%2&lt;/b&gt;. Let the rule “enough to get home” count.</source>
        <translation>Dar la vuelta a &lt;b&gt;%1&lt;/b&gt; no llega a casa: a la batería le faltan &lt;b&gt;%2&lt;/b&gt;. Deja que cuente la regla «suficiente para volver».</translation>
    </message>
    <message>
        <source>Turn for home at &lt;b&gt;%1&lt;/b&gt; or &lt;b&gt;%2&lt;/b&gt; used, whichever comes first.</source>
        <translation>Da la vuelta a &lt;b&gt;%1&lt;/b&gt; o con &lt;b&gt;%2&lt;/b&gt; consumidos, lo que llegue antes.</translation>
    </message>
    <message>
        <source>In the worst credible wind: home after &lt;b&gt;%1&lt;/b&gt; with &lt;b&gt;%2&lt;/b&gt; remaining.</source>
        <translation>Con el peor viento creíble: en casa tras &lt;b&gt;%1&lt;/b&gt; con &lt;b&gt;%2&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>In the forecast wind: home after &lt;b&gt;%1&lt;/b&gt; with &lt;b&gt;%2&lt;/b&gt; remaining.</source>
        <translation>Con el viento previsto: en casa tras &lt;b&gt;%1&lt;/b&gt; con &lt;b&gt;%2&lt;/b&gt; restantes.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt;, at most &lt;b&gt;%3&lt;/b&gt; from home.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt;, como mucho a &lt;b&gt;%3&lt;/b&gt; de casa.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; on &lt;b&gt;%3&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt; con &lt;b&gt;%3&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; in &lt;b&gt;%2&lt;/b&gt; on &lt;b&gt;%3&lt;/b&gt;, at most &lt;b&gt;%4&lt;/b&gt; from home.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; en &lt;b&gt;%2&lt;/b&gt; con &lt;b&gt;%3&lt;/b&gt;, como mucho a &lt;b&gt;%4&lt;/b&gt; de casa.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; on &lt;b&gt;%2&lt;/b&gt;.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; con &lt;b&gt;%2&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; recorded, without position and current.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; grabados, sin posición ni corriente.</translation>
    </message>
    <message>
        <source>%1 More was counted than this pack should hold: &lt;b&gt;%2&lt;/b&gt; more. Is it the right pack?</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Se contó más de lo que debería tener esta batería: &lt;b&gt;%2&lt;/b&gt; más. ¿Es la correcta?</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>quantity, change</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>regreso %1</translation>
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
        <translation>Lo que más influye: %1</translation>
    </message>
    <message>
        <source>flown over the forecast: short by %1 of the return leg and its reserve after %2, at %3</source>
        <translation>volado sobre la previsión: faltaban %1 para el regreso y su reserva tras %2, a %3</translation>
    </message>
    <message>
        <source>flown over the forecast: minimum margin %1, after %2 at %3</source>
        <translation>volado sobre la previsión: margen mínimo %1, tras %2 a %3</translation>
    </message>
    <message>
        <source>Homeward chart without a turn: %1</source>
        <translation>Gráfico de regreso sin vuelta: %1</translation>
    </message>
    <message>
        <source>Homeward chart. Remaining energy falls from %1 at launch to %2 at %3; the energy needed to get home rises to %4 there, including the reserve of %5.</source>
        <translation>Gráfico de regreso. La energía restante baja de %1 al despegar a %2 en %3; la necesaria para volver sube ahí a %4, incluida la reserva de %5.</translation>
    </message>
    <message>
        <source>Map: home, wind from %1 at %2, and no turn.</source>
        <translation>Mapa: casa, viento de %1 a %2, sin regreso.</translation>
    </message>
    <message>
        <source>Map: outbound from home on %1 to the turn at %2; wind from %3 at %4.</source>
        <translation>Mapa: desde casa a %1 hasta el regreso a %2; viento de %3 a %4.</translation>
    </message>
    <message>
        <source>%1 delivers nothing at %2 down to %3.</source>
        <translation>%1 no da nada a %2 hasta %3.</translation>
    </message>
    <message>
        <source>%1 delivers &lt;b&gt;%2&lt;/b&gt; or &lt;b&gt;%3&lt;/b&gt; at %4, down to %5: &lt;b&gt;%6&lt;/b&gt;.</source>
        <translation>%1 da &lt;b&gt;%2&lt;/b&gt; o &lt;b&gt;%3&lt;/b&gt; a %4, hasta %5: &lt;b&gt;%6&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>An estimate; you decide. Local rules come first: line of sight, height, airspace, people, registration. Set and test the failsafe return before a long flight, range-check the link, and be over land near home before the pack is low.</source>
        <translation>Una estimación; tú decides. Las normas locales mandan: línea de visión, altura, espacio aéreo, personas, registro. Ajusta y prueba el retorno failsafe antes de un vuelo largo, comprueba el alcance del enlace, y está sobre tierra cerca de casa antes de que la batería esté baja.</translation>
    </message>
    <message>
        <source>%1 By the charge used the pack ended as full as it began.</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Según la carga usada, la batería terminó tan llena como empezó.</translation>
    </message>
    <message>
        <source>%1 By the charge used &lt;b&gt;%2&lt;/b&gt; remained, &lt;b&gt;%3&lt;/b&gt; of the usable charge.</source>
        <comment>flown sentence, then left</comment>
        <translation>%1 Según la carga usada quedaban &lt;b&gt;%2&lt;/b&gt;, &lt;b&gt;%3&lt;/b&gt; de la carga utilizable.</translation>
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
        <translation>ida y vuelta a %1</translation>
    </message>
    <message>
        <source>%1 over %2 places</source>
        <translation>%1 por %2 lugares</translation>
    </message>
    <message>
        <source>%1 with %2 in %3 , %4 , %5 at %6 , reserve %7 , landing at %8</source>
        <comment>aircraft, pack, wind, temperature, bearing, height, reserve, landing voltage</comment>
        <translation>%1 con %2 , viento %3 , %4 , %5 a %6 , reserva %7 , aterrizaje a %8</translation>
    </message>
    <message>
        <source>Flown by %1 with %2 in %3 , %4 , landing voltage %8</source>
        <comment>aircraft, pack, wind, temperature, landing voltage</comment>
        <translation>Volado con %1 y %2 , viento %3 , %4 , tensión de aterrizaje %8</translation>
    </message>
    <message>
        <source>Aircraft</source>
        <translation>Modelo</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Batería</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Viento</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatura</translation>
    </message>
    <message>
        <source>Mission</source>
        <translation>Misión</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>Reserve</source>
        <translation>Reserva</translation>
    </message>
    <message>
        <source>Landing voltage</source>
        <translation>Tensión de aterrizaje</translation>
    </message>
</context>
<context>
    <name>sobremesa::Sun</name>
    <message>
        <source>On %1 the sun does not rise at this place.</source>
        <translation>El %1 el sol no sale en este lugar.</translation>
    </message>
    <message>
        <source>On %1 the array never carries level flight alone: at %2 it delivers %3 of the %4 that level flight takes.</source>
        <translation>El %1 el panel nunca sostiene solo el vuelo nivelado: a las %2 da %3 de los %4 que hacen falta.</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <comment>clock times</comment>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>On %1 the array sustains level flight %2 (%3) and allows %4 of climb at its peak.</source>
        <translation>El %1 el panel sostiene el vuelo nivelado %2 (%3) y permite %4 de ascenso en su máximo.</translation>
    </message>
    <message>
        <source> and </source>
        <comment>between spans of time</comment>
        <translation> y </translation>
    </message>
    <message>
        <source>Launched at %1 with the pack as charged, it is still up two days later.</source>
        <translation>Despegando a las %1 con la batería como está cargada, sigue arriba dos días después.</translation>
    </message>
    <message>
        <source>Launched at %1 with the pack as charged, it stays up for %2 ± %3, until %4: %5 of it from the sun. With the reserve intact it lands at %6 at the latest.</source>
        <translation>Despegando a las %1 con la batería como está cargada, dura %2 ± %3, hasta las %4: %5 gracias al sol. Con la reserva intacta aterriza a las %6 como tarde.</translation>
    </message>
    <message>
        <source>Only the array&apos;s minimum is counted; with all of it the flight could last until %1 (%2), on the pack alone %3. Under an unforeseen cloud, land.</source>
        <translation>Solo cuenta el mínimo del panel; con todo podría durar hasta las %1 (%2), con la batería sola %3. Bajo una nube inesperada, aterriza.</translation>
    </message>
    <message>
        <source>Bonus, not counted: with the sun as forecast it could stay until %1 (%2), %3 longer.</source>
        <translation>Extra, sin contar: con el sol previsto podría seguir hasta las %1 (%2), %3 más.</translation>
    </message>
    <message>
        <source>10 % more cell area</source>
        <translation>10 % más de celdas</translation>
    </message>
    <message>
        <source>100 g less</source>
        <translation>100 g menos</translation>
    </message>
    <message>
        <source>a better converter</source>
        <translation>un convertidor mejor</translation>
    </message>
    <message>
        <source>a cell more in series</source>
        <translation>una celda más en serie</translation>
    </message>
    <message>
        <source>a cell less in series</source>
        <translation>una celda menos en serie</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>vel. de máx. autonomía</translation>
    </message>
    <message>
        <source>endurance %1, sustained %2, at noon %3</source>
        <comment>changes with their signs</comment>
        <translation>autonomía %1, sostenido %2, a mediodía %3</translation>
    </message>
    <message>
        <source>Sun test, around noon: three minutes of level cruise at one power, one with the motor off, three of the same cruise again; where the array can be switched off, three more without it.</source>
        <translation>Prueba solar, a mediodía: tres minutos de crucero nivelado a una potencia, uno con el motor parado, tres del mismo crucero; si el panel se puede apagar, tres más sin él.</translation>
    </message>
    <message>
        <source>direct</source>
        <translation>directa</translation>
    </message>
    <message>
        <source>step-down</source>
        <translation>reductor</translation>
    </message>
    <message>
        <source>step-up</source>
        <translation>elevador</translation>
    </message>
    <message>
        <source>step-up or step-down</source>
        <translation>elevador o reductor</translation>
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
        <translation>Celdas en serie</translation>
    </message>
    <message>
        <source>Strings in parallel</source>
        <translation>Ramas en paralelo</translation>
    </message>
    <message>
        <source>Area of a cell</source>
        <translation>Área de una celda</translation>
    </message>
    <message>
        <source>cm²</source>
        <translation>cm²</translation>
    </message>
    <message>
        <source>Efficiency</source>
        <translation>Eficiencia</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>of a cell at 25 °C and 1000 W/m², as its maker states it</source>
        <translation>de una celda a 25 °C y 1000 W/m², según su fabricante</translation>
    </message>
    <message>
        <source>Voltage at maximum power</source>
        <translation>Tensión a potencia máxima</translation>
    </message>
    <message>
        <source>of a cell; empty: assumed 0.58 V</source>
        <translation>de una celda; vacío: se suponen 0,58 V</translation>
    </message>
    <message>
        <source>Open-circuit voltage</source>
        <translation>Tensión en vacío</translation>
    </message>
    <message>
        <source>of a cell; empty: assumed 0.68 V</source>
        <translation>de una celda; vacío: se suponen 0,68 V</translation>
    </message>
    <message>
        <source>Temperature coefficient of power</source>
        <translation>Coeficiente de temperatura de la potencia</translation>
    </message>
    <message>
        <source>%/K</source>
        <translation>%/K</translation>
    </message>
    <message>
        <source>empty: assumed −0.35 %/K</source>
        <translation>vacío: se supone −0,35 %/K</translation>
    </message>
    <message>
        <source>Tilt of the cells</source>
        <translation>Inclinación de las celdas</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>dihedral, or a curved top; empty: level</source>
        <translation>diedro, o extradós curvo; vacío: horizontal</translation>
    </message>
    <message>
        <source>Mass of the array</source>
        <translation>Masa del panel</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>cells, wires, converter: part of the aircraft&apos;s mass</source>
        <translation>celdas, cables, convertidor: parte de la masa del modelo</translation>
    </message>
    <message>
        <source>Array to pack</source>
        <translation>Del panel a la batería</translation>
    </message>
    <message>
        <source>Converter efficiency</source>
        <translation>Eficiencia del convertidor</translation>
    </message>
    <message>
        <source>of one that tracks the maximum; empty: assumed 95 %</source>
        <translation>de uno que sigue el máximo; vacío: se supone 95 %</translation>
    </message>
    <message>
        <source>Maximum input voltage</source>
        <translation>Tensión máxima de entrada</translation>
    </message>
    <message>
        <source>empty: not checked</source>
        <translation>vacío: sin comprobar</translation>
    </message>
    <message>
        <source>Maximum output current</source>
        <translation>Corriente máxima de salida</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>empty: no limit</source>
        <translation>vacío: sin límite</translation>
    </message>
    <message>
        <source>Short-circuit current</source>
        <translation>Corriente de cortocircuito</translation>
    </message>
    <message>
        <source>of a cell. Empty: 1.06 × that at maximum power</source>
        <translation>de una celda. Vacío: 1,06 × la de máxima potencia</translation>
    </message>
</context>
<context>
    <name>sobremesa::Watch</name>
    <message>
        <source>Nothing received describes a flight.</source>
        <translation>Nada de lo recibido describe un vuelo.</translation>
    </message>
    <message>
        <source>No speech engine works here: callouts sound a tone instead.</source>
        <translation>No hay voz disponible en este equipo: los avisos suenan con un tono.</translation>
    </message>
    <message>
        <source>%1 remaining.</source>
        <translation>Queda %1.</translation>
    </message>
    <message>
        <source>%1 used.</source>
        <translation>Usado %1.</translation>
    </message>
    <message>
        <source>%1 remaining, %2.</source>
        <translation>Queda %1, %2.</translation>
    </message>
    <message>
        <source>%1 used, %2.</source>
        <translation>Usado %1, %2.</translation>
    </message>
    <message>
        <source>%1 more than planned</source>
        <translation>%1 más de lo previsto</translation>
    </message>
    <message>
        <source>%1 less than planned</source>
        <translation>%1 menos de lo previsto</translation>
    </message>
    <message>
        <source>%1 late</source>
        <translation>%1 tarde</translation>
    </message>
    <message>
        <source>%1 early</source>
        <translation>%1 pronto</translation>
    </message>
    <message>
        <source>Halfway to the turn: %1, %2.</source>
        <comment>charge against plan, time against plan</comment>
        <translation>Mitad de camino al regreso: %1, %2.</translation>
    </message>
    <message>
        <source>cells %1 lower</source>
        <translation>celdas %1 más bajas</translation>
    </message>
    <message>
        <source>cells %1 higher</source>
        <translation>celdas %1 más altas</translation>
    </message>
    <message>
        <source>Halfway to the turn: %1, %2, %3.</source>
        <comment>charge against plan, volts against plan, time against plan</comment>
        <translation>Mitad de camino al regreso: %1, %2, %3.</translation>
    </message>
    <message>
        <source>Home is out of reach. Land at %1: %2 at %3.</source>
        <comment>place, distance, bearing</comment>
        <translation>El punto de partida está fuera de alcance. Aterriza en %1: a %2, rumbo %3.</translation>
    </message>
    <message>
        <source>the landing place</source>
        <translation>el lugar de aterrizaje</translation>
    </message>
    <message>
        <source>Home is out of reach. Choose a place to land.</source>
        <translation>El punto de partida está fuera de alcance. Elige un lugar para aterrizar.</translation>
    </message>
    <message>
        <source>Past the turn. Turn within %1 to get home on the reserve.</source>
        <translation>Punto de regreso superado. Si da la vuelta en menos de %1, aún llega a casa con la reserva.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2.</source>
        <translation>Viento ahora %1 de %2.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2: turn %3 earlier.</source>
        <translation>Viento ahora %1 de %2: regreso %3 antes.</translation>
    </message>
    <message>
        <source>Wind now %1 from %2: the turn moves out by %3.</source>
        <translation>Viento ahora %1 de %2: el regreso se aleja %3.</translation>
    </message>
    <message>
        <source>The current reading is frozen. Do not trust the counter.</source>
        <translation>La lectura de corriente está congelada. No te fíes del contador.</translation>
    </message>
    <message>
        <source>The voltage reading is frozen. Do not trust the voltage.</source>
        <translation>La lectura de tensión está congelada. No te fíes de la tensión.</translation>
    </message>
    <message>
        <source>Counter and voltage disagree: %1 remaining by the counter, %2 by the voltage. The lower counts.</source>
        <translation>Contador y tensión no concuerdan: queda %1 según el contador, %2 según la tensión. Cuenta el menor.</translation>
    </message>
    <message>
        <source>No telemetry.</source>
        <translation>Sin telemetría.</translation>
    </message>
    <message>
        <source>No telemetry. Last position %1 at %2.</source>
        <translation>Sin telemetría. Última posición a %1, rumbo %2.</translation>
    </message>
    <message>
        <source>No telemetry. Last position %1 at %2, %3 high.</source>
        <translation>Sin telemetría. Última posición a %1, rumbo %2, a %3 de altura.</translation>
    </message>
    <message>
        <source>Link at %1.</source>
        <translation>Enlace al %1.</translation>
    </message>
    <message>
        <source>Link at %1: failsafe at about %2.</source>
        <translation>Enlace al %1: failsafe a unos %2.</translation>
    </message>
    <message>
        <source>Lift: climbing at %1. Mind the height limit.</source>
        <translation>Ascendencia: subiendo a %1. Cuida el límite de altura.</translation>
    </message>
    <message>
        <source>Height %1, your limit is %2.</source>
        <translation>Altura %1, tu límite es %2.</translation>
    </message>
    <message>
        <source>%1 A for too long: the continuous limit is %2 A.</source>
        <translation>%1 A demasiado tiempo: el límite continuo es %2 A.</translation>
    </message>
    <message>
        <source>Turn in two minutes.</source>
        <translation>Da la vuelta en dos minutos.</translation>
    </message>
    <message>
        <source>Turn in one minute.</source>
        <translation>Da la vuelta en un minuto.</translation>
    </message>
    <message>
        <source>The reserve begins, %1.</source>
        <translation>Empieza la reserva, %1.</translation>
    </message>
    <message>
        <source>The reserve begins.</source>
        <translation>Empieza la reserva.</translation>
    </message>
    <message>
        <source>Low voltage: %1, %2 per cell. Come in.</source>
        <translation>Tensión baja: %1, %2 por celda. Vuelve.</translation>
    </message>
    <message>
        <source>Turn now. Home is %1 at %2.</source>
        <translation>Da la vuelta ya. A casa hay %1, rumbo %2.</translation>
    </message>
    <message>
        <source>Land now: %1, %2 per cell.</source>
        <translation>Aterriza ya: %1, %2 por celda.</translation>
    </message>
    <message>
        <source>Landed. Unplug, and write down the resting voltage in ten minutes.</source>
        <translation>En tierra. Desconecta, y anota la tensión en reposo en diez minutos.</translation>
    </message>
    <message>
        <source>Every 10 %</source>
        <translation>Cada 10 %</translation>
    </message>
    <message>
        <source>Halfway check</source>
        <translation>Control a mitad de camino</translation>
    </message>
    <message>
        <source>Wind has changed</source>
        <translation>El viento ha cambiado</translation>
    </message>
    <message>
        <source>Lift</source>
        <translation>Ascendencia</translation>
    </message>
    <message>
        <source>Height limit</source>
        <translation>Límite de altura</translation>
    </message>
    <message>
        <source>Link falling</source>
        <translation>El enlace baja</translation>
    </message>
    <message>
        <source>Continuous current</source>
        <translation>Corriente continua</translation>
    </message>
    <message>
        <source>Counter against voltage</source>
        <translation>Contador frente a tensión</translation>
    </message>
    <message>
        <source>Turn in two minutes, one minute</source>
        <translation>Dar la vuelta en dos minutos, un minuto</translation>
    </message>
    <message>
        <source>Reserve begins</source>
        <translation>Empieza la reserva</translation>
    </message>
    <message>
        <source>No telemetry</source>
        <translation>Sin telemetría</translation>
    </message>
    <message>
        <source>Low voltage</source>
        <translation>Tensión baja</translation>
    </message>
    <message>
        <source>Turn now</source>
        <translation>Da la vuelta ya</translation>
    </message>
    <message>
        <source>Past the turn</source>
        <translation>Punto de regreso superado</translation>
    </message>
    <message>
        <source>Land now</source>
        <translation>Aterriza ya</translation>
    </message>
    <message>
        <source>Landed</source>
        <translation>En tierra</translation>
    </message>
    <message>
        <source>Waiting for telemetry</source>
        <translation>Esperando telemetría</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>En tierra</translation>
    </message>
    <message>
        <source>Outbound</source>
        <translation>Ida</translation>
    </message>
    <message>
        <source>Inbound</source>
        <translation>Vuelta</translation>
    </message>
    <message>
        <source>Telemetry lost</source>
        <translation>Telemetría perdida</translation>
    </message>
    <message>
        <source>Waiting for telemetry.</source>
        <translation>Esperando telemetría.</translation>
    </message>
    <message>
        <source>%1 is not the voltage of a %2S pack: choose the pack that flies. Until then nothing that depends on it is shown.</source>
        <translation>%1 no es la tensión de una batería %2S: elige la que vuela. Hasta entonces no se muestra nada que dependa de ella.</translation>
    </message>
    <message>
        <source>On the ground, %1.</source>
        <translation>En tierra, %1.</translation>
    </message>
    <message>
        <source>On the ground.</source>
        <translation>En tierra.</translation>
    </message>
    <message>
        <source>Voltage, current or position is missing: nothing can be computed.</source>
        <translation>Falta tensión, corriente o posición: no se puede calcular nada.</translation>
    </message>
    <message>
        <source>Landed after %1 with %2 remaining.</source>
        <translation>En tierra tras %1 con %2 restantes.</translation>
    </message>
    <message>
        <source>The aircraft may not get home against this wind: %1 from %2, airspeed %3.</source>
        <translation>Contra este viento puede que el modelo no vuelva a casa: %1 de %2, velocidad aérea %3.</translation>
    </message>
    <message>
        <source>Inbound: %1 to go, margin %2 with the reserve intact.</source>
        <translation>Vuelta: faltan %1, margen %2 con la reserva intacta.</translation>
    </message>
    <message>
        <source>Inbound: %1 to go, %2 of the reserve will be used.</source>
        <translation>Vuelta: faltan %1, se usará %2 de la reserva.</translation>
    </message>
    <message>
        <source>Turn now: %1 from home.</source>
        <translation>Da la vuelta ya: a %1 de casa.</translation>
    </message>
    <message>
        <source>Turn in %1, %2 from home, at %3 used.</source>
        <translation>Regreso en %1, a %2 de casa, con %3 consumidos.</translation>
    </message>
    <message>
        <source>The aircraft did not come home.</source>
        <translation>El modelo no volvió a casa.</translation>
    </message>
    <message>
        <source>Home with %1 remaining: the reserve of %2 is intact.</source>
        <translation>En casa con %1 restantes: la reserva de %2 está intacta.</translation>
    </message>
    <message>
        <source>Home with %1 remaining: the reserve of %2 is not intact.</source>
        <translation>En casa con %1 restantes: la reserva de %2 no está intacta.</translation>
    </message>
    <message>
        <source>Turned at %1; the farthest turn that kept the reserve on this day: %2.</source>
        <translation>Vuelta a %1; la más lejana que mantenía la reserva ese día: %2.</translation>
    </message>
    <message>
        <source>%1 at %2: %3</source>
        <comment>turn rule, distance, energy left at home</comment>
        <translation>%1 a %2: %3</translation>
    </message>
    <message>
        <source>%1 at %2: not home</source>
        <comment>turn rule, distance</comment>
        <translation>%1 a %2: no llega a casa</translation>
    </message>
    <message>
        <source>Remaining at home by each turn rule: %1.</source>
        <translation>Restante en casa con cada regla de regreso: %1.</translation>
    </message>
    <message>
        <source>This was the first practice flight.</source>
        <translation>Ha sido el primer vuelo de ensayo.</translation>
    </message>
    <message numerus="yes">
        <source>Practice so far: reserve intact on %1 of %n flight(s).</source>
        <translation>
            <numerusform>Ensayos hasta ahora: reserva intacta en %1 de %n vuelo.</numerusform>
            <numerusform>Ensayos hasta ahora: reserva intacta en %1 de %n vuelos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Over land now: %1 used.</source>
        <translation>Sobre tierra ya: %1 consumidos.</translation>
    </message>
    <message>
        <source>Be over land by %1: %2 used.</source>
        <translation>Estar sobre tierra con %1: %2 consumidos.</translation>
    </message>
    <message>
        <source>Over land again</source>
        <translation>De nuevo sobre tierra</translation>
    </message>
    <message>
        <source>Past the turn. If the wind keeps growing, it may not get home.</source>
        <translation>Punto de regreso superado. Si el viento sigue creciendo, puede que no vuelva a casa.</translation>
    </message>
    <message>
        <source>The output is not being read. Lines are left out until it is; callouts wait.</source>
        <translation>Nadie lee la salida. Hasta que alguien la lea se omiten líneas; los avisos esperan.</translation>
    </message>
    <message>
        <source>Nobody reads the output any more. The watch goes on until Ctrl+C.</source>
        <translation>Ya nadie lee la salida. El seguimiento continúa hasta Ctrl+C.</translation>
    </message>
    <message>
        <source>The output was not read to its end.</source>
        <translation>La salida no se leyó hasta el final.</translation>
    </message>
    <message>
        <source>Wind %1 from %2, growing by %3 an hour: if that goes on, the aircraft may not get home.</source>
        <translation>Viento %1 de %2, crece %3 por hora: si sigue así, puede que el modelo no vuelva a casa.</translation>
    </message>
    <message>
        <source>No position: %1 remaining, what the return takes is not known.</source>
        <translation>Sin posición: quedan %1; no se sabe cuánto cuesta el regreso.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AboutSheet</name>
    <message>
        <source>About Sobremesa</source>
        <translation>Acerca de Sobremesa</translation>
    </message>
    <message>
        <source>&lt;b&gt;Sobremesa&lt;/b&gt; %1</source>
        <translation>&lt;b&gt;Sobremesa&lt;/b&gt; %1</translation>
    </message>
    <message>
        <source>Plans endurance and distance flights of long-range model aircraft, watches them, and learns from every log. Its figures are estimates; you decide, and local rules come first.</source>
        <translation>Planifica vuelos de autonomía y distancia de aeromodelos de largo alcance, los sigue y aprende de cada registro. Sus cifras son estimaciones; tú decides, y las normas locales mandan.</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3, without any warranty. The typeface is derived from Inter (SIL Open Font License 1.1).</source>
        <translation>Software libre bajo la GNU General Public License, versión 3, sin garantía alguna. La tipografía deriva de Inter (SIL Open Font License 1.1).</translation>
    </message>
    <message>
        <source>Made with Qt %1 (LGPL 3), QCustomPlot (GPL 3), GeographicLib (MIT), GDAL (MIT), SQLite (public domain), libnova (LGPL 2), libarchive (BSD), Boost (BSL 1.0), Eigen (MPL 2.0), fast_float (MIT), nlohmann/json (MIT), pugixml (MIT), CLI11 (BSD), tl::expected (CC0) and zlib.</source>
        <translation>Hecho con Qt %1 (LGPL 3), QCustomPlot (GPL 3), GeographicLib (MIT), GDAL (MIT), SQLite (dominio público), libnova (LGPL 2), libarchive (BSD), Boost (BSL 1.0), Eigen (MPL 2.0), fast_float (MIT), nlohmann/json (MIT), pugixml (MIT), CLI11 (BSD), tl::expected (CC0) y zlib.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AircraftLines</name>
    <message>
        <source>Aircraft with the pack of the plan</source>
        <translation>Modelos con la batería del plan</translation>
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
        <translation>máx. autonomía %1</translation>
    </message>
    <message>
        <source>best range %1</source>
        <translation>máx. alcance %1</translation>
    </message>
    <message>
        <source>not flown</source>
        <translation>sin vuelos</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s), last %1</source>
        <translation>
            <numerusform>%n vuelo, el %1</numerusform>
            <numerusform>%n vuelos, último %1</numerusform>
        </translation>
    </message>
    <message>
        <source>curve from its flights</source>
        <translation>curva de sus vuelos</translation>
    </message>
    <message>
        <source>curve from one cruise</source>
        <translation>curva de un crucero</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>modelo</translation>
    </message>
    <message>
        <source>all-up mass, g</source>
        <translation>masa total, g</translation>
    </message>
    <message>
        <source>best endurance, m/s</source>
        <translation>máxima autonomía, m/s</translation>
    </message>
    <message>
        <source>there, W</source>
        <translation>allí, W</translation>
    </message>
    <message>
        <source>best range, m/s</source>
        <translation>máximo alcance, m/s</translation>
    </message>
    <message>
        <source>flights</source>
        <translation>vuelos</translation>
    </message>
    <message>
        <source>last flown</source>
        <translation>último vuelo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AlarmsSheet</name>
    <message>
        <source>Alarms</source>
        <translation>Alarmas</translation>
    </message>
    <message>
        <source>Alarms for this pack and this plan</source>
        <translation>Alarmas para esta batería y este plan</translation>
    </message>
    <message>
        <source>This pack cannot supply this cruise: there is nothing to set.</source>
        <translation>Esta batería no puede dar este crucero: no hay nada que ajustar.</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>counter</source>
        <translation>contador</translation>
    </message>
    <message>
        <source>remaining</source>
        <translation>restante</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>tensión</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>volado</translation>
    </message>
    <message>
        <source>counter at most</source>
        <translation>contador, máximo</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>según el plan</translation>
    </message>
    <message>
        <source>still needed</source>
        <translation>aún necesario</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::AllFlownWith</name>
    <message>
        <source>All flown with</source>
        <translation>Todos volados con</translation>
    </message>
    <message>
        <source>Aircraft of all these flights</source>
        <translation>Modelo de todos estos vuelos</translation>
    </message>
    <message>
        <source>Pack of all these flights</source>
        <translation>Batería de todos estos vuelos</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BenchChart</name>
    <message>
        <source>Packs under load</source>
        <translation>Baterías bajo carga</translation>
    </message>
    <message>
        <source>Wh delivered</source>
        <translation>Wh entregados</translation>
    </message>
    <message>
        <source>mAh delivered</source>
        <translation>mAh entregados</translation>
    </message>
    <message>
        <source>landing at %1</source>
        <translation>aterrizaje a %1</translation>
    </message>
    <message>
        <source>%1 unused if %2 lands at %3, like a LiPo</source>
        <translation>%1 sin usar si %2 aterriza a %3, como una LiPo</translation>
    </message>
    <message>
        <source>%1 unused if %2 lands
at %3, like a LiPo</source>
        <translation>%1 sin usar si %2 aterriza
a %3, como una LiPo</translation>
    </message>
    <message>
        <source>%1 has landed</source>
        <translation>%1 ha aterrizado</translation>
    </message>
    <message>
        <source>%1 %2 after %3</source>
        <comment>pack, value, time</comment>
        <translation>%1 %2 tras %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>given so far: packs</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>given</source>
        <translation>dado</translation>
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
        <translation>Respuesta</translation>
    </message>
    <message>
        <source>Under load</source>
        <translation>Bajo carga</translation>
    </message>
    <message>
        <source>Endurance and mass</source>
        <translation>Autonomía y masa</translation>
    </message>
    <message>
        <source>Candidates</source>
        <translation>Candidatas</translation>
    </message>
    <message>
        <source>Compare your packs on the aircraft of your plan: how long each one flies, and how it behaves under load.</source>
        <translation>Compara tus baterías en el modelo de tu plan: cuánto vuela cada una y cómo se comporta bajo carga.</translation>
    </message>
    <message>
        <source>You need a plan (for aircraft, cruise and wind) and at least one pack.</source>
        <translation>Hace falta un plan (modelo, crucero y viento) y al menos una batería.</translation>
    </message>
    <message>
        <source>Go to Plan</source>
        <translation>Ir al plan</translation>
    </message>
    <message>
        <source>Chart shows</source>
        <translation>El gráfico muestra</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>tensión de celda</translation>
    </message>
    <message>
        <source>cell current</source>
        <translation>corriente de las celdas</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>temperatura</translation>
    </message>
    <message>
        <source>peak power</source>
        <translation>potencia máxima</translation>
    </message>
    <message>
        <source>usual landing</source>
        <translation>aterrizaje habitual</translation>
    </message>
    <message>
        <source>all at %1 V</source>
        <translation>todas a %1 V</translation>
    </message>
    <message>
        <source>Landing voltage</source>
        <translation>Tensión de aterrizaje</translation>
    </message>
    <message>
        <source>filled: Li-ion, open: LiPo; reserve intact; the line joins the packs that no other beats</source>
        <translation>rellenas: Li-ion, vacías: LiPo; reserva intacta; la línea une las baterías que ninguna otra supera</translation>
    </message>
    <message>
        <source>Compare the selected packs</source>
        <translation>Comparar las baterías elegidas</translation>
    </message>
    <message>
        <source>compare as they are</source>
        <translation>comparar tal como son</translation>
    </message>
    <message>
        <source>compare at equal mass</source>
        <translation>comparar a igual masa</translation>
    </message>
    <message>
        <source>compare at equal energy</source>
        <translation>comparar a igual energía</translation>
    </message>
    <message>
        <source>An estimate; you decide. Charge attended, never below the floor; retire a puffed, hot or unbalanced pack. A heavy pack needs straps that hold in a dive.</source>
        <translation>Es una estimación; tú decides. Carga vigilada, nunca por debajo del mínimo; retira una batería hinchada, caliente o desequilibrada. Una batería pesada necesita correas que aguanten un picado.</translation>
    </message>
    <message>
        <source>Ctrl+click or Shift+arrows select up to %1 packs to overlay</source>
        <translation>Ctrl+clic o Mayús+flechas eligen hasta %1 baterías para superponer</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>none lighter flies longer</source>
        <translation>ninguna más ligera vuela más</translation>
    </message>
    <message>
        <source>cannot supply this cruise</source>
        <translation>no puede con este crucero</translation>
    </message>
    <message>
        <source>does not fit the bay</source>
        <translation>no cabe en el hueco</translation>
    </message>
    <message>
        <source>too heavy</source>
        <translation>demasiado pesada</translation>
    </message>
    <message>
        <source>above its current rating</source>
        <translation>por encima de su corriente</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>build</source>
        <translation>montaje</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>nominal</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>utilizable</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>masa</translation>
    </message>
    <message>
        <source>all-up</source>
        <translation>masa total</translation>
    </message>
    <message>
        <source>per mass</source>
        <translation>por masa</translation>
    </message>
    <message>
        <source>price</source>
        <translation>precio</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>per cell</source>
        <translation>por celda</translation>
    </message>
    <message>
        <source>continuous</source>
        <translation>continua</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>notas</translation>
    </message>
    <message>
        <source>Select a pack in the table, or several to overlay them.</source>
        <translation>Elige una batería en la tabla, o varias para superponerlas.</translation>
    </message>
    <message>
        <source>to landing voltage</source>
        <translation>hasta la tensión de aterrizaje</translation>
    </message>
    <message>
        <source>with the reserve intact</source>
        <translation>con la reserva intacta</translation>
    </message>
    <message>
        <source>remaining above the floor</source>
        <translation>restante sobre el mínimo</translation>
    </message>
    <message>
        <source>peak temperature</source>
        <translation>temperatura máxima</translation>
    </message>
    <message>
        <source>Into the flight controller: capacity %1, warning at %2, landing at %3.</source>
        <translation>En el controlador de vuelo: capacidad %1, aviso a %2, aterrizaje a %3.</translation>
    </message>
    <message>
        <source>%1: %2, %3, %4 pack</source>
        <comment>pack: time, way, mass</comment>
        <translation>%1: %2, %3, %4 de batería</translation>
    </message>
    <message>
        <source>Adding more of these cells stops adding range at %1 of pack.</source>
        <translation>Más celdas de estas dejan de dar alcance a partir de %1 de batería.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BesidePanel</name>
    <message>
        <source>Two plans side by side</source>
        <translation>Dos planes lado a lado</translation>
    </message>
    <message>
        <source>Back to the map</source>
        <translation>Volver al mapa</translation>
    </message>
    <message>
        <source>Compared with: %1</source>
        <comment>name of a plan</comment>
        <translation>Comparado con: %1</translation>
    </message>
    <message>
        <source>results and differences</source>
        <translation>resultados y diferencias</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::BillChart</name>
    <message>
        <source>From forecast to flown, cause by cause</source>
        <translation>De lo previsto a lo volado, causa por causa</translation>
    </message>
    <message>
        <source>From forecast to flown</source>
        <translation>De lo previsto a lo volado</translation>
    </message>
    <message>
        <source>cause</source>
        <translation>causa</translation>
    </message>
    <message>
        <source>energy, Wh</source>
        <translation>energía, Wh</translation>
    </message>
    <message>
        <source>error, Wh</source>
        <translation>error, Wh</translation>
    </message>
    <message>
        <source>charge, mAh</source>
        <translation>carga, mAh</translation>
    </message>
    <message>
        <source>distance, m</source>
        <translation>distancia, m</translation>
    </message>
    <message>
        <source>Forecast</source>
        <translation>Previsto</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Volado</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <comment>energy, distance</comment>
        <translation>%1 en %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CalibrationChart</name>
    <message>
        <source>How often flights fell within the band</source>
        <translation>Cuántos vuelos cayeron en la banda</translation>
    </message>
    <message>
        <source>%1 % of %2 forecasts fell within the 90 % band.</source>
        <translation>El %1 % de %2 previsiones cayó en la banda del 90 %.</translation>
    </message>
    <message>
        <source>Flights within the band</source>
        <translation>Vuelos en la banda</translation>
    </message>
    <message>
        <source>band, %</source>
        <translation>banda, %</translation>
    </message>
    <message>
        <source>within, %</source>
        <translation>dentro, %</translation>
    </message>
    <message>
        <source>within, % of %1 forecasts</source>
        <translation>dentro, % de %1 previsiones</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CalloutsSheet</name>
    <message>
        <source>Callouts</source>
        <translation>Avisos</translation>
    </message>
    <message>
        <source>Spoken callouts</source>
        <translation>Avisos de voz</translation>
    </message>
    <message>
        <source>Count down: call what remains</source>
        <translation>Cuenta atrás: decir lo que queda</translation>
    </message>
    <message>
        <source>Callouts that are off are still listed.</source>
        <translation>Los avisos apagados se siguen anotando.</translation>
    </message>
    <message>
        <source>No speech engine works here: a tone sounds instead. Callouts that are off are still listed.</source>
        <translation>No hay voz disponible en este equipo: suena un tono. Los avisos apagados se siguen anotando.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CauseChart</name>
    <message>
        <source>What flights took more or less than forecast, cause by cause</source>
        <translation>Lo que los vuelos costaron de más o de menos, por causas</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>En total</translation>
    </message>
    <message>
        <source>Flights and their forecasts, by cause</source>
        <translation>Los vuelos y sus previsiones, por causas</translation>
    </message>
    <message>
        <source>cause</source>
        <translation>causa</translation>
    </message>
    <message>
        <source>mean, %</source>
        <translation>media, %</translation>
    </message>
    <message>
        <source>error of the mean, %</source>
        <translation>error de la media, %</translation>
    </message>
    <message>
        <source>between flights, %</source>
        <translation>entre vuelos, %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CellModel</name>
    <message>
        <source>Why? (F1)</source>
        <translation>¿Por qué? (F1)</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CellsEditor</name>
    <message>
        <source>type a row here</source>
        <translation>escribe una fila aquí</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ColumnsSheet</name>
    <message>
        <source>Read with these columns</source>
        <translation>Leer con estas columnas</translation>
    </message>
    <message>
        <source>Columns of %1</source>
        <translation>Columnas de %1</translation>
    </message>
    <message>
        <source>What each column is</source>
        <translation>Qué es cada columna</translation>
    </message>
    <message>
        <source>Correct what the program guessed wrong. The answer is remembered for logs with this header.</source>
        <translation>Corrige lo que el programa adivinó mal. La respuesta se recuerda para registros con esta cabecera.</translation>
    </message>
    <message>
        <source>in the file</source>
        <translation>en el archivo</translation>
    </message>
    <message>
        <source>first values</source>
        <translation>primeros valores</translation>
    </message>
    <message>
        <source>meaning</source>
        <translation>significado</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>unidad</translation>
    </message>
    <message>
        <source>read as</source>
        <translation>leído como</translation>
    </message>
    <message>
        <source>(no name)</source>
        <translation>(sin nombre)</translation>
    </message>
    <message>
        <source>What “%1” is</source>
        <translation>Qué es «%1»</translation>
    </message>
    <message>
        <source>Unit of “%1”</source>
        <translation>Unidad de «%1»</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>No column is a time yet; a log needs one.</source>
        <translation>Ninguna columna es tiempo todavía; un registro necesita una.</translation>
    </message>
    <message>
        <source>Correct what is wrong. The answer holds for this log, and is kept with it when it is filed.</source>
        <translation>Corrige lo que esté mal. La respuesta vale para este registro y se guarda con él al archivarlo.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::Commands</name>
    <message>
        <source>Find a command</source>
        <translation>Buscar una orden</translation>
    </message>
    <message>
        <source>Words of a command</source>
        <translation>Palabras de una orden</translation>
    </message>
    <message>
        <source>Find a command: undo, backup, knots, evening…</source>
        <translation>Buscar una orden: deshacer, copia, nudos, noche…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>heading, command</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Commands found</source>
        <translation>Órdenes encontradas</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CompareSheet</name>
    <message>
        <source>Flights at equal distance, speed and mass</source>
        <translation>Vuelos a igual distancia, velocidad y masa</translation>
    </message>
    <message>
        <source>Flights side by side</source>
        <translation>Vuelos lado a lado</translation>
    </message>
    <message>
        <source>Flights to compare</source>
        <translation>Vuelos para comparar</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>media</translation>
    </message>
    <message>
        <source>Airspeed</source>
        <translation>Velocidad aérea</translation>
    </message>
    <message>
        <source>all-up mass</source>
        <translation>masa total</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>Select two or more flights.</source>
        <translation>Elige dos vuelos o más.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>figure, its error</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>as flown</source>
        <translation>como se voló</translation>
    </message>
    <message>
        <source>normalized</source>
        <translation>normalizado</translation>
    </message>
    <message>
        <source>for that distance</source>
        <translation>para esa distancia</translation>
    </message>
    <message>
        <source>of its pack</source>
        <translation>de su batería</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>autonomía</translation>
    </message>
    <message>
        <source>Along</source>
        <translation>A lo largo de</translation>
    </message>
    <message>
        <source>over distance</source>
        <translation>según la distancia</translation>
    </message>
    <message>
        <source>over time</source>
        <translation>según el tiempo</translation>
    </message>
    <message>
        <source>Reading the logs…</source>
        <translation>Leyendo los registros…</translation>
    </message>
    <message>
        <source>Those in italics do not show level flight in a known wind, for which one full circle is enough: they are laid over the others, but not compared at equal speed and mass.</source>
        <translation>Los que están en cursiva no muestran vuelo nivelado con viento conocido, para lo que basta un círculo completo: se superponen a los demás, pero no se comparan a igual velocidad y masa.</translation>
    </message>
    <message>
        <source>laid over the others only</source>
        <translation>solo superpuesto a los demás</translation>
    </message>
    <message>
        <source>Laid over each other below. Only flights that show level flight in a known wind are compared at equal speed and mass.</source>
        <translation>Superpuestos abajo. A igual velocidad y masa solo se comparan los vuelos que muestran vuelo nivelado con viento conocido.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CurveChangeChart</name>
    <message>
        <source>Power against airspeed before and after the change</source>
        <translation>Potencia según la velocidad aérea antes y después del cambio</translation>
    </message>
    <message>
        <source>before, m/s</source>
        <translation>antes, m/s</translation>
    </message>
    <message>
        <source>before, W</source>
        <translation>antes, W</translation>
    </message>
    <message>
        <source>after, m/s</source>
        <translation>después, m/s</translation>
    </message>
    <message>
        <source>after, W</source>
        <translation>después, W</translation>
    </message>
    <message>
        <source>airspeed, %1</source>
        <translation>velocidad aérea, %1</translation>
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
        <translation>Potencia frente a velocidad aérea</translation>
    </message>
    <message>
        <source>airspeed, %1</source>
        <translation>velocidad aérea, %1</translation>
    </message>
    <message>
        <source>power, W</source>
        <translation>potencia, W</translation>
    </message>
    <message>
        <source>error, W</source>
        <translation>error, W</translation>
    </message>
    <message>
        <source>power level, W</source>
        <translation>potencia nivelada, W</translation>
    </message>
    <message>
        <source>best endurance</source>
        <translation>máxima autonomía</translation>
    </message>
    <message>
        <source>best range</source>
        <translation>máximo alcance</translation>
    </message>
    <message>
        <source>half of full power</source>
        <translation>mitad de la potencia máxima</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>airspeed, power</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>at %1 it takes %2</source>
        <translation>a %1 gasta %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::CurvePage</name>
    <message>
        <source>Curve</source>
        <translation>Curva</translation>
    </message>
    <message>
        <source>Speeds to fly</source>
        <translation>Velocidades de vuelo</translation>
    </message>
    <message>
        <source>Headwind</source>
        <translation>Viento en contra</translation>
    </message>
    <message>
        <source>Headwind; negative for a tailwind</source>
        <translation>Viento en contra; negativo si es de cola</translation>
    </message>
    <message>
        <source>Wanted ground speed</source>
        <translation>Velocidad sobre el suelo deseada</translation>
    </message>
    <message>
        <source>All-up mass</source>
        <translation>Masa total</translation>
    </message>
    <message>
        <source>Fitted from its flights</source>
        <translation>Ajustado con sus vuelos</translation>
    </message>
    <message>
        <source>Use this curve for the aircraft</source>
        <translation>Usar esta curva en el modelo</translation>
    </message>
    <message>
        <source>Discard the fit</source>
        <translation>Descartar el ajuste</translation>
    </message>
    <message>
        <source>Plans use the known cruise alone again</source>
        <translation>Los planes vuelven a usar solo el crucero conocido</translation>
    </message>
    <message>
        <source>Ten-minute test flight</source>
        <translation>Vuelo de prueba de diez minutos</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Ningún modelo elegido</translation>
    </message>
    <message>
        <source>Select an aircraft in the list; its curve starts from one cruise and improves with every filed flight.</source>
        <translation>Elige un modelo en la lista; su curva parte de un crucero y mejora con cada vuelo archivado.</translation>
    </message>
    <message>
        <source>best-endurance speed</source>
        <translation>velocidad de máxima autonomía</translation>
    </message>
    <message>
        <source>best-range speed</source>
        <translation>velocidad de máximo alcance</translation>
    </message>
    <message>
        <source>half of full power</source>
        <translation>mitad de la potencia máxima</translation>
    </message>
    <message>
        <source>stall speed</source>
        <translation>velocidad de pérdida</translation>
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
        <translation>¿Por qué esta cifra?</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::DebriefPlace</name>
    <message>
        <source>Drop a flight log here to see what the flight used, how far it went and what remained.</source>
        <translation>Suelta aquí un registro de vuelo para ver cuánto gastó, hasta dónde llegó y cuánto quedó.</translation>
    </message>
    <message>
        <source>CSV with a header line, GPX, IGC, NMEA or a MAVLink telemetry log, from the radio&apos;s card or an on-board recorder. Time is required; position, voltage, current and the mAh counter add the rest.</source>
        <translation>CSV con cabecera, GPX, IGC, NMEA o un registro de telemetría MAVLink, de la tarjeta de la emisora o de un grabador a bordo. El tiempo es imprescindible; posición, tensión, corriente y contador de mAh añaden el resto.</translation>
    </message>
    <message>
        <source>Open a log…</source>
        <translation>Abrir un registro…</translation>
    </message>
    <message>
        <source>Flights of the demo</source>
        <translation>Vuelos de la demo</translation>
    </message>
    <message>
        <source>Track shows</source>
        <translation>La traza muestra</translation>
    </message>
    <message>
        <source>What the track&apos;s thickness shows</source>
        <translation>Qué muestra el grosor de la traza</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Lectura</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Gráfico de regreso</translation>
    </message>
    <message>
        <source>Strips</source>
        <translation>Trazados</translation>
    </message>
    <message>
        <source>Track</source>
        <translation>Traza</translation>
    </message>
    <message>
        <source>Which flight of this file</source>
        <translation>Qué vuelo de este archivo</translation>
    </message>
    <message>
        <source>Columns…</source>
        <translation>Columnas…</translation>
    </message>
    <message>
        <source>How each column of this log was read; correct it here</source>
        <translation>Cómo se leyó cada columna de este registro; corrígelo aquí</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Comparar…</translation>
    </message>
    <message>
        <source>Compare with other flights at equal distance, speed and mass</source>
        <translation>Comparar con otros vuelos a igual distancia, velocidad y masa</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Anterior</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Siguiente</translation>
    </message>
    <message>
        <source>The flight before this one in the logbook</source>
        <translation>El vuelo anterior a este en el diario</translation>
    </message>
    <message>
        <source>The flight after this one in the logbook</source>
        <translation>El vuelo posterior a este en el diario</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>needs position, voltage and current in the log</source>
        <translation>necesita posición, tensión y corriente en el registro</translation>
    </message>
    <message>
        <source>needs the pack that was flown</source>
        <translation>necesita la batería que se voló</translation>
    </message>
    <message>
        <source>Segments</source>
        <translation>Segmentos</translation>
    </message>
    <message>
        <source>All rows used.</source>
        <translation>Todas las filas usadas.</translation>
    </message>
    <message>
        <source>Use it for this pack</source>
        <translation>Usarlo en esta batería</translation>
    </message>
    <message>
        <source>Measured sag then decides this pack&apos;s continuous current, in place of its label</source>
        <translation>La caída medida decide entonces la corriente continua de esta batería, en lugar de su etiqueta</translation>
    </message>
    <message>
        <source>Segments of the flight</source>
        <translation>Segmentos del vuelo</translation>
    </message>
    <message>
        <source>Excluded rows, and why</source>
        <translation>Filas excluidas y por qué</translation>
    </message>
    <message>
        <source>Click or Enter shows the place in the strips; again for the next place</source>
        <translation>Un clic o Intro muestra el lugar en los trazados; otra vez, el siguiente</translation>
    </message>
    <message>
        <source>%1 — %2 rows, %3 excluded</source>
        <comment>file name, rows, rows excluded</comment>
        <translation>%1 — %2 filas, %3 excluidas</translation>
    </message>
    <message>
        <source>Strips over time: height, ground speed, voltage and current</source>
        <translation>Trazados en el tiempo: altura, velocidad sobre el suelo, tensión y corriente</translation>
    </message>
    <message>
        <source>over ground</source>
        <translation>sobre el suelo</translation>
    </message>
    <message>
        <source>level, still air</source>
        <translation>nivelado, sin viento</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>viento</translation>
    </message>
    <message>
        <source>airspeed</source>
        <translation>velocidad aérea</translation>
    </message>
    <message>
        <source>mean power</source>
        <translation>potencia media</translation>
    </message>
    <message>
        <source>lowest pack voltage</source>
        <translation>tensión mínima de la batería</translation>
    </message>
    <message>
        <source>highest current</source>
        <translation>corriente máxima</translation>
    </message>
    <message>
        <source>highest speed</source>
        <translation>velocidad máxima</translation>
    </message>
    <message>
        <source>remaining, by counter</source>
        <translation>restante, según contador</translation>
    </message>
    <message>
        <source>minimum margin</source>
        <translation>margen mínimo</translation>
    </message>
    <message>
        <source>Remaining refers to %1: usable %2 down to %3.</source>
        <translation>Lo restante se refiere a %1: utilizable %2 hasta %3.</translation>
    </message>
    <message>
        <source>Sag in this flight: %1 %2 per cell; the pack is entered with %3.</source>
        <comment>resistance, its error, resistance</comment>
        <translation>Caída en este vuelo: %1 %2 por celda; la batería está anotada con %3.</translation>
    </message>
    <message>
        <source>segment</source>
        <translation>segmento</translation>
    </message>
    <message>
        <source>from</source>
        <translation>desde</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>duración</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>climb</source>
        <translation>ascenso</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>ascendencia</translation>
    </message>
    <message>
        <source>power</source>
        <translation>potencia</translation>
    </message>
    <message>
        <source>energy</source>
        <translation>energía</translation>
    </message>
    <message>
        <source>Track of the flight, %1 from home</source>
        <translation>Traza del vuelo, %1 de casa</translation>
    </message>
    <message>
        <source>No track: this log has no position</source>
        <translation>Sin traza: este registro no tiene posición</translation>
    </message>
    <message>
        <source>ground speed</source>
        <translation>velocidad sobre el suelo</translation>
    </message>
    <message>
        <source>current</source>
        <translation>corriente</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>tensión</translation>
    </message>
    <message>
        <source>link quality</source>
        <translation>calidad del enlace</translation>
    </message>
    <message>
        <source>flight %1 of %2, %3</source>
        <comment>number, of how many, how long</comment>
        <translation>vuelo %1 de %2, %3</translation>
    </message>
    <message>
        <source>outbound and inbound</source>
        <translation>ida y regreso</translation>
    </message>
    <message>
        <source>below %1</source>
        <translation>menos de %1</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>desde %1</translation>
    </message>
    <message>
        <source>the same everywhere</source>
        <translation>igual en todas partes</translation>
    </message>
    <message>
        <source>height above home</source>
        <translation>altura sobre el despegue</translation>
    </message>
    <message>
        <source>No log? File it by hand…</source>
        <translation>¿Sin registro? Anotarlo a mano…</translation>
    </message>
    <message>
        <source>Flown on</source>
        <translation>Volado el</translation>
    </message>
    <message>
        <source>Reads the log with this date; remembered for logs with this header</source>
        <translation>Lee el registro con esta fecha; se recuerda para registros con esta cabecera</translation>
    </message>
    <message>
        <source>video link quality</source>
        <translation>calidad del enlace de vídeo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::EnergyOverlay</name>
    <message>
        <source>Energy used, flights laid over each other</source>
        <translation>Energía consumida, vuelos superpuestos</translation>
    </message>
    <message>
        <source>distance, km</source>
        <translation>distancia, km</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>%1, Wh</source>
        <comment>flight</comment>
        <translation>%1, Wh</translation>
    </message>
    <message>
        <source>flown over ground, %1</source>
        <translation>recorrido sobre el suelo, %1</translation>
    </message>
    <message>
        <source>Wh used</source>
        <translation>Wh consumidos</translation>
    </message>
    <message>
        <source>Over the first %1, “%2” took %3 more than “%4”.</source>
        <translation>En los primeros %1, «%2» gastó %3 más que «%4».</translation>
    </message>
    <message>
        <source>In the first %1, “%2” took %3 more than “%4”.</source>
        <translation>En los primeros %1, «%2» gastó %3 más que «%4».</translation>
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
        <translation>¿Por qué? (F1)</translation>
    </message>
    <message>
        <source>Why this number?</source>
        <translation>¿Por qué esta cifra?</translation>
    </message>
    <message>
        <source>Copy %1</source>
        <translation>Copiar %1</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ExplanationSheet</name>
    <message>
        <source>Why %1?</source>
        <comment>value</comment>
        <translation>¿Por qué %1?</translation>
    </message>
    <message>
        <source>What moves it:</source>
        <translation>Qué influye:</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Fuente: %1</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FieldForm</name>
    <message>
        <source>assumed %1</source>
        <translation>supuesto %1</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Examinar…</translation>
    </message>
    <message>
        <source>Browse for %1</source>
        <translation>Elegir archivo: %1</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FilingForm</name>
    <message>
        <source>File in the logbook</source>
        <translation>Archivar en el diario</translation>
    </message>
    <message>
        <source>Flight</source>
        <translation>Vuelo</translation>
    </message>
    <message>
        <source>Recharged</source>
        <translation>Recargado</translation>
    </message>
    <message>
        <source>V, after</source>
        <comment>resting volts of a cell, after minutes</comment>
        <translation>V, tras</translation>
    </message>
    <message>
        <source>Minutes of rest</source>
        <translation>Minutos de reposo</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>No charger puts that much back. Enter what it showed, in %1.</source>
        <translation>Ningún cargador devuelve tanto. Anota lo que mostró, en %1.</translation>
    </message>
    <message>
        <source>This is not a number. Enter 2740 or 2 740.</source>
        <translation>Esto no es un número. Escribe 2740 o 2 740.</translation>
    </message>
    <message>
        <source>No cell rests at that voltage: enter the mean of its cells, between 1.5 and 4.5 V.</source>
        <translation>Ninguna celda reposa a esa tensión: anota la media de sus celdas, entre 1,5 y 4,5 V.</translation>
    </message>
    <message>
        <source>Enter the minutes from landing to the reading.</source>
        <translation>Anota los minutos desde el aterrizaje hasta la lectura.</translation>
    </message>
    <message>
        <source>In the logbook, with its complete log.</source>
        <translation>En el diario, con su registro completo.</translation>
    </message>
    <message>
        <source>Filing…</source>
        <translation>Archivando…</translation>
    </message>
    <message>
        <source>Keeps the complete log and these entries.</source>
        <translation>Guarda el registro completo y estos datos.</translation>
    </message>
    <message>
        <source>At rest, per cell</source>
        <translation>En reposo, por celda</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FirstPlanPage</name>
    <message>
        <source>Where must you turn for home? An aircraft, a pack and the wind are enough to begin.</source>
        <translation>¿Dónde tienes que dar la vuelta? Un modelo, una batería y el viento bastan para empezar.</translation>
    </message>
    <message>
        <source>Typical figures are filled in; replace them with yours. A unit may be typed with the number, and amps in place of watts. An empty field is assumed, and shown as assumed.</source>
        <translation>Hay valores típicos; pon los tuyos. Se puede escribir una unidad con el número, y amperios en vez de vatios. Un campo vacío se supone, y así se muestra.</translation>
    </message>
    <message>
        <source>Create the plan</source>
        <translation>Crear el plan</translation>
    </message>
    <message>
        <source>Open a plan from a file…</source>
        <translation>Abrir un plan de un archivo…</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Gráfico de regreso</translation>
    </message>
    <message>
        <source>The aircraft</source>
        <translation>El modelo</translation>
    </message>
    <message>
        <source>The pack</source>
        <translation>La batería</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>El día</translation>
    </message>
    <message>
        <source>First plan</source>
        <translation>Primer plan</translation>
    </message>
    <message>
        <source>Look around with demo flights</source>
        <translation>Explorar con vuelos de demostración</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FleetPlace</name>
    <message>
        <source>Fleet: list, power curve, what-if, sun, forecasts</source>
        <translation>Flota: lista, curva de potencia, qué pasaría, sol, previsiones</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Lista</translation>
    </message>
    <message>
        <source>Power curve</source>
        <translation>Curva de potencia</translation>
    </message>
    <message>
        <source>What-if</source>
        <translation>Qué pasaría</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sol</translation>
    </message>
    <message>
        <source>Forecasts</source>
        <translation>Previsiones</translation>
    </message>
    <message>
        <source>With %1, the pack of the open plan, in still air</source>
        <translation>Con %1, la batería del plan abierto, en aire en calma</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FlightReportView</name>
    <message>
        <source>What was still possible</source>
        <translation>Lo que aún era posible</translation>
    </message>
    <message>
        <source>What was still possible on this flight</source>
        <translation>Lo que aún era posible en este vuelo</translation>
    </message>
    <message>
        <source>Where each turn rule would have turned</source>
        <translation>Dónde habría dado la vuelta cada regla</translation>
    </message>
    <message>
        <source>Forecast against flown</source>
        <translation>Previsión y vuelo</translation>
    </message>
    <message>
        <source>* inbound already: the flight had turned before this rule did.</source>
        <translation>* ya de regreso: el vuelo dio la vuelta antes que esta regla.</translation>
    </message>
    <message>
        <source>above the pack&apos;s limit</source>
        <translation>por encima del límite de la batería</translation>
    </message>
    <message>
        <source>lowest cell voltage</source>
        <translation>tensión mínima de celda</translation>
    </message>
    <message>
        <source>lowest cell voltage, at %1</source>
        <translation>tensión mínima de celda, a los %1</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>electronics, share of power</source>
        <translation>electrónica, parte de la potencia</translation>
    </message>
    <message>
        <source>climbs, share of energy</source>
        <translation>ascensos, parte de la energía</translation>
    </message>
    <message>
        <source>power spread in level flight</source>
        <translation>dispersión de la potencia en vuelo nivelado</translation>
    </message>
    <message>
        <source>link failsafe distance</source>
        <translation>distancia de failsafe del enlace</translation>
    </message>
    <message>
        <source>%1 from %2</source>
        <comment>wind speed, direction</comment>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>Wind of this flight: %1. The forecast, %2, is kept with it.</source>
        <translation>Viento de este vuelo: %1. La previsión, %2, se guarda con él.</translation>
    </message>
    <message>
        <source>Use the forecast wind</source>
        <translation>Usar el viento previsto</translation>
    </message>
    <message>
        <source>Computes this flight in the wind that was forecast</source>
        <translation>Calcula este vuelo con el viento previsto</translation>
    </message>
    <message>
        <source>Wind of this flight: %1, as set above. The log shows %2.</source>
        <translation>Viento de este vuelo: %1, como está arriba. El registro muestra %2.</translation>
    </message>
    <message>
        <source>Use the wind found</source>
        <translation>Usar el viento encontrado</translation>
    </message>
    <message>
        <source>Computes this flight in the wind that its log shows; the forecast is kept with it</source>
        <translation>Calcula este vuelo con el viento que muestra su registro; la previsión se guarda con él</translation>
    </message>
    <message>
        <source>down to, reserve intact</source>
        <translation>hasta, con la reserva intacta</translation>
    </message>
    <message>
        <source>more time</source>
        <translation>más tiempo</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>%1 *</source>
        <comment>time, after the turn</comment>
        <translation>%1 *</translation>
    </message>
    <message>
        <source>turn rule</source>
        <translation>regla de regreso</translation>
    </message>
    <message>
        <source>at</source>
        <translation>en</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>desde casa</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>margen</translation>
    </message>
    <message>
        <source>Ten-minute sun test</source>
        <translation>Prueba solar de diez minutos</translation>
    </message>
    <message>
        <source>Parts of the ten-minute sun test</source>
        <translation>Partes de la prueba solar de diez minutos</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <comment>volts at the start, at the end</comment>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>part</source>
        <translation>parte</translation>
    </message>
    <message>
        <source>lasted</source>
        <translation>duración</translation>
    </message>
    <message>
        <source>load</source>
        <translation>carga</translation>
    </message>
    <message>
        <source>array</source>
        <translation>panel</translation>
    </message>
    <message>
        <source>pack voltage</source>
        <translation>tensión de la batería</translation>
    </message>
    <message>
        <source>from the pack</source>
        <translation>de la batería</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ForecastChart</name>
    <message>
        <source>Forecast over flown, flight by flight</source>
        <translation>Previsto / volado, vuelo a vuelo</translation>
    </message>
    <message>
        <source>Forecast over flown</source>
        <translation>Previsto / volado</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>from flights</source>
        <translation>de vuelos</translation>
    </message>
    <message>
        <source>error, %</source>
        <translation>error, %</translation>
    </message>
    <message>
        <source>band, %</source>
        <translation>banda, %</translation>
    </message>
    <message>
        <source>flight, in order of time</source>
        <translation>vuelo, por orden</translation>
    </message>
    <message>
        <source>forecast over flown, %</source>
        <translation>previsto / volado, %</translation>
    </message>
    <message>
        <source>too cautious</source>
        <translation>demasiado prudente</translation>
    </message>
    <message>
        <source>too optimistic</source>
        <translation>demasiado optimista</translation>
    </message>
    <message>
        <source>%1, error in %</source>
        <translation>%1, error %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ForecastsPage</name>
    <message>
        <source>Forecasts</source>
        <translation>Previsiones</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Vuelos</translation>
    </message>
    <message>
        <source>Flights and their forecasts</source>
        <translation>Vuelos y sus previsiones</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Exclude</source>
        <translation>Excluir</translation>
    </message>
    <message>
        <source>An excluded flight no longer counts in fits: a sensor was wrong, or it was no ordinary day.</source>
        <translation>Un vuelo excluido ya no cuenta en los ajustes: falló un sensor o no fue un día normal.</translation>
    </message>
    <message>
        <source>Include again</source>
        <translation>Incluir otra vez</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Ningún modelo elegido</translation>
    </message>
    <message>
        <source>Select an aircraft in the list.</source>
        <translation>Elige un modelo en la lista.</translation>
    </message>
    <message>
        <source>outlier</source>
        <translation>atípico</translation>
    </message>
    <message>
        <source>within its band</source>
        <translation>dentro de su banda</translation>
    </message>
    <message>
        <source>outside its band</source>
        <translation>fuera de su banda</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>excluido</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>from</source>
        <translation>desde</translation>
    </message>
    <message>
        <source>energy, level</source>
        <translation>energía, nivelado</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>previsión</translation>
    </message>
    <message>
        <source>flown</source>
        <translation>volado</translation>
    </message>
    <message>
        <source>error</source>
        <translation>error</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>valoración</translation>
    </message>
    <message>
        <source>By cause</source>
        <translation>Causas</translation>
    </message>
    <message>
        <source>What forecasts missed, by cause</source>
        <translation>Lo que las previsiones no acertaron, por causas</translation>
    </message>
    <message>
        <source>Of the energy that the plan&apos;s figures forecast for the route flown: mean, and how flights differ.</source>
        <translation>De la energía que el plan prevé para el recorrido volado: media, y cuánto difieren los vuelos.</translation>
    </message>
    <message>
        <source>Forecast of</source>
        <translation>Previsión de</translation>
    </message>
    <message>
        <source>level flight</source>
        <translation>vuelo nivelado</translation>
    </message>
    <message>
        <source>charge by</source>
        <translation>carga según</translation>
    </message>
    <message>
        <source>Flights are being forecast…</source>
        <translation>Calculando las previsiones…</translation>
    </message>
    <message>
        <source>This needs two filed flights whose logs have the pack&apos;s voltage and current.</source>
        <translation>Hacen falta dos vuelos archivados cuyos registros tengan la tensión y la corriente de la batería.</translation>
    </message>
    <message>
        <source>This needs two filed flights whose logs have the pack&apos;s voltage and current, and level flight.</source>
        <translation>Hacen falta dos vuelos archivados cuyos registros tengan la tensión y la corriente de la batería, y vuelo nivelado.</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>tensión</translation>
    </message>
    <message>
        <source>consumption</source>
        <translation>consumo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FoundFlightsModel</name>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>start (log&apos;s clock)</source>
        <translation>inicio (reloj del registro)</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>notas</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::FrontierChart</name>
    <message>
        <source>Endurance and pack mass</source>
        <translation>Autonomía y masa de batería</translation>
    </message>
    <message>
        <source>Endurance and pack mass: %1 packs, %2 of which no other beats</source>
        <translation>Autonomía y masa de batería: %1 baterías, %2 que ninguna otra supera</translation>
    </message>
    <message>
        <source>range stops growing</source>
        <translation>el alcance deja de crecer</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>g of pack</source>
        <translation>g de batería</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>masa</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>none lighter flies longer</source>
        <translation>ninguna más ligera vuela más</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>sí</translation>
    </message>
    <message>
        <source>no</source>
        <translation>no</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::GuideWindow</name>
    <message>
        <source>User guide</source>
        <translation>Guía de usuario</translation>
    </message>
    <message>
        <source>Words to find in the guide</source>
        <translation>Palabras que buscar en la guía</translation>
    </message>
    <message>
        <source>Find in the guide</source>
        <translation>Buscar en la guía</translation>
    </message>
    <message>
        <source>Find next</source>
        <translation>Buscar siguiente</translation>
    </message>
    <message>
        <source>Chapters of the guide</source>
        <translation>Capítulos de la guía</translation>
    </message>
    <message>
        <source>Text of the guide</source>
        <translation>Texto de la guía</translation>
    </message>
    <message>
        <source>“%1” is not in the guide.</source>
        <translation>«%1» no está en la guía.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HeadroomChart</name>
    <message>
        <source>Headroom against the charge used</source>
        <translation>Reserva de potencia según la carga usada</translation>
    </message>
    <message>
        <source>Headroom</source>
        <translation>Reserva de potencia</translation>
    </message>
    <message>
        <source>mAh used</source>
        <translation>mAh usados</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>V/cell</source>
        <translation>V/celda</translation>
    </message>
    <message>
        <source>full throttle, W</source>
        <translation>a fondo, W</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>full throttle</source>
        <translation>a fondo</translation>
    </message>
    <message>
        <source>the plan&apos;s climb</source>
        <translation>el ascenso del plan</translation>
    </message>
    <message>
        <source>level cruise</source>
        <translation>crucero nivelado</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HealthChart</name>
    <message>
        <source>Health of the pack over its cycles</source>
        <translation>Salud de la batería por ciclos</translation>
    </message>
    <message>
        <source>Health of the pack</source>
        <translation>Salud de la batería</translation>
    </message>
    <message>
        <source>full cycles</source>
        <translation>ciclos completos</translation>
    </message>
    <message>
        <source>of label capacity, %</source>
        <translation>de la capacidad de etiqueta, %</translation>
    </message>
    <message>
        <source>cells, mΩ</source>
        <translation>celdas, mΩ</translation>
    </message>
    <message>
        <source>Full recharge, % of label capacity</source>
        <translation>Recarga completa, % de la etiqueta</translation>
    </message>
    <message>
        <source>Cell resistance, mΩ, by full cycles</source>
        <translation>Resistencia de celda, mΩ, por ciclos completos</translation>
    </message>
    <message>
        <source>retire</source>
        <translation>retirar</translation>
    </message>
    <message>
        <source>no reading yet</source>
        <translation>aún sin lecturas</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HealthPage</name>
    <message>
        <source>Health</source>
        <translation>Salud</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Lecturas</translation>
    </message>
    <message>
        <source>Readings of chargers and meters</source>
        <translation>Lecturas de cargadores y medidores</translation>
    </message>
    <message>
        <source>Compare readings taken at the same temperature and after the same rest. Retire a puffed or hot pack whatever its figures say.</source>
        <translation>Compara lecturas a la misma temperatura y tras el mismo reposo. Retira una batería hinchada o caliente digan lo que digan sus cifras.</translation>
    </message>
    <message>
        <source>Use in plans</source>
        <translation>Usar en los planes</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Descartar</translation>
    </message>
    <message>
        <source>Freeze</source>
        <translation>Congelar</translation>
    </message>
    <message>
        <source>Nothing flown or measured yet: plans use the label capacity, with a wide band.</source>
        <translation>Nada volado ni medido aún: los planes usan la capacidad de la etiqueta, con una banda ancha.</translation>
    </message>
    <message>
        <source>File a flight with this pack, ideally with what the charger put back.</source>
        <translation>Archiva un vuelo con esta batería, mejor con lo que devolvió el cargador.</translation>
    </message>
    <message>
        <source>of label capacity, fitted</source>
        <translation>de la capacidad de etiqueta, ajustado</translation>
    </message>
    <message>
        <source>per cell, fitted</source>
        <translation>por celda, ajustado</translation>
    </message>
    <message>
        <source>to the landing voltage</source>
        <translation>hasta la tensión de aterrizaje</translation>
    </message>
    <message>
        <source>Resume fitting</source>
        <translation>Reanudar el ajuste</translation>
    </message>
    <message>
        <source>Plans, alarms, limits and the bench then use it</source>
        <translation>Planes, alarmas, límites y banco lo usan entonces</translation>
    </message>
    <message>
        <source>Newly filed flights leave it unchanged</source>
        <translation>Los vuelos nuevos ya no lo cambian</translation>
    </message>
    <message>
        <source>New reading</source>
        <translation>Nueva lectura</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Full cycles so far</source>
        <translation>Ciclos completos hasta ahora</translation>
    </message>
    <message>
        <source>Full recharge</source>
        <translation>Recarga completa</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>no medido</translation>
    </message>
    <message>
        <source>Resistance of each cell</source>
        <translation>Resistencia de cada celda</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>Resting voltage of each cell</source>
        <translation>Tensión en reposo de cada celda</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>Add the reading</source>
        <translation>Añadir la lectura</translation>
    </message>
    <message>
        <source>Fully charged now</source>
        <translation>Ahora a plena carga</translation>
    </message>
    <message>
        <source>At storage charge now</source>
        <translation>Ahora en almacenamiento</translation>
    </message>
    <message>
        <source>Readings of this pack</source>
        <translation>Lecturas de esta batería</translation>
    </message>
    <message>
        <source>Remove the selected reading</source>
        <translation>Quitar la lectura elegida</translation>
    </message>
    <message>
        <source>Select a pack in the list to see its readings, their trend and when to retire it.</source>
        <translation>Elige una batería en la lista para ver sus lecturas, su tendencia y cuándo retirarla.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>pack, build</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>recharge, of label capacity</source>
        <translation>recarga, de la capacidad de etiqueta</translation>
    </message>
    <message>
        <source>resistance read, per cell</source>
        <translation>resistencia leída, por celda</translation>
    </message>
    <message>
        <source>cycles to end of life (80 %)</source>
        <translation>ciclos hasta el fin de vida (80 %)</translation>
    </message>
    <message>
        <source>date</source>
        <translation>fecha</translation>
    </message>
    <message>
        <source>cycles</source>
        <translation>ciclos</translation>
    </message>
    <message>
        <source>recharge</source>
        <translation>recarga</translation>
    </message>
    <message>
        <source>cells, mΩ</source>
        <translation>celdas, mΩ</translation>
    </message>
    <message>
        <source>cells, V</source>
        <translation>celdas, V</translation>
    </message>
    <message>
        <source>Enter its full cycles so far; an estimate will do.</source>
        <translation>Anota sus ciclos completos; basta una estimación.</translation>
    </message>
    <message>
        <source>The recharge is not a number. Enter 2740 or 2 740.</source>
        <translation>La recarga no es un número. Escribe 2740 o 2 740.</translation>
    </message>
    <message>
        <source>Enter at least one of the three: a full recharge, the cells&apos; resistance, or their voltage.</source>
        <translation>Anota al menos una de las tres cosas: una recarga completa, la resistencia de las celdas o su tensión.</translation>
    </message>
    <message>
        <source>This pack has %1 cells in series; enter as many numbers.</source>
        <translation>Esta batería tiene %1 celdas en serie; anota esos números.</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Fecha</translation>
    </message>
    <message>
        <source>today, or as 2026-05-31</source>
        <translation>hoy, o como 2026-05-31</translation>
    </message>
    <message>
        <source>Enter the date as year-month-day: 2026-05-31.</source>
        <translation>Introduce la fecha como año-mes-día: 2026-05-31.</translation>
    </message>
    <message>
        <source>That day is still to come.</source>
        <translation>Ese día aún no ha llegado.</translation>
    </message>
    <message>
        <source>Enter one number for each cell, separated by spaces or commas: 4.1, 4.3, 4.0, 4.2.</source>
        <translation>Introduce un número por celda, separados por espacios o comas: 4.1, 4.3, 4.0, 4.2.</translation>
    </message>
    <message>
        <source>before any flight</source>
        <translation>antes del primer vuelo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::HomewardChart</name>
    <message>
        <source>compared: %1</source>
        <translation>comparado: %1</translation>
    </message>
    <message>
        <source>ended with %1</source>
        <translation>acabó con %1</translation>
    </message>
    <message>
        <source>start of the descent, %1</source>
        <translation>inicio del descenso, %1</translation>
    </message>
    <message>
        <source>end of the route, %1</source>
        <translation>fin de la ruta, %1</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>regreso %1</translation>
    </message>
    <message>
        <source>remaining, forecast</source>
        <translation>restante, previsto</translation>
    </message>
    <message>
        <source>remaining in the pack, flying out</source>
        <translation>restante en la batería</translation>
    </message>
    <message>
        <source>needed to get home</source>
        <translation>necesario para volver</translation>
    </message>
    <message>
        <source>reserve %1</source>
        <translation>reserva %1</translation>
    </message>
    <message>
        <source>margin, Wh</source>
        <translation>margen, Wh</translation>
    </message>
    <message>
        <source>margin beyond the return leg and the reserve, Wh; band: nine days in ten</source>
        <translation>margen sobre el regreso y la reserva, Wh; banda: nueve días de cada diez</translation>
    </message>
    <message>
        <source>margin beyond the return leg and the reserve, Wh</source>
        <translation>margen sobre el regreso y la reserva, Wh</translation>
    </message>
    <message>
        <source>Wh</source>
        <translation>Wh</translation>
    </message>
    <message>
        <source>mAh
used</source>
        <translation>mAh
usado</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Gráfico de regreso</translation>
    </message>
    <message>
        <source>after</source>
        <translation>tras</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>desde casa</translation>
    </message>
    <message>
        <source>remaining, flown</source>
        <translation>restante, volado</translation>
    </message>
    <message>
        <source>needed, forecast</source>
        <translation>necesario, previsto</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>margen</translation>
    </message>
    <message>
        <source>remaining</source>
        <translation>restante</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>cell voltage</source>
        <translation>tensión de celda</translation>
    </message>
    <message>
        <source>at %1: %2 remaining, %3 needed, margin %4, %5 used</source>
        <translation>a %1: %2 restantes, %3 necesarios, margen %4, %5 consumidos</translation>
    </message>
    <message>
        <source>last position: %1 remaining</source>
        <translation>última posición: quedan %1</translation>
    </message>
    <message>
        <source>needed</source>
        <comment>energy to get home</comment>
        <translation>necesario</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::KnownHistoryChart</name>
    <message>
        <source>How the pack became known, flight by flight</source>
        <translation>Cómo se fue conociendo la batería, vuelo a vuelo</translation>
    </message>
    <message>
        <source>How the pack became known</source>
        <translation>Cómo se fue conociendo la batería</translation>
    </message>
    <message>
        <source>after flight</source>
        <translation>tras el vuelo</translation>
    </message>
    <message>
        <source>capacity, %</source>
        <translation>capacidad, %</translation>
    </message>
    <message>
        <source>its error, %</source>
        <translation>su error, %</translation>
    </message>
    <message>
        <source>resistance, mΩ</source>
        <translation>resistencia, mΩ</translation>
    </message>
    <message>
        <source>its error, mΩ</source>
        <translation>su error, mΩ</translation>
    </message>
    <message>
        <source>from</source>
        <translation>base</translation>
    </message>
    <message>
        <source>Capacity, % of label, by flights</source>
        <translation>Capacidad, %, por vuelos</translation>
    </message>
    <message>
        <source>Resistance, mΩ, by flights</source>
        <translation>Resistencia, mΩ, por vuelos</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LimitsPanel</name>
    <message>
        <source>What moves it most</source>
        <translation>Lo que más influye</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>limit: what it is about</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 limits OK, %2 unknown</source>
        <translation>%1 límites bien, %2 desconocidos</translation>
    </message>
    <message>
        <source>%1 limits OK</source>
        <translation>%1 límites bien</translation>
    </message>
    <message>
        <source>All limits: %1</source>
        <translation>Todos los límites: %1</translation>
    </message>
    <message>
        <source>From the turn point, using the reserve: %1.</source>
        <translation>Desde el punto de regreso, usando la reserva: %1.</translation>
    </message>
    <message>
        <source>All limits</source>
        <translation>Todos los límites</translation>
    </message>
    <message>
        <source>Limits along the flight</source>
        <translation>Límites a lo largo del vuelo</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>límite</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>valoración</translation>
    </message>
    <message>
        <source>worst value</source>
        <translation>peor valor</translation>
    </message>
    <message>
        <source>allowed</source>
        <translation>permitido</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LiveStrips</name>
    <message>
        <source>height</source>
        <translation>altura</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>velocidad</translation>
    </message>
    <message>
        <source>voltage</source>
        <translation>tensión</translation>
    </message>
    <message>
        <source>amps</source>
        <translation>amperios</translation>
    </message>
    <message>
        <source>The last five minutes: %1</source>
        <translation>Los últimos cinco minutos: %1</translation>
    </message>
    <message>
        <source>five minutes up to now</source>
        <translation>cinco minutos hasta ahora</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::LogbookPlace</name>
    <message>
        <source>Everything you have flown: how far, how long, on how much energy, and with what.</source>
        <translation>Todo lo que has volado: qué distancia, cuánto tiempo, con cuánta energía y con qué.</translation>
    </message>
    <message>
        <source>Flights come here from Debrief: open a log, say what it was flown with, and file it. The log is kept in full.</source>
        <translation>Los vuelos llegan aquí desde Análisis: abre un registro, di con qué se voló y archívalo. El registro se guarda entero.</translation>
    </message>
    <message>
        <source>Open a log…</source>
        <translation>Abrir un registro…</translation>
    </message>
    <message>
        <source>Import a logbook…</source>
        <translation>Importar un diario…</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>Flights of an aircraft</source>
        <translation>Vuelos de un modelo</translation>
    </message>
    <message>
        <source>Flights on a pack</source>
        <translation>Vuelos con una batería</translation>
    </message>
    <message>
        <source>Find a flight</source>
        <translation>Buscar un vuelo</translation>
    </message>
    <message>
        <source>Flights</source>
        <translation>Vuelos</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Comparar…</translation>
    </message>
    <message>
        <source>Re-read logs</source>
        <translation>Releer los registros</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>wind, where from</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>start (log&apos;s clock)</source>
        <translation>inicio (reloj)</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>modelo</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>farthest</source>
        <translation>más lejos</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>over ground</source>
        <translation>sobre el suelo</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>mínimo</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>recargado</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>viento</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
    <message>
        <source>max A</source>
        <translation>A máx.</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>vel. máx.</translation>
    </message>
    <message>
        <source>Stored in %1</source>
        <translation>Guardado en %1</translation>
    </message>
    <message>
        <source>Not stored: no logbook is open.</source>
        <translation>Sin guardar: no hay ningún diario abierto.</translation>
    </message>
    <message>
        <source>all aircraft</source>
        <translation>todos los modelos</translation>
    </message>
    <message>
        <source>all packs</source>
        <translation>todas las baterías</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s)</source>
        <translation>
            <numerusform>%n vuelo</numerusform>
            <numerusform>%n vuelos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n flight(s)</source>
        <comment>shown, all</comment>
        <translation>
            <numerusform>%1 de %n vuelo</numerusform>
            <numerusform>%1 de %n vuelos</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>what is best, which flight</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>longest</source>
        <translation>más largo</translation>
    </message>
    <message>
        <source>most efficient</source>
        <translation>más eficiente</translation>
    </message>
    <message>
        <source>of this pack</source>
        <translation>de esta batería</translation>
    </message>
    <message>
        <source>flights on it</source>
        <translation>vuelos con ella</translation>
    </message>
    <message>
        <source>Personal bests among the flights shown. Most efficient counts flights of at least %1 over ground.</source>
        <translation>Mejores marcas entre los vuelos mostrados. Para el más eficiente cuentan vuelos de al menos %1 sobre el suelo.</translation>
    </message>
    <message>
        <source>%1 was removed; its log stays in the logbook. Ctrl+Z restores it.</source>
        <translation>%1 se ha quitado; su registro sigue en el diario. Ctrl+Z lo recupera.</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were removed; their logs stay in the logbook. Ctrl+Z restores them.</source>
        <translation>
            <numerusform>Se quitó %n vuelo; su registro sigue en el diario. Ctrl+Z lo recupera.</numerusform>
            <numerusform>Se quitaron %n vuelos; sus registros siguen en el diario. Ctrl+Z los recupera.</numerusform>
        </translation>
    </message>
    <message>
        <source>No log? File by hand…</source>
        <translation>¿Sin registro? Anotar a mano…</translation>
    </message>
    <message>
        <source>File by hand…</source>
        <translation>Anotar a mano…</translation>
    </message>
    <message>
        <source>%1: the log is being read…</source>
        <translation>%1: se está leyendo el registro…</translation>
    </message>
    <message>
        <source>%1 was filed by hand: it has no track.</source>
        <translation>%1 se archivó a mano: no tiene traza.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>flight, what its homeward chart says</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: no homeward chart without position, voltage and current, or with another pack.</source>
        <translation>%1: sin gráfico de regreso si faltan posición, tensión o corriente, o con otra batería.</translation>
    </message>
    <message>
        <source>%1: its log cannot be read. Check the logbook.</source>
        <translation>%1: no se puede leer su registro. Comprueba el diario.</translation>
    </message>
    <message>
        <source>Choose a flight to see its track and its homeward chart.</source>
        <translation>Elige un vuelo para ver su traza y su gráfico de regreso.</translation>
    </message>
    <message numerus="yes">
        <source>%n track(s), each from its own launch. Choose a flight to see its homeward chart.</source>
        <translation>
            <numerusform>%n traza, desde su propio despegue. Elige un vuelo para ver su gráfico de regreso.</numerusform>
            <numerusform>%n trazas, cada una desde su propio despegue. Elige un vuelo para ver su gráfico de regreso.</numerusform>
        </translation>
    </message>
    <message>
        <source>On the way: %1.</source>
        <comment>readings off the screen</comment>
        <translation>Durante el vuelo: %1.</translation>
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
        <translation>%1 (Ctrl+%2)</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>Leyendo %1</translation>
    </message>
    <message>
        <source>This log is already in the logbook; it was not filed twice.</source>
        <translation>Este registro ya está en el diario; no se archivó dos veces.</translation>
    </message>
    <message>
        <source>Filing the log</source>
        <translation>Archivando el registro</translation>
    </message>
    <message>
        <source>An internal fault stopped this action: %1. The logbook is unharmed; please report what you did.</source>
        <translation>Un fallo interno detuvo esta acción: %1. El diario está intacto; informa de lo que hiciste.</translation>
    </message>
    <message>
        <source>The logbook can be written again; nothing was lost.</source>
        <translation>El diario se puede escribir otra vez; no se perdió nada.</translation>
    </message>
    <message>
        <source>Importing the logs</source>
        <translation>Importando los registros</translation>
    </message>
    <message numerus="yes">
        <source>%n entry(ies) imported.</source>
        <translation>
            <numerusform>%n entrada importada.</numerusform>
            <numerusform>%n entradas importadas.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entry(ies) imported; already there: %1.</source>
        <translation>
            <numerusform>%n entrada importada; ya estaban: %1.</numerusform>
            <numerusform>%n entradas importadas; ya estaban: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Re-reading flights</source>
        <translation>Releyendo vuelos</translation>
    </message>
    <message>
        <source>Replay a log</source>
        <translation>Reproducir un registro</translation>
    </message>
    <message>
        <source>Logs (*.csv *.tlog *.gpx *.gz);;All files (*)</source>
        <translation>Registros (*.csv *.tlog *.gpx *.gz);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>The recording %1 was cut off when the program ended. It is kept: Watch offers it.</source>
        <translation>La grabación %1 se cortó al cerrarse el programa. Se conserva: Directo la ofrece.</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Deshacer: %1</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rehacer: %1</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>There is no flight in the logbook yet.</source>
        <translation>Aún no hay vuelos en el diario.</translation>
    </message>
    <message>
        <source>This is the latest flight in the logbook.</source>
        <translation>Este es el último vuelo del diario.</translation>
    </message>
    <message>
        <source>This is the earliest flight in the logbook.</source>
        <translation>Este es el primer vuelo del diario.</translation>
    </message>
    <message>
        <source>Fleet</source>
        <translation>Flota</translation>
    </message>
    <message>
        <source>Packs</source>
        <translation>Baterías</translation>
    </message>
    <message>
        <source>Sensors</source>
        <translation>Sensores</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Directo</translation>
    </message>
    <message>
        <source>Debrief</source>
        <translation>Análisis</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Buscar una orden…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menú</translation>
    </message>
    <message>
        <source>Plans and logs</source>
        <translation>Planes y registros</translation>
    </message>
    <message>
        <source>Open plan</source>
        <translation>Abrir un plan</translation>
    </message>
    <message>
        <source>Plans (*.json);;All files (*)</source>
        <translation>Planes (*.json);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Open log</source>
        <translation>Abrir un registro</translation>
    </message>
    <message>
        <source>New plan</source>
        <translation>Plan nuevo</translation>
    </message>
    <message>
        <source>Duplicate plan</source>
        <translation>Duplicar el plan</translation>
    </message>
    <message>
        <source>Plans…</source>
        <translation>Planes…</translation>
    </message>
    <message>
        <source>Open plan from a file…</source>
        <translation>Abrir un plan de un archivo…</translation>
    </message>
    <message>
        <source>Save plan as a file…</source>
        <translation>Guardar el plan en un archivo…</translation>
    </message>
    <message>
        <source>Save plan</source>
        <translation>Guardar el plan</translation>
    </message>
    <message>
        <source>Plans (*.json)</source>
        <translation>Planes (*.json)</translation>
    </message>
    <message>
        <source>Save the flight card</source>
        <translation>Guardar la ficha de vuelo</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Import a route</source>
        <translation>Importar una ruta</translation>
    </message>
    <message>
        <source>Routes (*.gpx *.geojson *.json *.kml)</source>
        <translation>Rutas (*.gpx *.geojson *.json *.kml)</translation>
    </message>
    <message>
        <source>Save the route</source>
        <translation>Guardar la ruta</translation>
    </message>
    <message>
        <source>GPX (*.gpx);;GeoJSON (*.geojson);;KML (*.kml)</source>
        <translation>GPX (*.gpx);;GeoJSON (*.geojson);;KML (*.kml)</translation>
    </message>
    <message>
        <source>Mission of the plan…</source>
        <translation>Misión del plan…</translation>
    </message>
    <message>
        <source>Rehearse the plan…</source>
        <translation>Ensayar el plan…</translation>
    </message>
    <message>
        <source>Alarms of the plan…</source>
        <translation>Alarmas del plan…</translation>
    </message>
    <message>
        <source>Flight card as PDF…</source>
        <translation>Ficha de vuelo en PDF…</translation>
    </message>
    <message>
        <source>Print the flight card…</source>
        <translation>Imprimir la ficha de vuelo…</translation>
    </message>
    <message>
        <source>Import a route…</source>
        <translation>Importar una ruta…</translation>
    </message>
    <message>
        <source>Save the route as a file…</source>
        <translation>Guardar la ruta en un archivo…</translation>
    </message>
    <message>
        <source>Open log…</source>
        <translation>Abrir un registro…</translation>
    </message>
    <message>
        <source>File the flight in the logbook</source>
        <translation>Archivar el vuelo en el diario</translation>
    </message>
    <message>
        <source>Earlier flight</source>
        <translation>Vuelo anterior</translation>
    </message>
    <message>
        <source>Later flight</source>
        <translation>Vuelo siguiente</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Recientes</translation>
    </message>
    <message>
        <source>Aircraft and packs</source>
        <translation>Modelos y baterías</translation>
    </message>
    <message>
        <source>Packs on the bench</source>
        <translation>Baterías en el banco</translation>
    </message>
    <message>
        <source>Health of the selected pack</source>
        <translation>Salud de la batería elegida</translation>
    </message>
    <message>
        <source>Power curve of the selected aircraft</source>
        <translation>Curva de potencia del modelo elegido</translation>
    </message>
    <message>
        <source>What-if for the selected aircraft</source>
        <translation>Qué pasaría con el modelo elegido</translation>
    </message>
    <message>
        <source>Solar array of the selected aircraft</source>
        <translation>Panel solar del modelo elegido</translation>
    </message>
    <message>
        <source>Forecast accuracy</source>
        <translation>Precisión de las previsiones</translation>
    </message>
    <message>
        <source>Add an aircraft</source>
        <translation>Añadir un modelo</translation>
    </message>
    <message>
        <source>Duplicate the selected aircraft</source>
        <translation>Duplicar el modelo elegido</translation>
    </message>
    <message>
        <source>Retire the selected aircraft, or return it to use</source>
        <translation>Retirar el modelo elegido, o volver a usarlo</translation>
    </message>
    <message>
        <source>Add a pack</source>
        <translation>Añadir una batería</translation>
    </message>
    <message>
        <source>Duplicate the selected pack</source>
        <translation>Duplicar la batería elegida</translation>
    </message>
    <message>
        <source>Retire the selected pack, or return it to use</source>
        <translation>Retirar la batería elegida, o volver a usarla</translation>
    </message>
    <message>
        <source>Table or chart</source>
        <translation>Tabla o gráfico</translation>
    </message>
    <message>
        <source>Copy table or chart</source>
        <translation>Copiar tabla o gráfico</translation>
    </message>
    <message>
        <source>Show chart as a table</source>
        <translation>Mostrar el gráfico como tabla</translation>
    </message>
    <message>
        <source>Export table or chart…</source>
        <translation>Exportar tabla o gráfico…</translation>
    </message>
    <message>
        <source>Click the chart or table to export first.</source>
        <translation>Haz clic primero en el gráfico o la tabla que exportar.</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportar</translation>
    </message>
    <message>
        <source>/chart.png</source>
        <translation>/grafico.png</translation>
    </message>
    <message>
        <source>/table.csv</source>
        <translation>/tabla.csv</translation>
    </message>
    <message>
        <source>Picture (*.png);;Lines (*.svg);;Page (*.pdf);;Table (*.csv)</source>
        <translation>Imagen (*.png);;Líneas (*.svg);;Página (*.pdf);;Tabla (*.csv)</translation>
    </message>
    <message>
        <source>Table (*.csv)</source>
        <translation>Tabla (*.csv)</translation>
    </message>
    <message>
        <source>Logbook file</source>
        <translation>Archivo del diario</translation>
    </message>
    <message>
        <source>Open or create a logbook…</source>
        <translation>Abrir o crear un diario…</translation>
    </message>
    <message>
        <source>Open or create a logbook</source>
        <translation>Abrir o crear un diario</translation>
    </message>
    <message>
        <source>Logbooks (*.sqlite)</source>
        <translation>Diarios (*.sqlite)</translation>
    </message>
    <message>
        <source>Back up…</source>
        <translation>Copia de seguridad…</translation>
    </message>
    <message>
        <source>Back up the logbook</source>
        <translation>Copia de seguridad del diario</translation>
    </message>
    <message>
        <source>/logbook-%1.sqlite</source>
        <comment>date</comment>
        <translation>/diario-%1.sqlite</translation>
    </message>
    <message>
        <source>Restore a backup…</source>
        <translation>Restaurar una copia…</translation>
    </message>
    <message>
        <source>Restore a backup</source>
        <translation>Restaurar una copia</translation>
    </message>
    <message>
        <source>Packs as a table (CSV)…</source>
        <translation>Baterías como tabla (CSV)…</translation>
    </message>
    <message>
        <source>Packs as a table</source>
        <translation>Baterías como tabla</translation>
    </message>
    <message>
        <source>/packs-to-compare.csv</source>
        <translation>/baterias-para-comparar.csv</translation>
    </message>
    <message>
        <source>Export all as JSON and CSV…</source>
        <translation>Exportar todo como JSON y CSV…</translation>
    </message>
    <message>
        <source>Export into a folder</source>
        <translation>Exportar a una carpeta</translation>
    </message>
    <message>
        <source>Import a logbook</source>
        <translation>Importar un diario</translation>
    </message>
    <message>
        <source>Exported logbooks (book.json *.csv);;All files (*)</source>
        <translation>Diarios exportados (book.json *.csv);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>File many logs…</source>
        <translation>Archivar muchos registros…</translation>
    </message>
    <message>
        <source>Logs to file</source>
        <translation>Registros para archivar</translation>
    </message>
    <message>
        <source>Import from JSON or CSV…</source>
        <translation>Importar de JSON o CSV…</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Aspecto</translation>
    </message>
    <message>
        <source>Daylight</source>
        <translation>Día</translation>
    </message>
    <message>
        <source>Evening</source>
        <translation>Noche</translation>
    </message>
    <message>
        <source>Field, for bright sun</source>
        <translation>Campo, a pleno sol</translation>
    </message>
    <message>
        <source>Next theme</source>
        <translation>Siguiente aspecto</translation>
    </message>
    <message>
        <source>Text at %1 %</source>
        <translation>Texto al %1 %</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Unidades</translation>
    </message>
    <message>
        <source>mAh first</source>
        <translation>mAh primero</translation>
    </message>
    <message>
        <source>Wh first</source>
        <translation>Wh primero</translation>
    </message>
    <message>
        <source>Distances in km</source>
        <translation>Distancias en km</translation>
    </message>
    <message>
        <source>Distances in miles</source>
        <translation>Distancias en millas</translation>
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
        <translation>nudos</translation>
    </message>
    <message>
        <source>Speeds in %1</source>
        <translation>Velocidades en %1</translation>
    </message>
    <message>
        <source>Wind in %1</source>
        <translation>Viento en %1</translation>
    </message>
    <message>
        <source>Heights in m</source>
        <translation>Alturas en m</translation>
    </message>
    <message>
        <source>Heights in ft</source>
        <translation>Alturas en ft</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>The language changes when Sobremesa is started again.</source>
        <translation>El idioma cambia cuando Sobremesa se inicie de nuevo.</translation>
    </message>
    <message>
        <source>That of the desktop</source>
        <translation>El del escritorio</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>User guide</source>
        <translation>Guía de usuario</translation>
    </message>
    <message>
        <source>Keyboard shortcuts</source>
        <translation>Atajos de teclado</translation>
    </message>
    <message>
        <source>About Sobremesa</source>
        <translation>Acerca de Sobremesa</translation>
    </message>
    <message>
        <source>waypoint route height altitude speed loiter terrain</source>
        <translation>punto ruta altura velocidad espera terreno</translation>
    </message>
    <message>
        <source>warning low voltage timer callout capacity</source>
        <translation>aviso tensión baja temporizador capacidad</translation>
    </message>
    <message>
        <source>checklist print paper</source>
        <translation>lista imprimir papel</translation>
    </message>
    <message>
        <source>import telemetry recording black box flight</source>
        <translation>importar telemetría grabación vuelo</translation>
    </message>
    <message>
        <source>import telemetry recordings folder archive</source>
        <translation>importar telemetría grabaciones carpeta</translation>
    </message>
    <message>
        <source>battery batteries cells</source>
        <translation>pila celdas acumulador</translation>
    </message>
    <message>
        <source>aircraft plane wing drone multirotor</source>
        <translation>modelo avión ala dron multirrotor</translation>
    </message>
    <message>
        <source>calibration current sensor scale offset</source>
        <translation>calibración sensor corriente escala offset</translation>
    </message>
    <message>
        <source>live telemetry link voice</source>
        <translation>directo telemetría enlace voz</translation>
    </message>
    <message>
        <source>flights history records</source>
        <translation>vuelos historial récords</translation>
    </message>
    <message>
        <source>simulate practice training</source>
        <translation>simular práctica</translation>
    </message>
    <message>
        <source>save copy safety</source>
        <translation>guardar copia</translation>
    </message>
    <message>
        <source>light mode bright</source>
        <translation>claro</translation>
    </message>
    <message>
        <source>dark mode night</source>
        <translation>oscuro noche</translation>
    </message>
    <message>
        <source>sun contrast large</source>
        <translation>sol contraste grande</translation>
    </message>
    <message>
        <source>back revert</source>
        <translation>atrás volver</translation>
    </message>
    <message>
        <source>help manual documentation</source>
        <translation>ayuda manual documentación</translation>
    </message>
    <message>
        <source>version licence license</source>
        <translation>versión licencia</translation>
    </message>
    <message>
        <source>units capacity</source>
        <translation>unidades capacidad</translation>
    </message>
    <message>
        <source>units energy</source>
        <translation>unidades energía</translation>
    </message>
    <message>
        <source>translation</source>
        <translation>traducción</translation>
    </message>
    <message>
        <source>Click the chart or table to copy first.</source>
        <translation>Haz clic primero en el gráfico o la tabla que copiar.</translation>
    </message>
    <message>
        <source>Copied.</source>
        <translation>Copiado.</translation>
    </message>
    <message>
        <source>Click the chart or map to show as a table first.</source>
        <translation>Haz clic primero en el gráfico o el mapa que mostrar como tabla.</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Guardado en %1.</translation>
    </message>
    <message>
        <source>The fleet has another %1; this plan keeps its own.</source>
        <translation>En la flota hay otro %1; este plan conserva el suyo.</translation>
    </message>
    <message>
        <source>Packs has another %1; this plan keeps its own.</source>
        <translation>En Baterías hay otra %1; este plan conserva la suya.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Guardado como %1.</translation>
    </message>
    <message>
        <source>Print the flight card</source>
        <translation>Imprimir la ficha de vuelo</translation>
    </message>
    <message numerus="yes">
        <source>%n waypoint(s) imported from %1.</source>
        <translation>
            <numerusform>%n punto de ruta importado de %1.</numerusform>
            <numerusform>%n puntos de ruta importados de %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>A route needs the home position: Mission, Flight path, “Home position”.</source>
        <translation>Una ruta necesita el punto de partida: Misión, Trayectoria, «Punto de partida».</translation>
    </message>
    <message>
        <source>Backing up</source>
        <translation>Haciendo la copia</translation>
    </message>
    <message numerus="yes">
        <source>Backed up to %1, with every log, but without %n change(s) that could not be written to the logbook yet.</source>
        <translation>
            <numerusform>Copiado a %1, con todos los registros, pero sin %n cambio que aún no se pudo escribir en el diario.</numerusform>
            <numerusform>Copiado a %1, con todos los registros, pero sin %n cambios que aún no se pudieron escribir en el diario.</numerusform>
        </translation>
    </message>
    <message>
        <source>Backed up to %1, with every log.</source>
        <translation>Copiado a %1, con todos los registros.</translation>
    </message>
    <message>
        <source>The logbook could not be moved aside, so nothing was restored.</source>
        <translation>No se pudo apartar el diario, así que no se restauró nada.</translation>
    </message>
    <message>
        <source>The backup could not be copied, so nothing was restored.</source>
        <translation>No se pudo copiar la copia de seguridad, así que no se restauró nada.</translation>
    </message>
    <message>
        <source>Restored. The previous logbook is in %1.</source>
        <translation>Restaurado. El diario anterior está en %1.</translation>
    </message>
    <message>
        <source>Restored.</source>
        <translation>Restaurado.</translation>
    </message>
    <message>
        <source>Exporting</source>
        <translation>Exportando</translation>
    </message>
    <message>
        <source>Exported to %1, except what is damaged (found: %2). The first: %3</source>
        <translation>Exportado a %1, salvo lo dañado (encontrado: %2). Lo primero: %3</translation>
    </message>
    <message>
        <source>Exported to %1: book.json, a CSV for each list, and the logs.</source>
        <translation>Exportado a %1: book.json, un CSV por cada lista, y los registros.</translation>
    </message>
    <message>
        <source>Saving the last changes to the logbook</source>
        <translation>Guardando los últimos cambios en el diario</translation>
    </message>
    <message numerus="yes">
        <source>%n change(s) could not be written to the logbook and would be lost.</source>
        <translation>
            <numerusform>Un cambio no se pudo escribir en el diario y se perdería.</numerusform>
            <numerusform>%n cambios no se pudieron escribir en el diario y se perderían.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Intentar otra vez</translation>
    </message>
    <message>
        <source>Discard them</source>
        <translation>Descartarlos</translation>
    </message>
    <message>
        <source>Keep working</source>
        <translation>Seguir trabajando</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <translation>%1, copia</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>name of a plan, number</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Look around with demo flights</source>
        <translation>Explorar con vuelos de demostración</translation>
    </message>
    <message>
        <source>Temperatures in °C</source>
        <translation>Temperaturas en °C</translation>
    </message>
    <message>
        <source>Temperatures in °F</source>
        <translation>Temperaturas en °F</translation>
    </message>
    <message>
        <source>The demo flights are not installed with this program.</source>
        <translation>Los vuelos de demostración no están instalados con este programa.</translation>
    </message>
    <message>
        <source>The demo flights could not be copied to %1; there may be no room.</source>
        <translation>No se pudieron copiar los vuelos de demostración en %1; quizá falte espacio.</translation>
    </message>
    <message>
        <source>These are demo flights, in a temporary copy: try anything; nothing is kept.</source>
        <translation>Son vuelos de demostración en una copia temporal: prueba lo que quieras; no se guarda nada.</translation>
    </message>
    <message>
        <source>Back to my logbook</source>
        <translation>Volver a mi diario</translation>
    </message>
    <message>
        <source>No logbook is open: what you enter is not kept.</source>
        <translation>No hay ningún diario abierto: lo que introduzcas no se guarda.</translation>
    </message>
    <message>
        <source>This logbook can only be read: what you change is not kept.</source>
        <translation>Este diario es de solo lectura: los cambios no se guardan.</translation>
    </message>
    <message>
        <source>Edit the setting</source>
        <translation>Editar los datos</translation>
    </message>
    <message>
        <source>checklist paper preview</source>
        <translation>lista papel vista previa</translation>
    </message>
    <message>
        <source>wind temperature reserve landing voltage aircraft pack</source>
        <translation>viento temperatura reserva tensión aterrizaje modelo batería</translation>
    </message>
    <message>
        <source>File flights without a log…</source>
        <translation>Anotar vuelos sin registro…</translation>
    </message>
    <message>
        <source>by hand notebook spreadsheet paste enter</source>
        <translation>a mano cuaderno hoja de cálculo pegar anotar</translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) were in the logbook already.</source>
        <translation>
            <numerusform>%n vuelo ya estaba en el diario.</numerusform>
            <numerusform>%n vuelos ya estaban en el diario.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n flight(s) filed.</source>
        <translation>
            <numerusform>%n vuelo anotado.</numerusform>
            <numerusform>%n vuelos anotados.</numerusform>
        </translation>
    </message>
    <message>
        <source>Import no-landing areas</source>
        <translation>Importar zonas sin aterrizaje</translation>
    </message>
    <message>
        <source>Areas (*.geojson *.json *.kml)</source>
        <translation>Zonas (*.geojson *.json *.kml)</translation>
    </message>
    <message>
        <source>Import no-landing areas…</source>
        <translation>Importar zonas sin aterrizaje…</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Dibujar una zona sin aterrizaje</translation>
    </message>
    <message>
        <source>The areas in a file have latitudes and longitudes: enter the plan&apos;s home position first (Mission).</source>
        <translation>Las zonas de un archivo llevan latitud y longitud: introduce primero el punto de partida del plan (Misión).</translation>
    </message>
    <message numerus="yes">
        <source>%n no-landing area(s) imported from %1.</source>
        <translation>
            <numerusform>%n zona sin aterrizaje importada de %1.</numerusform>
            <numerusform>%n zonas sin aterrizaje importadas de %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not used: %1</source>
        <translation>No se usaron: %1</translation>
    </message>
    <message>
        <source>Logs (%1);;All files (*)</source>
        <translation>Registros (%1);;Todos los archivos (*)</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ManyLogsSheet</name>
    <message>
        <source>%1, flight %2</source>
        <translation>%1, vuelo %2</translation>
    </message>
    <message>
        <source>already in the logbook</source>
        <translation>ya en el diario</translation>
    </message>
    <message>
        <source>Flights found</source>
        <translation>Vuelos encontrados</translation>
    </message>
    <message>
        <source>Logs to file</source>
        <translation>Registros para archivar</translation>
    </message>
    <message>
        <source>What the logs hold</source>
        <translation>Qué contienen los registros</translation>
    </message>
    <message>
        <source>Flights already in the logbook are not filed twice. Stopping loses nothing: add the same files again to continue.</source>
        <translation>Los vuelos que ya están en el diario no se archivan dos veces. Al parar no se pierde nada: añade los mismos archivos para continuar.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>Archivar %n vuelo</numerusform>
            <numerusform>Archivar %n vuelos</numerusform>
        </translation>
    </message>
    <message>
        <source>Filing …</source>
        <translation>Archivando …</translation>
    </message>
    <message>
        <source>Reading … flights so far: %1</source>
        <translation>Leyendo … vuelos hasta ahora: %1</translation>
    </message>
    <message>
        <source>found: %1, already known: %2, unusable: %3</source>
        <translation>encontrados: %1, ya conocidos: %2, inservibles: %3</translation>
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
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>home</source>
        <translation>casa</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Mapa</translation>
    </message>
    <message>
        <source>from home</source>
        <translation>desde casa</translation>
    </message>
    <message>
        <source>bearing</source>
        <translation>rumbo</translation>
    </message>
    <message>
        <source>east</source>
        <translation>este</translation>
    </message>
    <message>
        <source>north</source>
        <translation>norte</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>alcance</translation>
    </message>
    <message>
        <source>return leg</source>
        <translation>regreso</translation>
    </message>
    <message>
        <source>outbound leg</source>
        <translation>ida</translation>
    </message>
    <message>
        <source>%1: %2 from home on %3</source>
        <comment>way out or home, distance, bearing</comment>
        <translation>%1: %2 de casa a %3</translation>
    </message>
    <message>
        <source>the wind</source>
        <translation>el viento</translation>
    </message>
    <message>
        <source>the outbound bearing</source>
        <translation>el rumbo de ida</translation>
    </message>
    <message>
        <source>Ctrl and arrows move %1</source>
        <translation>Ctrl y flechas mueven %1</translation>
    </message>
    <message>
        <source>Drag: %1</source>
        <translation>Arrastrar: %1</translation>
    </message>
    <message>
        <source>Drag: where the wind comes from, and how strong it is</source>
        <translation>Arrastrar: de dónde viene el viento y con qué fuerza</translation>
    </message>
    <message>
        <source>Drag around home: the outbound bearing</source>
        <translation>Arrastrar alrededor de casa: el rumbo de ida</translation>
    </message>
    <message>
        <source>Drag: home; waypoints and landing places stay where they are</source>
        <translation>Arrastrar: el punto de partida; los puntos y lugares de aterrizaje se quedan</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>tramo</translation>
    </message>
    <message>
        <source>Rename %1…</source>
        <translation>Cambiar el nombre de %1…</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>Quitar %1</translation>
    </message>
    <message>
        <source>Add a waypoint here</source>
        <translation>Añadir aquí un punto de ruta</translation>
    </message>
    <message>
        <source>Add a landing place here</source>
        <translation>Añadir aquí un lugar de aterrizaje</translation>
    </message>
    <message>
        <source>Show everything</source>
        <translation>Mostrar todo</translation>
    </message>
    <message>
        <source>Name of the place</source>
        <translation>Nombre del lugar</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Click the corners of the area; double-click or Enter closes it, Escape gives it up.</source>
        <translation>Haz clic en las esquinas de la zona; doble clic o Intro la cierra, Esc la descarta.</translation>
    </message>
    <message>
        <source>Drawing a no-landing area: Insert sets a corner in the middle of the view, Enter closes it, Escape gives it up</source>
        <translation>Dibujando una zona sin aterrizaje: Insert pone una esquina en el centro de la vista, Intro la cierra, Esc la descarta</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Dibujar una zona sin aterrizaje</translation>
    </message>
    <message>
        <source>farthest %1</source>
        <translation>máx. %1</translation>
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
        <translation>Parar</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::MissionPanel</name>
    <message>
        <source>Mission</source>
        <translation>Misión</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Flight path</source>
        <translation>Trayectoria</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Lugares</translation>
    </message>
    <message>
        <source>Weather</source>
        <translation>Tiempo</translation>
    </message>
    <message>
        <source>Return and link</source>
        <translation>Retorno y enlace</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sol</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>En tierra</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::NotebookModel</name>
    <message>
        <source>date</source>
        <translation>fecha</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distancia</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>recargado</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>mínima</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>máxima</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>vel. máx.</translation>
    </message>
    <message>
        <source>farthest</source>
        <translation>más lejos</translation>
    </message>
    <message>
        <source>at rest</source>
        <translation>en reposo</translation>
    </message>
    <message>
        <source>after</source>
        <translation>tras</translation>
    </message>
    <message>
        <source>wind</source>
        <translation>viento</translation>
    </message>
    <message>
        <source>launch</source>
        <translation>despegue</translation>
    </message>
    <message>
        <source>aircraft</source>
        <translation>modelo</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
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
        <translation>durante el vuelo</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::NotebookSheet</name>
    <message>
        <source>Flights without a log</source>
        <translation>Vuelos sin registro</translation>
    </message>
    <message>
        <source>From your notebook</source>
        <translation>De tu cuaderno</translation>
    </message>
    <message>
        <source>Order of day and month</source>
        <translation>Orden de día y mes</translation>
    </message>
    <message>
        <source>dates: day first</source>
        <translation>fechas: día primero</translation>
    </message>
    <message>
        <source>dates: month first</source>
        <translation>fechas: mes primero</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Quitar fila</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message numerus="yes">
        <source>File %n flight(s)</source>
        <translation>
            <numerusform>Anotar %n vuelo</numerusform>
            <numerusform>Anotar %n vuelos</numerusform>
        </translation>
    </message>
    <message>
        <source>They count in bests, cycles and calibration, and with a wide error in consumption.</source>
        <translation>Cuentan para las mejores marcas, los ciclos y la calibración y, con un error amplio, para el consumo.</translation>
    </message>
    <message>
        <source>One row per flight; enter only what you know. Tab moves on, Enter starts the next flight, and rows copied from a spreadsheet can be pasted. “Lowest” is the pack&apos;s voltage, “at rest” a cell&apos;s. “On the way” takes what the screen showed: 5 min 410 mAh 15.9 V; 10 min 830 mAh.</source>
        <translation>Una fila por vuelo; escribe solo lo que sepas. Tab avanza, Intro empieza el vuelo siguiente y se pueden pegar filas copiadas de una hoja de cálculo. La tensión «mínima» es la de la batería; la «en reposo», la de una celda. «Durante el vuelo» recoge lo que mostraba la pantalla: 5 min 410 mAh 15,9 V; 10 min 830 mAh.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PackBuilderPage</name>
    <message>
        <source>Build from cells</source>
        <translation>Montar con celdas</translation>
    </message>
    <message>
        <source>From a partial flight</source>
        <translation>De un vuelo parcial</translation>
    </message>
    <message>
        <source>Components</source>
        <translation>Componentes</translation>
    </message>
    <message>
        <source>Add to Packs</source>
        <translation>Añadir a Baterías</translation>
    </message>
    <message>
        <source>Spot welding is the norm; no soldering on bare cells without the skill. Match cells before they are joined, insulate the ends, charge attended.</source>
        <translation>Lo normal es soldar por puntos; no sueldes celdas desnudas sin saber. Empareja las celdas antes de unirlas, aísla los extremos, carga vigilada.</translation>
    </message>
    <message>
        <source>Full flight from a partial one</source>
        <translation>Vuelo completo a partir de uno parcial</translation>
    </message>
    <message>
        <source>Fly a steady part of a flight, recharge and enter both: no need to empty a pack to know how long it lasts.</source>
        <translation>Vuela un tramo estable, recarga y anota ambos: no hace falta agotar una batería para saber cuánto dura.</translation>
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
        <translation>Química</translation>
    </message>
    <message>
        <source>Cell capacity</source>
        <translation>Capacidad de celda</translation>
    </message>
    <message>
        <source>Cell mass</source>
        <translation>Masa de celda</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Cell resistance</source>
        <translation>Resistencia de celda</translation>
    </message>
    <message>
        <source>0: assumed by chemistry and size</source>
        <translation>0: supuesta por química y tamaño</translation>
    </message>
    <message>
        <source>Cell rated current</source>
        <translation>Corriente nominal de celda</translation>
    </message>
    <message>
        <source>0: usual for such cells</source>
        <translation>0: habitual en esas celdas</translation>
    </message>
    <message>
        <source>Diameter, or width</source>
        <translation>Diámetro o anchura</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>In series</source>
        <translation>En serie</translation>
    </message>
    <message>
        <source>In parallel</source>
        <translation>En paralelo</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Lado a lado</translation>
    </message>
    <message>
        <source>0: all in one layer</source>
        <translation>0: todas en una capa</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Tira</translation>
    </message>
    <message>
        <source>pure nickel</source>
        <translation>níquel puro</translation>
    </message>
    <message>
        <source>plated steel</source>
        <translation>acero niquelado</translation>
    </message>
    <message>
        <source>copper</source>
        <translation>cobre</translation>
    </message>
    <message>
        <source>Strip width</source>
        <translation>Ancho de la tira</translation>
    </message>
    <message>
        <source>Strip thickness</source>
        <translation>Grosor de la tira</translation>
    </message>
    <message>
        <source>Lead length</source>
        <translation>Longitud del cable</translation>
    </message>
    <message>
        <source>Lead cross-section</source>
        <translation>Sección del cable</translation>
    </message>
    <message>
        <source>mm²</source>
        <translation>mm²</translation>
    </message>
    <message>
        <source>Connector, wrap, balance lead</source>
        <translation>Conector, funda, cable de balanceo</translation>
    </message>
    <message>
        <source>Flown</source>
        <translation>Volado</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Put back by the charger</source>
        <translation>Devuelto por el cargador</translation>
    </message>
    <message>
        <source>A full flight uses</source>
        <translation>Un vuelo completo usa</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>of the rated charge; 80 % is the usual rule</source>
        <translation>de la capacidad nominal; 80 % es la regla habitual</translation>
    </message>
    <message>
        <source>A %1 of &lt;b&gt;%2&lt;/b&gt;, %3 × %4 × %5 mm, good for &lt;b&gt;%6&lt;/b&gt; continuous.</source>
        <comment>build, mass, sides, current</comment>
        <translation>Una %1 de &lt;b&gt;%2&lt;/b&gt;, %3 × %4 × %5 mm, apta para &lt;b&gt;%6&lt;/b&gt; continuos.</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>masa</translation>
    </message>
    <message>
        <source>rated</source>
        <translation>nominal</translation>
    </message>
    <message>
        <source>rated specific energy</source>
        <translation>energía específica nominal</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>resistencia</translation>
    </message>
    <message>
        <source>continuous</source>
        <translation>continua</translation>
    </message>
    <message>
        <source>mΩ</source>
        <translation>mΩ</translation>
    </message>
    <message>
        <source>part</source>
        <translation>pieza</translation>
    </message>
    <message>
        <source>cells</source>
        <translation>celdas</translation>
    </message>
    <message>
        <source>strips</source>
        <translation>tiras</translation>
    </message>
    <message>
        <source>leads</source>
        <translation>cables</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>el resto</translation>
    </message>
    <message>
        <source>Select a pack in the list first: its chemistry and rated capacity are needed.</source>
        <translation>Elige primero una batería en la lista: hacen falta su química y su capacidad nominal.</translation>
    </message>
    <message>
        <source>%1: no charger puts that back after such a flight; correct the charge.</source>
        <translation>%1: ningún cargador devuelve eso tras un vuelo así; corrige la carga.</translation>
    </message>
    <message>
        <source>%1, %2, full flight:</source>
        <comment>pack, build</comment>
        <translation>%1, %2, vuelo completo:</translation>
    </message>
    <message>
        <source>by charge</source>
        <translation>por carga</translation>
    </message>
    <message>
        <source>at the same power</source>
        <translation>a igual potencia</translation>
    </message>
    <message>
        <source>built %1</source>
        <comment>a pack on paper</comment>
        <translation>montada %1</translation>
    </message>
    <message>
        <source>another</source>
        <translation>otra</translation>
    </message>
    <message>
        <source>Cell size</source>
        <translation>Tamaño de celda</translation>
    </message>
    <message>
        <source>Cell type</source>
        <translation>Tipo de celda</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>no se sabe</translation>
    </message>
    <message>
        <source>high capacity</source>
        <translation>alta capacidad</translation>
    </message>
    <message>
        <source>high drain</source>
        <translation>alta descarga</translation>
    </message>
    <message>
        <source>Cell price</source>
        <translation>Precio de celda</translation>
    </message>
    <message>
        <source>0: not known; only for comparing</source>
        <translation>0: no se sabe; solo para comparar</translation>
    </message>
    <message>
        <source>Strip layers</source>
        <translation>Capas de tira</translation>
    </message>
    <message>
        <source>welded on top of each other</source>
        <translation>soldadas una sobre otra</translation>
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
        <translation>Cabe en el hueco de %1, %2.</translation>
    </message>
    <message>
        <source>Does not fit the bay of %1, %2.</source>
        <translation>No cabe en el hueco de %1, %2.</translation>
    </message>
    <message>
        <source>The pack from above, to scale</source>
        <translation>La batería desde arriba, a escala</translation>
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
        <translation>Baterías en el crucero del plan</translation>
    </message>
    <message>
        <source>%1: %2; %3</source>
        <comment>pack, what it gives, its past</comment>
        <translation>%1: %2; %3</translation>
    </message>
    <message>
        <source>cannot supply it</source>
        <translation>no puede con él</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>energy, time</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>health %1</source>
        <translation>salud %1</translation>
    </message>
    <message>
        <source>%1, not flown</source>
        <comment>health</comment>
        <translation>%1, sin volar</translation>
    </message>
    <message>
        <source>%1, flown %2</source>
        <comment>health, day</comment>
        <translation>%1, volada %2</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>±, Wh</source>
        <translation>±, Wh</translation>
    </message>
    <message>
        <source>time, min</source>
        <translation>tiempo, min</translation>
    </message>
    <message>
        <source>health, %</source>
        <translation>salud, %</translation>
    </message>
    <message>
        <source>last flown</source>
        <translation>último vuelo</translation>
    </message>
    <message>
        <source>usable, Wh</source>
        <translation>utilizable, Wh</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PacksPlace</name>
    <message>
        <source>Packs: list, bench, build, health</source>
        <translation>Baterías: lista, banco, montaje, salud</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Lista</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Banco</translation>
    </message>
    <message>
        <source>Build</source>
        <translation>Montaje</translation>
    </message>
    <message>
        <source>Health</source>
        <translation>Salud</translation>
    </message>
    <message>
        <source>In the cruise of %1 at %2, each at its own mass</source>
        <translation>En el crucero de %1 a %2, cada una con su masa</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlacesTable</name>
    <message>
        <source>Places of the mission</source>
        <translation>Lugares de la misión</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>from home, %1</source>
        <translation>desde casa, %1</translation>
    </message>
    <message>
        <source>bearing, °</source>
        <translation>rumbo, °</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>altura, %1</translation>
    </message>
    <message>
        <source>loiter, min</source>
        <translation>espera, min</translation>
    </message>
    <message>
        <source>On the map, places and home can be dragged; N and Ctrl with the arrow keys move them.</source>
        <translation>En el mapa se pueden arrastrar los lugares y el punto de partida; N y Ctrl con las flechas los mueven.</translation>
    </message>
    <message>
        <source>Add a waypoint</source>
        <translation>Añadir un punto de ruta</translation>
    </message>
    <message>
        <source>Add a landing place</source>
        <translation>Añadir un lugar de aterrizaje</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Anterior</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Siguiente</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Import a route…</source>
        <translation>Importar una ruta…</translation>
    </message>
    <message>
        <source>Save as a route…</source>
        <translation>Guardar como ruta…</translation>
    </message>
    <message>
        <source>until the turn</source>
        <translation>hasta el regreso</translation>
    </message>
    <message>
        <source>landing</source>
        <translation>aterrizaje</translation>
    </message>
    <message>
        <source>waypoint</source>
        <translation>punto de ruta</translation>
    </message>
    <message>
        <source>Draw a no-landing area</source>
        <translation>Dibujar una zona sin aterrizaje</translation>
    </message>
    <message>
        <source>Import areas…</source>
        <translation>Importar zonas…</translation>
    </message>
    <message>
        <source>no landing</source>
        <translation>sin aterrizaje</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlanPlace</name>
    <message>
        <source>Answer</source>
        <translation>Respuesta</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Gráfico de regreso</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Mapa</translation>
    </message>
    <message>
        <source>Plans: open, rename, duplicate, compare</source>
        <translation>Planes: abrir, renombrar, duplicar, comparar</translation>
    </message>
    <message>
        <source>mission</source>
        <translation>misión</translation>
    </message>
    <message>
        <source>alarms</source>
        <translation>alarmas</translation>
    </message>
    <message>
        <source>flight card</source>
        <translation>ficha de vuelo</translation>
    </message>
    <message>
        <source>Height along the flight</source>
        <translation>Altura a lo largo del vuelo</translation>
    </message>
    <message>
        <source>show energy</source>
        <translation>mostrar energía</translation>
    </message>
    <message>
        <source>show heights</source>
        <translation>mostrar alturas</translation>
    </message>
    <message>
        <source>Show the homeward chart</source>
        <translation>Mostrar el gráfico de regreso</translation>
    </message>
    <message>
        <source>Show the heights along the flight</source>
        <translation>Mostrar las alturas a lo largo del vuelo</translation>
    </message>
    <message>
        <source>Plan: %1</source>
        <comment>its name</comment>
        <translation>Plan: %1</translation>
    </message>
    <message>
        <source>end of the route</source>
        <translation>fin de la ruta</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>regreso</translation>
    </message>
    <message>
        <source>usable</source>
        <translation>utilizable</translation>
    </message>
    <message>
        <source>Wh remaining and Wh needed, by %1 from home</source>
        <translation>Wh restantes y Wh necesarios, por %1 desde casa</translation>
    </message>
    <message>
        <source>Wh remaining and Wh needed, by %1 flown</source>
        <translation>Wh restantes y Wh necesarios, por %1 volados</translation>
    </message>
    <message>
        <source>out %1 at %2</source>
        <translation>ida %1 a %2</translation>
    </message>
    <message>
        <source>home %1 at %2</source>
        <translation>vuelta %1 a %2</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <comment>time, energy, speed over ground</comment>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>leave at %1</source>
        <translation>salir a los %1</translation>
    </message>
    <message>
        <source>turn %1</source>
        <translation>regreso %1</translation>
    </message>
    <message>
        <source>outbound</source>
        <translation>ida</translation>
    </message>
    <message>
        <source>return</source>
        <translation>vuelta</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::PlanSheet</name>
    <message>
        <source>%1, out on %2</source>
        <comment>aircraft, bearing</comment>
        <translation>%1, ida a %2</translation>
    </message>
    <message>
        <source>Plans</source>
        <translation>Planes</translation>
    </message>
    <message>
        <source>Name of this plan</source>
        <translation>Nombre de este plan</translation>
    </message>
    <message>
        <source>Name of the open plan</source>
        <translation>Nombre del plan abierto</translation>
    </message>
    <message>
        <source>Plans kept in the logbook</source>
        <translation>Planes guardados en el diario</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Comparar</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>%1, copy</source>
        <comment>name of a plan</comment>
        <translation>%1, copia</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>%1 — open</source>
        <comment>name of a plan</comment>
        <translation>%1 — abierto</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ProfileChart</name>
    <message>
        <source>Height along the flight</source>
        <translation>Altura a lo largo del vuelo</translation>
    </message>
    <message>
        <source>flown, %1</source>
        <translation>volado, %1</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>altura, %1</translation>
    </message>
    <message>
        <source>ground, %1</source>
        <translation>suelo, %1</translation>
    </message>
    <message>
        <source>above ground, %1</source>
        <translation>sobre el suelo, %1</translation>
    </message>
    <message>
        <source>%1 flown</source>
        <translation>%1 volados</translation>
    </message>
    <message>
        <source>%1 above home</source>
        <translation>%1 sobre el despegue</translation>
    </message>
    <message>
        <source>home</source>
        <translation>vuelta</translation>
    </message>
    <message>
        <source>out</source>
        <translation>ida</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>name of a place, height</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Drag up or down: the height flown here</source>
        <translation>Arrastra arriba o abajo: la altura que se vuela aquí</translation>
    </message>
    <message>
        <source>Up and down move %1, %2</source>
        <translation>Arriba y abajo mueven %1, %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ReachRings</name>
    <message>
        <source>Reach before and after the change</source>
        <translation>Alcance antes y después del cambio</translation>
    </message>
    <message>
        <source>farthest before %1, after %2</source>
        <translation>lo más lejos antes %1, después %2</translation>
    </message>
    <message>
        <source>bearing, °</source>
        <translation>rumbo, °</translation>
    </message>
    <message>
        <source>before, km</source>
        <translation>antes, km</translation>
    </message>
    <message>
        <source>after, km</source>
        <translation>después, km</translation>
    </message>
    <message>
        <source>no reach in this wind</source>
        <translation>sin alcance con este viento</translation>
    </message>
    <message>
        <source>dashed before, solid after; north up</source>
        <translation>discontinua antes; norte arriba</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RechargeChart</name>
    <message>
        <source>Counted against recharged</source>
        <translation>Contado frente a recargado</translation>
    </message>
    <message>
        <source>The sensor reads %1 % of what was recharged.</source>
        <translation>El sensor lee el %1 % de lo recargado.</translation>
    </message>
    <message>
        <source>Outliers: %1.</source>
        <translation>Atípicos: %1.</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>counted, mAh</source>
        <translation>contado, mAh</translation>
    </message>
    <message>
        <source>recharged, mAh</source>
        <translation>recargado, mAh</translation>
    </message>
    <message>
        <source>counted, % of recharged</source>
        <translation>contado, % de lo recargado</translation>
    </message>
    <message>
        <source>%1, excluded</source>
        <translation>%1, excluido</translation>
    </message>
    <message>
        <source>counted beyond what was recharged, mAh</source>
        <translation>contado de más sobre lo recargado, mAh</translation>
    </message>
    <message>
        <source>charger ± %1 %</source>
        <translation>cargador ± %1 %</translation>
    </message>
    <message>
        <source>sensor reads %1 %</source>
        <translation>el sensor lee %1 %</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RecordListModel</name>
    <message>
        <source>Assumed by the program; enter your own value.</source>
        <translation>Supuesto por el programa; anota tu propio valor.</translation>
    </message>
    <message>
        <source>Why? (F1)</source>
        <translation>¿Por qué? (F1)</translation>
    </message>
    <message>
        <source>retired</source>
        <translation>retirado</translation>
    </message>
    <message>
        <source>retired; %1</source>
        <comment>note</comment>
        <translation>retirado; %1</translation>
    </message>
    <message>
        <source>%1, “%2”: %3</source>
        <comment>field, what was typed, what is wrong</comment>
        <translation>%1, «%2»: %3</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RecordListPlace</name>
    <message>
        <source>Selected</source>
        <translation>Elegido</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Retire</source>
        <translation>Retirar</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Show retired</source>
        <translation>Mostrar retirados</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>%1; %2 shown</source>
        <comment>count, those found</comment>
        <translation>%1; %2 mostrados</translation>
    </message>
    <message>
        <source>Nothing is selected.</source>
        <translation>No hay nada elegido.</translation>
    </message>
    <message>
        <source>Return to use</source>
        <translation>Volver a usar</translation>
    </message>
    <message>
        <source>Flights or plans refer to it; retire it instead.</source>
        <translation>Hay vuelos o planes que lo usan; retíralo en su lugar.</translation>
    </message>
    <message>
        <source>%1 was retired: kept for its flights, not offered for new ones. Ctrl+Z undoes it.</source>
        <translation>%1 se ha retirado: se conserva por sus vuelos, no se ofrece para nuevos. Ctrl+Z lo deshace.</translation>
    </message>
    <message>
        <source>%1 was removed. Ctrl+Z restores it.</source>
        <translation>%1 se ha quitado. Ctrl+Z lo recupera.</translation>
    </message>
    <message>
        <source>Entered</source>
        <translation>Introducido</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Medido</translation>
    </message>
    <message>
        <source>Left open, assumed</source>
        <translation>Sin rellenar, supuesto</translation>
    </message>
    <message>
        <source>What you type here counts from then on; a field you clear is assumed again.</source>
        <translation>Lo que escribas aquí cuenta desde entonces; un campo que vacíes se vuelve a suponer.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RehearsalSheet</name>
    <message>
        <source>Rehearse this plan</source>
        <translation>Ensayar este plan</translation>
    </message>
    <message>
        <source>A simulated aircraft flies it; callouts sound as they would in flight. You decide when to turn.</source>
        <translation>Lo vuela un modelo simulado; los avisos suenan como en vuelo. Tú decides cuándo dar la vuelta.</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Día</translation>
    </message>
    <message>
        <source>drawn from the forecast&apos;s errors</source>
        <translation>sacado de los errores de la previsión</translation>
    </message>
    <message>
        <source>as forecast</source>
        <translation>como estaba previsto</translation>
    </message>
    <message>
        <source>the wind grows by half</source>
        <translation>el viento aumenta un 50 %</translation>
    </message>
    <message>
        <source>the worst in twenty</source>
        <translation>el peor de veinte</translation>
    </message>
    <message>
        <source>Seed</source>
        <translation>Semilla</translation>
    </message>
    <message>
        <source>Seed: the same seed is the same day</source>
        <translation>Semilla: la misma semilla es el mismo día</translation>
    </message>
    <message>
        <source>The same seed is the same day</source>
        <translation>La misma semilla es el mismo día</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Velocidad</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Despegar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::RequestTable</name>
    <message>
        <source>“%1” is not a number. Use digits, with a comma or a point.</source>
        <translation>«%1» no es un número. Usa cifras, con coma o punto.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SensitivityBars</name>
    <message>
        <source>What moves it most</source>
        <translation>Lo que más influye</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SensorsPlace</name>
    <message>
        <source>Scale</source>
        <translation>Escala</translation>
    </message>
    <message>
        <source>Recharged flights</source>
        <translation>Vuelos recargados</translation>
    </message>
    <message>
        <source>A current sensor that reads wrong makes every counter wrong. Its scale is found here from what your charger puts back after each flight.</source>
        <translation>Un sensor de corriente que lee mal falsea todos los contadores. Aquí se halla su escala con lo que devuelve tu cargador tras cada vuelo.</translation>
    </message>
    <message>
        <source>Add an aircraft in Fleet first. Then file flights in Debrief with their recharge, or enter pairs here.</source>
        <translation>Añade primero un modelo en Flota. Después archiva vuelos con su recarga, o anota aquí pares.</translation>
    </message>
    <message>
        <source>Current sensor</source>
        <translation>Sensor de corriente</translation>
    </message>
    <message>
        <source>Not sure which? Raise the scale a little on the bench: if the same load then reads less, it divides.</source>
        <translation>¿No sabes cuál? Sube un poco la escala en el banco: si la misma carga marca menos, divide.</translation>
    </message>
    <message>
        <source>On the ground, motor off</source>
        <translation>En tierra, motor parado</translation>
    </message>
    <message>
        <source>Voltage against a meter</source>
        <translation>Tensión frente a un medidor</translation>
    </message>
    <message>
        <source>as set in the flight controller</source>
        <translation>como está en el controlador de vuelo</translation>
    </message>
    <message>
        <source>divides: higher reads lower</source>
        <translation>divide: más alta marca menos</translation>
    </message>
    <message>
        <source>multiplies: higher reads higher</source>
        <translation>multiplica: más alta marca más</translation>
    </message>
    <message>
        <source>Aircraft</source>
        <translation>Modelo</translation>
    </message>
    <message>
        <source>Scale as set</source>
        <translation>Escala actual</translation>
    </message>
    <message>
        <source>Scale type</source>
        <translation>Tipo de escala</translation>
    </message>
    <message>
        <source>Charger&apos;s accuracy</source>
        <translation>Precisión del cargador</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>Calibrate flights</source>
        <translation>Calibrar los vuelos</translation>
    </message>
    <message>
        <source>Their figures are recomputed; the raw logs stay unchanged</source>
        <translation>Sus cifras se recalculan; los registros originales no cambian</translation>
    </message>
    <message>
        <source>Save the new scale</source>
        <translation>Guardar la nueva escala</translation>
    </message>
    <message>
        <source>After it is set in the flight controller</source>
        <translation>Cuando ya esté en el controlador de vuelo</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>On screen</source>
        <translation>En pantalla</translation>
    </message>
    <message>
        <source>On the meter</source>
        <translation>En el medidor</translation>
    </message>
    <message>
        <source>A scale is a number above zero; leave it empty if unknown.</source>
        <translation>Una escala es un número mayor que cero; déjala vacía si no la conoces.</translation>
    </message>
    <message>
        <source>This is not a number.</source>
        <translation>Esto no es un número.</translation>
    </message>
    <message>
        <source>Charger accuracy is between 0.1 and 20 %.</source>
        <translation>La precisión de un cargador está entre 0,1 y 20 %.</translation>
    </message>
    <message>
        <source>Counted as the sensor read it, whatever was corrected since. Exclude flights that were flown with another scale, did not start full or were not recharged to full.</source>
        <translation>Contado como lo leyó el sensor, al margen de correcciones posteriores. Excluye vuelos hechos con otra escala, que no empezaron llenos o no se recargaron del todo.</translation>
    </message>
    <message>
        <source>Exclude or include</source>
        <translation>Excluir o incluir</translation>
    </message>
    <message>
        <source>mAh</source>
        <translation>mAh</translation>
    </message>
    <message>
        <source>Counted</source>
        <translation>Contado</translation>
    </message>
    <message>
        <source>recharged</source>
        <translation>recargado</translation>
    </message>
    <message>
        <source>Add the pair</source>
        <translation>Añadir el par</translation>
    </message>
    <message>
        <source>No flight of this aircraft has both a count and a recharge yet. Fly, recharge, enter it in Debrief; two or three flights are enough.</source>
        <translation>Ningún vuelo de este modelo tiene aún cuenta y recarga. Vuela, recarga, anótalo en Análisis; bastan dos o tres vuelos.</translation>
    </message>
    <message>
        <source>new scale</source>
        <translation>nueva escala</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>excluido</translation>
    </message>
    <message>
        <source>outlier</source>
        <translation>atípico</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>flight</source>
        <translation>vuelo</translation>
    </message>
    <message>
        <source>counted</source>
        <translation>contado</translation>
    </message>
    <message>
        <source>error</source>
        <translation>error</translation>
    </message>
    <message>
        <source>error after</source>
        <translation>error después</translation>
    </message>
    <message>
        <source>Before, these flights were off by up to %1; with this correction, by up to %2.</source>
        <comment>share before, after</comment>
        <translation>Antes estos vuelos fallaban hasta un %1; con esta corrección, hasta un %2.</translation>
    </message>
    <message>
        <source>Enter both: what the sensor counted and what the charger put back, in mAh.</source>
        <translation>Anota ambos: lo que contó el sensor y lo que devolvió el cargador, en mAh.</translation>
    </message>
    <message>
        <source>The flights were calibrated; their raw logs are unchanged. Ctrl+Z undoes it.</source>
        <translation>Los vuelos se han calibrado; sus registros originales no cambian. Ctrl+Z lo deshace.</translation>
    </message>
    <message>
        <source>No filed flight of this aircraft stood on the ground for five seconds while logging. Let the log run for a minute before launch to see the sensor&apos;s offset.</source>
        <translation>Ningún vuelo archivado de este modelo estuvo cinco segundos en tierra registrando. Deja el registro un minuto antes de despegar para ver el cero del sensor.</translation>
    </message>
    <message>
        <source>At rest, with the same pack plugged in: the whole pack on both.</source>
        <translation>En reposo, con la misma batería conectada: la batería entera en ambos.</translation>
    </message>
    <message>
        <source>These two differ by more than a fifth: is one per cell and the other for the pack?</source>
        <translation>Difieren en más de un quinto: ¿es uno por celda y el otro de la batería?</translation>
    </message>
    <message>
        <source>They agree within a meter&apos;s accuracy.</source>
        <translation>Coinciden dentro de la precisión del medidor.</translation>
    </message>
    <message>
        <source>Multiply the voltage scale of the flight controller by &lt;b&gt;%1&lt;/b&gt; (%2).</source>
        <comment>factor, error</comment>
        <translation>Multiplica la escala de tensión del controlador de vuelo por &lt;b&gt;%1&lt;/b&gt; (%2).</translation>
    </message>
    <message>
        <source>state</source>
        <translation>estado</translation>
    </message>
    <message>
        <source>not full at launch</source>
        <translation>no llena al despegar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SetAsideModel</name>
    <message>
        <source>excluded, and why</source>
        <translation>excluido, y por qué</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>filas</translation>
    </message>
    <message>
        <source>first line</source>
        <translation>primera línea</translation>
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
        <translation>%1: clic para editar, arrastra de lado o usa las flechas</translation>
    </message>
    <message>
        <source>%1: click to edit</source>
        <translation>%1: clic para editar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SettingSheet</name>
    <message>
        <source>%1 from the list</source>
        <translation>%1 de la lista</translation>
    </message>
    <message>
        <source>not from the list</source>
        <translation>fuera de la lista</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::ShortcutsSheet</name>
    <message>
        <source>Keyboard shortcuts</source>
        <translation>Atajos de teclado</translation>
    </message>
    <message>
        <source>Why? of a number; elsewhere the guide</source>
        <translation>¿Por qué? de un número; si no, la guía</translation>
    </message>
    <message>
        <source>F1</source>
        <translation>F1</translation>
    </message>
    <message>
        <source>Press the form&apos;s button</source>
        <translation>Pulsar el botón del formulario</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Intro</translation>
    </message>
    <message>
        <source>Change a focused word of the setting, or a slider</source>
        <translation>Cambiar el dato que tiene el foco, o un control</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>Move the cursor of a chart</source>
        <translation>Mover el cursor de un gráfico</translation>
    </message>
    <message>
        <source>← →, with Ctrl faster</source>
        <translation>← →, con Ctrl más rápido</translation>
    </message>
    <message>
        <source>Move a place on the map; next place</source>
        <translation>Mover un lugar en el mapa; siguiente lugar</translation>
    </message>
    <message>
        <source>Ctrl+arrows; N</source>
        <translation>Ctrl+flechas; N</translation>
    </message>
    <message>
        <source>Zoom a strip chart, show all of it</source>
        <translation>Ampliar un trazado, mostrarlo entero</translation>
    </message>
    <message>
        <source>+ −, Home</source>
        <translation>+ −, Inicio</translation>
    </message>
    <message>
        <source>command</source>
        <translation>orden</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>teclas</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SourceSheet</name>
    <message>
        <source>Telemetry source</source>
        <translation>Fuente de telemetría</translation>
    </message>
    <message>
        <source>Kind of source</source>
        <translation>Tipo de fuente</translation>
    </message>
    <message>
        <source>UDP: listen on a port</source>
        <translation>UDP: escuchar en un puerto</translation>
    </message>
    <message>
        <source>TCP: connect to a host</source>
        <translation>TCP: conectar a un equipo</translation>
    </message>
    <message>
        <source>Serial port</source>
        <translation>Puerto serie</translation>
    </message>
    <message>
        <source>Growing log file</source>
        <translation>Registro que crece</translation>
    </message>
    <message>
        <source>Connect</source>
        <translation>Conectar</translation>
    </message>
    <message>
        <source>PORT, or ADDRESS:PORT to listen beyond this computer. Without an address only this computer is heard.</source>
        <translation>PUERTO, o DIRECCIÓN:PUERTO para escuchar más allá de este equipo. Sin dirección solo se oye este equipo.</translation>
    </message>
    <message>
        <source>HOST:PORT. Reconnects when the connection breaks.</source>
        <translation>EQUIPO:PUERTO. Vuelve a conectar si se corta.</translation>
    </message>
    <message>
        <source>DEVICE:SPEED. Opened for reading only.</source>
        <translation>DISPOSITIVO:VELOCIDAD. Se abre solo para leer.</translation>
    </message>
    <message>
        <source>Path of a log that is still being written: MAVLink telemetry log or CSV.</source>
        <translation>Ruta de un registro que aún se escribe: registro de telemetría MAVLink o CSV.</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Examinar…</translation>
    </message>
    <message>
        <source>Logs (*.tlog *.csv *.txt);;All files (*)</source>
        <translation>Registros (*.tlog *.csv *.txt);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Vehicle</source>
        <translation>Vehículo</translation>
    </message>
    <message>
        <source>first heard</source>
        <translation>el primero</translation>
    </message>
    <message>
        <source>battery</source>
        <translation>batería</translation>
    </message>
    <message>
        <source>lowest</source>
        <translation>id menor</translation>
    </message>
    <message>
        <source>MAVLink system id and battery id, where several speak on one link</source>
        <translation>Identificador MAVLink de sistema y de batería, si varios hablan por un enlace</translation>
    </message>
    <message>
        <source>%1 must be a whole number from %2 to %3, or empty.</source>
        <translation>%1: un número entero de %2 a %3, o vacío.</translation>
    </message>
    <message>
        <source>Current sensor factor</source>
        <translation>Factor del sensor de corriente</translation>
    </message>
    <message>
        <source>not calibrated</source>
        <translation>sin calibrar</translation>
    </message>
    <message>
        <source>Current and charge are multiplied by it, as Sensors found it from recharges. Empty: ± 5 % is assumed.</source>
        <translation>La corriente y la carga se multiplican por él, tal como se halló en «Sensores» a partir de las recargas. Vacío: se supone ± 5 %.</translation>
    </message>
    <message>
        <source>%1 must be a number from %2 to %3, or empty.</source>
        <translation>%1 debe ser un número de %2 a %3, o quedar vacío.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::StripCharts</name>
    <message>
        <source>Strips over time</source>
        <translation>Trazados en el tiempo</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>name of a strip, its unit</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>%1 above home</source>
        <translation>%1 sobre el despegue</translation>
    </message>
    <message>
        <source>Ground speed</source>
        <translation>Velocidad sobre el suelo</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Batería</translation>
    </message>
    <message>
        <source>V under load</source>
        <translation>V bajo carga</translation>
    </message>
    <message>
        <source>Current</source>
        <translation>Corriente</translation>
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
        <translation>a los %1 min: %2</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SunChart</name>
    <message>
        <source>Array power and pack through the day</source>
        <translation>Panel y batería a lo largo del día</translation>
    </message>
    <message>
        <source>Sun through the day</source>
        <translation>El sol a lo largo del día</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>sun, °</source>
        <translation>sol, °</translation>
    </message>
    <message>
        <source>irradiance, W/m²</source>
        <translation>irradiancia, W/m²</translation>
    </message>
    <message>
        <source>array, W</source>
        <translation>panel, W</translation>
    </message>
    <message>
        <source>clear sky, W</source>
        <translation>despejado, W</translation>
    </message>
    <message>
        <source>overcast, W</source>
        <translation>nublado, W</translation>
    </message>
    <message>
        <source>level flight, W</source>
        <translation>vuelo nivelado, W</translation>
    </message>
    <message>
        <source>pack, %</source>
        <translation>batería, %</translation>
    </message>
    <message>
        <source>Array and level flight, W, by the clock (%1)</source>
        <translation>Panel y vuelo nivelado, W, por el reloj (%1)</translation>
    </message>
    <message>
        <source>Pack through the flight, % charged</source>
        <translation>Batería durante el vuelo, % de carga</translation>
    </message>
    <message>
        <source>level flight takes %1</source>
        <translation>el vuelo nivelado gasta %1</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 a las %2</translation>
    </message>
    <message>
        <source>overcast</source>
        <translation>nublado</translation>
    </message>
    <message>
        <source>launch %1</source>
        <translation>despegue %1</translation>
    </message>
    <message>
        <source>landing voltage %1</source>
        <translation>tensión de aterrizaje %1</translation>
    </message>
    <message>
        <source>%1: array %2, balance %3, pack %4</source>
        <comment>clock, watts, watts, share</comment>
        <translation>%1: panel %2, balance %3, batería %4</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::SunPage</name>
    <message>
        <source>Day</source>
        <translation>Día</translation>
    </message>
    <message>
        <source>Array</source>
        <translation>Panel solar</translation>
    </message>
    <message>
        <source>A clear-sky model: haze, shadows on the wing and banking are not in it. The sun can go behind a cloud at any time: plan to come home on the pack. Local rules come first.</source>
        <translation>Un modelo de cielo despejado: no incluye bruma, sombras en el ala ni virajes. El sol puede ocultarse en cualquier momento: planea volver con la batería. Las normas locales mandan.</translation>
    </message>
    <message>
        <source>Day and place</source>
        <translation>Día y lugar</translation>
    </message>
    <message>
        <source>latitude, longitude</source>
        <translation>latitud, longitud</translation>
    </message>
    <message>
        <source>Degrees, such as 42.61, −5.02. Empty: the plan&apos;s home.</source>
        <translation>Grados, por ejemplo 42.61, −5.02. Vacío: el punto de partida del plan.</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Lugar</translation>
    </message>
    <message>
        <source>best of the day</source>
        <translation>mejor del día</translation>
    </message>
    <message>
        <source>Local time of this computer, such as 10:30. Empty: the start that lasts longest.</source>
        <translation>Hora local de este equipo, por ejemplo 10:30. Vacío: el despegue que da el vuelo más largo.</translation>
    </message>
    <message>
        <source>Launch at</source>
        <translation>Despegue a las</translation>
    </message>
    <message>
        <source>Cloud</source>
        <translation>Nubes</translation>
    </message>
    <message>
        <source>Array and converter</source>
        <translation>Panel y convertidor</translation>
    </message>
    <message>
        <source>Add an array to this wing</source>
        <translation>Poner un panel en esta ala</translation>
    </message>
    <message>
        <source>Remove the array</source>
        <translation>Quitar el panel</translation>
    </message>
    <message>
        <source>What would help</source>
        <translation>Qué ayudaría</translation>
    </message>
    <message>
        <source>Effect of changes</source>
        <translation>Efecto de los cambios</translation>
    </message>
    <message>
        <source>Ten-minute sun test</source>
        <translation>Prueba solar de diez minutos</translation>
    </message>
    <message>
        <source>The cruise parts show whether the pack gains or loses charge, the glide what the array delivers, the last part what the conversion loses. Debrief reads it from the log.</source>
        <translation>Los tramos de crucero dicen si la batería gana o pierde, el planeo lo que da el panel, y el último lo que se pierde en la conversión. Análisis lo lee del registro.</translation>
    </message>
    <message>
        <source>Enter the time as 10:30.</source>
        <translation>Escribe la hora como 10:30.</translation>
    </message>
    <message>
        <source>Enter latitude and longitude in degrees, separated by a comma: 42.61, -5.02.</source>
        <translation>Escribe latitud y longitud en grados, separadas por coma: 42.61, -5.02.</translation>
    </message>
    <message>
        <source>clear sky</source>
        <translation>cielo despejado</translation>
    </message>
    <message>
        <source>%1/8 cloud cover</source>
        <translation>%1/8 de nubes</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Ningún modelo elegido</translation>
    </message>
    <message>
        <source>Select an aircraft in the list to see what the sun gives it through the day.</source>
        <translation>Elige un modelo en la lista para ver lo que le da el sol a lo largo del día.</translation>
    </message>
    <message>
        <source>This aircraft has no solar array. With one on its wing, this page shows from when until when the sun carries it and how many cells that takes, before anything is built.</source>
        <translation>Este modelo no tiene panel solar. Con uno en el ala, esta página muestra desde cuándo y hasta cuándo lo sostiene el sol y cuántas celdas hacen falta, antes de construir nada.</translation>
    </message>
    <message>
        <source>Enter the place: latitude and longitude of the field.</source>
        <translation>Anota el lugar: latitud y longitud del campo.</translation>
    </message>
    <message>
        <source>Computing…</source>
        <translation>Calculando…</translation>
    </message>
    <message>
        <source>array at noon</source>
        <translation>panel a mediodía</translation>
    </message>
    <message>
        <source>above level flight</source>
        <translation>sobre el vuelo nivelado</translation>
    </message>
    <message>
        <source>sustained</source>
        <translation>sostenido</translation>
    </message>
    <message>
        <source>endurance</source>
        <translation>autonomía</translation>
    </message>
    <message>
        <source>%1 of cells, %2 peak. Connected directly to this pack, %3 in series would suit it best at noon.</source>
        <translation>%1 de celdas, %2 de pico. Conectadas directamente a esta batería, %3 en serie irían mejor a mediodía.</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambio</translation>
    </message>
    <message>
        <source>at noon</source>
        <translation>a mediodía</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TableSheet</name>
    <message>
        <source>Ctrl+C copies it, Escape closes it.</source>
        <translation>Ctrl+C la copia, Esc la cierra.</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TurnRulesModel</name>
    <message>
        <source>never</source>
        <translation>nunca</translation>
    </message>
    <message>
        <source>▲ %1</source>
        <translation>▲ %1</translation>
    </message>
    <message>
        <source>%1: never on this flight</source>
        <translation>%1: nunca en este vuelo</translation>
    </message>
    <message>
        <source>%1: turn at %2, %3 used</source>
        <translation>%1: regreso a %2, %3 consumidos</translation>
    </message>
    <message>
        <source>%1; would not get home with the reserve</source>
        <translation>%1; no llegaría a casa con la reserva</translation>
    </message>
    <message>
        <source>turn rule, and whether it counts</source>
        <translation>regla de regreso, y si cuenta</translation>
    </message>
    <message>
        <source>turn at</source>
        <translation>a</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usado</translation>
    </message>
    <message>
        <source>at home</source>
        <translation>en casa</translation>
    </message>
    <message>
        <source>%1. F2 or a double click changes its figure.</source>
        <translation>%1. F2 o un doble clic cambia su valor.</translation>
    </message>
    <message>
        <source>▲ not met</source>
        <translation>▲ no se cumple</translation>
    </message>
    <message>
        <source>%1: not met, even at launch</source>
        <translation>%1: no se cumple ni al despegar</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::TurnRulesTable</name>
    <message>
        <source>Where each rule turns</source>
        <translation>Dónde da la vuelta cada regla</translation>
    </message>
</context>
<context>
    <name>sobremesa::app::WatchPlace</name>
    <message>
        <source>MAVLink or CSV lines over UDP, TCP or a serial port, a growing log file, or a replay of an old log. Energy to get home, margin and turn point are updated every second for the wind as it is now; callouts are spoken. It only listens: nothing is ever sent to the aircraft.</source>
        <translation>MAVLink o líneas CSV por UDP, TCP o puerto serie, un registro que crece o la reproducción de uno antiguo. La energía para volver, el margen y el punto de regreso se actualizan cada segundo con el viento de ahora; los avisos se dicen en voz alta. Solo escucha: nunca se envía nada al modelo.</translation>
    </message>
    <message>
        <source>Connect…</source>
        <translation>Conectar…</translation>
    </message>
    <message>
        <source>Rehearse this plan…</source>
        <translation>Ensayar este plan…</translation>
    </message>
    <message>
        <source>A simulated aircraft flies this plan; you decide when to turn</source>
        <translation>Un modelo simulado vuela este plan; tú decides cuándo dar la vuelta</translation>
    </message>
    <message>
        <source>Replay a log…</source>
        <translation>Reproducir un registro…</translation>
    </message>
    <message>
        <source>Hear what would have been said on an old flight</source>
        <translation>Oír lo que se habría dicho en un vuelo antiguo</translation>
    </message>
    <message>
        <source>Eyes on the aircraft: someone else reads this screen. Figures are estimates; you decide, and local rules come first.</source>
        <translation>Los ojos en el modelo: otra persona lee esta pantalla. Las cifras son estimaciones; tú decides, y las normas locales mandan.</translation>
    </message>
    <message>
        <source>Place in the flight</source>
        <translation>Momento del vuelo</translation>
    </message>
    <message>
        <source>Speed of the replay</source>
        <translation>Velocidad de reproducción</translation>
    </message>
    <message>
        <source>Turn for home</source>
        <translation>Dar la vuelta</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>Quiet</source>
        <translation>Silencio</translation>
    </message>
    <message>
        <source>Five minutes of urgent callouts only</source>
        <translation>Cinco minutos solo con avisos urgentes</translation>
    </message>
    <message>
        <source>Callouts…</source>
        <translation>Avisos…</translation>
    </message>
    <message>
        <source>Debrief this flight</source>
        <translation>Analizar este vuelo</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Time to turn</source>
        <translation>Tiempo hasta el regreso</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source>Distance home</source>
        <translation>Distancia a casa</translation>
    </message>
    <message>
        <source>Callouts so far</source>
        <translation>Avisos hasta ahora</translation>
    </message>
    <message>
        <source>Homeward chart</source>
        <translation>Gráfico de regreso</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Dicho</translation>
    </message>
    <message>
        <source>Last minutes</source>
        <translation>Últimos minutos</translation>
    </message>
    <message>
        <source>Map</source>
        <translation>Mapa</translation>
    </message>
    <message>
        <source>Eyes on the aircraft: someone else reads this screen. You decide; local rules come first.</source>
        <translation>Los ojos en el modelo: otra persona lee esta pantalla. Tú decides; las normas locales mandan.</translation>
    </message>
    <message>
        <source>Take this plan along: watch a flight live and hear when to turn.</source>
        <translation>Llévate este plan: sigue un vuelo en directo y oye cuándo dar la vuelta.</translation>
    </message>
    <message>
        <source>Watch needs a plan with a turn point: open or make one first.</source>
        <translation>Directo necesita un plan con punto de regreso: abre o haz uno primero.</translation>
    </message>
    <message>
        <source>Debrief the recording that was cut off: %1</source>
        <translation>Analizar la grabación interrumpida: %1</translation>
    </message>
    <message>
        <source>No speech engine works here: callouts sound a tone and are listed.</source>
        <translation>No hay voz disponible en este equipo: los avisos suenan con un tono y se anotan.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>ensayo</translation>
    </message>
    <message>
        <source>replay</source>
        <translation>reproducción</translation>
    </message>
    <message>
        <source>live</source>
        <translation>en directo</translation>
    </message>
    <message>
        <source>%1 — %2, %3</source>
        <comment>state of the flight, time, kind of source</comment>
        <translation>%1 — %2, %3</translation>
    </message>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>home is %1</source>
        <translation>casa está al %1</translation>
    </message>
    <message>
        <source>at %1, %2 used</source>
        <translation>a %1, %2 consumidos</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>de regreso</translation>
    </message>
    <message>
        <source>of %1 remaining, reserve kept</source>
        <translation>de %1 restantes, reserva intacta</translation>
    </message>
    <message>
        <source>another pack</source>
        <translation>otra batería</translation>
    </message>
    <message>
        <source>%1, %2 to get home</source>
        <translation>%1, %2 para llegar a casa</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>regreso</translation>
    </message>
    <message>
        <source>time</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>callout</source>
        <translation>aviso</translation>
    </message>
    <message>
        <source>of %1 remaining</source>
        <translation>de %1 restantes</translation>
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
        <translation>Cambio</translation>
    </message>
    <message>
        <source>Result</source>
        <translation>Resultado</translation>
    </message>
    <message>
        <source>What would change with another pack, without the camera, or higher up? Nothing here changes the aircraft.</source>
        <translation>¿Qué cambiaría con otra batería, sin la cámara o a más altura? Nada de esto cambia el modelo.</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Restablecer</translation>
    </message>
    <message>
        <source>Resets every slider</source>
        <translation>Restablece todos los controles</translation>
    </message>
    <message>
        <source>Pack</source>
        <translation>Batería</translation>
    </message>
    <message>
        <source>Camera, payload</source>
        <translation>Cámara, carga</translation>
    </message>
    <message>
        <source>Electronics</source>
        <translation>Electrónica</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>Propellers</source>
        <translation>Hélices</translation>
    </message>
    <message>
        <source>Rotors</source>
        <translation>Rotores</translation>
    </message>
    <message>
        <source>Wing area</source>
        <translation>Superficie alar</translation>
    </message>
    <message>
        <source>dm²</source>
        <translation>dm²</translation>
    </message>
    <message>
        <source>Higher by</source>
        <translation>Más alto</translation>
    </message>
    <message>
        <source>Warmer by</source>
        <translation>Más cálido</translation>
    </message>
    <message>
        <source>K</source>
        <translation>K</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Antes y después</translation>
    </message>
    <message>
        <source>Headroom with the plan&apos;s pack, unchanged</source>
        <translation>Reserva de potencia con la batería del plan, sin cambios</translation>
    </message>
    <message>
        <source>No aircraft is chosen</source>
        <translation>Ningún modelo elegido</translation>
    </message>
    <message>
        <source>Select an aircraft in the list.</source>
        <translation>Elige un modelo en la lista.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>antes</translation>
    </message>
    <message>
        <source>after</source>
        <translation>después</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>diferencia</translation>
    </message>
    <message>
        <source>quantity</source>
        <translation>magnitud</translation>
    </message>
    <message>
        <source>Power against airspeed</source>
        <translation>Potencia según la velocidad aérea</translation>
    </message>
    <message>
        <source>Dashed before, solid after. Square: best endurance; round: best range in the wind of the open plan.</source>
        <translation>Discontinua antes, continua después. Cuadrado: máxima autonomía; círculo: máximo alcance con el viento del plan abierto.</translation>
    </message>
    <message>
        <source>Reach in the plan&apos;s wind</source>
        <translation>Alcance con el viento del plan</translation>
    </message>
    <message>
        <source>Solar cells</source>
        <translation>Celdas solares</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Celdas en serie</translation>
    </message>
    <message>
        <source>Converter efficiency</source>
        <translation>Rendimiento del convertidor</translation>
    </message>
    <message>
        <source>%</source>
        <translation>%</translation>
    </message>
    <message>
        <source>array at noon</source>
        <translation>panel a mediodía</translation>
    </message>
    <message>
        <source>sustained by the sun</source>
        <translation>sostenido por el sol</translation>
    </message>
    <message>
        <source>endurance in the sun</source>
        <translation>autonomía con sol</translation>
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
        <translation>Vientos por altura</translation>
    </message>
    <message>
        <source>Where a forecast gives winds by height, they replace the single wind and its power law. Heights are above home; between two heights the wind is interpolated linearly.</source>
        <translation>Si una previsión da vientos por altura, sustituyen al viento único y su ley. Las alturas son sobre el despegue; entre dos alturas se interpola linealmente.</translation>
    </message>
    <message>
        <source>height, %1</source>
        <translation>altura, %1</translation>
    </message>
    <message>
        <source>wind, %1</source>
        <translation>viento, %1</translation>
    </message>
    <message>
        <source>from, °</source>
        <translation>de, °</translation>
    </message>
    <message>
        <source>Add a height</source>
        <translation>Añadir una altura</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
</context>
<context>
    <name>sobremesa::cli::Help</name>
    <message>
        <source>HEADER=MEANING or HEADER=MEANING:UNIT, for a column with a misleading header; repeat for each</source>
        <translation>CABECERA=SIGNIFICADO o CABECERA=SIGNIFICADO:UNIDAD, para una columna con cabecera equívoca; se repite por columna</translation>
    </message>
    <message>
        <source>MAVLink system, where a log has several</source>
        <translation>sistema MAVLink, si el registro tiene varios</translation>
    </message>
    <message>
        <source>MAVLink battery, where a log has several</source>
        <translation>batería MAVLink, si el registro tiene varias</translation>
    </message>
    <message>
        <source>Reads a flight log and says what it shows</source>
        <translation>Lee un registro de vuelo y dice qué muestra</translation>
    </message>
    <message>
        <source>CSV log</source>
        <translation>registro CSV</translation>
    </message>
    <message>
        <source>Home as LAT,LON; without it the first good fix</source>
        <translation>Punto de partida como LAT,LON; si no, la primera posición buena</translation>
    </message>
    <message>
        <source>Cells in series</source>
        <translation>Celdas en serie</translation>
    </message>
    <message>
        <source>What the charger put back</source>
        <translation>Lo que devolvió el cargador</translation>
    </message>
    <message>
        <source>Pack document: charge remaining by counter</source>
        <translation>Documento de batería: carga restante según el contador</translation>
    </message>
    <message>
        <source>One JSON object on standard output</source>
        <translation>Un objeto JSON en la salida estándar</translation>
    </message>
    <message>
        <source>Mean resting voltage per cell after landing, V</source>
        <translation>Tensión media en reposo por celda tras aterrizar, V</translation>
    </message>
    <message>
        <source>How long it had rested, minutes (default: 5)</source>
        <translation>Cuánto había reposado, minutos (por defecto, 5)</translation>
    </message>
    <message>
        <source>Air at the field, °C</source>
        <translation>Aire en el campo, °C</translation>
    </message>
    <message>
        <source>Airspeed that the pilot flew, m/s: gives the wind where the flight did not turn</source>
        <translation>Velocidad aérea que se voló, m/s: da el viento si el vuelo no viró</translation>
    </message>
    <message>
        <source>Plan document that it was flown with: what was still possible, where each turn rule would have turned, limits, shares</source>
        <translation>Documento de plan con que se voló: qué era aún posible, dónde habría dado la vuelta cada regla, límites, proporciones</translation>
    </message>
    <message>
        <source>Which flight of the file, from 1</source>
        <translation>Qué vuelo del archivo, desde 1</translation>
    </message>
    <message>
        <source>Compares flights at equal distance, speed and mass</source>
        <translation>Compara vuelos a igual distancia, velocidad y masa</translation>
    </message>
    <message>
        <source>LOG PLAN.json pairs, one for each flight</source>
        <translation>Pares LOG PLAN.json, uno por vuelo</translation>
    </message>
    <message>
        <source>Common airspeed (default: the mean)</source>
        <translation>Velocidad aérea común (por defecto, la media)</translation>
    </message>
    <message>
        <source>Common all-up mass (default: the mean)</source>
        <translation>Masa total común (por defecto, la media)</translation>
    </message>
    <message>
        <source>Common ground distance (default: the mean)</source>
        <translation>Distancia común sobre el suelo (por defecto, la media)</translation>
    </message>
    <message>
        <source>Power curve, speeds to fly, headroom, what a change does, and how good forecasts were</source>
        <translation>Curva de potencia, velocidades de vuelo, margen de potencia, qué hace un cambio y cuánto acertaron las previsiones</translation>
    </message>
    <message>
        <source>Plan document: aircraft, pack and air</source>
        <translation>Documento de plan: modelo, batería y aire</translation>
    </message>
    <message>
        <source>Name of an aircraft in the logbook, with its flights</source>
        <translation>Nombre de un modelo del diario, con sus vuelos</translation>
    </message>
    <message>
        <source>LOG PLAN.json pairs: flights to fit the curve to</source>
        <translation>Pares LOG PLAN.json: vuelos a los que se ajusta la curva</translation>
    </message>
    <message>
        <source>AIRSPEED,POWER known without a log, m/s and W; repeat for each</source>
        <translation>VELOCIDAD,POTENCIA conocidas sin registro, m/s y W; se repite por cada par</translation>
    </message>
    <message>
        <source>Headwind, m/s (default: the plan&apos;s, on its bearing)</source>
        <translation>Viento en contra, m/s (por defecto, el del plan en su rumbo)</translation>
    </message>
    <message>
        <source>Crosswind, m/s</source>
        <translation>Viento cruzado, m/s</translation>
    </message>
    <message>
        <source>A wanted ground speed: go or no-go</source>
        <translation>Una velocidad sobre el suelo deseada: se puede o no</translation>
    </message>
    <message>
        <source>What if: mass of the pack</source>
        <translation>Qué pasaría: masa de la batería</translation>
    </message>
    <message>
        <source>What if: more mass, or less</source>
        <translation>Qué pasaría: más masa, o menos</translation>
    </message>
    <message>
        <source>What if: more drawn by the electronics, or less</source>
        <translation>Qué pasaría: la electrónica consume más, o menos</translation>
    </message>
    <message>
        <source>What if: propellers</source>
        <translation>Qué pasaría: hélices</translation>
    </message>
    <message>
        <source>What if: number of rotors</source>
        <translation>Qué pasaría: número de rotores</translation>
    </message>
    <message>
        <source>What if: wing area</source>
        <translation>Qué pasaría: superficie alar</translation>
    </message>
    <message>
        <source>What if: height above the field</source>
        <translation>Qué pasaría: altura sobre el campo</translation>
    </message>
    <message>
        <source>What if: air at the field</source>
        <translation>Qué pasaría: aire en el campo</translation>
    </message>
    <message>
        <source>What flights and recharges say about pack, sensors and aircraft, and how good forecasts were</source>
        <translation>Qué dicen los vuelos y las recargas de batería, sensores y modelo, y cuánto acertaron las previsiones</translation>
    </message>
    <message>
        <source>Plan document: aircraft and pack as known before</source>
        <translation>Documento de plan: modelo y batería como se conocían antes</translation>
    </message>
    <message>
        <source>LOG[,plan=FILE][,recharged=MAH][,rested=V/MIN]; repeat for each flight, oldest first</source>
        <translation>LOG[,plan=ARCHIVO][,recharged=MAH][,rested=V/MIN]; se repite por cada vuelo, primero el más antiguo</translation>
    </message>
    <message>
        <source>Why a flight took more or less than forecast, cause by cause</source>
        <translation>Por qué un vuelo gastó más o menos de lo previsto, causa por causa</translation>
    </message>
    <message>
        <source>Plan document: the forecast</source>
        <translation>Documento de plan: la previsión</translation>
    </message>
    <message>
        <source>Log of the flight</source>
        <translation>Registro del vuelo</translation>
    </message>
    <message>
        <source>Plan document with mass, pack and air as flown (default: the plan&apos;s)</source>
        <translation>Documento de plan con masa, batería y aire como se volaron (por defecto, los del plan)</translation>
    </message>
    <message>
        <source>Scale of a current sensor from recharged flights</source>
        <translation>Escala de un sensor de corriente por vuelos recargados</translation>
    </message>
    <message>
        <source>The scale as set now</source>
        <translation>La escala puesta ahora</translation>
    </message>
    <message>
        <source>divides: a higher scale reads lower; multiplies: a higher scale reads higher</source>
        <translation>divides: una escala mayor marca menos; multiplies: una mayor marca más</translation>
    </message>
    <message>
        <source>COUNTED,RECHARGED of one flight, mAh; repeat for each flight</source>
        <translation>CONTADO,RECARGADO de un vuelo, mAh; se repite por cada vuelo</translation>
    </message>
    <message>
        <source>READ,ACTUAL: what the sensor reads on the ground, and what a meter reads, mA</source>
        <translation>LEÍDO,REAL: qué marca el sensor en tierra y qué marca un medidor, mA</translation>
    </message>
    <message>
        <source>Accuracy of the charger, % (default: 1.5)</source>
        <translation>Precisión del cargador, % (por defecto, 1,5)</translation>
    </message>
    <message>
        <source>Plan document</source>
        <translation>Documento de plan</translation>
    </message>
    <message>
        <source>Elevation raster (GeoTIFF, HGT, ASCII grid) in place of the document&apos;s</source>
        <translation>Ráster de elevación (GeoTIFF, HGT, malla ASCII) en lugar del del documento</translation>
    </message>
    <message>
        <source>GPX, GeoJSON or KML: its points become the waypoints</source>
        <translation>GPX, GeoJSON o KML: sus puntos pasan a ser los de la ruta</translation>
    </message>
    <message>
        <source>GeoJSON or KML: its polygons are no-landing areas</source>
        <translation>GeoJSON o KML: sus polígonos son zonas sin aterrizaje</translation>
    </message>
    <message>
        <source>Home as LAT,LON, in place of the document&apos;s</source>
        <translation>Punto de partida como LAT,LON, en lugar del del documento</translation>
    </message>
    <message>
        <source>Computes a plan document</source>
        <translation>Calcula un documento de plan</translation>
    </message>
    <message>
        <source>Seed for the chance of getting home (default: 1)</source>
        <translation>Semilla para la probabilidad de volver (por defecto, 1)</translation>
    </message>
    <message>
        <source>Days drawn for it (default: 10000)</source>
        <translation>Días sorteados para ella (por defecto, 10000)</translation>
    </message>
    <message>
        <source>Writes the flight card as PDF</source>
        <translation>Escribe la ficha de vuelo en PDF</translation>
    </message>
    <message>
        <source>Writes the route as .gpx, .geojson or .kml</source>
        <translation>Escribe la ruta como .gpx, .geojson o .kml</translation>
    </message>
    <message>
        <source>Leaves home and what is near it out of the route</source>
        <translation>Quita de la ruta el punto de partida y lo que está cerca</translation>
    </message>
    <message>
        <source>How far out and back on every bearing</source>
        <translation>Hasta dónde ir y volver en cada rumbo</translation>
    </message>
    <message>
        <source>How many, evenly spaced (default: 36)</source>
        <translation>Cuántos, repartidos por igual (por defecto, 36)</translation>
    </message>
    <message>
        <source>Alarms to enter for this pack and this plan</source>
        <translation>Alarmas que poner para esta batería y este plan</translation>
    </message>
    <message>
        <source>What a solar array delivers through the day, and how long the flight lasts</source>
        <translation>Qué da un panel solar a lo largo del día y cuánto dura el vuelo</translation>
    </message>
    <message>
        <source>Plan document; its aircraft carries the array</source>
        <translation>Documento de plan; su modelo lleva el panel</translation>
    </message>
    <message>
        <source>Day, UTC, YYYY-MM-DD (default: that of the plan&apos;s launch)</source>
        <translation>Día, UTC, AAAA-MM-DD (por defecto, el del despegue del plan)</translation>
    </message>
    <message>
        <source>Place as LAT,LON (default: the plan&apos;s home)</source>
        <translation>Lugar como LAT,LON (por defecto, el punto de partida del plan)</translation>
    </message>
    <message>
        <source>Cloud in eighths of the sky (default: the plan&apos;s, or 0)</source>
        <translation>Nubes en octavos de cielo (por defecto, las del plan o 0)</translation>
    </message>
    <message>
        <source>Launch, UTC, HH:MM (default: the plan&apos;s, or the best)</source>
        <translation>Despegue, UTC, HH:MM (por defecto, el del plan o el mejor)</translation>
    </message>
    <message>
        <source>Hours to sustain: gives the smallest area of cells for it</source>
        <translation>Horas que debe sostener: da la menor superficie de celdas para ello</translation>
    </message>
    <message>
        <source>What a pack delivers under load, or which pack to fly</source>
        <translation>Qué da una batería bajo carga, o qué batería volar</translation>
    </message>
    <message>
        <source>Pack document</source>
        <translation>Documento de batería</translation>
    </message>
    <message>
        <source>Constant current, A</source>
        <translation>Corriente constante, A</translation>
    </message>
    <message>
        <source>Constant power, W</source>
        <translation>Potencia constante, W</translation>
    </message>
    <message>
        <source>Air, and the pack at launch, °C</source>
        <translation>Aire, y la batería al despegar, °C</translation>
    </message>
    <message>
        <source>Landing voltage per cell under load, V</source>
        <translation>Tensión de aterrizaje por celda bajo carga, V</translation>
    </message>
    <message>
        <source>Hold the cells at that temperature, and take a rate table as measured on cells held there</source>
        <translation>Mantiene las celdas a esa temperatura; una tabla de descarga se toma como medida así</translation>
    </message>
    <message>
        <source>CSV of packs to try</source>
        <translation>CSV de baterías que probar</translation>
    </message>
    <message>
        <source>Plan document: the aircraft, cruise and wind to try them in</source>
        <translation>Documento de plan: modelo, crucero y viento en que probarlas</translation>
    </message>
    <message>
        <source>Follows a flight while it is flown: energy to get home, turn, callouts. It only listens</source>
        <translation>Sigue un vuelo mientras se vuela: energía para volver, vuelta, avisos. Solo escucha</translation>
    </message>
    <message>
        <source>Plan document of this flight</source>
        <translation>Documento de plan de este vuelo</translation>
    </message>
    <message>
        <source>Where telemetry comes from: MAVLink, or lines of CSV</source>
        <translation>De dónde viene la telemetría: MAVLink, o líneas CSV</translation>
    </message>
    <message>
        <source>[ADDR:]PORT to listen on (default: 127.0.0.1; port 0: any)</source>
        <translation>[DIRECCIÓN:]PUERTO en que escuchar (por defecto, 127.0.0.1; puerto 0: cualquiera)</translation>
    </message>
    <message>
        <source>HOST:PORT to connect to</source>
        <translation>EQUIPO:PUERTO al que conectar</translation>
    </message>
    <message>
        <source>DEVICE:SPEED</source>
        <translation>DISPOSITIVO:VELOCIDAD</translation>
    </message>
    <message>
        <source>Log file that is still being written</source>
        <translation>Archivo de registro que aún se escribe</translation>
    </message>
    <message>
        <source>Log of an old flight</source>
        <translation>Registro de un vuelo anterior</translation>
    </message>
    <message>
        <source>How much faster than it was flown (default: 1)</source>
        <translation>Cuánto más rápido de lo que se voló (por defecto, 1)</translation>
    </message>
    <message>
        <source>Records all that arrives to a new file, as a log for debrief</source>
        <translation>Graba todo lo que llega en un archivo nuevo, como registro para debrief</translation>
    </message>
    <message>
        <source>MAVLink system, where there are several</source>
        <translation>sistema MAVLink, si hay varios</translation>
    </message>
    <message>
        <source>MAVLink battery, where there are several</source>
        <translation>batería MAVLink, si hay varias</translation>
    </message>
    <message>
        <source>Current and charge are multiplied by it, where the sensor&apos;s scale is known from recharges</source>
        <translation>Factor para corriente y carga, si la escala del sensor se conoce por recargas</translation>
    </message>
    <message>
        <source>Ends after this many seconds</source>
        <translation>Termina tras estos segundos</translation>
    </message>
    <message>
        <source>Call out tenths as what remains</source>
        <translation>Anunciar los décimos como lo que queda</translation>
    </message>
    <message>
        <source>Speak the callouts</source>
        <translation>Decir los avisos de viva voz</translation>
    </message>
    <message>
        <source>One JSON object per line</source>
        <translation>Un objeto JSON por línea</translation>
    </message>
    <message>
        <source>Writes a log in another format</source>
        <translation>Escribe un registro en otro formato</translation>
    </message>
    <message>
        <source>Log: CSV, GPX, KML track, IGC, NMEA 0183, SubRip, JSON or MAVLink telemetry log, compressed or not</source>
        <translation>Registro: CSV, GPX, traza KML, IGC, NMEA 0183, SubRip, JSON o telemetría MAVLink, comprimido o no</translation>
    </message>
    <message>
        <source>File to write; its extension decides the format: %1</source>
        <translation>Archivo que se escribe; su extensión dice cómo: %1</translation>
    </message>
    <message>
        <source>Leave out positions nearer to home than this, m</source>
        <translation>Quitar las posiciones más cercanas a casa que esto, m</translation>
    </message>
    <message>
        <source>What each column of a log is understood to be</source>
        <translation>Cómo se entiende cada columna de un registro</translation>
    </message>
    <message>
        <source>Log: a table, or any other; of GPX and MAVLink the columns are what they hold</source>
        <translation>Registro: una tabla u otro; en GPX y MAVLink las columnas son lo que contienen</translation>
    </message>
    <message>
        <source>Designs a pack from cells</source>
        <translation>Diseña una batería a partir de celdas</translation>
    </message>
    <message>
        <source>Build document</source>
        <translation>Documento de montaje</translation>
    </message>
    <message>
        <source>Estimates a full flight from part of one and its recharge</source>
        <translation>Estima un vuelo entero a partir de una parte y su recarga</translation>
    </message>
    <message>
        <source>Minutes flown</source>
        <translation>Minutos volados</translation>
    </message>
    <message>
        <source>Share of the rated charge that a full flight uses, % (default: 80)</source>
        <translation>Parte de la carga nominal que usa un vuelo entero, % (por defecto, 80)</translation>
    </message>
    <message>
        <source>Air, °C</source>
        <translation>Aire, °C</translation>
    </message>
    <message>
        <source>How a pack ages, from the readings in its document</source>
        <translation>Cómo envejece una batería, por las lecturas de su documento</translation>
    </message>
    <message>
        <source>Pack document with readings</source>
        <translation>Documento de batería con lecturas</translation>
    </message>
    <message>
        <source>The flights and their main figures</source>
        <translation>Los vuelos y sus cifras principales</translation>
    </message>
    <message>
        <source>Checks everything in the logbook; says what is damaged and what can still be recovered</source>
        <translation>Comprueba todo el diario; dice qué está dañado y qué se puede recuperar</translation>
    </message>
    <message>
        <source>Copies the whole logbook to a new file</source>
        <translation>Copia todo el diario en un archivo nuevo</translation>
    </message>
    <message>
        <source>The copy</source>
        <translation>La copia</translation>
    </message>
    <message>
        <source>Writes JSON, CSV and the raw logs into a folder</source>
        <translation>Escribe JSON, CSV y los registros originales en una carpeta</translation>
    </message>
    <message>
        <source>Folder; created if missing</source>
        <translation>Carpeta; se crea si no existe</translation>
    </message>
    <message>
        <source>Folder, book.json, or one of the CSV files</source>
        <translation>Carpeta, book.json o uno de los archivos CSV</translation>
    </message>
    <message>
        <source>Files logs: files, folders with everything in them, archives</source>
        <translation>Guarda registros en el diario: archivos, carpetas con todo su contenido, archivos comprimidos</translation>
    </message>
    <message>
        <source>Logs, folders, archives</source>
        <translation>Registros, carpetas, archivos comprimidos</translation>
    </message>
    <message>
        <source>Table (CSV) of flights that left no log</source>
        <translation>Tabla (CSV) de vuelos sin registro</translation>
    </message>
    <message>
        <source>Plan document: aircraft, pack and air that they were flown with</source>
        <translation>Documento de plan: modelo, batería y aire con que se volaron</translation>
    </message>
    <message>
        <source>Aircraft in the logbook, by name</source>
        <translation>Modelo del diario, por su nombre</translation>
    </message>
    <message>
        <source>Pack in the logbook, by name</source>
        <translation>Batería del diario, por su nombre</translation>
    </message>
    <message>
        <source>Say what was understood, and file nothing</source>
        <translation>Decir qué se entendió, sin guardar nada</translation>
    </message>
    <message>
        <source>Logbook file (default: your own)</source>
        <translation>Archivo del diario (por defecto, el propio)</translation>
    </message>
    <message>
        <source>Folder of the settings</source>
        <translation>Carpeta de los ajustes</translation>
    </message>
    <message>
        <source>Lists, checks, copies, exports and imports a logbook</source>
        <translation>Muestra, comprueba, copia, exporta e importa un diario</translation>
    </message>
    <message>
        <source>Imports what was exported: a folder, book.json or a CSV</source>
        <translation>Importa lo exportado: una carpeta, book.json o un CSV</translation>
    </message>
    <message>
        <source>Plans and debriefs flights of long-range model aircraft.</source>
        <translation>Planifica y analiza vuelos de largo alcance de aeromodelos.</translation>
    </message>
</context>
<context>
    <name>sobremesa::session::CalibrationSession</name>
    <message>
        <source>written down</source>
        <translation>a mano</translation>
    </message>
</context>
</TS>

#!/usr/bin/env python3
"""Makes tables/: one flight of sixty rows, by arithmetic that tst_other_writers.cpp repeats, as writers that are not ours
put a table into a text: pandas 1.5.3 (Debian 12), with tabulate 0.8.9 for its Markdown; sqlite3 3.40.1; Miller 6.6.0.
dump.sql of pg_dump is by hand from PostgreSQL's documentation of COPY, times.kml from that of KML 2.2."""
import datetime
import math
import os
import subprocess

import pandas

BEGIN = datetime.datetime(2026, 5, 14, 16, 41, 7)
os.makedirs('tables', exist_ok=True)
os.chdir('tables')


def row(i):
    return {'timestamp': BEGIN + datetime.timedelta(seconds=1.5 * i), 'lat': round(52.0 + 1.2e-4 * i, 6),
            'lon': round(-7.0 - 2e-5 * i, 6), 'altitude_m': round(50.0 + 0.2 * i, 1), 'voltage_V': round(16.4 - 0.01 * i, 2),
            'current_A': round(5.0 + math.sin(i), 3), 'link': 99 - i % 3}


table = pandas.DataFrame([row(i) for i in range(60)])
by_time = table.set_index('timestamp')

table.to_csv('indexed.csv')
table.to_csv('quoted.csv', quoting=2, index=False)
table.to_csv('scientific.csv', float_format='%.7e', index=False)
table.to_csv('decimal_comma.csv', sep=';', decimal=',', index=False)
table.to_csv('nameless.csv', header=False, index=False)
table.melt('timestamp').to_csv('melted.csv', index=False)
by_time.stack().to_csv('stacked.csv')
by_time.resample('500ms').mean().interpolate().asfreq('1500ms').to_csv('resampled.csv')
packed = table.copy()
packed['timestamp'] = table.timestamp.dt.strftime('%Y%m%d%H%M%S%f')
packed.to_csv('packed.csv', index=False)
packed['timestamp'] = table.timestamp.astype('int64')
packed.to_csv('nanoseconds.csv', index=False)
packed['timestamp'] = table.timestamp - table.timestamp[0]
packed.to_csv('timedelta.csv', index=False)
grouped = by_time.copy()
grouped.columns = pandas.MultiIndex.from_product([['flight'], grouped.columns])
grouped.to_csv('grouped.csv')
for orient in ('columns', 'index', 'records', 'split', 'table', 'values'):
    table.to_json(f'{orient}.json', orient=orient)
    if orient not in ('records', 'values'):
        by_time.to_json(f'{orient}_by_time.json', orient=orient, date_format='iso')
table.to_json('lines.jsonl', orient='records', lines=True, date_format='iso', date_unit='us')
table.to_html('page.html')
by_time.to_html('page_by_time.html')
table.to_string('printed.txt')
by_time.to_string('printed_by_time.txt')
for form in ('grid', 'orgtbl', 'psql', 'rst', 'simple'):
    table.to_markdown(f'{form}.txt', tablefmt=form, index=False, floatfmt='.6f')
table.to_markdown('markdown.md', floatfmt='.6f')
table.to_xml('elements.xml', parser='etree')
table.to_xml('attributes.xml', attr_cols=list(table.columns), parser='etree')

table.to_csv('/tmp/flight.csv', index=False)
if os.path.exists('/tmp/flight.db'):
    os.remove('/tmp/flight.db')
subprocess.run(['sqlite3', '/tmp/flight.db', '.mode csv', '.import /tmp/flight.csv flight'], check=True)
for mode in ('box', 'column', 'insert', 'line', 'quote', 'tcl'):
    with open(f'sqlite_{mode}.txt', 'wb') as out:
        subprocess.run(['sqlite3', '-header', '/tmp/flight.db', f'.mode {mode}', 'select * from flight'], stdout=out, check=True)
with open('sqlite_dump.sql', 'wb') as out:
    subprocess.run(['sqlite3', '/tmp/flight.db', '.dump'], stdout=out, check=True)
for form in ('xtab', 'pprint', 'dkvp', 'nidx', 'json'):
    with open(f'miller_{form}.txt', 'wb') as out:
        subprocess.run(['mlr', '--icsv', f'--o{form}', 'cat', '/tmp/flight.csv'], stdout=out, check=True)
with open('miller_barred.txt', 'wb') as out:
    subprocess.run(['mlr', '--icsv', '--opprint', '--barred', '--right', 'cat', '/tmp/flight.csv'], stdout=out, check=True)

with open('postgres.sql', 'w') as out:
    out.write("""--
-- PostgreSQL database dump
--

SET statement_timeout = 0;
SELECT pg_catalog.set_config('search_path', '', false);

CREATE TABLE public.packs (
    id integer NOT NULL,
    name text
);

CREATE TABLE public.flight (
    "timestamp" timestamp with time zone NOT NULL,
    lat double precision,
    lon double precision,
    altitude_m real,
    "voltage_V" numeric(6,2) DEFAULT 0.0 NOT NULL,
    "current_A" real,
    link integer
);

COPY public.packs (id, name) FROM stdin;
1\tB-07
\\.

COPY public.flight ("timestamp", lat, lon, altitude_m, "voltage_V", "current_A", link) FROM stdin;
""")
    for i in range(60):
        r = row(i)
        link = '\\N' if i % 9 == 4 else r['link']
        out.write(f"{r['timestamp']}+00\t{r['lat']}\t{r['lon']}\t{r['altitude_m']}\t{r['voltage_V']}\t{r['current_A']}\t{link}\n")
    out.write('\\.\n\nALTER TABLE ONLY public.flight ADD CONSTRAINT flight_pkey PRIMARY KEY ("timestamp");\n')

with open('rows_in_one_statement.sql', 'w') as out:
    out.write("""/*!40101 SET NAMES utf8 */;
DROP TABLE IF EXISTS `flight`;
CREATE TABLE `flight` (
  `id` int(11) NOT NULL AUTO_INCREMENT,
  `timestamp` datetime(3) DEFAULT NULL,
  `lat` double, `lon` double, `altitude_m` float, `voltage_V` decimal(6,2), `current_A` float,
  `note` varchar(80) DEFAULT 'don''t',
  PRIMARY KEY (`id`), KEY `when` (`timestamp`)
) ENGINE=InnoDB;
LOCK TABLES `flight` WRITE;
INSERT INTO `flight` VALUES """)
    values = []
    for i in range(60):
        r = row(i)
        note = "'it\\'s calm; (so far), on'" if i % 30 == 0 else 'NULL'
        values.append(f"({i + 1},'{r['timestamp']}',{r['lat']},{r['lon']},{r['altitude_m']},{r['voltage_V']},{r['current_A']},{note})")
    out.write(','.join(values) + ';\nUNLOCK TABLES;\n')

with open('times.kml', 'w') as out:
    out.write('<?xml version="1.0" encoding="UTF-8"?>\n<kml xmlns="http://www.opengis.net/kml/2.2"><Document><Folder>\n')
    for i in range(60):
        r = row(i)
        out.write(f"<Placemark><TimeStamp><when>{r['timestamp'].isoformat()}Z</when></TimeStamp><ExtendedData>"
                  f"<Data name=\"voltage_V\"><value>{r['voltage_V']}</value></Data><SchemaData schemaUrl=\"#s\">"
                  f"<SimpleData name=\"current_A\">{r['current_A']}</SimpleData></SchemaData></ExtendedData>"
                  f"<Point><coordinates>{r['lon']},{r['lat']},{r['altitude_m']}</coordinates></Point></Placemark>\n")
    out.write('<Placemark><name>home</name><Point><coordinates>-7,52,0</coordinates></Point></Placemark>\n</Folder></Document></kml>\n')

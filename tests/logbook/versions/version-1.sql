CREATE TABLE aircraft (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE pack     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE plan     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE flight   (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE learned  (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE desk     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE log (id INTEGER PRIMARY KEY AUTOINCREMENT, name TEXT NOT NULL, bytes INTEGER NOT NULL,
                  crc32 INTEGER NOT NULL, stored_utc TEXT NOT NULL);
CREATE TABLE log_chunk (log_id INTEGER NOT NULL REFERENCES log(id) ON DELETE CASCADE, number INTEGER NOT NULL,
                        raw_bytes INTEGER NOT NULL, crc32 INTEGER NOT NULL, data BLOB NOT NULL,
                        PRIMARY KEY (log_id, number));
CREATE TABLE figures (flight_id INTEGER PRIMARY KEY, made_from TEXT NOT NULL, document TEXT NOT NULL);
CREATE TABLE edit (id INTEGER PRIMARY KEY, what TEXT NOT NULL, subject TEXT NOT NULL, changes TEXT NOT NULL,
                   undone INTEGER NOT NULL DEFAULT 0, made_utc TEXT NOT NULL);
CREATE TABLE count (last_id INTEGER NOT NULL);
INSERT INTO count VALUES (0);
INSERT INTO pack VALUES (7, '{"name":"B-07"}', '2026-11-25T03:00:00Z');
INSERT INTO edit VALUES (1, 'add-pack', 'B-07', '[{"kind":"pack","id":7,"before":null,"after":"{\"name\":\"B-07\"}"}]', 0,
                         '2026-11-25T03:00:00Z');
UPDATE count SET last_id = 7;
PRAGMA application_id = 1396854099;
PRAGMA user_version = 1;

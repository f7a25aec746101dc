-- Temperatures are read too: what the kiln shows, how warm the gluing bench is. They are kept in degrees Celsius.
CREATE TABLE reading_2 (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    dimension    TEXT NOT NULL,
    kind         TEXT NOT NULL CHECK (kind IN ('LENGTH', 'HARDNESS', 'TEMPERATURE')),
    amount       TEXT NOT NULL,
    typed        TEXT NOT NULL,
    taken_at_ms  INTEGER NOT NULL,
    taken_by     INTEGER NOT NULL REFERENCES person (id),
    struck_at_ms INTEGER
) STRICT;
INSERT INTO reading_2 SELECT id, piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, struck_at_ms FROM reading;
DROP TABLE reading;
ALTER TABLE reading_2 RENAME TO reading;
CREATE UNIQUE INDEX reading_current ON reading (piece_id, dimension) WHERE struck_at_ms IS NULL;

-- More ways back, what was measured of a mishap, and what the way that was chosen costs.
CREATE TABLE mishap_2 (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    operation      TEXT NOT NULL,
    kind           TEXT NOT NULL,
    words          TEXT NOT NULL,
    measured       TEXT NOT NULL DEFAULT '',
    way_back       TEXT NOT NULL CHECK (way_back IN ('REDO', 'REMAKE', 'HEAT_AGAIN', 'GRIND_OUT', 'WELD', 'GO_ON', 'SPARE', 'HOLD', 'SCRAP')),
    redone_from    TEXT,
    decision       TEXT NOT NULL DEFAULT '',
    cost_minutes   INTEGER NOT NULL DEFAULT 0,
    reported_by    INTEGER NOT NULL REFERENCES person (id),
    reported_at_ms INTEGER NOT NULL
) STRICT;
INSERT INTO mishap_2 (id, piece_id, operation, kind, words, way_back, redone_from, reported_by, reported_at_ms)
    SELECT id, piece_id, operation, kind, words, way_back, redone_from, reported_by, reported_at_ms FROM mishap;
DROP TABLE mishap;
ALTER TABLE mishap_2 RENAME TO mishap;
CREATE INDEX mishap_piece ON mishap (piece_id);
CREATE INDEX mishap_operation ON mishap (operation);

-- How often the blade was hardened; what the piece was when its route was last turned back (names of conditions, by commas).
ALTER TABLE piece ADD COLUMN heats INTEGER NOT NULL DEFAULT 1 CHECK (heats >= 1);
ALTER TABLE piece ADD COLUMN softened_again INTEGER NOT NULL DEFAULT 0 CHECK (softened_again IN (0, 1));
ALTER TABLE piece ADD COLUMN worn_conditions TEXT;
ALTER TABLE piece ADD COLUMN worn_since_ms INTEGER;

-- Pieces of a batch may be for different people; a spare says whose it is.
ALTER TABLE piece ADD COLUMN for_whom TEXT NOT NULL DEFAULT '';
ALTER TABLE piece ADD COLUMN art TEXT NOT NULL DEFAULT '';
ALTER TABLE piece ADD COLUMN rack_slot TEXT NOT NULL DEFAULT '';
ALTER TABLE piece ADD COLUMN is_spare INTEGER NOT NULL DEFAULT 0 CHECK (is_spare IN (0, 1));

-- Changes of the agreed specification that were taken or dropped, with the reason that stays.
CREATE TABLE decision (
    id            INTEGER PRIMARY KEY,
    piece_id      INTEGER NOT NULL REFERENCES piece (id),
    change        TEXT NOT NULL CHECK (length(change) > 0),
    effect        TEXT NOT NULL,
    taken         INTEGER NOT NULL CHECK (taken IN (0, 1)),
    client_agreed INTEGER NOT NULL CHECK (client_agreed IN (0, 1)),
    reason        TEXT NOT NULL,
    decided_by    INTEGER NOT NULL REFERENCES person (id),
    decided_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX decision_piece ON decision (piece_id);

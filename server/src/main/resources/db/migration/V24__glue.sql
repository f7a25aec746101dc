-- What an adhesive takes, by the data sheet of what was mixed, is kept among the readings of a piece: a TIME in seconds.
CREATE TABLE reading_3 (
    id               INTEGER PRIMARY KEY,
    piece_id         INTEGER NOT NULL REFERENCES piece (id),
    operation        TEXT NOT NULL,
    dimension        TEXT NOT NULL,
    kind             TEXT NOT NULL CHECK (kind IN ('LENGTH', 'HARDNESS', 'TEMPERATURE', 'TIME')),
    amount           TEXT NOT NULL,
    typed            TEXT NOT NULL,
    taken_at_ms      INTEGER NOT NULL,
    taken_by         INTEGER NOT NULL REFERENCES person (id),
    struck_at_ms     INTEGER,
    accepted_reason  TEXT CHECK (length(accepted_reason) > 0),
    accepted_by      INTEGER REFERENCES person (id),
    accepted_at_ms   INTEGER,
    accepted_against TEXT
) STRICT;
INSERT INTO reading_3 SELECT id, piece_id, operation, dimension, kind, amount, typed, taken_at_ms, taken_by, struck_at_ms,
    accepted_reason, accepted_by, accepted_at_ms, accepted_against FROM reading;
DROP TABLE reading;
ALTER TABLE reading_3 RENAME TO reading;
CREATE UNIQUE INDEX reading_current ON reading (piece_id, dimension) WHERE struck_at_ms IS NULL;

-- The data sheet of an adhesive, as its form was answered.
CREATE TABLE adhesive_sheet (
    id            INTEGER PRIMARY KEY,
    entries       TEXT NOT NULL CHECK (json_valid(entries)),
    version       INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL,
    dropped_at_ms INTEGER
) STRICT;

-- A dry fit by the clock: from the first part to the last clamp, without adhesive. The newest of a piece counts.
CREATE TABLE dry_run (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    begun_by     INTEGER NOT NULL REFERENCES person (id),
    begun_at_ms  INTEGER NOT NULL,
    parts        INTEGER CHECK (parts > 0),
    ended_at_ms  INTEGER,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX dry_run_piece ON dry_run (piece_id);

-- What was weighed and mixed for a piece, by the data sheet as it was then.
CREATE TABLE glue_mix (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL CHECK (length(operation) > 0),
    sheet_id     INTEGER NOT NULL REFERENCES adhesive_sheet (id),
    sheet_then   TEXT NOT NULL CHECK (json_valid(sheet_then)),
    lot_words    TEXT NOT NULL,
    first_mg     INTEGER NOT NULL CHECK (first_mg > 0),
    second_mg    INTEGER NOT NULL CHECK (second_mg > 0),
    celsius      REAL NOT NULL,
    mixed_by     INTEGER NOT NULL REFERENCES person (id),
    mixed_at_ms  INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX glue_mix_piece ON glue_mix (piece_id);

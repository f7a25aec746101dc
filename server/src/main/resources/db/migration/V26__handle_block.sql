-- How the rings or layers of a handle's block run, read at its left face and at its front end; the newest counts.
CREATE TABLE grain_reading (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    side_degrees REAL NOT NULL,
    end_degrees  REAL NOT NULL,
    apart_nm     INTEGER NOT NULL CHECK (apart_nm > 0),
    read_by      INTEGER NOT NULL REFERENCES person (id),
    read_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX grain_reading_piece ON grain_reading (piece_id);

-- Voids and knots of a block: behind the front, above its middle line, right of the knife's plane; the others below nothing.
CREATE TABLE block_void (
    id            INTEGER PRIMARY KEY,
    piece_id      INTEGER NOT NULL REFERENCES piece (id),
    behind_nm     INTEGER NOT NULL CHECK (behind_nm >= 0),
    above_nm      INTEGER NOT NULL,
    right_nm      INTEGER NOT NULL,
    reach_nm      INTEGER NOT NULL CHECK (reach_nm > 0),
    marked_by     INTEGER NOT NULL REFERENCES person (id),
    marked_at_ms  INTEGER NOT NULL,
    struck_at_ms  INTEGER
) STRICT;
CREATE INDEX block_void_piece ON block_void (piece_id);

-- A scale as it was measured before it is glued: thickness at its front, what a feeler gauge goes under, its front's angle.
CREATE TABLE scale_reading (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    what         TEXT NOT NULL CHECK (what IN ('THICKNESS', 'GAP', 'FRONT')),
    side         TEXT NOT NULL CHECK (side IN ('LEFT', 'RIGHT')),
    amount       TEXT NOT NULL CHECK (length(amount) > 0),
    read_by      INTEGER NOT NULL REFERENCES person (id),
    read_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX scale_reading_piece ON scale_reading (piece_id);

-- Scales that can be changed: another pair for the same knife, by its number.
CREATE TABLE spare_pair (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    serial         TEXT NOT NULL CHECK (length(serial) > 0),
    spacing_nm     INTEGER NOT NULL CHECK (spacing_nm > 0),
    hole_nm        INTEGER NOT NULL CHECK (hole_nm > 0),
    measured_by    INTEGER NOT NULL REFERENCES person (id),
    measured_at_ms INTEGER NOT NULL,
    struck_at_ms   INTEGER
) STRICT;
CREATE INDEX spare_pair_piece ON spare_pair (piece_id);

-- What was seen to lie ready before a glue-up.
CREATE TABLE glue_ready (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    words        TEXT NOT NULL CHECK (length(words) > 0),
    seen_by      INTEGER NOT NULL REFERENCES person (id),
    seen_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX glue_ready_piece ON glue_ready (piece_id);

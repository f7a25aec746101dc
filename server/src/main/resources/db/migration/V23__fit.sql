-- A guard while it is driven on: how far it stands open left and right, after so many blows.
CREATE TABLE guard_level (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    blows        INTEGER NOT NULL CHECK (blows >= 0),
    left_nm      INTEGER NOT NULL CHECK (left_nm >= 0),
    right_nm     INTEGER NOT NULL CHECK (right_nm >= 0),
    read_by      INTEGER NOT NULL REFERENCES person (id),
    read_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX guard_level_piece ON guard_level (piece_id);

-- How the ricasso has printed into a guard; the last one counts.
CREATE TABLE guard_print (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    print        TEXT NOT NULL CHECK (print IN ('EVEN', 'LEFT_ONLY', 'RIGHT_ONLY', 'CORNER', 'NOTHING')),
    read_by      INTEGER NOT NULL REFERENCES person (id),
    read_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX guard_print_piece ON guard_print (piece_id);

-- How thick a part of a handle's stack is, as it was made and after its faces were rubbed flat; the last one of each counts.
CREATE TABLE stack_reading (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    part         TEXT NOT NULL CHECK (length(part) > 0),
    state        TEXT NOT NULL CHECK (state IN ('AS_MADE', 'FACED')),
    length_nm    INTEGER NOT NULL CHECK (length_nm > 0),
    read_by      INTEGER NOT NULL REFERENCES person (id),
    read_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX stack_reading_piece ON stack_reading (piece_id);

-- How a block's cavity is opened, and with which drills; the newest counts.
CREATE TABLE cavity_plan (
    id            INTEGER PRIMARY KEY,
    piece_id      INTEGER NOT NULL REFERENCES piece (id),
    method        TEXT NOT NULL CHECK (method IN ('ANGLED_HOLES', 'CHAIN', 'MILLED')),
    drill_nm      INTEGER NOT NULL CHECK (drill_nm > 0),
    long_drill_nm INTEGER NOT NULL CHECK (long_drill_nm > 0),
    planned_by    INTEGER NOT NULL REFERENCES person (id),
    planned_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX cavity_plan_piece ON cavity_plan (piece_id);

-- Where two alignment pins go through guard, spacers and handle, from the middle of the tang; the newest counts.
CREATE TABLE pin_plan (
    id              INTEGER PRIMARY KEY,
    piece_id        INTEGER NOT NULL REFERENCES piece (id),
    pin_nm          INTEGER NOT NULL CHECK (pin_nm > 0),
    first_across_nm INTEGER NOT NULL,
    first_along_nm  INTEGER NOT NULL,
    other_across_nm INTEGER NOT NULL,
    other_along_nm  INTEGER NOT NULL,
    planned_by      INTEGER NOT NULL REFERENCES person (id),
    planned_at_ms   INTEGER NOT NULL
) STRICT;
CREATE INDEX pin_plan_piece ON pin_plan (piece_id);

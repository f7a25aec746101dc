-- A steel that the shop describes itself, as core reads it; nothing that comes with the program overwrites it.
CREATE TABLE own_steel (
    id            INTEGER PRIMARY KEY,
    designation   TEXT NOT NULL CHECK (length(designation) > 0) COLLATE NOCASE,
    entries       TEXT NOT NULL CHECK (json_valid(entries)),
    version       INTEGER NOT NULL DEFAULT 1,
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL
) STRICT;
CREATE UNIQUE INDEX own_steel_designation ON own_steel (designation);

-- A kiln, as two times by the clock describe it, and as it stood when it was last seen (its own clock, °C).
CREATE TABLE kiln (
    id               INTEGER PRIMARY KEY,
    name             TEXT NOT NULL CHECK (length(name) > 0),
    watts            REAL NOT NULL CHECK (watts > 0),
    joules_per_k     REAL NOT NULL CHECK (joules_per_k > 0),
    watts_per_k      REAL NOT NULL CHECK (watts_per_k > 0),
    open_watts_per_k REAL NOT NULL CHECK (open_watts_per_k >= 0),
    lag_s            REAL NOT NULL CHECK (lag_s >= 0),
    most_c           REAL NOT NULL,
    door_s           INTEGER NOT NULL CHECK (door_s >= 0),
    width_nm         INTEGER NOT NULL CHECK (width_nm > 0),
    height_nm        INTEGER NOT NULL CHECK (height_nm > 0),
    depth_nm         INTEGER NOT NULL CHECK (depth_nm > 0),
    slots            INTEGER NOT NULL CHECK (slots > 0),
    seen             TEXT CHECK (json_valid(seen)),
    dropped_at_ms    INTEGER
) STRICT;

-- Pieces that share a fire. Times of a load are on its kiln's own clock.
CREATE TABLE fire_load (
    id            INTEGER PRIMARY KEY,
    kiln_id       INTEGER NOT NULL REFERENCES kiln (id),
    treatment     TEXT NOT NULL,
    standing      TEXT NOT NULL DEFAULT 'PLANNED' CHECK (standing IN ('PLANNED', 'LIT', 'IN', 'OVER', 'GIVEN_UP')),
    heat_c        REAL NOT NULL,
    soak_s        INTEGER NOT NULL CHECK (soak_s >= 0),
    part          INTEGER NOT NULL DEFAULT 0,
    ready         TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(ready)),
    door_by       INTEGER REFERENCES person (id),
    quench_by     INTEGER REFERENCES person (id),
    planned_by    INTEGER NOT NULL REFERENCES person (id),
    planned_at_ms INTEGER NOT NULL,
    lit_at_ms     INTEGER,
    in_at_ms      INTEGER,
    in_by         INTEGER REFERENCES person (id),
    recovered_at_ms INTEGER,
    over_at_ms    INTEGER,
    words         TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE UNIQUE INDEX fire_load_one_fire ON fire_load (kiln_id) WHERE standing IN ('LIT', 'IN');
CREATE INDEX fire_load_open ON fire_load (standing);

-- A piece in a load, and its record: when it left, how long it had really soaked, what the file said.
CREATE TABLE fire_piece (
    load_id    INTEGER NOT NULL REFERENCES fire_load (id),
    piece_id   INTEGER NOT NULL REFERENCES piece (id),
    slot       INTEGER NOT NULL CHECK (slot > 0),
    left_at_ms INTEGER,
    soaked_s   INTEGER CHECK (soaked_s >= 0),
    left_as    TEXT CHECK (left_as IN ('TREATED', 'NOT_TREATED')),
    file_test  TEXT CHECK (file_test IN ('SKATES', 'BITES')),
    PRIMARY KEY (load_id, piece_id),
    CHECK ((left_at_ms IS NULL) = (left_as IS NULL))
) STRICT;
CREATE INDEX fire_piece_piece ON fire_piece (piece_id);

-- No fire is over while a piece in it has no record.
CREATE TRIGGER fire_load_over BEFORE UPDATE OF standing ON fire_load
WHEN NEW.standing IN ('OVER', 'GIVEN_UP') AND OLD.standing = 'IN'
    AND EXISTS (SELECT 1 FROM fire_piece WHERE load_id = NEW.id AND left_at_ms IS NULL)
BEGIN
    SELECT RAISE(ABORT, 'a piece of this load has no record yet');
END;

-- What a kiln showed, packed by the hour; the last piece of it grows until it is full.
CREATE TABLE kiln_log (
    kiln_id INTEGER NOT NULL REFERENCES kiln (id),
    from_ms INTEGER NOT NULL,
    to_ms   INTEGER NOT NULL,
    points  INTEGER NOT NULL CHECK (points > 0),
    curve   BLOB NOT NULL,
    PRIMARY KEY (kiln_id, from_ms)
) STRICT;

-- What happened at a kiln: door, work in and out, faults.
CREATE TABLE kiln_event (
    id      INTEGER PRIMARY KEY,
    kiln_id INTEGER NOT NULL REFERENCES kiln (id),
    load_id INTEGER REFERENCES fire_load (id),
    at_ms   INTEGER NOT NULL,
    words   TEXT NOT NULL
) STRICT;
CREATE INDEX kiln_event_at ON kiln_event (kiln_id, at_ms);

-- What has to be answered, on every page until somebody does.
CREATE TABLE kiln_alarm (
    id             INTEGER PRIMARY KEY,
    kiln_id        INTEGER NOT NULL REFERENCES kiln (id),
    load_id        INTEGER REFERENCES fire_load (id),
    kind           TEXT NOT NULL,
    words          TEXT NOT NULL,
    to_do          TEXT NOT NULL CHECK (json_valid(to_do)),
    raised_at_ms   INTEGER NOT NULL,
    answered_by    INTEGER REFERENCES person (id),
    answered_at_ms INTEGER,
    answer         TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX kiln_alarm_open ON kiln_alarm (id) WHERE answered_at_ms IS NULL;

-- Readings of the hardness tester, in hundredths of HRC, with the count of heats that the blade had.
CREATE TABLE hardness_test (
    id          INTEGER PRIMARY KEY,
    piece_id    INTEGER NOT NULL REFERENCES piece (id),
    heats       INTEGER NOT NULL CHECK (heats > 0),
    readings    TEXT NOT NULL CHECK (json_valid(readings)),
    wanted      INTEGER NOT NULL,
    file_test   TEXT NOT NULL CHECK (file_test IN ('SKATES', 'BITES')),
    taken_by    INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX hardness_test_piece ON hardness_test (piece_id);

-- How far a blade is off straight, what was done about it, and what was left then.
CREATE TABLE warp (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    heats          INTEGER NOT NULL CHECK (heats > 0),
    place          TEXT NOT NULL,
    direction      TEXT NOT NULL,
    amount_nm      INTEGER NOT NULL CHECK (amount_nm >= 0),
    blade_nm       INTEGER NOT NULL CHECK (blade_nm > 0),
    taken_by       INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms    INTEGER NOT NULL,
    remedy         TEXT,
    left_nm        INTEGER CHECK (left_nm >= 0),
    remedied_by    INTEGER REFERENCES person (id),
    remedied_at_ms INTEGER
) STRICT;
CREATE INDEX warp_piece ON warp (piece_id);

-- Pieces at an outside treater, with the sheet that went along.
CREATE TABLE consignment (
    id            INTEGER PRIMARY KEY,
    treater       TEXT NOT NULL CHECK (length(treater) > 0),
    straightness  TEXT NOT NULL,
    cold          INTEGER NOT NULL CHECK (cold IN (0, 1)),
    words         TEXT NOT NULL,
    out_on        TEXT NOT NULL,
    back_on       TEXT NOT NULL,
    sent_by       INTEGER NOT NULL REFERENCES person (id),
    sent_at_ms    INTEGER NOT NULL,
    returned_on   TEXT,
    returned_by   INTEGER REFERENCES person (id)
) STRICT;

-- A piece of a consignment, as the sheet describes it, and as it came back.
CREATE TABLE consignment_piece (
    consignment_id INTEGER NOT NULL REFERENCES consignment (id),
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    mark           TEXT NOT NULL,
    steel          TEXT NOT NULL,
    condition      TEXT NOT NULL,
    edge_nm        INTEGER NOT NULL CHECK (edge_nm >= 0),
    hardness       INTEGER NOT NULL,
    back_as        TEXT CHECK (back_as IN ('RIGHT', 'DIFFERENT', 'MISSING')),
    back_words     TEXT NOT NULL DEFAULT '',
    PRIMARY KEY (consignment_id, piece_id)
) STRICT;
CREATE INDEX consignment_piece_piece ON consignment_piece (piece_id);

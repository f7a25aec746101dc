-- What was measured of a blade while it was ground: at which stage, where along it, on which side. A later one of the same
-- place counts; nothing is written over.
CREATE TABLE ground_reading (
    id          INTEGER PRIMARY KEY,
    piece_id    INTEGER NOT NULL REFERENCES piece (id),
    stage       TEXT NOT NULL CHECK (length(stage) > 0),
    place       TEXT NOT NULL CHECK (place IN ('HEEL', 'MIDDLE', 'POINT')),
    what        TEXT NOT NULL CHECK (what IN ('EDGE', 'SPINE', 'LEFT', 'RIGHT', 'PLUNGE_LEFT', 'PLUNGE_RIGHT')),
    length_nm   INTEGER NOT NULL CHECK (length_nm >= 0),
    taken_by    INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX ground_reading_piece ON ground_reading (piece_id);

-- Which belt, paper or stone was really used, whether it was the planned one or not.
CREATE TABLE abrasive_use (
    id          INTEGER PRIMARY KEY,
    piece_id    INTEGER NOT NULL REFERENCES piece (id),
    grit        TEXT NOT NULL CHECK (length(grit) > 0),
    tool        TEXT NOT NULL CHECK (tool IN ('BELT', 'PAPER', 'STONE', 'WHEEL')),
    lot_words   TEXT NOT NULL,
    is_new      INTEGER NOT NULL CHECK (is_new IN (0, 1)),
    noted_by    INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX abrasive_use_piece ON abrasive_use (piece_id);

-- What the shop itself leaves behind an edge for a use, in place of what is usual.
CREATE TABLE edge_habit (
    use           TEXT PRIMARY KEY,
    least_nm      INTEGER CHECK (least_nm >= 0),
    most_nm       INTEGER CHECK (most_nm >= least_nm),
    least_degrees INTEGER NOT NULL CHECK (least_degrees BETWEEN 5 AND 45),
    most_degrees  INTEGER NOT NULL CHECK (most_degrees BETWEEN least_degrees AND 45),
    set_by        INTEGER NOT NULL REFERENCES person (id),
    set_at_ms     INTEGER NOT NULL,
    CHECK ((least_nm IS NULL) = (most_nm IS NULL))
) STRICT;

-- How long the last blades were at the grinder is looked up among all steps there ever were.
CREATE INDEX step_ground ON step (operation, done_at_ms) WHERE operation IN ('rough-bevels', 'finish-grind');

-- What was measured of a hole after it was drilled: its place from the datum, and its size. A later one counts.
CREATE TABLE hole_reading (
    id          INTEGER PRIMARY KEY,
    piece_id    INTEGER NOT NULL REFERENCES piece (id),
    part        TEXT NOT NULL CHECK (length(part) > 0),
    hole        INTEGER NOT NULL CHECK (hole > 0),
    x_nm        INTEGER NOT NULL,
    y_nm        INTEGER NOT NULL,
    size_nm     INTEGER CHECK (size_nm > 0),
    taken_by    INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX hole_reading_piece ON hole_reading (piece_id);

-- How far a cutter of the rack has cut, and in what; a length of nothing says that a fresh one was put in.
CREATE TABLE cutter_use (
    id          INTEGER PRIMARY KEY,
    lot_id      INTEGER NOT NULL REFERENCES lot (id),
    material    TEXT NOT NULL CHECK (material IN ('HIGH_SPEED_STEEL', 'CARBIDE')),
    workpiece   TEXT NOT NULL CHECK (length(workpiece) > 0),
    length_nm   INTEGER NOT NULL CHECK (length_nm >= 0),
    noted_by    INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX cutter_use_lot ON cutter_use (lot_id);

-- What an edge was tried on, and what came of it.
CREATE TABLE edge_trial (
    id          INTEGER PRIMARY KEY,
    piece_id    INTEGER NOT NULL REFERENCES piece (id),
    tried_on    TEXT NOT NULL CHECK (length(tried_on) > 0),
    result      TEXT NOT NULL CHECK (result IN ('CUTS', 'SLIPS', 'TURNED', 'CHIPPED')),
    tried_by    INTEGER NOT NULL REFERENCES person (id),
    tried_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX edge_trial_piece ON edge_trial (piece_id);

-- What is left of one piece at one station can be put on somebody: a sheath is made by another maker than its knife.
CREATE TABLE put_on_2 (
    id           INTEGER PRIMARY KEY,
    job_id       INTEGER REFERENCES job (id),
    piece_id     INTEGER REFERENCES piece (id),
    operation    TEXT,
    station      TEXT,
    person_id    INTEGER NOT NULL REFERENCES person (id),
    word         TEXT NOT NULL CHECK (length(word) <= 500),
    put_by       INTEGER NOT NULL REFERENCES person (id),
    put_at_ms    INTEGER NOT NULL,
    seen_at_ms   INTEGER,
    off_at_ms    INTEGER,
    CHECK ((job_id IS NOT NULL) + (piece_id IS NOT NULL) + (station IS NOT NULL AND piece_id IS NULL) = 1),
    CHECK (operation IS NULL OR (piece_id IS NOT NULL AND station IS NULL))
) STRICT;
INSERT INTO put_on_2 SELECT id, job_id, piece_id, operation, station, person_id, word, put_by, put_at_ms, seen_at_ms, off_at_ms
FROM put_on;
DROP TABLE put_on;
ALTER TABLE put_on_2 RENAME TO put_on;
CREATE UNIQUE INDEX put_on_once ON put_on (ifnull(job_id, 0), ifnull(piece_id, 0), ifnull(operation, ''), ifnull(station, ''))
WHERE off_at_ms IS NULL;

-- Steps of a sheath that stand on the routes by themselves now. Where the work after them is done, they were done with it.
INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, done_at_ms, done_by)
WITH taught (operation, done_with) AS (VALUES ('prime-sheath', 'cement-sheath'), ('fit-sheath', 'last-check'))
SELECT step.piece_id, taught.operation, 'DONE', step.started_at_ms, step.started_by, step.done_at_ms, step.done_by
FROM taught JOIN step ON step.operation = taught.done_with AND step.standing = 'DONE' JOIN piece ON piece.id = step.piece_id
WHERE json_extract(piece.specification, '$.sheath') = 'LEATHER';

-- How a knife went into its sheath before it was closed; the newest counts.
CREATE TABLE sheath_trial (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    fit          TEXT NOT NULL CHECK (fit IN ('HOLDS', 'TIGHT', 'LOOSE')),
    words        TEXT NOT NULL CHECK (length(words) <= 500),
    tried_by     INTEGER NOT NULL REFERENCES person (id),
    tried_at_ms  INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX sheath_trial_piece ON sheath_trial (piece_id);

-- A side of leather as it lies on the bench: the rectangle of it that can be used; the newest of a lot counts.
CREATE TABLE leather_side (
    id             INTEGER PRIMARY KEY,
    lot_id         INTEGER NOT NULL REFERENCES lot (id),
    length_nm      INTEGER NOT NULL CHECK (length_nm > 0),
    width_nm       INTEGER NOT NULL CHECK (width_nm > 0),
    measured_by    INTEGER NOT NULL REFERENCES person (id),
    measured_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX leather_side_lot ON leather_side (lot_id);

-- What is cut around on a side: from its left end, from its lower edge, as far as it reaches.
CREATE TABLE leather_flaw (
    id           INTEGER PRIMARY KEY,
    lot_id       INTEGER NOT NULL REFERENCES lot (id),
    kind         TEXT NOT NULL CHECK (kind IN ('HOLE', 'BRAND', 'SCAR', 'LOOSE')),
    along_nm     INTEGER NOT NULL CHECK (along_nm >= 0),
    up_nm        INTEGER NOT NULL CHECK (up_nm >= 0),
    radius_nm    INTEGER NOT NULL CHECK (radius_nm > 0),
    marked_by    INTEGER NOT NULL REFERENCES person (id),
    marked_at_ms INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX leather_flaw_lot ON leather_flaw (lot_id);

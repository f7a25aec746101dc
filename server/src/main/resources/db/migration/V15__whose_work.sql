-- Work that somebody has been asked to do: a step of a piece, a piece, a job, or whatever comes to a station. What was
-- put on somebody else since is taken off, and stays.
CREATE TABLE put_on (
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
    CHECK ((job_id IS NOT NULL) + (piece_id IS NOT NULL) + (station IS NOT NULL) = 1),
    CHECK (operation IS NULL OR piece_id IS NOT NULL)
) STRICT;
CREATE UNIQUE INDEX put_on_once ON put_on (ifnull(job_id, 0), ifnull(piece_id, 0), ifnull(operation, ''), ifnull(station, ''))
WHERE off_at_ms IS NULL;

-- What somebody can do. Who stands here with no station can work at all of them.
CREATE TABLE ability (
    id        INTEGER PRIMARY KEY,
    person_id INTEGER NOT NULL REFERENCES person (id),
    station   TEXT NOT NULL CHECK (length(station) > 0),
    level     TEXT NOT NULL CHECK (level IN ('CAN', 'LEARNS')),
    UNIQUE (person_id, station)
) STRICT;

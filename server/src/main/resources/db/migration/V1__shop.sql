-- Times are UTC epoch milliseconds; days are ISO dates. Nothing is deleted: it is struck out.
CREATE TABLE shop (
    id               INTEGER PRIMARY KEY CHECK (id = 1),
    name             TEXT NOT NULL CHECK (length(name) > 0),
    length_unit      TEXT NOT NULL CHECK (length_unit IN ('INCH', 'MILLIMETRE')),
    temperature_unit TEXT NOT NULL CHECK (temperature_unit IN ('FAHRENHEIT', 'CELSIUS')),
    is_demo          INTEGER NOT NULL CHECK (is_demo IN (0, 1)),
    opened_at_ms     INTEGER NOT NULL
) STRICT;

CREATE TABLE person (
    id               INTEGER PRIMARY KEY,
    name             TEXT NOT NULL CHECK (length(name) > 0),
    sign_in_name     TEXT NOT NULL UNIQUE COLLATE NOCASE,
    role             TEXT NOT NULL CHECK (role IN ('OWNER', 'MAKER')),
    password_hash    TEXT NOT NULL,
    length_unit      TEXT NOT NULL CHECK (length_unit IN ('INCH', 'MILLIMETRE')),
    temperature_unit TEXT NOT NULL CHECK (temperature_unit IN ('FAHRENHEIT', 'CELSIUS'))
) STRICT;

CREATE TABLE client (
    id      INTEGER PRIMARY KEY,
    name    TEXT NOT NULL CHECK (length(name) > 0),
    contact TEXT NOT NULL
) STRICT;

CREATE TABLE job (
    id            INTEGER PRIMARY KEY,
    number        TEXT NOT NULL UNIQUE,
    client_id     INTEGER NOT NULL REFERENCES client (id),
    title         TEXT NOT NULL CHECK (length(title) > 0),
    use_words     TEXT NOT NULL,
    promised_on   TEXT NOT NULL CHECK (promised_on GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
    created_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE wish (
    id       INTEGER PRIMARY KEY,
    job_id   INTEGER NOT NULL REFERENCES job (id),
    position INTEGER NOT NULL,
    words    TEXT NOT NULL,
    strength TEXT NOT NULL CHECK (strength IN ('MUST', 'MAY', 'MAKERS_CHOICE')),
    asked    TEXT NOT NULL,
    agreed   TEXT NOT NULL
) STRICT;
CREATE INDEX wish_job ON wish (job_id);

CREATE TABLE piece (
    id            INTEGER PRIMARY KEY,
    job_id        INTEGER NOT NULL REFERENCES job (id),
    position      INTEGER NOT NULL CHECK (position >= 1),
    pieces        INTEGER NOT NULL CHECK (pieces >= position),
    specification TEXT NOT NULL CHECK (json_valid(specification)),
    standing      TEXT NOT NULL CHECK (standing IN ('ALIVE', 'HANDED_OVER', 'SCRAPPED')),
    held_reason   TEXT,
    held_by       INTEGER REFERENCES person (id),
    held_at_ms    INTEGER,
    -- The journal's sequence of the latest change of this piece.
    version       INTEGER NOT NULL DEFAULT 0,
    UNIQUE (job_id, position)
) STRICT;
CREATE INDEX piece_alive ON piece (job_id) WHERE standing = 'ALIVE';

-- A row stands here from the moment a step is started; what waits is computed.
CREATE TABLE step (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    operation      TEXT NOT NULL,
    standing       TEXT NOT NULL CHECK (standing IN ('OPEN', 'RUNNING', 'RESTING', 'DONE')),
    started_at_ms  INTEGER,
    started_by     INTEGER REFERENCES person (id),
    rest_until_ms  INTEGER,
    rest_announced INTEGER NOT NULL DEFAULT 0 CHECK (rest_announced IN (0, 1)),
    done_at_ms     INTEGER,
    done_by        INTEGER REFERENCES person (id),
    UNIQUE (piece_id, operation)
) STRICT;
CREATE INDEX step_resting ON step (rest_until_ms) WHERE standing = 'RESTING' AND rest_announced = 0;

CREATE TABLE reading (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    dimension    TEXT NOT NULL,
    kind         TEXT NOT NULL CHECK (kind IN ('LENGTH', 'HARDNESS')),
    amount       TEXT NOT NULL,
    typed        TEXT NOT NULL,
    taken_at_ms  INTEGER NOT NULL,
    taken_by     INTEGER NOT NULL REFERENCES person (id),
    struck_at_ms INTEGER
) STRICT;
CREATE UNIQUE INDEX reading_current ON reading (piece_id, dimension) WHERE struck_at_ms IS NULL;

-- What a part was made to: kinds and amounts as in reading.
CREATE TABLE made_to (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    dimension    TEXT NOT NULL,
    kind         TEXT NOT NULL CHECK (kind IN ('LENGTH', 'HARDNESS')),
    amount       TEXT NOT NULL,
    made_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE UNIQUE INDEX made_to_current ON made_to (piece_id, dimension) WHERE struck_at_ms IS NULL;

CREATE TABLE gate_override (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    rule         TEXT NOT NULL,
    reason       TEXT NOT NULL CHECK (length(reason) > 0),
    given_by     INTEGER NOT NULL REFERENCES person (id),
    given_at_ms  INTEGER NOT NULL
) STRICT;
CREATE INDEX gate_override_piece ON gate_override (piece_id);

CREATE TABLE note (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    words        TEXT NOT NULL CHECK (length(words) > 0),
    written_by   INTEGER NOT NULL REFERENCES person (id),
    written_at_ms INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX note_piece ON note (piece_id);

CREATE TABLE photo (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    operation    TEXT NOT NULL,
    file_name    TEXT NOT NULL,
    media_type   TEXT NOT NULL,
    taken_by     INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms  INTEGER NOT NULL,
    original     BLOB NOT NULL,
    thumbnail    BLOB NOT NULL
) STRICT;
CREATE INDEX photo_piece ON photo (piece_id);

CREATE TABLE mishap (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    operation      TEXT NOT NULL,
    kind           TEXT NOT NULL,
    words          TEXT NOT NULL,
    way_back       TEXT NOT NULL CHECK (way_back IN ('REDO', 'HOLD', 'SCRAP')),
    redone_from    TEXT,
    reported_by    INTEGER NOT NULL REFERENCES person (id),
    reported_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX mishap_piece ON mishap (piece_id);

CREATE TABLE journal (
    sequence  INTEGER PRIMARY KEY AUTOINCREMENT,
    at_ms     INTEGER NOT NULL,
    person_id INTEGER REFERENCES person (id),
    origin    TEXT NOT NULL,
    kind      TEXT NOT NULL,
    job_id    INTEGER REFERENCES job (id),
    piece_id  INTEGER REFERENCES piece (id),
    words     TEXT NOT NULL
) STRICT;
CREATE INDEX journal_piece ON journal (piece_id);
CREATE INDEX journal_job ON journal (job_id);
CREATE TRIGGER journal_is_not_changed BEFORE UPDATE ON journal BEGIN SELECT raise(ABORT, 'the journal is append-only'); END;
CREATE TRIGGER journal_is_not_deleted BEFORE DELETE ON journal BEGIN SELECT raise(ABORT, 'the journal is append-only'); END;

-- Commands that were carried out, so that one sent again changes nothing twice.
CREATE TABLE command (
    id        TEXT PRIMARY KEY,
    person_id INTEGER,
    sequence  INTEGER NOT NULL REFERENCES journal (sequence),
    about     INTEGER NOT NULL
) STRICT;

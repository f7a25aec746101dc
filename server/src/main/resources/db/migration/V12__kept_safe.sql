-- The second place for backups, on another disk or machine. The newest row that is not given up counts.
CREATE TABLE backup_folder (
    id             INTEGER PRIMARY KEY,
    path           TEXT NOT NULL CHECK (length(path) > 0),
    chosen_by      INTEGER NOT NULL REFERENCES person (id),
    chosen_at_ms   INTEGER NOT NULL,
    given_up_at_ms INTEGER
) STRICT;

-- Whoever leaves stays in the shop's history by name; nobody signs in as them any more.
ALTER TABLE person ADD COLUMN gone_at_ms INTEGER;
-- A short number for changing hands at a shared tablet; taken away after some wrong tries.
ALTER TABLE person ADD COLUMN pin_hash TEXT;
ALTER TABLE person ADD COLUMN pin_wrong INTEGER NOT NULL DEFAULT 0;

-- A browser that somebody has signed in with. A token is known by its SHA-256 only.
CREATE TABLE device (
    id         INTEGER PRIMARY KEY,
    token_hash TEXT NOT NULL UNIQUE,
    is_shared  INTEGER NOT NULL DEFAULT 0 CHECK (is_shared IN (0, 1)),
    begun_at_ms INTEGER NOT NULL
) STRICT;

CREATE TABLE device_person (
    device_id INTEGER NOT NULL REFERENCES device (id),
    person_id INTEGER NOT NULL REFERENCES person (id),
    PRIMARY KEY (device_id, person_id)
) STRICT;

CREATE TABLE session (
    id          INTEGER PRIMARY KEY,
    token_hash  TEXT NOT NULL UNIQUE,
    person_id   INTEGER NOT NULL REFERENCES person (id),
    device_id   INTEGER NOT NULL REFERENCES device (id),
    way         TEXT NOT NULL CHECK (way IN ('PASSWORD', 'PIN', 'DEMO')),
    begun_at_ms INTEGER NOT NULL,
    seen_at_ms  INTEGER NOT NULL
) STRICT;
CREATE INDEX session_person ON session (person_id);

-- What makers may not do, of what the owner decides.
CREATE TABLE maker_may_not (
    matter     TEXT PRIMARY KEY,
    decided_by INTEGER NOT NULL REFERENCES person (id),
    decided_at_ms INTEGER NOT NULL
) STRICT;

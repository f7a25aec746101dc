-- A billet on paper and in the fire. Steps are works and answers as core reads them; lengths in nanometres.
CREATE TABLE billet (
    id                 INTEGER PRIMARY KEY,
    name               TEXT NOT NULL CHECK (length(name) > 0),
    steps              TEXT NOT NULL CHECK (json_valid(steps)),
    blades             INTEGER NOT NULL CHECK (blades > 0),
    blank_thickness_nm INTEGER NOT NULL CHECK (blank_thickness_nm > 0),
    blank_width_nm     INTEGER NOT NULL CHECK (blank_width_nm > 0),
    blank_length_nm    INTEGER NOT NULL CHECK (blank_length_nm > 0),
    piece_id           INTEGER REFERENCES piece (id),
    paid_cents         INTEGER CHECK (paid_cents >= 0),
    version            INTEGER NOT NULL DEFAULT 1,
    changed_by         INTEGER NOT NULL REFERENCES person (id),
    begun_at_ms        INTEGER NOT NULL,
    bars_taken_at_ms   INTEGER,
    lot_id             INTEGER REFERENCES lot (id),
    dropped_at_ms      INTEGER
) STRICT;

-- A step that is done, with what was measured after it; struck out when it is taken back.
CREATE TABLE billet_step (
    id           INTEGER PRIMARY KEY,
    billet_id    INTEGER NOT NULL REFERENCES billet (id),
    step         INTEGER NOT NULL CHECK (step >= 0),
    thickness_nm INTEGER CHECK (thickness_nm > 0),
    width_nm     INTEGER CHECK (width_nm > 0),
    length_nm    INTEGER CHECK (length_nm > 0),
    done_by      INTEGER NOT NULL REFERENCES person (id),
    done_at_ms   INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE UNIQUE INDEX billet_step_open ON billet_step (billet_id, step) WHERE struck_at_ms IS NULL;

-- A flaw that was found, and who let it go on or not.
CREATE TABLE billet_flaw (
    id            INTEGER PRIMARY KEY,
    billet_id     INTEGER NOT NULL REFERENCES billet (id),
    depth_nm      INTEGER NOT NULL CHECK (depth_nm > 0),
    thickness_nm  INTEGER NOT NULL CHECK (thickness_nm > depth_nm),
    wanted_nm     INTEGER NOT NULL CHECK (wanted_nm > 0),
    goes_on       INTEGER NOT NULL CHECK (goes_on IN (0, 1)),
    words         TEXT NOT NULL,
    decided_by    INTEGER NOT NULL REFERENCES person (id),
    decided_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX billet_flaw_billet ON billet_flaw (billet_id);

-- Presses, hammers and fires, the shop's own and those of others. Force in hundredths of a ton of 2 000 lb.
CREATE TABLE forge_machine (
    id            INTEGER PRIMARY KEY,
    name          TEXT NOT NULL CHECK (length(name) > 0),
    kind          TEXT NOT NULL CHECK (kind IN ('PRESS', 'HAMMER', 'FIRE')),
    force         INTEGER CHECK (force > 0),
    die_nm        INTEGER CHECK (die_nm > 0),
    longest_nm    INTEGER NOT NULL CHECK (longest_nm > 0),
    thickest_nm   INTEGER NOT NULL CHECK (thickest_nm > 0),
    owner         TEXT NOT NULL DEFAULT '',
    dropped_at_ms INTEGER
) STRICT;

-- A day at a borrowed machine.
CREATE TABLE forge_trip (
    id            INTEGER PRIMARY KEY,
    machine_id    INTEGER NOT NULL REFERENCES forge_machine (id),
    billet_id     INTEGER NOT NULL REFERENCES billet (id),
    on_day        TEXT NOT NULL,
    carry         TEXT NOT NULL CHECK (json_valid(carry)),
    packed        TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(packed)),
    planned_by    INTEGER NOT NULL REFERENCES person (id),
    over_at_ms    INTEGER
) STRICT;

-- A bath of the tank, as its form was answered.
CREATE TABLE bath (
    id            INTEGER PRIMARY KEY,
    entries       TEXT NOT NULL CHECK (json_valid(entries)),
    version       INTEGER NOT NULL DEFAULT 1 CHECK (version > 0),
    begun_at_ms   INTEGER NOT NULL,
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL,
    gone_to       TEXT CHECK (length(gone_to) > 0),
    gone_by       INTEGER REFERENCES person (id),
    gone_at_ms    INTEGER
) STRICT;

-- What was done to a bath; from a fresh mixture on, what it had eaten before no longer counts.
CREATE TABLE bath_care (
    id          INTEGER PRIMARY KEY,
    bath_id     INTEGER NOT NULL REFERENCES bath (id),
    care        TEXT NOT NULL CHECK (care IN ('MIXED_ANEW', 'TOPPED_UP', 'IRON_RESTED', 'STRAINED')),
    words       TEXT NOT NULL,
    noted_by    INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX bath_care_bath ON bath_care (bath_id);

-- A coupon that was etched to see what a bath does today: how long it took, and how long it would have taken fresh.
CREATE TABLE bath_coupon (
    id            INTEGER PRIMARY KEY,
    bath_id       INTEGER NOT NULL REFERENCES bath (id),
    steel         TEXT NOT NULL CHECK (length(steel) > 0),
    fresh_seconds INTEGER NOT NULL CHECK (fresh_seconds > 0),
    took_seconds  INTEGER NOT NULL CHECK (took_seconds > 0),
    is_right      INTEGER NOT NULL CHECK (is_right IN (0, 1)),
    words         TEXT NOT NULL,
    tried_by      INTEGER NOT NULL REFERENCES person (id),
    tried_at_ms   INTEGER NOT NULL,
    struck_at_ms  INTEGER
) STRICT;
CREATE INDEX bath_coupon_bath ON bath_coupon (bath_id);

-- A recipe of the shop's own; each change of it is a version that stays.
CREATE TABLE etch_recipe (
    id            INTEGER PRIMARY KEY,
    copied_from   TEXT NOT NULL,
    dropped_at_ms INTEGER
) STRICT;

CREATE TABLE etch_recipe_version (
    id            INTEGER PRIMARY KEY,
    recipe_id     INTEGER NOT NULL REFERENCES etch_recipe (id),
    version       INTEGER NOT NULL CHECK (version > 0),
    body          TEXT NOT NULL CHECK (json_valid(body)),
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL,
    UNIQUE (recipe_id, version)
) STRICT;

-- A blade in a bath, with the recipe as it was then.
CREATE TABLE tank_run (
    id           INTEGER PRIMARY KEY,
    piece_id     INTEGER NOT NULL REFERENCES piece (id),
    bath_id      INTEGER NOT NULL REFERENCES bath (id),
    recipe       TEXT NOT NULL CHECK (json_valid(recipe)),
    recipe_from  TEXT NOT NULL CHECK (length(recipe_from) > 0),
    factor_least REAL NOT NULL CHECK (factor_least > 0),
    factor       REAL NOT NULL CHECK (factor >= factor_least),
    factor_most  REAL NOT NULL CHECK (factor_most >= factor),
    factor_words TEXT NOT NULL,
    is_guess     INTEGER NOT NULL CHECK (is_guess IN (0, 1)),
    area_mm2     REAL NOT NULL CHECK (area_mm2 > 0),
    no_coupon    TEXT NOT NULL,
    begun_by     INTEGER NOT NULL REFERENCES person (id),
    begun_at_ms  INTEGER NOT NULL,
    rating       TEXT CHECK (rating IN ('GOOD', 'PALER', 'DARKER', 'NOT_AGAIN')),
    rating_words TEXT NOT NULL DEFAULT '',
    depth_nm     INTEGER CHECK (depth_nm >= 0),
    rated_by     INTEGER REFERENCES person (id),
    rated_at_ms  INTEGER,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX tank_run_piece ON tank_run (piece_id);
CREATE INDEX tank_run_bath ON tank_run (bath_id);

-- When a blade went in and out, and what a cycle did. Its clock is reckoned from these alone.
CREATE TABLE tank_moment (
    id           INTEGER PRIMARY KEY,
    run_id       INTEGER NOT NULL REFERENCES tank_run (id),
    moment       TEXT NOT NULL CHECK (moment IN ('IN', 'LOOKED', 'OUT', 'CYCLE_OVER', 'INTO_AFTER_BATH', 'OUT_OF_AFTER_BATH')),
    result       TEXT CHECK (result IN ('EVEN', 'GOOD_DEPTH', 'TOO_PALE', 'PATCHY', 'LINES', 'SPOTS')),
    noted_by     INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms  INTEGER NOT NULL,
    struck_at_ms INTEGER
) STRICT;
CREATE INDEX tank_moment_run ON tank_moment (run_id);

-- The zones of a mask on a blade, in the order in which they are opened; the newest of a piece counts.
CREATE TABLE mask (
    id        INTEGER PRIMARY KEY,
    piece_id  INTEGER NOT NULL REFERENCES piece (id),
    zones     TEXT NOT NULL CHECK (json_valid(zones)),
    set_by    INTEGER NOT NULL REFERENCES person (id),
    set_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX mask_piece ON mask (piece_id);

-- A stencil for a mark: asked of who cuts it, with what is to be cut; then here, until it is worn.
CREATE TABLE stencil (
    id          INTEGER PRIMARY KEY,
    name        TEXT NOT NULL CHECK (length(name) > 0),
    words       TEXT NOT NULL,
    marks       INTEGER NOT NULL CHECK (marks > 0),
    asked_of    TEXT NOT NULL,
    wanted_on   TEXT,
    asked_by    INTEGER NOT NULL REFERENCES person (id),
    asked_at_ms INTEGER NOT NULL,
    here_at_ms  INTEGER,
    gone_at_ms  INTEGER
) STRICT;

-- What a stencil is cut from; the newest counts.
CREATE TABLE stencil_file (
    id          INTEGER PRIMARY KEY,
    stencil_id  INTEGER NOT NULL REFERENCES stencil (id),
    file_name   TEXT NOT NULL CHECK (length(file_name) > 0),
    media_type  TEXT NOT NULL,
    original    BLOB NOT NULL,
    kept_by     INTEGER NOT NULL REFERENCES person (id),
    kept_at_ms  INTEGER NOT NULL
) STRICT;
CREATE INDEX stencil_file_stencil ON stencil_file (stencil_id);

-- A mark made by current, with what it was made by and how it came out.
CREATE TABLE mark_run (
    id            INTEGER PRIMARY KEY,
    piece_id      INTEGER NOT NULL REFERENCES piece (id),
    stencil_id    INTEGER REFERENCES stencil (id),
    place         TEXT NOT NULL CHECK (length(place) > 0),
    electrolyte   TEXT NOT NULL CHECK (electrolyte IN ('MEANT_FOR_IT', 'SALT_WATER')),
    current       TEXT NOT NULL CHECK (current IN ('DIRECT', 'ALTERNATING', 'BOTH')),
    volts         REAL NOT NULL CHECK (volts > 0),
    amperes       REAL NOT NULL CHECK (amperes > 0),
    area_mm2      REAL NOT NULL CHECK (area_mm2 > 0),
    efficiency_percent REAL NOT NULL CHECK (efficiency_percent > 0),
    goal_seconds  INTEGER NOT NULL CHECK (goal_seconds > 0),
    begun_by      INTEGER NOT NULL REFERENCES person (id),
    begun_at_ms   INTEGER NOT NULL,
    result        TEXT CHECK (result IN ('SHARP', 'PALE', 'BLURRED', 'LIFTED', 'BURNT')),
    result_words  TEXT NOT NULL DEFAULT '',
    ended_at_ms   INTEGER,
    struck_at_ms  INTEGER
) STRICT;
CREATE INDEX mark_run_piece ON mark_run (piece_id);
CREATE INDEX mark_run_stencil ON mark_run (stencil_id);

CREATE TABLE mark_moment (
    id          INTEGER PRIMARY KEY,
    run_id      INTEGER NOT NULL REFERENCES mark_run (id),
    moment      TEXT NOT NULL CHECK (moment IN ('ON', 'OFF', 'COOLED')),
    noted_by    INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX mark_moment_run ON mark_moment (run_id);

-- Ferric chloride that the shop makes itself: what went in, and each portion of peroxide.
CREATE TABLE ferric_making (
    id              INTEGER PRIMARY KEY,
    entries         TEXT NOT NULL CHECK (json_valid(entries)),
    portions        INTEGER NOT NULL CHECK (portions > 0),
    begun_by        INTEGER NOT NULL REFERENCES person (id),
    begun_at_ms     INTEGER NOT NULL,
    no_bubbles_by   INTEGER REFERENCES person (id),
    no_bubbles_at_ms INTEGER,
    ended_at_ms     INTEGER
) STRICT;

CREATE TABLE ferric_portion (
    id            INTEGER PRIMARY KEY,
    making_id     INTEGER NOT NULL REFERENCES ferric_making (id),
    millidegrees  INTEGER NOT NULL,
    noted_by      INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms   INTEGER NOT NULL
) STRICT;
CREATE INDEX ferric_portion_making ON ferric_portion (making_id);

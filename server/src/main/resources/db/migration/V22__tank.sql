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
    noted_at_ms INTEGER NOT NULL
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
    recipe_id     INTEGER NOT NULL REFERENCES etch_recipe (id),
    version       INTEGER NOT NULL CHECK (version > 0),
    body          TEXT NOT NULL CHECK (json_valid(body)),
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL,
    PRIMARY KEY (recipe_id, version)
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

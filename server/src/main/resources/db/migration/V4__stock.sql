-- What the shop buys. Details are answers by field, as core reads them; lengths in nanometres. Amounts are whole, in the smallest unit of the kind.
CREATE TABLE stock_item (
    id        INTEGER PRIMARY KEY,
    kind      TEXT NOT NULL,
    details   TEXT NOT NULL CHECK (json_valid(details)),
    supplier  TEXT NOT NULL DEFAULT '',
    lead_days INTEGER CHECK (lead_days >= 0),
    low_at    INTEGER CHECK (low_at >= 0),
    UNIQUE (kind, details)
) STRICT;

-- What lies there: one bar, or a number of things that came together.
CREATE TABLE lot (
    id      INTEGER PRIMARY KEY,
    item_id INTEGER NOT NULL REFERENCES stock_item (id),
    details TEXT NOT NULL CHECK (json_valid(details)),
    amount  INTEGER NOT NULL CHECK (amount >= 0)
) STRICT;
CREATE INDEX lot_item ON lot (item_id);

-- What is kept back for a piece, and for which of its needs.
CREATE TABLE promise (
    id             INTEGER PRIMARY KEY,
    lot_id         INTEGER NOT NULL REFERENCES lot (id),
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    need           TEXT NOT NULL,
    amount         INTEGER NOT NULL CHECK (amount >= 0),
    promised_by    INTEGER NOT NULL REFERENCES person (id),
    promised_at_ms INTEGER NOT NULL,
    released_at_ms INTEGER,
    taken_at_ms    INTEGER,
    -- The step that took it; empty while nothing did, and where the saw took it from a planned bar.
    taken_by_step  TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX promise_lot ON promise (lot_id) WHERE released_at_ms IS NULL AND taken_at_ms IS NULL;
CREATE UNIQUE INDEX promise_of_need ON promise (piece_id, need) WHERE released_at_ms IS NULL;

-- What is kept back: a piece that is scrapped or handed over keeps nothing back any more.
CREATE VIEW open_promise AS
    SELECT promise.* FROM promise JOIN piece ON piece.id = piece_id WHERE released_at_ms IS NULL AND taken_at_ms IS NULL AND piece.standing = 'ALIVE';

-- Nothing is promised twice, whatever the program does.
CREATE TRIGGER promise_is_there BEFORE INSERT ON promise
    WHEN NEW.amount > (SELECT amount FROM lot WHERE id = NEW.lot_id)
        - (SELECT coalesce(sum(amount), 0) FROM open_promise WHERE lot_id = NEW.lot_id)
    BEGIN SELECT raise(ABORT, 'this is promised to somebody else'); END;
CREATE TRIGGER promised_stays BEFORE UPDATE OF amount ON lot
    WHEN NEW.amount < (SELECT coalesce(sum(amount), 0) FROM open_promise WHERE lot_id = NEW.id)
    BEGIN SELECT raise(ABORT, 'what is left is promised'); END;

-- Why a lot became more or less; its amount is the sum of these.
CREATE TABLE movement (
    id        INTEGER PRIMARY KEY,
    lot_id    INTEGER NOT NULL REFERENCES lot (id),
    change    INTEGER NOT NULL,
    kind      TEXT NOT NULL CHECK (kind IN ('RECEIVED', 'TAKEN', 'USED', 'CUT', 'COUNTED', 'CLAIMED', 'RETURNED')),
    piece_id  INTEGER REFERENCES piece (id),
    operation TEXT NOT NULL DEFAULT '',
    words     TEXT NOT NULL DEFAULT '',
    moved_by  INTEGER NOT NULL REFERENCES person (id),
    moved_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX movement_lot ON movement (lot_id);

-- Photographs, mill sheets, papers.
CREATE TABLE lot_file (
    id          INTEGER PRIMARY KEY,
    lot_id      INTEGER NOT NULL REFERENCES lot (id),
    what        TEXT NOT NULL CHECK (what IN ('PHOTO', 'MILL_SHEET', 'PAPERS')),
    file_name   TEXT NOT NULL,
    media_type  TEXT NOT NULL,
    original    BLOB NOT NULL,
    thumbnail   BLOB NOT NULL,
    kept_by     INTEGER NOT NULL REFERENCES person (id),
    kept_at_ms  INTEGER NOT NULL
) STRICT;
CREATE INDEX lot_file_lot ON lot_file (lot_id);

-- What came wrong or broken, until the supplier has made it good.
CREATE TABLE claim (
    id            INTEGER PRIMARY KEY,
    lot_id        INTEGER NOT NULL REFERENCES lot (id),
    amount        INTEGER NOT NULL CHECK (amount >= 0),
    words         TEXT NOT NULL CHECK (length(words) > 0),
    claimed_by    INTEGER NOT NULL REFERENCES person (id),
    claimed_at_ms INTEGER NOT NULL,
    settled       TEXT NOT NULL DEFAULT '',
    settled_at_ms INTEGER
) STRICT;
CREATE INDEX claim_lot ON claim (lot_id);

-- How a bar is going to be cut, or was: what core planned, as it was accepted.
CREATE TABLE bar_cut (
    id            INTEGER PRIMARY KEY,
    lot_id        INTEGER NOT NULL REFERENCES lot (id),
    length_nm     INTEGER NOT NULL CHECK (length_nm > 0),
    used_nm       INTEGER NOT NULL CHECK (used_nm > 0),
    blanks        TEXT NOT NULL CHECK (json_valid(blanks)),
    planned_by    INTEGER NOT NULL REFERENCES person (id),
    planned_at_ms INTEGER NOT NULL,
    cut_at_ms     INTEGER,
    dropped_at_ms INTEGER
) STRICT;
CREATE UNIQUE INDEX bar_cut_open ON bar_cut (lot_id) WHERE cut_at_ms IS NULL AND dropped_at_ms IS NULL;

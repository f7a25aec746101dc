-- What has been ordered of what has to be bought, until it has come or was not ordered after all.
CREATE TABLE buying_order (
    id            INTEGER PRIMARY KEY,
    words         TEXT NOT NULL CHECK (length(words) BETWEEN 1 AND 500),
    amount        TEXT NOT NULL CHECK (length(amount) <= 100),
    supplier      TEXT NOT NULL CHECK (length(supplier) <= 200),
    expected_on   TEXT,
    ordered_by    INTEGER NOT NULL REFERENCES person (id),
    ordered_at_ms INTEGER NOT NULL,
    closed_at_ms  INTEGER,
    has_come      INTEGER NOT NULL DEFAULT 0 CHECK (has_come IN (0, 1))
) STRICT;
CREATE UNIQUE INDEX buying_order_once ON buying_order (words) WHERE closed_at_ms IS NULL;

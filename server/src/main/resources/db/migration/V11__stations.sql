-- The places to work that a station has, beside the kilns and the machines of the forge, which say more of themselves.
CREATE TABLE workplace (
    id            INTEGER PRIMARY KEY,
    station       TEXT NOT NULL CHECK (length(station) > 0),
    name          TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    longest_nm    INTEGER CHECK (longest_nm > 0),
    noted_by      INTEGER NOT NULL REFERENCES person (id),
    noted_at_ms   INTEGER NOT NULL,
    gone_at_ms    INTEGER
) STRICT;

-- The second place for backups, on another disk or machine. The newest row that is not given up counts.
CREATE TABLE backup_folder (
    id             INTEGER PRIMARY KEY,
    path           TEXT NOT NULL CHECK (length(path) > 0),
    chosen_by      INTEGER NOT NULL REFERENCES person (id),
    chosen_at_ms   INTEGER NOT NULL,
    given_up_at_ms INTEGER
) STRICT;

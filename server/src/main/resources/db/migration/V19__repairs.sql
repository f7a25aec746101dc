-- A knife that came back: a piece of a job of its own, with what is done again. The knife that it was is told by its name
-- and the moment at which it left: names are one shop's own, and a job may be carried into another.
CREATE TABLE repair (
    id            INTEGER PRIMARY KEY,
    piece_id      INTEGER NOT NULL UNIQUE REFERENCES piece (id),
    of_name       TEXT NOT NULL CHECK (length(of_name) > 0),
    of_left_at_ms INTEGER NOT NULL,
    works         TEXT NOT NULL CHECK (length(works) > 0)
) STRICT;

-- A revision of the knife as it was drawn: what was chosen, and the whole specification that came of it. Kept ones never change.
CREATE TABLE revision (
    id            INTEGER PRIMARY KEY,
    job_id        INTEGER NOT NULL REFERENCES job (id),
    number        INTEGER NOT NULL CHECK (number >= 1),
    chosen        TEXT NOT NULL CHECK (json_valid(chosen)),
    specification TEXT NOT NULL CHECK (json_valid(specification)),
    words         TEXT NOT NULL,
    kept_by       INTEGER REFERENCES person (id),
    kept_at_ms    INTEGER NOT NULL,
    UNIQUE (job_id, number)
) STRICT;

-- The client's yes to a revision, on the client page or at the table (then somebody of the shop wrote it down).
CREATE TABLE approval (
    id             INTEGER PRIMARY KEY,
    revision_id    INTEGER NOT NULL REFERENCES revision (id),
    given_name     TEXT NOT NULL CHECK (length(given_name) > 0),
    written_by     INTEGER REFERENCES person (id),
    approved_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX approval_revision ON approval (revision_id);

-- A link that shows one revision to whoever has it, until it expires or is withdrawn.
CREATE TABLE client_link (
    id              INTEGER PRIMARY KEY,
    revision_id     INTEGER NOT NULL REFERENCES revision (id),
    token           TEXT NOT NULL UNIQUE CHECK (length(token) >= 43),
    message         TEXT NOT NULL,
    price           TEXT NOT NULL,
    shown           TEXT NOT NULL CHECK (json_valid(shown)),
    made_by         INTEGER NOT NULL REFERENCES person (id),
    made_at_ms      INTEGER NOT NULL,
    expires_at_ms   INTEGER NOT NULL,
    withdrawn_at_ms INTEGER
) STRICT;
CREATE INDEX client_link_revision ON client_link (revision_id);

-- What a client wrote on their page instead of a yes.
CREATE TABLE client_wish (
    id           INTEGER PRIMARY KEY,
    link_id      INTEGER NOT NULL REFERENCES client_link (id),
    given_name   TEXT NOT NULL,
    words        TEXT NOT NULL CHECK (length(words) > 0),
    written_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX client_wish_link ON client_wish (link_id);

-- What the shop pays, in cents of its own currency; an item without a row has no price yet.
CREATE TABLE price (
    item          TEXT PRIMARY KEY,
    cents         INTEGER NOT NULL CHECK (cents >= 0),
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL
) STRICT;

-- Drawings put side by side before one is chosen; the reason stays.
CREATE TABLE proposal (
    id            INTEGER PRIMARY KEY,
    job_id        INTEGER NOT NULL REFERENCES job (id),
    name          TEXT NOT NULL CHECK (length(name) > 0),
    chosen        TEXT NOT NULL CHECK (json_valid(chosen)),
    specification TEXT NOT NULL CHECK (json_valid(specification)),
    put_by        INTEGER NOT NULL REFERENCES person (id),
    put_at_ms     INTEGER NOT NULL,
    taken_at_ms   INTEGER,
    reason        TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX proposal_job ON proposal (job_id);

-- What the client drew or brought; originals are kept whole.
CREATE TABLE sketch (
    id          INTEGER PRIMARY KEY,
    job_id      INTEGER NOT NULL REFERENCES job (id),
    file_name   TEXT NOT NULL,
    media_type  TEXT NOT NULL,
    original    BLOB NOT NULL,
    thumbnail   BLOB NOT NULL,
    taken_by    INTEGER NOT NULL REFERENCES person (id),
    taken_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX sketch_job ON sketch (job_id);

-- Steps after which the client is written to.
CREATE TABLE update_step (
    job_id    INTEGER NOT NULL REFERENCES job (id),
    operation TEXT NOT NULL,
    PRIMARY KEY (job_id, operation)
) STRICT;

-- Letters to clients. What a mail server took has the time when it did.
CREATE TABLE letter (
    id          INTEGER PRIMARY KEY,
    job_id      INTEGER NOT NULL REFERENCES job (id),
    piece_id    INTEGER REFERENCES piece (id),
    operation   TEXT NOT NULL,
    recipient   TEXT NOT NULL,
    subject     TEXT NOT NULL CHECK (length(subject) > 0),
    words       TEXT NOT NULL CHECK (length(words) > 0),
    photo_id    INTEGER REFERENCES photo (id),
    written_by  INTEGER NOT NULL REFERENCES person (id),
    written_at_ms INTEGER NOT NULL,
    sent_at_ms  INTEGER
) STRICT;
CREATE INDEX letter_job ON letter (job_id);

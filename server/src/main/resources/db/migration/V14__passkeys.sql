-- A second way to sign in: a key pair in a device, whose public half is here (W3C Web Authentication, Level 3).
CREATE TABLE passkey (
    id                 INTEGER PRIMARY KEY,
    person_id          INTEGER NOT NULL REFERENCES person (id),
    credential_id      BLOB NOT NULL UNIQUE,
    public_key         BLOB NOT NULL,
    attestation        BLOB NOT NULL,
    client_data        BLOB NOT NULL,
    signatures         INTEGER NOT NULL,
    is_backup_eligible INTEGER NOT NULL CHECK (is_backup_eligible IN (0, 1)),
    is_backed_up       INTEGER NOT NULL CHECK (is_backed_up IN (0, 1)),
    transports         TEXT NOT NULL,
    label              TEXT NOT NULL CHECK (length(label) > 0),
    made_at_ms         INTEGER NOT NULL,
    used_at_ms         INTEGER NOT NULL
) STRICT;

CREATE TABLE session_2 (
    id          INTEGER PRIMARY KEY,
    token_hash  TEXT NOT NULL UNIQUE,
    person_id   INTEGER NOT NULL REFERENCES person (id),
    device_id   INTEGER NOT NULL REFERENCES device (id),
    way         TEXT NOT NULL CHECK (way IN ('PASSWORD', 'PASSKEY', 'PIN', 'DEMO')),
    begun_at_ms INTEGER NOT NULL,
    seen_at_ms  INTEGER NOT NULL
) STRICT;
INSERT INTO session_2 SELECT id, token_hash, person_id, device_id, way, begun_at_ms, seen_at_ms FROM session;
DROP TABLE session;
ALTER TABLE session_2 RENAME TO session;
CREATE INDEX session_person ON session (person_id);

-- Steps that stand on the routes by themselves now. Where the work before which they come is done, they were done with it; where the last
-- columns name an answer of the specification, only for such pieces.
INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, done_at_ms, done_by)
WITH taught (operation, done_with, answer, value) AS (VALUES
    ('punch-number', 'number-piece', NULL, NULL),
    ('ream-dowels', 'profile', '$.construction', 'MACHINED'),
    ('true-tang', 'drill-scales', NULL, NULL), ('true-tang', 'glue-handle', NULL, NULL), ('true-tang', 'assemble-handle', NULL, NULL),
    ('ease-corners', 'hand-sand', NULL, NULL), ('ease-corners', 'belt-satin', NULL, NULL), ('ease-corners', 'sand-for-mirror', NULL, NULL), ('ease-corners', 'sand-for-etch', NULL, NULL),
    ('finish-guard', 'glue-handle', '$.construction', 'HIDDEN_TANG'), ('finish-guard', 'assemble-handle', '$.construction', 'HIDDEN_TANG'),
    ('draw-thread', 'make-pommel-nut', '$.heldBy', 'TAKE_DOWN'), ('chase-thread', 'make-pommel-nut', '$.heldBy', 'TAKE_DOWN'),
    ('draw-back-eye', 'measure-eye', NULL, NULL),
    ('fill-voids', 'flatten-scales', '$.handleMaterial', 'BURL'), ('fill-voids', 'open-cavity', '$.handleMaterial', 'BURL'), ('fill-voids', 'make-sides', '$.handleMaterial', 'BURL'),
    ('cut-pins', 'glue-handle', '$.fastening', 'PINS'), ('cut-pins', 'dry-fit', '$.fastening', 'PINS'),
    ('press-detent-ball', 'fit-lock', NULL, NULL), ('fit-stop', 'fit-lock', NULL, NULL), ('drill-detent', 'try-action', '$.construction', 'FRAME_LOCK'),
    ('over-travel-stop', 'try-action', '$.construction', 'FRAME_LOCK'), ('make-clip', 'close-folder', '$.construction', 'FRAME_LOCK'),
    ('wet-form', 'finish-sheath', NULL, NULL),
    ('strop', 'last-check', NULL, NULL), ('strop', 'wrap-edge', NULL, NULL), ('cutting-test', 'last-check', NULL, NULL), ('cutting-test', 'wrap-edge', NULL, NULL))
SELECT step.piece_id, taught.operation, 'DONE', min(step.started_at_ms), step.started_by, min(step.done_at_ms), step.done_by
FROM taught JOIN step ON step.operation = taught.done_with AND step.standing = 'DONE' JOIN piece ON piece.id = step.piece_id
WHERE taught.answer IS NULL OR json_extract(piece.specification, taught.answer) = taught.value
GROUP BY step.piece_id, taught.operation;

-- What was said of a knife as it was talked over, and the client's word on it: it is said once.
CREATE TABLE client_word (
    id         INTEGER PRIMARY KEY,
    job_id     INTEGER NOT NULL REFERENCES job (id),
    matter     TEXT NOT NULL CHECK (length(matter) > 0),
    words      TEXT NOT NULL CHECK (length(words) > 0),
    said_at_ms INTEGER NOT NULL,
    written_by INTEGER NOT NULL REFERENCES person (id),
    UNIQUE (job_id, matter)
) STRICT;

-- A kiln beside a second thermocouple, and the coupon that was quenched from it then, °C.
CREATE TABLE kiln_check (
    id         INTEGER PRIMARY KEY,
    kiln_id    INTEGER NOT NULL REFERENCES kiln (id),
    shown_c    REAL NOT NULL,
    second_c   REAL NOT NULL,
    grain      TEXT NOT NULL CHECK (grain IN ('FINE', 'COARSE', 'UNHARDENED', 'NONE')),
    done_at_ms INTEGER NOT NULL,
    done_by    INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX kiln_check_kiln ON kiln_check (kiln_id);

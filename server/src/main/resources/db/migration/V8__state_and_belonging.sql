-- Whether the handle comes off again for work that no handle bears.
ALTER TABLE piece ADD COLUMN taken_apart INTEGER NOT NULL DEFAULT 0 CHECK (taken_apart IN (0, 1));

-- A piece that was turned back with its handle on still has it on: what holds a handle is a condition of its own now.
UPDATE piece SET worn_conditions = CASE worn_conditions WHEN '' THEN 'HANDLED' ELSE worn_conditions || ',HANDLED' END
WHERE worn_conditions IS NOT NULL AND EXISTS (
    SELECT 1 FROM step WHERE step.piece_id = piece.id AND step.standing = 'DONE' AND step.done_at_ms <= piece.worn_since_ms
        AND (step.operation IN ('assemble-handle', 'fit-haft', 'close-folder')
            OR step.operation = 'glue-handle' AND json_extract(piece.specification, '$.construction') NOT IN ('SLIP_JOINT', 'FRAME_LOCK')));

-- Handles are sanded in a step of their own now: where the handle is finished, that was done with it.
INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, done_at_ms, done_by)
SELECT piece_id, 'sand-handle', 'DONE', started_at_ms, started_by, done_at_ms, done_by FROM step WHERE operation = 'finish-handle' AND standing = 'DONE';

-- The tang of an integral is a step of its own too: where the shape is forged, it was forged with it.
INSERT INTO step (piece_id, operation, standing, started_at_ms, started_by, done_at_ms, done_by)
SELECT piece_id, 'forge-tang', 'DONE', started_at_ms, started_by, done_at_ms, done_by FROM step JOIN piece ON piece.id = step.piece_id
WHERE operation = 'forge-shape' AND step.standing = 'DONE' AND json_extract(piece.specification, '$.construction') = 'INTEGRAL';

-- Work that was put down until later: since when, and how long it was put down before.
ALTER TABLE step ADD COLUMN put_down_at_ms INTEGER;
ALTER TABLE step ADD COLUMN away_ms INTEGER NOT NULL DEFAULT 0 CHECK (away_ms >= 0);

-- One more way back: a bedded handle that is stuck is warmed and pulled.
CREATE TABLE mishap_3 (
    id             INTEGER PRIMARY KEY,
    piece_id       INTEGER NOT NULL REFERENCES piece (id),
    operation      TEXT NOT NULL,
    kind           TEXT NOT NULL,
    words          TEXT NOT NULL,
    measured       TEXT NOT NULL DEFAULT '',
    way_back       TEXT NOT NULL CHECK (way_back IN ('REDO', 'REMAKE', 'HEAT_AGAIN', 'GRIND_OUT', 'WELD', 'WARM', 'GO_ON', 'SPARE', 'HOLD', 'SCRAP')),
    redone_from    TEXT,
    decision       TEXT NOT NULL DEFAULT '',
    cost_minutes   INTEGER NOT NULL DEFAULT 0,
    reported_by    INTEGER NOT NULL REFERENCES person (id),
    reported_at_ms INTEGER NOT NULL
) STRICT;
INSERT INTO mishap_3 SELECT id, piece_id, operation, kind, words, measured, way_back, redone_from, decision, cost_minutes, reported_by, reported_at_ms FROM mishap;
DROP TABLE mishap;
ALTER TABLE mishap_3 RENAME TO mishap;
CREATE INDEX mishap_piece ON mishap (piece_id);
CREATE INDEX mishap_operation ON mishap (operation);

-- What a job is for: a client's commission, or work that no client has asked for.
ALTER TABLE job ADD COLUMN kind TEXT NOT NULL DEFAULT 'COMMISSION' CHECK (kind IN ('COMMISSION', 'STOCK', 'TRIAL', 'GIFT'));

-- Each knife that somebody is to have, and the piece that is promised for it. One piece is never promised twice, and none that was scrapped.
CREATE TABLE ordered (
    id       INTEGER PRIMARY KEY,
    job_id   INTEGER NOT NULL REFERENCES job (id),
    for_whom TEXT NOT NULL,
    piece_id INTEGER UNIQUE REFERENCES piece (id)
) STRICT;
CREATE INDEX ordered_job ON ordered (job_id);
INSERT INTO ordered (job_id, for_whom, piece_id) SELECT job_id, for_whom, id FROM piece WHERE is_spare = 0 AND standing <> 'SCRAPPED' ORDER BY job_id, position;
INSERT INTO ordered (job_id, for_whom) SELECT job_id, for_whom FROM piece WHERE is_spare = 0 AND standing = 'SCRAPPED' ORDER BY job_id, position;
UPDATE piece SET for_whom = '' WHERE is_spare = 0;
CREATE TRIGGER ordered_not_scrapped_new BEFORE INSERT ON ordered
WHEN EXISTS (SELECT 1 FROM piece WHERE id = NEW.piece_id AND standing = 'SCRAPPED') BEGIN SELECT raise(ABORT, 'a scrapped piece is promised to nobody'); END;
CREATE TRIGGER ordered_not_scrapped BEFORE UPDATE OF piece_id ON ordered
WHEN EXISTS (SELECT 1 FROM piece WHERE id = NEW.piece_id AND standing = 'SCRAPPED') BEGIN SELECT raise(ABORT, 'a scrapped piece is promised to nobody'); END;
CREATE TRIGGER scrapped_is_promised_no_more AFTER UPDATE OF standing ON piece
WHEN NEW.standing = 'SCRAPPED' BEGIN UPDATE ordered SET piece_id = NULL WHERE piece_id = NEW.id; END;

-- Pieces that go out together; empty for none.
ALTER TABLE piece ADD COLUMN set_name TEXT NOT NULL DEFAULT '';

-- What a job's brief said before it was changed, with the wishes of then.
CREATE TABLE brief_before (
    id            INTEGER PRIMARY KEY,
    job_id        INTEGER NOT NULL REFERENCES job (id),
    use_words     TEXT NOT NULL,
    wishes        TEXT NOT NULL CHECK (json_valid(wishes)),
    client_agreed INTEGER NOT NULL CHECK (client_agreed IN (0, 1)),
    reason        TEXT NOT NULL,
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX brief_before_job ON brief_before (job_id);

-- How the day is where it matters to the work: light at the forge, air at the bench.
CREATE TABLE day_condition (
    day        TEXT NOT NULL CHECK (day GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
    what       TEXT NOT NULL,
    answer     TEXT NOT NULL,
    said_by    INTEGER NOT NULL REFERENCES person (id),
    said_at_ms INTEGER NOT NULL,
    PRIMARY KEY (day, what)
) STRICT;

-- A note that is a lesson is offered again when the same design, steel or step comes up.
ALTER TABLE note ADD COLUMN is_lesson INTEGER NOT NULL DEFAULT 0 CHECK (is_lesson IN (0, 1));
CREATE INDEX note_lesson ON note (operation) WHERE is_lesson = 1;

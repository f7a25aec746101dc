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

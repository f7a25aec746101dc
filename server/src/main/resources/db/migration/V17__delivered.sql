-- When a piece left the shop, so that what was delivered is listed without reading through every route.
ALTER TABLE piece ADD COLUMN handed_over_at_ms INTEGER;
UPDATE piece SET handed_over_at_ms = coalesce(
    (SELECT max(at_ms) FROM journal WHERE piece_id = piece.id AND kind = 'HANDED_OVER'),
    (SELECT max(done_at_ms) FROM step WHERE piece_id = piece.id),
    (SELECT created_at_ms FROM job WHERE id = job_id))
WHERE standing = 'HANDED_OVER';
CREATE INDEX piece_handed_over ON piece (handed_over_at_ms) WHERE handed_over_at_ms IS NOT NULL;
CREATE INDEX job_client ON job (client_id);

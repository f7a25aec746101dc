-- A client whose name and contact are gone on their own wish; the record of their knives stays.
ALTER TABLE client ADD COLUMN forgotten_at_ms INTEGER;

-- The journal is append-only but for the names of clients who are forgotten.
DROP TRIGGER journal_is_not_changed;
CREATE TRIGGER journal_is_not_changed BEFORE UPDATE ON journal
WHEN NEW.sequence <> OLD.sequence OR NEW.at_ms <> OLD.at_ms OR NEW.person_id IS NOT OLD.person_id
    OR NEW.origin <> OLD.origin OR NEW.kind <> OLD.kind OR NEW.job_id IS NOT OLD.job_id OR NEW.piece_id IS NOT OLD.piece_id
    OR NOT EXISTS (SELECT 1 FROM job JOIN client ON client.id = job.client_id
        WHERE job.id = OLD.job_id AND client.forgotten_at_ms IS NOT NULL)
BEGIN SELECT raise(ABORT, 'the journal is append-only'); END;

-- What can be found by typing, one row for each thing; the rowid says which. It follows from the other tables and is
-- written anew from them.
CREATE VIRTUAL TABLE found USING fts5 (
    title, words, age, kind UNINDEXED, about UNINDEXED, page UNINDEXED,
    tokenize = "unicode61 remove_diacritics 2", prefix = '1 2 3'
);

-- What is forgotten is gone from its pages at once.
INSERT INTO found (found, rank) VALUES ('secure-delete', 1);

-- What of it has to be written anew, because something that it says has changed. Whoever writes one of these tables,
-- the row below it comes here.
CREATE TABLE find_due (
    kind TEXT NOT NULL,
    ref  INTEGER NOT NULL,
    PRIMARY KEY (kind, ref)
) STRICT, WITHOUT ROWID;

CREATE TRIGGER find_client AFTER INSERT ON client BEGIN INSERT OR IGNORE INTO find_due VALUES ('CLIENT', NEW.id); END;
CREATE TRIGGER find_client_changed AFTER UPDATE ON client BEGIN
    DELETE FROM found WHERE rowid = NEW.id * 16 + 2;
    DELETE FROM found WHERE rowid IN (SELECT id * 16 FROM job WHERE client_id = NEW.id);
    DELETE FROM found WHERE rowid IN (SELECT piece.id * 16 + 1 FROM piece JOIN job ON job.id = job_id WHERE client_id = NEW.id);
    INSERT OR IGNORE INTO find_due VALUES ('CLIENT', NEW.id);
    INSERT OR IGNORE INTO find_due SELECT 'JOB', id FROM job WHERE client_id = NEW.id;
    INSERT OR IGNORE INTO find_due SELECT 'PIECE', piece.id FROM piece JOIN job ON job.id = job_id WHERE client_id = NEW.id;
END;
CREATE TRIGGER find_job AFTER INSERT ON job BEGIN INSERT OR IGNORE INTO find_due VALUES ('JOB', NEW.id); END;
CREATE TRIGGER find_job_changed AFTER UPDATE ON job BEGIN
    INSERT OR IGNORE INTO find_due VALUES ('JOB', NEW.id);
    INSERT OR IGNORE INTO find_due SELECT 'PIECE', id FROM piece WHERE job_id = NEW.id;
END;
CREATE TRIGGER find_piece AFTER INSERT ON piece BEGIN INSERT OR IGNORE INTO find_due VALUES ('PIECE', NEW.id); END;
CREATE TRIGGER find_piece_changed
AFTER UPDATE OF job_id, position, pieces, specification, standing, art, rack_slot, set_name, for_whom, is_spare ON piece BEGIN
    INSERT OR IGNORE INTO find_due VALUES ('PIECE', NEW.id);
    INSERT OR IGNORE INTO find_due VALUES ('JOB', NEW.job_id);
END;
CREATE TRIGGER find_ordered AFTER INSERT ON ordered BEGIN INSERT OR IGNORE INTO find_due SELECT 'PIECE', NEW.piece_id WHERE NEW.piece_id IS NOT NULL; END;
CREATE TRIGGER find_ordered_changed AFTER UPDATE ON ordered BEGIN
    INSERT OR IGNORE INTO find_due SELECT 'PIECE', NEW.piece_id WHERE NEW.piece_id IS NOT NULL;
    INSERT OR IGNORE INTO find_due SELECT 'PIECE', OLD.piece_id WHERE OLD.piece_id IS NOT NULL;
END;
CREATE TRIGGER find_ordered_gone AFTER DELETE ON ordered BEGIN INSERT OR IGNORE INTO find_due SELECT 'PIECE', OLD.piece_id WHERE OLD.piece_id IS NOT NULL; END;
CREATE TRIGGER find_wish AFTER INSERT ON wish BEGIN INSERT OR IGNORE INTO find_due VALUES ('JOB', NEW.job_id); END;
CREATE TRIGGER find_note AFTER INSERT ON note BEGIN INSERT OR IGNORE INTO find_due VALUES ('PIECE', NEW.piece_id); END;
CREATE TRIGGER find_note_changed AFTER UPDATE ON note BEGIN INSERT OR IGNORE INTO find_due VALUES ('PIECE', NEW.piece_id); END;
CREATE TRIGGER find_person AFTER INSERT ON person BEGIN INSERT OR IGNORE INTO find_due VALUES ('PERSON', NEW.id); END;
CREATE TRIGGER find_person_changed AFTER UPDATE OF name, gone_at_ms ON person BEGIN INSERT OR IGNORE INTO find_due VALUES ('PERSON', NEW.id); END;
CREATE TRIGGER find_lot AFTER INSERT ON lot BEGIN INSERT OR IGNORE INTO find_due VALUES ('LOT', NEW.id); END;
CREATE TRIGGER find_lot_changed AFTER UPDATE ON lot BEGIN INSERT OR IGNORE INTO find_due VALUES ('LOT', NEW.id); END;
CREATE TRIGGER find_item_changed AFTER UPDATE ON stock_item BEGIN INSERT OR IGNORE INTO find_due SELECT 'LOT', id FROM lot WHERE item_id = NEW.id; END;
CREATE TRIGGER find_billet AFTER INSERT ON billet BEGIN INSERT OR IGNORE INTO find_due VALUES ('BILLET', NEW.id); END;
CREATE TRIGGER find_billet_changed AFTER UPDATE ON billet BEGIN INSERT OR IGNORE INTO find_due VALUES ('BILLET', NEW.id); END;
CREATE TRIGGER find_load AFTER INSERT ON fire_load BEGIN INSERT OR IGNORE INTO find_due VALUES ('LOAD', NEW.id); END;
CREATE TRIGGER find_load_changed AFTER UPDATE OF standing, treatment, kiln_id ON fire_load BEGIN INSERT OR IGNORE INTO find_due VALUES ('LOAD', NEW.id); END;
CREATE TRIGGER find_in_load AFTER INSERT ON fire_piece BEGIN INSERT OR IGNORE INTO find_due VALUES ('LOAD', NEW.load_id); END;

INSERT INTO find_due SELECT 'CLIENT', id FROM client;
INSERT INTO find_due SELECT 'JOB', id FROM job;
INSERT INTO find_due SELECT 'PIECE', id FROM piece;
INSERT INTO find_due SELECT 'PERSON', id FROM person;
INSERT INTO find_due SELECT 'LOT', id FROM lot;
INSERT INTO find_due SELECT 'BILLET', id FROM billet;
INSERT INTO find_due SELECT 'LOAD', id FROM fire_load;

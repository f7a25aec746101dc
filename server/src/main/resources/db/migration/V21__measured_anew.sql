-- What was measured of a part that has been made anew since no longer counts, and is not lost.
ALTER TABLE ground_reading ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE abrasive_use ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE hole_reading ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE edge_trial ADD COLUMN struck_at_ms INTEGER;

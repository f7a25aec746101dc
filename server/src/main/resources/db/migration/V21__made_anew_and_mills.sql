-- What was measured of a part that has been made anew since no longer counts, and is not lost.
ALTER TABLE ground_reading ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE abrasive_use ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE hole_reading ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE edge_trial ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE hardness_test ADD COLUMN struck_at_ms INTEGER;
ALTER TABLE warp ADD COLUMN struck_at_ms INTEGER;
-- Nor does what somebody allowed for a blade hold for the one that takes its place.
ALTER TABLE gate_override ADD COLUMN struck_at_ms INTEGER;

-- What a mill bears: how stiff it is, its motor, and how fast it turns; nothing where nobody has said.
ALTER TABLE workplace ADD COLUMN stiffness TEXT CHECK (stiffness IN ('LIGHT', 'MEDIUM', 'RIGID'));
ALTER TABLE workplace ADD COLUMN watts INTEGER CHECK (watts > 0);
ALTER TABLE workplace ADD COLUMN most_rpm INTEGER CHECK (most_rpm > 0);

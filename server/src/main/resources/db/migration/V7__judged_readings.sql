-- Somebody took a reading, or a part that was made to a number which has moved, as it is: why, and against what it was held then.
ALTER TABLE reading ADD COLUMN accepted_reason TEXT CHECK (length(accepted_reason) > 0);
ALTER TABLE reading ADD COLUMN accepted_by INTEGER REFERENCES person (id);
ALTER TABLE reading ADD COLUMN accepted_at_ms INTEGER;
ALTER TABLE reading ADD COLUMN accepted_against TEXT;
ALTER TABLE made_to ADD COLUMN accepted_reason TEXT CHECK (length(accepted_reason) > 0);
ALTER TABLE made_to ADD COLUMN accepted_by INTEGER REFERENCES person (id);
ALTER TABLE made_to ADD COLUMN accepted_at_ms INTEGER;
ALTER TABLE made_to ADD COLUMN accepted_against TEXT;

-- How long the kiln stood at heat, beside how long the blade soaked by estimate.
ALTER TABLE fire_piece ADD COLUMN since_recovery_s INTEGER CHECK (since_recovery_s >= 0);

-- What the shop has decided for itself; what is not here is as usual.
CREATE TABLE shop_setting (
    name          TEXT PRIMARY KEY,
    value         TEXT NOT NULL,
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL
) STRICT;

-- Days on which nobody works, besides Saturdays and Sundays.
CREATE TABLE closed_day (
    day   TEXT PRIMARY KEY CHECK (day IS date(day)),
    words TEXT NOT NULL
) STRICT;

-- Usual sizes that a form had rounded before it sent them back: a 5/32 bar is 3.96875 mm, whoever took the job.
UPDATE piece SET specification = json_set(specification, '$.stockThickness', '3.96875 mm') WHERE json_extract(specification, '$.stockThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE piece SET specification = json_set(specification, '$.plateThickness', '3.96875 mm') WHERE json_extract(specification, '$.plateThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE piece SET specification = json_set(specification, '$.tipThickness', '2.38125 mm') WHERE json_extract(specification, '$.tipThickness') IN ('2.38252 mm', '2.381 mm');
UPDATE piece SET specification = json_set(specification, '$.handleHollow', '1.5875 mm') WHERE json_extract(specification, '$.handleHollow') = '1.588 mm';
UPDATE piece SET specification = json_set(specification, '$.buttThickness', '1.5875 mm') WHERE json_extract(specification, '$.buttThickness') = '1.588 mm';
UPDATE piece SET specification = json_set(specification, '$.endsThinner', '1.5875 mm') WHERE json_extract(specification, '$.endsThinner') = '1.588 mm';
UPDATE piece SET specification = json_set(specification, '$.ballDiameter', '1.5875 mm') WHERE json_extract(specification, '$.ballDiameter') = '1.588 mm';
UPDATE revision SET chosen = json_set(chosen, '$.stockThickness', '3.96875 mm') WHERE json_extract(chosen, '$.stockThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE revision SET chosen = json_set(chosen, '$.plateThickness', '3.96875 mm') WHERE json_extract(chosen, '$.plateThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE revision SET chosen = json_set(chosen, '$.tipThickness', '2.38125 mm') WHERE json_extract(chosen, '$.tipThickness') IN ('2.38252 mm', '2.381 mm');
UPDATE revision SET chosen = json_set(chosen, '$.handleHollow', '1.5875 mm') WHERE json_extract(chosen, '$.handleHollow') = '1.588 mm';
UPDATE revision SET chosen = json_set(chosen, '$.buttThickness', '1.5875 mm') WHERE json_extract(chosen, '$.buttThickness') = '1.588 mm';
UPDATE revision SET chosen = json_set(chosen, '$.endsThinner', '1.5875 mm') WHERE json_extract(chosen, '$.endsThinner') = '1.588 mm';
UPDATE revision SET chosen = json_set(chosen, '$.ballDiameter', '1.5875 mm') WHERE json_extract(chosen, '$.ballDiameter') = '1.588 mm';
UPDATE revision SET specification = json_set(specification, '$.stockThickness', '3.96875 mm') WHERE json_extract(specification, '$.stockThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE revision SET specification = json_set(specification, '$.plateThickness', '3.96875 mm') WHERE json_extract(specification, '$.plateThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE revision SET specification = json_set(specification, '$.tipThickness', '2.38125 mm') WHERE json_extract(specification, '$.tipThickness') IN ('2.38252 mm', '2.381 mm');
UPDATE revision SET specification = json_set(specification, '$.handleHollow', '1.5875 mm') WHERE json_extract(specification, '$.handleHollow') = '1.588 mm';
UPDATE revision SET specification = json_set(specification, '$.buttThickness', '1.5875 mm') WHERE json_extract(specification, '$.buttThickness') = '1.588 mm';
UPDATE revision SET specification = json_set(specification, '$.endsThinner', '1.5875 mm') WHERE json_extract(specification, '$.endsThinner') = '1.588 mm';
UPDATE revision SET specification = json_set(specification, '$.ballDiameter', '1.5875 mm') WHERE json_extract(specification, '$.ballDiameter') = '1.588 mm';
UPDATE proposal SET chosen = json_set(chosen, '$.stockThickness', '3.96875 mm') WHERE json_extract(chosen, '$.stockThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE proposal SET chosen = json_set(chosen, '$.plateThickness', '3.96875 mm') WHERE json_extract(chosen, '$.plateThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE proposal SET chosen = json_set(chosen, '$.tipThickness', '2.38125 mm') WHERE json_extract(chosen, '$.tipThickness') IN ('2.38252 mm', '2.381 mm');
UPDATE proposal SET chosen = json_set(chosen, '$.handleHollow', '1.5875 mm') WHERE json_extract(chosen, '$.handleHollow') = '1.588 mm';
UPDATE proposal SET chosen = json_set(chosen, '$.buttThickness', '1.5875 mm') WHERE json_extract(chosen, '$.buttThickness') = '1.588 mm';
UPDATE proposal SET chosen = json_set(chosen, '$.endsThinner', '1.5875 mm') WHERE json_extract(chosen, '$.endsThinner') = '1.588 mm';
UPDATE proposal SET chosen = json_set(chosen, '$.ballDiameter', '1.5875 mm') WHERE json_extract(chosen, '$.ballDiameter') = '1.588 mm';
UPDATE proposal SET specification = json_set(specification, '$.stockThickness', '3.96875 mm') WHERE json_extract(specification, '$.stockThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE proposal SET specification = json_set(specification, '$.plateThickness', '3.96875 mm') WHERE json_extract(specification, '$.plateThickness') IN ('3.97002 mm', '3.969 mm');
UPDATE proposal SET specification = json_set(specification, '$.tipThickness', '2.38125 mm') WHERE json_extract(specification, '$.tipThickness') IN ('2.38252 mm', '2.381 mm');
UPDATE proposal SET specification = json_set(specification, '$.handleHollow', '1.5875 mm') WHERE json_extract(specification, '$.handleHollow') = '1.588 mm';
UPDATE proposal SET specification = json_set(specification, '$.buttThickness', '1.5875 mm') WHERE json_extract(specification, '$.buttThickness') = '1.588 mm';
UPDATE proposal SET specification = json_set(specification, '$.endsThinner', '1.5875 mm') WHERE json_extract(specification, '$.endsThinner') = '1.588 mm';
UPDATE proposal SET specification = json_set(specification, '$.ballDiameter', '1.5875 mm') WHERE json_extract(specification, '$.ballDiameter') = '1.588 mm';

-- What a command wished for, so that its id is not taken for another wish; of those from before nobody knows it.
ALTER TABLE command ADD COLUMN said TEXT NOT NULL DEFAULT '';

-- What kind of controller leads a kiln, and where that is reached; until now each was led by a stand-in.
ALTER TABLE kiln ADD COLUMN controller TEXT NOT NULL DEFAULT 'STAND_IN';
ALTER TABLE kiln ADD COLUMN address TEXT NOT NULL DEFAULT '';

-- Prices keep their history: what an item cost from a day on. An item without a row has no price yet.
CREATE TABLE price_from (
    id            INTEGER PRIMARY KEY,
    item          TEXT NOT NULL,
    valid_from    TEXT NOT NULL CHECK (valid_from = date(valid_from)),
    amount        TEXT NOT NULL CHECK (length(amount) > 0),
    changed_by    INTEGER NOT NULL REFERENCES person (id),
    changed_at_ms INTEGER NOT NULL
) STRICT;
INSERT INTO price_from (item, valid_from, amount, changed_by, changed_at_ms)
SELECT item, date(changed_at_ms / 1000, 'unixepoch'), CAST(cents AS TEXT), changed_by, changed_at_ms FROM price;
DROP TABLE price;
CREATE INDEX price_from_item ON price_from (item, valid_from);

-- Amounts are minor units with the currency's code, where the shop had named it: 1250 EUR.
ALTER TABLE billet ADD COLUMN paid TEXT;
UPDATE billet SET paid = CAST(paid_cents AS TEXT) WHERE paid_cents IS NOT NULL;
ALTER TABLE billet DROP COLUMN paid_cents;

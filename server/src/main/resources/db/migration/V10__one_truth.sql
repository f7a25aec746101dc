-- What a command wished for, so that its id is not taken for another wish; of those from before nobody knows it.
ALTER TABLE command ADD COLUMN said TEXT NOT NULL DEFAULT '';

-- What kind of controller leads a kiln, and where that is reached; until now each was led by a stand-in.
ALTER TABLE kiln ADD COLUMN controller TEXT NOT NULL DEFAULT 'STAND_IN';
ALTER TABLE kiln ADD COLUMN address TEXT NOT NULL DEFAULT '';

-- What a command wished for, so that its id is not taken for another wish; of those from before nobody knows it.
ALTER TABLE command ADD COLUMN said TEXT NOT NULL DEFAULT '';

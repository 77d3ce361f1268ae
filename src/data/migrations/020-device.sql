-- The other device that an entry was written from, by the name it had; null: the machine that Olvik runs on.
ALTER TABLE journal ADD COLUMN device TEXT CHECK (length(device) BETWEEN 1 AND 60);

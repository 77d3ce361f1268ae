-- A service may be made of several doughs, each mixed for its own stretch of it.
ALTER TABLE demand ADD COLUMN doughs INTEGER NOT NULL DEFAULT 1 CHECK (doughs BETWEEN 1 AND 4);

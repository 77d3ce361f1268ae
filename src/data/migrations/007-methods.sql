-- How doughs are made. A method goes on through its versions; what was baked keeps the version it was baked with.
CREATE TABLE method (
  id TEXT PRIMARY KEY,
  created_ms INTEGER NOT NULL,
  retired_ms INTEGER
) STRICT;
CREATE TABLE method_version (
  id TEXT PRIMARY KEY,
  method_id TEXT NOT NULL REFERENCES method (id),
  number INTEGER NOT NULL CHECK (number >= 1),
  created_ms INTEGER NOT NULL,
  -- The method as JSON.
  body TEXT NOT NULL,
  UNIQUE (method_id, number)
) STRICT;
CREATE TRIGGER method_version_stays BEFORE UPDATE ON method_version
BEGIN SELECT RAISE(ABORT, 'a version of a method is never changed'); END;

-- A bake of a method; its formula is then JSON null. NULL: a bake from a poolish, as its formula has it.
ALTER TABLE bake ADD COLUMN method_version_id TEXT REFERENCES method_version (id);
CREATE INDEX bake_by_method ON bake (method_version_id) WHERE method_version_id IS NOT NULL;

-- More of a flour, where it is known.
ALTER TABLE flour ADD COLUMN ash_share REAL CHECK (ash_share BETWEEN 0 AND 0.05);
ALTER TABLE flour ADD COLUMN absorption REAL CHECK (absorption BETWEEN 0.3 AND 1.2);
-- ["wheat"]
ALTER TABLE flour ADD COLUMN allergens TEXT NOT NULL DEFAULT '["wheat"]';
ALTER TABLE flour ADD COLUMN retired_ms INTEGER;

-- One batch of a planned mix as it is weighed and mixed: what happens on the card, only ever added to.
CREATE TABLE mix_card (
  id TEXT PRIMARY KEY,
  step_id TEXT NOT NULL,
  batch_number INTEGER NOT NULL CHECK (batch_number BETWEEN 1 AND 50),
  started_ms INTEGER NOT NULL,
  UNIQUE (step_id, batch_number)
) STRICT;
CREATE TABLE mix_mark (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  card_id TEXT NOT NULL REFERENCES mix_card (id),
  at_ms INTEGER NOT NULL,
  -- What happened, as JSON.
  body TEXT NOT NULL
) STRICT;
CREATE INDEX mix_mark_by_card ON mix_mark (card_id, seq);
CREATE TRIGGER mix_mark_stays BEFORE UPDATE ON mix_mark
BEGIN SELECT RAISE(ABORT, 'a mix card is only ever added to'); END;
CREATE TRIGGER mix_mark_is_kept BEFORE DELETE ON mix_mark
BEGIN SELECT RAISE(ABORT, 'a mix card is only ever added to'); END;

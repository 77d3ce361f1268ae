-- A mixer that is out of order counts as none; its sizes stay for when it is back.
CREATE TABLE equipment_anew (
  id TEXT PRIMARY KEY,
  kind TEXT NOT NULL CHECK (kind IN ('mixer', 'oven', 'box', 'tub')),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
  count INTEGER NOT NULL CHECK (count BETWEEN 0 AND 500),
  least REAL NOT NULL CHECK (least >= 0),
  most REAL NOT NULL CHECK (most > 0 AND most >= least),
  -- Minutes until an oven is hot; 0 for everything else.
  heat_min INTEGER NOT NULL CHECK (heat_min BETWEEN 0 AND 600),
  bake_min REAL NOT NULL DEFAULT 0 CHECK (bake_min BETWEEN 0 AND 60)
) STRICT;

INSERT INTO equipment_anew (id, kind, name, count, least, most, heat_min, bake_min)
SELECT id, kind, name, count, least, most, heat_min, bake_min FROM equipment;
DROP TABLE equipment;
ALTER TABLE equipment_anew RENAME TO equipment;

-- A line of lots that is kept alive: a starter, a chain of carry-over dough, a jar that collects discard.
-- Lots of the journal belong to one by its id; an id without a row is a culture that was never described.
CREATE TABLE culture (
  id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 80),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
  kind TEXT NOT NULL CHECK (kind IN ('liquid starter', 'stiff starter', 'carry-over', 'discard')),
  -- Water over flour once fed.
  hydration REAL NOT NULL CHECK (hydration BETWEEN 0.4 AND 2),
  -- Salt over flour a chain is held at; 0 for starters.
  salt_share REAL NOT NULL CHECK (salt_share BETWEEN 0 AND 0.06),
  -- [{"flourId": "...", "share": 0.8}, ...], shares add up to 1.
  flours TEXT NOT NULL,
  -- Mother that is never used up, g.
  keep_g REAL NOT NULL CHECK (keep_g >= 0),
  place_id TEXT NOT NULL REFERENCES place (id),
  vessel_tare_g REAL NOT NULL CHECK (vessel_tare_g >= 0),
  vessel_ml REAL NOT NULL CHECK (vessel_ml > 0),
  -- Usual hours between two feeds.
  every_h REAL NOT NULL CHECK (every_h BETWEEN 4 AND 2160),
  -- Usual flour to a gram of mother, as in 1 : 5 : 5, and the most.
  usual_ratio REAL NOT NULL CHECK (usual_ratio BETWEEN 0.5 AND 20),
  thinnest_ratio REAL NOT NULL CHECK (thinnest_ratio BETWEEN 1 AND 50),
  -- Where what is left of a fed jar goes: a discard jar's id; NULL: thrown away.
  discard_to TEXT REFERENCES culture (id),
  -- Days until the end by age, and the most it holds, g; NULL: no end of its own.
  keeps_days REAL CHECK (keeps_days > 0),
  limit_g REAL CHECK (limit_g > 0),
  -- Begun from flour and water at this instant; NULL for one that came alive.
  begun_ms INTEGER,
  retired_ms INTEGER
) STRICT;

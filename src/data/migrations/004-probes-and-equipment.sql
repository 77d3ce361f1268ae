-- A probe in a place. Simulated ones can be told to fail from an instant on.
CREATE TABLE probe (
  place_id TEXT PRIMARY KEY REFERENCES place (id),
  kind TEXT NOT NULL CHECK (kind IN ('simulated')),
  fault TEXT NOT NULL CHECK (fault IN ('none', 'door open', 'failing', 'lost', 'frozen')),
  fault_from_ms INTEGER NOT NULL
) STRICT;

-- What the shop works with. What "least" and "most" count depends on the kind: kg of dough in a mixer, pizzas at
-- once in an oven, balls in a box, litres in a tub.
CREATE TABLE equipment (
  id TEXT PRIMARY KEY,
  kind TEXT NOT NULL CHECK (kind IN ('mixer', 'oven', 'box', 'tub')),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
  count INTEGER NOT NULL CHECK (count BETWEEN 1 AND 500),
  least REAL NOT NULL CHECK (least >= 0),
  most REAL NOT NULL CHECK (most > 0 AND most >= least),
  -- Minutes until an oven is hot; 0 for everything else.
  heat_min INTEGER NOT NULL CHECK (heat_min BETWEEN 0 AND 600)
) STRICT;

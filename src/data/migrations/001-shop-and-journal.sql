-- The shop: one row.
CREATE TABLE shop (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  time_zone TEXT NOT NULL,
  mass_unit TEXT NOT NULL CHECK (mass_unit IN ('g', 'oz')),
  temp_unit TEXT NOT NULL CHECK (temp_unit IN ('C', 'F')),
  scale_step_g REAL NOT NULL CHECK (scale_step_g > 0),
  fine_step_g REAL NOT NULL CHECK (fine_step_g > 0),
  work_from_minute INTEGER NOT NULL CHECK (work_from_minute BETWEEN 0 AND 1439),
  work_until_minute INTEGER NOT NULL CHECK (work_until_minute BETWEEN 0 AND 1439),
  yeast_type TEXT NOT NULL CHECK (yeast_type IN ('fresh', 'active dry', 'instant')),
  people TEXT NOT NULL
) STRICT;

CREATE TABLE place (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
  -- Litres of dough and leaven that fit.
  capacity_l REAL NOT NULL CHECK (capacity_l > 0)
) STRICT;

-- A temperature a place is set to from an instant on; the past keeps the temperatures it had.
CREATE TABLE place_setting (
  place_id TEXT NOT NULL REFERENCES place (id),
  from_ms INTEGER NOT NULL,
  temp_c REAL NOT NULL CHECK (temp_c BETWEEN -40 AND 60),
  PRIMARY KEY (place_id, from_ms)
) STRICT;

CREATE TABLE flour (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  strength_w REAL,
  protein_share REAL,
  wholegrain_share REAL NOT NULL CHECK (wholegrain_share BETWEEN 0 AND 1)
) STRICT;

-- A demand: so many balls, ready from–to. Never changed; another wish is another bake.
CREATE TABLE bake (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
  created_ms INTEGER NOT NULL,
  ready_from_ms INTEGER NOT NULL,
  ready_to_ms INTEGER NOT NULL CHECK (ready_to_ms > ready_from_ms),
  formula TEXT NOT NULL,
  poolish_place_id TEXT NOT NULL REFERENCES place (id),
  dough_place_id TEXT NOT NULL REFERENCES place (id)
) STRICT;

-- The journal, only ever added to.
CREATE TABLE journal (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  at_ms INTEGER NOT NULL,
  recorded_ms INTEGER NOT NULL,
  tense TEXT NOT NULL CHECK (tense IN ('planned', 'done')),
  kind TEXT NOT NULL,
  batch TEXT NOT NULL,
  by TEXT,
  bake_id TEXT REFERENCES bake (id),
  fulfils TEXT REFERENCES journal (id),
  body TEXT NOT NULL
) STRICT;

CREATE INDEX journal_at ON journal (at_ms);
CREATE INDEX journal_batch ON journal (batch);
CREATE INDEX journal_bake ON journal (bake_id) WHERE bake_id IS NOT NULL;

CREATE TRIGGER journal_keeps_entries BEFORE UPDATE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only ever added to'); END;
CREATE TRIGGER journal_loses_nothing BEFORE DELETE ON journal
BEGIN SELECT RAISE(ABORT, 'the journal is only ever added to'); END;

-- The clock of the demo shop; no row: the machine's clock.
CREATE TABLE demo_clock (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  real_ms INTEGER NOT NULL,
  demo_ms INTEGER NOT NULL,
  rate REAL NOT NULL CHECK (rate > 0)
) STRICT;

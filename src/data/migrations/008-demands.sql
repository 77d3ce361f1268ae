-- A service that is wanted: so many balls of a dough, once or every week. A bake that meets it names it.
CREATE TABLE demand (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 30),
  created_ms INTEGER NOT NULL,
  -- The first time; every week at the same hours of the wall clock where weekly is 1.
  ready_from_ms INTEGER NOT NULL,
  ready_to_ms INTEGER NOT NULL CHECK (ready_to_ms > ready_from_ms),
  balls INTEGER NOT NULL CHECK (balls BETWEEN 1 AND 2000),
  -- Pizzas in each hour of the service as JSON; NULL: as many in every hour.
  per_hour TEXT,
  -- Ids of methods that will do as JSON; []: any.
  methods TEXT NOT NULL,
  weekly INTEGER NOT NULL CHECK (weekly IN (0, 1)),
  withdrawn_ms INTEGER
) STRICT;

-- The demand and the day ("2026-11-28") that a bake meets; NULL where nobody asked.
ALTER TABLE bake ADD COLUMN demand_id TEXT REFERENCES demand (id);
ALTER TABLE bake ADD COLUMN demand_date TEXT;
CREATE INDEX bake_by_demand ON bake (demand_id, demand_date) WHERE demand_id IS NOT NULL;

-- Who is there when; without any row everybody is there in the shop's hours.
CREATE TABLE presence (
  who TEXT NOT NULL CHECK (length(who) BETWEEN 1 AND 60),
  weekday INTEGER NOT NULL CHECK (weekday BETWEEN 1 AND 7),
  from_minute INTEGER NOT NULL CHECK (from_minute BETWEEN 0 AND 1439),
  until_minute INTEGER NOT NULL CHECK (until_minute BETWEEN 0 AND 1439),
  PRIMARY KEY (who, weekday, from_minute)
) STRICT;

-- Days on which the shop is shut: a weekday ("1" = Monday … "7") or a date ("2026-12-24").
CREATE TABLE closing_day (
  day TEXT PRIMARY KEY CHECK (length(day) IN (1, 10))
) STRICT;

-- Planned steps that replanning leaves where they are.
CREATE TABLE pinned_step (
  step_id TEXT PRIMARY KEY
) STRICT;

-- What the shop weighs plans by, as JSON: one of the three usual wishes by its name, or its own weights.
ALTER TABLE shop ADD COLUMN wish TEXT NOT NULL DEFAULT '"sure dough"';

-- Minutes a pizza takes in an oven, both steps where it is baked in two; 0 for everything else.
ALTER TABLE equipment ADD COLUMN bake_min REAL NOT NULL DEFAULT 0 CHECK (bake_min BETWEEN 0 AND 60);
UPDATE equipment SET bake_min = 5 WHERE kind = 'oven';

-- How far a place warms with the air out of doors where that is warmer than it is set to: 0 not at all, 1 all of it.
ALTER TABLE place ADD COLUMN follows REAL NOT NULL DEFAULT 0 CHECK (follows BETWEEN 0 AND 1);

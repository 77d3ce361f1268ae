-- Whose hands a planned step is for.
CREATE TABLE step_person (
  step_id TEXT PRIMARY KEY,
  person TEXT NOT NULL CHECK (length(person) BETWEEN 1 AND 60)
) STRICT;

-- Days on which a weekly service is not held.
CREATE TABLE demand_skip (
  demand_id TEXT NOT NULL REFERENCES demand (id),
  date TEXT NOT NULL CHECK (length(date) = 10),
  PRIMARY KEY (demand_id, date)
) STRICT;

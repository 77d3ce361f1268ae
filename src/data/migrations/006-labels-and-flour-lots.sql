-- How the shop deals with what is left of a fed jar: it is used or thrown, or nothing is left over by plan.
ALTER TABLE shop ADD COLUMN waste TEXT NOT NULL DEFAULT 'with discard'
  CHECK (waste IN ('with discard', 'without discard'));

-- The sack a flour comes from, from an instant on: every lot made since then came from it.
CREATE TABLE flour_lot (
  id TEXT PRIMARY KEY,
  flour_id TEXT NOT NULL REFERENCES flour (id),
  code TEXT NOT NULL CHECK (length(code) BETWEEN 1 AND 40),
  from_ms INTEGER NOT NULL
) STRICT;
CREATE INDEX flour_lot_by_flour ON flour_lot (flour_id, from_ms);

-- What the label printer has printed, as it was printed.
CREATE TABLE printed_label (
  id TEXT PRIMARY KEY,
  at_ms INTEGER NOT NULL,
  lot_id TEXT NOT NULL,
  size TEXT NOT NULL,
  copies INTEGER NOT NULL CHECK (copies BETWEEN 1 AND 200),
  -- The label's content as JSON.
  content TEXT NOT NULL
) STRICT;

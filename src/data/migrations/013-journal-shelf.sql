-- What the journal up to an entry still says to what came after it, so that opening a shop of many years reads the last of
-- them only. Derived: it can be deleted at any time and is made again. An entry taken back drops what rests on it.
CREATE TABLE journal_shelf (
  before_seq INTEGER PRIMARY KEY,
  carried TEXT NOT NULL
) STRICT;

CREATE TRIGGER journal_shelf_is_dropped AFTER INSERT ON journal WHEN new.kind = 'strike'
BEGIN
  DELETE FROM journal_shelf
  WHERE before_seq > (SELECT seq FROM journal WHERE id = new.body ->> '$.strikes');
END;

CREATE INDEX journal_written ON journal (recorded_ms) WHERE kind <> 'reading';

-- Bakes are asked for by when their service ends: those in sight, not those of all years.
CREATE INDEX bake_by_end ON bake (ready_to_ms);

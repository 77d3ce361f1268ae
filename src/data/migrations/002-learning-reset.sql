-- What was learned about a culture was reset at an instant: looks before it do not count any more.
CREATE TABLE learning_reset (
  culture TEXT PRIMARY KEY,
  from_ms INTEGER NOT NULL
) STRICT;

-- What each command answered, by the id that its page made for it: the same command sent again (a lost answer, a second tap)
-- gets the same answer and writes nothing. Answers of past weeks are dropped; nobody asks for them any more.
CREATE TABLE command (
  id TEXT PRIMARY KEY CHECK (length(id) BETWEEN 8 AND 80),
  name TEXT NOT NULL,
  -- By the machine's clock.
  at_ms INTEGER NOT NULL,
  answer TEXT NOT NULL
) STRICT;

CREATE INDEX command_by_age ON command (at_ms);

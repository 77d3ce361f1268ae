-- Rounds of practice: simulated jars that were judged. Nothing of them counts as a look; they teach hands, not the shop.
CREATE TABLE practice_round (
  id TEXT PRIMARY KEY,
  at_ms INTEGER NOT NULL,
  who TEXT,
  seed INTEGER NOT NULL,
  level INTEGER NOT NULL CHECK (level BETWEEN 1 AND 5),
  kind TEXT NOT NULL,
  truth TEXT NOT NULL CHECK (truth IN ('not yet', 'use', 'late')),
  judged TEXT NOT NULL CHECK (judged IN ('not yet', 'use', 'late')),
  points INTEGER NOT NULL CHECK (points BETWEEN 0 AND 100)
) STRICT;
CREATE INDEX practice_round_at ON practice_round (at_ms);

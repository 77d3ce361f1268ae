-- What the Log finds: names of lots, entries by lot, and every word of the journal. Written by triggers as entries are
-- added; probes' readings are left out of the words, they are numbers and many.
CREATE TABLE lot_name (
  lot_id TEXT PRIMARY KEY,
  name TEXT NOT NULL
) STRICT;

CREATE TABLE journal_lot (
  lot_id TEXT NOT NULL,
  seq INTEGER NOT NULL REFERENCES journal (seq),
  PRIMARY KEY (lot_id, seq)
) STRICT, WITHOUT ROWID;

-- The words themselves are not kept twice: a row's number is its entry's.
CREATE VIRTUAL TABLE journal_words USING fts5 (
  words, content = '', tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3'
);

-- An entry with the act it holds: a replaced step's act is the new one.
CREATE VIEW journal_act AS
SELECT seq, kind, by, bake_id, body,
  CASE kind WHEN 'replace' THEN json_extract(body, '$.act') ELSE body END AS act
FROM journal WHERE kind <> 'reading';

INSERT OR REPLACE INTO lot_name (lot_id, name)
SELECT
  coalesce(act ->> '$.ballsLotId', act ->> '$.partLotId', act ->> '$.lotId'),
  act ->> '$.name'
FROM journal_act WHERE act ->> '$.kind' IN ('make', 'split', 'divide') ORDER BY seq;

INSERT OR IGNORE INTO journal_lot (lot_id, seq)
SELECT tree.value, entry.seq FROM journal_act AS entry, json_tree(entry.body) AS tree
WHERE tree.key IN ('lotId', 'partLotId', 'ballsLotId') AND tree.type = 'text';

INSERT INTO journal_words (rowid, words)
SELECT entry.seq, concat_ws(' ',
  entry.by,
  (SELECT name FROM bake WHERE bake.id = entry.bake_id),
  (SELECT group_concat(tree.value, ' ') FROM json_tree(entry.body) AS tree WHERE tree.type = 'text'),
  (SELECT group_concat(lot_name.name, ' ') FROM journal_lot JOIN lot_name USING (lot_id)
    WHERE journal_lot.seq = entry.seq))
FROM journal_act AS entry;

CREATE TRIGGER journal_is_found AFTER INSERT ON journal WHEN new.kind <> 'reading'
BEGIN
  INSERT OR REPLACE INTO lot_name (lot_id, name)
  SELECT
    coalesce(act ->> '$.ballsLotId', act ->> '$.partLotId', act ->> '$.lotId'),
    act ->> '$.name'
  FROM journal_act WHERE seq = new.seq AND act ->> '$.kind' IN ('make', 'split', 'divide');

  INSERT OR IGNORE INTO journal_lot (lot_id, seq)
  SELECT value, new.seq FROM json_tree(new.body)
  WHERE key IN ('lotId', 'partLotId', 'ballsLotId') AND type = 'text';

  INSERT INTO journal_words (rowid, words)
  SELECT new.seq, concat_ws(' ',
    new.by,
    (SELECT name FROM bake WHERE bake.id = new.bake_id),
    (SELECT group_concat(value, ' ') FROM json_tree(new.body) WHERE type = 'text'),
    (SELECT group_concat(lot_name.name, ' ') FROM journal_lot JOIN lot_name USING (lot_id)
      WHERE journal_lot.seq = new.seq));
END;

CREATE INDEX journal_kind ON journal (kind, at_ms);

-- The day an entry stands under in the Log: when it was done, or when it was planned. A probe’s
-- readings are looked up by their kind.
CREATE INDEX journal_day ON journal (
  (CASE tense WHEN 'done' THEN at_ms ELSE recorded_ms END), seq
) WHERE NOT (kind = 'reading' AND by IS 'probe');

-- The words of a new entry name its lots: without this, writing one entry reads all that were ever written.
CREATE INDEX journal_lot_by_entry ON journal_lot (seq);

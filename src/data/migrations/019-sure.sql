-- From which chance on a service counts as covered, per cent: the shop’s own.
ALTER TABLE shop ADD COLUMN sure_pct INTEGER NOT NULL DEFAULT 80 CHECK (sure_pct BETWEEN 50 AND 99);

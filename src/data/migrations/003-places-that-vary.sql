-- A place may follow a curve over the day (JSON list of {"minute","tempC"}), and hold its warmth better than air does.
ALTER TABLE place_setting ADD COLUMN daily TEXT;
ALTER TABLE place ADD COLUMN insulation REAL NOT NULL DEFAULT 1 CHECK (insulation BETWEEN 0.1 AND 20);

-- The coldest water at hand without ice, and by what doughs are mixed.
ALTER TABLE shop ADD COLUMN tap_c REAL NOT NULL DEFAULT 12 CHECK (tap_c BETWEEN 0 AND 40);
ALTER TABLE shop ADD COLUMN mixed_by TEXT NOT NULL DEFAULT 'mixer' CHECK (mixed_by IN ('hand', 'mixer'));

-- In which language the shop speaks.
ALTER TABLE shop ADD COLUMN language TEXT NOT NULL DEFAULT 'en' CHECK (language IN ('en', 'it', 'de'));

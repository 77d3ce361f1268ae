-- Lengths are read in centimetres or in inches, as weights are in grams or ounces.
ALTER TABLE shop ADD COLUMN length_unit TEXT NOT NULL DEFAULT 'cm' CHECK (length_unit IN ('cm', 'in'));

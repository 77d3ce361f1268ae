-- What was there of an ingredient when it was counted last, and what a kilo costs.
CREATE TABLE stock (
  ingredient_id TEXT PRIMARY KEY,
  there_g REAL CHECK (there_g IS NULL OR there_g >= 0),
  counted_ms INTEGER,
  price_per_kg REAL CHECK (price_per_kg IS NULL OR price_per_kg >= 0),
  CHECK ((there_g IS NULL) = (counted_ms IS NULL))
) STRICT;

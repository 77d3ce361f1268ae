-- How many of a thing are out of order; null: none.
ALTER TABLE equipment ADD COLUMN broken INTEGER CHECK (broken >= 0);

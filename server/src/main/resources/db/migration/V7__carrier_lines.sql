-- What carriers take, by the figures of the house: a JSON list.
ALTER TABLE house ADD COLUMN carrier_lines TEXT NOT NULL DEFAULT '[]';

-- What carriers charge, by the figures of the house: a table of comma-separated values.
ALTER TABLE house ADD COLUMN tariffs MEDIUMTEXT NOT NULL DEFAULT '';

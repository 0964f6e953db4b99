-- What is searched for words, as the weights that the database compares letters by: where the bytes are not found the words are not there, whatever the
-- case and accents, and looking for bytes takes a third of the time of comparing letter by letter. A blob: one letter may have eighteen weights.
ALTER TABLE card
  ADD COLUMN words MEDIUMBLOB AS (WEIGHT_STRING(CONCAT(name, ' ', note) COLLATE utf8mb4_unicode_ci)) PERSISTENT;

-- The shelf is listed from cards.
ALTER TABLE pack DROP KEY pack_saved;

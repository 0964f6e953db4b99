-- What the house pays for material. Each change is a row of its own: the newest version counts, the older ones are the
-- history. A price that was taken away has no amount.
CREATE TABLE price (
  material VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version BIGINT NOT NULL,
  amount DOUBLE NULL,
  source VARCHAR(200) NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (material, version)
);

-- The currency of all prices.
ALTER TABLE house ADD COLUMN currency CHAR(3) NOT NULL DEFAULT 'EUR';

-- The house's own ways: one row.
CREATE TABLE house (
  id TINYINT PRIMARY KEY,
  length_unit VARCHAR(2) NOT NULL,
  mass_unit VARCHAR(2) NOT NULL,
  numbers VARCHAR(5) NOT NULL,
  CONSTRAINT one_house CHECK (id = 1)
);
INSERT INTO house (id, length_unit, mass_unit, numbers) VALUES (1, 'mm', 'kg', 'point');

-- Somebody must be able to add people: the first designer of a house that had none.
UPDATE account SET role = 'keeper'
WHERE role = 'designer' AND id = (SELECT first FROM (SELECT MIN(id) AS first FROM account WHERE role = 'designer') AS f);

-- What was done by whom. Rows are added and read, never changed.
CREATE TABLE event (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  happened_at DATETIME(3) NOT NULL,
  who VARCHAR(60) NOT NULL,
  what VARCHAR(40) NOT NULL,
  subject VARCHAR(300) NOT NULL,
  detail VARCHAR(2000) NOT NULL
);

-- Failed sign-ins by account or address, to slow down guessing.
CREATE TABLE sign_in_failure (
  subject VARCHAR(120) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  failures INT NOT NULL,
  last_at DATETIME(3) NOT NULL,
  KEY sign_in_failure_last (last_at)
);

-- Browsers that somebody signed in from before: guessing elsewhere does not slow them.
CREATE TABLE known_browser (
  token_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  account_id BIGINT NOT NULL,
  seen_at DATETIME(3) NOT NULL,
  PRIMARY KEY (token_hash, account_id),
  KEY known_browser_seen (seen_at),
  CONSTRAINT known_browser_of_account FOREIGN KEY (account_id) REFERENCES account (id) ON DELETE CASCADE
);

-- Cartons that lie in the store, by inside size.
CREATE TABLE stock_carton (
  id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  name VARCHAR(100) NOT NULL,
  length_mm DOUBLE NOT NULL,
  width_mm DOUBLE NOT NULL,
  height_mm DOUBLE NOT NULL,
  board VARCHAR(60) NOT NULL,
  source VARCHAR(200) NOT NULL,
  version BIGINT NOT NULL
);

-- Sheets of foam that lie in the store, by thickness.
CREATE TABLE sheet (
  foam VARCHAR(60) NOT NULL,
  thickness_mm DOUBLE NOT NULL,
  source VARCHAR(200) NOT NULL,
  PRIMARY KEY (foam, thickness_mm)
);

-- What a person wants to remember of the item; not part of the pack file.
ALTER TABLE pack ADD COLUMN note VARCHAR(4000) NOT NULL DEFAULT '' AFTER name;

-- Photographs, stored once by content, without what cameras write into them.
CREATE TABLE photograph (
  hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  width INT NOT NULL,
  height INT NOT NULL,
  picture MEDIUMBLOB NOT NULL,
  thumbnail MEDIUMBLOB NOT NULL
);

CREATE TABLE pack_photograph (
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  added_at DATETIME(3) NOT NULL,
  added_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (pack_id, hash),
  CONSTRAINT photograph_of_pack FOREIGN KEY (pack_id) REFERENCES pack (id),
  CONSTRAINT pack_photograph_is FOREIGN KEY (hash) REFERENCES photograph (hash)
);

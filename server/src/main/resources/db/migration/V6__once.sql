-- From which version of the draft a revision was made: asking twice makes one.
ALTER TABLE revision ADD COLUMN draft_version BIGINT NULL;
ALTER TABLE revision ADD CONSTRAINT revision_once UNIQUE (pack_id, draft_version);

-- What Rampart said of a revision when it was made, in each wording: JSON, packed with gzip. It is shown and printed from
-- here, whatever the rules say later.
CREATE TABLE revision_report (
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  wording VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  report LONGBLOB NOT NULL,
  PRIMARY KEY (pack_id, number, wording),
  CONSTRAINT report_of_revision FOREIGN KEY (pack_id, number) REFERENCES revision (pack_id, number)
);

-- Packs that were made with a key of the asker's, so that asking twice makes one. A key is kept for a day.
CREATE TABLE made_once (
  made_by VARCHAR(60) NOT NULL,
  request_key VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  made_at DATETIME(3) NOT NULL,
  PRIMARY KEY (made_by, request_key),
  KEY made_once_at (made_at)
);

-- Who may sign in. Names compare without regard to case or accents, so that nobody poses as somebody else.
CREATE TABLE account (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  name VARCHAR(60) NOT NULL,
  password_hash VARCHAR(255) NOT NULL,
  role VARCHAR(20) NOT NULL,
  created_at DATETIME(3) NOT NULL,
  CONSTRAINT account_name UNIQUE (name)
);

-- A pack and its draft: the pack file as it was last saved. The name is read out of the file, never kept beside it.
CREATE TABLE pack (
  id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  draft LONGTEXT NOT NULL,
  name VARCHAR(200) AS (JSON_VALUE(draft, '$.name')) PERSISTENT,
  version BIGINT NOT NULL,
  saved_at DATETIME(3) NOT NULL,
  saved_by VARCHAR(60) NOT NULL,
  deleted_at DATETIME(3) NULL,
  KEY pack_saved (deleted_at, saved_at),
  CONSTRAINT pack_draft_is_json CHECK (JSON_VALID(draft))
);

-- The materials a revision was made on, by content hash.
CREATE TABLE catalogue (
  hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  document LONGTEXT NOT NULL
);

-- A revision never changes once made; the code has no statement that would.
CREATE TABLE revision (
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  number INT NOT NULL,
  document LONGTEXT NOT NULL,
  note VARCHAR(2000) NOT NULL,
  author VARCHAR(60) NOT NULL,
  made_at DATETIME(3) NOT NULL,
  catalogue_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  rules_edition INT NOT NULL,
  PRIMARY KEY (pack_id, number),
  CONSTRAINT revision_of_pack FOREIGN KEY (pack_id) REFERENCES pack (id),
  CONSTRAINT revision_on_catalogue FOREIGN KEY (catalogue_hash) REFERENCES catalogue (hash)
);

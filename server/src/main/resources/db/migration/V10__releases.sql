-- What was released: a revision, with its steps as they were arranged then, under a number of the house. Rows are made and read, never changed; the running number is taken once.
CREATE TABLE released (
  running BIGINT NOT NULL PRIMARY KEY,
  number VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  name VARCHAR(250) NOT NULL,
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  revision INT NOT NULL,
  verdict VARCHAR(20) NOT NULL,
  reason VARCHAR(2000) NOT NULL,
  edits LONGTEXT NOT NULL,
  prices LONGTEXT NOT NULL,
  released_at DATETIME(3) NOT NULL,
  released_by VARCHAR(60) NOT NULL,
  CONSTRAINT released_number UNIQUE (number),
  CONSTRAINT release_of_revision FOREIGN KEY (pack_id, revision) REFERENCES revision (pack_id, number),
  CONSTRAINT released_edits_are_json CHECK (JSON_VALID(edits)),
  CONSTRAINT released_prices_are_json CHECK (JSON_VALID(prices))
);

-- One pack that is packed at the table: a released pack under a number that is scanned. Its steps are kept as they were begun.
CREATE TABLE packing (
  id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  number VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  release_number VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  steps LONGTEXT NOT NULL,
  begun_at DATETIME(3) NOT NULL,
  begun_by VARCHAR(60) NOT NULL,
  CONSTRAINT packing_number UNIQUE (number),
  CONSTRAINT packing_of_release FOREIGN KEY (release_number) REFERENCES released (number),
  CONSTRAINT packing_steps_are_json CHECK (JSON_VALID(steps))
);

-- What was done at the table. The device gives each act its id, so that sending it twice writes it once.
CREATE TABLE packing_act (
  packing_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  place BIGINT NOT NULL,
  step VARCHAR(120) NOT NULL,
  document LONGTEXT NOT NULL,
  done_at DATETIME(3) NOT NULL,
  received_at DATETIME(3) NOT NULL,
  done_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (packing_id, id),
  CONSTRAINT packing_act_place UNIQUE (packing_id, place),
  CONSTRAINT act_of_packing FOREIGN KEY (packing_id) REFERENCES packing (id),
  CONSTRAINT packing_act_is_json CHECK (JSON_VALID(document))
);

CREATE TABLE packing_photograph (
  packing_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  step VARCHAR(120) NOT NULL,
  added_at DATETIME(3) NOT NULL,
  added_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (packing_id, hash),
  CONSTRAINT photograph_of_packing FOREIGN KEY (packing_id) REFERENCES packing (id),
  CONSTRAINT packing_photograph_is FOREIGN KEY (hash) REFERENCES photograph (hash)
);

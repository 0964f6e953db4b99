-- The house's own foams, boards, wraps and consumables. Each change is a row of its own: the newest version counts, the
-- older ones are the history. One that was taken away has no document.
CREATE TABLE material (
  id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version BIGINT NOT NULL,
  kind VARCHAR(20) NOT NULL,
  name VARCHAR(100) NOT NULL,
  document LONGTEXT NULL,
  tests LONGTEXT NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (id, version),
  CONSTRAINT material_document_is_json CHECK (document IS NULL OR JSON_VALID(document)),
  CONSTRAINT material_tests_is_json CHECK (tests IS NULL OR JSON_VALID(tests))
);

-- Journeys that the house has made or changed, in the same way.
CREATE TABLE journey (
  id VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version BIGINT NOT NULL,
  words VARCHAR(200) NOT NULL,
  detail VARCHAR(500) NOT NULL,
  document LONGTEXT NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (id, version),
  CONSTRAINT journey_document_is_json CHECK (document IS NULL OR JSON_VALID(document))
);

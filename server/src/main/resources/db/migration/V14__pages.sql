-- The newest version of each thing with a history, kept by the database beside them: what a list shows is looked up and not worked out of all versions.
CREATE TABLE entry_now (
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id VARCHAR(100) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version BIGINT NOT NULL,
  gone BOOLEAN NOT NULL,
  first_at DATETIME(3) NOT NULL,
  PRIMARY KEY (kind, id),
  KEY entry_listed (kind, gone, first_at DESC, id DESC, version)
);

INSERT INTO entry_now (kind, id, version, gone, first_at)
SELECT e.kind, e.id, e.version, e.gone, n.first_at FROM entry e
JOIN (SELECT kind, id, MAX(version) AS version, MIN(changed_at) AS first_at FROM entry GROUP BY kind, id) n
ON n.kind = e.kind AND n.id = e.id AND n.version = e.version;

-- Rows may come in any order, as out of an archive. Assignments are made from left to right: before the version the old one is seen.
CREATE TRIGGER entry_written AFTER INSERT ON entry FOR EACH ROW
INSERT INTO entry_now (kind, id, version, gone, first_at)
VALUES (NEW.kind, NEW.id, NEW.version, NEW.gone, NEW.changed_at)
ON DUPLICATE KEY UPDATE
  gone = IF(NEW.version > version, NEW.gone, gone),
  version = GREATEST(version, NEW.version),
  first_at = LEAST(first_at, NEW.changed_at);

-- What is looked for and ordered by stands in the index: the wide rows are read of one page only.
ALTER TABLE released ADD KEY released_by_name (name, running, pack_id, number);
ALTER TABLE packing DROP KEY packing_begun, ADD KEY packing_begun (begun_at DESC, id, number, release_number);

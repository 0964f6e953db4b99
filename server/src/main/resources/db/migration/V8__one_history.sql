-- Whatever the house keeps with its history stands in one table: each change is a row of its own, the newest version counts.
CREATE TABLE entry (
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  id VARCHAR(100) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  version BIGINT NOT NULL,
  document LONGTEXT NOT NULL,
  gone BOOLEAN NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by VARCHAR(60) NOT NULL,
  PRIMARY KEY (kind, id, version),
  CONSTRAINT entry_document_is_json CHECK (JSON_VALID(document))
);

-- Documents of materials and journeys are texts within: their numbers stay as they were written, digit for digit.
INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by)
SELECT 'material', id, version,
       JSON_OBJECT('kind', kind, 'name', name, 'document', CONCAT(document, ''), 'tests', CONCAT(tests, '')),
       document IS NULL, changed_at, changed_by
FROM material;

INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by)
SELECT 'journey', id, version,
       JSON_OBJECT('words', words, 'detail', detail, 'document', CONCAT(document, '')),
       document IS NULL, changed_at, changed_by
FROM journey;

INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by)
SELECT 'price', material, version, JSON_OBJECT('amount', amount, 'source', source), amount IS NULL, changed_at, changed_by
FROM price;

-- Cartons and sheets had no history: what lies there now is where it begins.
INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by)
SELECT 'carton', id, version,
       JSON_OBJECT('name', name, 'lengthMm', length_mm, 'widthMm', width_mm, 'heightMm', height_mm, 'board', board,
                   'source', source),
       FALSE, UTC_TIMESTAMP(3), ''
FROM stock_carton;

INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by)
SELECT 'sheet', CONCAT(foam, ' ', thickness_mm), 1,
       JSON_OBJECT('foam', foam, 'thicknessMm', thickness_mm, 'source', source),
       FALSE, UTC_TIMESTAMP(3), ''
FROM sheet;

DROP TABLE material;
DROP TABLE journey;
DROP TABLE price;
DROP TABLE stock_carton;
DROP TABLE sheet;

-- What was done points at what it was done to, and holds figures; they become words when somebody reads them.
ALTER TABLE event
  ADD COLUMN subject_kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '' AFTER what,
  ADD COLUMN subject_id VARCHAR(100) NOT NULL DEFAULT '' AFTER subject_kind,
  ADD COLUMN details LONGTEXT NOT NULL DEFAULT '{"is":"nothing"}' CHECK (JSON_VALID(details));
UPDATE event SET subject_kind = 'pack', subject_id = detail, detail = ''
WHERE what IN ('PACK_ADDED', 'PACK_DELETED', 'PACK_RESTORED');
UPDATE event SET subject_kind = 'pack' WHERE what IN ('REVISION_MADE', 'PHOTOGRAPH_ADDED', 'PHOTOGRAPH_REMOVED');
UPDATE event SET subject_kind = 'person'
WHERE what IN ('PERSON_ADDED', 'PERSON_REMOVED', 'RIGHTS_CHANGED', 'PASSWORD_RESET', 'PASSWORD_CHANGED', 'SESSIONS_ENDED');
UPDATE event SET subject_kind = 'house' WHERE what = 'WAYS_CHANGED' AND subject = '';
UPDATE event SET subject_kind = 'journey', subject = SUBSTRING(subject, 9)
WHERE what = 'WAYS_CHANGED' AND subject LIKE 'journey %';
UPDATE event SET subject_kind = 'price', subject = SUBSTRING(subject, 10), subject_id = SUBSTRING(subject, 10)
WHERE what = 'STORES_CHANGED' AND subject LIKE 'price of %';
UPDATE event SET subject_kind = SUBSTRING_INDEX(subject, ' ', 1), subject = SUBSTRING(subject, LOCATE(' ', subject) + 1)
WHERE what = 'STORES_CHANGED' AND subject_kind = ''
  AND SUBSTRING_INDEX(subject, ' ', 1) IN ('carton', 'sheet', 'foam', 'board', 'wrap', 'consumable');
UPDATE event SET subject_kind = 'stores' WHERE what = 'STORES_CHANGED' AND subject_kind = '';
-- What was written as words then stays so.
UPDATE event SET details = JSON_OBJECT('is', 'written', 'words', detail) WHERE detail <> '';
ALTER TABLE event DROP COLUMN detail;
CREATE INDEX event_about ON event (subject_kind, id);

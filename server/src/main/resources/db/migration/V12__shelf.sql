-- What the shelf lists of each pack. The database itself keeps it beside the pack: narrow, so that a search over all packs reads no drafts.
-- What the pack comes to at this version is put there by the application; basis tells by which rules and materials, and is empty until then.
CREATE TABLE card (
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  on_shelf BOOLEAN NOT NULL,
  name VARCHAR(200) NOT NULL,
  note VARCHAR(4000) NOT NULL,
  version BIGINT NOT NULL,
  saved_at DATETIME(3) NOT NULL,
  saved_by VARCHAR(60) NOT NULL,
  basis CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '',
  urgency TINYINT NOT NULL DEFAULT 9,
  kind VARCHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT '',
  margin DOUBLE NOT NULL DEFAULT 0,
  volume_mm3 DOUBLE NOT NULL DEFAULT 0,
  gross_kg DOUBLE NOT NULL DEFAULT 0,
  KEY card_basis (on_shelf, basis, saved_at, pack_id),
  KEY card_saved (on_shelf, saved_at DESC, pack_id, urgency, kind),
  KEY card_name (on_shelf, name, saved_at DESC, pack_id, urgency, kind),
  KEY card_weakest (on_shelf, urgency, margin, saved_at DESC, pack_id, kind),
  KEY card_size (on_shelf, volume_mm3 DESC, saved_at DESC, pack_id, urgency, kind),
  KEY card_mass (on_shelf, gross_kg DESC, saved_at DESC, pack_id, urgency, kind),
  CONSTRAINT card_of_pack FOREIGN KEY (pack_id) REFERENCES pack (id) ON DELETE CASCADE
);

-- What a card shows besides, with its drawing; read for the packs of one page.
CREATE TABLE card_face (
  pack_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
  version BIGINT NOT NULL,
  basis CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  face MEDIUMBLOB NOT NULL,
  CONSTRAINT face_of_card FOREIGN KEY (pack_id) REFERENCES card (pack_id) ON DELETE CASCADE
);

INSERT INTO card (pack_id, on_shelf, name, note, version, saved_at, saved_by)
SELECT id, deleted_at IS NULL, COALESCE(name, ''), note, version, saved_at, saved_by FROM pack;

CREATE TRIGGER card_made AFTER INSERT ON pack FOR EACH ROW
INSERT INTO card (pack_id, on_shelf, name, note, version, saved_at, saved_by)
VALUES (NEW.id, NEW.deleted_at IS NULL, COALESCE(NEW.name, ''), NEW.note, NEW.version, NEW.saved_at, NEW.saved_by);

-- Assignments are made from left to right: the version comes last, so that before it the old one is seen.
CREATE TRIGGER card_kept AFTER UPDATE ON pack FOR EACH ROW
UPDATE card SET
  on_shelf = NEW.deleted_at IS NULL,
  name = COALESCE(NEW.name, ''),
  note = NEW.note,
  saved_at = NEW.saved_at,
  saved_by = NEW.saved_by,
  basis = IF(version = NEW.version, basis, ''),
  urgency = IF(version = NEW.version, urgency, 9),
  kind = IF(version = NEW.version, kind, ''),
  margin = IF(version = NEW.version, margin, 0),
  volume_mm3 = IF(version = NEW.version, volume_mm3, 0),
  gross_kg = IF(version = NEW.version, gross_kg, 0),
  version = NEW.version
WHERE pack_id = NEW.id;

-- The newest release of each pack, and the packings begun last.
ALTER TABLE released ADD KEY released_of_pack (pack_id, running);
ALTER TABLE packing ADD KEY packing_begun (begun_at DESC, id);

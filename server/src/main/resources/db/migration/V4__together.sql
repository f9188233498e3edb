-- What a thing was at each of its last versions: who changed one field of an older version meets
-- who changed another since, field by field.
CREATE TABLE past_body (
  kind    TEXT NOT NULL,
  id      TEXT NOT NULL,
  version INTEGER NOT NULL,
  body    TEXT NOT NULL,
  PRIMARY KEY (kind, id, version)
) WITHOUT ROWID;
INSERT INTO past_body (kind, id, version, body) SELECT kind, id, version, body FROM thing;

-- Undo goes back act by act.
CREATE INDEX change_of_act ON change (act);

-- Where an act was done: a build, or '' for the workshop, where builds come and go.
ALTER TABLE change ADD COLUMN place TEXT NOT NULL DEFAULT '';
UPDATE change SET place = coalesce(
  (SELECT max(c.build_id) FROM change c WHERE c.act = change.act), '')
WHERE act NOT IN (
  SELECT act FROM change WHERE kind = 'BRIEF' AND (before IS NULL OR after IS NULL));
CREATE INDEX change_of_place ON change (account_id, place, undone, seq);

-- Links that open one screen's page, or take values in, and nothing else; only their SHA-256 is kept. Canvases are things of their own: see decision 1.
CREATE TABLE screen_link (
  id         TEXT PRIMARY KEY,
  build_id   TEXT NOT NULL,
  kind       TEXT NOT NULL CHECK (kind IN ('SCREEN', 'FEED')),
  canvas_id  TEXT NOT NULL,
  pane_id    TEXT NOT NULL,
  name       TEXT NOT NULL,
  token_hash TEXT NOT NULL UNIQUE,
  created_at TEXT NOT NULL,
  revoked_at TEXT
);
CREATE INDEX screen_link_of_build ON screen_link (build_id, created_at);

-- What a machine said last, so that its screens still show it after a restart.
CREATE TABLE feed_value (
  build_id TEXT NOT NULL,
  name     TEXT NOT NULL,
  number   REAL,
  words    TEXT NOT NULL,
  at       TEXT NOT NULL,
  PRIMARY KEY (build_id, name)
) WITHOUT ROWID;

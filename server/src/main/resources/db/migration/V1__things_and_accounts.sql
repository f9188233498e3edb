-- What people entered, one row a thing; the body is the JSON of its record in core.
CREATE TABLE thing (
  kind       TEXT NOT NULL,
  id         TEXT NOT NULL,
  build_id   TEXT,
  version    INTEGER NOT NULL,
  position   INTEGER NOT NULL,
  body       TEXT NOT NULL CHECK (json_valid(body)),
  updated_at TEXT NOT NULL,
  PRIMARY KEY (kind, id)
) WITHOUT ROWID;
CREATE INDEX thing_of_build ON thing (build_id, kind, position);

-- Every change with the words before and after: the memory of undo.
CREATE TABLE change (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  act        TEXT NOT NULL,
  account_id TEXT NOT NULL,
  at         TEXT NOT NULL,
  kind       TEXT NOT NULL,
  thing_id   TEXT NOT NULL,
  build_id   TEXT,
  position   INTEGER NOT NULL,
  before     TEXT,
  after      TEXT,
  undone     INTEGER NOT NULL DEFAULT 0
);
CREATE INDEX change_of_account ON change (account_id, undone, seq);

CREATE TABLE account (
  id            TEXT PRIMARY KEY,
  name          TEXT NOT NULL UNIQUE COLLATE NOCASE,
  role          TEXT NOT NULL CHECK (role IN ('OWNER', 'HELPER')),
  password_hash TEXT NOT NULL,
  person_id     TEXT NOT NULL,
  created_at    TEXT NOT NULL
);

CREATE TABLE session (
  token_hash TEXT PRIMARY KEY,
  account_id TEXT NOT NULL REFERENCES account (id) ON DELETE CASCADE,
  expires_at TEXT NOT NULL
);

CREATE TABLE api_token (
  id         TEXT PRIMARY KEY,
  account_id TEXT NOT NULL REFERENCES account (id) ON DELETE CASCADE,
  name       TEXT NOT NULL,
  token_hash TEXT NOT NULL UNIQUE,
  created_at TEXT NOT NULL,
  revoked_at TEXT
);

CREATE TABLE sign_in_failure (
  name         TEXT PRIMARY KEY COLLATE NOCASE,
  failures     INTEGER NOT NULL,
  locked_until TEXT NOT NULL
);

-- Failed tries are counted by name with address, by name, by address and by known device, and
-- forgiven with time; what was counted before by name alone lasted a quarter of an hour at most.
DROP TABLE sign_in_failure;
CREATE TABLE sign_in_failure (
  who      TEXT PRIMARY KEY,
  failures INTEGER NOT NULL,
  last_at  TEXT NOT NULL
) WITHOUT ROWID;

-- Browsers somebody signed in with: a stranger's wrong tries don't lock them out.
CREATE TABLE device (
  token_hash TEXT PRIMARY KEY,
  account_id TEXT NOT NULL REFERENCES account (id) ON DELETE CASCADE,
  seen_at    TEXT NOT NULL
);

-- Who left keeps a row, so that history still says a name.
ALTER TABLE account ADD COLUMN ended_at TEXT;
-- When a session was last used, to the hour.
ALTER TABLE session ADD COLUMN seen_at TEXT NOT NULL DEFAULT '';

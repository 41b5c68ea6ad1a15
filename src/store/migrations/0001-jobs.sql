-- A job is a chain of revisions; only its head moves. Rows of `revision` are never changed or deleted.
CREATE TABLE job (
  id TEXT PRIMARY KEY,
  head TEXT NOT NULL,
  created_at TEXT NOT NULL,
  changed_at TEXT NOT NULL,
  deleted_at TEXT
) STRICT;

CREATE TABLE revision (
  sequence INTEGER PRIMARY KEY AUTOINCREMENT,
  id TEXT NOT NULL UNIQUE,
  job TEXT NOT NULL REFERENCES job (id),
  -- NULL for the first: its checkpoint is the document itself.
  parent TEXT REFERENCES revision (id),
  depth INTEGER NOT NULL,
  schema_version INTEGER NOT NULL,
  label TEXT NOT NULL,
  patches TEXT NOT NULL,
  inverse TEXT NOT NULL,
  created_at TEXT NOT NULL
) STRICT;

CREATE INDEX revision_by_parent ON revision (parent, sequence);

CREATE TABLE checkpoint (
  revision TEXT PRIMARY KEY REFERENCES revision (id),
  document TEXT NOT NULL
) STRICT, WITHOUT ROWID;

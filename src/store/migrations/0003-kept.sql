-- Build-ups and materials of one's own that stand on the shelf beside the jobs. A document is kept as it was written; it says its version.
CREATE TABLE kept (
  id TEXT PRIMARY KEY,
  document TEXT NOT NULL,
  kept_at TEXT NOT NULL,
  deleted_at TEXT
) STRICT, WITHOUT ROWID;

-- What was worked out beside the work and is kept by what it is of (a hash of all that it depends on), as some build of the program worked it out.
CREATE TABLE result (
  hash TEXT NOT NULL,
  program TEXT NOT NULL,
  result TEXT NOT NULL,
  kept_at TEXT NOT NULL,
  PRIMARY KEY (hash, program)
) STRICT, WITHOUT ROWID;
CREATE INDEX result_by_age ON result (kept_at);

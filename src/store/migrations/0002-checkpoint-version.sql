-- A job that is taken up to a newer schema version starts at a new checkpoint of its head;
-- the old one stays, as undoing past it replays the old revisions first.
CREATE TABLE checkpoint_of_version (
  revision TEXT NOT NULL REFERENCES revision (id),
  schema_version INTEGER NOT NULL,
  document TEXT NOT NULL,
  PRIMARY KEY (revision, schema_version)
) STRICT, WITHOUT ROWID;

INSERT INTO checkpoint_of_version (revision, schema_version, document)
SELECT c.revision, r.schema_version, c.document FROM checkpoint c JOIN revision r ON r.id = c.revision;

DROP TABLE checkpoint;
ALTER TABLE checkpoint_of_version RENAME TO checkpoint;

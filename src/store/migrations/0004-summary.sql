-- What the shelf shows of a job at one of its heads, as some build of the program worked it out; made anew where either is another.
CREATE TABLE summary (
  job TEXT PRIMARY KEY REFERENCES job (id),
  head TEXT NOT NULL,
  program TEXT NOT NULL,
  summary TEXT NOT NULL
) STRICT, WITHOUT ROWID;

-- Sheets: each version is kept as it was, and each printing with who got which form.
CREATE TABLE sheet_version (
  id        INTEGER PRIMARY KEY,
  class_id  INTEGER NOT NULL REFERENCES class (id),
  sheet_id  TEXT NOT NULL,              -- made by the sender
  version   INTEGER NOT NULL CHECK (version >= 1),
  lesson_id INTEGER REFERENCES lesson (id), -- the lesson it belongs to, if any
  part      TEXT CHECK (part IN ('ticket', 'alone')), -- which part of the lesson it is the paper of
  sheet     TEXT NOT NULL,              -- JSON: recipe and content
  made_at   TEXT NOT NULL,              -- ISO 8601, UTC
  UNIQUE (sheet_id, version)
) STRICT;
CREATE INDEX sheet_version_by_class ON sheet_version (class_id, id);

CREATE TABLE printing (
  id         INTEGER PRIMARY KEY,       -- stands in the code of each page
  job_id     TEXT NOT NULL UNIQUE,      -- made by the sender
  version_id INTEGER NOT NULL REFERENCES sheet_version (id),
  setting    TEXT NOT NULL,             -- JSON: the class's conventions and the day as they were
  printed_at TEXT NOT NULL              -- ISO 8601, UTC
) STRICT;
CREATE INDEX printing_by_version ON printing (version_id);

CREATE TABLE printed_copy (
  printing_id INTEGER NOT NULL REFERENCES printing (id),
  number      INTEGER NOT NULL,         -- from 1, as in the code of its pages
  child_id    INTEGER REFERENCES child (id), -- none where the name is written by hand
  form        INTEGER NOT NULL,         -- place of the form in the content
  PRIMARY KEY (printing_id, number)
) STRICT, WITHOUT ROWID;

CREATE TRIGGER sheet_version_is_append_only BEFORE UPDATE ON sheet_version
BEGIN
  SELECT RAISE(ABORT, 'versions of sheets are append-only');
END;
CREATE TRIGGER printing_is_append_only BEFORE UPDATE ON printing
BEGIN
  SELECT RAISE(ABORT, 'printings are append-only');
END;
CREATE TRIGGER printed_copy_is_append_only BEFORE UPDATE ON printed_copy
BEGIN
  SELECT RAISE(ABORT, 'printed copies are append-only');
END;

-- What came of a lesson's sheet: children with answers in it.
CREATE INDEX answer_by_lesson ON answer (lesson_id, child_id);

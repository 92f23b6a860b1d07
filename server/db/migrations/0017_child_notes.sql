-- Why an answer does not count, where the teacher said.
ALTER TABLE correction ADD COLUMN why TEXT CHECK (why IS NULL OR says = 'out');

DROP VIEW correction_now;
CREATE VIEW correction_now AS
SELECT c.answer_id, c.says, c.why
FROM correction AS c
WHERE c.says <> 'as-given'
  AND c.seq = (SELECT MAX(d.seq) FROM correction AS d WHERE d.answer_id = c.answer_id);

-- What a teacher has seen of a child, in her own words. One that is taken back is gone from the file.
CREATE TABLE child_note (
  seq      INTEGER PRIMARY KEY AUTOINCREMENT,
  id       TEXT NOT NULL UNIQUE,        -- made by the sender
  child_id INTEGER NOT NULL REFERENCES child (id),
  day      TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  text     TEXT NOT NULL CHECK (length(text) BETWEEN 1 AND 500),
  noted_at TEXT NOT NULL                -- ISO 8601, UTC
) STRICT;
CREATE INDEX child_note_by_child ON child_note (child_id, seq);

-- Since when the class does something otherwise that it had agreed on: children may go on doing it the old way for some days.
CREATE TABLE convention_change (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  class_id   INTEGER NOT NULL REFERENCES class (id),
  convention TEXT NOT NULL,
  day        TEXT NOT NULL CHECK (day GLOB '????-??-??')
) STRICT;
CREATE INDEX convention_change_by_class ON convention_change (class_id, seq);

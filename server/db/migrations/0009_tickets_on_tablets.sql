-- A check's ticket can be handed to tablets, to be done quietly.
CREATE TABLE new_handed_set (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  id         TEXT NOT NULL UNIQUE,                     -- made by the sender
  class_id   INTEGER NOT NULL REFERENCES class (id),
  lesson_id  INTEGER NOT NULL REFERENCES lesson (id),
  what       TEXT NOT NULL CHECK (what IN ('lesson', 'needs', 'times', 'ticket')),
  items      TEXT CHECK (json_valid(items)),           -- null: what each child needs
  child_ids  TEXT CHECK (json_valid(child_ids)),       -- null: all
  day        TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  handed_at  TEXT NOT NULL,                            -- ISO 8601, UTC
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;
INSERT INTO new_handed_set (seq, id, class_id, lesson_id, what, items, child_ids, day, handed_at, taken_back)
SELECT seq, id, class_id, lesson_id, what, items, child_ids, day, handed_at, taken_back FROM handed_set;
DROP TABLE handed_set;
ALTER TABLE new_handed_set RENAME TO handed_set;

-- How tablets come in: three pictures the board shows, and what a tablet that knew them shows from then on.
CREATE TABLE class_door (
  class_id INTEGER PRIMARY KEY REFERENCES class (id),
  code     TEXT NOT NULL CHECK (json_valid(code)),     -- picture names, in order
  token    TEXT NOT NULL UNIQUE
) STRICT;

-- Sets handed to children by the teacher; the latest that names a child counts.
CREATE TABLE handed_set (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  id         TEXT NOT NULL UNIQUE,                     -- made by the sender
  class_id   INTEGER NOT NULL REFERENCES class (id),
  lesson_id  INTEGER NOT NULL REFERENCES lesson (id),
  what       TEXT NOT NULL CHECK (what IN ('lesson', 'needs', 'times')),
  items      TEXT CHECK (json_valid(items)),           -- null: what each child needs
  child_ids  TEXT CHECK (json_valid(child_ids)),       -- null: all
  day        TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  handed_at  TEXT NOT NULL,                            -- ISO 8601, UTC
  taken_back INTEGER NOT NULL DEFAULT 0 CHECK (taken_back IN (0, 1))
) STRICT;

-- Answers of the stand-ins that fill the room of the made-up class: the only ones that can be taken out again.
CREATE TABLE stand_in_answer (
  answer_id TEXT PRIMARY KEY REFERENCES answer (id) ON DELETE CASCADE
) STRICT;

-- Every tablet that was let in, with a pass of its own in place of one that all of a class shared. Tablets let in before are asked
-- for the pictures once more.
CREATE TABLE tablet (
  id        INTEGER PRIMARY KEY,
  pass      TEXT NOT NULL UNIQUE,                      -- SHA-256 of what it shows, hexadecimal
  class_id  INTEGER REFERENCES class (id),             -- the class it is let in to; null: withdrawn
  simulated INTEGER NOT NULL CHECK (simulated IN (0, 1)),
  let_in_at TEXT NOT NULL                              -- ISO 8601, UTC
) STRICT;

-- Children who have sat at a tablet: those whose answers it may bring, also later, when a network is there again.
CREATE TABLE tablet_child (
  tablet_id INTEGER NOT NULL REFERENCES tablet (id) ON DELETE CASCADE,
  child_id  INTEGER NOT NULL REFERENCES child (id),
  PRIMARY KEY (tablet_id, child_id)
) STRICT;

CREATE TABLE door (
  class_id INTEGER PRIMARY KEY REFERENCES class (id),
  code     TEXT NOT NULL CHECK (json_valid(code))      -- picture names, in order
) STRICT;
INSERT INTO door (class_id, code) SELECT class_id, code FROM class_door;
DROP TABLE class_door;

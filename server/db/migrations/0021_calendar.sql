-- The calendar of a class's unit as other programs know it: a name made by chance once, so that no other school's is taken for it, and a
-- private address it can be subscribed to at, while there is one.
CREATE TABLE calendar (
  class_id INTEGER PRIMARY KEY REFERENCES class (id),
  uid TEXT NOT NULL UNIQUE,
  address TEXT UNIQUE
) STRICT;

-- Each lesson as it went out last: what other programs have, and by which number they know that something newer came.
CREATE TABLE calendar_event (
  lesson_id INTEGER PRIMARY KEY REFERENCES lesson (id),
  class_id INTEGER NOT NULL REFERENCES class (id),
  sequence INTEGER NOT NULL CHECK (sequence >= 0),
  content TEXT NOT NULL, -- JSON: start, end, summary, description
  cancelled INTEGER NOT NULL CHECK (cancelled IN (0, 1)),
  stamped_at TEXT NOT NULL
) STRICT;
CREATE INDEX calendar_event_of_class ON calendar_event (class_id);

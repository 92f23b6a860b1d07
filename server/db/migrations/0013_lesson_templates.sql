-- Lessons a teacher keeps for other classes. Taken out, one stays in the file and is on no list.
CREATE TABLE lesson_template (
  id TEXT PRIMARY KEY,
  lesson TEXT NOT NULL,
  made_at TEXT NOT NULL,
  taken_out INTEGER NOT NULL DEFAULT 0 CHECK (taken_out IN (0, 1))
) STRICT;

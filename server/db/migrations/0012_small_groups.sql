-- Small groups that were accepted after a check: who, what they are shown, the times they work on. The latest row of a check counts.
CREATE TABLE small_group (
  id INTEGER PRIMARY KEY,
  lesson_id INTEGER NOT NULL REFERENCES lesson (id),
  members TEXT NOT NULL,
  made_at TEXT NOT NULL
) STRICT;
CREATE INDEX small_group_lesson ON small_group (lesson_id);

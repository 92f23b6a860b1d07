-- Paper that is marked: a pile of tickets, or tasks that were asked without paper. What its children get is as it was when it was begun.
CREATE TABLE pile (
  id          TEXT PRIMARY KEY,         -- made by the sender
  class_id    INTEGER NOT NULL REFERENCES class (id),
  lesson_id   INTEGER NOT NULL REFERENCES lesson (id),
  origin      TEXT NOT NULL,            -- what it was opened from: the same one is the same pile, on every screen
  printing_id INTEGER REFERENCES printing (id),
  round_id    TEXT REFERENCES round (id),
  forms       TEXT NOT NULL CHECK (json_valid(forms)), -- tasks of each form, in order
  day         TEXT NOT NULL CHECK (day GLOB '????-??-??'), -- when it was answered
  made_at     TEXT NOT NULL,            -- ISO 8601, UTC
  UNIQUE (class_id, origin)
) STRICT;

CREATE TRIGGER pile_is_append_only BEFORE UPDATE ON pile
BEGIN
  SELECT RAISE(ABORT, 'piles are append-only');
END;

-- What is said of a child in a pile: whether its paper is there, and which form it has. The latest row counts.
CREATE TABLE pile_child (
  seq      INTEGER PRIMARY KEY AUTOINCREMENT,
  id       TEXT NOT NULL UNIQUE,        -- made by the sender
  pile_id  TEXT NOT NULL REFERENCES pile (id),
  child_id INTEGER NOT NULL REFERENCES child (id),
  away     INTEGER NOT NULL CHECK (away IN (0, 1)),
  form     INTEGER NOT NULL CHECK (form >= 0),
  said_at  TEXT NOT NULL                -- ISO 8601, UTC
) STRICT;
CREATE INDEX pile_child_by_pile ON pile_child (pile_id, child_id, seq);

CREATE TRIGGER pile_child_is_append_only BEFORE UPDATE ON pile_child
BEGIN
  SELECT RAISE(ABORT, 'what is said of a pile is append-only');
END;

-- Answers seen on paper, or read from a file, with their place in a pile.
DROP VIEW counted_answer;
DROP TRIGGER answer_is_append_only;
CREATE TABLE new_answer (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  id          TEXT NOT NULL UNIQUE,     -- made by the sender
  child_id    INTEGER NOT NULL REFERENCES child (id),
  lesson_id   INTEGER NOT NULL REFERENCES lesson (id),
  round_id    TEXT REFERENCES round (id),
  round_index INTEGER CHECK (round_index >= 0),
  pile_id     TEXT REFERENCES pile (id),
  task        INTEGER CHECK (task >= 0), -- place on the paper
  attempt     INTEGER NOT NULL CHECK (attempt IN (1, 2)),
  item        TEXT NOT NULL CHECK (json_valid(item)),
  answer      TEXT NOT NULL CHECK (json_valid(answer)),
  verdict     TEXT NOT NULL CHECK (verdict IN ('right', 'nearly', 'wrong', 'unreadable')),
  findings    TEXT NOT NULL CHECK (json_valid(findings)),
  source      TEXT NOT NULL CHECK (source IN ('tablet', 'teacher', 'simulated', 'paper', 'file')),
  stored_at   TEXT NOT NULL,            -- ISO 8601, UTC
  day         TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  CHECK ((round_id IS NULL) = (round_index IS NULL)),
  CHECK ((pile_id IS NULL) = (task IS NULL)),
  CHECK (round_id IS NULL OR pile_id IS NULL)
) STRICT;
INSERT INTO new_answer (seq, id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day)
SELECT seq, id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day FROM answer;
DROP VIEW correction_now;
DROP TABLE answer;
ALTER TABLE new_answer RENAME TO answer;

CREATE INDEX answer_by_round ON answer (round_id, round_index, child_id, seq);
CREATE INDEX answer_by_child ON answer (child_id, seq);
CREATE INDEX answer_by_lesson ON answer (lesson_id, child_id);
CREATE INDEX answer_by_pile ON answer (pile_id, child_id, task, seq) WHERE pile_id IS NOT NULL;

CREATE TRIGGER answer_is_append_only BEFORE UPDATE ON answer
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only');
END;

CREATE VIEW correction_now AS
SELECT c.answer_id, c.says
FROM correction AS c
WHERE c.says <> 'as-given'
  AND c.seq = (SELECT MAX(d.seq) FROM correction AS d WHERE d.answer_id = c.answer_id);

-- First attempts; in a round and in a pile the latest row for a child and a task.
CREATE VIEW counted_answer AS
SELECT a.seq, a.id, a.child_id, a.lesson_id, a.round_id, a.round_index, a.pile_id, a.task, a.attempt, a.item, a.answer,
       a.verdict, a.findings, a.source, a.stored_at, a.day
FROM answer AS a
WHERE a.attempt = 1
  AND (
    a.round_id IS NULL
    OR a.seq = (
      SELECT MAX(b.seq)
      FROM answer AS b
      WHERE b.round_id = a.round_id AND b.round_index = a.round_index AND b.child_id = a.child_id
    )
  )
  AND (
    a.pile_id IS NULL
    OR a.seq = (
      SELECT MAX(b.seq)
      FROM answer AS b
      WHERE b.pile_id = a.pile_id AND b.task = a.task AND b.child_id = a.child_id
    )
  );

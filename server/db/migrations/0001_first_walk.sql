-- One file holds one class, its unit, and the record of what was answered.
CREATE TABLE classroom (
  id          INTEGER PRIMARY KEY CHECK (id = 1),
  name        TEXT NOT NULL,
  number_time TEXT NOT NULL,            -- when the lesson starts, HH:MM
  demo        INTEGER NOT NULL CHECK (demo IN (0, 1))
) STRICT;

CREATE TABLE settings (
  id          INTEGER PRIMARY KEY CHECK (id = 1),
  conventions TEXT NOT NULL CHECK (json_valid(conventions)), -- one JSON object; what it lacks has its default
  snap        INTEGER NOT NULL CHECK (snap IN (1, 5, 15, 30, 60)) -- minutes
) STRICT;

CREATE TABLE child (
  id      INTEGER PRIMARY KEY,
  name    TEXT NOT NULL,
  picture TEXT NOT NULL
) STRICT;

CREATE TABLE lesson (
  id       INTEGER PRIMARY KEY,
  number   INTEGER NOT NULL UNIQUE,
  key      TEXT NOT NULL,
  kind     TEXT NOT NULL CHECK (kind IN ('lesson', 'check')),
  day      TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  skills   TEXT NOT NULL CHECK (json_valid(skills)),
  segments TEXT NOT NULL CHECK (json_valid(segments)) -- times in minutes after twelve
) STRICT;

CREATE TABLE ready_tick (
  lesson_id INTEGER NOT NULL REFERENCES lesson (id),
  item      TEXT NOT NULL,
  PRIMARY KEY (lesson_id, item)
) STRICT;

-- A new choice is a new row; the latest counts.
CREATE TABLE decision (
  seq        INTEGER PRIMARY KEY AUTOINCREMENT,
  lesson_id  INTEGER NOT NULL REFERENCES lesson (id), -- the check decided upon
  decision   TEXT NOT NULL CHECK (decision IN ('go-on', 'go-on-with-group', 'teach-again')),
  decided_at TEXT NOT NULL
) STRICT;

CREATE TABLE round (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  id          TEXT NOT NULL UNIQUE,
  lesson_id   INTEGER NOT NULL REFERENCES lesson (id),
  day         TEXT NOT NULL,
  times       TEXT NOT NULL CHECK (json_valid(times)), -- minutes after twelve, in asking order
  item_index  INTEGER NOT NULL CHECK (item_index >= 0),
  phase       TEXT NOT NULL CHECK (phase IN ('ask', 'think', 'show', 'reveal', 'missed', 'done')),
  revealed    INTEGER NOT NULL CHECK (revealed >= 0),
  replays     INTEGER NOT NULL CHECK (replays >= 0),
  version     INTEGER NOT NULL CHECK (version >= 0),
  away        TEXT NOT NULL CHECK (json_valid(away)),  -- child ids
  phase_since INTEGER NOT NULL,                        -- milliseconds since 1970
  closed      INTEGER NOT NULL CHECK (closed IN (0, 1))
) STRICT;

-- Append-only: a correction is a new row with a higher seq.
CREATE TABLE answer (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  id          TEXT NOT NULL UNIQUE,     -- made by the sender
  child_id    INTEGER NOT NULL REFERENCES child (id),
  lesson_id   INTEGER NOT NULL REFERENCES lesson (id),
  round_id    TEXT REFERENCES round (id),
  round_index INTEGER CHECK (round_index >= 0),
  attempt     INTEGER NOT NULL CHECK (attempt IN (1, 2)),
  item        TEXT NOT NULL CHECK (json_valid(item)),
  answer      TEXT NOT NULL CHECK (json_valid(answer)),
  verdict     TEXT NOT NULL CHECK (verdict IN ('right', 'nearly', 'wrong', 'unreadable')),
  findings    TEXT NOT NULL CHECK (json_valid(findings)),
  source      TEXT NOT NULL CHECK (source IN ('tablet', 'teacher', 'simulated')),
  stored_at   TEXT NOT NULL,            -- ISO 8601, UTC
  day         TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  CHECK ((round_id IS NULL) = (round_index IS NULL))
) STRICT;

CREATE INDEX answer_by_round ON answer (round_id, round_index, child_id, seq);
CREATE INDEX answer_by_child ON answer (child_id, seq);

CREATE TRIGGER answer_is_append_only BEFORE UPDATE ON answer
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only');
END;

-- First attempts; in a round, the latest row for a child and an item.
CREATE VIEW counted_answer AS
SELECT a.seq, a.id, a.child_id, a.lesson_id, a.round_id, a.round_index, a.attempt, a.item, a.answer,
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
  );

-- Several classes in one file, each with its children, its unit and its day. A unit is kept as one state after every change.
CREATE TABLE class (
  id          INTEGER PRIMARY KEY,
  sender_id   TEXT NOT NULL UNIQUE,     -- made by the screen that set it up, so that sending again makes no second one
  name        TEXT NOT NULL,
  number_time TEXT NOT NULL CHECK (number_time GLOB '[0-2][0-9]:[0-5][0-9]'),
  demo        INTEGER NOT NULL CHECK (demo IN (0, 1)),
  go_on       INTEGER NOT NULL CHECK (go_on BETWEEN 1 AND 100),           -- per cent secure
  with_group  INTEGER NOT NULL CHECK (with_group BETWEEN 1 AND go_on),
  chime       INTEGER NOT NULL CHECK (chime BETWEEN 0 AND 100),           -- loudness, per cent
  plan_seq    INTEGER                                                     -- the state of the unit that holds; none before it is laid out
) STRICT;
INSERT INTO class (id, sender_id, name, number_time, demo, go_on, with_group, chime)
SELECT 1, 'first', name, number_time, demo, 80, 50, 40 FROM classroom;

-- The class that screens and tablets show.
CREATE TABLE open_class (
  id       INTEGER PRIMARY KEY CHECK (id = 1),
  class_id INTEGER NOT NULL REFERENCES class (id)
) STRICT;
INSERT INTO open_class (id, class_id) SELECT 1, id FROM class;

CREATE TABLE plan_state (
  seq       INTEGER PRIMARY KEY AUTOINCREMENT,
  class_id  INTEGER NOT NULL REFERENCES class (id),
  change_id TEXT NOT NULL UNIQUE,       -- made by the sender
  deed      TEXT NOT NULL CHECK (json_valid(deed)),
  before    INTEGER REFERENCES plan_state (seq),  -- the state it was made from; undo goes back to it
  made_at   TEXT NOT NULL,
  plan      TEXT NOT NULL CHECK (json_valid(plan))
) STRICT;

-- The unit of the one class so far becomes its first state. Lessons of kinds that are laid out no more keep their title.
INSERT INTO plan_state (class_id, change_id, deed, before, made_at, plan)
SELECT 1, 'first', '{"kind":"made"}', NULL, datetime('now'), json_object(
  'choices', json_object(
    'firstDay', (SELECT MIN(day) FROM lesson),
    'weekdays', json('[1,2,3,4,5]'),
    'daysOff', json('[]'),
    'minutes', 20,
    'level', 'first-grade',
    'order', 'one-by-one',
    'handFirst', json('true'),
    'media', 'both',
    'pace', json('{"ask":5,"think":10,"show":5,"reveal":15}'),
    'seed', 'first'
  ),
  'skipped', json('[]'),
  'lessons', json((
    SELECT json_group_array(json_patch(
      json_object(
        'id', id,
        'key', CASE key
          WHEN 'hour-hand-between' THEN 'hour-hand'
          WHEN 'oclock-first-ticket' THEN 'oclock-meet'
          WHEN 'oclock-ticket' THEN 'oclock-draw'
          WHEN 'half-past-write-draw' THEN 'half-past-draw'
          WHEN 'half-past-ticket' THEN 'half-past-draw'
          ELSE key END,
        'kind', kind,
        'day', day,
        'skills', json(skills),
        'segments', json((
          SELECT json_group_array(json_object(
            'kind', s.value ->> 'kind',
            'startsAt', s.value ->> 'startsAt',
            'minutes', s.value ->> 'minutes',
            'times', json(s.value -> 'times'),
            'items', json(CASE
              WHEN s.value ->> 'kind' IN ('purpose', 'show', 'close') THEN '[]'
              ELSE (
                SELECT json_group_array(json_object(
                  'kind', CASE
                    WHEN key LIKE 'hour-hand%' THEN 'hour-hand'
                    WHEN s.value ->> 'kind' = 'show-me' THEN 'set'
                    WHEN s.value ->> 'kind' = 'alone' THEN 'draw'
                    ELSE 'read' END,
                  'shown', t.value))
                FROM json_each(s.value, '$.times') AS t) END)))
          FROM json_each(segments) AS s))),
      json_object('title', CASE key
        WHEN 'hour-hand-between' THEN 'One hand: between numbers'
        WHEN 'oclock-first-ticket' THEN 'Ticket: o’clock, first look'
        WHEN 'oclock-ticket' THEN 'Ticket: o’clock'
        WHEN 'half-past-write-draw' THEN 'Half past: write and draw'
        WHEN 'half-past-ticket' THEN 'Ticket: half past' END)))
    FROM (SELECT * FROM lesson ORDER BY number)))
)
FROM class
WHERE EXISTS (SELECT 1 FROM lesson);
UPDATE class SET plan_seq = (SELECT MAX(seq) FROM plan_state);

-- What a lesson is stands in the plan; here is that it was there, for answers, ticks and notes to hold on to.
CREATE TABLE new_lesson (
  id       INTEGER PRIMARY KEY AUTOINCREMENT,
  class_id INTEGER NOT NULL REFERENCES class (id),
  note     TEXT NOT NULL DEFAULT ''     -- for the day after
) STRICT;
INSERT INTO new_lesson (id, class_id) SELECT id, 1 FROM lesson;
DROP TABLE lesson;
ALTER TABLE new_lesson RENAME TO lesson;

CREATE TABLE new_child (
  id            INTEGER PRIMARY KEY,
  class_id      INTEGER NOT NULL REFERENCES class (id),
  name          TEXT NOT NULL,
  picture       TEXT NOT NULL,
  position      INTEGER NOT NULL,       -- in the class list
  absent_on     TEXT CHECK (absent_on GLOB '????-??-??'),
  moved_away    INTEGER NOT NULL DEFAULT 0 CHECK (moved_away IN (0, 1)),
  home_language TEXT
) STRICT;
INSERT INTO new_child (id, class_id, name, picture, position)
SELECT id, 1, name, picture, ROW_NUMBER() OVER (ORDER BY name COLLATE NOCASE, id) FROM child;
DROP TABLE child;
ALTER TABLE new_child RENAME TO child;
-- One picture a child among those who are here.
CREATE UNIQUE INDEX child_picture ON child (class_id, picture) WHERE moved_away = 0;

CREATE TABLE new_settings (
  class_id    INTEGER PRIMARY KEY REFERENCES class (id),
  conventions TEXT NOT NULL CHECK (json_valid(conventions)), -- one JSON object; what it lacks has its default
  snap        INTEGER NOT NULL CHECK (snap IN (1, 5, 15, 30, 60)) -- minutes
) STRICT;
INSERT INTO new_settings (class_id, conventions, snap) SELECT 1, conventions, snap FROM settings WHERE EXISTS (SELECT 1 FROM class);
DROP TABLE settings;
ALTER TABLE new_settings RENAME TO settings;
DROP TABLE classroom;

CREATE TABLE routine_entry (
  id       INTEGER PRIMARY KEY,
  class_id INTEGER NOT NULL REFERENCES class (id),
  name     TEXT NOT NULL,
  picture  TEXT NOT NULL,
  at_min   INTEGER NOT NULL CHECK (at_min BETWEEN 0 AND 1439) -- minutes after midnight
) STRICT;

-- The entries a teacher chose to be announced on a day; without a row Hoppel's offer holds.
CREATE TABLE moment_choice (
  class_id INTEGER NOT NULL REFERENCES class (id),
  day      TEXT NOT NULL CHECK (day GLOB '????-??-??'),
  entries  TEXT NOT NULL CHECK (json_valid(entries)),
  PRIMARY KEY (class_id, day)
) STRICT;

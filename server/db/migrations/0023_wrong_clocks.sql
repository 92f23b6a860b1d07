-- What was kept while a computer's clock stood outside of 2000 to 2199 cannot be read again by other programs or a newer Hoppel. Each such day
-- is set to that of the first answer behind it that has a sensible one, or the last sensible one, and the answer is marked.
ALTER TABLE answer ADD COLUMN wrong_clock INTEGER NOT NULL DEFAULT 0 CHECK (wrong_clock IN (0, 1));

DROP TRIGGER answer_is_append_only;
CREATE TEMP TABLE sensible AS
SELECT seq, day, stored_at FROM answer
WHERE day GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]' AND day BETWEEN '2000-01-01' AND '2199-12-31'
  AND stored_at BETWEEN '2000' AND '2200';
CREATE INDEX temp.sensible_by_seq ON sensible (seq);
CREATE TEMP TABLE last_sensible AS
SELECT COALESCE(MAX(day), '2026-01-01') AS day, COALESCE(MAX(stored_at), '2026-01-01T12:00:00.000Z') AS at FROM sensible;

UPDATE answer SET
  wrong_clock = 1,
  day = COALESCE((SELECT s.day FROM sensible AS s WHERE s.seq > answer.seq ORDER BY s.seq LIMIT 1), (SELECT day FROM last_sensible)),
  stored_at = COALESCE((SELECT s.stored_at FROM sensible AS s WHERE s.seq > answer.seq ORDER BY s.seq LIMIT 1), (SELECT at FROM last_sensible))
WHERE seq NOT IN (SELECT seq FROM sensible);

CREATE TRIGGER answer_is_append_only
BEFORE UPDATE OF seq, id, child_id, lesson_id, round_id, round_index, pile_id, task, attempt, item, answer, rules, source, stored_at, day, wrong_clock
ON answer
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only');
END;

DROP TRIGGER pile_is_append_only;
UPDATE pile SET day = (SELECT day FROM last_sensible) WHERE NOT day BETWEEN '2000-01-01' AND '2199-12-31';
CREATE TRIGGER pile_is_append_only BEFORE UPDATE ON pile
BEGIN
  SELECT RAISE(ABORT, 'piles are append-only');
END;
UPDATE round SET day = (SELECT day FROM last_sensible) WHERE NOT day BETWEEN '2000-01-01' AND '2199-12-31';
UPDATE child_note SET day = (SELECT day FROM last_sensible) WHERE NOT day BETWEEN '2000-01-01' AND '2199-12-31';
UPDATE convention_change SET day = (SELECT day FROM last_sensible) WHERE NOT day BETWEEN '2000-01-01' AND '2199-12-31';
UPDATE small_group SET members = json_set(members, '$.day', (SELECT day FROM last_sensible))
WHERE NOT COALESCE(json_extract(members, '$.day'), '2026') BETWEEN '2000-01-01' AND '2199-12-31';

DROP TABLE temp.sensible;
DROP TABLE temp.last_sensible;

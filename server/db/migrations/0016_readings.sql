-- What was read of an answer, beside what was given: read once, by a version of the reader, and again when that was bettered.
ALTER TABLE answer ADD COLUMN read TEXT CHECK (read IS NULL OR json_valid(read));
ALTER TABLE answer ADD COLUMN reader INTEGER;
-- Answers from before are read when the file is opened.
CREATE INDEX answer_by_reader ON answer (reader);

-- What was given stays as it is; what was read of it, and what came of that, may be read again.
DROP TRIGGER answer_is_append_only;
CREATE TRIGGER answer_is_append_only
BEFORE UPDATE OF seq, id, child_id, lesson_id, round_id, round_index, pile_id, task, attempt, item, answer, source, stored_at, day ON answer
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only');
END;
CREATE TRIGGER answer_is_judged_by_readers
BEFORE UPDATE OF read, verdict, findings ON answer
WHEN NEW.reader IS OLD.reader
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only, and judged anew only when they are read anew');
END;

DROP VIEW counted_answer;
CREATE VIEW counted_answer AS
SELECT a.seq, a.id, a.child_id, a.lesson_id, a.round_id, a.round_index, a.pile_id, a.task, a.attempt, a.item, a.answer,
       a.read, a.verdict, a.findings, a.source, a.stored_at, a.day
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

-- The conventions of the class that an answer was marked by: a reader bettered later judges an old answer by these.
-- Of answers from before nothing is known of it.
ALTER TABLE answer ADD COLUMN rules TEXT CHECK (rules IS NULL OR json_valid(rules));

DROP TRIGGER answer_is_append_only;
CREATE TRIGGER answer_is_append_only
BEFORE UPDATE OF seq, id, child_id, lesson_id, round_id, round_index, pile_id, task, attempt, item, answer, rules, source, stored_at, day ON answer
BEGIN
  SELECT RAISE(ABORT, 'answers are append-only');
END;

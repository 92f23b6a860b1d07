-- What a teacher says of an answer afterwards. The answer stays as it was given; the latest correction holds, and "as-given" takes it back.
CREATE TABLE correction (
  seq       INTEGER PRIMARY KEY AUTOINCREMENT,
  id        TEXT NOT NULL UNIQUE,       -- made by the sender
  answer_id TEXT NOT NULL REFERENCES answer (id) ON DELETE CASCADE,
  says      TEXT NOT NULL CHECK (says IN ('had', 'missed', 'out', 'as-given')),
  said_at   TEXT NOT NULL               -- ISO 8601, UTC
) STRICT;

CREATE INDEX correction_by_answer ON correction (answer_id, seq);

CREATE TRIGGER correction_is_append_only BEFORE UPDATE ON correction
BEGIN
  SELECT RAISE(ABORT, 'corrections are append-only');
END;

-- The one that holds for each answer that was corrected.
CREATE VIEW correction_now AS
SELECT c.answer_id, c.says
FROM correction AS c
WHERE c.says <> 'as-given'
  AND c.seq = (SELECT MAX(d.seq) FROM correction AS d WHERE d.answer_id = c.answer_id);

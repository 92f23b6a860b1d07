-- A round asks tasks of several kinds, keeps some in reserve, and can be run in several ways.
ALTER TABLE round ADD COLUMN entries TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(entries)); -- tasks in asking order, each with why it is there
ALTER TABLE round ADD COLUMN spares TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(spares));
ALTER TABLE round ADD COLUMN think_seconds INTEGER NOT NULL DEFAULT 10 CHECK (think_seconds BETWEEN 0 AND 30);
ALTER TABLE round ADD COLUMN countdown INTEGER NOT NULL DEFAULT 0 CHECK (countdown IN (0, 1));
ALTER TABLE round ADD COLUMN repeat_missed INTEGER NOT NULL DEFAULT 0 CHECK (repeat_missed IN (0, 1));

-- Until now every round asked for clocks to be set.
UPDATE round
SET entries = (
  SELECT json_group_array(
    json_object('item', json_object('kind', 'set', 'shown', t.value), 'origin', 'planned') ORDER BY t.key
  )
  FROM json_each(round.times) AS t
);
ALTER TABLE round DROP COLUMN times;

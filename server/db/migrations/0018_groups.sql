-- After a check there are up to four groups instead of one, each about a need, with who was put there by hand. Each row holds all of a check's.
UPDATE small_group SET members = json_object(
  'groups', json_array(json_set(
    members,
    '$.id', 1,
    '$.topic', CASE
      WHEN json_extract(members, '$.rule') IN
        ('hands-swapped', 'long-hand-only', 'long-hand-names-hour', 'lengths-swapped', 'same-length', 'one-hand', 'off-centre', 'names-swapped')
        THEN 'hands'
      WHEN json_extract(members, '$.rule') IN
        ('coming-hour', 'smaller-number', 'larger-number', 'hour-before', 'hour-hand-on-numeral', 'wrong-side', 'on-coming-numeral', 'half-way-at-oclock')
        THEN 'between'
      WHEN json_extract(members, '$.rule') IN
        ('numeral-as-minutes', 'always-oclock', 'always-half-past', 'both-on-hour', 'minute-hand-at-3')
        THEN 'minute'
      WHEN json_extract(members, '$.rule') IN ('colon-missing', 'one-zero', 'parts-reversed', 'sixty-for-zero', 'mixed-forms')
        THEN 'writing'
      WHEN json_extract(members, '$.rule') = 'anticlockwise' THEN 'direction'
      ELSE 'practice'
    END,
    '$.name', NULL,
    '$.held', json_extract(members, '$.childIds'),
    '$.isLocked', json('false'),
    '$.takeAway', json_extract(members, '$.times[#-1]')
  )),
  'absent', json_array(),
  'day', substr(made_at, 1, 10)
);

-- Two children who sit together, or never do. The younger id is the second.
CREATE TABLE child_pair (
  child_a INTEGER NOT NULL REFERENCES child (id),
  child_b INTEGER NOT NULL REFERENCES child (id),
  sits    TEXT NOT NULL CHECK (sits IN ('together', 'apart')),
  PRIMARY KEY (child_a, child_b),
  CHECK (child_a < child_b)
) STRICT;

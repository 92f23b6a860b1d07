-- The teacher's passphrase, or that she goes without one; no row before she was asked. It is stored hashed, with all the hash was made by.
CREATE TABLE passphrase (
  id         INTEGER PRIMARY KEY CHECK (id = 1),
  state      TEXT NOT NULL CHECK (state IN ('skipped', 'set')),
  hash       BLOB,
  salt       BLOB,
  cost       INTEGER,
  block_size INTEGER,
  parallel   INTEGER,
  CHECK ((state = 'set') = (hash IS NOT NULL AND salt IS NOT NULL AND cost > 1 AND block_size > 0 AND parallel > 0))
) STRICT;

-- Devices that were let in by it, each by a token of its own, stored hashed.
CREATE TABLE teacher_session (
  id         TEXT PRIMARY KEY,
  token      TEXT NOT NULL UNIQUE,
  device     TEXT NOT NULL,
  own        INTEGER NOT NULL CHECK (own IN (0, 1)),
  covered    INTEGER NOT NULL CHECK (covered IN (0, 1)),
  started_at TEXT NOT NULL,
  ends_at    TEXT NOT NULL
) STRICT;

-- Who tried a wrong one: slowed down through a restart too, and told to the teacher until she has seen it.
CREATE TABLE wrong_try (
  sender  TEXT PRIMARY KEY,
  wrong   INTEGER NOT NULL CHECK (wrong >= 0),
  unseen  INTEGER NOT NULL CHECK (unseen >= 0),
  last_at TEXT NOT NULL
) STRICT;

-- Several classes can be open at once, each on screens and tablets of its own; open_class is the one a new screen begins with.
ALTER TABLE class ADD COLUMN open INTEGER NOT NULL DEFAULT 0 CHECK (open IN (0, 1));
UPDATE class SET open = 1 WHERE id IN (SELECT class_id FROM open_class);

-- The made-up class, looked at and put out of the way: it stays in the file and is on no list.
ALTER TABLE class ADD COLUMN put_away INTEGER NOT NULL DEFAULT 0 CHECK (put_away IN (0, 1));

-- What is chosen for this computer as a whole, whichever class is open: may other devices of the network come in?
CREATE TABLE house (
  id INTEGER PRIMARY KEY CHECK (id = 1),
  lan INTEGER NOT NULL CHECK (lan IN (0, 1))
) STRICT;

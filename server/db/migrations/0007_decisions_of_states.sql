-- "Teach it again" puts a lesson in: taken back with it, the decision does not hold any more.
ALTER TABLE decision ADD COLUMN plan_seq INTEGER; -- the state of the unit it made, which may be forgotten by now; none where it made none

-- Of a child whose data were deleted a number stays, with no name: no later child gets it, and so nothing that was on its way.
ALTER TABLE child ADD COLUMN erased INTEGER NOT NULL DEFAULT 0 CHECK (erased IN (0, 1));

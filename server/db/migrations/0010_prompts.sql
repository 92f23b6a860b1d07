-- How a round's times are asked: in digits, in words, in both, or by voice alone.
ALTER TABLE round ADD COLUMN prompt TEXT NOT NULL DEFAULT 'both' CHECK (prompt IN ('both', 'digits', 'words', 'spoken'));

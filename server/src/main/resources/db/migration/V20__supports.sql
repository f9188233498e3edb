-- A riser says how often it folds. What an enclosure stands on is a list of named feet and lines with limits; the two lines of before are read as two of them
-- wherever they lie (OldSupports). It may say what it weighs, and what the whole build weighed. See decision 1.
SELECT 1;

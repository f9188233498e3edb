-- Enclosures say what their walls are of. It may be left out: see decision 1.
SELECT 1;

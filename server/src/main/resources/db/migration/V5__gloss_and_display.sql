-- Paints say how they shine, screens of the library say their pixels and their input. Both may be left out: see decision 1.
SELECT 1;

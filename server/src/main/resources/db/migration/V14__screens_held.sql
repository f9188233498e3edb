-- Screens say how deep and heavy they are, what holds them and which way up they stand; their products what they can be held with and how far software turns their picture.
-- All of it may be left out: see decision 1.
SELECT 1;

-- The workshop says how long its breaks are. It may be left out: see decision 1.
SELECT 1;

-- A component that isn't bought may say whether it is known to work: new, seen working, untested. See decision 1.
SELECT 1;

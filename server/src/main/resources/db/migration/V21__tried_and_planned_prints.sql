-- A component that isn't bought may say whether it is known to work: new, seen working, untested. A print may be planned before its file. See decision 1.
SELECT 1;

-- A component that isn't bought may say what is known of it: new, seen working, untested. See decision 1.
SELECT 1;

-- A component may say what holds it in its place: a bracket, a strap, the points of its bay. See decision 1.
SELECT 1;

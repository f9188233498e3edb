-- A mark keeps whom the plan gave the work and at which rate; work added by hand may come before other work. Both may be left out: see decision 1.
SELECT 1;

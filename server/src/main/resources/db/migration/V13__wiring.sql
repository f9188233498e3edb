-- Hardware says how it joins others (adapters, hubs, leads are hardware too) and what screen is built into it, screens what they take, need and refuse;
-- ways fixed by hand and programs are things of their own. All of it may be left out: see decision 1.
SELECT 1;

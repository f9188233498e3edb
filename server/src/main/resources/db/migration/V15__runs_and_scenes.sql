-- Light runs say how they work, where they are fed and what tells them their colours, and lie along edges; hardware says what lights are built into it, screens how bright they are;
-- scenes are things of their own. All of it may be left out: see decision 1.
SELECT 1;

-- Needs have offers; shops say what small orders cost and from when a delivery is free; lines of orders say what they bear of the delivery and
-- how they are packed. All of it may be left out: see decision 1.
SELECT 1;

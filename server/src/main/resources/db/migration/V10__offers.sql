-- Needs have offers; what was lent is agreed; shops say what small orders cost and from when a delivery is free; lines of orders say what they bear of the delivery and
-- how they are packed; things of the workshop can be retired; the workshop has an address. All of it may be left out: see decision 1.
SELECT 1;

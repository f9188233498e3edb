-- Lines of orders say what a thing has been through and how long it goes back, offers when their shop was asked, shops what duty their goods bear; a line
-- may be passed on to another build, and be duty; what was paid for the shelf is a thing of its own. All of it may be left out: see decision 1.
SELECT 1;

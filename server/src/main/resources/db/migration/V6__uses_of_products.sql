-- Components, screens and light strips follow the product they are one of in all but their own fields; light strips are in the library. Those kept before have all fields of their own until they are kept again: see decision 1.
SELECT 1;

-- A colour that can't be read becomes grey: from here on every colour is checked at the door.
UPDATE thing SET body = json_set(body, '$.colourHex', '#8C8C8C')
WHERE kind IN ('STRIP', 'PAINT', 'SHEET')
  AND json_extract(body, '$.colourHex')
    NOT GLOB '#[0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f]';
UPDATE change SET undone = 1
WHERE kind IN ('STRIP', 'PAINT', 'SHEET')
  AND (json_extract(before, '$.colourHex')
      NOT GLOB '#[0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f]'
    OR json_extract(after, '$.colourHex')
      NOT GLOB '#[0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f][0-9A-Fa-f]');

-- A frozen concept holds the whole design, not only the look. What was frozen before this is
-- completed with the parts as they are now: they were not kept, and a guess that equals the
-- present shows no change nobody made.
UPDATE thing SET body = json_remove(json_set(body, '$.frozen.design', json_object(
    'look', json_extract(body, '$.frozen.look'),
    'items', json_array(),
    'components', (SELECT json_group_array(json(b)) FROM (SELECT t.body AS b FROM thing t
        WHERE t.kind = 'COMPONENT' AND t.build_id = thing.build_id ORDER BY t.position, t.id)),
    'panels', (SELECT json_group_array(json(b)) FROM (SELECT t.body AS b FROM thing t
        WHERE t.kind = 'PANEL' AND t.build_id = thing.build_id ORDER BY t.position, t.id)),
    'schemes', (SELECT json_group_array(json(b)) FROM (SELECT t.body AS b FROM thing t
        WHERE t.kind = 'SCHEME' AND t.build_id = thing.build_id ORDER BY t.position, t.id)),
    'screens', (SELECT json_group_array(json(b)) FROM (SELECT t.body AS b FROM thing t
        WHERE t.kind = 'SCREEN' AND t.build_id = thing.build_id ORDER BY t.position, t.id)),
    'strips', (SELECT json_group_array(json(b)) FROM (SELECT t.body AS b FROM thing t
        WHERE t.kind = 'STRIP' AND t.build_id = thing.build_id ORDER BY t.position, t.id)))),
    '$.frozen.look')
WHERE kind = 'CONCEPT' AND json_extract(body, '$.frozen.look') IS NOT NULL;

-- Old steps of undo hold the old form; they can't be taken back any more.
UPDATE change SET undone = 1
WHERE kind = 'CONCEPT'
  AND (json_extract(before, '$.frozen.look') IS NOT NULL
    OR json_extract(after, '$.frozen.look') IS NOT NULL);

-- The history of a build is read by build, newest first.
CREATE INDEX change_of_build ON change (build_id, seq);

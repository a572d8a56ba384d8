-- Pieces kept before these keys were known get them as a new piece has them; json_insert leaves what is there.
UPDATE pieces SET doc = json_insert(doc,
  '$.itemId', NULL,
  '$.customItem', NULL,
  '$.choices', json('{}'),
  '$.anchors', json('{"down":null,"across":null}'),
  '$.zones', json('[]'),
  '$.row', json('{"count":"","gap":{"text":"","unit":"mm"},"ends":"","margin":{"text":"","unit":"mm"}}'),
  '$.markWith', NULL,
  '$.carried', NULL);

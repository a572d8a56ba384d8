-- Designs kept before these keys were known are known by their size alone; json_insert leaves what is there.
UPDATE designs SET doc = json_insert(doc,
  '$.source', 'size',
  '$.change', json('{"scale":1,"rotate":0,"mirror":"none"}'),
  '$.order', NULL,
  '$.summary', NULL);

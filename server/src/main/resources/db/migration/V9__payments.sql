-- What was paid for an order is a move of the ledger: each order that was marked as paid gets one,
-- with its price and the day. Steps of undo of before keep the mark; it is passed over, see
-- OldOrder.
INSERT INTO thing (kind, id, build_id, version, position, body, updated_at)
SELECT 'MOVE', 'paid-' || id, build_id, 1, position,
  json_object(
    'id', 'paid-' || id,
    'orderId', id,
    'category', json_extract(body, '$.category'),
    'supplierId', coalesce(json_extract(body, '$.supplierId'), ''),
    'what', 'PAID',
    'amountMinor',
      CAST(round(json_extract(body, '$.quantity') * json_extract(body, '$.unitPriceMinor')) AS INTEGER),
    'on', json_extract(body, '$.paidOn'),
    'reverses', '',
    'note', ''),
  updated_at
FROM thing
WHERE kind = 'ORDER' AND json_extract(body, '$.paidOn') IS NOT NULL
  AND round(json_extract(body, '$.quantity') * json_extract(body, '$.unitPriceMinor')) >= 1;
UPDATE thing SET body = json_remove(body, '$.paidOn') WHERE kind = 'ORDER';

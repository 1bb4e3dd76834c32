-- How a kitchen writes times and dates; null or device leaves it to whichever device looks.
ALTER TABLE kitchen
  ADD COLUMN hours VARCHAR(10) COMMENT '12, 24 or device',
  ADD COLUMN dates VARCHAR(10) COMMENT 'which part comes first: day, month, year or device';

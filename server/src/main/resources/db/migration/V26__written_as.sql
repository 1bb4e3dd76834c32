-- How a kitchen writes times and dates; null leaves it to whichever device looks.
ALTER TABLE kitchen
  ADD COLUMN hours VARCHAR(10) COMMENT '12 or 24',
  ADD COLUMN dates VARCHAR(10) COMMENT 'which part comes first: day, month or year';

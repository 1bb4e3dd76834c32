-- Owner: org.mobrel.server.run. What is told beside an event since jars may be left out, a zero may be doubted and water is looked at.
ALTER TABLE run_event
  ADD COLUMN zero_signs  VARCHAR(60)  NULL COMMENT 'what was seen of a pressure that was gone too soon, with blanks between',
  ADD COLUMN cooled      BOOLEAN      NULL COMMENT 'whether water or a fan helped',
  ADD COLUMN place       VARCHAR(20)  NULL COMMENT 'where a jar went that was left out',
  ADD COLUMN water_left  BOOLEAN      NULL COMMENT 'whether there was any when the canner was opened';

-- Taken when the lid is locked; runs from before are not asked about either.
ALTER TABLE run_setting
  ADD COLUMN start_water_ul     BIGINT  NULL COMMENT 'what was poured in before the jars',
  ADD COLUMN zero_not_before_s  INT     NULL COMMENT 'so long after heat off a zero is doubted';

-- The run whose jars it processes again, with new lids: glass and food are those of the first.
ALTER TABLE run
  ADD COLUMN again_of     BIGINT       NULL,
  ADD COLUMN again_until  DATETIME(3)  NULL COMMENT 'UTC; until then its jars may be processed again',
  ADD CONSTRAINT run_again_of FOREIGN KEY (again_of) REFERENCES run (id);

-- Owner: org.mobrel.server.kitchen. What this kitchen looks at before a lid goes on, beside the checks of every run.
ALTER TABLE kitchen
  ADD COLUMN care VARCHAR(200) NULL COMMENT 'codes of care points, with blanks between';

-- Owner: org.mobrel.server.run. A jar that one load left out and another one took.
CREATE TABLE run_jar_moved (
  from_run BIGINT NOT NULL,
  from_jar INT    NOT NULL COMMENT 'its number there, from 1',
  to_run   BIGINT NOT NULL,
  to_jar   INT    NOT NULL COMMENT 'its number in the load that took it',
  PRIMARY KEY (from_run, from_jar),
  UNIQUE KEY run_jar_moved_once (to_run, to_jar),
  CONSTRAINT run_jar_moved_from FOREIGN KEY (from_run) REFERENCES run (id),
  CONSTRAINT run_jar_moved_to FOREIGN KEY (to_run) REFERENCES run (id)
) COMMENT 'jars left out of one load that went into another';

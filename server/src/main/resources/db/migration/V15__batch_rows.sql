-- Owner: org.mobrel.server.batch. The rows of the tables that a batch rests on; made anew from its decision whenever they are missing.
CREATE TABLE batch_row (
  batch_id  BIGINT       NOT NULL,
  position  INT          NOT NULL,
  row_id    VARCHAR(60)  NOT NULL COMMENT 'stable id of a row in the tables',
  part      VARCHAR(20)  NOT NULL COMMENT 'what part it plays: line, floor, pressure, jar-size',
  PRIMARY KEY (batch_id, position),
  INDEX batch_by_row (row_id),
  FOREIGN KEY (batch_id) REFERENCES batch (id) ON DELETE CASCADE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

ALTER TABLE batch MODIFY ruling LONGTEXT NOT NULL COMMENT 'what was decided, as a versioned record of its own; shown, never searched';

-- Owner: org.mobrel.server.catalogue. What a cook found when a row of the tables lay beside a printed copy.
CREATE TABLE row_comparison (
  row_id       VARCHAR(60)   NOT NULL PRIMARY KEY,
  agrees       BOOLEAN       NOT NULL,
  edition      VARCHAR(80)   NOT NULL COMMENT 'of the printed copy',
  compared_by  VARCHAR(60)   NOT NULL,
  compared_on  DATE          NOT NULL,
  note         VARCHAR(400)  NOT NULL DEFAULT '' COMMENT 'what the copy says, where it differs'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

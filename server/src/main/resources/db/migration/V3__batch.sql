-- Owner: org.mobrel.server.batch. What was decided when the batch was made, kept as it was.
CREATE TABLE batch (
  id               BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  recipe_id        BIGINT        NOT NULL,
  recipe_version   INT           NOT NULL,
  title            VARCHAR(120)  NOT NULL,
  canner_id        BIGINT        NOT NULL,
  canner_name      VARCHAR(60)   NOT NULL,
  gauge_kind       VARCHAR(20)   NOT NULL,
  gauge_error      INT           NOT NULL COMMENT 'thousandths of a psi',
  altitude_um      BIGINT        NOT NULL,
  verdict          VARCHAR(20)   NOT NULL,
  table_version    VARCHAR(40)   NOT NULL,
  accepted_by      VARCHAR(60)   NULL COMMENT 'who took an own judgement on',
  accepted_reason  VARCHAR(400)  NULL,
  ruling           LONGTEXT      NOT NULL COMMENT 'the ruling as answered then; shown, never queried',
  made_at          DATETIME(3)   NOT NULL COMMENT 'UTC',
  FOREIGN KEY (recipe_id, recipe_version) REFERENCES recipe_version (recipe_id, number),
  INDEX batch_by_time (made_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

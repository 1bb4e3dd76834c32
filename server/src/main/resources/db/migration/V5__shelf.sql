-- Owner: org.mobrel.server.shelf. The number of jars is the sum of the movements; there is no count to overwrite.
CREATE TABLE lot (
  code        VARCHAR(12)   NOT NULL PRIMARY KEY,
  run_id      BIGINT        NOT NULL,
  batch_id    BIGINT        NOT NULL,
  title       VARCHAR(120)  NOT NULL,
  size        VARCHAR(20)   NOT NULL,
  mouth       VARCHAR(10)   NOT NULL,
  verdict     VARCHAR(20)   NOT NULL,
  canned_on   DATE          NOT NULL,
  best_by     DATE          NOT NULL,
  FOREIGN KEY (run_id) REFERENCES run (id),
  INDEX lot_by_day (canned_on)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE movement (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  lot_code  VARCHAR(12)  NOT NULL,
  kind      VARCHAR(20)  NOT NULL,
  jars      INT          NOT NULL CHECK (jars > 0),
  moved_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  FOREIGN KEY (lot_code) REFERENCES lot (code),
  INDEX movement_by_lot (lot_code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

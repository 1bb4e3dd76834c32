-- Owner: org.mobrel.server.photo. What was photographed of a run, one of its jars or a lot; the pictures are kept once, by what is in them.
CREATE TABLE photo_file (
  sha256  CHAR(64) CHARACTER SET ascii NOT NULL PRIMARY KEY,
  bytes   MEDIUMBLOB NOT NULL COMMENT 'JPEG, made smaller, without place and device'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE photo (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  run_id    BIGINT       NOT NULL,
  jar       INT          NULL COMMENT 'from 1, in the order of the load',
  lot_code  VARCHAR(12)  NULL,
  moment    VARCHAR(20)  NOT NULL,
  taken_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  taken_by  VARCHAR(60)  NOT NULL,
  width     INT          NOT NULL COMMENT 'pixels',
  height    INT          NOT NULL COMMENT 'pixels',
  size      INT          NOT NULL COMMENT 'bytes',
  sha256    CHAR(64) CHARACTER SET ascii NOT NULL COMMENT 'of the picture; its file may be missing after a backup without pictures',
  FOREIGN KEY (run_id) REFERENCES run (id),
  FOREIGN KEY (lot_code) REFERENCES lot (code),
  INDEX photo_of_run (run_id),
  INDEX photo_of_lot (lot_code),
  INDEX photo_of_file (sha256)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

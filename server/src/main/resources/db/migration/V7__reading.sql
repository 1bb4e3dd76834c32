-- Owner: org.mobrel.server.reading. What this kitchen's words mean.
CREATE TABLE wording (
  words      VARCHAR(300)  NOT NULL PRIMARY KEY COMMENT 'a line without its amount, as the reader compares it',
  meaning    VARCHAR(300)  NOT NULL COMMENT 'words the catalogue knows',
  taught_at  DATETIME(3)   NOT NULL COMMENT 'UTC'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

CREATE TABLE own_food (
  id        BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name      VARCHAR(80)   NOT NULL UNIQUE,
  note      VARCHAR(300)  NOT NULL,
  added_at  DATETIME(3)   NOT NULL COMMENT 'UTC'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

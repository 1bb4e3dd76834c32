-- Owner: org.mobrel.server.peers. What several servers on one database tell each other; kept for minutes, and in no backup.
CREATE TABLE server_news (
  number   BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  server   VARCHAR(16)  NOT NULL COMMENT 'who tells it',
  kind     VARCHAR(12)  NOT NULL COMMENT 'run, change or replaced',
  item     VARCHAR(60)  NOT NULL COMMENT 'the number of the run, or the concept that was changed',
  page     VARCHAR(40)  NOT NULL COMMENT 'the page that changed it, which knows already',
  told_at  DATETIME(3)  NOT NULL COMMENT 'UTC, by the database',
  INDEX (told_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

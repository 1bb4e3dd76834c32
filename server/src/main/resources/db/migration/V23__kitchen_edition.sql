-- Owner: org.mobrel.server.sharing. Which kitchen stands in this database: a device that was away while a backup was restored has taps for
-- another one. In no backup: what is restored is another kitchen than the one it was saved from.
CREATE TABLE kitchen_edition (
  only_row  TINYINT   NOT NULL DEFAULT 1 PRIMARY KEY,
  edition   CHAR(32)  NOT NULL,
  CHECK (only_row = 1)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

INSERT INTO kitchen_edition (edition) VALUES (MD5(CONCAT(UUID(), RAND())));

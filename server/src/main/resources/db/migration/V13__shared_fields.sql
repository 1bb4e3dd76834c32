-- Owner: org.mobrel.server.sharing. Which change of the kitchen a shared setting was written by last.
CREATE TABLE shared_counter (
  id        TINYINT  NOT NULL PRIMARY KEY CHECK (id = 1),
  number    BIGINT   NOT NULL COMMENT 'of the last change; whoever changes something locks this row first',
  replaced  BIGINT   NOT NULL COMMENT 'the change that put another kitchen here: what was seen before it is of no use'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

INSERT INTO shared_counter (id, number, replaced) VALUES (1, 1, 0);

CREATE TABLE shared_field (
  concept     VARCHAR(20)  NOT NULL,
  item        VARCHAR(60)  NOT NULL COMMENT 'which one of the concept; empty where there is only one',
  field       VARCHAR(40)  NOT NULL,
  number      BIGINT       NOT NULL,
  changed_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  PRIMARY KEY (concept, item, field)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

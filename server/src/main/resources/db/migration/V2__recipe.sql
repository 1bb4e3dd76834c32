-- Owner: org.mobrel.server.recipe. A save never changes a version, it adds one.
CREATE TABLE recipe (
  id        BIGINT   NOT NULL AUTO_INCREMENT PRIMARY KEY,
  archived  BOOLEAN  NOT NULL DEFAULT FALSE
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE recipe_version (
  recipe_id     BIGINT        NOT NULL,
  number        INT           NOT NULL,
  title         VARCHAR(120)  NOT NULL,
  body          TEXT          NOT NULL COMMENT 'ingredient lines as typed, one a line',
  pack          VARCHAR(10)   NOT NULL,
  solids_share  INT           NOT NULL COMMENT 'millionths of the fill volume',
  saved_at      DATETIME(3)   NOT NULL COMMENT 'UTC',
  PRIMARY KEY (recipe_id, number),
  FOREIGN KEY (recipe_id) REFERENCES recipe (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

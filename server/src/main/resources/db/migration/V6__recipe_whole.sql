-- Owner: org.mobrel.server.recipe. What a version holds besides its ingredients, and what is said about a recipe.
ALTER TABLE recipe_version
  ADD COLUMN method    TEXT         NOT NULL DEFAULT '' COMMENT 'steps as typed, one a line',
  ADD COLUMN tags      VARCHAR(500) NOT NULL DEFAULT '' COMMENT 'one a line',
  ADD COLUMN settled   TEXT         NOT NULL DEFAULT '' COMMENT 'keys of answered questions, one a line',
  ADD COLUMN variants  LONGTEXT     NOT NULL DEFAULT '[]' COMMENT 'names and add-ins as JSON; shown, never queried',
  ADD COLUMN imported  LONGTEXT     NULL COMMENT 'the document it came from as JSON; given back on export, never queried';

CREATE TABLE recipe_note (
  id          BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  recipe_id   BIGINT        NOT NULL,
  text        VARCHAR(500)  NOT NULL,
  written_at  DATETIME(3)   NOT NULL COMMENT 'UTC',
  done_at     DATETIME(3)   NULL COMMENT 'UTC; a note that is done is kept',
  FOREIGN KEY (recipe_id) REFERENCES recipe (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE recipe_judgement (
  recipe_id    BIGINT         NOT NULL,
  number       INT            NOT NULL COMMENT 'the version that was judged',
  departs      TEXT           NOT NULL COMMENT 'what was taken on, one finding a line',
  accepted_by  VARCHAR(60)    NOT NULL,
  reason       VARCHAR(400)   NOT NULL,
  accepted_at  DATETIME(3)    NOT NULL COMMENT 'UTC',
  PRIMARY KEY (recipe_id, number),
  FOREIGN KEY (recipe_id, number) REFERENCES recipe_version (recipe_id, number)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.recipe. What was answered to the questions of a version's lines.
CREATE TABLE recipe_answer (
  recipe_id  BIGINT        NOT NULL,
  number     INT           NOT NULL COMMENT 'the version that was answered for',
  position   INT           NOT NULL COMMENT 'from 0, in the order of the answers',
  line       VARCHAR(500)  NOT NULL COMMENT 'the line as it stands in the version',
  code       VARCHAR(40)   NOT NULL COMMENT 'the question, such as bones',
  words      VARCHAR(300)  NOT NULL COMMENT 'the words in question',
  choice     VARCHAR(80)   NOT NULL,
  PRIMARY KEY (recipe_id, number, position),
  FOREIGN KEY (recipe_id, number) REFERENCES recipe_version (recipe_id, number)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.reading. What this kitchen answered before, to be taken as the answer again.
CREATE TABLE reading_answer (
  code         VARCHAR(40)   NOT NULL COMMENT 'the question, such as not-understood',
  words        VARCHAR(300)  NOT NULL COMMENT 'the words in question',
  wording      VARCHAR(300)  NOT NULL COMMENT 'the line it is for, without its amount, as the reader compares it; empty: any',
  choice       VARCHAR(80)   NOT NULL,
  answered_at  DATETIME(3)   NOT NULL COMMENT 'UTC',
  PRIMARY KEY (code, words, wording)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

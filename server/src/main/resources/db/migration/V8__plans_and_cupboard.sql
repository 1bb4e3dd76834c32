-- Owner: org.mobrel.server.kitchen. Who eats here, and what stands in the cupboard.
ALTER TABLE kitchen
  ADD COLUMN people      INT     NOT NULL DEFAULT 2,
  ADD COLUMN serving_ul  BIGINT  NOT NULL DEFAULT 354885 COMMENT 'microlitres of one serving';

CREATE TABLE cupboard_jar (
  size       VARCHAR(20)  NOT NULL,
  mouth      VARCHAR(10)  NOT NULL,
  empty      INT          NULL COMMENT 'empty jars; null until somebody counts',
  water_ul   BIGINT       NULL COMMENT 'microlitres to one inch below the rim, measured with water',
  PRIMARY KEY (size, mouth)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE cupboard_lid (
  mouth  VARCHAR(10)  NOT NULL PRIMARY KEY,
  fresh  INT          NOT NULL COMMENT 'unused lids'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.planning. A plan is what the cook set; amounts are worked out anew at every look.
CREATE TABLE plan (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  body        LONGTEXT     NOT NULL COMMENT 'dishes and what is ticked, as JSON; shown, never queried',
  revision    INT          NOT NULL COMMENT 'of the body, from 1; a save of an older one is refused',
  changed_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  away        BOOLEAN      NOT NULL DEFAULT FALSE COMMENT 'put away, not gone',
  INDEX plan_by_time (away, changed_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE plan_batch (
  plan_id       BIGINT       NOT NULL,
  dish          VARCHAR(20)  NOT NULL COMMENT 'its key in the plan',
  batch_id      BIGINT       NOT NULL,
  version       INT  NOT NULL COMMENT 'of the recipe, as it was cooked',
  yield_factor  INT  NOT NULL COMMENT 'millionths; the recipe''s own correction then',
  yield_error   INT  NOT NULL COMMENT 'millionths',
  yield_days    INT  NOT NULL,
  PRIMARY KEY (plan_id, dish),
  FOREIGN KEY (plan_id) REFERENCES plan (id),
  FOREIGN KEY (batch_id) REFERENCES batch (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE pantry (
  item    VARCHAR(300)  NOT NULL PRIMARY KEY COMMENT 'the key of the shopping list',
  amount  VARCHAR(40)   NOT NULL COMMENT 'as the cook said it, such as 2 lb'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE made_yield (
  id            BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  recipe_id     BIGINT       NOT NULL,
  plan_id       BIGINT       NOT NULL,
  dish          VARCHAR(20)  NOT NULL,
  predicted_ul  BIGINT       NOT NULL COMMENT 'microlitres by kitchen averages alone',
  made_ul       BIGINT       NOT NULL COMMENT 'microlitres really filled',
  said          VARCHAR(200) NOT NULL COMMENT 'the jars, in words',
  made_at       DATETIME(3)  NOT NULL COMMENT 'UTC',
  struck_at     DATETIME(3)  NULL COMMENT 'UTC; no longer counted, kept',
  FOREIGN KEY (recipe_id) REFERENCES recipe (id),
  FOREIGN KEY (plan_id) REFERENCES plan (id),
  INDEX yield_by_recipe (recipe_id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.shelf. A jar that was used as an ingredient is chained to what it went into.
ALTER TABLE movement ADD COLUMN batch_id BIGINT NULL COMMENT 'the batch a used jar went into';
ALTER TABLE movement ADD INDEX movement_by_batch (batch_id);

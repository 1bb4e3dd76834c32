-- Owner: org.mobrel.server.run. How a jar was found, and what some of the jars hold besides.
ALTER TABLE run_event
  ADD COLUMN jar_level  VARCHAR(20)  NULL COMMENT 'why its liquid stands low: right, floating or siphoned',
  ADD COLUMN band_off   BOOLEAN      NULL,
  ADD INDEX event_by_kind (kind);
ALTER TABLE run_jars
  ADD COLUMN variant  VARCHAR(60)   NOT NULL DEFAULT '' COMMENT 'empty for the base',
  ADD COLUMN finish   VARCHAR(200)  NOT NULL DEFAULT '' COMMENT 'what is done when a jar is opened';

-- Owner: org.mobrel.server.batch.
ALTER TABLE batch
  ADD COLUMN again_of  BIGINT  NULL COMMENT 'the batch whose unsealed jars it processes again',
  ADD FOREIGN KEY (again_of) REFERENCES batch (id);

-- Owner: org.mobrel.server.kitchen.
ALTER TABLE kitchen ADD COLUMN best_months INT NOT NULL DEFAULT 12 COMMENT 'how long jars are at their best';

-- Owner: org.mobrel.server.shelf. Every line of the ledger says from where to where.
ALTER TABLE lot
  ADD COLUMN variant  VARCHAR(60)   NOT NULL DEFAULT '',
  ADD COLUMN finish   VARCHAR(200)  NOT NULL DEFAULT '' COMMENT 'for the label: thicken, add cream',
  ADD INDEX lot_by_batch (batch_id);
ALTER TABLE movement
  ADD COLUMN from_place  VARCHAR(40)   NULL COMMENT 'null where jars came from outside',
  ADD COLUMN to_place    VARCHAR(40)   NULL COMMENT 'null where they left for good',
  ADD COLUMN undoes      BIGINT        NULL COMMENT 'the movement it takes back',
  ADD COLUMN note        VARCHAR(200)  NOT NULL DEFAULT '',
  ADD COLUMN moved_by    VARCHAR(60)   NOT NULL DEFAULT '',
  ADD UNIQUE INDEX undone_once (undoes),
  ADD INDEX movement_by_time (moved_at);
UPDATE movement SET to_place = 'Shelf' WHERE kind IN ('shelved', 'put-back');
UPDATE movement SET from_place = 'Shelf' WHERE kind IN ('eaten', 'used');

CREATE TABLE lot_stand (
  lot_code  VARCHAR(12)  NOT NULL,
  place     VARCHAR(40)  NOT NULL,
  jars      INT          NOT NULL CHECK (jars > 0),
  PRIMARY KEY (lot_code, place),
  FOREIGN KEY (lot_code) REFERENCES lot (code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COMMENT 'the sum of the movements, written with each of them; kept for finding';
INSERT INTO lot_stand (lot_code, place, jars)
  SELECT lot_code, 'Shelf', SUM(IF(to_place IS NULL, -jars, jars)) AS jars FROM movement GROUP BY lot_code HAVING jars > 0;

CREATE TABLE hold (
  id           BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  lot_code     VARCHAR(12)   NOT NULL,
  reason       VARCHAR(40)   NOT NULL COMMENT 'a code',
  text         VARCHAR(400)  NOT NULL,
  cause        VARCHAR(60)   NOT NULL COMMENT 'what brought it on, such as test:12 or lot:26-1123-A',
  held_at      DATETIME(3)   NOT NULL COMMENT 'UTC',
  released_at  DATETIME(3)   NULL COMMENT 'UTC',
  released_by  VARCHAR(60)   NOT NULL DEFAULT '',
  released_why VARCHAR(400)  NOT NULL DEFAULT '',
  UNIQUE INDEX hold_once (lot_code, reason, cause),
  FOREIGN KEY (lot_code) REFERENCES lot (code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;
INSERT INTO hold (lot_code, reason, text, cause, held_at) SELECT lot_code, reason, '', 'run', held_at FROM lot_hold;
DROP TABLE lot_hold;

CREATE TABLE shelf_target (
  recipe_id  BIGINT  NOT NULL PRIMARY KEY,
  jars       INT     NOT NULL COMMENT 'the household wants to have',
  FOREIGN KEY (recipe_id) REFERENCES recipe (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE meal_kit (
  id         BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name       VARCHAR(80)  NOT NULL,
  recipe_id  BIGINT       NOT NULL,
  jars       INT          NOT NULL COMMENT 'in one kit',
  FOREIGN KEY (recipe_id) REFERENCES recipe (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE meal_kit_good (
  kit_id    BIGINT       NOT NULL,
  position  INT          NOT NULL,
  name      VARCHAR(80)  NOT NULL,
  per_kit   INT          NOT NULL,
  have      INT          NOT NULL,
  PRIMARY KEY (kit_id, position),
  FOREIGN KEY (kit_id) REFERENCES meal_kit (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.outside. What was done without Mobrel, and what became of it.
CREATE TABLE outside_process (
  id           BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  title        VARCHAR(120)  NOT NULL,
  said         TEXT          NOT NULL COMMENT 'what the cook said, as JSON; shown, never queried',
  covered      BOOLEAN       NOT NULL,
  finding      TEXT          NOT NULL COMMENT 'why not, in words',
  finished_at  DATETIME(3)   NOT NULL COMMENT 'UTC',
  decision     VARCHAR(20)   NULL,
  decided_at   DATETIME(3)   NULL COMMENT 'UTC',
  written_at   DATETIME(3)   NOT NULL COMMENT 'UTC'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

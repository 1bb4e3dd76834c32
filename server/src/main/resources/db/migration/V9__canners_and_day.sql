-- Owner: org.mobrel.server.kitchen. What a day depends on, and canners as they are.
ALTER TABLE kitchen
  ADD COLUMN burners      INT   NOT NULL DEFAULT 4 COMMENT 'pots and canners that can stand on the stove together',
  ADD COLUMN quiet_from   TIME  NOT NULL DEFAULT '22:00:00' COMMENT 'local; the same as quiet_until for no quiet hours',
  ADD COLUMN quiet_until  TIME  NOT NULL DEFAULT '07:00:00';

CREATE TABLE canner_capacity (
  canner_id  BIGINT       NOT NULL,
  size       VARCHAR(20)  NOT NULL,
  mouth      VARCHAR(10)  NOT NULL,
  jars       INT          NOT NULL COMMENT 'that fill one layer alone',
  PRIMARY KEY (canner_id, size, mouth),
  FOREIGN KEY (canner_id) REFERENCES canner (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

INSERT INTO canner_capacity (canner_id, size, mouth, jars)
  SELECT id, 'quart', 'regular', quarts FROM canner
  UNION ALL SELECT id, 'quart', 'wide', quarts FROM canner
  UNION ALL SELECT id, 'pint', 'regular', pints FROM canner
  UNION ALL SELECT id, 'pint', 'wide', pints FROM canner;

ALTER TABLE canner
  DROP COLUMN quarts,
  DROP COLUMN pints,
  CHANGE COLUMN short_layers layers INT NOT NULL,
  ADD COLUMN upper_layer     VARCHAR(10)  NOT NULL DEFAULT 'short' COMMENT 'which jars may stand above others: short or any',
  ADD COLUMN weight_shows    VARCHAR(20)  NULL COMMENT 'null where nothing is known of the weight',
  ADD COLUMN weight_sound    VARCHAR(20)  NULL,
  ADD COLUMN jiggles_least   INT          NOT NULL DEFAULT 0,
  ADD COLUMN jiggles_most    INT          NOT NULL DEFAULT 0,
  ADD COLUMN dial_beside     BOOLEAN      NOT NULL DEFAULT FALSE,
  ADD COLUMN start_water_ul  BIGINT       NULL COMMENT 'microlitres; null for the usual',
  ADD COLUMN burner          VARCHAR(60)  NOT NULL DEFAULT '' COMMENT 'where it stands';

CREATE TABLE gauge_test (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  canner_id   BIGINT       NOT NULL,
  tested_on   DATE         NOT NULL COMMENT 'local',
  read_psi    INT          NOT NULL COMMENT 'thousandths of a psi on the canner''s dial',
  master_psi  INT          NOT NULL COMMENT 'thousandths of a psi on the master gauge',
  tested_by   VARCHAR(60)  NOT NULL,
  written_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  struck_at   DATETIME(3)  NULL COMMENT 'UTC; a slip of the pen, kept but no longer counted',
  FOREIGN KEY (canner_id) REFERENCES canner (id),
  INDEX test_by_canner (canner_id, tested_on)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE inspection (
  id            BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  canner_id     BIGINT        NOT NULL,
  inspected_on  DATE          NOT NULL COMMENT 'local',
  inspected_by  VARCHAR(60)   NOT NULL,
  note          VARCHAR(400)  NOT NULL,
  written_at    DATETIME(3)   NOT NULL COMMENT 'UTC',
  FOREIGN KEY (canner_id) REFERENCES canner (id),
  INDEX inspection_by_canner (canner_id, inspected_on)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE inspection_part (
  inspection_id  BIGINT       NOT NULL,
  part           VARCHAR(20)  NOT NULL,
  look           VARCHAR(10)  NOT NULL,
  PRIMARY KEY (inspection_id, part),
  FOREIGN KEY (inspection_id) REFERENCES inspection (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.run. A load may hold jars of several batches; how it was packed tells how long its canner takes.
ALTER TABLE run ADD COLUMN pack VARCHAR(10) NOT NULL DEFAULT 'hot';
ALTER TABLE run_jars
  ADD COLUMN batch_id  BIGINT        NULL COMMENT 'null for the batch of the run itself',
  ADD COLUMN title     VARCHAR(120)  NULL,
  ADD COLUMN verdict   VARCHAR(20)   NULL,
  ADD INDEX jars_by_batch (batch_id);

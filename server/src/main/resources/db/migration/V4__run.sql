-- Owner: org.mobrel.server.run. Events are only ever added; number n of a run exists once.
CREATE TABLE run (
  id            BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  batch_id      BIGINT       NOT NULL,
  load_number   INT          NOT NULL COMMENT 'from 1',
  title         VARCHAR(120) NOT NULL,
  canner_id     BIGINT       NOT NULL,
  canner_name   VARCHAR(60)  NOT NULL,
  verdict       VARCHAR(20)  NOT NULL,
  process_min   INT          NOT NULL,
  target_psi    INT          NOT NULL COMMENT 'thousandths of a psi, as read on this instrument',
  true_psi      INT          NOT NULL COMMENT 'thousandths of a psi',
  gauge_kind    VARCHAR(20)  NOT NULL,
  headspace_in  DECIMAL(4, 2) NOT NULL,
  finished      BOOLEAN      NOT NULL DEFAULT FALSE COMMENT 'done or abandoned; follows from the events, kept for finding open runs',
  UNIQUE (batch_id, load_number),
  FOREIGN KEY (batch_id) REFERENCES batch (id),
  INDEX run_open (finished)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE run_jars (
  run_id    BIGINT       NOT NULL,
  position  INT          NOT NULL,
  size      VARCHAR(20)  NOT NULL,
  mouth     VARCHAR(10)  NOT NULL,
  jars      INT          NOT NULL,
  PRIMARY KEY (run_id, position),
  FOREIGN KEY (run_id) REFERENCES run (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE run_event (
  run_id       BIGINT        NOT NULL,
  number       INT           NOT NULL COMMENT 'from 1, without gaps',
  kind         VARCHAR(30)   NOT NULL,
  version      INT           NOT NULL COMMENT 'of the meaning of this kind',
  happened_at  DATETIME(3)   NOT NULL COMMENT 'UTC, by the server''s clock',
  dial_psi     INT           NULL COMMENT 'thousandths of a psi, as read',
  weight       VARCHAR(20)   NULL,
  jar          INT           NULL,
  sealed       BOOLEAN       NULL,
  liquid_loss  VARCHAR(20)   NULL,
  note         VARCHAR(1000) NOT NULL,
  PRIMARY KEY (run_id, number),
  FOREIGN KEY (run_id) REFERENCES run (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.run. What a load goes by is taken when its lid is locked, not when its plan was sent.
CREATE TABLE run_setting (
  run_id         BIGINT       NOT NULL PRIMARY KEY,
  altitude_um    BIGINT       NOT NULL,
  gauge_kind     VARCHAR(20)  NOT NULL,
  gauge_error    INT          NOT NULL COMMENT 'thousandths of a psi',
  true_psi       INT          NOT NULL COMMENT 'thousandths of a psi',
  target_psi     INT          NOT NULL COMMENT 'thousandths of a psi, on this canner''s instrument',
  jiggles_least  INT          NOT NULL,
  jiggles_most   INT          NOT NULL,
  table_version  VARCHAR(40)  NOT NULL,
  taken_at       DATETIME(3)  NOT NULL COMMENT 'UTC',
  FOREIGN KEY (run_id) REFERENCES run (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- A pace that began because the server's clock was set, not because somebody wanted the run to go faster.
CREATE TABLE run_clock_step (
  run_id   BIGINT  NOT NULL,
  number   INT     NOT NULL COMMENT 'of the pace that began then',
  step_ms  BIGINT  NOT NULL COMMENT 'by how much the clock was set; above 0 is forward',
  PRIMARY KEY (run_id, number),
  FOREIGN KEY (run_id, number) REFERENCES run_pace (run_id, number)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- When Mobrel last looked at its clock: after a crash it knows from when on nobody counted.
CREATE TABLE clock_look (
  id         TINYINT      NOT NULL PRIMARY KEY CHECK (id = 1),
  looked_at  DATETIME(3)  NOT NULL COMMENT 'UTC'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.run. Everything a run's event may say; still only ever added.
ALTER TABLE run_event
  ADD COLUMN heard_at    DATETIME(3)  NULL COMMENT 'UTC, by the run''s clock; null where it was told as it happened',
  ADD COLUMN jiggles     INT          NULL COMMENT 'of the weight, in a minute',
  ADD COLUMN check_code  VARCHAR(20)  NULL,
  ADD COLUMN waived      BOOLEAN      NULL,
  ADD COLUMN corrects    INT          NULL COMMENT 'the number of the event it is about',
  ADD COLUMN decision    VARCHAR(20)  NULL,
  ADD COLUMN told_by     VARCHAR(60)  NOT NULL DEFAULT '',
  ADD COLUMN device_id   BIGINT       NULL COMMENT 'the gauge that sent it by itself; null for a person',
  ADD COLUMN device_seq  BIGINT       NULL COMMENT 'that gauge''s own number for it',
  ADD COLUMN tap_key     VARCHAR(40)  NULL COMMENT 'made by the page, so that a tap sent twice is written once',
  ADD UNIQUE INDEX event_by_tap (run_id, tap_key),
  ADD UNIQUE INDEX event_by_device (run_id, device_id, device_seq);

ALTER TABLE run
  ADD COLUMN jiggles_least INT NOT NULL DEFAULT 0 COMMENT 'in a minute at the pressure; 0 where they are not counted',
  ADD COLUMN jiggles_most  INT NOT NULL DEFAULT 0;

ALTER TABLE run_jars ADD COLUMN broth_ul BIGINT NULL COMMENT 'microlitres in one jar; null where nobody worked it out';

CREATE TABLE run_pace (
  run_id   BIGINT       NOT NULL,
  number   INT          NOT NULL COMMENT 'from 1; the last one counts',
  real_at  DATETIME(3)  NOT NULL COMMENT 'UTC, by the server''s clock',
  run_at   DATETIME(3)  NOT NULL COMMENT 'UTC, what the run''s own clock showed then',
  pace     INT          NOT NULL COMMENT 'seconds of the run in one real second',
  PRIMARY KEY (run_id, number),
  FOREIGN KEY (run_id) REFERENCES run (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.device. Gauges that send readings by themselves, and the canner that is only simulated.
CREATE TABLE gauge_device (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name        VARCHAR(60)  NOT NULL,
  key_hash    CHAR(64)     NOT NULL COMMENT 'SHA-256 of its key, in hexadecimal; the key itself is not kept',
  made_at     DATETIME(3)  NOT NULL COMMENT 'UTC',
  revoked_at  DATETIME(3)  NULL COMMENT 'UTC',
  UNIQUE INDEX device_by_key (key_hash)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE simulation_turn (
  run_id  BIGINT       NOT NULL,
  number  INT          NOT NULL COMMENT 'from 1, without gaps',
  at      DATETIME(3)  NOT NULL COMMENT 'UTC, by the run''s clock',
  knob    VARCHAR(20)  NOT NULL,
  value   INT          NOT NULL,
  PRIMARY KEY (run_id, number),
  FOREIGN KEY (run_id) REFERENCES run (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

-- Owner: org.mobrel.server.shelf. Why a lot may not be used for now.
CREATE TABLE lot_hold (
  lot_code  VARCHAR(12)  NOT NULL,
  reason    VARCHAR(40)  NOT NULL,
  held_at   DATETIME(3)  NOT NULL COMMENT 'UTC',
  PRIMARY KEY (lot_code, reason),
  FOREIGN KEY (lot_code) REFERENCES lot (code)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

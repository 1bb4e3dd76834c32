-- Owner: org.mobrel.server.access. Who may in from the home network. In no backup: on another machine devices are paired anew.
CREATE TABLE household_person (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name        VARCHAR(40)  NOT NULL,
  role        VARCHAR(8)   NOT NULL COMMENT 'guest, helper or cook',
  pin_hash    VARCHAR(200) NOT NULL COMMENT 'argon2, slow to try',
  wrong_pins  INT          NOT NULL DEFAULT 0 COMMENT 'one after another',
  wait_until  DATETIME(3)  NULL COMMENT 'UTC; no PIN is looked at before',
  made_at     DATETIME(3)  NOT NULL COMMENT 'UTC',
  UNIQUE (name)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE paired_device (
  id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name         VARCHAR(60)  NOT NULL,
  token_hash   CHAR(64)     NOT NULL COMMENT 'SHA-256 of what its cookie says',
  person_id    BIGINT       NULL COMMENT 'who signed in on it',
  signed_in_at DATETIME(3)  NULL COMMENT 'UTC',
  paired_at    DATETIME(3)  NOT NULL COMMENT 'UTC',
  seen_at      DATETIME(3)  NOT NULL COMMENT 'UTC, to the minute',
  address      VARCHAR(45)  NOT NULL COMMENT 'where it was seen',
  agent_hash   CHAR(64)     NOT NULL COMMENT 'SHA-256 of what its browser calls itself, without versions',
  UNIQUE (token_hash),
  FOREIGN KEY (person_id) REFERENCES household_person (id) ON DELETE SET NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

CREATE TABLE pairing_code (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  digits_hash CHAR(64)     NOT NULL COMMENT 'SHA-256 of six digits, for those without a camera',
  token_hash  CHAR(64)     NOT NULL COMMENT 'SHA-256 of what the scanned code says',
  expires_at  DATETIME(3)  NOT NULL COMMENT 'UTC',
  tries       INT          NOT NULL DEFAULT 0 COMMENT 'wrong ones while it was valid',
  used_at     DATETIME(3)  NULL COMMENT 'UTC; once is all'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

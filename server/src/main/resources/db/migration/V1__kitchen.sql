-- Owner: org.mobrel.server.kitchen. One kitchen a database.
CREATE TABLE kitchen (
  id           TINYINT      NOT NULL PRIMARY KEY CHECK (id = 1),
  altitude_um  BIGINT       NULL COMMENT 'micrometres above the sea; null until the cook says',
  units        VARCHAR(10)  NOT NULL,
  school       VARCHAR(30)  NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

INSERT INTO kitchen (id, altitude_um, units, school) VALUES (1, NULL, 'us', 'longest-ingredient');

CREATE TABLE canner (
  id              BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name            VARCHAR(60)  NOT NULL,
  gauge_kind      VARCHAR(20)  NOT NULL,
  gauge_error     INT          NOT NULL COMMENT 'thousandths of a psi; above 0 reads high',
  quarts          INT          NOT NULL COMMENT 'in one layer',
  pints           INT          NOT NULL COMMENT 'in one layer',
  short_layers    INT          NOT NULL,
  removed         BOOLEAN      NOT NULL DEFAULT FALSE COMMENT 'kept, because batches name it'
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4;

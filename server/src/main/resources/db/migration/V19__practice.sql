-- Owner: org.mobrel.server.practice. What was tried on the practice stove; nothing of it is a batch, a lot or a canner's time.
CREATE TABLE practice_try (
  id        BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  kind      VARCHAR(16) NOT NULL COMMENT 'drill, rehearsal or lines',
  exercise  VARCHAR(60) NOT NULL COMMENT 'which one, by its code',
  seed      BIGINT      NOT NULL COMMENT 'what chance gave; the first answer to it counts',
  tried_at  DATETIME(6) NOT NULL,
  passed    BOOLEAN     NOT NULL,
  misses    VARCHAR(160) NOT NULL COMMENT 'reasons, as codes',
  held_s    INT         NULL COMMENT 'seconds held within a pound, where something was held',
  furthest  INT         NULL COMMENT 'thousandths of a psi from the mark at most meanwhile',
  KEY practice_try_exercise (kind, exercise, id)
) COMMENT 'tries of exercises';

-- Owner: org.mobrel.server.shelf. Food in boxes in the freezer: what was put in, and what was taken out again.
CREATE TABLE freezer_box (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  title     VARCHAR(160) NOT NULL,
  recipe_id BIGINT       NULL,
  boxes     INT          NOT NULL,
  each_ul   BIGINT       NOT NULL COMMENT 'what one box holds, in microlitres',
  frozen_on DATE         NOT NULL,
  best_by   DATE         NOT NULL,
  note      VARCHAR(400) NOT NULL DEFAULT '',
  put_at    DATETIME(6)  NOT NULL,
  CONSTRAINT freezer_box_recipe FOREIGN KEY (recipe_id) REFERENCES recipe (id)
) COMMENT 'boxes put into the freezer';

CREATE TABLE freezer_taken (
  id        BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  box_id    BIGINT      NOT NULL,
  boxes     INT         NOT NULL,
  taken_at  DATETIME(6) NOT NULL,
  undone_at DATETIME(6) NULL,
  CONSTRAINT freezer_taken_box FOREIGN KEY (box_id) REFERENCES freezer_box (id)
) COMMENT 'boxes taken out of the freezer again; what was taken back has an hour';

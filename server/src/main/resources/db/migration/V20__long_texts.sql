-- A long method, or many long lines, has more bytes than the 65,535 of TEXT: what a request may hold can be stored.
ALTER TABLE recipe_version
  MODIFY body    MEDIUMTEXT NOT NULL COMMENT 'ingredient lines as typed, one a line',
  MODIFY method  MEDIUMTEXT NOT NULL DEFAULT '' COMMENT 'steps as typed, one a line',
  MODIFY settled MEDIUMTEXT NOT NULL DEFAULT '' COMMENT 'keys of answered questions, one a line';

ALTER TABLE recipe_judgement
  MODIFY departs MEDIUMTEXT NOT NULL COMMENT 'what was taken on, one finding a line';

ALTER TABLE outside_process
  MODIFY said    MEDIUMTEXT NOT NULL COMMENT 'what the cook said, as JSON; shown, never queried',
  MODIFY finding MEDIUMTEXT NOT NULL COMMENT 'why not, in words';

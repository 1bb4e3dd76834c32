-- Owner: org.mobrel.server.run. What a device heard of the weight in about a minute: how much of it it could hear, and how often the weight
-- knocked; and between which marks it saw the needle, in how many looks. No sound and no picture is kept.
ALTER TABLE run_event
  ADD COLUMN listened_ms INT NULL,
  ADD COLUMN knocks INT NULL,
  ADD COLUMN seen_low INT NULL COMMENT 'thousandths of a psi, as read',
  ADD COLUMN seen_high INT NULL COMMENT 'thousandths of a psi, as read',
  ADD COLUMN looks INT NULL;

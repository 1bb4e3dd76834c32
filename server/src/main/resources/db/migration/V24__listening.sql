-- Owner: org.mobrel.server.run. What a device heard of the weight in about a minute: how much of it it could hear, and how often the weight
-- knocked. No sound is kept.
ALTER TABLE run_event
  ADD COLUMN listened_ms INT NULL,
  ADD COLUMN knocks INT NULL;

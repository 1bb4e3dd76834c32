package org.mobrel.server.recipe;

import java.time.Instant;

/** A remark for next time, such as 'less paprika'. */
public record Note(long id, String text, Instant writtenAt) {}

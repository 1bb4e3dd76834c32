package org.mobrel.server.sharing;

/**
 * Something was changed through its door; other pages that show it look again.
 *
 * @param concept as its door is called, such as 'recipes'
 * @param page who changed it, as it calls itself; empty if it does not say
 */
public record Changed(String concept, String page) {}

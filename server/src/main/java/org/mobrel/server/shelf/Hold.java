package org.mobrel.server.shelf;

import java.time.Instant;
import java.util.Optional;
import org.mobrel.shelf.LotCode;

/**
 * Why a lot may not be used until somebody has looked into it.
 *
 * @param reason a code, such as 'gauge-read-high'
 * @param text the reason in words
 * @param cause what brought it on, such as 'test:12' or 'lot:26-1123-A'; the same cause holds a lot once
 * @param release who let it go again and why; empty while it holds
 */
public record Hold(
        long id, LotCode lot, String reason, String text, String cause, Instant heldAt, Optional<Release> release) {

    /** That it may be used again. */
    public record Release(Instant at, String by, String why) {}
}

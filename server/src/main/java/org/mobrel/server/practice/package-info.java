/**
 * Practice over HTTP: scenes that go on from a snapshot and are kept by nobody, drills and exercises with their record. It writes its own
 * table only: no run, batch, lot, yield or canner's time ever comes of it.
 */
@NullMarked
package org.mobrel.server.practice;

import org.jspecify.annotations.NullMarked;

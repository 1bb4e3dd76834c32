/**
 * A canner run: a list of events, and the state that follows from them and from nothing else.
 *
 * <p>Entry types: {@link org.mobrel.run.RunRules} answers a command with an event or a refusal, {@link org.mobrel.run.RunState}
 * is the fold. There is no clock here: every instant is handed in.
 */
@NullMarked
package org.mobrel.run;

import org.jspecify.annotations.NullMarked;

/**
 * What a rule has to say about something a cook wants to do: a code that is never renamed, how grave it is, the reason
 * and the remedies.
 *
 * <p>Rests on nothing; each concept makes its own findings out of these.
 */
@NullMarked
package org.mobrel.finding;

import org.jspecify.annotations.NullMarked;

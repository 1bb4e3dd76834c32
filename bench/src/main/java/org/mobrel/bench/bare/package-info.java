/** A program to measure the start of Mobrel against. */
@NullMarked
package org.mobrel.bench.bare;

import org.jspecify.annotations.NullMarked;

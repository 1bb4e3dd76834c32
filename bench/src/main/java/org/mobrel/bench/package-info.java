/** Benchmarks of reading, ruling and answering over HTTP. */
@NullMarked
package org.mobrel.bench;

import org.jspecify.annotations.NullMarked;

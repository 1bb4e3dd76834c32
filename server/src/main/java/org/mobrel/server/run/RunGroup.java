package org.mobrel.server.run;

import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Verdict;

/**
 * Jars of one kind in a load, and the batch they belong to: a load may hold several.
 *
 * @param broth that one of them takes; empty where nobody worked it out
 */
public record RunGroup(JarCount jars, long batchId, String title, Verdict verdict, Optional<Volume> broth) {}

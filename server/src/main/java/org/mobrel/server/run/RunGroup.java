package org.mobrel.server.run;

import org.mobrel.jars.JarCount;
import org.mobrel.ruling.Verdict;

/** Jars of one kind in a load, and the batch they belong to: a load may hold several. */
public record RunGroup(JarCount jars, long batchId, String title, Verdict verdict) {}

package org.mobrel.foods;

/**
 * Which tables a ruling rests on, such as 'guide-2015.1'.
 *
 * @param code edition and number of the transcription; stored with every batch
 * @param edition the publication the figures were taken from
 */
public record TableVersion(String code, String edition) {}

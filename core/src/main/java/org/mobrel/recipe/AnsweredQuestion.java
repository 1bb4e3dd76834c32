package org.mobrel.recipe;

/** A question of a line that was answered. */
public record AnsweredQuestion(QuestionCode code, String words, Choice choice) {}

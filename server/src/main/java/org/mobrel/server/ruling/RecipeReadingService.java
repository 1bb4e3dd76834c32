package org.mobrel.server.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.method.Method;
import org.mobrel.method.StatedProcess;
import org.mobrel.method.StepStatement;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Setting;
import org.mobrel.ruling.StatedRemark;
import org.mobrel.server.platform.InvalidField;
import org.springframework.stereotype.Service;

/** Reads a whole page and rules on it; keeps nothing. */
@Service
class RecipeReadingService {

    private final LineReader plain;
    private final RulingService rulings;
    private final JarTable jars;

    RecipeReadingService(LineReader plain, RulingService rulings, JarTable jars) {
        this.plain = plain;
        this.rulings = rulings;
        this.jars = jars;
    }

    RecipeReading.PageResponse read(RecipeReading.PageRequest request) {
        RecipePage page = new PageReader(plain).read(request.text());
        if (page.ingredients().isEmpty()) {
            throw new InvalidField("text", "there is no ingredient on this page");
        }
        if (page.ingredients().size() > 200) {
            throw new InvalidField("text", "200 ingredient lines at most");
        }
        List<IngredientLine> lines = rulings.answered(page.ingredients(), request.answers());
        Method read = Method.of(page.steps(), lines, plain);
        Method method = read.answered(stepAnswers(request, read));
        List<JarCount> asked = RulingService.jars(request.jars());
        JarSize jar = asked.get(0).size();
        Setting set = Setting.of(
                lines,
                method,
                Optional.ofNullable(request.pack()).map(RulingService::pack),
                Optional.ofNullable(request.solidsShare()).map(Fraction::of),
                jar,
                plain.catalogue(),
                jars);
        Batch batch = new Batch(
                lines,
                set.pack(),
                set.share(),
                asked,
                RulingService.altitude(request.altitudeFt(), request.altitudeM()),
                RulingService.gauge(request.gauge(), request.gaugeErrorPsi()),
                RulingService.school(request.school()),
                method);
        RulingService.Ruled answer = rulings.plainAnswer(batch);
        List<StatedRemark.Stated> stated = stated(page, method);
        return new RecipeReading.PageResponse(
                page.title().orElse(null),
                page.yield()
                        .map(yield -> new RecipeReading.YieldResponse(
                                yield.count(), yield.size().map(JarSize::code).orElse(null)))
                        .orElse(null),
                page.ingredients(),
                page.steps(),
                page.parts().stream()
                        .map(part -> new RecipeReading.PagePart(part.kind().code(), part.text()))
                        .toList(),
                method.openingNotes(),
                StatedRemark.mostFitting(stated, jar)
                        .map(RecipeReadingService::stated)
                        .orElse(null),
                stated.stream().map(one -> stated(one.process())).toList(),
                new RecipeReading.SetResponse(
                        set.pack().code(), set.share().value(), set.from().code()),
                answer.words().findings().stream()
                        .filter(finding -> finding.step() != null)
                        .toList(),
                answer.words().questions().stream()
                        .filter(question -> question.step() != null)
                        .toList(),
                StatedRemark.of(stated, batch, answer.ruling()).stream()
                        .map(remark -> new RecipeReading.RemarkResponse(
                                remark.code(),
                                remark.text(),
                                remark.step().isPresent() ? remark.step().getAsInt() : null))
                        .toList(),
                answer.words());
    }

    /** The answers that are about steps; one that names no words answers what that step alone leaves open. */
    private static List<Answer> stepAnswers(RecipeReading.PageRequest request, Method read) {
        List<Answer> answers = new ArrayList<>();
        for (RulingRequest.AnswerToLine given :
                Objects.requireNonNullElse(request.answers(), List.<RulingRequest.AnswerToLine>of())) {
            Integer step = given.step();
            QuestionCode code = QuestionAnswer.question(given.code());
            if (step != null && (step < 0 || step >= read.ownSteps().size())) {
                throw new InvalidField("answers", "there is no step %s".formatted(step));
            }
            if (given.words() != null && given.line() == null) {
                answers.add(new Answer(code, given.words(), given.choice()));
            } else if (step != null) {
                read.sayings().stream()
                        .filter(said -> said.quote().step() == step)
                        .map(said -> new Answer(code, said.key(), given.choice()))
                        .distinct()
                        .forEach(answers::add);
            }
        }
        return answers;
    }

    private static List<StatedRemark.Stated> stated(RecipePage page, Method method) {
        List<StatedRemark.Stated> all = new ArrayList<>();
        page.processes().forEach(text -> StatedProcess.in(text)
                .forEach(process -> all.add(StatedRemark.Stated.outsideOfSteps(process))));
        method.all(StepStatement.States.class)
                .forEach(said -> all.add(new StatedRemark.Stated(
                        said.process(), Optional.of(said.quote().step()))));
        return all;
    }

    private static RecipeReading.StatedResponse stated(StatedProcess process) {
        return new RecipeReading.StatedResponse(
                process.minutes().map(Minutes::value).orElse(null),
                process.pressure().map(pressure -> pressure.psi()).orElse(null),
                process.size().map(JarSize::code).orElse(null));
    }
}

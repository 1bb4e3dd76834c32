package org.mobrel.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.State;
import org.mobrel.server.platform.InvalidField;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Teaching the reader, and foods of one's own. Nothing here can give anything a time. */
@RestController
@RequestMapping("/api/reading")
class ReadingController {

    /** @param pieceIn the largest size of piece in inches; null where none is named */
    record WordingChange(
            @NotBlank(message = "the line as you typed it") @Size(max = 500, message = "500 characters at most")
                    String line,
            @NotBlank(message = "pick a food") String food,
            @NotNull(message = "how it comes and is cut; may be empty") @Size(max = 20, message = "20 at most")
                    List<String> states,
            @DecimalMin(value = "0.1", message = "between 0.1 and 12 inches (3 to 300 mm)")
                    @DecimalMax(value = "12", message = "between 0.1 and 12 inches (3 to 300 mm)")
                    @Nullable
                    Double pieceIn) {}

    /**
     * What the words meant until now, as it can be taught again.
     *
     * @param food null where nothing was taught, or where teaching it again would not mean the very same
     * @param pieceIn the largest size of piece in inches; null where none was named
     */
    record ForgottenMeaning(@Nullable String food, List<String> states, @Nullable Double pieceIn) {

        static ForgottenMeaning of(ForgottenWording forgotten) {
            return new ForgottenMeaning(
                    forgotten.food().id(),
                    forgotten.states().stream().map(State::code).sorted().toList(),
                    forgotten.piece().map(piece -> piece.inches().doubleValue()).orElse(null));
        }
    }

    record WordingForgotten(@NotBlank(message = "the line as you typed it") String line) {}

    record OwnFoodChange(
            @NotBlank(message = "give it a name") @Size(max = 80, message = "80 characters at most") String name,
            @Size(max = 300, message = "300 characters at most") @Nullable String note) {}

    record ReadingResponse(List<TaughtWording> wordings, List<OwnFood> ownFoods, List<RememberedChoice> answers) {}

    /** @param text the choice in words */
    record RememberedChoice(String code, String words, String wording, String choice, String text) {

        static RememberedChoice of(StoredAnswer answer) {
            return new RememberedChoice(
                    answer.code(),
                    answer.words(),
                    answer.wording(),
                    answer.choice(),
                    answer.choice().replace('-', ' '));
        }
    }

    record AnswerForgotten(
            @NotBlank(message = "the question it answered") String code,
            @NotNull(message = "the words in question") @Size(max = 300, message = "300 characters at most")
                    String words,
            @NotNull(message = "the line it was for; may be empty") @Size(max = 500, message = "500 characters at most")
                    String line) {}

    private final ReadingService service;

    ReadingController(ReadingService service) {
        this.service = service;
    }

    @GetMapping
    ReadingResponse reading() {
        return new ReadingResponse(
                service.taught(),
                service.ownFoods(),
                service.answers().stream().map(RememberedChoice::of).toList());
    }

    @PostMapping("/wordings")
    ReadingResponse teach(@Valid @RequestBody WordingChange change) {
        Set<State> states = change.states().stream()
                .map(code -> State.ofCode(code)
                        .orElseThrow(() -> new InvalidField("states", "\"" + code + "\" is not a known state")))
                .collect(Collectors.toSet());
        service.teach(
                change.line(),
                change.food(),
                states,
                Optional.ofNullable(change.pieceIn()).map(Length::ofInches));
        return reading();
    }

    @PostMapping("/wordings/forgotten")
    ForgottenMeaning forget(@Valid @RequestBody WordingForgotten forgotten) {
        return service.forget(forgotten.line())
                .map(ForgottenMeaning::of)
                .orElseGet(() -> new ForgottenMeaning(null, List.of(), null));
    }

    /** Asks again what was answered before. */
    @PostMapping("/answers/forgotten")
    ReadingResponse forget(@Valid @RequestBody AnswerForgotten forgotten) {
        service.forgetAnswer(forgotten.code(), forgotten.words(), forgotten.line());
        return reading();
    }

    @PostMapping("/own-foods")
    @ResponseStatus(HttpStatus.CREATED)
    ReadingResponse add(@Valid @RequestBody OwnFoodChange food) {
        service.addOwnFood(
                food.name().strip(), food.note() == null ? "" : food.note().strip());
        return reading();
    }

    @DeleteMapping("/own-foods/{id}")
    ReadingResponse remove(@PathVariable long id) {
        service.removeOwnFood(id);
        return reading();
    }
}

package org.mobrel.server.loading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Loading over the wire; all times are whole minutes of the day. */
final class LoadingMessages {

    private LoadingMessages() {}

    record LoadingRequest(
            @NotEmpty(message = "at least one canner") @Size(max = 4, message = "four canners at most") @Valid
                    List<@NotNull LoadingPot> canners,
            @NotEmpty(message = "at least one group of jars") @Size(max = 12, message = "twelve groups at most") @Valid
                    List<@NotNull LoadingGroup> groups) {}

    /**
     * @param capacity of one layer by kind of jar, such as 'quart-wide' or 'half-pint'; a kind that is not there does not go in
     * @param upperLayer short (the default) or any
     */
    record LoadingPot(
            @NotBlank(message = "a name to know it by") @Size(max = 60, message = "60 characters at most") String id,
            @NotNull(message = "jars that fill one layer") @Size(max = 20, message = "20 kinds at most")
                    Map<String, @NotNull Integer> capacity,
            @Min(value = 1, message = "1 to 3") @Max(value = 3, message = "1 to 3") int layers,
            @Nullable String upperLayer,
            @Min(value = 0, message = "0 to 240 min") @Max(value = 240, message = "0 to 240 min") int heatUp,
            @Min(value = 0, message = "0 to 240 min") @Max(value = 240, message = "0 to 240 min") int comeUp,
            @Min(value = 0, message = "0 to 240 min") @Max(value = 240, message = "0 to 240 min") int coolDown) {}

    record LoadingGroup(
            @NotBlank(message = "a name to know it by") @Size(max = 60, message = "60 characters at most") String id,
            @Size(max = 120, message = "120 characters at most") @Nullable String recipe,
            @NotNull(message = "a kind of jar") String jar,
            @Min(value = 1, message = "1 to 500 jars") @Max(value = 500, message = "1 to 500 jars") int count,
            @Min(value = 1, message = "1 to 600 min") @Max(value = 600, message = "1 to 600 min") int process,
            @Min(value = 0, message = "0 to 2880 min") @Max(value = 2880, message = "0 to 2880 min") int ready) {}

    /**
     * @param loads in the order they start
     * @param optimal whether all four figures are proven to be the least, each inside the ones before it
     * @param proven how many of them are, in the order makespan, watched, loadCount, overProcess
     * @param bound the first one that is not proven is no less than this; null when all are
     */
    record LoadingResponse(
            List<LoadingLoad> loads,
            int makespan,
            int watched,
            int loadCount,
            int overProcess,
            boolean optimal,
            int proven,
            @Nullable Integer bound,
            List<LoadingAlternative> alternatives) {}

    /**
     * @param layers from the rack upwards
     * @param room how many jars of a group's kind would still go in, each taken alone
     */
    record LoadingLoad(
            String canner,
            int start,
            int process,
            int heatOff,
            int done,
            List<LoadingLayer> layers,
            Map<String, Integer> room) {}

    record LoadingLayer(List<LoadingJars> jars) {}

    record LoadingJars(String group, int count) {}

    /** @param way as-they-come, each-by-itself or one-canner */
    record LoadingAlternative(String way, int makespan, int watched, int loadCount, int overProcess, String sentence) {}
}

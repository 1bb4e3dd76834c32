package org.mobrel.server.run;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarAsk;

/** Runs over the wire. */
public final class RunWire {

    private RunWire() {}

    /**
     * @param jarTitles what is in each of {@code jars}; a load may hold several dishes
     * @param now the server's clock as it answers; clocks on a page run from it
     * @param atTheStove whether its canner is occupied: from the first check until the jars are out
     * @param clockEndsAt when the running clock (vent, hold, settle or rest) is over; null while none runs
     * @param holdComplete whether the full time is behind it, so that the heat may go off
     * @param checkFrom when seals may be judged; null before the jars are out
     * @param checkBy by when they should be
     * @param decideBy until when an unsealed jar can be processed again
     */
    public record RunAnswer(
            long id,
            long batchId,
            int loadNumber,
            String title,
            long cannerId,
            String cannerName,
            String gauge,
            String verdict,
            int minutes,
            BigDecimal targetPsi,
            BigDecimal truePsi,
            BigDecimal headspaceIn,
            List<JarAsk> jars,
            List<String> jarTitles,
            int jarTotal,
            Instant now,
            String stage,
            boolean atTheStove,
            boolean holdComplete,
            @Nullable Instant clockSince,
            @Nullable Instant clockEndsAt,
            @Nullable Instant weightOnAt,
            @Nullable Instant heatOffAt,
            @Nullable Instant openedAt,
            @Nullable Instant jarsOutAt,
            @Nullable Instant checkFrom,
            @Nullable Instant checkBy,
            @Nullable Instant decideBy,
            @Nullable EventAnswer lastReading,
            List<DeviationAnswer> deviations,
            List<EventAnswer> events,
            List<JarAnswer> checked) {}

    public record EventAnswer(
            int number,
            String type,
            Instant at,
            @Nullable BigDecimal psi,
            @Nullable String weight,
            @Nullable JarAnswer jar,
            String note) {}

    public record DeviationAnswer(String code, Instant at, @Nullable BigDecimal psi, @Nullable String weight) {}

    public record JarAnswer(int jar, String size, boolean sealed, String loss) {}

    /** @param expected how many events the page knew of; null to write whatever came meanwhile */
    public record EventRequest(
            @NotNull(message = "what happened") String type,
            @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    @Nullable
                    BigDecimal psi,
            @Nullable String weight,
            @Nullable Integer jar,
            @Nullable Boolean sealed,
            @Nullable String loss,
            @Size(max = 1000, message = "1000 characters at most") @Nullable String note,
            @Nullable Integer expected) {}
}

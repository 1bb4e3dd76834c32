package org.mobrel.server.ruling;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.server.platform.InvalidField;

/** So many jars of one kind, as asked for. A mouth that is not named is the size's usual one. */
public record JarRequest(
        @NotNull(message = "a jar size") String size,
        @Nullable String mouth,
        @Min(value = 1, message = "between 1 and 500") @Max(value = 500, message = "between 1 and 500") int count) {

    /** @throws InvalidField if there is no such size or mouth */
    public JarCount toCore(String field) {
        JarSize known = JarSize.ofCode(size)
                .orElseThrow(() -> new InvalidField(
                        field + ".size", "\"" + size + "\" is not half-pint, pint, pint-and-a-half or quart"));
        Mouth usual = known == JarSize.PINT_AND_A_HALF ? Mouth.WIDE : Mouth.REGULAR;
        Mouth wanted = mouth == null
                ? usual
                : Mouth.ofCode(mouth)
                        .orElseThrow(
                                () -> new InvalidField(field + ".mouth", "\"" + mouth + "\" is not regular or wide"));
        return new JarCount(known, wanted, count);
    }

    public static JarRequest of(JarCount jars) {
        return new JarRequest(jars.size().code(), jars.mouth().code(), jars.count());
    }
}

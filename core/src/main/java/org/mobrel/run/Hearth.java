package org.mobrel.run;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Where a canner stands on the heat.
 *
 * @param burner in the cook's words; empty where nobody said
 * @param source empty where nobody said
 */
public record Hearth(String burner, Optional<HeatSource> source) {

    /** Where a canner stands unless somebody says otherwise. */
    public static final Hearth USUAL = new Hearth("", Optional.empty());

    /** A burner is the same however it is written. */
    public Hearth {
        burner = burner.strip();
    }

    /** Whether a setting that holds the pressure there does so here. */
    public boolean isSameAs(Hearth other) {
        return burner.toLowerCase(Locale.ENGLISH).equals(other.burner.toLowerCase(Locale.ENGLISH))
                && source.equals(other.source);
    }

    /**
     * A setting of the burner that was written down with a canner.
     *
     * @param where the canner stood then
     */
    public record Setting(String words, Instant at, Hearth where) {}

    /** The setting to begin with: the last one of this place, or else the last one of any; empty if nobody ever wrote one down. */
    public Optional<Setting> lastOf(List<Setting> past) {
        Comparator<Setting> here =
                Comparator.comparing(setting -> setting.where().isSameAs(this));
        return past.stream().max(here.thenComparing(Setting::at));
    }
}

package velvetkettle.core.plan.trial;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;

/**
 * One thing otherwise, and what comes of it.
 *
 * @param what in words
 * @param difference the one that matters most, short
 * @param told all differences
 * @param margins at the same setting
 * @param glueLine how much hotter the glue line gets
 * @param wider how many seconds more of the first minute are safe at the same temperature; negative
 *     where it is narrower
 * @param kept the setting that keeps it, or makes up for it; null where nothing would
 * @param keeping what is kept, in words; null likewise
 */
public record WhatIf(
    Kind kind,
    Sentence what,
    Sentence difference,
    List<Sentence> told,
    Margins margins,
    Kelvin glueLine,
    int wider,
    @Nullable OwnSetting kept,
    @Nullable Sentence keeping) {
  /** What can be otherwise. */
  public enum Kind {
    COVER,
    NO_PRE_PRESS,
    DAMP_ROOM,
    THICKER_CLOTH,
    PAD,
    OTHER_PRESS,
    KEPT_MOVING,
    COOLER_PLATEN,
    HOTTER_PLATEN,
    FROM_BACK,
    SECOND_LAYER,
    WARM_CLOTH
  }

  public WhatIf {
    told = List.copyOf(told);
  }
}

package velvetkettle.core.plan.trial;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * One thing otherwise than it is now, and what is kept of it.
 *
 * @param dial what the display has to read for the same platen
 * @param kept null where only more or less time makes up for it
 * @param itself whether what is kept is the change, or makes up for it
 */
record Variation(
    WhatIf.Kind kind,
    Sentence what,
    Pressing pressing,
    Celsius dial,
    @Nullable OwnSetting kept,
    @Nullable Sentence keeping,
    boolean itself) {}

package velvetkettle.core.plan;

/** What became of one medium for one decoration. */
sealed interface Weighed permits Option, RuledOut {}

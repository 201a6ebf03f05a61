package velvetkettle.core.plan.option;

/** What became of one medium for one decoration. */
public sealed interface Weighed permits Option, RuledOut {}

package velvetkettle.core.heat;

import velvetkettle.core.heat.turn.Pressing;

/**
 * Says how far a pressing is from letting go, from marking the cloth and from bleeding colour. Pure
 * and deterministic.
 */
public interface MarginModel {
  Judgement judge(Pressing pressing);
}

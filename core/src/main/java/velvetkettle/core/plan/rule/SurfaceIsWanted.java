package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.Surface;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;

/**
 * Glitter, velvet, metal, reflection and swelling are taken because they are wanted, and nothing
 * else gives them.
 */
public final class SurfaceIsWanted extends Rule {
  public SurfaceIsWanted() {
    super("surface-is-wanted", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Surface wanted = weighing.artwork().surface();
    if (weighing.medium().appearance().gives().contains(wanted)) {
      return Optional.empty();
    }
    Surface own =
        weighing.medium().appearance().gives().stream().sorted().findFirst().orElse(Surface.ANY);
    String about = "rule." + id() + (Surface.PLAIN.contains(own) ? ".plain" : ".special");
    Object[] said = {weighing.medium().term(), wanted, own};
    return Optional.of(
        new Finding(
            id(), question(), Sentence.of(about, said), Sentence.of(about + ".lift", said)));
  }
}

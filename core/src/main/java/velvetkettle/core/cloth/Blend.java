package velvetkettle.core.cloth;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What a cloth is made of. A blend is judged by its weakest fibre for marks, by its polyester share
 * for dye, and by the mean for moisture.
 *
 * @param shares largest first, each fibre once, together at most 100 %; the rest is unknown. At
 *     least one.
 */
public record Blend(List<FibreShare> shares) {
  /** Labels round to whole numbers; a third of something is 33, 33 and 34. */
  private static final double ROUNDING = 0.5;

  public Blend {
    if (shares.isEmpty()) {
      throw new ImpossibleValueException("a blend needs at least one fibre");
    }
    if (shares.stream().map(FibreShare::fibre).distinct().count() < shares.size()) {
      throw new ImpossibleValueException("a blend names each fibre once");
    }
    double total = shares.stream().mapToDouble(FibreShare::percent).sum();
    if (total > 100 + ROUNDING) {
      throw new ImpossibleValueException("the shares add up to more than 100 %: " + total);
    }
    shares =
        shares.stream().sorted(Comparator.comparingDouble(FibreShare::percent).reversed()).toList();
  }

  public static Blend of(Fibre fibre) {
    return new Blend(List.of(new FibreShare(fibre, 100)));
  }

  public static Blend of(Fibre first, double percent, Fibre second) {
    return new Blend(
        List.of(new FibreShare(first, percent), new FibreShare(second, 100 - percent)));
  }

  public double percent(Fibre fibre) {
    return shares.stream()
        .filter(share -> share.fibre() == fibre)
        .mapToDouble(FibreShare::percent)
        .sum();
  }

  /** What the label does not account for or calls unknown, %; 0 within rounding. */
  public double unknownPercent() {
    return Math.min(100, restPercent() + percent(Fibre.UNKNOWN));
  }

  /** What the label does not account for, %; 0 within rounding. */
  double restPercent() {
    double rest = 100 - shares.stream().mapToDouble(FibreShare::percent).sum();
    return rest > ROUNDING ? rest : 0;
  }

  public Fibre mainFibre() {
    return shares.get(0).fibre();
  }

  /** The fibre whose damage comes first, among those that count. */
  public Fibre weakest() {
    return shares.stream()
        .filter(FibreShare::counts)
        .map(FibreShare::fibre)
        .min(Comparator.comparing(Fibre::limit))
        .orElse(mainFibre());
  }

  /** A trace of a fibre weaker than the one that sets the limit. */
  public Optional<FibreShare> weakTrace() {
    return shares.stream()
        .filter(share -> !share.counts())
        .filter(share -> share.fibre().limit().compareTo(weakest().limit()) < 0)
        .findFirst();
  }

  public Optional<Fibre> unpressable() {
    return shares.stream().map(FibreShare::fibre).filter(Fibre::refusesEveryPress).findFirst();
  }

  /** The largest share that steam shrinks, hardens or spots, in any amount. */
  public Optional<FibreShare> steamShy() {
    return shares.stream().filter(share -> share.fibre().isSteamShy()).findFirst();
  }

  public double cellulosicPercent() {
    return shares.stream()
        .filter(s -> s.fibre().cellulosic())
        .mapToDouble(FibreShare::percent)
        .sum();
  }

  /** Mass-weighted regain at 65 % relative humidity, % of dry mass. */
  public double regain() {
    return mean(Fibre::regain);
  }

  private double mean(ToDoubleFunction<Fibre> property) {
    double known = 100 - restPercent();
    return shares.stream().mapToDouble(s -> s.percent() * property.applyAsDouble(s.fibre())).sum()
        / known;
  }
}

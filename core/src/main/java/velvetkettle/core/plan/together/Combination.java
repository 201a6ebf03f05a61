package velvetkettle.core.plan.together;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.OrderOfWork;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.Pressed;
import velvetkettle.core.plan.order.OrderOfWork.SingleDecoration;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;

/**
 * One medium for each decoration of a garment, and whether they go together. What the maker took
 * stays; for the rest the best media are tried that do.
 */
public final class Combination {
  /** Of each decoration, from the best on. */
  private static final int BEST = 4;

  /** Orders of work that are looked for before one gives up. */
  private static final int TRIED = 80;

  /** Of those that are possible, so many are run in full. */
  private static final int RUN = 6;

  private final JobRequest job;
  private final MediaCatalogue media;
  private final HeatModel heat;
  private final List<DecorationPlan> plans;
  private final List<Chosen> chosen;
  private final JointOrder together;
  private @Nullable List<SequenceEntry> everywhere;

  private Combination(
      JobRequest job, MediaCatalogue media, HeatModel heat, List<DecorationPlan> plans) {
    this.job = job;
    this.media = media;
    this.heat = heat;
    this.plans = plans;
    List<Chosen> each = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      each.add(Chosen.of(job, media, job.decorations().get(i), plans.get(i)));
    }
    chosen = each.stream().map(one -> one.among(each)).toList();
    List<SingleDecoration> pressed = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      Option option = plans.get(i).current();
      if (option != null) {
        pressed.add(new SingleDecoration(chosen.get(i), option.margins()));
      }
    }
    together = JointOrder.of(job, heat, pressed);
  }

  /** The best that go together; the best of each alone where none do. */
  public static Combination best(
      JobRequest job, MediaCatalogue media, HeatModel heat, List<DecorationPlan> plans) {
    Combination first = new Combination(job, media, heat, plans);
    if (first.isHopeless() || first.worksEverywhere()) {
      return first;
    }
    List<Combination> possible =
        choices(plans).stream()
            .skip(1)
            .limit(TRIED)
            .map(choice -> new Combination(job, media, heat, choice))
            .filter(combination -> combination.together.possible())
            .limit(RUN)
            .toList();
    return possible.stream()
        .filter(Combination::worksEverywhere)
        .findFirst()
        .orElse(first.together.possible() || possible.isEmpty() ? first : possible.get(0));
  }

  /** Whether something lies where no platen can press it, whatever it is pressed with. */
  private boolean isHopeless() {
    return chosen.stream()
        .anyMatch(one -> one.pressed() != null && one.placing().way().isHopeless());
  }

  /** Whether an order is possible, and heat says no at no place of any thing. */
  private boolean worksEverywhere() {
    return together.possible() && sequence().stream().noneMatch(one -> one.margins().ruleOut());
  }

  /** All choices of media, those first that keep closest to the ranking. */
  private static List<List<DecorationPlan>> choices(List<DecorationPlan> plans) {
    List<Choice> choices = List.of(new Choice(List.of(), 0));
    for (DecorationPlan plan : plans) {
      List<Choice> longer = new ArrayList<>();
      for (Choice choice : choices) {
        int most = plan.taken() ? 1 : Math.max(1, Math.min(BEST, plan.options().size()));
        for (int place = 0; place < most; place++) {
          longer.add(choice.and(place == 0 ? plan : plan.with(plan.options().get(place)), place));
        }
      }
      choices = longer;
    }
    return choices.stream()
        .sorted(Comparator.comparingInt(Choice::worse))
        .map(Choice::plans)
        .toList();
  }

  private record Choice(List<DecorationPlan> plans, int worse) {
    Choice and(DecorationPlan next, int places) {
      List<DecorationPlan> longer = new ArrayList<>(plans);
      longer.add(next);
      return new Choice(longer, worse + places);
    }
  }

  public List<DecorationPlan> decorations() {
    return plans;
  }

  public JointOrder together() {
    return together;
  }

  /** Where everything lies; what lies on another thing unasked says so. */
  public List<PlacedDecoration> placed() {
    return chosen.stream()
        .map(
            one -> {
              Pressed pressed = one.pressed();
              String press = pressed == null ? null : pressed.press().name();
              Optional<Chosen> crossed = chosen.stream().filter(o -> crosses(one, o)).findFirst();
              Placing placing =
                  crossed
                      .map(o -> Sentence.of("place.crosses", Precedence.name(o)))
                      .map(one.placing()::and)
                      .orElse(one.placing());
              return new PlacedDecoration(one.decoration().id(), press, placing);
            })
        .toList();
  }

  private static boolean crosses(Chosen one, Chosen other) {
    return one != other
        && one.placing().face() == other.placing().face()
        && one.placing().art().overlaps(other.placing().art())
        && !one.decoration().liesOver(other.decoration())
        && !other.decoration().liesOver(one.decoration());
  }

  /** What does not go: two things on one garment, or one where it is to lie. */
  public Optional<Clash> clash() {
    return chosen.stream()
        .filter(one -> one.pressed() != null && one.placing().way().isHopeless())
        .findFirst()
        .map(one -> Clash.ofPlace(one.decoration().id(), one.placing().advice().get(0)))
        .or(together::clash)
        .or(this::notEverywhere);
  }

  /** A thing that would not do at one of its places. */
  private Optional<Clash> notEverywhere() {
    return sequence().stream()
        .filter(entry -> entry.margins().ruleOut())
        .findFirst()
        .map(
            entry -> {
              Chosen thing = thing(entry);
              Chosen crossed =
                  chosen.stream().filter(other -> crosses(thing, other)).findFirst().orElse(null);
              return Clash.ofHeat(thing, crossed, entry.margins());
            });
  }

  public List<Chosen> chosen() {
    return chosen;
  }

  /**
   * Each thing at its place in the order, with what heat does to it where that is worst; empty
   * where no order is possible.
   */
  public List<SequenceEntry> sequence() {
    List<SequenceEntry> known = everywhere;
    if (known == null) {
      known = together.possible() && !isHopeless() ? runInFull() : together.told();
      everywhere = known;
    }
    return known;
  }

  private List<SequenceEntry> runInFull() {
    HeatEverywhere heated = new HeatEverywhere(job, heat, acts(), together.inOrder());
    return together.told().stream()
        .map(entry -> entry.with(heated.worst(thing(entry), entry.margins())))
        .toList();
  }

  private Chosen thing(SequenceEntry entry) {
    return chosen.stream()
        .filter(one -> one.decoration().id().equals(entry.decoration()))
        .findFirst()
        .orElseThrow();
  }

  /** All that is done, from the cloth to the look at the piece. */
  public List<Act> acts() {
    return OrderOfWork.of(
        job, together.inOrder(), chosen.stream().filter(c -> c.pressed() == null).toList());
  }

  /** The same with another medium for one decoration. */
  Combination with(int decoration, Option option) {
    List<DecorationPlan> other = new ArrayList<>(plans);
    other.set(decoration, plans.get(decoration).with(option));
    return new Combination(job, media, heat, other);
  }
}

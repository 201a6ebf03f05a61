package velvetkettle.core.plan.together;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.order.EveryOrder;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.OrderOfWork.SingleDecoration;
import velvetkettle.core.plan.order.OrderSolver;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;

/** Every family of media with every other, up to six things on one garment, against all orders. */
class FamiliesTogetherTest {
  private static final Garment PANEL = Jobs.whitePanel();
  private static final Map<String, ArtKind> FAMILIES =
      new TreeMap<>(
          Map.of(
              "film-smooth", ArtKind.LETTERING,
              "film-puff", ArtKind.LETTERING,
              "xfer-screen", ArtKind.LOGO,
              "paper-light", ArtKind.LOGO,
              "sub-direct", ArtKind.LOGO,
              "stone-sheet", ArtKind.STONES,
              "web-light", ArtKind.APPLIQUE,
              "patch-web", ArtKind.MADE_PATCH));

  private final JobRequest job = job();
  private final List<SingleDecoration> all = alone();

  @Test
  @DisplayName("no order is better than the one found, and where none is found there is none")
  void everyCombination() {
    int possible = 0;
    int clashes = 0;
    for (int set = 1; set < 1 << all.size(); set++) {
      if (Integer.bitCount(set) > 6) {
        continue;
      }
      JointOrder together = JointOrder.of(job, Jobs.HEAT, members(set));
      int things = Integer.bitCount(set);
      long best = EveryOrder.least(things, together::cost);
      assertThat(together.possible()).isEqualTo(best < OrderSolver.IMPOSSIBLE);
      if (together.possible()) {
        possible++;
        assertThat(price(together, members(set))).isEqualTo(best);
        keepsToPractice(together.inOrder());
      } else {
        clashes++;
        assertThat(together.clash()).isPresent();
      }
    }
    assertThat(possible).isGreaterThan(60);
    assertThat(possible + clashes).isEqualTo(246);
  }

  private static long price(JointOrder together, List<SingleDecoration> members) {
    List<Chosen> named = members.stream().map(SingleDecoration::chosen).toList();
    int[] order = together.inOrder().stream().mapToInt(named::indexOf).toArray();
    return EveryOrder.price(order, together::cost);
  }

  private static void keepsToPractice(List<Chosen> order) {
    for (int first = 0; first < order.size(); first++) {
      for (int later = first + 1; later < order.size(); later++) {
        assertThat(Precedence.against(order.get(first), order.get(later))).isEmpty();
      }
    }
    List<String> media = order.stream().map(c -> c.pressed().medium().key()).toList();
    if (media.contains("sub-direct")) {
      assertThat(media).first().isEqualTo("sub-direct");
    }
    if (media.contains("film-puff")) {
      assertThat(media).last().isEqualTo("film-puff");
    }
  }

  private List<SingleDecoration> members(int set) {
    List<SingleDecoration> members = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      if ((set & 1 << i) != 0) {
        members.add(all.get(i));
      }
    }
    return members;
  }

  private static JobRequest job() {
    List<Decoration> decorations = new ArrayList<>();
    FAMILIES.forEach((medium, kind) -> decorations.add(decoration(medium, kind)));
    return new JobRequest(
        PANEL, decorations, 30, Jobs.BIG_PRESS, Workroom.USUAL, Shop.BARE, Experience.NONE);
  }

  private static Decoration decoration(String medium, ArtKind kind) {
    boolean stones = kind == ArtKind.STONES;
    Artwork art =
        new Artwork(
            medium,
            kind,
            new ArtSize(Millimetres.of(60), Millimetres.of(40)),
            new Tones(1, Depth.DARK),
            Placement.CHEST,
            medium.equals("film-puff") ? Surface.RAISED : Surface.ANY,
            Detail.UNSEEN,
            new StoneCount(stones ? StoneSize.SS10 : null, stones ? 40 : 0));
    return new Decoration(medium, art, medium, null);
  }

  private List<SingleDecoration> alone() {
    List<SingleDecoration> alone = new ArrayList<>();
    for (Decoration decoration : job.decorations()) {
      JobRequest one =
          new JobRequest(
              PANEL,
              List.of(decoration),
              30,
              job.press(),
              Workroom.USUAL,
              job.shop(),
              Experience.NONE);
      DecorationPlan plan = Jobs.planner().plan(one).decorations().get(0);
      alone.add(
          new SingleDecoration(
              Chosen.of(job, MediaCatalogue.TRADE, decoration, plan), plan.current().margins()));
    }
    return alone;
  }
}

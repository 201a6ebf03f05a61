package velvetkettle.core.plan.job;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Piece;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.LowerSide;
import velvetkettle.core.place.Placing;
import velvetkettle.core.place.PlatenOnGarment;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * All that a plan is made from.
 *
 * @param pieces 1 to 10 000 alike garments
 * @param decorations at least one, with different ids
 * @param press the press it is meant for; a medium that this cannot do takes another of the shop's
 * @param workroom the room that the cloth has lain in; a request kept without one lay in the usual
 *     one
 */
public record JobRequest(
    Garment garment,
    List<Decoration> decorations,
    int pieces,
    Press press,
    @Nullable Workroom workroom,
    Shop shop,
    Experience experience) {
  public JobRequest {
    decorations = List.copyOf(decorations);
    if (decorations.isEmpty()) {
      throw new ImpossibleValueException("a job puts at least one thing on the garment");
    }
    if (pieces < 1 || pieces > 10_000) {
      throw new ImpossibleValueException("pieces are counted from 1 to 10000: " + pieces);
    }
    if (new HashSet<>(decorations.stream().map(Decoration::id).toList()).size()
        < decorations.size()) {
      throw new ImpossibleValueException("two decorations of a garment have the same id");
    }
  }

  /** The same with other media taken; null where none is. */
  public JobRequest withMedia(Function<Decoration, @Nullable String> taken) {
    return withDecorations(decorations.stream().map(d -> d.with(taken.apply(d), d.own())).toList());
  }

  /** The same with other decorations. */
  public JobRequest withDecorations(List<Decoration> changed) {
    return new JobRequest(garment, changed, pieces, press, workroom, shop, experience);
  }

  /** What the work is done on and with, by one of the shop's tools. */
  public Workplace workplace(Press tool) {
    return new Workplace(garment.asCloth(), tool, workroom == null ? Workroom.USUAL : workroom);
  }

  /** The same where a decoration lies under the tool's platen. */
  public Workplace workplace(Decoration decoration, Press tool) {
    Workplace middle = workplace(tool);
    Placing placing = placing(decoration, tool);
    return new Workplace(
        under(decoration, placing).asCloth(),
        tool,
        middle.workroom(),
        question(decoration, tool).contact(),
        isBarred(decoration));
  }

  /**
   * Whether what the maker took to lie below all of it keeps the dye of the cloth from it. Of a
   * medium that the trade does not know that is not believed.
   */
  private boolean isBarred(Decoration upper) {
    return decorations.stream()
        .filter(upper::liesOver)
        .filter(lower -> lower.medium() != null && MediaCatalogue.TRADE.blocksDye(lower.medium()))
        .map(this::unpressed)
        .anyMatch(lower -> lies(lower, unpressed(upper)));
  }

  private static boolean lies(Placing lower, Placing upper) {
    return lower.face() == upper.face() && lower.art().contains(upper.art());
  }

  private PlatenOnGarment.Question question(Decoration decoration, Press tool) {
    Artwork art = decoration.artwork();
    return new PlatenOnGarment.Question(
        garment,
        art.placement(),
        decoration.spot(),
        art.size().width(),
        art.size().height(),
        tool,
        shop.drawer());
  }

  /**
   * The tool for a decoration: what the maker settled, where that can do it, else the shop's. Where
   * its platen cannot come down on the art, another one's may.
   */
  public Press toolFor(Decoration decoration, Medium medium) {
    String wanted = decoration.own(medium).press();
    Press first =
        shop.drawer().stream()
            .filter(tool -> wanted != null && tool.isMeantBy(wanted))
            .min(Comparator.comparing(tool -> !tool.id().equals(wanted)))
            .orElse(press);
    boolean steams = Boolean.TRUE.equals(decoration.sheet(medium).steam());
    Press usual =
        (steams ? shop.steaming(medium, first) : shop.toolFor(medium, first)).orElse(press);
    return wanted != null || !placing(decoration, usual).way().isHopeless()
        ? usual
        : shop.drawer().stream()
            .filter(tool -> medium.atPress().by(tool.kind()))
            .filter(tool -> !placing(decoration, tool).way().isHopeless())
            .findFirst()
            .orElse(usual);
  }

  /** What the Stacks of a decoration are laid up between. */
  public Ground ground(Decoration decoration, Medium medium, Press tool) {
    Boolean raised = decoration.own(medium).raised();
    Placing placing = placing(decoration, tool);
    return new Ground(
        under(decoration, placing),
        tool,
        LowerSide.of(garment, medium.construction().standsOut(), tool),
        placing.face(),
        placing.way(),
        placing.oneLayer(),
        raised == null ? placing.insert() != null : raised,
        decoration.artwork().stones().size(),
        medium.coloursOver(decoration.artwork()));
  }

  /**
   * The garment with a pocket below the art, or with none: nobody presses through one elsewhere.
   */
  private Garment under(Decoration decoration, Placing placing) {
    Garment part = garment(decoration);
    if (!garment.obstacles().contains(Obstacle.POCKET)) {
      return part;
    }
    boolean onPocket =
        GarmentPattern.pockets(garment, placing.face()).stream().anyMatch(placing.art()::overlaps);
    return onPocket ? part.onItsPocket(placing.face()) : part.besideItsPocket();
  }

  /** The garment with the cloth of that part which a decoration lies on. */
  public Garment garment(Decoration decoration) {
    Garment there = garment.at(decoration.artwork().placement().part());
    Piece piece = decoration.artwork().piece();
    return piece == null ? there : there.carrying(piece.blend(), piece.printed());
  }

  /** Where a decoration lies, and how the platen of one of the shop's tools comes down on it. */
  public Placing placing(Decoration decoration, Press tool) {
    return question(decoration, tool).placing();
  }

  /** Where a decoration lies that is fixed without heat. */
  public Placing unpressed(Decoration decoration) {
    return question(decoration, press).unpressed();
  }

  /** What is put on what, as the media see it. */
  public Work work(Decoration decoration) {
    return new Work(garment(decoration), decoration.artwork(), shop.schools());
  }

  /** The same in another room. */
  public JobRequest in(Workroom room) {
    return new JobRequest(garment, decorations, pieces, press, room, shop, experience);
  }

  /** The same on another garment. */
  public JobRequest on(Garment other) {
    return new JobRequest(other, decorations, pieces, press, workroom, shop, experience);
  }

  /** The decoration of that id; {@link IllegalArgumentException} where there is none. */
  public Decoration decoration(String id) {
    return decorations.stream()
        .filter(decoration -> decoration.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no decoration " + id));
  }
}

package velvetkettle.core.hands;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Parts;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.TableAct;

/**
 * What lies beside the press: each thing in the making, and what a maker knows of how it has to be
 * made, medium by medium [handbook 3, common practice, no source].
 */
final class Table {
  private static final String MIRROR = "Mirror";
  private static final String PRINT = "PrintSheet";
  private static final String DRY = "DryOut";
  private static final String CUT = "CutOut";
  private static final String TRIM = "Trim";
  private static final String FUSE = "FuseWeb";
  private static final String BACKING = "BackingOff";
  private static final String PAPER = "PaperOff";
  private static final String ON = "PressOn";
  private static final String WEB = "CutWeb";

  /** Dye goes into polyester from so much on, film goes onto cloth up to so much, °C. */
  private static final double DYE_HEAT = 190;

  private static final double FILM_HEAT = 165;

  /** What has to be done to it, one after the other. */
  private static List<List<String>> orders(Thing thing) {
    String medium = thing.medium.key();
    return switch (medium) {
      case "film-print" ->
          fallsApart(thing)
              ? List.of(List.of(PRINT, DRY, CUT, "Mask"), List.of(CUT, BACKING))
              : List.of(List.of(PRINT, DRY, CUT, BACKING));
      case "paper-light" -> List.of(List.of(MIRROR, PRINT, TRIM));
      case "paper-dark" -> List.of(List.of(PRINT, TRIM, BACKING));
      case "xfer-dtf", "xfer-screen" -> List.of(List.of(TRIM));
      case "sub-direct", "sub-coated" -> List.of(List.of(MIRROR, PRINT, DRY));
      case "stone-sheet" -> List.of(List.of("LookAtBacks"), List.of("FixStones", BACKING));
      case "stone-stencil", "stone-wand" -> List.of(List.of("LookAtBacks"));
      case "patch-web" ->
          thing.art.kind() == ArtKind.BADGE
              ? List.of(List.of(WEB, FUSE, PAPER))
              : List.of(
                  List.of("SewPatch", "StabiliserOff", DRY, FUSE, TRIM), List.of(WEB, FUSE, PAPER));
      case "patch-print" -> List.of(List.of(MIRROR, PRINT, DRY, ON, WEB, FUSE, PAPER));
      case "panel-print" -> List.of(List.of(MIRROR, PRINT, DRY, ON, TRIM, WEB, FUSE, PAPER));
      case "panel-cloth" -> List.of(List.of(CUT, WEB, FUSE, PAPER));
      case "panel-film" -> List.of(List.of(MIRROR, CUT, "Weed", ON, TRIM, WEB, FUSE, PAPER));
      case "label-print" -> List.of(List.of(MIRROR, PRINT, DRY, ON, WEB, FUSE, TRIM, PAPER));
      default ->
          medium.startsWith("web-") ? List.of(List.of(CUT)) : List.of(List.of(MIRROR, CUT, "Weed"));
    };
  }

  /** Letters do, unless they stand on a ground; a logo only where somebody says so. */
  private static boolean fallsApart(Thing thing) {
    Parts said = thing.art.detail().parts();
    return said == Parts.LOOSE || said == null && thing.art.kind() == ArtKind.LETTERING;
  }

  private final Map<String, List<String>> done = new HashMap<>();
  private final Consumer<String> breach;

  Table(Consumer<String> breach) {
    this.breach = breach;
  }

  /**
   * @param hot whether the tool that fuses a web is at the heat that the thing is pressed at
   */
  void act(Act act, Thing thing, boolean hot) {
    List<String> so = done(thing);
    String name = act.getClass().getSimpleName();
    if (so.contains(name)) {
      breach.accept(thing.id + " has had its " + name);
    }
    if (act instanceof TableAct.FuseWeb && !hot) {
      breach.accept("web is fused by a tool that is not hot");
    }
    if (act instanceof TableAct.PressOn print) {
      boolean film = thing.medium.key().equals("panel-film");
      double platen = print.platen().degrees();
      if (!hot || (film ? platen > FILM_HEAT : platen < DYE_HEAT)) {
        breach.accept(thing.id + " is pressed onto its piece at " + platen);
      }
    }
    if (act instanceof Act.PaperOff && !so.contains(FUSE)) {
      breach.accept("no paper on " + thing.id);
    }
    if (act instanceof TableAct.CutOut cut) {
      boolean throughGlue =
          thing.medium.construction().hasCarrier() || thing.medium.key().equals("panel-film");
      CutFace up = throughGlue ? CutFace.GLUE_UP : CutFace.FACE_UP;
      if (cut.up() != up) {
        breach.accept(thing.id + " is cut " + cut.up());
      }
    }
    so.add(name);
  }

  private List<String> done(Thing thing) {
    return done.computeIfAbsent(thing.id, none -> new ArrayList<>());
  }

  /** Web goes on the piece or, where the shop has it so, on the garment first. */
  boolean isWebOn(Thing thing) {
    return done(thing).contains(FUSE);
  }

  /** Whether letters stand on a mask. */
  boolean isMasked(Thing thing) {
    return done(thing).contains("Mask");
  }

  /** It is about to be laid on the garment. */
  void taken(Thing thing) {
    List<String> so = done(thing);
    for (List<String> order : orders(thing)) {
      int last = -1;
      for (String one : order) {
        int at = so.indexOf(one);
        if (at < 0) {
          breach.accept(thing.id + " is laid on without " + one);
        } else if (at < last) {
          breach.accept(one + " of " + thing.id + " comes too late");
        }
        last = Math.max(last, at);
      }
    }
    if (thing.art.kind() == ArtKind.BADGE && (so.contains("SewPatch") || so.contains(TRIM))) {
      breach.accept(thing.id + " exists already");
    }
    boolean faceDown = orders(thing).stream().anyMatch(order -> order.contains(MIRROR));
    if (so.contains(MIRROR) && !faceDown) {
      breach.accept(thing.id + " reads backwards");
    }
    boolean web = thing.medium.key().startsWith("web-");
    if (web && isWebOn(thing) != so.contains(PAPER)) {
      breach.accept("paper is on the glue of " + thing.id);
    }
    if (web && isWebOn(thing) == so.contains("CutWeb")) {
      breach.accept("no web for " + thing.id + ", or two");
    }
  }
}

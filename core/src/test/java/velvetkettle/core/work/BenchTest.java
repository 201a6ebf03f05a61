package velvetkettle.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

class BenchTest {
  private static final Press PRESS = Press.usual("Big press", PressKind.PLATE_DRAW);
  private static final Layer CARRIER = layer(LayerKind.CARRIER, Substance.CARRIER_FILM);
  private static final Layer FILM = layer(LayerKind.FILM, Substance.POLYURETHANE);
  private static final Layer GLUE = layer(LayerKind.GLUE, Substance.HOT_MELT);
  private static final List<Layer> CARRIED = List.of(CARRIER, FILM, GLUE);

  private static Layer layer(LayerKind kind, Substance substance) {
    return Layer.of(kind, Sentence.of("layer." + kind), 0.1, substance);
  }

  static Garment garment(GarmentKind kind, Obstacle... obstacles) {
    return new Garment(
        "deck shirt",
        kind,
        Size.ADULT,
        new ClothSpec(
            Blend.of(Fibre.COTTON),
            Fabric.TWILL,
            new Colour("navy", Depth.DARK, Hue.BLUE),
            DyeKind.REACTIVE,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.of(obstacles));
  }

  private static Bench bench(GarmentKind kind, Obstacle... obstacles) {
    return bench(garment(kind, obstacles));
  }

  private static Bench bench(Garment garment) {
    return Bench.with(garment, List.of(PRESS))
        .after(
            List.of(
                new Act.SetTemperature("Big press", Celsius.of(150), Celsius.of(150)),
                new Act.LayFlat("Big press", GarmentFace.FRONT),
                new Act.SetPressure("Big press", Pressure.MEDIUM)));
  }

  private static final Area ART = new Area(-50, 80, 100, 60);

  /** So large that what lies on one face lies below all of it on the other. */
  private static final Area ALL = new Area(-300, -300, 600, 900);

  private static Act.LayOn lay(String thing, GarmentFace face, List<Layer> layers) {
    return new Act.LayOn(thing, face, ART, layers);
  }

  private static Act in(Filling what, Gap gap) {
    return new Act.Insert(what, gap, ART);
  }

  private static Act.PeelOff peel(String thing) {
    return new Act.PeelOff(thing, Peel.HOT, null, List.of());
  }

  private static Act.Close close(@Nullable String thing) {
    return close(thing, ART.grown(30));
  }

  private static Act.Close close(@Nullable String thing, Area where) {
    return new Act.Close("Big press", Purpose.MAIN, thing, 1, 1, where, Seconds.of(10), false);
  }

  private static List<LayerKind> kinds(Bench bench, @Nullable String thing) {
    return bench.stack(close(thing)).layers().stream().map(Layer::kind).toList();
  }

  @Test
  @DisplayName("the Stack is what lies there, from the hot platen down; nothing comes by itself")
  void stack() {
    Bench shirt = bench(GarmentKind.SHIRT);
    assertThat(kinds(shirt, null))
        .containsExactly(
            LayerKind.HEATED_PLATEN,
            LayerKind.FRONT,
            LayerKind.BACK,
            LayerKind.PAD,
            LayerKind.LOWER_PLATEN);
    assertThat(shirt.stack(close(null)).glueLineBelow()).isNull();
    Bench laid =
        shirt.after(
            List.of(
                in(Filling.PARCHMENT, Gap.INSIDE),
                lay("name", GarmentFace.FRONT, CARRIED),
                new Act.Cover(CoverSheet.PTFE),
                close("name")));
    assertThat(kinds(laid, "name"))
        .containsExactly(
            LayerKind.HEATED_PLATEN,
            LayerKind.COVER,
            LayerKind.CARRIER,
            LayerKind.FILM,
            LayerKind.GLUE,
            LayerKind.FRONT,
            LayerKind.SEPARATOR,
            LayerKind.BACK,
            LayerKind.PAD,
            LayerKind.LOWER_PLATEN);
    assertThat(laid.stack(close("name")).glueLineBelow()).isEqualTo(4);
    assertThat(laid.stack(close("name")).side()).isEqualTo(Side.FACE);
    assertThat(shirt.lying()).as("a bench is a value").isEmpty();
  }

  @Test
  @DisplayName("the lower side is changed beside the garment, and is what the Stack stands on")
  void lowerSide() {
    Bench shirt = bench(GarmentKind.SHIRT);
    Act towel = new Act.LayLower("Big press", Pad.FOLDED_TOWEL);
    assertThatThrownBy(() -> shirt.after(towel)).isInstanceOf(RefusedActException.class);
    Bench over =
        shirt.after(
            List.of(new Act.LayAside(), towel, new Act.LayFlat("Big press", GarmentFace.FRONT)));
    List<Layer> layers = over.stack(close(null)).layers();
    assertThat(layers.get(layers.size() - 2).substance()).isEqualTo(Substance.TOWEL);
    assertThat(over.nextDay().tools().get("Big press").pad()).isEqualTo(Pad.FOAM_PAD);
  }

  @Test
  @DisplayName("a second colour may be laid once the carrier of the first is off")
  void secondColour() {
    Bench first = bench(GarmentKind.SHIRT).after(List.of(lay("name", GarmentFace.FRONT, CARRIED)));
    Act second =
        new Act.LayOn(
            "name",
            GarmentFace.FRONT,
            ART,
            List.of(layer(LayerKind.CARRIER, Substance.CARRIER_FILM)),
            2,
            2);
    assertThatThrownBy(() -> first.after(second)).isInstanceOf(RefusedActException.class);
    Bench both = first.after(List.of(peel("name"), second));
    assertThat(kinds(both, "name"))
        .startsWith(LayerKind.HEATED_PLATEN, LayerKind.CARRIER, LayerKind.FILM, LayerKind.GLUE);
    assertThat(kinds(both.after(peel("name")), "name"))
        .startsWith(LayerKind.HEATED_PLATEN, LayerKind.FILM, LayerKind.GLUE, LayerKind.FRONT);
  }

  @Test
  @DisplayName("inside out only the worked cloth lies there, and what lies on it is upside down")
  void insideOut() {
    Bench turned =
        bench(GarmentKind.SHIRT)
            .after(
                List.of(
                    lay("name", GarmentFace.FRONT, CARRIED),
                    peel("name"),
                    new Act.TurnInsideOut("Big press", GarmentFace.FRONT)));
    assertThat(kinds(turned, "name"))
        .containsExactly(
            LayerKind.HEATED_PLATEN,
            LayerKind.FRONT,
            LayerKind.GLUE,
            LayerKind.FILM,
            LayerKind.PAD,
            LayerKind.LOWER_PLATEN);
    assertThat(turned.stack(close("name")).glueLineBelow()).isEqualTo(1);
    assertThat(turned.stack(close("name")).side()).isEqualTo(Side.BACK);
  }

  @Test
  @DisplayName("turned over, whatever is inside is crossed from the other side")
  void turnedOver() {
    Bench over =
        bench(GarmentKind.SHIRT)
            .after(
                List.of(
                    in(Filling.PARCHMENT, Gap.INSIDE),
                    in(Filling.FOAM_PAD, Gap.INSIDE),
                    lay("name", GarmentFace.FRONT, List.of(FILM, GLUE)),
                    new Act.LayFlat("Big press", GarmentFace.BACK)));
    Area below = new Area(-50, 80, 100, 60);
    assertThat(
            over.stackOf(
                    close(null, new Area(-200, -100, 400, 500)), "name", GarmentFace.FRONT, below)
                .orElseThrow()
                .layers())
        .extracting(Layer::kind)
        .containsExactly(
            LayerKind.HEATED_PLATEN,
            LayerKind.BACK,
            LayerKind.PAD,
            LayerKind.SEPARATOR,
            LayerKind.FRONT,
            LayerKind.GLUE,
            LayerKind.FILM,
            LayerKind.PAD,
            LayerKind.LOWER_PLATEN);
    Bench one = over.after(new Act.DrawOver("Big press", GarmentFace.BACK));
    assertThat(
            one.stackOf(
                close(null, new Area(-200, -100, 400, 500)), "name", GarmentFace.FRONT, below))
        .as("drawn over, the other side lies elsewhere")
        .isEmpty();
  }

  @Test
  @DisplayName("a sheet in a pocket lies between its cloth and the garment once that is turned")
  void pocket() {
    Garment shirt = garment(GarmentKind.SHIRT, Obstacle.POCKET);
    assertThat(kinds(turnedWithCrest(shirt.onItsPocket(GarmentFace.FRONT)), "crest"))
        .startsWith(LayerKind.HEATED_PLATEN, LayerKind.BACK, LayerKind.SEPARATOR, LayerKind.FRONT);
    // In the middle of the chest no pocket lies below it.
    assertThat(kinds(turnedWithCrest(shirt), "crest"))
        .startsWith(LayerKind.HEATED_PLATEN, LayerKind.FRONT, LayerKind.GLUE);
  }

  private static Bench turnedWithCrest(Garment shirt) {
    return bench(shirt)
        .after(
            List.of(
                in(Filling.PARCHMENT, Gap.POCKET),
                lay("crest", GarmentFace.FRONT, List.of(FILM, GLUE)),
                new Act.TurnInsideOut("Big press", GarmentFace.FRONT)));
  }

  @Test
  @DisplayName("a carrier comes off as far as the tool has been, and the Stack beside it keeps it")
  void inParts() {
    Area left = new Area(0, 80, 50, 60);
    Bench half =
        bench(GarmentKind.SHIRT)
            .after(
                List.of(
                    lay("name", GarmentFace.FRONT, CARRIED),
                    new Act.PeelOff("name", Peel.HOT, null, List.of(left))));
    assertThat(kindsAt(half, new Area(-50, 80, 40, 60))).doesNotContain(LayerKind.CARRIER);
    assertThat(kindsAt(half, left)).contains(LayerKind.CARRIER);
    refuses(
        half,
        new Act.Close("Big press", Purpose.SECOND, "name", 1, 1, ART, Seconds.of(5), false),
        "carrier is still on");
    assertThat(half.after(peel("name")).lying().get(0).isCarried()).isFalse();
  }

  private static List<LayerKind> kindsAt(Bench bench, Area place) {
    return bench
        .stackOf(close("name"), "name", GarmentFace.FRONT, place)
        .orElseThrow()
        .layers()
        .stream()
        .map(Layer::kind)
        .toList();
  }

  @Test
  @DisplayName("what lies over and under a thing at its place is in its Stack, as a patch")
  void layered() {
    Bench two =
        bench(GarmentKind.PANEL)
            .after(
                List.of(
                    lay("ground", GarmentFace.FRONT, List.of(FILM, GLUE)),
                    lay("letters", GarmentFace.FRONT, CARRIED)));
    assertThat(kinds(two, "letters"))
        .containsExactly(
            LayerKind.HEATED_PLATEN,
            LayerKind.CARRIER,
            LayerKind.FILM,
            LayerKind.GLUE,
            LayerKind.FILM,
            LayerKind.GLUE,
            LayerKind.FRONT,
            LayerKind.PAD,
            LayerKind.LOWER_PLATEN);
    assertThat(two.stack(close("letters")).glueLineBelow()).isEqualTo(3);
    assertThat(
            two.stackOf(close("letters"), "ground", GarmentFace.FRONT, ART).orElseThrow().layers())
        .extracting(Layer::kind)
        .startsWith(
            LayerKind.HEATED_PLATEN,
            LayerKind.PATCH,
            LayerKind.PATCH,
            LayerKind.PATCH,
            LayerKind.FILM,
            LayerKind.GLUE);
  }

  @Test
  @DisplayName("what is hard is not closed on: beside it, hung off, lifted over it, drawn away")
  void hard() {
    Bench jacket = bench(GarmentKind.JACKET, Obstacle.ZIP);
    Area onZip = new Area(-50, 100, 100, 100);
    Area beside = new Area(40, 100, 100, 100);
    refuses(jacket, close(null, onZip), "would be crushed");
    jacket.after(close(null, beside));
    Bench lifted = jacket.after(new Act.Insert(Filling.FOAM_PAD, Gap.INSIDE, beside));
    lifted.after(close(null, new Area(-60, 90, 220, 120)));
    Bench back = jacket.after(new Act.LayFlat("Big press", GarmentFace.BACK));
    refuses(back, close(null, onZip), "would be crushed");
    jacket.after(new Act.DrawOver("Big press", GarmentFace.BACK)).after(close(null, onZip));
    jacket.heedless().after(close(null, onZip));
  }

  @Test
  @DisplayName("what opens is opened once, lies alone, and is closed before it lies flat again")
  void opened() {
    Bench jacket = bench(GarmentKind.JACKET, Obstacle.ZIP);
    Bench open = jacket.after(new Act.OpenUp(Obstacle.ZIP));
    refuses(open, new Act.OpenUp(Obstacle.ZIP), "is open");
    refuses(jacket, new Act.DoUp(Obstacle.ZIP), "not open");
    refuses(
        bench(GarmentKind.SWEATSHIRT, Obstacle.ZIP), new Act.OpenUp(Obstacle.ZIP), "not open by");
    refuses(open, new Act.LayFlat("Big press", GarmentFace.BACK), "it is open");
    Bench alone = open.after(new Act.DrawOver("Big press", GarmentFace.BACK));
    alone.after(close(null, new Area(-50, 100, 100, 100)));
    refuses(
        alone.after(new Act.Cover(CoverSheet.PTFE)), new Act.DoUp(Obstacle.ZIP), "a sheet lies");
    Bench closed = alone.after(new Act.DoUp(Obstacle.ZIP));
    closed.after(new Act.LayFlat("Big press", GarmentFace.FRONT));
  }

  @Test
  @DisplayName("what hands cannot do is refused, and says why")
  void refused() {
    Bench shirt = bench(GarmentKind.SHIRT);
    refuses(shirt, new Act.TakeOut(Filling.PARCHMENT, Gap.INSIDE), "not in there");
    refuses(shirt, in(Filling.PARCHMENT, Gap.POCKET), "no pocket");
    refuses(shirt, peel("name"), "no carrier");
    refuses(shirt, new Act.Uncover(), "nothing lies over it");
    refuses(shirt, new Act.Open(), "open");
    refuses(shirt, new Act.HangOff(Obstacle.ZIP), "has none");
    refuses(shirt, new Act.LayFlat("Big press", GarmentFace.FRONT), "lies so already");
    refuses(shirt, new Act.LayFlat("Other press", GarmentFace.FRONT), "no such tool");
    refuses(shirt, new Act.Shield("name", CoverSheet.PARCHMENT), "does not lie there");
    refuses(bench(GarmentKind.PANEL), in(Filling.PARCHMENT, Gap.INSIDE), "no inside");
    Bench beside = shirt.after(new Act.LayAside());
    refuses(beside, close(null), "does not lie under it");
    refuses(beside, new Act.SetPressure("Big press", Pressure.FIRM), "with the garment in");
    Bench cold =
        Bench.with(shirt.piece().garment(), List.of(PRESS))
            .after(new Act.LayFlat("Big press", GarmentFace.FRONT));
    refuses(cold, close(null), "not set");
    Bench sheet = shirt.after(in(Filling.PARCHMENT, Gap.INSIDE));
    refuses(sheet, in(Filling.PARCHMENT, Gap.INSIDE), "in there already");
    Bench kraft = shirt.after(in(Filling.KRAFT, Gap.BELOW));
    refuses(kraft, new Act.LayFlat("Big press", GarmentFace.BACK), "below it");
    Bench laid = shirt.after(lay("name", GarmentFace.FRONT, CARRIED));
    refuses(laid, lay("name", GarmentFace.FRONT, CARRIED), "lies there already");
    refuses(laid.after(peel("name")), peel("name"), "no carrier");
    Bench covered = laid.after(new Act.Cover(CoverSheet.PTFE));
    refuses(covered, peel("name"), "a sheet lies on it");
    refuses(covered, new Act.Cover(CoverSheet.PTFE), "lies there already");
    refuses(covered, lay("star", GarmentFace.FRONT, CARRIED), "a sheet lies on the cloth");
    refuses(covered, new Act.TurnInsideOut("Big press", GarmentFace.FRONT), "a sheet lies on it");
    Bench closed = covered.after(close("name"));
    refuses(closed, new Act.Uncover(), "closed");
    refuses(closed, close("name"), "closed");
    refuses(
        laid.after(new Act.TurnInsideOut("Big press", GarmentFace.FRONT)),
        lay("star", GarmentFace.FRONT, CARRIED),
        "turned away");
  }

  private static void refuses(Bench bench, Act act, String why) {
    assertThatThrownBy(() -> bench.after(act))
        .isInstanceOf(RefusedActException.class)
        .hasMessageContaining(why);
  }

  @Test
  @DisplayName("random hands: the bench agrees with a pile of things that knows nothing of it")
  void randomHands() {
    Random random = new Random(31);
    int refusedActs = 0;
    int stacks = 0;
    for (int run = 0; run < 3000; run++) {
      Bench bench = bench(random.nextBoolean() ? GarmentKind.SHIRT : GarmentKind.PANEL);
      Pile pile = new Pile(bench.piece().garment().kind().layers() == 2);
      for (int n = 0; n < 15; n++) {
        Act act = any(random);
        boolean can = pile.does(act);
        if (!can) {
          refusedActs++;
          Bench now = bench;
          assertThatThrownBy(() -> now.after(act)).isInstanceOf(RefusedActException.class);
          continue;
        }
        bench = bench.after(act);
        assertThat(kinds(bench, null)).as("after %s", act).isEqualTo(pile.kinds());
        stacks++;
      }
    }
    assertThat(refusedActs).isGreaterThan(5000);
    assertThat(stacks).isGreaterThan(5000);
  }

  private static Act any(Random random) {
    Filling filling = Filling.values()[random.nextInt(3)];
    Gap gap = random.nextInt(4) == 0 ? Gap.BELOW : Gap.INSIDE;
    GarmentFace face = GarmentFace.values()[random.nextInt(2)];
    String thing = "thing " + random.nextInt(2);
    return switch (random.nextInt(11)) {
      case 0 -> in(filling, gap);
      case 1 -> new Act.TakeOut(filling, gap);
      case 2 -> new Act.LayFlat("Big press", face);
      case 3 -> new Act.TurnInsideOut("Big press", face);
      case 4 -> new Act.DrawOver("Big press", face);
      case 5 -> new Act.LayOn(thing, face, ALL, CARRIED);
      case 6 -> peel(thing);
      case 7 -> new Act.Cover(CoverSheet.PTFE);
      case 8 -> new Act.Uncover();
      case 9 -> close(null);
      default -> new Act.Open();
    };
  }

  /** Things that lie on one another as a child would stack them; of each only what it is. */
  private static final class Pile {
    private final boolean two;
    private final Map<Gap, List<Filling>> in =
        Map.of(Gap.INSIDE, new ArrayList<>(), Gap.BELOW, new ArrayList<>());
    private final Map<GarmentFace, Deque<String>> names =
        Map.of(GarmentFace.FRONT, new ArrayDeque<>(), GarmentFace.BACK, new ArrayDeque<>());
    private final Map<String, GarmentFace> carried = new HashMap<>();
    private String way = "flat";
    private GarmentFace up = GarmentFace.FRONT;
    private boolean sheet;
    private boolean down;

    Pile(boolean two) {
      this.two = two;
    }

    boolean does(Act act) {
      if (down != (act instanceof Act.Open)) {
        return false;
      }
      if (act instanceof Act.Open) {
        down = false;
        return true;
      } else if (act instanceof Act.Close) {
        down = true;
        return true;
      } else if (act instanceof Act.Insert insert) {
        boolean fits = insert.gap() == Gap.BELOW || two;
        List<Filling> there = in.get(insert.gap());
        boolean can = fits && !there.contains(insert.what());
        if (can) {
          int pad = there.indexOf(Filling.FOAM_PAD);
          there.add(pad == -1 ? there.size() : pad, insert.what());
        }
        return can;
      } else if (act instanceof Act.TakeOut out) {
        return in.get(out.gap()).remove(out.what());
      } else if (act instanceof Act.Cover || act instanceof Act.Uncover) {
        boolean over = act instanceof Act.Cover;
        boolean can = sheet != over;
        sheet = can ? over : sheet;
        return can;
      } else if (act instanceof Act.LayFlat flat) {
        boolean stuffed = way.equals("inside out") && !in.get(Gap.INSIDE).isEmpty();
        return !stuffed && lies("flat", flat.up());
      } else if (act instanceof Act.TurnInsideOut turn) {
        return lies("inside out", turn.worked());
      } else if (act instanceof Act.DrawOver over) {
        return lies("drawn over", over.up());
      } else if (act instanceof Act.PeelOff peel) {
        return !sheet && carried.remove(peel.thing()) != null;
      } else if (act instanceof Act.LayOn laid) {
        boolean faceUp = !way.equals("inside out") && up == laid.face();
        boolean can = faceUp && !sheet && !carried.containsKey(laid.thing());
        if (can) {
          names.get(laid.face()).push(laid.thing());
          carried.put(laid.thing(), laid.face());
        }
        return can;
      }
      return false;
    }

    private boolean lies(String now, GarmentFace face) {
      boolean can = !sheet && in.get(Gap.BELOW).isEmpty() && !(way.equals(now) && up == face);
      way = can ? now : way;
      up = can ? face : up;
      return can;
    }

    List<LayerKind> kinds() {
      List<LayerKind> garment = new ArrayList<>();
      if (way.equals("inside out")) {
        garment.add(LayerKind.FRONT);
        garment.addAll(upsideDown(up));
      } else {
        garment.addAll(things(up));
        garment.add(LayerKind.FRONT);
        if (two && way.equals("flat") || way.equals("drawn over")) {
          in.get(Gap.INSIDE).forEach(filling -> garment.add(kind(filling)));
        }
        if (two && way.equals("flat")) {
          garment.add(LayerKind.BACK);
        }
        if (way.equals("flat")) {
          garment.addAll(upsideDown(up.other()));
        }
      }
      List<LayerKind> all = new ArrayList<>(List.of(LayerKind.HEATED_PLATEN));
      if (sheet) {
        all.add(LayerKind.COVER);
      }
      all.addAll(garment);
      in.get(Gap.BELOW).forEach(filling -> all.add(kind(filling)));
      all.add(LayerKind.PAD);
      all.add(LayerKind.LOWER_PLATEN);
      return all;
    }

    private List<LayerKind> things(GarmentFace face) {
      List<LayerKind> all = new ArrayList<>();
      List<String> seen = new ArrayList<>(carried.keySet());
      seen.removeIf(name -> carried.get(name) != face);
      for (String name : names.get(face)) {
        if (seen.remove(name)) {
          all.add(LayerKind.CARRIER);
        }
        all.add(LayerKind.FILM);
        all.add(LayerKind.GLUE);
      }
      return all;
    }

    private List<LayerKind> upsideDown(GarmentFace face) {
      List<LayerKind> all = things(face);
      Collections.reverse(all);
      return all;
    }

    private static LayerKind kind(Filling filling) {
      return filling == Filling.FOAM_PAD ? LayerKind.PAD : LayerKind.SEPARATOR;
    }
  }
}

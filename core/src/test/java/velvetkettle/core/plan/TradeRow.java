package velvetkettle.core.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Parts;
import velvetkettle.core.art.Piece;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.LabelReader;
import velvetkettle.core.cloth.LabelReading;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/**
 * One row of {@code trade-rows.txt}: a garment, what goes on it and the tools, and after {@code =>}
 * what the handbook says of it. Written as {@code key=value} with defaults for what is usual: a
 * white, undyed top, a one-colour dark logo of 100 mm, a drawer press.
 */
public final class TradeRow {
  private static final Pattern PAIR = Pattern.compile("([a-z-]+)=(\"[^\"]*\"|\\S+)");

  private final String line;
  private final Map<String, List<String>> given;
  final Map<String, List<String>> expected;

  private TradeRow(String line) {
    this.line = line;
    String[] halves = line.split("=>");
    given = pairs(halves[0]);
    expected = pairs(halves[1]);
  }

  public static Stream<TradeRow> all() {
    List<TradeRow> rows = new ArrayList<>();
    String source = "";
    for (String line : lines()) {
      if (line.startsWith("source:")) {
        source = line.substring("source:".length()).strip();
      } else if (!line.isEmpty() && !line.startsWith("#")) {
        TradeRow row = new TradeRow(line);
        row.expected.put("source", List.of(source));
        rows.add(row);
      }
    }
    return rows.stream();
  }

  private static List<String> lines() {
    try (InputStream in = TradeRow.class.getResourceAsStream("/trade-rows.txt")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .map(String::strip)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Map<String, List<String>> pairs(String text) {
    Map<String, List<String>> pairs = new LinkedHashMap<>();
    Matcher matcher = PAIR.matcher(text);
    while (matcher.find()) {
      String value = matcher.group(2).replace("\"", "");
      pairs.computeIfAbsent(matcher.group(1), key -> new ArrayList<>()).add(value);
    }
    return pairs;
  }

  /** Every word of the row, so that a test can count what is spoken of. */
  boolean speaksOf(String word) {
    return Arrays.asList(line.split("[\\s=:,.\"]+")).contains(word);
  }

  public JobRequest job(@Nullable String medium) {
    return new JobRequest(
        garment(),
        List.of(new Decoration("a", artwork(), medium, material())),
        Integer.parseInt(one("pieces", "1")),
        press(PressKind.valueOf(one("press", "PLATE_DRAW"))),
        Workroom.USUAL,
        new Shop(
            listed("drawer").map(kind -> press(PressKind.valueOf(kind))).toList(),
            listed("shelf").map(key -> new Stock(key, "white", Depth.WHITE)).toList(),
            new Schools(listed("school").map(School::valueOf).toList())),
        Experience.NONE);
  }

  /** Of a medium whose sheet asks for steam. */
  private @Nullable Material material() {
    String steamed = one("steam-sheet", "");
    InstructionSheet sheet = new InstructionSheet(null, null, null, null, null, true, null);
    return steamed.isEmpty()
        ? null
        : new Material("roll", steamed, "white", Depth.WHITE, sheet, 500, 5000, List.of(), null);
  }

  private Garment garment() {
    LabelReading label = LabelReader.read(one("label", "100% cotton"));
    Blend blend = label.blend();
    if (blend == null) {
      throw new IllegalStateException("label not readable: " + line);
    }
    return new Garment(
        "piece",
        GarmentKind.valueOf(one("kind", "TOP")),
        Size.valueOf(one("size", "ADULT")),
        new ClothSpec(
            blend,
            Fabric.valueOf(one("fabric", "JERSEY")),
            new Colour(
                "shade", Depth.valueOf(one("depth", "WHITE")), Hue.valueOf(one("hue", "NEUTRAL"))),
            DyeKind.valueOf(one("dye", "UNDYED")),
            Finish.valueOf(one("finish", "NONE")),
            IronMark.valueOf(one("iron", "UNKNOWN")),
            null,
            label.parts()),
        listed("obstacles").map(Obstacle::valueOf).collect(Collectors.toSet()),
        Layout.USUAL,
        listed("use").map(EndUse::valueOf).collect(Collectors.toSet()));
  }

  private Artwork artwork() {
    String stone = one("stone", "");
    String stroke = one("stroke", "");
    return new Artwork(
        "art",
        ArtKind.valueOf(one("art", "LOGO")),
        new ArtSize(
            Millimetres.of(Double.parseDouble(one("width", "100"))),
            Millimetres.of(Double.parseDouble(one("height", "100")))),
        new Tones(Integer.parseInt(one("colours", "1")), Depth.valueOf(one("lightest", "DARK"))),
        Placement.valueOf(one("placement", usualPlace())),
        Surface.valueOf(one("surface", "ANY")),
        new Detail(
            stroke.isEmpty() ? null : Millimetres.of(Double.parseDouble(stroke)),
            Boolean.parseBoolean(one("layered", "false")),
            null,
            listed("parts").map(Parts::valueOf).findFirst().orElse(null)),
        new StoneCount(
            stone.isEmpty() ? null : StoneSize.valueOf(stone),
            Integer.parseInt(one("stones", "0")),
            listed("smaller").map(StoneSize::valueOf).collect(Collectors.toSet())),
        piece());
  }

  /** What is put on is itself made of that, and may be printed. */
  private @Nullable Piece piece() {
    String label = one("piece", "");
    return label.isEmpty()
        ? null
        : new Piece(
            Objects.requireNonNull(LabelReader.read(label).blend()),
            Boolean.parseBoolean(one("printed", "false")));
  }

  /** The chest, or the first place that there is. */
  private String usualPlace() {
    return GarmentPlaces.of(GarmentKind.valueOf(one("kind", "TOP"))).get(0).name();
  }

  private Press press(PressKind kind) {
    double side = kind == PressKind.WAND ? 25 : kind.pressedByHand() ? 110 : 400;
    Press usual =
        new Press(
            kind.name(),
            kind.name(),
            kind,
            Millimetres.of(side),
            Millimetres.of(side),
            Calibration.readsHigh(0),
            null,
            false,
            kind == PressKind.WAND ? tips() : Set.of());
    String lower = one("lower", "");
    return lower.isEmpty() ? usual : usual.over(Pad.valueOf(lower));
  }

  private Set<StoneSize> tips() {
    return given.containsKey("tips")
        ? listed("tips").map(StoneSize::valueOf).collect(Collectors.toSet())
        : Set.of(StoneSize.SS10);
  }

  private String one(String key, String otherwise) {
    return given.getOrDefault(key, List.of(otherwise)).get(0);
  }

  private Stream<String> listed(String key) {
    return given.getOrDefault(key, List.of()).stream().flatMap(all -> Stream.of(all.split(",")));
  }

  @Override
  public String toString() {
    return line;
  }
}

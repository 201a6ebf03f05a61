package velvetkettle.core.intake;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/**
 * Orders that are made up from what they are to say: a grammar of its own, which knows nothing of
 * the reader. The same seed gives the same order.
 */
final class Orders {
  private record Pick(String said, String means) {}

  private static final List<Pick> GARMENTS =
      List.of(
          new Pick("T-shirts", "TOP"),
          new Pick("polo shirts", "TOP"),
          new Pick("hoodies", "SWEATSHIRT"),
          new Pick("sweatshirts", "SWEATSHIRT"),
          new Pick("jackets", "JACKET"),
          new Pick("aprons", "APRON"),
          new Pick("caps", "CAP"),
          new Pick("tote bags", "BAG"),
          new Pick("shirts", "SHIRT"),
          new Pick("leggings", "LEGGINGS"),
          new Pick("dresses", "DRESS"),
          new Pick("beanies", "KNITTED_HAT"),
          new Pick("scarves", "SCARF"),
          new Pick("cushions", "CUSHION"),
          new Pick("towels", "TOWEL"),
          new Pick("flags", "FLAG"),
          new Pick("vests", "VEST"),
          new Pick("skirts", "SKIRT"),
          new Pick("capes", "CAPE"));

  private static final List<Pick> COLOURS =
      List.of(
          new Pick("navy", "DARK BLUE"), new Pick("black", "DARK NEUTRAL"),
          new Pick("white", "WHITE NEUTRAL"), new Pick("grey", "MEDIUM NEUTRAL"),
          new Pick("light grey", "LIGHT NEUTRAL"), new Pick("burgundy", "DARK RED"),
          new Pick("red", "MEDIUM RED"), new Pick("bottle green", "DARK GREEN"),
          new Pick("royal blue", "MEDIUM BLUE"), new Pick("light blue", "LIGHT BLUE"),
          new Pick("orange", "MEDIUM ORANGE"), new Pick("yellow", "LIGHT YELLOW"),
          new Pick("purple", "MEDIUM PURPLE"), new Pick("brown", "MEDIUM BROWN"),
          new Pick("beige", "LIGHT BROWN"), new Pick("olive", "MEDIUM GREEN"));

  private static final List<Pick> LABELS =
      List.of(
          new Pick("100% cotton", "100% cotton"),
          new Pick("cotton", "100% cotton"),
          new Pick("80/20 cotton polyester", "80% cotton 20% polyester"),
          new Pick("65% polyester 35% cotton", "65% polyester 35% cotton"),
          new Pick("polyester", "100% polyester"),
          new Pick("100 % PES", "100% polyester"),
          new Pick("CO 95 EL 5", "95% cotton 5% elastane"),
          new Pick("linen", "100% linen"),
          new Pick("70% wool, 30% nylon", "70% wool 30% nylon"),
          new Pick("100% organic cotton", "100% cotton"),
          new Pick("polycotton 65/35", "65% polyester 35% cotton"));

  private static final List<Pick> ARTS =
      List.of(
          new Pick("logo", "LOGO"),
          new Pick("name", "LETTERING"),
          new Pick("number", "LETTERING"),
          new Pick("lettering", "LETTERING"),
          new Pick("anchor", "LOGO"),
          new Pick("text", "LETTERING"));

  private static final List<Pick> PLACES =
      List.of(
          new Pick("on the back", "BACK"), new Pick("left chest", "LEFT_CHEST"),
          new Pick("on the chest", "CHEST"), new Pick("on the right sleeve", "RIGHT_SLEEVE"),
          new Pick("on the sleeve", "SLEEVE"), new Pick("across the back", "BACK"),
          new Pick("in one corner", "CORNER"), new Pick("on the pocket", "POCKET"),
          new Pick("at the hem", "HEM"), new Pick("on the nape", "NAPE"));

  private static final List<String> SMALL =
      List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

  private final Random random;
  private final LocalDate today;
  private final Map<String, String> fields = new TreeMap<>();

  private Orders(long seed, LocalDate today) {
    random = new Random(seed);
    this.today = today;
  }

  static Told of(long seed, LocalDate today) {
    Orders order = new Orders(seed, today);
    order.random.nextInt();
    return order.told();
  }

  private Told told() {
    List<String> clauses = new ArrayList<>();
    boolean sized = random.nextInt(5) == 0;
    Pick garment = any(GARMENTS);
    fields.put("kind", garment.means());
    if (garment.said().startsWith("polo")) {
      fields.put("fabric", "PIQUE");
    }
    Pick colour = any(COLOURS);
    fields.put("colour", colour.said());
    fields.put("depth", colour.means().split(" ")[0]);
    fields.put("hue", colour.means().split(" ")[1]);
    Pick label = any(LABELS);
    fields.put("label", label.means());
    boolean colourFirst = random.nextBoolean();
    String noun = garment.said();
    clauses.add((sized ? "" : pieces() + " ") + (colourFirst ? colour.said() + " " : "") + noun);
    if (!colourFirst) {
      clauses.add(colour.said());
    }
    List<String> rest = new ArrayList<>(List.of(label.said(), art()));
    if (sized) {
      rest.add(sizes());
    }
    Collections.shuffle(rest, random);
    clauses.addAll(rest);
    if (random.nextBoolean()) {
      clauses.add(due());
    }
    String between = List.of(", ", "; ", " - ", "\n").get(random.nextInt(4));
    String hello = random.nextInt(4) == 0 ? "Hello, we would like " : "";
    String bye = random.nextInt(4) == 0 ? ". Thank you!" : "";
    return new Told(hello + String.join(between, clauses) + bye, fields);
  }

  private String pieces() {
    if (random.nextInt(4) == 0) {
      int n = random.nextInt(SMALL.size());
      fields.put("pieces", Integer.toString(n + 1));
      return SMALL.get(n);
    }
    int n = 2 + random.nextInt(random.nextBoolean() ? 40 : 2000);
    fields.put("pieces", Integer.toString(n));
    return n >= 1000 && random.nextBoolean()
        ? String.format(Locale.ROOT, "%,d", n)
        : n + List.of("", " x", "x").get(random.nextInt(3));
  }

  private String sizes() {
    List<String> names = List.of("XS", "S", "M", "L", "XL", "2XL");
    int from = random.nextInt(4);
    int to = from + 2 + random.nextInt(names.size() - from - 1);
    String form = List.of("%s %d", "%s: %d", "%2$d x %1$s", "%2$dx %1$s").get(random.nextInt(4));
    List<String> said = new ArrayList<>();
    List<String> means = new ArrayList<>();
    int all = 0;
    for (String name : names.subList(from, to)) {
      int n = 1 + random.nextInt(30);
      all += n;
      said.add(String.format(Locale.ROOT, form, name, n));
      means.add(name + " " + n);
    }
    fields.put("sizes", String.join(", ", means));
    fields.put("pieces", Integer.toString(all));
    return String.join(random.nextBoolean() ? ", " : " ", said);
  }

  private String art() {
    Pick art = any(ARTS);
    fields.put("art", art.means());
    Pick place = any(PLACES);
    fields.put("place", place.means());
    String colour = "";
    if (random.nextBoolean()) {
      Pick light = any(COLOURS);
      fields.put("light", light.means().split(" ")[0]);
      colour = light.said() + " ";
    }
    return switch (random.nextInt(3)) {
      case 0 -> colour + art.said() + " " + place.said() + " " + length();
      case 1 -> colour + art.said() + " " + length() + " " + place.said();
      default -> colour + art.said() + " " + place.said() + ", " + length() + " wide";
    };
  }

  private String length() {
    int millimetres = 20 + 5 * random.nextInt(60);
    switch (random.nextInt(5)) {
      case 0:
        fields.put("width", Integer.toString(millimetres));
        return millimetres + (random.nextBoolean() ? " mm" : "mm");
      case 1:
        fields.put("width", Integer.toString(millimetres));
        String cm =
            String.format(
                random.nextBoolean() ? Locale.ROOT : Locale.GERMAN, "%.1f", millimetres / 10.0);
        return cm.replaceAll("[.,]0$", "") + (random.nextBoolean() ? " cm" : "cm");
      case 2:
        int inches = 1 + random.nextInt(12);
        boolean half = random.nextBoolean();
        fields.put("width", plain(25.4 * (inches + (half ? 0.5 : 0))));
        return inches
            + (half ? " 1/2" : "")
            + List.of(" inches", " in", " inch").get(random.nextInt(3));
      case 3:
        int height = 20 + 5 * random.nextInt(40);
        fields.put("width", Integer.toString(millimetres));
        fields.put("height", Integer.toString(height));
        return millimetres + " x " + height + " mm";
      default:
        fields.put("width", Integer.toString(millimetres / 10 * 10));
        return millimetres / 10 + " cm";
    }
  }

  private static String plain(double value) {
    double tenth = Math.round(10 * value) / 10.0;
    return tenth == Math.rint(tenth) ? Long.toString((long) tenth) : Double.toString(tenth);
  }

  private String due() {
    LocalDate day = today.plusDays(1 + random.nextInt(150));
    String time = "";
    String means = "";
    if (random.nextBoolean()) {
      int hour = 8 + random.nextInt(11);
      means = String.format(Locale.ROOT, "T%02d:00", hour);
      time =
          switch (random.nextInt(3)) {
            case 0 -> String.format(Locale.ROOT, " %d:00", hour);
            case 1 -> " " + hour + "h";
            default -> " " + (hour > 12 ? hour - 12 + " pm" : hour == 12 ? "noon" : hour + " am");
          };
    }
    String[] months = {
      "January",
      "February",
      "March",
      "April",
      "May",
      "June",
      "July",
      "August",
      "September",
      "October",
      "November",
      "December"
    };
    String month = months[day.getMonthValue() - 1];
    String said;
    switch (random.nextInt(6)) {
      case 0 -> said = "due " + day;
      case 1 -> said = "by " + day.getDayOfMonth() + " " + month;
      case 2 -> said = "by " + month.substring(0, 3) + " " + day.getDayOfMonth();
      case 3 ->
          said = "needed " + day.getDayOfMonth() + "." + day.getMonthValue() + "." + day.getYear();
      case 4 -> {
        DayOfWeek weekday = DayOfWeek.of(1 + random.nextInt(7));
        day = today.with(TemporalAdjusters.next(weekday));
        String name =
            weekday.name().charAt(0) + weekday.name().substring(1).toLowerCase(Locale.ROOT);
        said = "for " + name;
      }
      default -> {
        int days = 2 + random.nextInt(9);
        day = today.plusDays(days);
        said = "in " + (random.nextBoolean() ? days : SMALL.get(days - 1)) + " days";
      }
    }
    fields.put("due", day + means);
    return said + time;
  }

  private <T> T any(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }
}

package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.cloth.Fibre.ACETATE;
import static velvetkettle.core.cloth.Fibre.ACRYLIC;
import static velvetkettle.core.cloth.Fibre.COTTON;
import static velvetkettle.core.cloth.Fibre.ELASTANE;
import static velvetkettle.core.cloth.Fibre.LINEN;
import static velvetkettle.core.cloth.Fibre.MODAL;
import static velvetkettle.core.cloth.Fibre.POLYAMIDE_6;
import static velvetkettle.core.cloth.Fibre.POLYAMIDE_66;
import static velvetkettle.core.cloth.Fibre.POLYESTER;
import static velvetkettle.core.cloth.Fibre.POLYPROPYLENE;
import static velvetkettle.core.cloth.Fibre.SILK;
import static velvetkettle.core.cloth.Fibre.VISCOSE;
import static velvetkettle.core.cloth.Fibre.WOOL;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Letter codes: ISO 2076 and DIN 60001-4, from memory; PA 6 and PA 6.6 as trade labels write them.
 */
class LabelReaderTest {
  static Stream<Arguments> labels() {
    return Stream.of(
        label("60% cotton 40% polyester", Map.of(COTTON, 60.0, POLYESTER, 40.0)),
        label("CO 60 PES 40", Map.of(COTTON, 60.0, POLYESTER, 40.0)),
        label("92/8 polyester elastane", Map.of(POLYESTER, 92.0, ELASTANE, 8.0)),
        label("polyester elastane 92/8", Map.of(POLYESTER, 92.0, ELASTANE, 8.0)),
        label("92/8 polyester/elastane", Map.of(POLYESTER, 92.0, ELASTANE, 8.0)),
        label("cotton 70, polyester 30", Map.of(COTTON, 70.0, POLYESTER, 30.0)),
        label("Cotton: 70 % / Polyester: 30 %", Map.of(COTTON, 70.0, POLYESTER, 30.0)),
        label("COTTON", Map.of(COTTON, 100.0)),
        label("100 % organic cotton", Map.of(COTTON, 100.0)),
        label("80% recycled polyester, 20% EL", Map.of(POLYESTER, 80.0, ELASTANE, 20.0)),
        label("55 LI 45 CV", Map.of(LINEN, 55.0, VISCOSE, 45.0)),
        label("PAN 50 / WO 50", Map.of(ACRYLIC, 50.0, WOOL, 50.0)),
        label("pure merino wool", Map.of(WOOL, 100.0)),
        label(
            "33.3% cotton, 33,3 % modal, 33.4 % silk",
            Map.of(COTTON, 33.3, MODAL, 33.3, SILK, 33.4)),
        label("100% nylon", Map.of(POLYAMIDE_6, 100.0)),
        label("100% PA 6.6", Map.of(POLYAMIDE_66, 100.0)),
        label("nylon 66 80% elastane 20%", Map.of(POLYAMIDE_66, 80.0, ELASTANE, 20.0)),
        label("80% polyamide 6/6 and 20% elastane", Map.of(POLYAMIDE_66, 80.0, ELASTANE, 20.0)),
        label("PP 100", Map.of(POLYPROPYLENE, 100.0)),
        label("CA 60% PES 40%", Map.of(ACETATE, 60.0, POLYESTER, 40.0)),
        label("40% cotton 20% polyester 40% cotton", Map.of(COTTON, 80.0, POLYESTER, 20.0)),
        label("90% cotton, elastane", Map.of(COTTON, 90.0, ELASTANE, 10.0)));
  }

  private static Arguments label(String label, Map<Fibre, Double> shares) {
    return Arguments.of(label, shares);
  }

  @ParameterizedTest
  @MethodSource("labels")
  void reads(String label, Map<Fibre, Double> shares) {
    LabelReading reading = LabelReader.read(label);
    assertThat(reading.refusal()).isNull();
    assertThat(sharesOf(reading)).isEqualTo(new TreeMap<>(shares));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "60% cotton 30% polyester | label.rest-unknown",
        "90% cotton, elastane     | label.takes-rest"
      })
  @DisplayName("a missing rest is flagged, and so is a fibre that was given it")
  void notesWhatWasAssumed(String label, String note) {
    assertThat(LabelReader.read(label).notes()).extracting("key").containsExactly(note);
  }

  @Test
  void theMissingRestIsUnknownInTheBlend() {
    Blend blend = LabelReader.read("60% cotton 30% polyester").blend();
    assertThat(blend).isNotNull();
    assertThat(blend.unknownPercent()).isEqualTo(10);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "60% cotton 60% polyester   | label.over-100",
        "1000% cotton               | label.over-100",
        "100% sailcloth             | label.unknown-word",
        "60% cotton 40% pollyester  | label.unknown-word",
        "cotton polyester           | label.shares-missing",
        "60 40 30 cotton polyester  | label.more-shares-than-fibres",
        "100% cotton, elastane      | label.nothing-left",
        "shell 100% nylon, shell 100% cotton | label.part-twice",
        "shell 100% nylon, lining 100% tin   | label.unknown-word",
        "shell 100% nylon, lining 60% polyester 70% cotton | label.over-100",
        "0% cotton                  | label.empty",
        "60%                        | label.empty",
        "60 40 cotton polyester     | label.share-without-fibre",
        "not cotton                 | label.unknown-word",
        "no polyester               | label.unknown-word",
        "cotton <script>            | label.unknown-word"
      })
  @DisplayName("what cannot be a label is refused with a reason, never guessed")
  void refuses(String label, String reason) {
    LabelReading reading = LabelReader.read(label);
    assertThat(reading.blend()).isNull();
    assertThat(reading.refusal()).isNotNull();
    assertThat(reading.refusal().key()).isEqualTo(reason);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "   ", "\n", "100", "/", "0/0", "\u0000", "%s %d {0}", "\uD83D\uDC55"})
  void neverThrows(String label) {
    LabelReading reading = LabelReader.read(label);
    assertThat(reading.blend() == null).isEqualTo(reading.refusal() != null);
  }

  @Test
  @DisplayName("66 % of polyamide is a share, and polyamide 66 a fibre")
  void shareOrFibre() {
    assertThat(LabelReader.read("cotton 34%, polyamide 66%").blend())
        .isEqualTo(Blend.of(Fibre.POLYAMIDE_6, 66, Fibre.COTTON));
    assertThat(LabelReader.read("34% cotton, 66% polyamide 66").blend())
        .isEqualTo(Blend.of(Fibre.POLYAMIDE_66, 66, Fibre.COTTON));
  }

  @Test
  void aNovelIsNotALabel() {
    assertThat(LabelReader.read("cotton ".repeat(60)).refusal())
        .extracting("key")
        .isEqualTo("label.too-long");
  }

  @Test
  @DisplayName("every name and code of every fibre reads as that fibre")
  void everyLabelWordIsRead() {
    for (Fibre fibre : Fibre.values()) {
      for (String word : fibre.labelWords()) {
        LabelReading reading = LabelReader.read("100% " + word);
        assertThat(reading.blend()).as(word).isEqualTo(Blend.of(fibre));
      }
    }
  }

  @Test
  void noWordMeansTwoFibres() {
    List<String> words =
        Stream.of(Fibre.values())
            .flatMap(f -> f.labelWords().stream())
            .map(String::toLowerCase)
            .toList();
    assertThat(words).doesNotHaveDuplicates();
  }

  @Test
  @DisplayName("the order on the label does not matter, whichever side the share stands on")
  void orderDoesNotMatter() {
    Random random = new Random(11);
    List<Fibre> fibres = new ArrayList<>(List.of(Fibre.values()));
    for (int i = 0; i < 300; i++) {
      Collections.shuffle(fibres, random);
      int first = 1 + random.nextInt(98);
      int second = 1 + random.nextInt(99 - first);
      List<String> parts =
          new ArrayList<>(
              List.of(
                  part(first, fibres.get(0), i % 2 == 0),
                  part(second, fibres.get(1), i % 2 == 0),
                  part(100 - first - second, fibres.get(2), i % 2 == 0)));
      Map<Fibre, Double> expected =
          new TreeMap<>(
              Map.of(
                  fibres.get(0), (double) first,
                  fibres.get(1), (double) second,
                  fibres.get(2), (double) (100 - first - second)));
      Collections.shuffle(parts, random);
      String label = String.join(random.nextBoolean() ? ", " : " ", parts);
      assertThat(sharesOf(LabelReader.read(label))).as(label).isEqualTo(expected);
    }
  }

  private static String part(int percent, Fibre fibre, boolean shareFirst) {
    String word = fibre.labelWords().get(0);
    return shareFirst ? percent + "% " + word : word + " " + percent + "%";
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "shell 100% nylon, lining 100% polyester          | POLYAMIDE_6 | LINING=POLYESTER",
        "Outer shell: 100% nylon; Lining: 100% polyester  | POLYAMIDE_6 | LINING=POLYESTER",
        "100% cotton, lining 100% viscose                 | COTTON | LINING=VISCOSE",
        "100% cotton shell, 100% viscose lining           | COTTON | LINING=VISCOSE",
        "Body cotton. Sleeves polyester. Hood lining PES  | COTTON | LINING=POLYESTER,SLEEVE=POLYESTER",
        "shell and lining 100% nylon, filling 100% polyester | POLYAMIDE_6 | FILLING=POLYESTER,LINING=POLYAMIDE_6",
        "shell/lining: polyester; trim: 95 cotton 5 elastane | POLYESTER | LINING=POLYESTER,TRIM=COTTON",
        "100% wool excluding trim and collar              | WOOL |",
        "Shell: 100% wool (exclusive of trim). Lining: 100% acetate | WOOL | LINING=ACETATE",
        "back 100% polyester | POLYESTER |",
        "95% cotton 5% elastane rib | COTTON |",
        "front 100% cotton, back 100% polyester           | COTTON | BACK=POLYESTER",
        "shell 100% nylon, lining                         | POLYAMIDE_6 | LINING=UNKNOWN",
        "shell fabric of 60% cotton 40% polyester, sleeves 100% cotton | COTTON | SLEEVE=COTTON",
      })
  @DisplayName("a label in parts is read part by part, whichever side the names stand on")
  void inParts(String label, Fibre shell, @Nullable String others) {
    LabelReading reading = LabelReader.read(label);
    assertThat(reading.blend()).as("%s", reading.refusal()).isNotNull();
    assertThat(reading.blend().mainFibre()).isEqualTo(shell);
    String read =
        new TreeMap<>(reading.parts())
            .entrySet().stream()
                .map(part -> part.getKey() + "=" + part.getValue().mainFibre())
                .sorted()
                .collect(Collectors.joining(","));
    assertThat(read).isEqualTo(others == null ? "" : others);
    assertThat(reading.notes().stream().filter(note -> note.key().startsWith("label.part")))
        .as("each part is told")
        .hasSize(reading.parts().size());
  }

  @Test
  @DisplayName("parts in any order are the parts that they were")
  void partsInAnyOrder() {
    Random random = new Random(23);
    // What is put on is no part of a garment: no label has a word for it.
    List<GarmentPart> all =
        Arrays.stream(GarmentPart.values()).filter(part -> !part.labelWords().isEmpty()).toList();
    for (int i = 0; i < 300; i++) {
      List<GarmentPart> named = new ArrayList<>(all);
      Collections.shuffle(named, random);
      named = named.subList(0, 1 + random.nextInt(4));
      Map<GarmentPart, Fibre> expected = new TreeMap<>();
      List<String> words = new ArrayList<>();
      boolean before = random.nextBoolean();
      for (GarmentPart part : named) {
        Fibre fibre = Fibre.values()[random.nextInt(Fibre.values().length)];
        expected.put(part, fibre);
        String name = part.labelWords().get(random.nextInt(part.labelWords().size()));
        String content = "100% " + fibre.labelWords().get(0);
        words.add(before ? name + ": " + content : content + " " + name);
      }
      if (named.size() == 1) {
        expected = new TreeMap<>(Map.of(GarmentPart.SHELL, expected.values().iterator().next()));
      }
      String label = String.join(random.nextBoolean() ? ", " : "; ", words);
      LabelReading reading = LabelReader.read(label);
      Map<GarmentPart, Fibre> read = new TreeMap<>();
      reading.parts().forEach((part, blend) -> read.put(part, blend.mainFibre()));
      if (expected.containsKey(GarmentPart.SHELL)) {
        assertThat(reading.blend()).as(label).isNotNull();
        read.put(GarmentPart.SHELL, reading.blend().mainFibre());
      }
      assertThat(read).as(label).isEqualTo(expected);
    }
  }

  @Test
  @DisplayName("whatever is typed is read or refused, and every part that is read is told")
  void soup() {
    List<String> words =
        new ArrayList<>(List.of("excluding", "and", "of", "/", ",", ";", ":", "%"));
    words.addAll(
        List.of("0", "100", "60", "40.5", "1e9", "100%", "tin", "<b>", "'", "{0}", "fleece"));
    Stream.of(GarmentPart.values()).forEach(part -> words.addAll(part.labelWords()));
    Stream.of(Fibre.values()).forEach(fibre -> words.add(fibre.labelWords().get(0)));
    Random random = new Random(31);
    for (int i = 0; i < 20_000; i++) {
      StringBuilder label = new StringBuilder();
      for (int n = random.nextInt(12); n >= 0; n--) {
        label.append(words.get(random.nextInt(words.size()))).append(' ');
      }
      LabelReading reading = LabelReader.read(label.toString());
      assertThat(reading.blend() == null).as(label.toString()).isEqualTo(reading.refusal() != null);
      assertThat(reading.notes().stream().filter(note -> note.key().startsWith("label.part")))
          .as(label.toString())
          .hasSize(reading.parts().size());
    }
  }

  private static Map<Fibre, Double> sharesOf(LabelReading reading) {
    assertThat(reading.blend()).as("refused: " + reading.refusal()).isNotNull();
    return reading.blend().shares().stream()
        .collect(
            Collectors.toMap(FibreShare::fibre, FibreShare::percent, Double::sum, TreeMap::new));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "  ",
        "%%%",
        "unknown",
        "Unknown fibre",
        "other fibres",
        "no label",
        "100% other fibres"
      })
  @DisplayName("a label that says nothing is cloth that nobody knows, not a refusal")
  void nothingKnown(String label) {
    assertThat(LabelReader.read(label).blend()).isEqualTo(Blend.of(Fibre.UNKNOWN));
  }

  @Test
  @DisplayName("part of it unknown: the careful share stays")
  void partUnknown() {
    Blend blend = LabelReader.read("60% cotton 40% other fibres").blend();
    assertThat(blend.unknownPercent()).isEqualTo(40);
    assertThat(blend.weakest()).isEqualTo(Fibre.UNKNOWN);
  }
}

package velvetkettle.server.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.server.problem.RefusedException;

/** Rosters as clubs send them; RFC 4180 quotes (from memory). */
class RosterFileTest {
  private static List<String> read(String text, Charset charset) {
    return RosterFile.read(text.getBytes(charset)).rows().stream()
        .map(row -> row.name() + "|" + row.number() + "|" + row.size() + mark(row))
        .toList();
  }

  private static String mark(RosterReading.Row row) {
    return row.wrong() == null ? "" : "|" + row.wrong().key();
  }

  @ParameterizedTest
  @CsvSource({"','", "';'", "'\t'"})
  @DisplayName("commas, semicolons or tabs; with headings in any order, or without")
  void separators(String by) {
    String headed = "Size;Name;No\r\nM;Ana Skerry;7\r\n\r\nXL;Bo Tern;12\r\n".replace(";", by);
    String bare = "Ana Skerry;7;M\nBo Tern;12;XL".replace(";", by);
    for (String text : List.of(headed, bare)) {
      assertThat(read(text, StandardCharsets.UTF_8))
          .containsExactly("Ana Skerry|7|M", "Bo Tern|12|XL");
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
  @DisplayName("UTF-8 and UTF-16 with their marks, and Windows' western code page")
  void encodings(String charset) {
    String mark = charset.startsWith("UTF") ? "\uFEFF" : "";
    assertThat(read(mark + "name;size\nZoë Søby;L\n", Charset.forName(charset)))
        .containsExactly("Zoë Søby||L");
  }

  @Test
  @DisplayName("quoted cells may hold the separator, a quote and a line end inside is told")
  void quotes() {
    assertThat(read("name,number,size\n\"Tern, Bo\",\"0\"\"7\",M", StandardCharsets.UTF_8))
        .containsExactly("Tern, Bo|0\"7|M");
    assertThat(read("\"Two\nlines\",7,M\nBo,8,L", StandardCharsets.UTF_8))
        .containsExactly("Two lines|7|M|roster.signs", "Bo|8|L");
    assertThatExceptionOfType(RefusedException.class)
        .isThrownBy(() -> read("\"never closed,7,M", StandardCharsets.UTF_8));
  }

  @Test
  @DisplayName("each bad line says why, and the others can be taken")
  void badLines() {
    String text =
        "name,number,size\n,,M\n"
            + "n".repeat(41)
            + ",1,M\nBo,1234567,M\nBo,1,"
            + "s".repeat(13)
            + "\nAna,7,M,and more\nCy\n";
    assertThat(read(text, StandardCharsets.UTF_8))
        .satisfiesExactly(
            row -> assertThat(row).endsWith("roster.nothing"),
            row -> assertThat(row).endsWith("roster.long-name"),
            row -> assertThat(row).endsWith("roster.long-number"),
            row -> assertThat(row).endsWith("roster.long-size"),
            row -> assertThat(row).isEqualTo("Ana|7|M"),
            row -> assertThat(row).isEqualTo("Cy||"));
    RosterReading reading = RosterFile.read(text.getBytes(StandardCharsets.UTF_8));
    assertThat(reading.good()).isEqualTo(2);
    assertThat(reading.rows().get(0).line()).isEqualTo(2);
  }

  @Test
  @DisplayName("a file of a thousand and one: the last is marked")
  void tooMany() {
    RosterReading reading =
        RosterFile.read("Ana,7,M\n".repeat(1001).getBytes(StandardCharsets.UTF_8));
    assertThat(reading.good()).isEqualTo(1000);
    assertThat(reading.rows().get(1000).wrong().key()).isEqualTo("roster.too-many");
  }

  @Test
  @DisplayName("no text, nothing, and more than half a megabyte are refused with what to do")
  void refused() {
    for (byte[] bytes :
        List.of(
            new byte[0],
            new byte[] {0x50, 0x4B, 3, 4, 0, 0},
            new byte[500_001],
            " \n".getBytes(StandardCharsets.UTF_8))) {
      assertThatExceptionOfType(RefusedException.class).isThrownBy(() -> RosterFile.read(bytes));
    }
  }
}

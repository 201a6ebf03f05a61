package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.e2e.Script.kettle;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import velvetkettle.e2e.Script.Said;

/** A shop is backed up while people write, lost, and goes on from its backup. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BackupIT {
  private static Kettle shop;
  private static Path folder;
  private static Writers writers;

  @BeforeAll
  static void open() throws IOException {
    shop = Kettle.withDemo();
    folder = Files.createTempDirectory(Path.of("/tmp"), "kettle-backup");
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
    writers = new Writers(shop);
  }

  @AfterAll
  static void close() throws Exception {
    shop.close();
    Script.said(Map.of(), List.of("rm", "-rf", folder.toString()));
  }

  @Test
  @Order(1)
  @DisplayName(
      "a disaster: what was answered before the backup began is back, and the shop goes on")
  void disaster() throws Exception {
    Random random = new Random(20);
    writers.begin(6, random);
    TimeUnit.SECONDS.sleep(2);
    Writers.Book before = writers.book();
    Said made = kettle("backup", "--data", data(), file("busy.tar"));
    assertThat(made.code()).as(made.words()).isZero();
    writers.end();
    assertThat(before.tickets()).hasSizeGreaterThan(3);
    assertThat(kettle("backup", "--data", data(), file("busy.tar")).words())
        .contains("there already");
    Said quiet = kettle("backup", "--data", data(), file("quiet.tar"));
    assertThat(quiet.code()).as(quiet.words()).isZero();
    Set<String> content = content();
    severalAtOnce("running");

    shop.lose();
    Said back = kettle("restore", file("busy.tar"), "--data", data());
    assertThat(back.words()).contains("The shop is back", "./kettle start opens it");
    shop.start();
    writers.expect(before);
    writers.begin(2, random);
    TimeUnit.SECONDS.sleep(1);
    writers.end();

    // The other one in its place: all rows of all tables are the same, however they lie.
    assertThat(refusal("restore", file("quiet.tar"), "--data", data()))
        .contains("is running", "stop");
    shop.stop();
    severalAtOnce("stopped");
    assertThat(refusal("restore", file("quiet.tar"), "--data", data()))
        .contains("a shop", "--replace");
    Said replaced = kettle("restore", file("quiet.tar"), "--data", data(), "--replace");
    assertThat(replaced.words()).contains("What was there is kept in", "The shop is back");
    shop.start();
    assertThat(content()).isEqualTo(content);
    writers.expect(before);
  }

  /** As a clock and a person may ask for one in the same moment. */
  private static void severalAtOnce(String when) throws Exception {
    List<Callable<Said>> backups =
        Stream.of("a", "b", "c")
            .<Callable<Said>>map(
                name -> () -> kettle("backup", "--data", data(), file(when + name + ".tar")))
            .toList();
    ExecutorService clerks = Executors.newFixedThreadPool(3);
    for (Future<Said> backup : clerks.invokeAll(backups)) {
      assertThat(backup.get().code()).as(backup.get().words()).isZero();
    }
    clerks.shutdown();
  }

  @Test
  @Order(2)
  @DisplayName("a flipped bit anywhere, half a file and a forged one change nothing")
  void damaged() throws Exception {
    Path whole = Path.of(file("quiet.tar"));
    assertThat(kettle("backup", "--verify", whole.toString(), "--data", data()).words())
        .contains("The backup is good");
    Random random = new Random(7);
    long size = Files.size(whole);
    for (int n = 0; n < 8; n++) {
      long at = n == 0 ? size - 1 : n == 1 ? 5 : (long) (random.nextDouble() * size);
      Path flipped = flipped(whole, at, random.nextInt(8));
      assertThat(refusal("backup", "--verify", flipped.toString(), "--data", data()))
          .as("byte " + at)
          .containsAnyOf("damaged", "not a whole backup");
    }
    Path half = Path.of(file("half.tar"));
    Files.write(half, Arrays.copyOf(Files.readAllBytes(whole), (int) (size / 2)));
    String empty = file("empty-place");
    assertThat(refusal("restore", half.toString(), "--data", empty)).contains("not a whole backup");
    assertThat(refusal("restore", flipped(whole, size / 3, 2).toString(), "--data", empty))
        .contains("damaged");
    assertThat(refusal("restore", forged(whole).toString(), "--data", empty))
        .contains("not what was written down");
    assertThat(Path.of(empty)).doesNotExist();
    Path letter = Files.writeString(Path.of(file("letter")), "Dear harbour master,\n".repeat(9));
    assertThat(refusal("restore", letter.toString(), "--data", empty))
        .contains("not a whole backup");
    assertThat(refusal("restore", file("none"), "--data", empty)).contains("cannot be read");
  }

  @Test
  @Order(3)
  void aPassphraseKeepsOthersOut() throws Exception {
    Path right = Files.writeString(Path.of(file("right")), "salt and \"starch\" 'on' $deck\n");
    Path wrong = Files.writeString(Path.of(file("wrong")), "salt\n");
    String sealed = file("sealed.tar.age");
    Said made = kettle("backup", sealed, "--data", data(), "--passphrase-file", right.toString());
    assertThat(made.code()).as(made.words()).isZero();
    assertThat(Files.readString(Path.of(sealed), StandardCharsets.ISO_8859_1))
        .startsWith("age-encryption.org/v1")
        .doesNotContain("manifest");
    assertThat(refusal("backup", "--verify", sealed, "--data", data())).contains("is encrypted");
    assertThat(verified(sealed, wrong)).contains("not the passphrase");
    assertThat(verified(flipped(Path.of(sealed), 4000, 1).toString(), right)).contains("damaged");
    assertThat(verified(sealed, right)).contains("The backup is good");
  }

  private static String verified(String file, Path passphrase) throws IOException {
    return kettle(
            "backup", "--verify", file, "--data", data(), "--passphrase-file", "" + passphrase)
        .words();
  }

  @Test
  @Order(4)
  @DisplayName("of four hundred nights the last 7 days, 4 weeks and 12 months stay")
  void nights() throws Exception {
    LocalDate last = LocalDate.of(2027, 1, 3);
    Path backups = Path.of(data(), "backups");
    for (LocalDate night = last.minusDays(400); night.isBefore(last); night = night.plusDays(1)) {
      touch(backups, "day-" + night);
      touch(backups, "week-" + week(night));
      touch(backups, "month-" + night.toString().substring(0, 7));
    }
    Said made = night(last);
    assertThat(made.code()).as(made.words()).isZero();

    Set<String> expected = new TreeSet<>();
    for (int n = 0; n < 7; n++) {
      expected.add("day-" + last.minusDays(n) + ".tar");
    }
    LocalDate monday = last.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    for (int n = 0; n < 4; n++) {
      expected.add("week-" + week(monday.minusWeeks(n)) + ".tar");
    }
    for (int n = 0; n < 12; n++) {
      expected.add("month-" + last.minusMonths(n).toString().substring(0, 7) + ".tar");
    }
    assertThat(names(backups)).isEqualTo(expected);
    assertThat(
            kettle(
                    "backup",
                    "--verify",
                    backups.resolve("day-" + last + ".tar").toString(),
                    "--data",
                    data())
                .words())
        .contains("The backup is good");
    assertThat(kettle("status", "--data", data()).words()).contains("by itself: 2027-01-03");
  }

  /** The same command that the start gives by itself, as whoever owns the shop. */
  private static Said night(LocalDate night) throws IOException {
    List<String> command =
        List.of("./kettle", "nightly", "--data", data(), "--night", night.toString());
    String owner = Files.getOwner(Path.of(data())).getName();
    return System.getProperty("user.name").equals(owner)
        ? Script.said(Map.of(), command)
        : Script.said(
            Map.of(),
            Stream.concat(Stream.of("runuser", "-u", owner, "--"), command.stream()).toList());
  }

  private static Set<String> names(Path backups) throws IOException {
    try (Stream<Path> files = Files.list(backups)) {
      return files
          .map(file -> file.getFileName().toString())
          .filter(name -> name.matches("(day|week|month)-.*"))
          .collect(Collectors.toCollection(TreeSet::new));
    }
  }

  private static String week(LocalDate day) {
    return "%d-%02d"
        .formatted(day.get(IsoFields.WEEK_BASED_YEAR), day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
  }

  private static void touch(Path folder, String name) throws IOException {
    Path file = folder.resolve(name + ".tar");
    if (!Files.exists(file)) {
      Files.createFile(file);
    }
  }

  @Test
  @Order(5)
  @DisplayName("an existing database: nothing private is made, and its shop is backed up as well")
  void existingDatabase() throws Exception {
    shop.postgres("psql", "-qc", "create role guest login password 'mooring'");
    shop.postgres("psql", "-qc", "create database elsewhere owner guest");
    String port = Files.readAllLines(Path.of(data(), "postgres/postmaster.pid")).get(3);
    Path settings = Path.of(file("settings"));
    Files.writeString(
        settings,
        """
        KETTLE_DB_URL=jdbc:postgresql://127.0.0.1:%s/elsewhere
        KETTLE_DB_USER=guest
        KETTLE_DB_PASSWORD=mooring
        """
            .formatted(port));
    Files.setPosixFilePermissions(settings, PosixFilePermissions.fromString("rw-------"));
    try (Kettle guest = Kettle.with(settings)) {
      Writers own = new Writers(guest);
      own.begin(2, new Random(5));
      TimeUnit.SECONDS.sleep(1);
      own.end();
      assertThat(guest.data().resolve("postgres")).doesNotExist();
      assertThat(
              shop.postgres("psql", "-d", "elsewhere", "-qtAc", "select count(*) > 1 from ticket"))
          .contains("t");
      String file = file("guest.tar");
      Said made = kettle("backup", file, "--data", "" + guest.data(), "--settings", "" + settings);
      assertThat(made.code()).as(made.words()).isZero();
      guest.stop();
      shop.postgres("psql", "-d", "elsewhere", "-qc", "truncate ticket cascade");
      String place = guest.data().toString();
      assertThat(refusal("restore", file, "--data", place, "--settings", "" + settings))
          .contains("--replace");
      Said back =
          kettle("restore", file, "--data", place, "--settings", "" + settings, "--replace");
      assertThat(back.words()).contains("The shop is back");
      guest.start();
      own.expectEverything();
    }
    Files.writeString(settings, Files.readString(settings).replace("mooring", "adrift"));
    assertThat(
            refusal("start", "--data", file("nobody"), "--port", "0", "--settings", "" + settings))
        .contains("does not let guest in", "KETTLE_DB_PASSWORD")
        .doesNotContain("adrift");
  }

  @Test
  @Order(6)
  @DisplayName(
      "a folder of an older version, where all belonged to the cluster's own role, is handed over")
  void olderFolder() throws Exception {
    Writers.Book book = writers.book();
    shop.postgres(
        "psql",
        "-qc",
        """
        do $$ declare t record; begin
          for t in select c.relname from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r' loop
            execute format('alter table %I owner to kettle', t.relname);
          end loop; end $$;
        alter database kettle owner to kettle;
        """);
    shop.stop();
    Files.delete(Path.of(data(), "shop.password"));
    if (System.getProperty("user.name").equals("root")) {
      Script.said(Map.of(), List.of("chown", "-R", "postgres:", data() + "/postgres"));
      Script.said(Map.of(), List.of("chown", "root:", data()));
      Script.said(Map.of(), List.of("chmod", "755", data()));
    }
    shop.start();
    assertThat(
            shop.postgres(
                "psql",
                "-qtAc",
                "select rolsuper or rolcreatedb or rolcreaterole from pg_roles where rolname = 'shop'"))
        .contains("f");
    assertThat(
            shop.postgres(
                "psql",
                "-qtAc",
                "select count(*) from pg_tables where schemaname = 'public' and tableowner <> 'shop'"))
        .isEqualTo("0\n");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(Path.of(data()))))
        .isEqualTo("rwx------");
    String form = Writers.form("after the upgrade", 0, book.press());
    assertThat(shop.put("/api/tickets/" + UUID.randomUUID(), form).statusCode()).isEqualTo(200);
  }

  private static String data() {
    return shop.data().toString();
  }

  private static String file(String name) {
    return folder.resolve(name).toString();
  }

  private static String refusal(String... arguments) throws IOException {
    Said said = kettle(arguments);
    assertThat(said.code()).as(said.words()).isEqualTo(1);
    return said.words();
  }

  /**
   * Every row of every table as PostgreSQL's own program writes it, which the backup does not use.
   */
  private static Set<String> content() throws IOException {
    return shop.postgres("pg_dump", "--data-only", "--inserts")
        .lines()
        .filter(line -> !line.startsWith("--") && !line.contains("restrict "))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static Path flipped(Path file, long at, int bit) throws IOException {
    Path flipped = folder.resolve("flipped");
    Files.copy(file, flipped, StandardCopyOption.REPLACE_EXISTING);
    try (RandomAccessFile bytes = new RandomAccessFile(flipped.toFile(), "rw")) {
      bytes.seek(at);
      int was = bytes.read();
      bytes.seek(at);
      bytes.write(was ^ (1 << bit));
    }
    return flipped;
  }

  /** One whose sums all agree, and which says of a table what is not so. */
  private static Path forged(Path file) throws Exception {
    String text = Files.readString(file, StandardCharsets.ISO_8859_1);
    int digit = text.indexOf("table ticket ") + "table ticket ".length();
    String body =
        text.substring(0, digit)
            + (char) ('0' + '9' - text.charAt(digit))
            + text.substring(digit + 1, text.length() - "sha256 \n".length() - 64);
    byte[] bytes = body.getBytes(StandardCharsets.ISO_8859_1);
    String sum = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    Path forged = folder.resolve("forged");
    Files.writeString(forged, body + "sha256 " + sum + "\n", StandardCharsets.ISO_8859_1);
    return forged;
  }
}

package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;
import static velvetkettle.e2e.Script.kettle;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.e2e.Script.Said;

/** What {@code ./kettle} says when something is in its way, and what it leaves behind. */
class ScriptIT {
  private Path folder;

  @BeforeEach
  void makeFolder() throws IOException {
    folder = Files.createTempDirectory(Path.of("/tmp"), "kettle-script");
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
  }

  @AfterEach
  void removeFolder() throws Exception {
    new ProcessBuilder("rm", "-rf", folder.toString()).start().waitFor(30, TimeUnit.SECONDS);
  }

  @Test
  void aPortInUseNamesAnotherOne() throws Exception {
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      Said said = kettle("start", "--data", shop(), "--port", "" + taken.getLocalPort());
      assertThat(said.words()).contains("Port " + taken.getLocalPort() + " is in use", "--port");
      assertThat(said.code()).isEqualTo(1);
    }
  }

  @Test
  void aFolderThatCannotBeMadeSaysSo() throws Exception {
    Path file = Files.createFile(folder.resolve("file"));
    Said said = kettle("start", "--data", file.resolve("below").toString());
    assertThat(said.words()).contains("cannot be made", "--data");
    assertThat(said.code()).isEqualTo(1);
  }

  @Test
  @DisplayName("a half-made cluster and one of another version are left alone, with a way out")
  void foreignClustersAreLeftAlone() throws Exception {
    Path cluster = Files.createDirectories(Path.of(shop(), "postgres"));
    Files.createFile(cluster.resolve("base"));
    Said half = kettle("start", "--data", shop(), "--port", "0");
    assertThat(half.words()).contains("not a whole database cluster", "Move it away");
    Files.writeString(cluster.resolve("PG_VERSION"), "9\n");
    Said older = kettle("start", "--data", shop(), "--port", "0");
    assertThat(older.words()).contains("made by PostgreSQL 9", "postgresql-9");
    assertThat(half.code() + older.code()).isEqualTo(2);
    assertThat(cluster.resolve("base")).exists();
  }

  @Test
  @DisplayName("a folder with other things in it is not taken, and none of them is touched")
  void aForeignFolderIsLeftAlone() throws Exception {
    Path letter = Files.writeString(Files.createDirectory(Path.of(shop())).resolve("letter"), "x");
    Said said = kettle("start", "--data", shop());
    assertThat(said.words()).contains("holds 'letter'", "left alone", "--data");
    assertThat(said.code()).isEqualTo(1);
    assertThat(Files.getOwner(letter).getName()).isEqualTo(System.getProperty("user.name"));
    assertThat(Files.getPosixFilePermissions(Path.of(shop()))).hasSizeGreaterThan(3);
  }

  @Test
  void slipsInTheSettingsAreNamed() throws Exception {
    Path settings = folder.resolve("settings");
    Files.writeString(settings, "# ours\n\nKETTLE_PORT=8600\nKETTLE_COLOUR=blue\n");
    assertThat(settings(settings)).contains("Line 4", "KETTLE_COLOUR", "not a setting");
    Files.writeString(settings, "port 8600\n");
    assertThat(settings(settings)).contains("Line 1", "NAME=value");
    Files.writeString(settings, "KETTLE_DB_URL=postgres://elsewhere\n");
    assertThat(settings(settings)).contains("postgres://elsewhere", "jdbc:postgresql://");
    Files.writeString(settings, "KETTLE_DB_PASSWORD=salt\n");
    Files.setPosixFilePermissions(settings, PosixFilePermissions.fromString("rw-r--r--"));
    assertThat(settings(settings)).contains("others may read", "chmod 600").doesNotContain("salt");
    Files.writeString(settings, "KETTLE_PORT=$(touch " + folder.resolve("ran") + ")\n");
    assertThat(settings(settings)).contains("--port wants a number");
    assertThat(folder.resolve("ran")).doesNotExist();
    assertThat(settings(folder.resolve("none"))).contains("cannot be read");
  }

  private String settings(Path file) throws Exception {
    Said said = kettle("status", "--data", shop(), "--settings", file.toString());
    assertThat(said.code()).isEqualTo(1);
    return said.words();
  }

  @Test
  @DisplayName("the unit for systemd is one that systemd is content with")
  void unit() throws Exception {
    Said said = kettle("service", "--data", shop(), "--port", "8500");
    assertThat(said.words())
        .contains("User=velvet-kettle", "--port 8500", "UMask=0077", "NoNewPrivileges=yes");
    assertThat(said.code()).isZero();
    assumeTrue(Files.isExecutable(Path.of("/usr/bin/systemd-analyze")), "no systemd here");
    assertThat(verified(said.words()).words()).isEmpty();
    assertThat(verified(said.words().replace("UMask=0077", "UMask=closed")).words())
        .contains("closed");
  }

  /** With a program that is there; where it would be installed nothing is yet. */
  private Said verified(String unit) throws Exception {
    Path file = folder.resolve("velvet-kettle.service");
    Files.writeString(
        file,
        unit.replace("/usr/local/lib/velvet-kettle/kettle", Script.ROOT.resolve("kettle") + ""));
    return Script.said(Map.of(), List.of("systemd-analyze", "verify", file.toString()));
  }

  @Test
  void slipsOfTheKeyboardAreNamed() throws Exception {
    assertThat(kettle("brew").words()).contains("no command 'brew'", "./kettle start");
    assertThat(kettle("start", "--prot", "1").words()).contains("'--prot' is not an option");
    assertThat(kettle("start", "--port", "tea").words()).contains("not 'tea'");
    assertThat(kettle("start", "--port", "70000").words()).contains("up to 65535");
    assertThat(kettle("start", "--data").words()).contains("--data wants a folder");
    assertThat(kettle("test", "taste").words()).contains("no stage 'taste'");
    assertThat(kettle("stop", "--data", shop()).words()).contains("nothing in");
    assertThat(kettle("logs", "--data", shop()).words()).contains("no log");
  }

  @Test
  @DisplayName(
      "start, start again, status, stop: idempotent, and nothing is left running or lying about")
  void comesAndGoes() throws Exception {
    Path words = folder.resolve("start.out");
    Process start =
        new ProcessBuilder("./kettle", "start", "--data", shop(), "--port", "0", "--no-demo")
            .directory(Script.ROOT.toFile())
            .redirectErrorStream(true)
            .redirectOutput(words.toFile())
            .start();
    waitFor("is ready", words, start);
    assertThat(kettle("start", "--data", shop()).words())
        .contains("already running: http://127.0.0.1:");
    Said status = kettle("status", "--data", shop());
    assertThat(status.words())
        .contains("is running", "of 8 connections", "No backup was made by itself yet")
        .doesNotContain("disk is full", "does not");
    assertThat(status.code()).isZero();
    assertThat(kettle("logs", "--data", shop()).words()).contains("Started Application");
    assertThat(processesIn(shop())).isNotEmpty();
    expectOwnersAlone();

    assertThat(kettle("stop", "--data", shop()).code()).isZero();
    assertThat(start.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(start.exitValue()).isZero();
    assertThat(processesIn(shop())).isEmpty();
    assertThat(Path.of(shop(), "app.pid")).doesNotExist();
    assertThat(kettle("status", "--data", shop()).code()).isEqualTo(3);
    assertThat(kettle("stop", "--data", shop()).words()).contains("was not running");
  }

  @Test
  @DisplayName("Ctrl-C ends it as stop does")
  void interrupted() throws Exception {
    Path words = folder.resolve("start.out");
    Process start =
        new ProcessBuilder(
                "setsid", "./kettle", "start", "--data", shop(), "--port", "0", "--no-demo")
            .directory(Script.ROOT.toFile())
            .redirectErrorStream(true)
            .redirectOutput(words.toFile())
            .start();
    waitFor("is ready", words, start);
    new ProcessBuilder("kill", "-INT", Long.toString(start.pid())).start().waitFor();
    assertThat(start.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(processesIn(shop())).isEmpty();
    assertThat(Path.of(shop(), "app.pid")).doesNotExist();
  }

  /** Nothing of it runs as root, and nothing in its folder is open to others. */
  private void expectOwnersAlone() throws IOException {
    try (Stream<Path> files = Files.walk(Path.of(shop()))) {
      assertThat(files)
          .allSatisfy(
              file ->
                  assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                      .as(file.toString())
                      .endsWith("------"));
    }
    for (long process : processesIn(shop())) {
      assertThat(ProcessHandle.of(process).flatMap(it -> it.info().user()))
          .hasValueSatisfying(user -> assertThat(user).isNotEqualTo("root"));
    }
    String log = Files.readString(Path.of(shop(), "logs", "app.log"));
    for (String secret : List.of("password", "shop.password")) {
      assertThat(log).doesNotContain(Files.readString(Path.of(shop(), secret)).strip());
    }
  }

  private String shop() {
    return folder.resolve("shop").toString();
  }

  private static void waitFor(String sign, Path words, Process process) throws Exception {
    long until = System.nanoTime() + TimeUnit.MINUTES.toNanos(3);
    while (!Files.readString(words).contains(sign)) {
      assertThat(process.isAlive() && System.nanoTime() < until)
          .as(Files.readString(words))
          .isTrue();
      process.waitFor(50, TimeUnit.MILLISECONDS);
    }
  }

  /** Processes whose command or environment names the folder: the application and PostgreSQL. */
  private static List<Long> processesIn(String folder) {
    try (Stream<ProcessHandle> all = ProcessHandle.allProcesses()) {
      return all.filter(process -> names(process.pid(), folder)).map(ProcessHandle::pid).toList();
    }
  }

  private static boolean names(long pid, String folder) {
    try {
      return Files.readString(Path.of("/proc", "" + pid, "cmdline")).contains(folder);
    } catch (IOException gone) {
      return false;
    }
  }
}

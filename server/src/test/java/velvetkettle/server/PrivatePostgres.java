package velvetkettle.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * A throw-away PostgreSQL on loopback for one JVM of tests: made, started without fsync, and
 * removed at the end.
 */
public final class PrivatePostgres {
  private static final Path HOMES = Path.of("/usr/lib/postgresql");

  /**
   * Data lies below /tmp, because PostgreSQL does not run as root and root's own folders are closed
   * to its user.
   */
  private static final Path BASE = Path.of("/tmp");

  private static PrivatePostgres running;

  private final Path folder;
  private final Path bin;
  private final int port;

  private PrivatePostgres() throws IOException {
    folder = Files.createTempDirectory(BASE, "kettle-test-pg");
    bin = newestHome().resolve("bin");
    port = freePort();
    if (asRoot()) {
      run(List.of("chown", "postgres:", folder.toString()));
    }
    String data = folder.resolve("data").toString();
    run(
        postgres(
            "initdb",
            "-D",
            data,
            "-U",
            "kettle",
            "-A",
            "trust",
            "-E",
            "UTF8",
            "--locale=C.UTF-8",
            "-N"));
    String options =
        "-p "
            + port
            + " -c listen_addresses=127.0.0.1 -c fsync=off -c unix_socket_directories="
            + folder;
    String log = folder.resolve("log").toString();
    run(postgres("pg_ctl", "-D", data, "-l", log, "-w", "-s", "-o", options, "start"));
    Runtime.getRuntime().addShutdownHook(new Thread(this::remove));
  }

  /** The address of the running one, started at the first call. */
  public static synchronized String url() {
    if (running == null) {
      try {
        running = new PrivatePostgres();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return "jdbc:postgresql://127.0.0.1:" + running.port + "/postgres";
  }

  /** The address of a new database of its own on the running one. */
  public static String freshUrl(String name) {
    String url = url();
    try (Connection connection = DriverManager.getConnection(url, "kettle", "");
        Statement statement = connection.createStatement()) {
      statement.execute("drop database if exists " + name);
      statement.execute("create database " + name);
    } catch (SQLException e) {
      throw new IllegalStateException(e);
    }
    return url.replaceFirst("/postgres$", "/" + name);
  }

  private void remove() {
    try {
      run(
          postgres(
              "pg_ctl", "-D", folder.resolve("data").toString(), "-m", "immediate", "-s", "stop"));
      try (Stream<Path> files = Files.walk(folder)) {
        for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
          Files.deleteIfExists(file);
        }
      }
    } catch (IOException e) {
      System.err.println("The test database in " + folder + " was left behind: " + e.getMessage());
    }
  }

  private List<String> postgres(String program, String... arguments) {
    List<String> command = new ArrayList<>();
    if (asRoot()) {
      command.addAll(List.of("runuser", "-u", "postgres", "--"));
    }
    command.add(bin.resolve(program).toString());
    command.addAll(List.of(arguments));
    return command;
  }

  private static boolean asRoot() {
    return "root".equals(System.getProperty("user.name"));
  }

  private static Path newestHome() throws IOException {
    try (Stream<Path> homes = Files.list(HOMES)) {
      return homes
          .filter(home -> Files.isExecutable(home.resolve("bin/initdb")))
          .max(Comparator.comparing(home -> Integer.parseInt(home.getFileName().toString())))
          .orElseThrow(
              () ->
                  new IOException("No PostgreSQL server below " + HOMES + ". Run ./kettle test."));
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  private static void run(List<String> command) throws IOException {
    try {
      Path output = Files.createTempFile("kettle-test", ".out");
      int code =
          new ProcessBuilder(command)
              .directory(BASE.toFile())
              .redirectErrorStream(true)
              .redirectOutput(output.toFile())
              .start()
              .waitFor();
      String said = Files.readString(output);
      Files.delete(output);
      if (code != 0) {
        throw new IOException(String.join(" ", command) + " ended with " + code + ": " + said);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }
}

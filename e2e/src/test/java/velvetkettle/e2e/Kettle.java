package velvetkettle.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application as people run it: the script, the packaged application, a PostgreSQL. */
final class Kettle implements AutoCloseable {
  /** Nothing of it runs as root, and root's own folders are closed to it: data lies below /tmp. */
  private static final Path BASE = Path.of("/tmp");

  private static final Pattern READY = Pattern.compile("is ready: (http://127\\.0\\.0\\.1:\\d+)");

  /** Whether it gets ready and comes back is asked here; how soon, benchmarks tell. */
  private static final Duration PATIENCE = Duration.ofMinutes(6);

  private final HttpClient client =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
  private final Path folder;
  private final Path data;
  private final boolean demo;

  /** Taken away with its folder in the end. */
  private final boolean passing;

  private final List<String> more = new ArrayList<>();
  private Process script;
  private Path output;
  private String address = "";

  /** The application that was killed last. */
  private String killed = "";

  private Kettle(boolean demo, Path folder, boolean passing) throws IOException {
    this.demo = demo;
    this.passing = passing;
    this.folder = folder;
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
    data = folder.resolve("shop");
  }

  static Kettle withDemo() {
    return passing(true);
  }

  static Kettle empty() {
    return passing(false);
  }

  /** An empty shop in a folder that is there, and stays. */
  static Kettle in(Path folder) {
    return started(false, folder, false);
  }

  /** An empty shop in a database that settings name. */
  static Kettle with(Path settings) throws IOException {
    Kettle kettle = new Kettle(false, Files.createTempDirectory(BASE, "kettle-e2e"), true);
    kettle.more.addAll(List.of("--settings", settings.toString()));
    Runtime.getRuntime().addShutdownHook(new Thread(kettle::close));
    kettle.start();
    return kettle;
  }

  private static Kettle passing(boolean demo) {
    try {
      return started(demo, Files.createTempDirectory(BASE, "kettle-e2e"), true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Kettle started(boolean demo, Path folder, boolean passing) {
    try {
      Kettle kettle = new Kettle(demo, folder, passing);
      Runtime.getRuntime().addShutdownHook(new Thread(kettle::close));
      kettle.start();
      return kettle;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What tells whether it is back. */
  interface Sign {
    boolean isThere() throws IOException;
  }

  /** Waits until what was killed was started again, by itself and at the same address. */
  void waitUntilBack(Sign sign) {
    long until = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < until) {
      try {
        if (!pid("app.pid").equals(killed) && sign.isThere()) {
          return;
        }
      } catch (IOException away) {
        // Not yet.
      }
      if (waitFor(script, 100)) {
        break;
      }
    }
    throw new IllegalStateException("it did not come back by itself:\n" + said());
  }

  private String said() {
    try {
      return Files.readString(output);
    } catch (IOException e) {
      return "what it said cannot be read: " + e;
    }
  }

  private String pid(String file) throws IOException {
    return Files.readAllLines(data.resolve(file)).get(0).strip();
  }

  Path data() {
    return data;
  }

  /** Ends it in order. */
  void stop() {
    try {
      Script.kettle("stop", "--data", data.toString());
      waitFor(script, 60_000);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What the machine's owner sees after a disaster: nothing. */
  void lose() throws IOException {
    killApplication();
    killDatabase();
    stop();
    Script.said(Map.of(), List.of("rm", "-rf", data.toString()));
  }

  /** Runs a program of PostgreSQL as the cluster's own role; its output. */
  String postgres(String program, String... arguments) throws IOException {
    List<String> cluster = Files.readAllLines(data.resolve("postgres/postmaster.pid"));
    String version = Files.readString(data.resolve("postgres/PG_VERSION")).strip();
    List<String> command =
        new ArrayList<>(
            List.of(
                "/usr/lib/postgresql/" + version + "/bin/" + program,
                "--host=127.0.0.1",
                "--port=" + cluster.get(3),
                "--username=kettle",
                "--dbname=kettle"));
    command.addAll(List.of(arguments));
    String password = Files.readString(data.resolve("password")).strip();
    Script.Said said = Script.said(Map.of("PGPASSWORD", password), command);
    if (said.code() != 0) {
      throw new IOException(said.words());
    }
    return said.words();
  }

  void start() {
    try {
      output = Files.createTempFile(folder, "start", ".out");
      List<String> command =
          new ArrayList<>(List.of("./kettle", "start", "--data", data.toString(), "--port", "0"));
      if (!demo) {
        command.add("--no-demo");
      }
      command.addAll(more);
      ProcessBuilder starting =
          new ProcessBuilder(command)
              .directory(Script.ROOT.toFile())
              .redirectErrorStream(true)
              .redirectOutput(output.toFile());
      // Waits of minutes pass in a moment.
      starting.environment().put("KETTLE_FORWARD", "true");
      script = starting.start();
      address = waitUntilReady();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String waitUntilReady() throws IOException {
    long until = System.nanoTime() + PATIENCE.toNanos();
    while (System.nanoTime() < until) {
      Matcher ready = READY.matcher(Files.readString(output));
      if (ready.find()) {
        return ready.group(1);
      }
      if (waitFor(script, 50)) {
        break;
      }
    }
    throw new IllegalStateException("./kettle start did not get ready:\n" + said());
  }

  String address() {
    return address;
  }

  /** Kills the application at once. */
  void killApplication() {
    try {
      killed = pid("app.pid");
      destroy(killed);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Kills the database at once. */
  void killDatabase() {
    try {
      destroy(pid("postgres/postmaster.pid"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void destroy(String pid) {
    ProcessHandle.of(Long.parseLong(pid)).ifPresent(ProcessHandle::destroyForcibly);
  }

  /** What the application holds of the machine's memory. */
  long residentMegabytes() throws IOException {
    String pid = Files.readString(data.resolve("app.pid")).strip();
    String kilobytes =
        Files.readAllLines(Path.of("/proc", pid, "status")).stream()
            .filter(line -> line.startsWith("VmHWM"))
            .findFirst()
            .orElseThrow();
    return Long.parseLong(kilobytes.replaceAll("\\D", "")) / 1024;
  }

  HttpResponse<String> get(String path) throws IOException {
    return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
  }

  HttpResponse<String> put(String path, String json) throws IOException {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .PUT(HttpRequest.BodyPublishers.ofString(json)));
  }

  HttpResponse<String> post(String path, String json) throws IOException {
    return send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(json)));
  }

  /** Puts the shop's time forward. */
  void forward(int seconds) {
    try {
      int status = post("/api/shop-clock", "{\"seconds\":" + seconds + "}").statusCode();
      if (status != 200) {
        throw new IllegalStateException("the shop's clock answers " + status);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private HttpResponse<String> send(HttpRequest.Builder request) throws IOException {
    try {
      return client.send(
          request.timeout(Duration.ofSeconds(30)).build(), HttpResponse.BodyHandlers.ofString());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }

  @Override
  public void close() {
    try {
      stop();
      if (passing) {
        Script.said(Map.of(), List.of("rm", "-rf", folder.toString()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static boolean waitFor(Process process, long milliseconds) {
    try {
      return process.waitFor(milliseconds, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}

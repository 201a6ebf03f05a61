package velvetkettle.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * Sends hostile requests to every address, drawings eight at once, and bodies that never end, while
 * somebody looks at Today all the time. {@code ./kettle bench attack} does it with thousands.
 */
class AttackIT {
  private static final int AT_ONCE = 8;

  /** From so many on all drawings are sent, some of which take their time. */
  private static final int MANY = 1000;

  private final int attacks = Integer.getInteger("kettle.attacks", 300);
  private final long seed = Long.getLong("kettle.seed", 20);
  private final HttpClient client =
      HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

  /** What came of one request. */
  private record Came(Attack attack, int status, long milliseconds, String wrong) {}

  @Test
  @DisplayName("nothing that is asked takes the shop down, and Today goes on all the while")
  void survives() throws Exception {
    try (Kettle kettle = Kettle.empty()) {
      List<String> ids = List.of(furnished(kettle), UUID.randomUUID().toString());
      JsonNode description = Shop.JSON.readTree(kettle.get("/api/openapi").body());
      AtomicBoolean over = new AtomicBoolean();
      ExecutorService people = Executors.newFixedThreadPool(AT_ONCE + 1);
      try {
        Future<List<Long>> today = people.submit(() -> looking(kettle, over));
        List<Came> came = new ArrayList<>(attacked(kettle, people, description, ids));
        came.addAll(drawings(kettle, people));
        halfSent(kettle);
        over.set(true);
        report(came, today.get(), kettle);
      } finally {
        people.shutdownNow();
      }
    }
  }

  /** A ticket with a plan, so that not everything ends at what is not there. */
  private static String furnished(Kettle kettle) throws IOException {
    String press = Shop.JSON.readTree(kettle.get("/api/presses").body()).at("/items/0/id").asText();
    String ticket = UUID.randomUUID().toString();
    assertThat(
            kettle.put("/api/tickets/" + ticket, Writers.form("attacked", 0, press)).statusCode())
        .isEqualTo(200);
    kettle.put("/api/tickets/" + ticket + "/plans/" + UUID.randomUUID(), "");
    return ticket;
  }

  private List<Came> attacked(
      Kettle kettle, ExecutorService people, JsonNode description, List<String> ids)
      throws Exception {
    Attacks made = new Attacks(seed, description, ids);
    List<Callable<Came>> work = new ArrayList<>();
    for (int n = 0; n < attacks; n++) {
      Attack attack = made.next(n);
      work.add(() -> sent(kettle, attack));
    }
    return all(people, work);
  }

  private static <T> List<T> all(ExecutorService people, List<Callable<T>> work) throws Exception {
    List<T> all = new ArrayList<>();
    for (Future<T> one : people.invokeAll(work)) {
      all.add(one.get());
    }
    return all;
  }

  /** All of them, eight at once; those that are followed are followed to their end. */
  private List<Came> drawings(Kettle kettle, ExecutorService people) throws Exception {
    List<Callable<Came>> work = new ArrayList<>();
    int drawings = attacks >= MANY ? HostileFiles.DRAWINGS : HostileFiles.USUAL;
    for (int n = 0; n < drawings; n++) {
      HostileFiles.Named file = HostileFiles.drawing(n);
      String id = UUID.randomUUID().toString();
      Attack attack =
          new Attack(
              file.name(), "PUT", "/api/art/" + id, "application/octet-stream", file.bytes());
      work.add(
          () -> {
            Came came = sent(kettle, attack);
            while (came.status == 503) {
              TimeUnit.SECONDS.sleep(2);
              came = sent(kettle, attack);
            }
            follow(kettle, id);
            return came;
          });
    }
    return all(people, work);
  }

  private static void follow(Kettle kettle, String id) throws Exception {
    // Eight of them, two at a time, each for three minutes at most.
    long until = System.nanoTime() + TimeUnit.MINUTES.toNanos(12);
    while (kettle.get("/api/cutting/works/" + id).body().contains("\"RUNNING\"")) {
      assertThat(System.nanoTime()).as("reading ends").isLessThan(until);
      TimeUnit.MILLISECONDS.sleep(200);
    }
  }

  private Came sent(Kettle kettle, Attack attack) {
    long begun = System.nanoTime();
    try {
      HttpRequest.Builder request =
          HttpRequest.newBuilder(URI.create(kettle.address() + attack.path()))
              .timeout(Duration.ofSeconds(60))
              .method(attack.method(), attack.publisher());
      if (attack.body().length > 0) {
        request.header("Content-Type", attack.type());
      }
      HttpResponse<String> answer =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Came(attack, answer.statusCode(), since(begun), wrong(answer));
    } catch (IOException | InterruptedException e) {
      return new Came(attack, 0, since(begun), "no answer: " + e);
    }
  }

  private static long since(long begun) {
    return (System.nanoTime() - begun) / 1_000_000;
  }

  /** What is wrong with an answer, whatever was asked; empty where nothing is. */
  private static String wrong(HttpResponse<String> answer) {
    int status = answer.statusCode();
    String type = answer.headers().firstValue("Content-Type").orElse("");
    if (status >= 500 && status != 503) {
      return "our fault: " + answer.body();
    }
    if (status == 503 && answer.headers().firstValue("Retry-After").isEmpty()) {
      return "503 without a time to ask again";
    }
    if (status >= 400 && !type.startsWith("application/problem+json")) {
      return "no problem detail but " + type + ": " + answer.body();
    }
    return "";
  }

  /** Two hundred bodies of which half is sent; the shop can be reached meanwhile. */
  private static void halfSent(Kettle kettle) throws Exception {
    URI at = URI.create(kettle.address());
    List<Socket> sockets = new ArrayList<>();
    try {
      for (int i = 0; i < 200; i++) {
        Socket socket = new Socket(at.getHost(), at.getPort());
        sockets.add(socket);
        OutputStream out = socket.getOutputStream();
        String head =
            "PUT /api/art/%s HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/octet-stream\r\nContent-Length: 100000\r\n\r\n<svg"
                .formatted(UUID.randomUUID());
        out.write(head.getBytes(StandardCharsets.US_ASCII));
        out.flush();
      }
      long begun = System.nanoTime();
      assertThat(kettle.get("/api/today").statusCode()).isEqualTo(200);
      // They are given up after five seconds: it did not wait for that.
      assertThat(since(begun)).as("Today beside 200 half-sent bodies, ms").isLessThan(4500);
    } finally {
      for (Socket socket : sockets) {
        socket.close();
      }
    }
    assertThat(broken(at)).startsWith("HTTP/1.1 400").doesNotContain("<html");
  }

  /** What a line that is no request is answered. */
  private static String broken(URI at) throws IOException {
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket.setSoTimeout(10_000);
      socket
          .getOutputStream()
          .write(
              "GET /{{{ HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n".getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static List<Long> looking(Kettle kettle, AtomicBoolean over) throws Exception {
    List<Long> took = new ArrayList<>();
    Random pause = new Random(1);
    while (!over.get()) {
      long begun = System.nanoTime();
      assertThat(kettle.get("/api/today").statusCode()).isEqualTo(200);
      took.add(since(begun));
      TimeUnit.MILLISECONDS.sleep(50 + pause.nextInt(100));
    }
    return took;
  }

  private void report(List<Came> came, List<Long> today, Kettle kettle) throws IOException {
    long[] times = came.stream().mapToLong(Came::milliseconds).sorted().toArray();
    List<Long> looks = new ArrayList<>(today);
    Collections.sort(looks);
    long resident = kettle.residentMegabytes();
    System.out.printf(
        "attack: %d requests, seed %d: %s; slowest %d ms, nineteen of twenty within %d ms;"
            + " Today %d looks, slowest %d ms; %d MB resident%n",
        came.size(),
        seed,
        statuses(came),
        times[times.length - 1],
        times[times.length * 19 / 20],
        looks.size(),
        looks.get(looks.size() - 1),
        resident);
    came.stream()
        .sorted((a, b) -> Long.compare(b.milliseconds, a.milliseconds))
        .limit(5)
        .forEach(
            one ->
                System.out.printf(
                    "attack: %d ms %d %s %s (%s)%n",
                    one.milliseconds,
                    one.status,
                    one.attack.method(),
                    one.attack.path().substring(0, Math.min(90, one.attack.path().length())),
                    one.attack.about()));
    assertThat(came.stream().filter(one -> !one.wrong.isEmpty()).map(AttackIT::told)).isEmpty();
    assertThat(resident).as("MB resident").isLessThan(1024);
  }

  private static String told(Came came) {
    String body = new String(came.attack.body(), StandardCharsets.UTF_8);
    return came.attack.method()
        + " "
        + came.attack.path()
        + " "
        + body.substring(0, Math.min(600, body.length()))
        + " -> "
        + came.status
        + " "
        + came.wrong.substring(0, Math.min(400, came.wrong.length()));
  }

  private static String statuses(List<Came> came) {
    int[] counts = new int[600];
    came.forEach(one -> counts[one.status]++);
    List<String> told = new ArrayList<>();
    for (int status = 0; status < counts.length; status++) {
      if (counts[status] > 0) {
        told.add(counts[status] + " times " + status);
      }
    }
    return String.join(", ", told) + (Arrays.stream(counts).sum() == 0 ? "none" : "");
  }
}

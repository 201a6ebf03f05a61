package velvetkettle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Forty clients plan garments with six things on them, none of which was asked about before, while
 * somebody looks at Today; prints what they were answered and how long Today took.
 */
public final class CrowdOverHttp {
  private static final int CLIENTS = 40;
  private static final int EACH = 5;
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final String[] GARMENT = {
    "rowing top", "100% polyester", "INTERLOCK", "DISPERSE", "DARK", "LETTERING"
  };

  private CrowdOverHttp() {}

  /**
   * @param arguments the application's address and the id of a press
   */
  public static void main(String[] arguments) throws Exception {
    AtomicBoolean over = new AtomicBoolean();
    ExecutorService people = Executors.newFixedThreadPool(CLIENTS + 1);
    try {
      Future<List<Double>> today = people.submit(() -> looking(arguments[0], over));
      List<Callable<Map<Integer, Integer>>> all = new ArrayList<>();
      for (int client = 0; client < CLIENTS; client++) {
        int from = client * EACH;
        all.add(() -> planning(arguments, from));
      }
      Map<Integer, Integer> answers = new TreeMap<>();
      for (Future<Map<Integer, Integer>> one : people.invokeAll(all)) {
        one.get().forEach((status, count) -> answers.merge(status, count, Integer::sum));
      }
      over.set(true);
      List<Double> took = new ArrayList<>(today.get());
      Collections.sort(took);
      System.out.printf(
          "%d clients, six things each: %s. Today, %d times: median %.0f ms, nineteen of twenty %.0f ms, slowest %.0f ms.%n",
          CLIENTS,
          answers.entrySet().stream()
              .map(one -> one.getValue() + " times " + one.getKey())
              .collect(Collectors.joining(", ")),
          took.size(),
          took.get(took.size() / 2),
          took.get(took.size() * 19 / 20),
          took.get(took.size() - 1));
    } finally {
      people.shutdownNow();
    }
  }

  /** Asks again where it is told to, as the web does. */
  private static Map<Integer, Integer> planning(String[] arguments, int from)
      throws IOException, InterruptedException {
    Map<Integer, Integer> answers = new TreeMap<>();
    for (int n = from; n < from + EACH; n++) {
      String body = sixThings(PlanOverHttp.ticket(GARMENT, 200 + 0.01 * n, arguments[1]));
      for (int tries = 0; tries < 60; tries++) {
        HttpResponse<String> answer =
            CLIENT.send(
                HttpRequest.newBuilder(URI.create(arguments[0] + "/api/plans/preview"))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build(),
                HttpResponse.BodyHandlers.ofString());
        answers.merge(answer.statusCode(), 1, Integer::sum);
        if (answer.statusCode() != 503) {
          break;
        }
        Thread.sleep(1000 * answer.headers().firstValueAsLong("Retry-After").orElseThrow());
      }
    }
    return answers;
  }

  private static String sixThings(String ticket) {
    String thing = ticket.substring(ticket.indexOf("[{\"id\"") + 1, ticket.indexOf("}]") + 1);
    String all =
        Stream.of("a CHEST", "b BACK", "c LEFT_CHEST", "d SLEEVE", "e POCKET", "f SLEEVE")
            .map(each -> each.split(" "))
            .map(
                each ->
                    thing
                        .replace("\"id\": \"a\"", "\"id\": \"" + each[0] + "\"")
                        .replace("\"placement\": \"CHEST\"", "\"placement\": \"" + each[1] + "\""))
            .collect(Collectors.joining(", "));
    return ticket.replace(thing, all);
  }

  private static List<Double> looking(String address, AtomicBoolean over)
      throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    while (!over.get()) {
      long began = System.nanoTime();
      HttpResponse<String> answer =
          CLIENT.send(
              HttpRequest.newBuilder(URI.create(address + "/api/today")).GET().build(),
              HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200) {
        throw new IOException("Today -> " + answer.statusCode());
      }
      took.add((System.nanoTime() - began) / 1e6);
      Thread.sleep(100);
    }
    return took;
  }
}

package velvetkettle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Every page's request and a press event, by eight clients at once, first in a shop with one ticket
 * and then with ten years in it; prints the nineteenth of twenty of both. Then all orders as a
 * table.
 */
public final class YearsOverHttp {
  private static final int CLIENTS = 8;
  private static final int EACH = 15;
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  private final String address;
  private final String ticket = UUID.randomUUID().toString();
  private final String plan = UUID.randomUUID().toString();
  private final String run = UUID.randomUUID().toString();
  private final String form;

  private YearsOverHttp(String address, String press) {
    this.address = address;
    form =
        PlanOverHttp.ticket(GARMENT, 200, press)
            .replace("\"medium\": null", "\"medium\": \"film-smooth\"");
  }

  private static final String[] GARMENT = {
    "cotton tee", "100% cotton", "JERSEY", "UNDYED", "WHITE", "LOGO"
  };

  /**
   * @param arguments the application's address, the id of a press, and what runs a script on its
   *     database, to which the ticket's id is added
   */
  public static void main(String[] arguments) throws Exception {
    YearsOverHttp years = new YearsOverHttp(arguments[0], arguments[1]);
    years.furnish();
    years.measured();
    Map<String, Double> young = years.measured();
    long began = System.nanoTime();
    years.grow(List.of(arguments).subList(2, arguments.length));
    System.out.printf("Ten years made in %.0f s.%n", (System.nanoTime() - began) / 1e9);
    years.measured();
    Map<String, Double> old = years.measured();
    System.out.println("| request | young, ms | old, ms | times |\n|---|---|---|---|");
    old.forEach(
        (name, took) ->
            System.out.printf(
                "| %s | %.0f | %.0f | %.1f |%n",
                name, young.get(name), took, took / young.get(name)));
    began = System.nanoTime();
    int length = years.ask("GET", "/api/orders/orders.csv", "").body().length();
    System.out.printf(
        "All orders as a table: %.1f s, %.1f MB.%n",
        (System.nanoTime() - began) / 1e9, length / 1e6);
  }

  private void furnish() throws Exception {
    ask("PUT", "/api/tickets/" + ticket, form);
    ask("PUT", "/api/tickets/" + ticket + "/plans/" + plan, "");
    ask("PUT", "/api/runs/" + run, "{\"planId\":\"" + plan + "\"}");
  }

  private void grow(List<String> script) throws IOException, InterruptedException {
    List<String> command = new ArrayList<>(script);
    command.add("template=" + ticket);
    int ended = new ProcessBuilder(command).inheritIO().start().waitFor();
    if (ended != 0) {
      throw new IOException("the years were not made");
    }
  }

  private Map<String, Double> measured() throws Exception {
    Map<String, String> pages = new LinkedHashMap<>();
    pages.put("Today", "/api/today");
    pages.put("tickets", "/api/tickets?size=20");
    pages.put("tickets, page 100", "/api/tickets?size=20&page=100");
    pages.put("tickets, searched", "/api/tickets?search=lantern");
    pages.put("tickets, searched by number", "/api/tickets?search=vk-1500");
    pages.put("tickets at the press", "/api/tickets?station=PRESS");
    pages.put("a ticket", "/api/tickets/" + ticket);
    pages.put("its plans", "/api/tickets/" + ticket + "/plans");
    pages.put("its runs", "/api/tickets/" + ticket + "/runs");
    pages.put("its outcomes", "/api/tickets/" + ticket + "/outcomes");
    pages.put("a run", "/api/runs/" + run);
    pages.put("cloths", "/api/cloths");
    pages.put("cloths, page 50", "/api/cloths?page=50");
    pages.put("shelf", "/api/materials");
    pages.put("presses", "/api/presses");
    Map<String, Double> took = new LinkedHashMap<>();
    for (Map.Entry<String, String> page : pages.entrySet()) {
      took.put(page.getKey(), nineteenOfTwenty(() -> ask("GET", page.getValue(), "")));
    }
    took.put("a plan tried", nineteenOfTwenty(() -> ask("POST", "/api/plans/preview", form)));
    took.put(
        "a press event",
        nineteenOfTwenty(() -> ask("POST", "/api/runs/" + run + "/events", event())));
    return took;
  }

  private static String event() {
    return "[{\"id\":\"%s\",\"kind\":\"SOMETHING_WRONG\",\"step\":null,\"at\":\"%s\"}]"
        .formatted(UUID.randomUUID(), Instant.now());
  }

  private static double nineteenOfTwenty(Callable<?> asking) throws Exception {
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    try {
      List<Callable<List<Double>>> all = new ArrayList<>();
      for (int client = 0; client < CLIENTS; client++) {
        all.add(
            () -> {
              List<Double> took = new ArrayList<>();
              for (int n = 0; n < EACH; n++) {
                long began = System.nanoTime();
                asking.call();
                took.add((System.nanoTime() - began) / 1e6);
              }
              return took;
            });
      }
      List<Double> took = new ArrayList<>();
      for (Future<List<Double>> client : clients.invokeAll(all)) {
        took.addAll(client.get());
      }
      Collections.sort(took);
      return took.get(took.size() * 19 / 20);
    } finally {
      clients.shutdownNow();
    }
  }

  private HttpResponse<String> ask(String method, String path, String body)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .method(
                method,
                body.isEmpty()
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body))
            .build();
    HttpResponse<String> answer = CLIENT.send(request, HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IOException(
          method + " " + path + " -> " + answer.statusCode() + " " + answer.body());
    }
    return answer;
  }
}

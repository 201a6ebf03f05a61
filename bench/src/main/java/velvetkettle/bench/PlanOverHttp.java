package velvetkettle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.function.IntFunction;

/**
 * Plans one garment over HTTP again and again and prints the median: once as a garment that nobody
 * asked about before, once as one whose heat is remembered.
 */
public final class PlanOverHttp {
  private static final int WARM_UP = 200;
  private static final int RUNS = 200;

  private PlanOverHttp() {}

  /**
   * @param arguments the application's address and the id of a press
   */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    URI address = URI.create(arguments[0] + "/api/plans/preview");
    HttpClient client = HttpClient.newHttpClient();
    String[][] garments = {
      {"cotton tee", "100% cotton", "JERSEY", "UNDYED", "WHITE", "LOGO"},
      {"rowing top", "100% polyester", "INTERLOCK", "DISPERSE", "DARK", "LETTERING"},
      {"half-zip", "70% cotton 30% polyester", "FLEECE", "UNKNOWN", "DARK", "LOGO"},
      {"blazer", "100% wool", "TWILL", "ACID", "DARK", "MADE_PATCH"},
    };
    System.out.println(
        "| garment | first asked: median, ms | nine of ten | asked again: median, ms | nine of ten |\n"
            + "|---|---|---|---|---|");
    for (String[] garment : garments) {
      double[] first = times(client, address, n -> ticket(garment, 200 + 0.01 * n, arguments[1]));
      double[] again = times(client, address, n -> ticket(garment, 200, arguments[1]));
      System.out.printf(
          "| %s | %.1f | %.1f | %.1f | %.1f |%n",
          garment[0], first[RUNS / 2], first[RUNS * 9 / 10], again[RUNS / 2], again[RUNS * 9 / 10]);
    }
  }

  /** Milliseconds of each run, sorted. */
  private static double[] times(HttpClient client, URI address, IntFunction<String> ticket)
      throws IOException, InterruptedException {
    double[] millis = new double[RUNS];
    for (int n = -WARM_UP; n < RUNS; n++) {
      String body = ticket.apply(n);
      long began = System.nanoTime();
      post(client, address, body);
      if (n >= 0) {
        millis[n] = (System.nanoTime() - began) / 1e6;
      }
    }
    Arrays.sort(millis);
    return millis;
  }

  static void post(HttpClient client, URI address, String body)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(address)
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IOException(answer.statusCode() + ": " + answer.body());
    }
  }

  static String ticket(String[] garment, double weight, String press) {
    return """
        {"title": "bench", "customer": "", "dueAt": "2030-01-01T10:00:00Z", "pieces": 1, "pressId": "%s",
         "garment": {"name": "bench", "kind": "TOP", "label": "%s", "fabric": "%s", "colour": "some",
           "depth": "%s", "hue": "BLUE", "dye": "%s", "finish": "NONE", "obstacles": [], "iron": "UNKNOWN",
           "size": "ADULT", "weight": %s},
         "decorations": [{"id": "a", "description": "art", "kind": "%s", "width": 80, "height": 80,
           "colours": 1, "lightest": "WHITE", "placement": "CHEST", "surface": "ANY", "thinnestStroke": null,
           "layered": false, "stoneSize": null, "stones": 0, "medium": null, "materialId": null}],
         "version": 0}
        """
        .formatted(press, garment[1], garment[2], garment[4], garment[3], weight, garment[5]);
  }
}

package velvetkettle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;

/** Plans one garment over HTTP again and again and prints the median. */
public final class PlanOverHttp {
  private static final int WARM_UP = 60;
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
    System.out.println("| garment | median, ms | nine of ten, ms |\n|---|---|---|");
    for (String[] garment : garments) {
      HttpRequest request =
          HttpRequest.newBuilder(address)
              .header("Content-Type", "application/json")
              .POST(HttpRequest.BodyPublishers.ofString(ticket(garment, arguments[1])))
              .build();
      double[] millis = new double[RUNS];
      for (int n = -WARM_UP; n < RUNS; n++) {
        long began = System.nanoTime();
        HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
          throw new IOException(answer.statusCode() + ": " + answer.body());
        }
        if (n >= 0) {
          millis[n] = (System.nanoTime() - began) / 1e6;
        }
      }
      Arrays.sort(millis);
      System.out.printf(
          "| %s | %.1f | %.1f |%n", garment[0], millis[RUNS / 2], millis[RUNS * 9 / 10]);
    }
  }

  private static String ticket(String[] garment, String press) {
    return """
        {"title": "bench", "customer": "", "dueAt": "2030-01-01T10:00:00Z", "pieces": 1, "pressId": "%s",
         "garment": {"name": "%s", "kind": "TOP", "label": "%s", "fabric": "%s", "colour": "some",
           "depth": "%s", "hue": "BLUE", "dye": "%s", "finish": "NONE", "obstacles": [], "iron": "UNKNOWN",
           "size": "ADULT"},
         "decorations": [{"id": "a", "description": "art", "kind": "%s", "width": 80, "height": 80,
           "colours": 1, "lightest": "WHITE", "placement": "CHEST", "surface": "ANY", "thinnestStroke": null,
           "medium": null, "materialId": null}],
         "version": 0}
        """
        .formatted(press, garment[0], garment[1], garment[2], garment[4], garment[3], garment[5]);
  }
}

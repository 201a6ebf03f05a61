package velvetkettle.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.util.Arrays;

/**
 * Asks for the window of a garment that nobody asked about before, then for all its what-ifs, again
 * and again, and prints the medians. A page asks in that order.
 */
public final class WhatIfOverHttp {
  private static final int WARM_UP = 20;
  private static final int RUNS = 50;

  private WhatIfOverHttp() {}

  /**
   * @param arguments the application's address and the id of a press
   */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    HttpClient client = HttpClient.newHttpClient();
    System.out.println(
        "| garment | window: median, ms | nine of ten | all what-ifs: median, ms | nine of ten |\n"
            + "|---|---|---|---|---|");
    print(
        client,
        arguments,
        "film-smooth",
        "cotton tee",
        "100% cotton",
        "JERSEY",
        "UNDYED",
        "WHITE",
        "LOGO");
    print(
        client,
        arguments,
        "film-block",
        "rowing top",
        "100% polyester",
        "INTERLOCK",
        "DISPERSE",
        "DARK",
        "LETTERING");
  }

  private static void print(HttpClient client, String[] arguments, String medium, String... garment)
      throws IOException, InterruptedException {
    double[] windows = new double[RUNS];
    double[] whatIfs = new double[RUNS];
    for (int n = -WARM_UP; n < RUNS; n++) {
      String body =
          "{\"ticket\": %s, \"decoration\": \"a\", \"medium\": \"%s\"}"
              .formatted(
                  PlanOverHttp.ticket(garment, 200 + 0.01 * (n + WARM_UP), arguments[1]), medium);
      double window = millis(client, arguments[0] + "/api/trials/window", body);
      double asked = millis(client, arguments[0] + "/api/trials/what-ifs", body);
      if (n >= 0) {
        windows[n] = window;
        whatIfs[n] = asked;
      }
    }
    Arrays.sort(windows);
    Arrays.sort(whatIfs);
    System.out.printf(
        "| %s | %.0f | %.0f | %.0f | %.0f |%n",
        garment[0],
        windows[RUNS / 2],
        windows[RUNS * 9 / 10],
        whatIfs[RUNS / 2],
        whatIfs[RUNS * 9 / 10]);
  }

  private static double millis(HttpClient client, String address, String body)
      throws IOException, InterruptedException {
    long began = System.nanoTime();
    PlanOverHttp.post(client, URI.create(address), body);
    return (System.nanoTime() - began) / 1e6;
  }
}

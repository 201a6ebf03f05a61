package velvetkettle.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** What lies in the shop, asked of the application itself. */
final class Shop {
  static final ObjectMapper JSON = new ObjectMapper();

  private Shop() {}

  /** Ids of the tickets at a station, the most pressing first. */
  static List<String> tickets(Kettle kettle, String station) throws IOException {
    JsonNode page = JSON.readTree(kettle.get("/api/tickets?size=200&station=" + station).body());
    List<String> ids = new ArrayList<>();
    page.path("items").forEach(ticket -> ids.add(ticket.path("id").asText()));
    return ids;
  }

  /**
   * Id of the demo shop's ticket of this title. The journeys share one shop and leave tickets of
   * their own at every station: what a journey needs of a ticket it asks for by name.
   */
  static String ticket(Kettle kettle, String title) throws IOException {
    String search = URLEncoder.encode(title, StandardCharsets.UTF_8);
    JsonNode page = JSON.readTree(kettle.get("/api/tickets?size=200&search=" + search).body());
    for (JsonNode ticket : page.path("items")) {
      if (ticket.path("title").asText().equals(title)) {
        return ticket.path("id").asText();
      }
    }
    throw new IllegalStateException("no ticket \"" + title + "\" in the shop");
  }
}

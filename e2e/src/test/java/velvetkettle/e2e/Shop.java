package velvetkettle.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
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
}

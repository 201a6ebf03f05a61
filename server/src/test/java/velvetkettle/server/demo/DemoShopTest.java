package velvetkettle.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import velvetkettle.server.HttpTest;
import velvetkettle.server.PrivatePostgres;

/** The first start with the demo, in a database of its own. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DemoShopTest extends HttpTest {
  @Autowired private Opening opening;
  @Autowired private ShopMapper shops;

  @DynamicPropertySource
  static void ownDatabase(DynamicPropertyRegistry registry) {
    registry.add("spring.datasource.url", () -> PrivatePostgres.freshUrl("demo"));
    registry.add("kettle.demo", () -> true);
  }

  @Test
  void aWorkingDayIsThere() throws Exception {
    assertThat(count("ticket")).isEqualTo(25);
    assertThat(count("outcome")).isEqualTo(60);
    assertThat(count("cloth")).isEqualTo(12);
    assertThat(count("material")).isEqualTo(51);
    assertThat(count("press")).isEqualTo(5);
    assertThat(count("outcome where bad > 0")).isBetween(4L, 20L);
    assertThat(count("material where jsonb_array_length(body->'remnants') > 0")).isPositive();
  }

  @Test
  void ticketsStandAtEveryStation() throws Exception {
    Map<String, Integer> stations = new TreeMap<>();
    json(get("/api/tickets?size=200"))
        .path("items")
        .forEach(ticket -> stations.merge(ticket.path("station").asText(), 1, Integer::sum));
    assertThat(stations.keySet()).containsExactly("CHECK", "CUT", "DONE", "METHOD", "PRESS");
  }

  @Test
  @DisplayName("something may leave today, the log lies in the past, and due work ahead")
  void datesAreRelativeToNow() throws Exception {
    JsonNode today = json(get("/api/today"));
    assertThat(today.path("keptBack").size()).isPositive();
    assertThat(count("outcome where logged_at > now()")).isZero();
    assertThat(count("ticket where station <> 'DONE' and due_at < now()")).isZero();
    assertThat(count("plan where created_at > now()")).isZero();
    assertThat(
            count("run_event e join run r on r.id = e.run_id where e.received_at < r.started_at"))
        .isZero();
  }

  @Test
  @DisplayName("an iron or a wand at a desk does not stop a plan; every ticket opens")
  void everyTicketOpens() throws Exception {
    for (String id : database.queryForList("select id::text from ticket", String.class)) {
      JsonNode ticket = json(get("/api/tickets/" + id));
      assertThat(ticket.path("stations")).hasSize(5);
      if (!ticket.path("planId").isNull()) {
        assertThat(ticket.path("planCurrent").asBoolean())
            .as(ticket.path("name").asText())
            .isTrue();
      }
    }
  }

  @Test
  @Order(Integer.MAX_VALUE)
  @DisplayName(
      "what a first start left that was interrupted is taken away, down to the first press")
  void cleared() {
    shops.clear("shop");
    for (String table :
        List.of(
            "ticket",
            "plan",
            "run",
            "run_event",
            "outcome",
            "learnt",
            "cloth",
            "material",
            "art")) {
      assertThat(count(table)).as(table).isZero();
    }
    assertThat(count("press where version = 1 and position = 0")).isOne();
  }

  @Test
  void openingAgainAddsNothing() {
    List<Map<String, Object>> before = database.queryForList("select * from shop");
    opening.afterSingletonsInstantiated();
    assertThat(count("ticket")).isEqualTo(25);
    assertThat(database.queryForList("select * from shop")).isEqualTo(before);
  }
}

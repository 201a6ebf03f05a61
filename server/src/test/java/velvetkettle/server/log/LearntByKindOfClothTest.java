package velvetkettle.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import velvetkettle.server.ServerTest;

/**
 * What was logged under fabric and main fibre alone is told apart by the plans it was pressed by.
 */
class LearntByKindOfClothTest extends ServerTest {
  private static final String OLDER = "older_log";

  @Autowired private DataSource source;
  @Autowired private LearntByKindOfCloth migration;

  @AfterEach
  void forget() {
    database.execute("drop schema if exists " + OLDER + " cascade");
  }

  private Flyway flyway(String upTo) {
    FluentConfiguration configuration =
        Flyway.configure().dataSource(source).schemas(OLDER).target(upTo);
    return configuration.javaMigrations(migration).load();
  }

  @Test
  @DisplayName("two cloths that were counted as one are counted apart, and no piece is lost")
  void apart() throws Exception {
    String ticket = UUID.randomUUID().toString();
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, ticket()).andExpect(status().is2xxSuccessful());
    put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().is2xxSuccessful());
    flyway("13").migrate();
    String press = columns("press");
    database.execute(
        "insert into older_log.press (%s) select %s from press on conflict do nothing"
            .formatted(press, press));
    copy("ticket", "id", ticket);
    copy("plan", "id", plan);
    String cotton = UUID.randomUUID().toString();
    database.update(
        "insert into older_log.plan select ?::uuid, owner, ticket_id, number + 1, schema, rules,"
            + " jsonb_set(request, '{garment,cloth,blend,shares}',"
            + " '[{\"fibre\": \"POLYESTER\", \"percent\": 60}, {\"fibre\": \"COTTON\", \"percent\": 40}]'),"
            + " body, created_at from plan where id = ?::uuid",
        cotton,
        plan);
    outcome(ticket, plan, 5, 0);
    outcome(ticket, plan, 3, 1);
    outcome(ticket, cotton, 2, 4);
    database.update(
        "insert into older_log.learnt values ('shop', 'film-block', 'INTERLOCK', 'POLYESTER', 10, 5)");

    flyway("14").migrate();

    assertThat(
            database.queryForList(
                "select cloth || ' ' || good || ' of ' || good + bad from older_log.learnt"
                    + " where medium = 'film-block' order by cloth",
                String.class))
        .containsExactly(
            "INTERLOCK: COTTON 40, POLYESTER 60; NONE; DISPERSE DARK 2 of 6",
            "INTERLOCK: POLYESTER 100; NONE; DISPERSE DARK 8 of 9");
    assertThat(
            database.queryForObject(
                "select sum(good) from older_log.learnt where medium = 'stones'", Integer.class))
        .isEqualTo(10);
  }

  private void copy(String table, String column, String id) {
    String columns = columns(table);
    database.update(
        "insert into older_log.%s (%s) select %s from %s where %s = ?::uuid"
            .formatted(table, columns, columns, table, column),
        id);
  }

  /** Those that it had then: later ones are not known there. */
  private String columns(String table) {
    return database.queryForObject(
        "select string_agg(column_name, ', ') from information_schema.columns"
            + " where table_schema = 'older_log' and table_name = ?",
        String.class,
        table);
  }

  private void outcome(String ticket, String plan, int good, int bad) {
    String run = UUID.randomUUID().toString();
    database.update(
        "insert into older_log.run (id, owner, ticket_id, plan_id, started_at)"
            + " values (?::uuid, 'shop', ?::uuid, ?::uuid, now())",
        run,
        ticket,
        plan);
    database.update(
        "insert into older_log.outcome (run_id, owner, ticket_id, medium, fabric, main_fibre, good,"
            + " bad, body, logged_at, keep_back_until, also) values (?::uuid, 'shop', ?::uuid,"
            + " 'film-block', 'INTERLOCK', 'POLYESTER', ?, ?, '{}', now(), now(), '[\"stones\"]')",
        run,
        ticket,
        good,
        bad);
  }
}

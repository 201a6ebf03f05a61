package velvetkettle.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import velvetkettle.server.ServerTest;

/** Runs that were kept as one step in hand stand where they stood. */
class OlderRunsTest extends ServerTest {
  private static final String OLDER = "older_runs";

  @Autowired private DataSource source;
  @Autowired private JavaMigration[] migrations;

  @AfterEach
  void forget() {
    database.execute("drop schema if exists " + OLDER + " cascade");
  }

  private void migrate(String upTo) {
    Flyway.configure()
        .dataSource(source)
        .schemas(OLDER)
        .target(upTo)
        .javaMigrations(migrations)
        .load()
        .migrate();
  }

  @Test
  @DisplayName("a run half done, one between two pieces and one that nobody told on")
  void stand() throws Exception {
    String ticket = UUID.randomUUID().toString();
    String plan = UUID.randomUUID().toString();
    put("/api/tickets/" + ticket, ticket()).andExpect(status().is2xxSuccessful());
    put("/api/tickets/" + ticket + "/plans/" + plan, "").andExpect(status().is2xxSuccessful());
    migrate("18");
    for (String table : new String[] {"press", "ticket", "plan"}) {
      String columns = columns(table);
      database.execute(
          "insert into older_runs.%s (%s) select %s from %s on conflict do nothing"
              .formatted(table, columns, columns, table));
    }
    String half = run(ticket, plan, 9, 4, 2, 1);
    String between = run(ticket, plan, 9, 1, 3, 0);
    String untold = run(ticket, plan, null, 1, 0, 0);

    migrate("19");

    JsonNode stands = progress(half);
    assertThat(stands.path("pieces").toString()).contains("\"piece\":3").contains("\"step\":4");
    assertThat(stands.path("aside").toString()).isEqualTo("[1,2]");
    assertThat(stands.path("trouble").asInt()).isEqualTo(1);
    assertThat(progress(between).path("pieces")).isEmpty();
    assertThat(progress(between).path("aside").toString()).isEqualTo("[1,2,3]");
    assertThat(progress(untold).isNull()).isTrue();
  }

  private JsonNode progress(String run) throws Exception {
    return JSON.readTree(
        database.queryForObject(
            "select coalesce(progress, 'null')::text from older_runs.run where id = ?::uuid",
            String.class,
            run));
  }

  private String run(
      String ticket, String plan, @Nullable Integer steps, int step, int done, int trouble) {
    String run = UUID.randomUUID().toString();
    database.update(
        "insert into older_runs.run (id, owner, ticket_id, plan_id, started_at, steps, step,"
            + " pieces_done, trouble, reported)"
            + " values (?::uuid, 'shop', ?::uuid, ?::uuid, now(), ?, ?, ?, ?, 0)",
        run,
        ticket,
        plan,
        steps,
        step,
        done,
        trouble);
    return run;
  }

  private String columns(String table) {
    return database.queryForObject(
        "select string_agg(column_name, ', ') from information_schema.columns"
            + " where table_schema = 'older_runs' and table_name = ?",
        String.class,
        table);
  }
}

package velvetkettle.server.log;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;

/**
 * Counts what was logged by kind of cloth in place of fabric and main fibre. The kind is a rule of
 * core, so that the plans that were pressed are read for it and not their columns.
 */
@Component
class LearntByKindOfCloth implements JavaMigration {
  private static final String BEFORE =
      """
      drop index outcome_by_cloth;
      alter table outcome add column cloth text;
      alter table outcome drop column fabric, drop column main_fibre;
      alter table cloth drop column fabric, drop column main_fibre;
      drop table learnt;
      create table learnt (
        owner text not null,
        medium text not null,
        cloth text not null,
        good integer not null,
        bad integer not null,
        primary key (owner, medium, cloth)
      );
      """;

  private static final String AFTER =
      """
      alter table outcome alter column cloth set not null;
      insert into learnt
        select owner, medium, cloth, sum(good), sum(bad)
        from (
          select owner, medium, cloth, good, bad from outcome
          union all
          select owner, other, cloth, good, 0 from outcome, jsonb_array_elements_text(also) as other
        ) as each
        group by owner, medium, cloth;
      """;

  private final StoredJson json;

  LearntByKindOfCloth(StoredJson json) {
    this.json = json;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    try (Statement statement = connection.createStatement()) {
      statement.execute(BEFORE);
      fill(connection);
      statement.execute(AFTER);
    }
  }

  private void fill(Connection connection) throws SQLException {
    try (Statement asked = connection.createStatement();
        PreparedStatement told =
            connection.prepareStatement("update outcome set cloth = ? where run_id = ?::uuid")) {
      // A shop of many years is read a piece at a time.
      asked.setFetchSize(500);
      ResultSet pressed =
          asked.executeQuery(
              "select o.run_id, p.request from outcome o join run r on r.id = o.run_id"
                  + " join plan p on p.id = r.plan_id");
      while (pressed.next()) {
        told.setString(1, kind(pressed.getString("request")));
        told.setString(2, pressed.getString("run_id"));
        told.addBatch();
      }
      told.executeBatch();
    }
  }

  private String kind(String request) {
    return json.read(new Json(request), JobRequest.class).garment().clothKind().key();
  }

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("14");
  }

  @Override
  public String getDescription() {
    return "learnt by kind of cloth";
  }

  @Override
  public @Nullable Integer getChecksum() {
    return null;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }
}

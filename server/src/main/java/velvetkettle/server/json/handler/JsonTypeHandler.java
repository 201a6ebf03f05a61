package velvetkettle.server.json.handler;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import velvetkettle.server.json.Json;

@MappedTypes(Json.class)
public class JsonTypeHandler extends BaseTypeHandler<Json> {
  @Override
  public void setNonNullParameter(
      PreparedStatement statement, int i, Json json, @Nullable JdbcType type) throws SQLException {
    statement.setObject(i, json.text(), Types.OTHER);
  }

  @Override
  public @Nullable Json getNullableResult(ResultSet rows, String column) throws SQLException {
    return json(rows.getString(column));
  }

  @Override
  public @Nullable Json getNullableResult(ResultSet rows, int column) throws SQLException {
    return json(rows.getString(column));
  }

  @Override
  public @Nullable Json getNullableResult(CallableStatement statement, int column)
      throws SQLException {
    return json(statement.getString(column));
  }

  private static @Nullable Json json(@Nullable String text) {
    return text == null ? null : new Json(text);
  }
}

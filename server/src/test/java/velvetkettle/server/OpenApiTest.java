package velvetkettle.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/**
 * The committed API description is the one that the controllers give, because the web's types are
 * made from it.
 */
class OpenApiTest extends ServerTest {
  private static final Path COMMITTED = Path.of("openapi.json");

  @Test
  void committedDescriptionIsCurrent() throws Exception {
    JsonMapper sorted =
        JsonMapper.builder()
            .enable(
                SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();
    Object description = sorted.treeToValue(json(get("/api/openapi")), Object.class);
    String now = sorted.writeValueAsString(description) + "\n";
    if (Boolean.getBoolean("kettle.api.write")) {
      Files.writeString(COMMITTED, now);
    }
    assertThat(Files.readString(COMMITTED))
        .as("run ./kettle api after changing a controller")
        .isEqualTo(now);
  }
}

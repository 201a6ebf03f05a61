package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Component;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.JobRequest;

/**
 * Writes values into jsonb columns and reads them back. Fields that a later version no longer has
 * are passed over, so that an old plan still opens.
 */
@Component
public class StoredJson {
  private final ObjectMapper mapper =
      JsonMapper.builder()
          .addModule(new Quantities())
          .addModule(new StoredSentences())
          .addModule(new Acts())
          .addModule(new JavaTimeModule())
          .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build();

  public Json write(Object value) {
    try {
      return new Json(mapper.writeValueAsString(value));
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** For people to read, with the fields in their order. */
  public byte[] pretty(Object value) {
    try {
      return mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }

  public JsonNode tree(Json json) {
    try {
      return mapper.readTree(json.text());
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Of bytes that somebody sent; throws {@link UnreadableException}. */
  public JsonNode tree(byte[] sent) {
    try {
      return mapper.readTree(sent);
    } catch (JsonProcessingException e) {
      throw new UnreadableException(e);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Of a tree that somebody sent; throws {@link UnreadableException}. */
  public <T> T read(JsonNode sent, Class<T> type) {
    try {
      return mapper.treeToValue(sent, type);
    } catch (JsonProcessingException e) {
      throw new UnreadableException(e);
    }
  }

  public <T> T read(Json json, Class<T> type) {
    try {
      JsonNode tree = mapper.readTree(json.text());
      if (type == Plan.class) {
        tree = OlderSchemas.plan(tree);
      } else if (type == JobRequest.class) {
        tree = OlderSchemas.request(tree);
      }
      return mapper.treeToValue(tree, type);
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package velvetkettle.e2e;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/**
 * Hostile requests by lot over every address of the API: bodies made by its own description and
 * then spoilt, files that are no files, parameters that cannot be. The same seed gives the same.
 */
final class Attacks {
  private static final String[] SIGNS = {
    "",
    " ",
    "\u0000",
    "\ud800",
    "%00",
    "'",
    "\"",
    "<b>",
    "${jndi:x}",
    "../../etc/passwd",
    "-1",
    "1e309",
    "NaN",
    "null",
    "𝔍𝔲𝔤",
    "a".repeat(3000),
    "\r\nX: y",
    "%",
    "[]",
    "{}"
  };
  private static final double[] NUMBERS = {
    0, -1, 1e308, -1e308, 1e-308, 0.5, 2147483648.0, -2147483649.0, 9.2e18, 501, 10_001, 1e6
  };

  private final Random random;
  private final JsonNode description;
  private final List<Operation> operations = new ArrayList<>();
  private final List<String> ids;

  /** One operation of the API. */
  private record Operation(String method, String path, JsonNode says) {}

  /**
   * @param description of the API, as it describes itself
   * @param ids of things that are there
   */
  Attacks(long seed, JsonNode description, List<String> ids) {
    this.random = new Random(seed);
    this.description = description;
    this.ids = ids;
    description
        .path("paths")
        .fields()
        .forEachRemaining(
            path ->
                path.getValue()
                    .fields()
                    .forEachRemaining(
                        operation ->
                            operations.add(
                                new Operation(
                                    operation.getKey().toUpperCase(),
                                    path.getKey(),
                                    operation.getValue()))));
  }

  /** Each address in its turn, so that a few hundred reach them all. */
  Attack next(int number) {
    Operation operation = operations.get(number % operations.size());
    JsonNode content = operation.says.at("/requestBody/content");
    String path = path(operation);
    if (content.has("application/json")) {
      JsonNode schema = content.at("/application~1json/schema");
      return new Attack(
          "spoilt JSON", operation.method, path, "application/json", spoilt(sample(schema, 0)));
    }
    if (content.has("application/octet-stream")) {
      HostileFiles.Named file = HostileFiles.any(random, operation.path);
      return new Attack(
          file.name(), operation.method, path, "application/octet-stream", file.bytes());
    }
    return new Attack("parameters", operation.method, path, "application/json", new byte[0]);
  }

  int addresses() {
    return operations.size();
  }

  private String path(Operation operation) {
    String path = operation.path;
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : operation.says.path("parameters")) {
      String name = parameter.path("name").asText();
      if (parameter.path("in").asText().equals("path")) {
        path = path.replace("{" + name + "}", encoded(value(name)));
      } else if (random.nextInt(3) > 0) {
        query.append(query.isEmpty() ? '?' : '&').append(name).append('=').append(encoded(odd()));
      }
    }
    return path + query;
  }

  private String value(String name) {
    return switch (random.nextInt(6)) {
      case 0 -> odd();
      case 1 -> UUID.randomUUID().toString();
      default ->
          name.equals("entry")
              ? String.valueOf(random.nextInt(5) - 1)
              : name.equals("name") ? "mats.pdf" : ids.get(random.nextInt(ids.size()));
    };
  }

  private String odd() {
    return random.nextBoolean()
        ? SIGNS[random.nextInt(SIGNS.length)]
        : String.valueOf(NUMBERS[random.nextInt(NUMBERS.length)]);
  }

  private static String encoded(String text) {
    String encoded = URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    return encoded.isEmpty() ? "%20" : encoded;
  }

  /** A body as the description asks for it. */
  private JsonNode sample(JsonNode schema, int depth) {
    if (schema.has("$ref")) {
      String[] parts = schema.path("$ref").asText().split("/");
      return sample(description.at("/components/schemas/" + parts[parts.length - 1]), depth);
    }
    for (String any : List.of("oneOf", "anyOf", "allOf")) {
      if (schema.has(any)) {
        return sample(schema.path(any).get(0), depth);
      }
    }
    if (schema.has("enum")) {
      return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
    }
    JsonNodeFactory json = JsonNodeFactory.instance;
    JsonNode type =
        schema.path("type").isArray() ? schema.path("type").get(0) : schema.path("type");
    return switch (type.asText()) {
      case "object" -> object(schema, depth);
      case "array" -> array(schema, depth);
      case "boolean" -> json.booleanNode(random.nextBoolean());
      case "integer" -> json.numberNode(schema.path("minimum").asInt(1) + random.nextInt(3));
      case "number" -> json.numberNode(schema.path("minimum").asDouble(20) + random.nextInt(80));
      default -> json.textNode(text(schema));
    };
  }

  private ObjectNode object(JsonNode schema, int depth) {
    ObjectNode object = JsonNodeFactory.instance.objectNode();
    if (depth < 8) {
      for (Iterator<Map.Entry<String, JsonNode>> all = schema.path("properties").fields();
          all.hasNext(); ) {
        Map.Entry<String, JsonNode> field = all.next();
        object.set(field.getKey(), sample(field.getValue(), depth + 1));
      }
    }
    return object;
  }

  private ArrayNode array(JsonNode schema, int depth) {
    ArrayNode array = JsonNodeFactory.instance.arrayNode();
    int count = Math.max(schema.path("minItems").asInt(0), 1 + random.nextInt(2));
    for (int i = 0; i < count; i++) {
      array.add(sample(schema.path("items"), depth + 1));
    }
    return array;
  }

  private String text(JsonNode schema) {
    return switch (schema.path("format").asText()) {
      case "uuid" -> ids.get(random.nextInt(ids.size()));
      case "date-time" -> "2026-12-04T10:00:00Z";
      case "date" -> "2026-12-04";
      default -> schema.has("pattern") ? "#1d3c6e" : "100% cotton";
    };
  }

  private byte[] spoilt(JsonNode body) {
    int ways = 1 + random.nextInt(2);
    JsonNode now = body;
    for (int i = 0; i < ways; i++) {
      now = changed(now);
    }
    String text = now.toString();
    text =
        switch (random.nextInt(12)) {
          case 0 -> text.substring(0, random.nextInt(text.length() + 1));
          case 1 -> "[".repeat(2000) + text;
          case 2 -> text.replaceFirst("\\{", "{\"version\":0,\"version\":1,");
          case 3 -> text + " ".repeat(600_000);
          case 4 -> text.replaceFirst(":", ":1" + "0".repeat(2000) + ",\"x\":");
          default -> text;
        };
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** One node of it is something else. */
  private JsonNode changed(JsonNode node) {
    if (node.isContainerNode() && node.size() > 0 && random.nextInt(8) > 0) {
      int at = random.nextInt(node.size());
      if (node instanceof ObjectNode object) {
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        String name = names.get(at);
        if (random.nextInt(12) == 0) {
          object.remove(name);
        } else {
          object.set(name, changed(object.get(name)));
        }
        return object;
      }
      ArrayNode array = (ArrayNode) node;
      array.set(at, changed(array.get(at)));
      return array;
    }
    JsonNodeFactory json = JsonNodeFactory.instance;
    return switch (random.nextInt(8)) {
      case 0 -> json.nullNode();
      case 1 -> json.arrayNode().add(node.deepCopy()).add(json.nullNode());
      case 2 -> json.objectNode().put("x", 1);
      case 3 -> many(node);
      case 4 -> json.textNode(SIGNS[random.nextInt(SIGNS.length)]);
      case 5 -> json.booleanNode(true);
      default -> json.numberNode(NUMBERS[random.nextInt(NUMBERS.length)]);
    };
  }

  private ArrayNode many(JsonNode node) {
    ArrayNode many = JsonNodeFactory.instance.arrayNode();
    for (int i = 0; i < 300; i++) {
      many.add(node.deepCopy());
    }
    return many;
  }
}

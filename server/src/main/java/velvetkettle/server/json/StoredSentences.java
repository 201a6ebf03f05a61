package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.quantity.Times;

/**
 * Sentences as stored: the key and each argument with its kind, so that a plan can be read out
 * again in any unit and language.
 */
final class StoredSentences extends SimpleModule {
  private static final long serialVersionUID = 1L;

  StoredSentences() {
    super("stored-sentences");
    addSerializer(new Writer());
    addDeserializer(Sentence.class, new Reader());
  }

  private static final class Writer extends StdSerializer<Sentence> {
    private static final long serialVersionUID = 1L;

    Writer() {
      super(Sentence.class);
    }

    @Override
    public void serialize(Sentence sentence, JsonGenerator json, SerializerProvider provider)
        throws IOException {
      json.writeStartObject();
      json.writeStringField("key", sentence.key());
      json.writeArrayFieldStart("arguments");
      for (Object argument : sentence.arguments()) {
        json.writeStartObject();
        json.writeObjectField(
            kind(argument), argument instanceof Term term ? term.key() : argument);
        json.writeEndObject();
      }
      json.writeEndArray();
      json.writeEndObject();
    }

    private static String kind(Object argument) {
      return argument instanceof Term
          ? "term"
          : argument instanceof String
              ? "text"
              : argument instanceof Integer
                  ? "count"
                  : argument.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }
  }

  private static final class Reader extends StdDeserializer<Sentence> {
    private static final long serialVersionUID = 1L;

    Reader() {
      super(Sentence.class);
    }

    @Override
    public Sentence deserialize(JsonParser json, DeserializationContext context)
        throws IOException {
      return sentence(json.readValueAsTree(), json);
    }

    private static Sentence sentence(JsonNode node, JsonParser json) throws IOException {
      List<Object> arguments = new ArrayList<>();
      for (JsonNode argument : node.path("arguments")) {
        String kind = argument.fieldNames().next();
        arguments.add(argument(kind, argument.get(kind), json));
      }
      return new Sentence(node.path("key").asText(), arguments);
    }

    private static Object argument(String kind, JsonNode value, JsonParser json)
        throws IOException {
      return switch (kind) {
        case "term" -> new Term(value.asText());
        case "text" -> value.asText();
        case "count" -> value.asInt();
        case "celsius" -> Celsius.of(value.asDouble());
        case "kelvin" -> Kelvin.of(value.asDouble());
        case "seconds" -> Seconds.of(value.asDouble());
        case "times" -> Times.of(value.asDouble());
        case "millimetres" -> Millimetres.of(value.asDouble());
        case "kilopascal" -> KiloPascal.of(value.asDouble());
        case "sentence" -> sentence(value, json);
        default -> throw new IOException("a stored sentence carries an unknown " + kind);
      };
    }
  }
}

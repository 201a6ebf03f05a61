package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.datatype.jsr310.deser.InstantDeserializer;
import java.io.IOException;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Text and moments that a database can keep; anything else is refused where it comes in. */
@Component
final class PlainInput extends SimpleModule {
  private static final long serialVersionUID = 1L;
  private static final Instant EARLIEST = Instant.parse("1970-01-01T00:00:00Z");
  private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

  PlainInput() {
    super("plain-input");
    addDeserializer(String.class, new PlainText());
    addDeserializer(Instant.class, new OurTimes());
  }

  private static final class PlainText extends StdScalarDeserializer<String> {
    private static final long serialVersionUID = 1L;

    PlainText() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser json, DeserializationContext context) throws IOException {
      String text = StringDeserializer.instance.deserialize(json, context);
      if (!whole(text)) {
        throw JsonMappingException.from(json, "holds a sign that is no letter. Type it again.");
      }
      return text;
    }

    /** Pairs of surrogates are letters beyond the first plane; halves and NUL are not. */
    private static boolean whole(String text) {
      return text.codePoints().noneMatch(c -> c == 0 || (c >= 0xD800 && c <= 0xDFFF));
    }
  }

  private static final class OurTimes extends StdScalarDeserializer<Instant> {
    private static final long serialVersionUID = 1L;

    OurTimes() {
      super(Instant.class);
    }

    @Override
    public Instant deserialize(JsonParser json, DeserializationContext context) throws IOException {
      Instant moment = InstantDeserializer.INSTANT.deserialize(json, context);
      if (moment.isBefore(EARLIEST) || moment.isAfter(LATEST)) {
        throw JsonMappingException.from(
            json, "lies outside the years 1970 to 2200. Check the date.");
      }
      return moment;
    }
  }
}

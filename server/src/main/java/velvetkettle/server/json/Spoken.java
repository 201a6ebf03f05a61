package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdScalarSerializer;
import java.io.IOException;
import org.springframework.stereotype.Component;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/**
 * Sentences and terms as the browser gets them: in words, in the units that the request asks for.
 */
@Component
final class Spoken extends SimpleModule {
  private static final long serialVersionUID = 1L;

  Spoken(Speech speech) {
    super("spoken");
    addSerializer(
        Sentence.class,
        new StdScalarSerializer<>(Sentence.class) {
          private static final long serialVersionUID = 1L;

          @Override
          public void serialize(Sentence sentence, JsonGenerator json, SerializerProvider provider)
              throws IOException {
            json.writeString(speech.say(sentence, Units.asked()));
          }
        });
    addSerializer(
        Term.class,
        new StdScalarSerializer<>(Term.class) {
          private static final long serialVersionUID = 1L;

          @Override
          public void serialize(Term term, JsonGenerator json, SerializerProvider provider)
              throws IOException {
            json.writeString(speech.say(term));
          }
        });
  }
}

package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdScalarSerializer;
import java.io.IOException;
import java.util.Map;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Times;

/** Quantities as plain numbers: °C, K, s, mm, kPa, g/m², times. */
public final class Quantities extends SimpleModule {
  private static final long serialVersionUID = 1L;

  /** Each quantity with the unit of its number. */
  public static final Map<Class<?>, String> UNITS =
      Map.of(
          Celsius.class, "°C",
          Kelvin.class, "K",
          Seconds.class, "s",
          Millimetres.class, "mm",
          KiloPascal.class, "kPa",
          GramsPerSquareMetre.class, "g/m²",
          Times.class, "times");

  public Quantities() {
    super("quantities");
    number(Celsius.class, Celsius::degrees, Celsius::new);
    number(Kelvin.class, Kelvin::degrees, Kelvin::new);
    number(Seconds.class, Seconds::count, Seconds::new);
    number(Millimetres.class, Millimetres::count, Millimetres::new);
    number(KiloPascal.class, KiloPascal::count, KiloPascal::new);
    number(GramsPerSquareMetre.class, GramsPerSquareMetre::count, GramsPerSquareMetre::new);
    number(Times.class, Times::count, Times::new);
  }

  private <T> void number(Class<T> type, ToDoubleFunction<T> value, DoubleFunction<T> make) {
    addSerializer(type, new Writer<>(type, value));
    addDeserializer(type, new Reader<>(type, make));
  }

  private static final class Writer<T> extends StdScalarSerializer<T> {
    private static final long serialVersionUID = 1L;
    private final transient ToDoubleFunction<T> value;

    Writer(Class<T> type, ToDoubleFunction<T> value) {
      super(type);
      this.value = value;
    }

    @Override
    public void serialize(T quantity, JsonGenerator json, SerializerProvider provider)
        throws IOException {
      json.writeNumber(value.applyAsDouble(quantity));
    }
  }

  private static final class Reader<T> extends StdScalarDeserializer<T> {
    private static final long serialVersionUID = 1L;
    private final transient DoubleFunction<T> make;

    Reader(Class<T> type, DoubleFunction<T> make) {
      super(type);
      this.make = make;
    }

    @Override
    public T deserialize(JsonParser json, DeserializationContext context) throws IOException {
      double value = _parseDoublePrimitive(json, context);
      try {
        return make.apply(value);
      } catch (IllegalArgumentException refused) {
        throw JsonMappingException.from(json, refused.getMessage(), refused);
      }
    }
  }
}

package velvetkettle.server.speech;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.quantity.Times;

/**
 * Says sentences and terms in words. A key without words is an error, never shown to anyone as a
 * key.
 */
@Component
public class Speech {
  private final MessageSource words;

  public Speech(MessageSource words) {
    this.words = words;
  }

  /** A whole sentence, beginning with a capital. */
  public String say(Sentence sentence, Units units) {
    String said = inner(sentence, units);
    return said.isEmpty()
        ? said
        : said.substring(0, 1).toUpperCase(Locale.ENGLISH) + said.substring(1);
  }

  public String say(Term term) {
    return words.getMessage(term.key(), null, Locale.ENGLISH);
  }

  private String inner(Sentence sentence, Units units) {
    Object[] said =
        sentence.arguments().stream().map(argument -> spoken(argument, units)).toArray();
    return words.getMessage(sentence.key(), said, Locale.ENGLISH);
  }

  private Object spoken(Object argument, Units units) {
    if (argument instanceof Term term) {
      return say(term);
    }
    if (argument instanceof Sentence sentence) {
      return inner(sentence, units);
    }
    if (argument instanceof Celsius temperature) {
      return units.fahrenheit()
          ? Math.round(temperature.fahrenheit()) + " °F"
          : Math.round(temperature.degrees()) + " °C";
    }
    if (argument instanceof Kelvin difference) {
      return units.fahrenheit()
          ? Math.round(difference.degrees() * 1.8) + " °F"
          : Math.round(difference.degrees()) + " °C";
    }
    if (argument instanceof Millimetres length) {
      return units.inches() ? "%.2f in".formatted(length.inches()) : number(length.count()) + " mm";
    }
    if (argument instanceof Seconds time) {
      return time(time.count());
    }
    if (argument instanceof Times ratio) {
      return ratio.count() < 9.95
          ? "%.1f times".formatted(ratio.count())
          : Math.round(ratio.count()) + " times";
    }
    if (argument instanceof KiloPascal pressure) {
      return number(pressure.count()) + " kPa";
    }
    return argument;
  }

  private static String time(double seconds) {
    if (seconds >= 3600) {
      return number(seconds / 3600) + " h";
    }
    return seconds > 120
        ? number(Math.round(seconds / 60)) + " min"
        : number(Math.round(seconds)) + " s";
  }

  private static String number(double value) {
    return value == Math.rint(value) ? Long.toString((long) value) : "%.1f".formatted(value);
  }
}

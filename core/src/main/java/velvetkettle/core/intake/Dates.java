package velvetkettle.core.intake;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** When an order is due: days by name, by number and by distance, with a time where one is said. */
final class Dates {
  private static final Pattern ISO = Pattern.compile("\\b(\\d{4})-(\\d{1,2})-(\\d{1,2})\\b");
  private static final Pattern DOTTED = Pattern.compile("\\b(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})?");
  private static final Pattern SLASHED =
      Pattern.compile(
          "(?<![\\d/])(\\d{1,2})/(\\d{1,2})(?:/(\\d{4}))?(?![\\d/%]|\\s*[a-z]*(?:cotton|poly))");
  private static final Pattern DAY_MONTH =
      Pattern.compile("\\b(\\d{1,2})(?:st|nd|rd|th)?(?:\\s+of)?\\s+(" + months() + ")\\b");
  private static final Pattern MONTH_DAY =
      Pattern.compile("\\b(" + months() + ")\\s+(\\d{1,2})(?:st|nd|rd|th)?\\b");
  private static final Pattern THE_DAY = Pattern.compile("\\bthe (\\d{1,2})(?:st|nd|rd|th)\\b");
  private static final Pattern WEEKDAY =
      Pattern.compile(
          "\\b(next )?(mon|tues|tue|wednes|wed|thurs|thu|fri|satur|sat|sun)(?:day)?\\b( week)?");
  private static final Pattern DISTANCE =
      Pattern.compile("\\b(?:in )?([a-z]+|\\d{1,2}) (day|week)s?\\b");
  private static final Pattern WORD = Pattern.compile("\\b[a-z]{5,9}\\b");
  private static final Pattern TIME =
      Pattern.compile(
          "\\b(?:(\\d{1,2}):(\\d{2})|(\\d{1,2})\\s*(am|pm)|(\\d{1,2})\\s*h\\b|(noon))\\b");

  private final Text text;
  private final LocalDate today;

  Dates(Text text, LocalDate today) {
    this.text = text;
    this.today = today;
  }

  private static String months() {
    return "jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?"
        + "|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?";
  }

  private record Day(LocalDate day, int from, int to, boolean sure) {}

  Optional<Said<Intake.Due>> read() {
    Day day = day();
    if (day == null) {
      return Optional.empty();
    }
    text.take(day.from, day.to);
    Matcher time = text.find(TIME);
    LocalTime at = null;
    while (at == null && time.find()) {
      if (text.isFree(time.start(), time.end())) {
        at = time(time);
        text.take(time.start(), time.end());
      }
    }
    return Optional.of(new Said<>(new Intake.Due(day.day, at), day.from, day.to, day.sure));
  }

  private static @Nullable LocalTime time(Matcher said) {
    try {
      if (said.group(6) != null) {
        return LocalTime.NOON;
      }
      if (said.group(5) != null) {
        return LocalTime.of(Integer.parseInt(said.group(5)), 0);
      }
      if (said.group(3) != null) {
        int hour = Integer.parseInt(said.group(3)) % 12;
        return LocalTime.of(said.group(4).equals("pm") ? hour + 12 : hour, 0);
      }
      return LocalTime.of(Integer.parseInt(said.group(1)), Integer.parseInt(said.group(2)));
    } catch (DateTimeException e) {
      return null;
    }
  }

  private @Nullable Day day() {
    Matcher iso = text.find(ISO);
    if (iso.find()) {
      return on(iso, number(iso, 1), number(iso, 2), number(iso, 3), true);
    }
    Matcher dotted = text.find(DOTTED);
    if (dotted.find()) {
      return on(dotted, year(dotted), number(dotted, 2), number(dotted, 1), true);
    }
    Matcher dayMonth = text.find(DAY_MONTH);
    if (dayMonth.find()) {
      return on(dayMonth, 0, month(dayMonth.group(2)), number(dayMonth, 1), true);
    }
    Matcher monthDay = text.find(MONTH_DAY);
    if (monthDay.find()) {
      return on(monthDay, 0, month(monthDay.group(1)), number(monthDay, 2), true);
    }
    Matcher slashed = text.find(SLASHED);
    while (slashed.find()) {
      if (!text.isFree(slashed.start(), slashed.end())) {
        continue;
      }
      Day day = on(slashed, year(slashed), number(slashed, 2), number(slashed, 1), false);
      if (day != null) {
        return day;
      }
    }
    return inWords();
  }

  private @Nullable Day inWords() {
    Matcher eve = text.find(Pattern.compile("christmas eve"));
    if (eve.find()) {
      return on(eve, 0, 12, 24, true);
    }
    Matcher end = text.find(Pattern.compile("end of (?:the|this) month"));
    if (end.find()) {
      return on(end, today.with(TemporalAdjusters.lastDayOfMonth()), true);
    }
    Matcher near = text.find(Pattern.compile("\\b(today|tonight|tomorrow|tmrw|tomorow)\\b"));
    if (near.find()) {
      return on(
          near,
          today.plusDays(
              near.group(1).startsWith("to")
                      && near.group(1).length() < 8
                      && !near.group(1).equals("tomorow")
                  ? 0
                  : 1),
          true);
    }
    Matcher the = text.find(THE_DAY);
    if (the.find()) {
      LocalDate day = today.withDayOfMonth(Math.min(28, number(the, 1)));
      return on(the, day.isBefore(today) ? day.plusMonths(1) : day, true);
    }
    Matcher weekday = text.find(WEEKDAY);
    if (weekday.find()) {
      return on(weekday, weekday(weekday), true);
    }
    Matcher distance = text.find(DISTANCE);
    if (distance.find()) {
      Integer n = Counts.number(distance.group(1));
      if (n != null) {
        return on(
            distance, today.plusDays((long) n * (distance.group(2).equals("week") ? 7 : 1)), true);
      }
    }
    return misspelt();
  }

  private @Nullable Day misspelt() {
    Matcher word = text.find(WORD);
    while (word.find()) {
      for (DayOfWeek each : DayOfWeek.values()) {
        String name = each.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
        if (Lexicon.distance(word.group(), name) == 1) {
          return on(word, today.with(TemporalAdjusters.next(each)), false);
        }
      }
    }
    return null;
  }

  private LocalDate weekday(Matcher said) {
    String begins = said.group(2).substring(0, 3).toUpperCase(Locale.ROOT);
    DayOfWeek day = today.getDayOfWeek();
    for (DayOfWeek each : DayOfWeek.values()) {
      day = each.name().startsWith(begins) ? each : day;
    }
    LocalDate coming = today.with(TemporalAdjusters.next(day));
    if (said.group(1) != null) {
      // Of the week after this one.
      LocalDate monday = today.with(TemporalAdjusters.next(DayOfWeek.MONDAY));
      return monday.with(TemporalAdjusters.nextOrSame(day));
    }
    boolean today7 = said.group(3) != null && day == today.getDayOfWeek();
    return said.group(3) != null && !today7 ? coming.plusDays(7) : coming;
  }

  private @Nullable Day on(Matcher said, int year, int month, int day, boolean sure) {
    try {
      LocalDate date = LocalDate.of(year == 0 ? today.getYear() : year, month, day);
      boolean past = year == 0 && date.isBefore(today);
      return on(said, past ? date.plusYears(1) : date, sure);
    } catch (DateTimeException e) {
      return null;
    }
  }

  private static Day on(Matcher said, LocalDate date, boolean sure) {
    return new Day(date, said.start(), said.end(), sure);
  }

  private static int number(Matcher said, int group) {
    return Integer.parseInt(said.group(group));
  }

  private static int year(Matcher said) {
    return said.group(3) == null ? 0 : Integer.parseInt(said.group(3));
  }

  private static int month(String begins) {
    for (Month month : Month.values()) {
      if (month.name().toLowerCase(Locale.ROOT).startsWith(begins.substring(0, 3))) {
        return month.getValue();
      }
    }
    return 0;
  }
}

package velvetkettle.core.intake;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
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
          "\\b((next )?)(mon|tues|tue|wednes|wed|thurs|thu|fri|satur|sat|sun)(day)?\\b( week)?");
  private static final Pattern NAMED_BEFORE =
      Pattern.compile("\\b(mon|tue|wed|thu|fri|sat|sun)[a-z]{0,6}[,.]?\\s+(?:the\\s+)?$");
  private static final Pattern DISTANCE =
      Pattern.compile("\\b((?:with)?in )?([a-z]+|\\d{1,2}) (day|week)s?\\b");
  private static final Pattern CHRISTMAS_EVE = Pattern.compile("christmas eve");
  private static final Pattern END_OF_MONTH = Pattern.compile("end of (?:the|this) month");
  private static final Pattern TODAY = Pattern.compile("\\b(?:today|tonight)\\b");
  private static final Pattern TOMORROW = Pattern.compile("\\b(?:tomorr?ow|tmrw)\\b");
  private static final Pattern BY =
      Pattern.compile("\\b(?:for|by|on|until|till|due|before|next)\\s+$");
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
    boolean sure = day.sure && !isOtherWeekday(day);
    return Optional.of(new Said<>(new Intake.Due(day.day, at), day.from, day.to, sure));
  }

  /** "Thursday, 4 December" where that is a Friday. */
  private boolean isOtherWeekday(Day day) {
    Matcher before = NAMED_BEFORE.matcher(text.lower().substring(0, day.from));
    return before.find()
        && !day.day.getDayOfWeek().name().toLowerCase(Locale.ROOT).startsWith(before.group(1));
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
    return first(ISO, said -> on(said, number(said, 1), number(said, 2), number(said, 3), true))
        .or(() -> first(DOTTED, said -> dayMonth(said, said.group(3) != null)))
        .or(() -> first(DAY_MONTH, said -> named(said, 1, 2)))
        .or(() -> first(MONTH_DAY, said -> named(said, 2, 1)))
        .or(() -> first(SLASHED, said -> dayMonth(said, false)))
        .or(this::inWords)
        .or(this::misspelt)
        .orElse(null);
  }

  /** The first that is a day and was not read as something else. */
  private Optional<Day> first(Pattern pattern, Function<Matcher, @Nullable Day> read) {
    Matcher said = text.find(pattern);
    while (said.find()) {
      Day day = text.isFree(said.start(), said.end()) ? read.apply(said) : null;
      if (day != null) {
        return Optional.of(day);
      }
    }
    return Optional.empty();
  }

  /** Without a year it may be a number of another kind. */
  private @Nullable Day dayMonth(Matcher said, boolean sure) {
    int year = said.group(3) == null ? 0 : Integer.parseInt(said.group(3));
    return on(said, year, number(said, 2), number(said, 1), sure);
  }

  /** "20 may be enough" is hardly a day. */
  private @Nullable Day named(Matcher said, int day, int month) {
    boolean sure = !said.group(month).equals("may");
    return on(said, 0, month(said.group(month)), number(said, day), sure);
  }

  private Optional<Day> inWords() {
    return first(CHRISTMAS_EVE, said -> on(said, 0, 12, 24, true))
        .or(
            () ->
                first(
                    END_OF_MONTH,
                    said -> on(said, today.with(TemporalAdjusters.lastDayOfMonth()), true)))
        .or(() -> first(TODAY, said -> on(said, today, true)))
        .or(() -> first(TOMORROW, said -> on(said, today.plusDays(1), true)))
        .or(() -> first(THE_DAY, this::theDay))
        .or(() -> first(WEEKDAY, this::weekday))
        .or(() -> first(DISTANCE, this::distance));
  }

  /** The next one that there is: not every month has a 31st. */
  private @Nullable Day theDay(Matcher said) {
    int day = number(said, 1);
    for (YearMonth month = YearMonth.from(today);
        month.isBefore(YearMonth.from(today).plusYears(1));
        month = month.plusMonths(1)) {
      if (month.isValidDay(day) && !month.atDay(day).isBefore(today)) {
        return on(said, month.atDay(day), true);
      }
    }
    return null;
  }

  /** "A two day regatta" is hardly when it is due. */
  private @Nullable Day distance(Matcher said) {
    Integer n = Counts.number(said.group(2));
    return n == null
        ? null
        : on(
            said,
            today.plusDays((long) n * (said.group(3).equals("week") ? 7 : 1)),
            said.group(1) != null);
  }

  private Optional<Day> misspelt() {
    return first(WORD, this::misspelt);
  }

  private @Nullable Day misspelt(Matcher word) {
    for (DayOfWeek each : DayOfWeek.values()) {
      String name = each.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
      if (Lexicon.distance(word.group(), name) == 1) {
        return on(word, today.with(TemporalAdjusters.next(each)), false);
      }
    }
    return null;
  }

  /** A sun and what sat are days only where somebody says by when. */
  private @Nullable Day weekday(Matcher said) {
    boolean brief = said.group(4) == null;
    if (brief
        && !BY.matcher(text.lower().substring(0, said.start())).find()
        && !TIME.matcher(text.lower().substring(said.end())).lookingAt()
        && !TIME.matcher(text.lower().substring(said.end()).stripLeading()).lookingAt()) {
      return null;
    }
    String begins = said.group(3).substring(0, 3).toUpperCase(Locale.ROOT);
    DayOfWeek day = today.getDayOfWeek();
    for (DayOfWeek each : DayOfWeek.values()) {
      day = each.name().startsWith(begins) ? each : day;
    }
    if (said.group(2) != null) {
      // Of the week after this one.
      LocalDate monday = today.with(TemporalAdjusters.next(DayOfWeek.MONDAY));
      return on(said, monday.with(TemporalAdjusters.nextOrSame(day)), true);
    }
    LocalDate coming = today.with(TemporalAdjusters.next(day));
    boolean aWeekLater = said.group(5) != null && day != today.getDayOfWeek();
    return on(said, aWeekLater ? coming.plusDays(7) : coming, true);
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

  private static int month(String begins) {
    for (Month month : Month.values()) {
      if (month.name().toLowerCase(Locale.ROOT).startsWith(begins.substring(0, 3))) {
        return month.getValue();
      }
    }
    return 0;
  }
}

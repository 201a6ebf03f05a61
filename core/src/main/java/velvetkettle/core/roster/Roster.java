package velvetkettle.core.roster;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Who gets a garment of an order, in the order of the list.
 *
 * @param entries up to 1000
 */
public record Roster(List<Entry> entries) {
  public static final int MOST = 1000;

  public Roster {
    entries = List.copyOf(entries);
    if (entries.size() > MOST) {
      throw new ImpossibleValueException("a roster has up to " + MOST + " entries");
    }
  }

  /** How many garments of each size, small before large; sizes that are numbers by their value. */
  public List<Count> sizes() {
    Map<String, Integer> counts = new TreeMap<>(Roster::smallFirst);
    for (Entry entry : entries) {
      counts.merge(entry.size().strip().toUpperCase(Locale.ROOT), 1, Integer::sum);
    }
    counts.remove("");
    return Count.of(counts);
  }

  private static int smallFirst(String a, String b) {
    int byLetter = Integer.compare(place(a), place(b));
    if (byLetter != 0) {
      return byLetter;
    }
    boolean numbers = isNumber(a) && isNumber(b);
    int byValue = numbers ? Integer.compare(Integer.parseInt(a), Integer.parseInt(b)) : 0;
    return byValue != 0 ? byValue : a.compareTo(b);
  }

  private static int place(String size) {
    int place = SizeScale.LETTERED.indexOf(size);
    return place >= 0 ? place : SizeScale.LETTERED.size() + (isNumber(size) ? 0 : 1);
  }

  private static boolean isNumber(String size) {
    return size.matches("[0-9]{1,9}");
  }

  /**
   * How many of each letter and digit have to be cut for all names and numbers, as written: a
   * letter with its accent is one. Spaces are not cut.
   */
  public List<Count> letters() {
    Map<String, Integer> counts = new TreeMap<>();
    for (Entry entry : entries) {
      count(entry.name(), counts);
      count(entry.number(), counts);
    }
    return Count.of(counts);
  }

  private static void count(String text, Map<String, Integer> counts) {
    for (String letter : Lettering.letters(text)) {
      if (!letter.isBlank()) {
        counts.merge(letter, 1, Integer::sum);
      }
    }
  }
}

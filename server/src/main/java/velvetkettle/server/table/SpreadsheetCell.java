package velvetkettle.server.table;

/**
 * Cells of tables that people open in spreadsheets, which take a cell for a formula that begins
 * with {@code = + - @}. Written out, an apostrophe before it makes it text; read, it is taken off
 * again.
 */
public final class SpreadsheetCell {
  private static final String BEGINS_A_FORMULA = "=+-@";

  private SpreadsheetCell() {}

  /** Whether a spreadsheet would compute it. A plain number with a sign is none. */
  public static boolean isFormula(String text) {
    return begins(text, 0) && !text.matches("[+-]\\d+([.,]\\d+)?");
  }

  /** As it can be written without being computed. */
  public static String neutral(String text) {
    return begins(text, 0) || (text.startsWith("'") && begins(text, 1)) ? "'" + text : text;
  }

  /** What {@link #neutral} made of it, undone. */
  public static String plain(String text) {
    boolean quoted = text.startsWith("'") && (begins(text, 1) || text.startsWith("''"));
    return quoted ? text.substring(1) : text;
  }

  private static boolean begins(String text, int at) {
    return text.length() > at && BEGINS_A_FORMULA.indexOf(text.charAt(at)) >= 0;
  }
}

package velvetkettle.server.cut;

import java.util.List;

/**
 * Which part of which design a laid piece is; its id says all three.
 *
 * @param colour as #rrggbb
 * @param copy from 1
 */
record CutPiece(String decoration, String colour, int copy) {
  private static final String BETWEEN = "|";

  String id() {
    return String.join(BETWEEN, decoration, colour, String.valueOf(copy));
  }

  static CutPiece of(String id) {
    List<String> parts = List.of(id.split("\\|"));
    int n = parts.size();
    return new CutPiece(
        String.join(BETWEEN, parts.subList(0, n - 2)),
        parts.get(n - 2),
        Integer.parseInt(parts.get(n - 1)));
  }
}

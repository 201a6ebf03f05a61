package velvetkettle.server.exchange;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The columns of a table of orders, with the headings that they are known by. */
enum OrderColumn {
  CUSTOMER("customer", "for", "client"),
  TITLE("title", "order", "order title"),
  DUE("due", "due date", "needed by"),
  PIECES("pieces", "quantity", "qty", "count"),
  GARMENT("garment", "cloth", "article"),
  LABEL("label", "fibre label", "fibres", "composition"),
  KIND("kind", "garment kind"),
  FABRIC("fabric"),
  COLOUR("colour", "color"),
  DEPTH("depth", "shade"),
  SIZE("size", "for whom"),
  ART("art", "what goes on", "description", "motif"),
  ART_KIND("art kind", "it is a"),
  PLACEMENT("placement", "where", "place"),
  WIDTH("width mm", "width", "art width"),
  HEIGHT("height mm", "height", "art height"),
  LIGHTEST("lightest", "lightest colour", "art colour"),
  PRESS("press");

  /** Without these a line says too little. */
  static final List<OrderColumn> NEEDED = List.of(DUE, PIECES, GARMENT, ART, WIDTH, HEIGHT);

  private final List<String> headings;

  OrderColumn(String... headings) {
    this.headings = List.of(headings);
  }

  /** As it is written out. */
  String heading() {
    return headings.get(0);
  }

  static Optional<OrderColumn> of(String heading) {
    String word = heading.strip().toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(column -> column.headings.contains(word)).findFirst();
  }
}

package velvetkettle.server;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Tickets as the browser sends them. */
public final class TicketForms {
  private TicketForms() {}

  public static Map<String, Object> navyRowingTop(String press) {
    Map<String, Object> form = new LinkedHashMap<>();
    form.put("title", "Harbour Rowers, training tops");
    form.put("customer", "Harbour Rowers");
    form.put("dueAt", "2026-11-26T16:00:00Z");
    form.put("pieces", 20);
    form.put("pressId", press);
    form.put("garment", garment());
    form.put("decorations", List.of(decoration()));
    form.put("version", 0);
    return form;
  }

  public static Map<String, Object> garment() {
    Map<String, Object> garment = new LinkedHashMap<>();
    garment.put("name", "rowing top");
    garment.put("kind", "TOP");
    garment.put("label", "100% polyester");
    garment.put("fabric", "INTERLOCK");
    garment.put("colour", "navy");
    garment.put("depth", "DARK");
    garment.put("hue", "BLUE");
    garment.put("dye", "DISPERSE");
    garment.put("finish", "NONE");
    garment.put("obstacles", List.of());
    garment.put("iron", "UNKNOWN");
    garment.put("size", "ADULT");
    return garment;
  }

  /** A plate press that nobody measured. */
  public static Map<String, Object> press(String name) {
    Map<String, Object> press = new LinkedHashMap<>();
    press.put("name", name);
    press.put("kind", "PLATE_CLAM");
    press.put("platenWidth", 400);
    press.put("platenDepth", 500);
    press.put("measured", false);
    press.put("readsHigh", 0);
    press.put("newtons", null);
    press.put("scale", null);
    press.put("cladInPtfe", false);
    press.put("tips", List.of());
    press.put("version", 0);
    return press;
  }

  public static Map<String, Object> decoration() {
    Map<String, Object> decoration = new LinkedHashMap<>();
    decoration.put("id", "a");
    decoration.put("description", "white lettering across the chest");
    decoration.put("kind", "LETTERING");
    decoration.put("width", 250);
    decoration.put("height", 80);
    decoration.put("colours", 1);
    decoration.put("lightest", "WHITE");
    decoration.put("placement", "CHEST");
    decoration.put("surface", "ANY");
    decoration.put("thinnestStroke", null);
    decoration.put("layered", false);
    decoration.put("stoneSize", null);
    decoration.put("stones", 0);
    decoration.put("medium", null);
    decoration.put("materialId", null);
    return decoration;
  }
}

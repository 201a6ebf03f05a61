package velvetkettle.server.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;

/**
 * Plans and requests as earlier schemas stored them, brought into the present shape as they are
 * read. What is stored is never written anew.
 *
 * <ul>
 *   <li>Up to schema 2 a recipe knew one second press; it is now the only press after the main one.
 *   <li>Up to schema 2 a job knew one press and nothing of the rest of the shop.
 *   <li>Up to schema 3 a plan did not say what its decorations do to each other.
 *   <li>Up to schema 4 a plan did not say where things lie.
 *   <li>Up to schema 5 plans, options, recipes, garments and art had no named parts: all their
 *       fields lay side by side.
 *   <li>Up to schema 6 a step was a sentence and did not say which acts it is made of.
 *   <li>Up to schema 7 what is done at the table was said in the advice of each option.
 * </ul>
 */
final class OlderSchemas {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private OlderSchemas() {}

  static JsonNode plan(JsonNode plan) {
    if (plan.path("schema").asInt() < 3) {
      for (JsonNode decoration : plan.path("decorations")) {
        for (JsonNode option : decoration.path("options")) {
          object(option).putArray("scores");
          recipe(object(option.path("recipe")));
        }
      }
    }
    if (plan.path("schema").asInt() < 4) {
      object(plan).putArray("sequence");
      object(plan).putArray("alternatives");
    }
    if (plan.path("schema").asInt() < 5) {
      object(plan).putArray("placed");
    }
    if (plan.path("schema").asInt() < 6) {
      parts(object(plan));
    }
    if (plan.path("schema").asInt() < 7) {
      for (JsonNode step : plan.path("steps")) {
        object(step).put("round", 1).putArray("acts");
      }
    }
    if (plan.path("schema").asInt() < 8 && plan.path("table").isMissingNode()) {
      table(object(plan));
    }
    return plan;
  }

  /** The lines of what was taken come out of its advice. */
  private static void table(ObjectNode plan) {
    ArrayNode table = plan.putArray("table");
    for (JsonNode decoration : plan.path("decorations")) {
      for (JsonNode option : decoration.path("options")) {
        JsonNode lines = object(option.path("advice")).remove("preparation");
        if (lines != null && option.path("medium").equals(decoration.path("medium"))) {
          for (JsonNode line : lines) {
            ObjectNode step = table.addObject();
            step.set("decoration", decoration.path("decoration"));
            step.set("instruction", line);
            step.putArray("acts");
          }
        }
      }
    }
  }

  private static void parts(ObjectNode plan) {
    for (JsonNode decoration : plan.path("decorations")) {
      for (JsonNode each : decoration.path("options")) {
        ObjectNode option = object(each);
        recipeParts(object(option.path("recipe")));
        part(option, "standing", "reasons", "scores", "order");
        part(option, "advice", "cautions", "preparation", "testFirst");
      }
    }
    rename(plan, "totals", "piece");
    part(plan, "resting", "firstWash", "keepBack");
    part(plan, "effort", "order", "piece");
    part(plan, "together", "sequence", "clash", "alternatives", "placed");
  }

  private static void recipeParts(ObjectNode recipe) {
    rename(recipe, "peel", "when");
    rename(recipe, "peelWait", "waiting");
    part(recipe, "peel", "when", "waiting");
    part(recipe, "setting", "dial", "platen", "time", "pressure");
    part(recipe, "layUp", "cover", "side", "orientation", "cutFace", "glueSide");
    part(recipe, "presses", "drying", "coolBeforePlacing", "before", "after", "positions", "tool");
    part(recipe, "waits", "firstWash", "keepBack");
  }

  /** Moves fields into a part of their own. */
  private static void part(ObjectNode node, String name, String... fields) {
    ObjectNode part = NODES.objectNode();
    for (String field : fields) {
      JsonNode value = node.remove(field);
      if (value != null) {
        part.set(field, value);
      }
    }
    node.set(name, part);
  }

  private static void rename(ObjectNode node, String then, String now) {
    JsonNode value = node.remove(then);
    if (value != null) {
      node.set(now, value);
    }
  }

  private static void recipe(ObjectNode recipe) {
    recipe.putArray("before");
    recipe.putArray("tool");
    ArrayNode after = recipe.putArray("after");
    JsonNode second = recipe.path("secondPress");
    if (second.isObject()) {
      ObjectNode press = after.addObject();
      press.put("kind", "SECOND");
      press.put("side", "FACE");
      press.set("cover", second.path("cover"));
      ObjectNode setting = press.putObject("setting");
      setting.set("dial", recipe.path("dial").path("value"));
      setting.set("platen", recipe.path("platen"));
      setting.set("time", second.path("time"));
      setting.set("pressure", recipe.path("pressure").path("value"));
    }
  }

  static JsonNode request(JsonNode request) {
    if (request.path("shop").isMissingNode()) {
      ObjectNode shop = object(request).putObject("shop");
      shop.putArray("drawer");
      shop.putArray("shelf");
      shop.set("schools", NODES.objectNode().set("kept", NODES.arrayNode()));
      object(request.path("press")).putArray("tips");
    }
    if (request.path("garment").path("cloth").isMissingNode()) {
      part(
          object(request.path("garment")),
          "cloth",
          "blend",
          "fabric",
          "colour",
          "dye",
          "finish",
          "iron",
          "ownWeight");
      for (JsonNode decoration : request.path("decorations")) {
        artParts(object(decoration.path("artwork")));
      }
    }
    return request;
  }

  private static void artParts(ObjectNode art) {
    part(art, "size", "width", "height");
    part(art, "tones", "colours", "lightest");
    part(art, "detail", "thinnestStroke", "layered", "weeding");
    ObjectNode stones = NODES.objectNode();
    stones.set("size", art.remove("stoneSize"));
    stones.set("count", art.remove("stones"));
    art.set("stones", stones);
  }

  /** Throws what {@link StoredJson#read} throws where something else stands in its place. */
  private static ObjectNode object(JsonNode node) {
    if (node instanceof ObjectNode object) {
      return object;
    }
    throw new UncheckedIOException(new IOException("an object is missing"));
  }
}

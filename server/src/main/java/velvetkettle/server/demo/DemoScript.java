package velvetkettle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import velvetkettle.core.shelf.Material;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.press.PressForm;
import velvetkettle.server.roster.RosterEntryForm;

/** The invented shop as written down in {@code demo/shop.json}, still without dates. */
record DemoScript(
    List<PressForm> presses,
    List<GarmentForm> cloths,
    List<Material> materials,
    List<Order> tickets) {
  /** How far a ticket has come. */
  enum Stage {
    CHOOSING,
    CUTTING,
    CUT,
    HALF_PRESSED,
    PRESSED,
    DONE
  }

  /**
   * One order.
   *
   * @param garment the name of one of the cloths
   * @param dueHours open hours from now; negative for what is past
   * @param medium what was taken; null while choosing
   * @param material trade name of the roll or sheet; null where none was named
   * @param batches in how many presses its logged pieces were done
   */
  record Order(
      String title,
      String customer,
      String garment,
      DecorationForm goesOn,
      int pieces,
      String press,
      int dueHours,
      Stage stage,
      @Nullable String medium,
      @Nullable String material,
      int batches,
      @Nullable List<DecorationForm> also,
      @Nullable List<RosterEntryForm> roster) {
    /** All that goes on, the first with the medium and material of the order. */
    List<DecorationForm> decorations(@Nullable UUID materialId) {
      List<DecorationForm> all = new ArrayList<>(List.of(goesOn.with(medium, materialId)));
      all.addAll(also == null ? List.of() : also);
      return all;
    }

    List<RosterEntryForm> names() {
      return roster == null ? List.of() : roster;
    }
  }

  static DemoScript read(StoredJson json) {
    try (InputStream in = new ClassPathResource("demo/shop.json").getInputStream()) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return json.read(new Json(text), DemoScript.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

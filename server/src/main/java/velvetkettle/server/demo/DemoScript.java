package velvetkettle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import velvetkettle.core.log.Observation;
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
   */
  record Order(
      String title,
      String customer,
      String garment,
      GoesOn on,
      int pieces,
      String press,
      int dueHours,
      Progress progress,
      @Nullable List<RosterEntryForm> roster) {
    List<RosterEntryForm> names() {
      return roster == null ? List.of() : roster;
    }
  }

  /**
   * What goes on the garment.
   *
   * @param medium what was taken for the first thing; null while choosing
   * @param material trade name of its roll or sheet; null where none was named
   */
  record GoesOn(
      DecorationForm first,
      @Nullable String medium,
      @Nullable String material,
      @Nullable List<DecorationForm> also) {
    /** All of it, the first with its medium and material. */
    List<DecorationForm> all(@Nullable UUID materialId) {
      List<DecorationForm> all = new ArrayList<>(List.of(first.with(medium, materialId)));
      all.addAll(also == null ? List.of() : also);
      return all;
    }
  }

  /**
   * How far an order has come.
   *
   * @param batches in how many presses its logged pieces were done
   * @param fault what went wrong where something did; null for what goes wrong with most
   * @param restHours how long before it is due it was done, so that its wait ends in time; null for
   *     a day and a little
   */
  record Progress(Stage stage, int batches, @Nullable Fault fault, @Nullable Integer restHours) {
    Fault faultOrUsual() {
      return fault == null
          ? new Fault(Observation.EDGE_LIFTS, "Seam under the edge. Pad moved for the next ones.")
          : fault;
    }

    Duration rest() {
      return Duration.ofHours(restHours == null ? 27 : restHours);
    }
  }

  /** What was seen, and what the maker noted. */
  record Fault(Observation seen, String note) {}

  static DemoScript read(StoredJson json) {
    try (InputStream in = new ClassPathResource("demo/shop.json").getInputStream()) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return json.read(new Json(text), DemoScript.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package velvetkettle.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.shelf.Material;
import velvetkettle.core.shelf.Remnant;
import velvetkettle.server.ShopClock;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.demo.DemoScript.Order;
import velvetkettle.server.demo.DemoScript.Stage;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.log.ClothMemoryService;
import velvetkettle.server.plan.PlanComputing;
import velvetkettle.server.plan.TicketForm;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.press.PressForm;
import velvetkettle.server.press.PressService;
import velvetkettle.server.shelf.MaterialService;

/**
 * Fills the shop by doing what its people would have done, through the same services, each thing at
 * its own moment before now. The same seed and the same now give the same shop.
 */
@Component
class DemoShop {
  static final long SEED = 1907;

  /** The press that every shop begins with becomes the first one of the demo. */
  private static final UUID FIRST_PRESS = UUID.fromString("00000000-0000-4000-8000-000000000001");

  private final PressService presses;
  private final MaterialService materials;
  private final ClothMemoryService memory;
  private final TicketService tickets;
  private final PlanComputing plans;
  private final DemoBench bench;
  private final DemoArt art;
  private final StoredJson json;
  private final ShopClock clock;

  DemoShop(
      PressService presses,
      MaterialService materials,
      ClothMemoryService memory,
      TicketService tickets,
      PlanComputing plans,
      DemoBench bench,
      DemoArt art,
      StoredJson json,
      ShopClock clock) {
    this.presses = presses;
    this.materials = materials;
    this.memory = memory;
    this.tickets = tickets;
    this.plans = plans;
    this.bench = bench;
    this.art = art;
    this.json = json;
    this.clock = clock;
  }

  void load(long seed) {
    Random random = new Random(seed);
    DemoScript script = DemoScript.read(json);
    Instant now = clock.instant();
    Map<String, UUID> pressIds = presses(script.presses(), random);
    Map<String, UUID> materialIds = shelf(script.materials(), random);
    Map<String, GarmentForm> garments = cloths(script.cloths(), random);
    Map<String, UUID> drawings = art.bring(new Random(seed + 1));
    List<DemoBench.Job> jobs = new ArrayList<>();
    for (Order order : script.tickets()) {
      Instant due = WorkingHours.away(now, order.dueHours());
      Duration lead = Duration.ofHours(order.progress().stage() == Stage.DONE ? 120 : 20);
      Instant written = earlier(due.minus(lead), now.minus(Duration.ofHours(4)));
      clock.asOf(
          written,
          () ->
              write(
                  order,
                  garment(garments, order),
                  id(pressIds, order.press()),
                  order.on().material() == null ? null : id(materialIds, order.on().material()),
                  due,
                  random,
                  drawings,
                  jobs));
    }
    bench.press(jobs, now, random);
  }

  private static Instant earlier(Instant a, Instant b) {
    return a.isBefore(b) ? a : b;
  }

  private void write(
      Order order,
      GarmentForm garment,
      UUID press,
      @Nullable UUID material,
      Instant due,
      Random random,
      Map<String, UUID> drawings,
      List<DemoBench.Job> jobs) {
    UUID id = uuid(random);
    tickets.save(
        id,
        new TicketForm(
            order.title(),
            order.customer(),
            due,
            order.pieces(),
            press,
            garment,
            order.on().all(material),
            order.names(),
            0));
    if (order.on().medium() == null) {
      return;
    }
    UUID plan = uuid(random);
    plans.make(id, plan);
    art.choose(id, order, material, drawings);
    if (order.progress().stage() != Stage.CUTTING) {
      tickets.cut(id, true);
      jobs.add(new DemoBench.Job(plan, order, due));
    }
  }

  private Map<String, UUID> presses(List<PressForm> forms, Random random) {
    Map<String, UUID> ids = new HashMap<>();
    for (PressForm form : forms) {
      UUID id = ids.isEmpty() ? FIRST_PRESS : uuid(random);
      presses.save(id, ids.isEmpty() ? form.at(1) : form);
      ids.put(form.name(), id);
    }
    return ids;
  }

  private Map<String, UUID> shelf(List<Material> stock, Random random) {
    Map<String, UUID> ids = new HashMap<>();
    for (Material material : stock) {
      UUID id = uuid(random);
      materials.add(id, used(material, random));
      ids.put(material.name(), id);
    }
    return ids;
  }

  /** What is left of it: some metres of a roll, some sheets, and of film a few remnants. */
  private static Material used(Material fresh, Random random) {
    boolean roll = fresh.rollWidthMillimetres() > 0;
    int left = roll ? 400 + 100 * random.nextInt(90) : 8 + random.nextInt(60);
    List<Remnant> remnants = new ArrayList<>(fresh.remnants());
    for (int n = roll ? random.nextInt(4) : 0; n > 0; n--) {
      double width = Math.min(fresh.rollWidthMillimetres(), 60 + 10.0 * random.nextInt(30));
      remnants.add(
          new Remnant(Millimetres.of(width), Millimetres.of(80 + 10.0 * random.nextInt(42))));
    }
    return fresh.with(left, remnants);
  }

  private Map<String, GarmentForm> cloths(List<GarmentForm> known, Random random) {
    Map<String, GarmentForm> byName = new HashMap<>();
    for (GarmentForm form : known) {
      memory.remember(uuid(random), form);
      byName.put(form.name(), form);
    }
    return byName;
  }

  private static GarmentForm garment(Map<String, GarmentForm> garments, Order order) {
    GarmentForm garment = garments.get(order.garment());
    if (garment == null) {
      throw new IllegalStateException("the demo has no cloth called " + order.garment());
    }
    return garment;
  }

  private static UUID id(Map<String, UUID> ids, String name) {
    UUID id = ids.get(name);
    if (id == null) {
      throw new IllegalStateException("the demo has nothing called " + name);
    }
    return id;
  }

  static UUID uuid(Random random) {
    return new UUID(
        (random.nextLong() & ~0xf000L) | 0x4000L,
        (random.nextLong() & 0x3fffffffffffffffL) | 0x8000000000000000L);
  }
}

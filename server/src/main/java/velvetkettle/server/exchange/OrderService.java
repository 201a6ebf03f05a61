package velvetkettle.server.exchange;

import jakarta.validation.Validator;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.log.ClothMemoryService;
import velvetkettle.server.press.PressService;
import velvetkettle.server.speech.Speech;

/** Tables of orders: read and explained, nothing kept. */
@Service
@Transactional(readOnly = true)
public class OrderService {
  private static final int ALL = 10_000;

  private final ClothMemoryService cloths;
  private final PressService presses;
  private final Speech speech;
  private final Validator validator;

  OrderService(
      ClothMemoryService cloths, PressService presses, Speech speech, Validator validator) {
    this.cloths = cloths;
    this.presses = presses;
    this.speech = speech;
    this.validator = validator;
  }

  /** What a file holds, line by line. */
  public OrderReading reading(byte[] bytes, ZoneId zone) {
    OrderTable table = OrderTable.read(bytes);
    return OrderReading.of(lines(table, zone), table.text().encoding(), table.text().separator());
  }

  List<OrderLine> lines(OrderTable table, ZoneId zone) {
    OrderReader reader = new OrderReader(speech, validator, zone, cloths(), presses());
    List<OrderLine> lines = new ArrayList<>();
    table.lines().forEach(cells -> lines.add(reader.read(cells)));
    Integer broken = table.text().brokenAt();
    if (broken != null) {
      lines.add(
          new OrderLine(
              broken, Map.of(), null, List.of(Sentence.of("orders.broken-quote", broken))));
    }
    return lines;
  }

  private Map<String, GarmentForm> cloths() {
    Map<String, GarmentForm> named = new LinkedHashMap<>();
    cloths
        .page(0, ALL)
        .items()
        .forEach(cloth -> named.putIfAbsent(small(cloth.name()), cloth.garment()));
    return named;
  }

  private Map<String, UUID> presses() {
    Map<String, UUID> named = new LinkedHashMap<>();
    presses.page(0, ALL).items().forEach(p -> named.putIfAbsent(small(p.press().name()), p.id()));
    return named;
  }

  private static String small(String name) {
    return name.toLowerCase(Locale.ROOT);
  }
}

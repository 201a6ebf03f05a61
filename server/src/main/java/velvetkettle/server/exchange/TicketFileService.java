package velvetkettle.server.exchange;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.exchange.TicketFile.KeptPlan;
import velvetkettle.server.exchange.TicketFile.Named;
import velvetkettle.server.exchange.TicketFile.NamedMaterial;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.json.UnreadableException;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.plan.TicketForm;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.press.PressService;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.shelf.MaterialService;

/** Tickets as files: what is written out comes back the same. */
@Service
@Transactional
public class TicketFileService {
  static final int LARGEST = 5_000_000;
  private static final int ALL = 10_000;

  private final TicketService tickets;
  private final PlanService plans;
  private final PressService presses;
  private final MaterialService materials;
  private final StoredJson json;
  private final Validator validator;
  private final ObjectMapper spoken;

  /**
   * @param spoken as it goes to the browser, with sentences in words
   */
  TicketFileService(
      TicketService tickets,
      PlanService plans,
      PressService presses,
      MaterialService materials,
      StoredJson json,
      Validator validator,
      ObjectMapper spoken) {
    this.tickets = tickets;
    this.plans = plans;
    this.presses = presses;
    this.materials = materials;
    this.json = json;
    this.validator = validator;
    this.spoken = spoken;
  }

  @Transactional(readOnly = true)
  public byte[] write(UUID id) {
    TicketView ticket = tickets.ticket(id);
    List<NamedMaterial> named =
        ticket.decorations().stream()
            .map(DecorationForm::materialId)
            .filter(Objects::nonNull)
            .distinct()
            .map(material -> new NamedMaterial(material, materials.material(material).name()))
            .toList();
    KeptPlan plan =
        plans
            .kept(id)
            .map(
                kept ->
                    new KeptPlan(
                        kept.number(),
                        kept.createdAt(),
                        json.tree(kept.request()),
                        json.tree(kept.body())))
            .orElse(null);
    TicketFile file =
        new TicketFile(
            TicketFile.FORMAT,
            TicketFile.VERSION,
            toolsNamed(ticket.form()),
            new Named(ticket.press().name(), named),
            plan);
    return json.pretty(file);
  }

  /** Ids of tools mean nothing to another shop; names may. */
  private TicketForm toolsNamed(TicketForm ticket) {
    List<PressService.PressView> drawer = presses.page(0, ALL).items();
    UnaryOperator<String> name =
        kept ->
            drawer.stream()
                .map(PressService.PressView::press)
                .filter(press -> press.isMeantBy(kept))
                .map(Press::name)
                .findFirst()
                .orElse(kept);
    return ticket.with(ticket.decorations().stream().map(d -> d.toolNamed(name)).toList());
  }

  /** Makes a new ticket of a file; the same id twice makes one. */
  public TicketView read(UUID id, byte[] bytes) {
    if (bytes.length > LARGEST) {
      throw refused("ticket-file.too-large");
    }
    TicketFile file = file(bytes);
    refuseInvalid(file);
    TicketView ticket = tickets.save(id, atHome(file));
    KeptPlan plan = file.plan();
    if (plan != null && ticket.planId() == null) {
      plans.keep(
          id,
          new PlanService.Kept(
              plan.number(),
              plan.createdAt(),
              json.write(plan.request()),
              json.write(plan.plan())));
      refuseUnspeakable(id);
    }
    return tickets.ticket(id);
  }

  /** A plan whose sentences have no words could be kept, but never shown. */
  private void refuseUnspeakable(UUID ticket) {
    try {
      spoken.writeValueAsString(plans.page(ticket, 0, 1));
    } catch (JsonProcessingException e) {
      throw new RefusedException("plan", Sentence.of("ticket-file.no-plan"));
    }
  }

  private TicketFile file(byte[] bytes) {
    try {
      JsonNode tree = json.tree(bytes);
      if (!TicketFile.FORMAT.equals(tree.path("format").asText())) {
        throw refused("ticket-file.other", TicketFile.FORMAT);
      }
      int version = tree.path("version").asInt();
      if (version < 1 || version > TicketFile.VERSION) {
        throw refused("ticket-file.newer", version, TicketFile.VERSION);
      }
      return json.read(tree, TicketFile.class);
    } catch (UnreadableException e) {
      throw refused("ticket-file.unreadable", e.where());
    }
  }

  private void refuseInvalid(TicketFile file) {
    Optional<ConstraintViolation<TicketFile>> wrong =
        validator.validate(file).stream().min((a, b) -> path(a).compareTo(path(b)));
    if (wrong.isPresent()) {
      throw new RefusedException(
          path(wrong.get()),
          Sentence.of("ticket-file.invalid", path(wrong.get()), wrong.get().getMessage()));
    }
  }

  private static String path(ConstraintViolation<TicketFile> wrong) {
    return wrong.getPropertyPath().toString();
  }

  /** With this shop's press and materials: by their ids where they are known, else by name. */
  private TicketForm atHome(TicketFile file) {
    TicketForm ticket = file.ticket();
    List<DecorationForm> decorations =
        ticket.decorations().stream()
            .map(d -> d.with(d.medium(), material(d.materialId(), file.named())))
            .toList();
    UUID press = press(ticket.pressId(), file.named().press());
    return ticket.with(decorations).on(press);
  }

  private UUID press(UUID id, String name) {
    List<PressService.PressView> drawer = presses.page(0, ALL).items();
    return drawer.stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .or(() -> drawer.stream().filter(p -> p.press().name().equals(name)).findFirst())
        .map(PressService.PressView::id)
        .orElseThrow(() -> refused("ticket-file.no-press", name));
  }

  /** Null where the shop has none of that name: the ticket then names no material. */
  private @Nullable UUID material(@Nullable UUID id, Named named) {
    if (id == null) {
      return null;
    }
    List<MaterialService.MaterialView> shelf = materials.page(0, ALL).items();
    String name =
        named.materials().stream()
            .filter(one -> one.id().equals(id))
            .map(NamedMaterial::name)
            .findFirst()
            .orElse("");
    return shelf.stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .or(() -> shelf.stream().filter(one -> one.material().name().equals(name)).findFirst())
        .map(MaterialService.MaterialView::id)
        .orElse(null);
  }

  private static RefusedException refused(String key, Object... arguments) {
    return new RefusedException("", Sentence.of(key, arguments));
  }
}

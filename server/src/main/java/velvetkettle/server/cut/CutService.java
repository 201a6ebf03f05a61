package velvetkettle.server.cut;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.lay.Layouts;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.StockUse;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Turns;
import velvetkettle.server.json.Json;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.plan.TicketService;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.problem.StaleException;
import velvetkettle.server.shelf.MaterialService;

/** What was chosen for the cutting of a ticket, and where its pieces lie. */
@Service
@Transactional
public class CutService {
  private final CutMapper cuts;
  private final TicketService tickets;
  private final ArtService art;
  private final MaterialService materials;
  private final MediaCatalogue media;
  private final CutterService cutter;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;
  private final Turns turns;

  CutService(
      CutMapper cuts,
      TicketService tickets,
      ArtService art,
      MaterialService materials,
      MediaCatalogue media,
      CutterService cutter,
      StoredJson json,
      Owner owner,
      Clock clock,
      Turns turns) {
    this.turns = turns;
    this.cuts = cuts;
    this.tickets = tickets;
    this.art = art;
    this.materials = materials;
    this.media = media;
    this.cutter = cutter;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public CutView cut(UUID ticketId) {
    tickets.ticket(ticketId);
    return cuts.find(owner.name(), ticketId)
        .map(this::view)
        .orElseGet(() -> new CutView(CutForm.EMPTY, null, List.of()));
  }

  /**
   * Keeps what was chosen. The same request twice leaves what one left; a layout of what was chosen
   * before is dropped.
   */
  public CutView save(UUID ticketId, CutForm form) {
    tickets.ticket(ticketId);
    turns.take("cut " + ticketId);
    Optional<CutRow> before = cuts.find(owner.name(), ticketId);
    if (before.isPresent()) {
      CutForm old = form(before.get());
      boolean same = old.designs().equals(form.designs()) && old.lay().equals(form.lay());
      if (same
          && (before.get().version() == form.version() + 1
              || before.get().version() == form.version())) {
        return view(before.get());
      }
    }
    return view(store(ticketId, form, null, before.map(CutRow::version).orElse(0)));
  }

  /** Refuses what names things that are not there. */
  @Transactional(readOnly = true)
  public void refuseImpossible(UUID ticketId, CutForm form) {
    TicketView ticket = tickets.ticket(ticketId);
    form.lay().rules();
    for (CutForm.Design design : form.designs()) {
      if (ticket.decorations().stream().noneMatch(d -> d.id().equals(design.decoration()))) {
        throw new NotFoundException("decoration", design.decoration());
      }
      if (media.find(design.medium()).isEmpty()) {
        throw new RefusedException(
            "designs.medium", Sentence.of("shelf.unknown-medium", design.medium()));
      }
      design.print().page();
      art.view(design.artId());
    }
  }

  private CutRow store(UUID ticketId, CutForm form, @Nullable KeptLayout layout, int current) {
    CutForm next = new CutForm(form.designs(), form.lay(), form.version() + 1);
    CutRow row =
        new CutRow(
            ticketId,
            owner.name(),
            next.version(),
            json.write(next),
            layout == null ? null : json.write(layout),
            clock.instant());
    if (current == 0 && form.version() == 0) {
      cuts.insert(row);
    } else if (cuts.update(row) == 0) {
      throw new StaleException(form.version(), current);
    }
    return row;
  }

  /** Keeps a layout of what was chosen in that version; what was chosen since drops it. */
  public CutView lay(UUID ticketId, int version, KeptLayout layout) {
    turns.take("cut " + ticketId);
    CutRow row = row(ticketId);
    if (row.version() != version) {
      throw new StaleException(version, row.version());
    }
    return view(store(ticketId, form(row), layout, row.version()));
  }

  /**
   * Where a piece is moved to by hand. It stays there even where it cannot be cut, and what is
   * wrong with it is said.
   *
   * @param mat from 0
   */
  public CutView move(
      UUID ticketId, String id, int mat, double x, double y, boolean turned, int version) {
    turns.take("cut " + ticketId);
    CutRow row = row(ticketId);
    if (row.version() != version) {
      throw new StaleException(version, row.version());
    }
    KeptLayout kept = layout(row);
    refuseTaken(kept);
    List<Mat> mats = kept.layout().mats();
    if (mat < 0 || mat >= mats.size()) {
      throw new NotFoundException("mat", mat + 1);
    }
    PlacedPiece moved =
        mats.stream()
            .flatMap(each -> each.pieces().stream())
            .filter(piece -> piece.piece().id().equals(id))
            .findFirst()
            .map(piece -> at(piece, x, y, turned))
            .orElseThrow(() -> new NotFoundException("piece", id));
    List<Mat> now = new ArrayList<>();
    for (int i = 0; i < mats.size(); i++) {
      List<PlacedPiece> pieces = new ArrayList<>(mats.get(i).pieces());
      pieces.removeIf(piece -> piece.piece().id().equals(id));
      if (i == mat) {
        pieces.add(moved);
      }
      now.add(new Mat(mats.get(i).stocks(), pieces));
    }
    CutForm form = form(row);
    Layout layout = Layouts.moved(kept.layout(), now, form.lay().rules());
    return view(store(ticketId, form, kept.with(layout), row.version()));
  }

  private static PlacedPiece at(PlacedPiece piece, double x, double y, boolean turned) {
    double width = turned ? piece.piece().height() : piece.piece().width();
    double height = turned ? piece.piece().width() : piece.piece().height();
    return new PlacedPiece(piece.piece(), new Rectangle(x, y, width, height), turned);
  }

  /** Takes what is cut off the shelf and puts back what is kept; a second time changes nothing. */
  public CutView take(UUID ticketId) {
    turns.take("cut " + ticketId);
    CutRow row = row(ticketId);
    KeptLayout kept = layout(row);
    if (kept.taken()) {
      return view(row);
    }
    refuseWrong(view(row));
    Map<UUID, List<StockUse>> byMaterial = new HashMap<>();
    for (StockUse use : kept.layout().uses()) {
      String material = use.stock().material();
      if (!material.startsWith("#")) {
        byMaterial.computeIfAbsent(UUID.fromString(material), m -> new ArrayList<>()).add(use);
      }
    }
    byMaterial.forEach(
        (id, uses) -> materials.take(id, uses.stream().map(CutService::taken).toList()));
    cutter.used(kept.wear(), kept.layout().mats().size());
    return view(store(ticketId, form(row), kept.whenTaken(), row.version()));
  }

  private static MaterialService.Taken taken(StockUse use) {
    List<MaterialService.Kept> kept =
        use.kept().stream()
            .map(each -> new MaterialService.Kept(each.width(), each.height()))
            .toList();
    return switch (use.stock().kind()) {
      case REMNANT ->
          MaterialService.Taken.remnant(use.stock().width(), use.stock().length(), kept);
      case SHEET -> MaterialService.Taken.left(1, kept);
      case ROLL -> MaterialService.Taken.left((int) Math.ceil(use.length()), kept);
    };
  }

  private static void refuseTaken(KeptLayout kept) {
    if (kept.taken()) {
      throw new RefusedException("layout", Sentence.of("lay.taken"));
    }
  }

  private static void refuseWrong(CutView view) {
    LayoutView layout = view.layout();
    boolean wrong =
        layout == null
            || layout.mats().stream()
                .flatMap(mat -> mat.pieces().stream())
                .anyMatch(piece -> piece.wrong() != null);
    if (wrong) {
      throw new RefusedException("layout", Sentence.of("lay.not-sound"));
    }
  }

  /** The layout as it is kept; refuses where nothing is laid. */
  @Transactional(readOnly = true)
  public KeptLayout layout(UUID ticketId) {
    return layout(row(ticketId));
  }

  private KeptLayout layout(CutRow row) {
    Json layout = row.layout();
    if (layout == null) {
      throw new RefusedException("layout", Sentence.of("lay.nothing"));
    }
    return json.read(layout, KeptLayout.class);
  }

  private CutRow row(UUID ticketId) {
    return cuts.find(owner.name(), ticketId)
        .orElseThrow(() -> new RefusedException("layout", Sentence.of("lay.nothing")));
  }

  private CutForm form(CutRow row) {
    CutForm form = json.read(row.form(), CutForm.class);
    return new CutForm(form.designs(), form.lay(), row.version());
  }

  private CutView view(CutRow row) {
    CutForm form = form(row);
    Json layout = row.layout();
    return new CutView(
        form,
        layout == null ? null : LayoutViews.of(json.read(layout, KeptLayout.class), form),
        form.designs().stream().map(CutForm.Design::artId).distinct().map(art::view).toList());
  }
}

package velvetkettle.server.cut;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cut.wear.CutterPart;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Turns;

/** What the blade and the mat of the shop's cutter have behind them. */
@Service
@Transactional
public class CutterService {
  private final CutterMapper parts;
  private final Owner owner;
  private final Clock clock;
  private final Turns turns;

  CutterService(CutterMapper parts, Owner owner, Clock clock, Turns turns) {
    this.parts = parts;
    this.owner = owner;
    this.clock = clock;
    this.turns = turns;
  }

  @Transactional(readOnly = true)
  public CutterView view() {
    return new CutterView(view(CutterPart.BLADE), view(CutterPart.MAT));
  }

  private CutterView.PartView view(CutterPart part) {
    double wear = wear(part);
    return new CutterView.PartView(part.told(wear), part.isWorn(wear));
  }

  private double wear(CutterPart part) {
    return parts.wear(owner.name(), part).orElse(0.0);
  }

  /** A new one is fitted, or a mat holds again; the same id once more is the same one. */
  public CutterView fitted(CutterPart part, UUID id) {
    parts.insert(new CutterPartRow(id, owner.name(), part, clock.instant(), 0));
    return view();
  }

  /**
   * Something was cut.
   *
   * @param wear of the blade, mm of plain film
   * @param mats that were laden
   */
  void used(double wear, int mats) {
    turns.take("cutter");
    add(CutterPart.BLADE, wear);
    add(CutterPart.MAT, mats);
  }

  private void add(CutterPart part, double wear) {
    if (wear > 0 && parts.add(owner.name(), part, wear) == 0) {
      parts.insert(new CutterPartRow(UUID.randomUUID(), owner.name(), part, clock.instant(), wear));
    }
  }

  /** What to do first where a new blade is reckoned with, and the one in the cutter is none. */
  @Transactional(readOnly = true)
  public Optional<Sentence> unlessNew(boolean wanted) {
    double wear = wear(CutterPart.BLADE);
    if (CutterPart.BLADE.isWorn(wear)) {
      return Optional.of(CutterPart.BLADE.told(wear));
    }
    return wanted && !CutterPart.BLADE.isFresh(wear)
        ? Optional.of(Sentence.of("cut.check.fit-new", CutterPart.BLADE.told(wear)))
        : Optional.empty();
  }
}

package velvetkettle.server.practice;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.practice.Piece;
import velvetkettle.core.practice.Pieces;
import velvetkettle.core.practice.Practice;
import velvetkettle.core.practice.Practised;
import velvetkettle.core.practice.Shift;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.compute.Computing;
import velvetkettle.server.plan.TrialForm;
import velvetkettle.server.plan.TrialService;
import velvetkettle.server.practice.PracticeForm.ShiftMoveForm;
import velvetkettle.server.practice.PracticeForm.ShiftWorkForm;
import velvetkettle.server.press.WorkroomService;
import velvetkettle.server.problem.RefusedException;

/** Plays shifts at a simulated press, in the air of the shop's own room. */
@Component
public class PracticeComputing {
  private static final String THING = "a";
  private static final Press ANY =
      new Press(
          "practice press",
          PressKind.PLATE_SWING,
          Millimetres.of(400),
          Millimetres.of(500),
          Calibration.NONE);

  private final TrialService tickets;
  private final WorkroomService rooms;
  private final Trials trials;
  private final Practice practice;
  private final MediaCatalogue media;
  private final Computing computing;

  /** The same for everybody, once it was asked for. */
  private volatile @Nullable List<PieceView> pieces;

  PracticeComputing(
      TrialService tickets,
      WorkroomService rooms,
      Trials trials,
      MediaCatalogue media,
      Computing computing) {
    this.computing = computing;
    this.media = media;
    this.tickets = tickets;
    this.rooms = rooms;
    this.trials = trials;
    practice = new Practice(trials);
  }

  public List<PieceView> pieces() {
    List<PieceView> known = pieces;
    if (known == null) {
      known =
          computing.compute(
              Pieces.ALL,
              () ->
                  Pieces.ALL.stream()
                      .map(
                          piece -> view(piece.key(), piece.name(), piece.task(), job(piece), THING))
                      .toList());
      pieces = known;
    }
    return known;
  }

  private record OwnPiece(JobRequest job, String thing) {}

  public PieceView piece(TrialForm form) {
    JobRequest job = tickets.job(form);
    Medium medium = pressed(form.medium(), PressKind.PLATE_SWING);
    Decoration thing = job.decoration(form.decoration()).with(form.medium(), null);
    Sentence name =
        Sentence.of("practice.own", thing.artwork().description(), job.garment().name());
    JobRequest alone = job.withDecorations(List.of(thing));
    Sentence task = Sentence.of("practice.own.task", medium.term());
    return computing.compute(
        new OwnPiece(alone, thing.id()), () -> view(null, name, task, alone, thing.id()));
  }

  private PieceView view(
      @Nullable String key, Sentence name, Sentence task, JobRequest job, String thing) {
    Decoration decoration = job.decoration(thing);
    Medium medium = media.find(decoration.medium()).orElseThrow();
    return new PieceView(
        key,
        name,
        task,
        Sentence.of("practice.medium", medium.term()),
        Peeling.hasCarrier(medium),
        job.garment().colour().depth(),
        job.garment().colour().hue(),
        trials.laid(job, thing, medium.key()));
  }

  public Practised play(PracticeForm form) {
    if (!form.kind().setInDegrees()) {
      throw new RefusedException("kind", Sentence.of("practice.no-display", form.kind()));
    }
    if (form.moves().size() > Shift.MOST_MOVES) {
      throw new RefusedException("moves", Sentence.of("practice.too-many-moves", Shift.MOST_MOVES));
    }
    Workroom room = rooms.workroom();
    List<Shift.Move> moves = form.moves().stream().map(move -> move(form, move)).toList();
    Shift shift = new Shift(form.seed(), form.kind(), room, moves);
    return computing.compute(shift, () -> practice.play(shift));
  }

  private Shift.Move move(PracticeForm form, ShiftMoveForm move) {
    ShiftWorkForm work = move.work();
    return new Shift.Move(
        Celsius.of(move.dial()),
        Seconds.of(move.standing()),
        work == null ? null : work(form, work));
  }

  private Shift.Work work(PracticeForm form, ShiftWorkForm work) {
    String key = work.piece();
    if (key != null) {
      Piece piece = Pieces.of(key).orElseThrow(() -> noPiece(key));
      return new Shift.Work(job(piece), THING, piece.medium(), work.settings().settings());
    }
    TrialForm trial =
        Optional.ofNullable(form.trial())
            .orElseThrow(() -> new RefusedException("trial", Sentence.of("practice.no-ticket")));
    pressed(trial.medium(), form.kind());
    return new Shift.Work(
        tickets.job(trial), trial.decoration(), trial.medium(), work.settings().settings());
  }

  private static RefusedException noPiece(String key) {
    return new RefusedException("moves.work.piece", Sentence.of("practice.no-piece", key));
  }

  /** Refuses what such a press does not press. */
  private Medium pressed(String key, PressKind kind) {
    return media
        .find(key)
        .filter(medium -> medium.atPress().by(kind))
        .orElseThrow(
            () ->
                new RefusedException(
                    "trial.medium",
                    media
                        .find(key)
                        .map(medium -> Sentence.of("practice.not-pressed", medium.term()))
                        .orElseGet(() -> Sentence.of("plan.unknown-medium", key))));
  }

  private static JobRequest job(Piece piece) {
    Decoration thing = new Decoration(THING, piece.artwork(), piece.medium(), null, null);
    return new JobRequest(
        piece.garment(), List.of(thing), 1, ANY, null, Shop.BARE, Experience.NONE);
  }
}

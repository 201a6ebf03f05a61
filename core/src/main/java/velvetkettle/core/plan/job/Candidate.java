package velvetkettle.core.plan.job;

import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.place.Placing;
import velvetkettle.core.press.Press;
import velvetkettle.core.shelf.InstructionSheet;

/**
 * One medium weighed for one decoration of a job.
 *
 * @param tool the press that does it, which is not always the one the job is meant for
 */
public record Candidate(JobRequest job, Decoration decoration, Medium medium, Press tool) {
  /** With the tool that the maker settled, or the shop's first that can do it. */
  public static Candidate of(JobRequest job, Decoration decoration, Medium medium) {
    return new Candidate(job, decoration, medium, job.toolFor(decoration, medium));
  }

  /** The same with something else settled for its medium. */
  public Candidate with(OwnSetting settled) {
    return new Candidate(job, decoration.with(medium.key(), settled), medium, tool);
  }

  /** Whether the maker took it. */
  public boolean isTaken() {
    return medium.key().equals(decoration.medium());
  }

  public OwnSetting own() {
    return decoration.own(medium);
  }

  /** The garment with the cloth that it lies on. */
  public Garment garment() {
    return job.garment(decoration);
  }

  /** What is put on what, as its medium sees it. */
  public Work work() {
    return job.work(decoration);
  }

  /** What it is done on and with. */
  public Workplace workplace() {
    return job.workplace(decoration, tool);
  }

  /** What its Stacks are laid up between. */
  public Ground ground() {
    return job.ground(decoration, medium, tool);
  }

  /** Where it lies, and how its tool's platen comes down on it. */
  public Placing placing() {
    return job.placing(decoration, tool);
  }

  /**
   * Whether a steam iron steams for it: the sheet first, then what medium or school want; never on
   * wool.
   */
  public boolean steams() {
    Boolean bySheet = sheet().steam();
    return tool.kind().steams()
        && garment().blend().percent(Fibre.WOOL) == 0
        && (bySheet != null ? bySheet : medium.atPress().steam().on(work()));
  }

  /** The sheet of the material that was named for it; silent where none of its medium was. */
  public InstructionSheet sheet() {
    return decoration.sheet(medium);
  }
}

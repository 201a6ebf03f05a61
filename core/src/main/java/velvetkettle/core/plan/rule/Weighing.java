package velvetkettle.core.plan.rule;

import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.press.Press;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.InstructionSheet;

/**
 * One medium, with the tool it would be pressed by, held against one job.
 *
 * @param positions of the platen that it takes, from 0 where it cannot come down at all
 */
public record Weighing(
    Garment garment,
    Artwork artwork,
    Medium medium,
    InstructionSheet sheet,
    Press press,
    int positions,
    int pieces,
    Schools schools) {
  public static Weighing of(Candidate candidate) {
    JobRequest job = candidate.job();
    return new Weighing(
        candidate.garment(),
        candidate.decoration().artwork(),
        candidate.medium(),
        candidate.sheet(),
        candidate.tool(),
        candidate.placing().positions().size(),
        job.pieces(),
        job.shop().schools());
  }

  /** Whether it is not pressed without steam: its own sheet says so first. */
  boolean needsSteam() {
    Boolean bySheet = sheet.steam();
    return bySheet != null ? bySheet : medium.atPress().steam() == SteamUse.WANTED;
  }
}

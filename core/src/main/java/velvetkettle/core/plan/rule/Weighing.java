package velvetkettle.core.plan.rule;

import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.press.Press;
import velvetkettle.core.school.Schools;

/** One medium, with the tool it would be pressed by, held against one job. */
public record Weighing(
    Garment garment, Artwork artwork, Medium medium, Press press, int pieces, Schools schools) {
  public static Weighing of(Candidate candidate) {
    JobRequest job = candidate.job();
    return new Weighing(
        job.garment(),
        candidate.decoration().artwork(),
        candidate.medium(),
        candidate.tool(),
        job.pieces(),
        job.shop().schools());
  }
}

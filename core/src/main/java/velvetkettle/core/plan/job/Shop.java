package velvetkettle.core.plan.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.Press;
import velvetkettle.core.school.Schools;

/**
 * What the shop has and how it likes to work.
 *
 * @param drawer the presses and tools at hand beside the one the job is for
 * @param shelf what there is of each medium; empty where nothing is known of it
 * @param schools where makers disagree
 */
public record Shop(List<Press> drawer, List<Stock> shelf, Schools schools) {
  public static final Shop BARE = new Shop(List.of(), List.of(), Schools.OURS);

  public Shop {
    drawer = List.copyOf(drawer);
    shelf = List.copyOf(shelf);
  }

  /**
   * The tool for a medium: the one the job is for where that can do it, else the first in the
   * drawer; empty where none can.
   */
  public Optional<Press> toolFor(Medium medium, Press wanted) {
    return able(medium, wanted).findFirst();
  }

  /** The same where it has to steam. */
  Optional<Press> steaming(Medium medium, Press wanted) {
    return able(medium, wanted).filter(press -> press.kind().steams()).findFirst();
  }

  private Stream<Press> able(Medium medium, Press wanted) {
    return Stream.concat(Stream.of(wanted), drawer.stream())
        .filter(press -> medium.atPress().by(press.kind()));
  }
}

package velvetkettle.core.media;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The media that a planner weighs, in the order in which equals are listed.
 *
 * @param all with different keys; {@link IllegalArgumentException} else
 */
public record MediaCatalogue(List<Medium> all) {
  /** Every medium that the trade knows. */
  public static final MediaCatalogue TRADE =
      new MediaCatalogue(
          Stream.of(
                  Films.ALL,
                  Transfers.ALL,
                  TransferPapers.ALL,
                  Sublimations.ALL,
                  Stones.ALL,
                  Webs.ALL,
                  Patches.ALL,
                  Insides.ALL)
              .flatMap(List::stream)
              .toList());

  public MediaCatalogue {
    all = List.copyOf(all);
    if (all.stream().map(Medium::key).distinct().count() < all.size()) {
      throw new IllegalArgumentException("two media have the same key");
    }
  }

  /** The same with one more, last. */
  public MediaCatalogue with(Medium another) {
    return new MediaCatalogue(Stream.concat(all.stream(), Stream.of(another)).toList());
  }

  /** Empty for what is not pressed, for what nobody knows and for null. */
  public Optional<Medium> find(@Nullable String key) {
    return all.stream().filter(medium -> medium.key().equals(key)).findFirst();
  }

  /** {@link IllegalArgumentException} for what is not pressed and for what nobody knows. */
  public Medium get(String key) {
    return find(key).orElseThrow(() -> new IllegalArgumentException("unknown medium: " + key));
  }

  /** Whether dye gas of the cloth does not get through it; false for what nobody knows. */
  public boolean blocksDye(String key) {
    return find(key).filter(medium -> medium.construction().blocksDye()).isPresent();
  }

  /** Whether it is one of these, or the way without heat. */
  public boolean knows(String key) {
    return NoHeat.is(key) || find(key).isPresent();
  }
}

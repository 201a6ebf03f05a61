package velvetkettle.core.heat;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Function;

/**
 * Answers that are remembered; what was asked least lately is forgotten first.
 *
 * <p>An answer is computed while nothing is locked. The cache's own way holds a lock until the
 * answer is there, and stops whoever asks something else that lies beside it: an answer that shares
 * its work out among threads then waits for a thread that waits for it, for ever. Two that ask the
 * same at once may both compute it, which is the lesser harm.
 */
public final class Remembered<K, V> {
  private final Cache<K, V> cache;

  /**
   * @param most answers that are kept
   */
  public Remembered(int most) {
    cache = Caffeine.newBuilder().maximumSize(most).build();
  }

  public V of(K question, Function<K, V> computed) {
    V known = cache.getIfPresent(question);
    if (known == null) {
      known = computed.apply(question);
      cache.put(question, known);
    }
    return known;
  }
}

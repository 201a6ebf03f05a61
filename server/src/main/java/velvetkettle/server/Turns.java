package velvetkettle.server;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/**
 * Lets those that change the same thing at the same moment do it one after the other: each sees
 * what the one before it left, so that the same request twenty times at once is answered like once.
 */
@Mapper
public interface Turns {
  /**
   * Waits until nobody else has the turn; it is given back at the end of the transaction.
   *
   * @param thing what is about to be changed, for example {@code ticket 1d2a5d79-...}
   */
  @Select("select 1 from pg_advisory_xact_lock(hashtextextended(#{thing}, 0))")
  int take(String thing);
}

package velvetkettle.server.demo;

import java.time.Instant;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;

@Mapper
public interface ShopMapper {
  /** Returns 0 where the shop was opened before. */
  @Insert(
      "insert into shop (owner, opened_at, demo) values (#{owner}, #{openedAt}, #{demo})"
          + " on conflict (owner) do nothing")
  int open(String owner, Instant openedAt, boolean demo);
}

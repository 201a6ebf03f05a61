package velvetkettle.server.demo;

import java.time.Instant;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface ShopMapper {
  @Select("select exists (select 1 from shop where owner = #{owner})")
  boolean isOpen(String owner);

  /** Takes away what a first start left that was interrupted; the first press is new again. */
  @Delete(
      """
      with o as (select #{owner}::text as owner),
        events as (delete from run_event where run_id in (select id from run, o where run.owner = o.owner)),
        sums as (delete from learnt using o where learnt.owner = o.owner),
        outcomes as (delete from outcome using o where outcome.owner = o.owner),
        runs as (delete from run using o where run.owner = o.owner),
        plans as (delete from plan using o where plan.owner = o.owner),
        ticks as (delete from roster_done using o where roster_done.owner = o.owner),
        reckonings as (delete from ticket_sum using o where ticket_sum.owner = o.owner),
        cuts as (delete from ticket_cut using o where ticket_cut.owner = o.owner),
        tickets as (delete from ticket using o where ticket.owner = o.owner),
        drawings as (delete from art using o where art.owner = o.owner),
        cloths as (delete from cloth using o where cloth.owner = o.owner),
        presses as (update press set version = 1 from o where press.owner = o.owner and position = 0)
      delete from material using o where material.owner = o.owner
      """)
  void clear(String owner);

  @Insert("insert into shop (owner, opened_at, demo) values (#{owner}, #{openedAt}, #{demo})")
  void open(String owner, Instant openedAt, boolean demo);
}

package velvetkettle.server.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;

@Mapper
public interface OutcomeMapper {
  String COLUMNS =
      "run_id, owner, ticket_id, medium, fabric, main_fibre, good, bad, body, also, logged_at, keep_back_until";

  @Insert(
      "insert into outcome ("
          + COLUMNS
          + ") values (#{runId}, #{owner}, #{ticketId}, #{medium}, #{fabric}, #{mainFibre}, #{good}, #{bad}, #{body}, #{also},"
          + " #{loggedAt}, #{keepBackUntil})")
  void insert(OutcomeRow outcome);

  @Select("select " + COLUMNS + " from outcome where owner = #{owner} and run_id = #{runId}")
  Optional<OutcomeRow> find(String owner, UUID runId);

  @Select(
      "select "
          + COLUMNS
          + " from outcome where owner = #{owner} and ticket_id = #{ticketId}"
          + " order by logged_at desc, run_id limit #{size} offset #{offset}")
  List<OutcomeRow> page(String owner, UUID ticketId, int size, int offset);

  @Select("select count(*) from outcome where owner = #{owner} and ticket_id = #{ticketId}")
  long count(String owner, UUID ticketId);

  @Select(
      "select coalesce(sum(good + bad), 0) from outcome where owner = #{owner} and ticket_id = #{ticketId}")
  int logged(String owner, UUID ticketId);

  /** Counted good and bad pieces of a medium on a kind of cloth. */
  record Count(String medium, Fabric fabric, Fibre mainFibre, int good, int bad) {}

  /** What came out good was good for all media on the piece; a bad one counts for its own. */
  @Select(
      "select medium, fabric, main_fibre, sum(good)::int as good, sum(bad)::int as bad from ("
          + "select medium, fabric, main_fibre, good, bad from outcome where owner = #{owner}"
          + " union all select other, fabric, main_fibre, good, 0 from outcome,"
          + " jsonb_array_elements_text(also) as other where owner = #{owner}) as each"
          + " group by medium, fabric, main_fibre order by medium, fabric, main_fibre")
  List<Count> learnt(String owner);

  /** Pieces of a ticket whose wait ends between the two moments given; the last of them then. */
  record KeptBackRow(
      UUID ticketId, int number, String title, String medium, int pieces, Instant keepBackUntil) {}

  @Select(
      "select o.ticket_id, t.number, t.title, o.medium, sum(o.good)::int as pieces,"
          + " max(o.keep_back_until) as keep_back_until from outcome o join ticket t on t.id = o.ticket_id"
          + " where o.owner = #{owner} and o.good > 0 and o.keep_back_until between #{from} and #{to}"
          + " group by o.ticket_id, t.number, t.title, o.medium"
          + " order by keep_back_until, t.number limit 50")
  List<KeptBackRow> keptBack(String owner, Instant from, Instant to);
}

package velvetkettle.server.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import velvetkettle.core.cloth.ClothKind;

@Mapper
public interface OutcomeMapper {
  String COLUMNS =
      "run_id, owner, ticket_id, medium, cloth, good, bad, body, also, logged_at, keep_back_until";

  @Insert(
      "insert into outcome ("
          + COLUMNS
          + ") values (#{runId}, #{owner}, #{ticketId}, #{medium}, #{cloth}, #{good}, #{bad}, #{body}, #{also},"
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
  record Count(String medium, String cloth, int good, int bad) {
    ClothKind kind() {
      return new ClothKind(cloth);
    }
  }

  @Select(
      "select medium, cloth, good, bad from learnt where owner = #{owner}"
          + " order by medium, cloth")
  List<Count> learnt(String owner);

  /**
   * Adds an outcome to what was learnt. What came out good was good for all media on the piece; a
   * bad one counts for its own.
   */
  @Insert(
      "insert into learnt (owner, medium, cloth, good, bad)"
          + " select #{owner}, medium, #{cloth}, #{good}, bad from ("
          + "select #{medium} as medium, #{bad}::int as bad"
          + " union all select jsonb_array_elements_text(#{also}), 0) as each order by medium"
          + " on conflict (owner, medium, cloth) do update"
          + " set good = learnt.good + excluded.good, bad = learnt.bad + excluded.bad")
  void learn(OutcomeRow outcome);

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

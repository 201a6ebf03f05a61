package velvetkettle.server.run;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface RunMapper {
  String COLUMNS = "id, owner, ticket_id, plan_id, started_at";

  @Insert(
      "insert into run ("
          + COLUMNS
          + ") values (#{id}, #{owner}, #{ticketId}, #{planId}, #{startedAt})"
          + " on conflict (id) do nothing")
  void insert(RunRow run);

  @Select("select " + COLUMNS + " from run where owner = #{owner} and id = #{id}")
  Optional<RunRow> find(String owner, UUID id);

  /**
   * Holds other reports to the same run back until this transaction ends, so that sequences have no
   * gap.
   */
  @Select("select " + COLUMNS + " from run where owner = #{owner} and id = #{id} for update")
  Optional<RunRow> lock(String owner, UUID id);

  @Select(
      "select "
          + COLUMNS
          + " from run where owner = #{owner} and ticket_id = #{ticketId}"
          + " order by started_at desc, id limit #{size} offset #{offset}")
  List<RunRow> page(String owner, UUID ticketId, int size, int offset);

  @Select("select count(*) from run where owner = #{owner} and ticket_id = #{ticketId}")
  long count(String owner, UUID ticketId);

  @Insert(
      "insert into run_event (run_id, sequence, client_event_id, kind, step, client_at, received_at) values"
          + " (#{runId}, #{sequence}, #{clientEventId}, #{kind}, #{step}, #{clientAt}, #{receivedAt})"
          + " on conflict (run_id, client_event_id) do nothing")
  int append(RunEventRow event);

  @Select(
      "select run_id, sequence, client_event_id, kind, step, client_at, received_at from run_event"
          + " where run_id = #{runId} order by sequence")
  List<RunEventRow> events(UUID runId);
}

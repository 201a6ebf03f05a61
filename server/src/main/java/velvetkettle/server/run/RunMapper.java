package velvetkettle.server.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface RunMapper {
  String COLUMNS =
      "id, owner, ticket_id, plan_id, started_at, steps, progress, reported,"
          + " exists (select 1 from outcome where outcome.run_id = run.id) as logged";

  String EVENT =
      "run_id, sequence, client_event_id, kind, piece, step, seconds, screen, client_at, received_at";

  @Insert(
      "insert into run (id, owner, ticket_id, plan_id, started_at, steps, progress, reported)"
          + " values (#{id}, #{owner}, #{ticketId}, #{planId}, #{startedAt}, #{steps}, #{progress}, #{reported})"
          + " on conflict (id) do nothing")
  void insert(RunRow run);

  @Select("select " + COLUMNS + " from run where owner = #{owner} and id = #{id}")
  Optional<RunRow> find(String owner, UUID id);

  /**
   * Holds other reports to the same run back until this transaction ends, so that sequences have no
   * gap. What only names the run goes on.
   */
  @Select("select " + COLUMNS + " from run where owner = #{owner} and id = #{id} for no key update")
  Optional<RunRow> lock(String owner, UUID id);

  @Select(
      "select "
          + COLUMNS
          + " from run where owner = #{owner} and ticket_id = #{ticketId}"
          + " order by started_at desc, id limit #{size} offset #{offset}")
  List<RunRow> page(String owner, UUID ticketId, int size, int offset);

  @Select("select count(*) from run where owner = #{owner} and ticket_id = #{ticketId}")
  long count(String owner, UUID ticketId);

  /**
   * Adds those that are not there yet, numbered on from the last; returns the ids of those added.
   */
  @Select(
      value =
          """
          <script>
          insert into run_event
            (run_id, sequence, client_event_id, kind, piece, step, seconds, screen, client_at, received_at)
          select #{runId}, #{last} + row_number() over (order by n), id, kind, piece, step, seconds, screen, at, #{now}
          from (values
            <foreach item="e" index="n" collection="events" separator=",">
              (#{n}::int, #{e.id}::uuid, #{e.kind}::text, #{e.piece}::int, #{e.step}::int, #{e.seconds}::int,
                #{e.screen}::uuid, #{e.at}::timestamptz)
            </foreach>
          ) as sent (n, id, kind, piece, step, seconds, screen, at)
          where not exists (select 1 from run_event where run_id = #{runId} and client_event_id = sent.id)
          returning client_event_id
          </script>
          """,
      affectData = true)
  List<UUID> append(UUID runId, int last, List<RunEventForm> events, Instant now);

  /** Where it stands by now. */
  @Update(
      "update run set steps = #{steps}, progress = #{progress}, reported = #{reported} where id = #{id}")
  void tell(RunRow run);

  /**
   * Who presses has cut; who has pressed all that was left has to look at it. A ticket of which all
   * is logged stays where it is.
   */
  @Update(
      """
      update ticket set station = now.station, updated_at = #{now}
      from (
        select t.id, t.pieces - logged.pieces as left_over,
          case when #{finished} >= t.pieces - logged.pieces then 'CHECK' else 'PRESS' end as station
        from ticket t,
          lateral (select coalesce(sum(good + bad), 0) as pieces from outcome where ticket_id = t.id) as logged
        where t.id = #{ticketId}
      ) as now
      where ticket.id = now.id and now.left_over > 0 and ticket.station is distinct from now.station
      """)
  void moveTicket(UUID ticketId, int finished, Instant now);

  /** What was reported under the ids given, to be compared with what is reported again. */
  @Select(
      "<script>select "
          + EVENT
          + " from run_event where run_id = #{runId} and client_event_id in"
          + " <foreach item='id' collection='ids' open='(' separator=',' close=')'>#{id}</foreach></script>")
  List<RunEventRow> reported(UUID runId, List<UUID> ids);

  @Select("select " + EVENT + " from run_event where run_id = #{runId} order by sequence")
  List<RunEventRow> events(UUID runId);

  @Select(
      "select "
          + EVENT
          + " from run_event where run_id = #{runId} order by sequence limit #{size} offset #{offset}")
  List<RunEventRow> pageOfEvents(UUID runId, int size, int offset);
}

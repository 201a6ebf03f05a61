package velvetkettle.server.plan;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
public interface TicketMapper {
  String COLUMNS =
      "id, owner, number, title, customer, due_at, pieces, press_id, station, garment, decorations, roster, search,"
          + " version, created_at, updated_at";

  /** Numbers run on for each owner; the lock keeps two new tickets from taking the same one. */
  @Select("select 1 from pg_advisory_xact_lock(hashtext('ticket ' || #{owner}))")
  int lockNumbers(String owner);

  @Select("select coalesce(max(number), 100) + 1 from ticket where owner = #{owner}")
  int nextNumber(String owner);

  @Insert(
      "insert into ticket ("
          + COLUMNS
          + ") values (#{id}, #{owner}, #{number}, #{title}, #{customer}, #{dueAt}, #{pieces}, #{pressId}, #{station},"
          + " #{garment}, #{decorations}, #{roster}, #{search}, #{version}, #{createdAt}, #{updatedAt})")
  void insert(TicketRow ticket);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update ticket set title = #{title}, customer = #{customer}, due_at = #{dueAt}, pieces = #{pieces},"
          + " press_id = #{pressId}, station = #{station}, garment = #{garment}, decorations = #{decorations},"
          + " roster = #{roster},"
          + " search = #{search}, version = #{version}, updated_at = #{updatedAt}"
          + " where id = #{id} and owner = #{owner} and version = #{version} - 1")
  int update(TicketRow ticket);

  @Update(
      "update ticket set station = #{station}, updated_at = #{now} where owner = #{owner} and id = #{id}")
  void moveTo(String owner, UUID id, Station station, Instant now);

  @Select("select " + COLUMNS + " from ticket where owner = #{owner} and id = #{id}")
  Optional<TicketRow> find(String owner, UUID id);

  /** The newest one; its number is the highest. */
  @Select("select " + COLUMNS + " from ticket where owner = #{owner} order by number desc limit 1")
  Optional<TicketRow> last(String owner);

  /** Holds others that change what hangs on a ticket back until this transaction ends. */
  @Select(
      "select " + COLUMNS + " from ticket where owner = #{owner} and id = #{id} for no key update")
  Optional<TicketRow> lock(String owner, UUID id);

  /** Only what is asked for is looked at, so that each question finds its index. */
  String ASKED =
      """
      from ticket where owner = #{owner}
      <if test="pattern != '%%'">and search ilike #{pattern}</if>
      <if test="station != null">and station = #{station}</if>
      <if test="open">and (station = 'DONE') = false</if>
      """;

  @Select(
      "<script>select "
          + COLUMNS
          + " "
          + ASKED
          + """
          order by <if test="station == null">station = 'DONE',</if> due_at, number
          limit #{size} offset #{offset}
          </script>
          """)
  List<TicketRow> page(
      String owner, String pattern, @Nullable Station station, boolean open, int size, int offset);

  @Select("<script>select count(*) " + ASKED + "</script>")
  long count(String owner, String pattern, @Nullable Station station, boolean open);
}

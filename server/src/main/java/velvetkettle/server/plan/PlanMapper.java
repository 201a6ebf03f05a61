package velvetkettle.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface PlanMapper {
  String COLUMNS = "id, owner, ticket_id, number, schema, rules, request, body, created_at";

  /** Plans are added, never changed. */
  @Insert(
      "insert into plan ("
          + COLUMNS
          + ") values (#{id}, #{owner}, #{ticketId}, #{number}, #{schema}, #{rules}, #{request}, #{body}, #{createdAt})")
  void insert(PlanRow plan);

  @Select("select " + COLUMNS + " from plan where owner = #{owner} and id = #{id}")
  Optional<PlanRow> find(String owner, UUID id);

  @Select(
      "select "
          + COLUMNS
          + " from plan where owner = #{owner} and ticket_id = #{ticketId} order by number desc limit 1")
  Optional<PlanRow> newest(String owner, UUID ticketId);

  @Select(
      "select "
          + COLUMNS
          + " from plan where owner = #{owner} and ticket_id = #{ticketId} order by number desc limit #{size} offset #{offset}")
  List<PlanRow> page(String owner, UUID ticketId, int size, int offset);

  @Select("select count(*) from plan where owner = #{owner} and ticket_id = #{ticketId}")
  int count(String owner, UUID ticketId);
}

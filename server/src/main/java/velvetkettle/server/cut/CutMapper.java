package velvetkettle.server.cut;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface CutMapper {
  @Insert(
      "insert into ticket_cut (ticket_id, owner, version, form, layout, updated_at)"
          + " values (#{ticketId}, #{owner}, #{version}, #{form}, #{layout}, #{updatedAt})")
  void insert(CutRow row);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update ticket_cut set version = #{version}, form = #{form}, layout = #{layout},"
          + " updated_at = #{updatedAt}"
          + " where ticket_id = #{ticketId} and owner = #{owner} and version = #{version} - 1")
  int update(CutRow row);

  @Select(
      "select ticket_id, owner, version, form, layout, updated_at from ticket_cut"
          + " where owner = #{owner} and ticket_id = #{ticketId}")
  Optional<CutRow> find(String owner, UUID ticketId);
}

package velvetkettle.server.cut.sum;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface SumMapper {
  @Insert(
      "insert into ticket_sum (ticket_id, decoration, kind, owner, version, form, updated_at)"
          + " values (#{ticketId}, #{decoration}, #{kind}, #{owner}, #{version}, #{form},"
          + " #{updatedAt})")
  void insert(SumRow row);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update ticket_sum set version = #{version}, form = #{form}, updated_at = #{updatedAt}"
          + " where ticket_id = #{ticketId} and decoration = #{decoration} and kind = #{kind}"
          + " and owner = #{owner} and version = #{version} - 1")
  int update(SumRow row);

  @Select(
      "select ticket_id, decoration, kind, owner, version, form, updated_at from ticket_sum"
          + " where owner = #{owner} and ticket_id = #{ticketId} and decoration = #{decoration}"
          + " and kind = #{kind}")
  Optional<SumRow> find(String owner, UUID ticketId, String decoration, SumKind kind);
}

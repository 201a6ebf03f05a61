package velvetkettle.server.roster;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface RosterDoneMapper {
  @Insert(
      "insert into roster_done (owner, ticket_id, entry, done_at)"
          + " values (#{owner}, #{ticketId}, #{entry}, #{at}) on conflict do nothing")
  void tick(String owner, UUID ticketId, String entry, Instant at);

  @Delete(
      "delete from roster_done where owner = #{owner} and ticket_id = #{ticketId} and entry = #{entry}")
  void untick(String owner, UUID ticketId, String entry);

  @Select("select entry from roster_done where owner = #{owner} and ticket_id = #{ticketId}")
  List<String> done(String owner, UUID ticketId);
}

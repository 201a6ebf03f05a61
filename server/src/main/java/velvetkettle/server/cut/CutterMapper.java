package velvetkettle.server.cut;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import velvetkettle.core.cut.wear.CutterPart;

@Mapper
public interface CutterMapper {
  /** An id that is there stays as it is. */
  @Insert(
      "insert into cutter_part (id, owner, part, fitted_at, wear)"
          + " values (#{id}, #{owner}, #{part}, #{fittedAt}, #{wear}) on conflict (id) do nothing")
  void insert(CutterPartRow row);

  /** Of the one that was fitted last. */
  @Select(
      "select wear from cutter_part where owner = #{owner} and part = #{part}"
          + " order by fitted_at desc, id limit 1")
  Optional<Double> wear(String owner, CutterPart part);

  /** Returns 0 where none was fitted yet. */
  @Update(
      "update cutter_part set wear = wear + #{wear} where id = (select id from cutter_part"
          + " where owner = #{owner} and part = #{part} order by fitted_at desc, id limit 1)")
  int add(String owner, CutterPart part, double wear);
}

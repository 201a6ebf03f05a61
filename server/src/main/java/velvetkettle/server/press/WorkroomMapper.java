package velvetkettle.server.press;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface WorkroomMapper {
  @Select("select owner, air_c, humidity, version from workroom where owner = #{owner}")
  Optional<WorkroomRow> find(String owner);

  /** Returns 0 where there is a row already. */
  @Insert(
      "insert into workroom (owner, air_c, humidity, version)"
          + " values (#{owner}, #{airC}, #{humidity}, #{version}) on conflict (owner) do nothing")
  int insert(WorkroomRow row);

  /** Returns 0 where the row is no longer the version before. */
  @Update(
      "update workroom set air_c = #{airC}, humidity = #{humidity}, version = #{version}"
          + " where owner = #{owner} and version = #{version} - 1")
  int update(WorkroomRow row);
}

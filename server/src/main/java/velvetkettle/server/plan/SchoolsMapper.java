package velvetkettle.server.plan;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface SchoolsMapper {
  @Select("select owner, kept, version from schools where owner = #{owner}")
  Optional<SchoolsRow> find(String owner);

  /** Returns 0 where there is a row already. */
  @Insert(
      "insert into schools (owner, kept, version) values (#{owner}, #{kept}, #{version})"
          + " on conflict (owner) do nothing")
  int insert(SchoolsRow row);

  /** Returns 0 where the row is no longer the version before. */
  @Update(
      "update schools set kept = #{kept}, version = #{version}"
          + " where owner = #{owner} and version = #{version} - 1")
  int update(SchoolsRow row);
}

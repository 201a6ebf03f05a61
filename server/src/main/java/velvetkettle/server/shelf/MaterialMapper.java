package velvetkettle.server.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface MaterialMapper {
  @Insert(
      "insert into material (id, owner, position, body, version)"
          + " values (#{id}, #{owner}, #{position}, #{body}, #{version})")
  void insert(MaterialRow material);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update material set body = #{body}, version = #{version}"
          + " where id = #{id} and owner = #{owner} and version = #{version} - 1")
  int update(MaterialRow material);

  @Select(
      "select id, owner, position, body, version from material"
          + " where owner = #{owner} and id = #{id}")
  Optional<MaterialRow> find(String owner, UUID id);

  @Select(
      "select id, owner, position, body, version from material where owner = #{owner} and not gone"
          + " order by position, id limit #{size} offset #{offset}")
  List<MaterialRow> page(String owner, int size, int offset);

  /** Takes it away; it stays for the tickets that name it. */
  @Update("update material set gone = true where owner = #{owner} and id = #{id}")
  void remove(String owner, UUID id);

  /** False where there never was one. */
  @Select("select exists (select 1 from material where owner = #{owner} and id = #{id} and gone)")
  boolean isGone(String owner, UUID id);

  @Select("select count(*) from material where owner = #{owner} and not gone")
  long count(String owner);
}

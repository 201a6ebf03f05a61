package velvetkettle.server.cloth;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import velvetkettle.server.json.Json;

@Mapper
public interface ClothMapper {
  /** Adds a cloth, unless the very same one is known already. */
  @Insert(
      "insert into cloth (id, owner, position, name, garment, version)"
          + " select #{id}, #{owner}, #{position}, #{name}, #{garment}, #{version}"
          + " where not exists (select 1 from cloth where owner = #{owner} and garment = #{garment})")
  int remember(ClothRow cloth);

  @Select(
      "select id, owner, position, name, garment, version from cloth where owner = #{owner}"
          + " order by position, name limit #{size} offset #{offset}")
  List<ClothRow> page(String owner, int size, int offset);

  @Select(
      "select id, owner, position, name, garment, version from cloth"
          + " where owner = #{owner} and garment = #{garment}")
  Optional<ClothRow> same(String owner, Json garment);

  @Select(
      "select id, owner, position, name, garment, version from cloth"
          + " where owner = #{owner} and id = #{id}")
  Optional<ClothRow> find(String owner, UUID id);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update cloth set name = #{name}, garment = #{garment}, version = #{version}"
          + " where id = #{id} and owner = #{owner} and version = #{version} - 1")
  int update(ClothRow cloth);

  @Delete("delete from cloth where owner = #{owner} and id = #{id}")
  void remove(String owner, UUID id);

  @Select("select count(*) from cloth where owner = #{owner}")
  long count(String owner);
}

package velvetkettle.server.cloth;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import velvetkettle.server.json.Json;

@Mapper
public interface ClothMapper {
  /** Adds a cloth, unless the very same one is known already. */
  @Insert(
      "insert into cloth (id, owner, position, name, fabric, main_fibre, garment)"
          + " select #{id}, #{owner}, #{position}, #{name}, #{fabric}, #{mainFibre}, #{garment}"
          + " where not exists (select 1 from cloth where owner = #{owner} and garment = #{garment})")
  int remember(ClothRow cloth);

  @Select(
      "select id, owner, position, name, fabric, main_fibre, garment from cloth where owner = #{owner}"
          + " order by position, name limit #{size} offset #{offset}")
  List<ClothRow> page(String owner, int size, int offset);

  @Select(
      "select id, owner, position, name, fabric, main_fibre, garment from cloth"
          + " where owner = #{owner} and garment = #{garment}")
  Optional<ClothRow> find(String owner, Json garment);

  @Select("select count(*) from cloth where owner = #{owner}")
  long count(String owner);
}

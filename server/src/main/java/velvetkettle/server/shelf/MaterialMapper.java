package velvetkettle.server.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface MaterialMapper {
  @Insert(
      "insert into material (id, owner, position, body) values (#{id}, #{owner}, #{position}, #{body})")
  void insert(MaterialRow material);

  @Select("select id, owner, position, body from material where owner = #{owner} and id = #{id}")
  Optional<MaterialRow> find(String owner, UUID id);

  @Select(
      "select id, owner, position, body from material where owner = #{owner}"
          + " order by position limit #{size} offset #{offset}")
  List<MaterialRow> page(String owner, int size, int offset);

  @Select("select count(*) from material where owner = #{owner}")
  long count(String owner);
}

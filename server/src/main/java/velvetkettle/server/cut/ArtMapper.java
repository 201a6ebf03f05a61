package velvetkettle.server.cut;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
public interface ArtMapper {
  /** An id that is there stays as it is. */
  @Insert(
      "insert into art (id, owner, name, source, created_at)"
          + " values (#{id}, #{owner}, #{name}, #{source}, #{createdAt}) on conflict (id) do nothing")
  void insert(ArtRow art);

  @Select(
      "select id, owner, name, source, created_at from art where owner = #{owner} and id = #{id}")
  Optional<ArtRow> find(String owner, UUID id);

  /** A drawing by its name only. */
  record Named(UUID id, String name) {}

  @Select(
      "select id, name from art where owner = #{owner} order by created_at desc, id"
          + " limit #{size} offset #{offset}")
  List<Named> page(String owner, int size, int offset);

  @Select("select count(*) from art where owner = #{owner}")
  long count(String owner);
}

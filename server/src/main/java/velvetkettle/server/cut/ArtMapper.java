package velvetkettle.server.cut;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import velvetkettle.server.json.Json;

@Mapper
public interface ArtMapper {
  /** An id that is there stays as it is. */
  @Insert(
      "insert into art (id, owner, name, source, created_at, reading, read_as, again_of) values"
          + " (#{id}, #{owner}, #{name}, #{source}, #{createdAt}, #{reading}, #{readAs}, #{againOf}) on conflict (id) do nothing")
  void insert(ArtRow art);

  @Select(
      "select id, owner, name, source, created_at, reading, read_as, again_of from art where owner = #{owner} and id = #{id}")
  Optional<ArtRow> find(String owner, UUID id);

  @Select("select exists (select 1 from art where owner = #{owner} and id = #{id})")
  boolean has(String owner, UUID id);

  /** Whether the file that is kept is this one. */
  @Select(
      "select exists (select 1 from art where owner = #{owner} and id = #{id} and source = #{source})")
  boolean is(String owner, UUID id, byte[] source);

  /** What was read of it, without the file. */
  @Select("select reading from art where owner = #{owner} and id = #{id} and reading is not null")
  Optional<Json> reading(String owner, UUID id);

  @Select("select id, name from art where owner = #{owner} and reading is null")
  List<Named> unread(String owner);

  @Update("update art set reading = #{reading} where owner = #{owner} and id = #{id}")
  void read(String owner, UUID id, Json reading);

  /** A drawing by its name only. */
  record Named(UUID id, String name) {}

  /** The reading of a drawing in a way, where there is one. */
  @Select(
      "select id from art where owner = #{owner} and again_of = #{of} and read_as = #{readAs}"
          + " order by created_at limit 1")
  Optional<UUID> again(String owner, UUID of, Json readAs);

  /** Each drawing once, however it was read. */
  @Select(
      "select id, name from art where owner = #{owner} and again_of is null order by created_at desc, id"
          + " limit #{size} offset #{offset}")
  List<Named> page(String owner, int size, int offset);

  @Select("select count(*) from art where owner = #{owner} and again_of is null")
  long count(String owner);
}

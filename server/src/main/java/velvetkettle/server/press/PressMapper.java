package velvetkettle.server.press;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface PressMapper {
  String COLUMNS =
      "id, owner, name, kind, platen_width_mm, platen_depth_mm, reads_high_k, give_or_take_k, measured, contact,"
          + " contact_times, places, measured_on, newtons,"
          + " scale, clad_in_ptfe, tips, lower_side, position, version";

  @Insert(
      "insert into press ("
          + COLUMNS
          + ") values (#{id}, #{owner}, #{name}, #{kind}, #{platenWidthMm}, #{platenDepthMm}, #{readsHighK},"
          + " #{giveOrTakeK}, #{measured}, #{contact}, #{contactTimes}, #{places}, #{measuredOn}, #{newtons}, #{scale}, #{cladInPtfe}, #{tips}, #{lowerSide}, #{position},"
          + " #{version})")
  void insert(PressRow press);

  /** Returns 0 where the row has moved on from the version before. */
  @Update(
      "update press set name = #{name}, kind = #{kind}, platen_width_mm = #{platenWidthMm},"
          + " platen_depth_mm = #{platenDepthMm}, reads_high_k = #{readsHighK}, give_or_take_k = #{giveOrTakeK},"
          + " measured = #{measured}, contact = #{contact}, contact_times = #{contactTimes},"
          + " places = #{places}, measured_on = #{measuredOn}, newtons = #{newtons}, scale = #{scale}, clad_in_ptfe = #{cladInPtfe},"
          + " tips = #{tips}, lower_side = #{lowerSide}, version = #{version}"
          + " where id = #{id} and owner = #{owner} and version = #{version} - 1")
  int update(PressRow press);

  @Select("select " + COLUMNS + " from press where owner = #{owner} and id = #{id}")
  Optional<PressRow> find(String owner, UUID id);

  @Select(
      "select "
          + COLUMNS
          + " from press where owner = #{owner} and not gone order by position, name limit #{size} offset #{offset}")
  List<PressRow> page(String owner, int size, int offset);

  /** Takes it away; it stays for the tickets that name it. */
  @Update("update press set gone = true where owner = #{owner} and id = #{id}")
  void remove(String owner, UUID id);

  /** False where there never was one. */
  @Select("select exists (select 1 from press where owner = #{owner} and id = #{id} and gone)")
  boolean isGone(String owner, UUID id);

  @Select("select count(*) from press where owner = #{owner} and not gone")
  long count(String owner);
}

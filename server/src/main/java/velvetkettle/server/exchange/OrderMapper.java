package velvetkettle.server.exchange;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import velvetkettle.server.json.Json;
import velvetkettle.server.plan.Station;

@Mapper
interface OrderMapper {
  /**
   * A ticket as it goes into a table.
   *
   * @param logged pieces whose outcome is logged
   */
  record OrderRow(
      int number,
      Station station,
      String title,
      String customer,
      Instant dueAt,
      int pieces,
      Json garment,
      Json decorations,
      String press,
      int logged) {}

  /**
   * Those that come after one, the most pressing first. Each page is sought by where the last one
   * ended: the last costs no more than the first.
   *
   * @param open leaves out those that are done
   */
  @Select(
      """
      select t.number, t.station, t.title, t.customer, t.due_at, t.pieces, t.garment, t.decorations, p.name as press,
        (select coalesce(sum(good + bad), 0)::int from outcome where ticket_id = t.id) as logged
      from ticket t join press p on p.id = t.press_id
      where t.owner = #{owner} and (not #{open} or t.station != 'DONE')
        and (t.station = 'DONE', t.due_at, t.number) > (#{done}, #{dueAt}, #{number})
      order by t.station = 'DONE', t.due_at, t.number limit #{size}
      """)
  List<OrderRow> after(
      String owner, boolean open, boolean done, Instant dueAt, int number, int size);
}

package velvetkettle.server.day;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.day.TodayService.Today;

/** Today. */
@RestController
@RequestMapping("/api/today")
public class TodayController {
  private final TodayService day;

  TodayController(TodayService day) {
    this.day = day;
  }

  @GetMapping
  public Today today() {
    return day.today();
  }
}

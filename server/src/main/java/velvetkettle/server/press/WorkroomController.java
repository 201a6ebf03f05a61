package velvetkettle.server.press;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.press.WorkroomService.WorkroomView;

/** The air in the shop's workroom. */
@RestController
@RequestMapping("/api/workroom")
public class WorkroomController {
  private final WorkroomService rooms;

  WorkroomController(WorkroomService rooms) {
    this.rooms = rooms;
  }

  @GetMapping
  public WorkroomView view() {
    return rooms.view();
  }

  @PutMapping
  public WorkroomView save(@Valid @RequestBody WorkroomForm form) {
    return rooms.save(form);
  }
}

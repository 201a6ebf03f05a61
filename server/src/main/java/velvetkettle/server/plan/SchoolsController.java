package velvetkettle.server.plan;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.plan.SchoolsService.SchoolsView;

/** Where makers disagree, and what this shop keeps to. */
@RestController
@RequestMapping("/api/schools")
public class SchoolsController {
  private final SchoolsService schools;

  SchoolsController(SchoolsService schools) {
    this.schools = schools;
  }

  @GetMapping
  public SchoolsView view() {
    return schools.view();
  }

  @PutMapping
  public SchoolsView save(@Valid @RequestBody SchoolsForm form) {
    return schools.save(form);
  }
}

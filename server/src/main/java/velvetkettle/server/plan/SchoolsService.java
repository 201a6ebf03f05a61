package velvetkettle.server.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.server.Owner;
import velvetkettle.server.Turns;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class SchoolsService {
  private final SchoolsMapper rows;
  private final StoredJson json;
  private final Owner owner;
  private final Turns turns;

  SchoolsService(SchoolsMapper rows, StoredJson json, Owner owner, Turns turns) {
    this.turns = turns;
    this.rows = rows;
    this.json = json;
    this.owner = owner;
  }

  /**
   * One answer to a question.
   *
   * @param why what speaks for it
   * @param ours whether it is what we would do
   */
  public record Answer(School school, Term name, Sentence why, boolean ours, boolean kept) {}

  public record Question(Term asks, List<Answer> answers) {}

  /**
   * @param version 0 where none was kept
   */
  public record SchoolsView(List<Question> questions, int version) {}

  @Transactional(readOnly = true)
  public SchoolsView view() {
    return view(kept(), rows.find(owner.name()).map(SchoolsRow::version).orElse(0));
  }

  @Transactional(readOnly = true)
  public Schools kept() {
    return rows.find(owner.name()).map(this::schools).orElse(Schools.OURS);
  }

  /** Keeps to these from now on. The same request twice leaves what one left. */
  public SchoolsView save(SchoolsForm form) {
    Schools schools = new Schools(form.kept());
    turns.take("schools " + owner.name());
    Optional<SchoolsRow> before = rows.find(owner.name());
    SchoolsRow row = new SchoolsRow(owner.name(), json.write(schools.kept()), form.version() + 1);
    if (before
        .filter(b -> b.version() == row.version() && schools(b).equals(schools))
        .isPresent()) {
      return view(schools, row.version());
    }
    int saved = before.isEmpty() && form.version() == 0 ? rows.insert(row) : rows.update(row);
    if (saved == 0) {
      throw new StaleException(form.version(), before.map(SchoolsRow::version).orElse(0));
    }
    return view(schools, row.version());
  }

  private Schools schools(SchoolsRow row) {
    return Schools.of(json.read(row.kept(), School[].class));
  }

  private static SchoolsView view(Schools schools, int version) {
    return new SchoolsView(
        Arrays.stream(Dispute.values()).map(dispute -> question(dispute, schools)).toList(),
        version);
  }

  private static Question question(Dispute dispute, Schools schools) {
    School ours = dispute.schools().get(0);
    return new Question(
        dispute.term(),
        dispute.schools().stream()
            .map(
                school ->
                    new Answer(
                        school, school.term(), why(school), school == ours, schools.keepTo(school)))
            .toList());
  }

  private static Sentence why(School school) {
    String name = school.name().toLowerCase(Locale.ROOT).replace('_', '-');
    return Sentence.of("school." + name + ".why");
  }
}

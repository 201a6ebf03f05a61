package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * The flat field between seams that art lies in, across and down: what of the art does not fit, by
 * how much, and where it would [common practice, no source].
 *
 * @param art where it lies, mm
 * @param cloth what its face reaches over, mm
 * @param seams of its face, mm; each bounds the field along its longer side
 */
record FieldBetweenSeams(Area art, Area cloth, List<Area> seams) {
  /** From one edge to another along one direction, mm. */
  private record Span(double from, double to) {
    double size() {
      return to - from;
    }

    double common(Span other) {
      return Math.min(to, other.to) - Math.max(from, other.from);
    }
  }

  /** Empty where no seam lies under the art. */
  List<Sentence> advice() {
    long crossed = seams.stream().filter(art::overlaps).count();
    if (crossed == 0) {
      return List.of();
    }
    List<Sentence> advice = new ArrayList<>();
    advice.add(Sentence.of("place.on-seams", (int) crossed));
    across().ifPresent(advice::add);
    down().ifPresent(advice::add);
    return advice;
  }

  private Optional<Sentence> across() {
    List<Span> upright =
        seams.stream()
            .filter(seam -> isUpright(seam) && art.overlaps(seam))
            .map(seam -> new Span(seam.x(), seam.right()))
            .toList();
    List<Span> all =
        seams.stream()
            .filter(seam -> isUpright(seam) && seam.y() < art.bottom() && seam.bottom() > art.y())
            .map(seam -> new Span(seam.x(), seam.right()))
            .toList();
    return upright.isEmpty()
        ? Optional.empty()
        : Optional.of(
            says(
                "wide",
                "right",
                "left",
                new Span(art.x(), art.right()),
                new Span(cloth.x(), cloth.right()),
                all));
  }

  private Optional<Sentence> down() {
    List<Span> level =
        seams.stream()
            .filter(seam -> !isUpright(seam) && art.overlaps(seam))
            .map(seam -> new Span(seam.y(), seam.bottom()))
            .toList();
    List<Span> all =
        seams.stream()
            .filter(seam -> !isUpright(seam) && seam.x() < art.right() && seam.right() > art.x())
            .map(seam -> new Span(seam.y(), seam.bottom()))
            .toList();
    return level.isEmpty()
        ? Optional.empty()
        : Optional.of(
            says(
                "high",
                "down",
                "up",
                new Span(art.y(), art.bottom()),
                new Span(cloth.y(), cloth.bottom()),
                all));
  }

  private static boolean isUpright(Area seam) {
    return seam.height() > seam.width();
  }

  /** Too large for its field and by how much, or where in it there is room. */
  private static Sentence says(
      String large, String forth, String back, Span art, Span cloth, List<Span> seams) {
    Span field = field(art, cloth, seams);
    if (art.size() > field.size()) {
      return Sentence.of(
          "place.too-" + large,
          Millimetres.of(Math.ceil(art.size() - field.size())),
          Millimetres.of(Math.floor(field.size())));
    }
    double onward = field.from - art.from;
    double by = onward > 0 ? onward : art.to - field.to;
    return Sentence.of(
        "place.off-seam-" + (onward > 0 ? forth : back), Millimetres.of(Math.ceil(by)));
  }

  /** The one that most of the art lies in: it is meant to be there. */
  private static Span field(Span art, Span cloth, List<Span> seams) {
    List<Span> sorted = seams.stream().sorted(Comparator.comparingDouble(Span::from)).toList();
    List<Span> fields = new ArrayList<>();
    double from = cloth.from;
    for (Span seam : sorted) {
      if (seam.from > from) {
        fields.add(new Span(from, seam.from));
      }
      from = Math.max(from, seam.to);
    }
    if (cloth.to > from) {
      fields.add(new Span(from, cloth.to));
    }
    return fields.stream()
        .filter(field -> field.common(art) > 0)
        .max(Comparator.comparingDouble(field -> field.common(art)))
        .orElse(new Span(art.from, art.from));
  }
}

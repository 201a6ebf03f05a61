package velvetkettle.core.heat;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.*;
import velvetkettle.core.heat.turn.*;
import velvetkettle.core.heat.window.*;
import velvetkettle.core.quantity.*;
import java.util.*;
import java.util.stream.*;
class WindowTrialTest {
  @Test void trial() {
    for (PressingBuilder b : List.of(PressingBuilder.film(), PressingBuilder.of("film-block").on(Fabric.INTERLOCK, Fibre.POLYESTER).dyed(DyeKind.DISPERSE, Depth.DARK), PressingBuilder.of("web-strong").at(150,20), PressingBuilder.of("sub-direct").on(Fabric.INTERLOCK, Fibre.POLYESTER).dyed(DyeKind.UNDYED, Depth.WHITE), PressingBuilder.of("film-nylon").on(Fabric.NYLON_SHELL, Fibre.POLYAMIDE_66))) {
      Pressing p = b.build();
      for (int i=0;i<3;i++){ long t0=System.nanoTime(); WindowMap.of(p); System.out.println((System.nanoTime()-t0)/1e6+" ms"); }
      WindowMap m = WindowMap.of(p);
      System.out.println(p.medium().key()+" "+p.platen()+" "+p.time()+" "+p.temperatureRange()+" "+p.timeRange());
      for (Edge e : m.edges()) System.out.println(e.question()+" "+e.safe()+" "+ IntStream.of(4,9,13,18,24,34,44).mapToObj(i->m.seconds().get(i)+"s:"+e.celsius().get(i)).toList());
      var best = MostForgiving.of(m, IntStream.rangeClosed((int)p.temperatureRange().low().degrees(), (int)p.temperatureRange().high().degrees()).mapToObj(i->Celsius.of(i)).toList(), IntStream.rangeClosed((int)p.timeRange().low().count(), (int)p.timeRange().high().count()).mapToObj(i->Seconds.of(i)).toList(), new MostForgiving.Point(p.platen(), p.time())).get();
      System.out.println(best+" worst "+m.worst(best.platen().degrees(), best.time().count())+" usual worst "+m.worst(p.platen().degrees(), p.time().count())+" beforeNo "+m.worstBeforeNo(p.platen().degrees(), p.time().count()));
      System.out.println(b.judge().margins().all().map(x->x.verdict()).toList());
    }
  }
}

package org.livelyladle.core.prep;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.Briefs;
import org.livelyladle.core.facts.Facts;
import org.livelyladle.core.brief.*;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.measure.Ledger;
class ScratchTest {
  @Test void stats() {
    int tasks=0, late=0, buffer=0, waits=0, washes=0, critical=0, unskilled=0, room=0; long nanos=0; int over=0; double slack=0;
    for (long s=0;s<200;s++){ var b=TestPrep.randomKitchen(s); var in=TestPrep.inputs(b,Facts.none());
      var cat=b.extend(Catalogue.builtIn()); long t=System.nanoTime();
      var p=new PrepPlanner(b,cat,Facts.none(),Briefs.NOW,in,new Ledger()).plan(); nanos+=System.nanoTime()-t;
      tasks+=p.tasks().size();
      for (var q:p.problems()) switch(q.kind()){case LATE->late++;case BUFFER->buffer++;case WAITS->waits++;case UNSKILLED->unskilled++;case NO_ROOM->room++;}
      for (var k:p.tasks()){ if(k.id().startsWith("wash:"))washes++; if(k.critical())critical++; slack+=k.slack().value();}
    }
    System.out.println("tasks/plan "+tasks/200.0+" late "+late+" buffer "+buffer+" waits "+waits+" washes "+washes+" critical "+critical+" unskilled "+unskilled+" room "+room+" ms/plan "+nanos/200e6+" slack "+slack/tasks);
    Briefs br=Briefs.plain(); br.cooks.add(Cook.of("bo","Bo")); br.cooks.add(Cook.of("edda","Edda"));
    br.menu.add("lamb-leg.sliced"); br.menu.add("chicken-thigh.sliced"); br.menu.add("napa-cabbage.leaves"); br.menu.add("glass-noodle.soaked");
    br.shops.set(0, Shop.of("shop","Shop",Briefs.SIT_DOWN.minusHours(9)));
    for (var i : Catalogue.builtIn().ingredients()) br.offers.add(new Offer(i.id(),"shop",i.id(),i.id(),500,200,null,null));
    var p=TestPrep.plan(br.build(),Facts.none(),Briefs.NOW);
    for (var k:p.tasks()) System.out.printf("%s-%s %-4s %-46s %s%d %s slack %.0f %s | %s%n",k.startsAt().toString().substring(8,16),k.endsAt().toString().substring(11,16),k.cook(),k.id(),k.at(),k.unit(),k.critical()?"*":" ",k.slack().value(),k.state(),k.why());
    System.out.println(p.problems()+" "+p.cooks());
  }
}

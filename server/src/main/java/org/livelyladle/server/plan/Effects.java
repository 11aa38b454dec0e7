package org.livelyladle.server.plan;

import java.util.Objects;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.plan.Plan;
import org.springframework.stereotype.Component;

/** What an edit does to the bill and the work, in a few words. */
@Component
public class Effects {
    private final PlanService plans;

    Effects(PlanService plans) {
        this.plans = plans;
    }

    public String of(Brief before, Brief after) {
        Plan was = plans.plan(before);
        Plan is = plans.plan(after);
        String bill = change(
                "bill", was.purchases().bill().text(), is.purchases().bill().text());
        String hands =
                change("hands", was.prep().handsOn().text(), is.prep().handsOn().text());
        return bill.isEmpty() && hands.isEmpty()
                ? "same bill, same work"
                : bill + (bill.isEmpty() || hands.isEmpty() ? "" : ", ") + hands;
    }

    private static String change(String what, String was, String is) {
        return Objects.equals(was, is) ? "" : what + " " + was + " to " + is;
    }
}

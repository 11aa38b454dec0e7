package org.livelyladle.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.ServerTest;
import org.livelyladle.server.demo.DemoBriefs;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.web.JsonConfig;
import org.springframework.beans.factory.annotation.Autowired;

class PlanServiceTest extends ServerTest {
    @Autowired
    private PlanService service;

    @Test
    void aPlanAskedForTwiceIsComputedOnce() {
        Brief brief = new DemoBriefs(JsonConfig.mapper(), new PriceList())
                .load(java.time.LocalDate.of(2026, 11, 24))
                .get(1);

        assertThat(service.plan(brief)).isSameAs(service.plan(brief));
    }
}

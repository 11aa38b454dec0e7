package org.livelyladle.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.server.access.LocalHost;
import org.livelyladle.server.access.SignedIn;
import org.livelyladle.server.household.PriceList;
import org.livelyladle.server.party.PartyService;
import org.livelyladle.server.web.JsonConfig;

class DemoLoaderTest {
    private final SignedIn host = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Host");
    private final LocalHost localHost = mock(LocalHost.class);
    private final PartyService parties = mock(PartyService.class);
    private final DemoMarkerRepository markers = mock(DemoMarkerRepository.class);
    private final Clock clock = Clock.fixed(Instant.parse("2026-11-24T15:00:00Z"), ZoneOffset.UTC);
    private final DemoBriefs briefs = new DemoBriefs(JsonConfig.mapper(), new PriceList());

    private void run() {
        when(localHost.signIn()).thenReturn(host);
        new DemoLoader(localHost, parties, briefs, markers, clock).afterSingletonsInstantiated();
    }

    @Test
    void theFirstStartLoadsTheDemoAndRemembersIt() {
        run();

        verify(parties, times(3)).store(eq(host), any());
        verify(markers).save(any());
    }

    @Test
    void deletedDemoPartiesDoNotComeBack() {
        when(markers.existsById(host.household())).thenReturn(true);
        run();

        verify(parties, never()).store(any(), any());
    }

    @Test
    void theDemoTakesPlaceOnTheNextSaturdayWithTripsBefore() {
        for (int day = 22; day <= 30; day++) {
            LocalDate today = LocalDate.of(2026, 11, day);
            for (Brief brief : briefs.load(today)) {
                assertThat(brief.sitDown().getDayOfWeek()).isEqualTo(DayOfWeek.SATURDAY);
                assertThat(brief.sitDown().toLocalDate()).isAfter(today).isBeforeOrEqualTo(today.plusDays(7));
                assertThat(brief.shops())
                        .hasSize(3)
                        .allSatisfy(shop -> assertThat(shop.tripAt()).isBefore(brief.sitDown()));
                assertThat(brief.prices().asOf()).isBefore(today);
            }
        }
    }
}

package org.livelyladle.server.access;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpMethod;

/**
 * Who may ask for what: every path of the API, once. What does not stand here only the host may ask for, and a test fails
 * until somebody has decided. Whoever asks from this machine is its host, but for {@code /api/mine}, which is the phone's.
 */
final class AccessTable {
    private static final String ROWS = """
            POST   /api/pair                                    anybody
            GET    /api/mine                                    COOK GUEST
            DELETE /api/mine                                    COOK GUEST
            GET    /api/mine/stream                             COOK GUEST
            GET    /api/mine/invitation.ics                     COOK GUEST
            POST   /api/mine/place                              COOK GUEST
            POST   /api/mine/events                             COOK GUEST
            PUT    /api/mine/answer                             GUEST
            GET    /api/network                                 HOST
            GET    /api/devices                                 HOST
            POST   /api/devices/code                            HOST
            DELETE /api/devices/{device}                        HOST
            GET    /api/parties/{id}/invitations                HOST
            POST   /api/parties/{id}/invitations                HOST
            DELETE /api/parties/{id}/invitations/{invitation}   HOST
            GET    /api/parties/{id}/invitation.ics             HOST
            GET    /api/parties/{id}/devices                    HOST
            PUT    /api/parties/{id}/devices/{device}           HOST
            DELETE /api/parties/{id}/devices/{device}           HOST
            GET    /api/parties/{id}/answers                    HOST
            DELETE /api/parties/{id}/answers/{guest}            HOST
            GET    /api/backup                                  HOST
            PUT    /api/backup                                  HOST
            POST   /api/briefs/edits                            HOST
            POST   /api/broths/choices                          HOST
            POST   /api/broths/evening                          HOST
            GET    /api/catalogue                               HOST
            POST   /api/heat/boiling-point                      HOST
            POST   /api/heat/core-time                          HOST
            POST   /api/heat/side                               HOST
            POST   /api/heat/window                             HOST
            GET    /api/household                               HOST
            PUT    /api/household                               HOST
            DELETE /api/household/kept                          HOST
            POST   /api/household/kept                          HOST
            GET    /api/household/evenings                      HOST
            GET    /api/household/evenings.csv                  HOST
            GET    /api/household/people                        HOST
            DELETE /api/household/people/{id}                   HOST
            GET    /api/household/lesson                        HOST
            POST   /api/household/lesson                        HOST
            POST   /api/learning                                HOST
            POST   /api/packs                                   HOST
            GET    /api/parties                                 HOST
            POST   /api/parties                                 HOST
            POST   /api/parties/import                          HOST
            DELETE /api/parties/{id}                            HOST
            GET    /api/parties/{id}                            HOST
            PUT    /api/parties/{id}/brief                      HOST
            GET    /api/parties/{id}/broths/{broth}/recipe.jsonld HOST
            POST   /api/parties/{id}/busy                       HOST
            DELETE /api/parties/{id}/calendar                   HOST
            GET    /api/parties/{id}/calendar                   HOST
            POST   /api/parties/{id}/calendar                   HOST
            GET    /api/parties/{id}/events                     HOST
            POST   /api/parties/{id}/events                     HOST
            GET    /api/parties/{id}/guest-cards.pdf            HOST
            DELETE /api/parties/{id}/household-news             HOST
            GET    /api/parties/{id}/household-news             HOST
            POST   /api/parties/{id}/import-recipe              HOST
            POST   /api/parties/{id}/import/{kind}              HOST
            GET    /api/parties/{id}/journal                    HOST
            GET    /api/parties/{id}/labels.pdf                 HOST
            PUT    /api/parties/{id}/journal                    HOST
            GET    /api/parties/{id}/market                     HOST
            GET    /api/parties/{id}/plan                       HOST
            POST   /api/parties/{id}/plan                       HOST
            GET    /api/parties/{id}/prep.ics                   HOST
            GET    /api/parties/{id}/prep.pdf                   HOST
            POST   /api/parties/{id}/probe                      HOST
            POST   /api/parties/{id}/restore                    HOST
            GET    /api/parties/{id}/shopping.csv               HOST
            GET    /api/parties/{id}/shopping.md                HOST
            GET    /api/parties/{id}/shopping.pdf               HOST
            GET    /api/parties/{id}/stream                     HOST
            GET    /api/parties/{id}/table                      HOST
            POST   /api/parties/{id}/table                      HOST
            GET    /api/parties/{id}/table-card.pdf             HOST
            GET    /api/parties/{id}/working                    HOST
            POST   /api/plan                                    HOST
            POST   /api/rehearsals                              HOST
            GET    /api/rehearsals/{id}                         HOST
            DELETE /api/rehearsals/{id}                         HOST
            GET    /api/rehearsals/{id}/progress                HOST
            GET    /api/scale                                   HOST
            POST   /api/starting-points                         HOST
            POST   /api/table-audit                             HOST
            POST   /api/table-sequence                          HOST
            """;

    /** @param roles who may; empty where anybody may */
    record Row(HttpMethod method, String path, Set<Role> roles) {
        private static Row of(String line) {
            List<String> words = Arrays.asList(line.split(" +"));
            EnumSet<Role> roles = EnumSet.noneOf(Role.class);
            words.subList(2, words.size()).stream()
                    .filter(word -> !word.equals("anybody"))
                    .map(Role::valueOf)
                    .forEach(roles::add);
            return new Row(HttpMethod.valueOf(words.get(0)), words.get(1), roles);
        }

        String[] roleNames() {
            return roles.stream().map(Role::name).toArray(String[]::new);
        }
    }

    private AccessTable() {}

    static List<Row> rows() {
        return ROWS.lines().map(Row::of).toList();
    }
}

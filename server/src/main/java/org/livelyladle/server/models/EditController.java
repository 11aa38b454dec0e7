package org.livelyladle.server.models;

import java.util.List;
import org.livelyladle.core.brief.Brief;
import org.livelyladle.core.brief.BriefCheck;
import org.livelyladle.core.catalogue.Catalogue;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.edit.BriefEdit;
import org.livelyladle.core.edit.BriefSweep;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Edits of briefs over HTTP, as remedies carry them. */
@RestController
class EditController {
    private static final int MOST_EDITS = 100;

    /** A brief, and what is to be done to it, one after another. */
    record Edits(Brief brief, List<BriefEdit> edits) {
        Edits {
            Check.present(brief, "brief");
            edits = Check.list(edits, "edits", MOST_EDITS);
        }
    }

    /** The brief as it is then. */
    record Edited(Brief brief) {}

    private final Catalogue catalogue;

    EditController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Does edits to a brief, and takes out what hangs loose after them; stateless, nothing is stored. */
    @PostMapping("/api/briefs/edits")
    Edited edit(@RequestBody Edits wish) {
        Brief brief = wish.brief();
        for (BriefEdit edit : wish.edits()) {
            brief = edit.apply(brief);
        }
        Brief swept = BriefSweep.sweep(brief, catalogue);
        BriefCheck.check(swept, catalogue);
        return new Edited(swept);
    }
}

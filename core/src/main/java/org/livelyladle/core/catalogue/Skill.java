package org.livelyladle.core.catalogue;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What not everybody in a kitchen should be asked to do. */
public enum Skill {
    KNIFE("sharp knife"),
    RAW_FOOD("raw meat and fish"),
    STOVE("hot stove");

    private final String label;

    Skill(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** What a task at a station asks for. */
    public static Set<Skill> of(Station at, boolean knife) {
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        if (knife) {
            skills.add(KNIFE);
        }
        if (at.isRaw()) {
            skills.add(RAW_FOOD);
        }
        if (at.isLit()) {
            skills.add(STOVE);
        }
        return Collections.unmodifiableSet(skills);
    }
}

package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;
import org.livelyladle.core.check.Ranges;
import org.livelyladle.core.check.Usual;
import org.livelyladle.core.check.Within;

/**
 * A pot on the table, split into equal sides.
 *
 * @param capacityMl to the brim, all sides together [ml]; follows from {@code size} where that is given
 * @param fillPercent how full it is filled [% of capacity]; half by common practice, two thirds at most
 * @param basketsPerSide strainers that fit into one side at a time
 * @param kind an ordinary pot when left out
 * @param size as measured; unknown when left out
 * @param heat a cartridge stove when left out
 * @param reachedBy ids of the guests who can reach it; everybody when left out
 * @param way how people eat from it; as usual for its kind when left out
 * @param boil how hard it boils at the table; a simmer when left out
 */
public record Pot(
        String id,
        String name,
        @Within(min = 300, max = 20000) int capacityMl,
        @Within(min = 25, max = 67) int fillPercent,
        @Within(min = 1, max = 8) int basketsPerSide,
        @Key("id") List<Side> sides,
        @Usual("POT") PotKind kind,
        @Nullable PotSize size,
        @Usual("{\"kind\":\"BUTANE\",\"watts\":2200}") HeatSource heat,
        @Key({}) @Nullable List<String> reachedBy,
        @Nullable WayOfEating way,
        @Usual("SIMMER") Boil boil) {
    private static final Ranges RANGES = Ranges.of(Pot.class);
    public static final int MOST_SIDES = 3;
    /** A pot nobody has measured is as deep against its width as one of 6 l that is 90 mm deep; memory. */
    private static final double USUAL_ML = 6000;

    private static final double USUAL_DEPTH_M = 0.09;
    private static final double ML_PER_M3 = 1e6;

    /** To the brim, for each who eats from it; memory [ml]. */
    private static final double ML_PER_SEAT = 700;

    public Pot {
        Check.ownId(id, "id");
        name = Check.text(name, "name", 40);
        if (size != null) {
            capacityMl = size.millilitres();
        }
        RANGES.check("capacityMl", capacityMl);
        RANGES.check("fillPercent", fillPercent);
        RANGES.check("basketsPerSide", basketsPerSide);
        sides = Check.distinct(sides, "sides", MOST_SIDES, Side::id);
        Check.range(sides.size(), "sides", 1, MOST_SIDES);
        Check.present(kind, "kind");
        Check.present(heat, "heat");
        Check.present(boil, "boil");
        reachedBy =
                reachedBy == null ? null : Check.distinct(reachedBy, "reachedBy", Brief.MOST_GUESTS, guest -> guest);
    }

    /** An ordinary pot of so many millilitres. */
    public static Pot of(
            String id, String name, int capacityMl, int fillPercent, int basketsPerSide, List<Side> sides) {
        return new Pot(
                id,
                name,
                capacityMl,
                fillPercent,
                basketsPerSide,
                sides,
                PotKind.POT,
                null,
                HeatSource.USUAL,
                null,
                null,
                Boil.SIMMER);
    }

    /** The same pot with other broths in its sides. */
    public Pot holding(List<Side> sides) {
        return new Pot(
                id, name, capacityMl, fillPercent, basketsPerSide, sides, kind, size, heat, reachedBy, way, boil);
    }

    /** The same pot in reach of others; of everybody where null. */
    public Pot reachedBy(@Nullable List<String> guests) {
        return new Pot(id, name, capacityMl, fillPercent, basketsPerSide, sides, kind, size, heat, guests, way, boil);
    }

    /** The same pot on other heat. */
    public Pot heatedBy(HeatSource heat) {
        return new Pot(
                id, name, capacityMl, fillPercent, basketsPerSide, sides, kind, size, heat, reachedBy, way, boil);
    }

    /** The same pot filled to a part of its brim [%]. */
    public Pot filledTo(int percent) {
        return new Pot(id, name, capacityMl, percent, basketsPerSide, sides, kind, size, heat, reachedBy, way, boil);
    }

    /** The same pot with so many strainers to a side. */
    public Pot taking(int baskets) {
        return new Pot(id, name, capacityMl, fillPercent, baskets, sides, kind, size, heat, reachedBy, way, boil);
    }

    /** So many eat from it: no more than reach a pot of its kind, and than it holds broth for. */
    public int seats() {
        return (int) Math.max(1, Math.min(kind.seats(), Math.round(capacityMl / ML_PER_SEAT)));
    }

    public WayOfEating wayOrUsual() {
        return Objects.requireNonNullElse(
                way,
                switch (kind) {
                    case POT -> WayOfEating.TEND;
                    case PLATE_AND_MOAT -> WayOfEating.PLATE_FIRST;
                    case PERSONAL -> WayOfEating.OWN_POT;
                    case DIP -> WayOfEating.DIP_AND_WRAP;
                });
    }

    public boolean isGentle() {
        return boil == Boil.GENTLE;
    }

    public boolean isRolling() {
        return boil == Boil.ROLLING;
    }

    public boolean isReachedBy(String guest) {
        return reachedBy == null || reachedBy.contains(guest);
    }

    /** Surface of its broth, all sides together [m2]. */
    public double areaM2() {
        return size == null ? capacityMl / ML_PER_M3 / depthM() : size.areaM2();
    }

    /** Up to the brim [m]. */
    public double depthM() {
        return size == null ? USUAL_DEPTH_M * StrictMath.cbrt(capacityMl / USUAL_ML) : size.depthMm() / 1000;
    }

    /** Its width, the longer one of an oval [mm]. */
    public double acrossMm() {
        return size == null ? 2000 * StrictMath.sqrt(areaM2() / Math.PI) : size.longestMm();
    }

    /** Surface of its broth and outer wall together, round as a first guess [m2]. */
    public double outsideM2() {
        double area = areaM2();
        return area + 2 * StrictMath.sqrt(Math.PI * area) * depthM();
    }
}

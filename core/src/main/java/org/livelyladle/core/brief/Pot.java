package org.livelyladle.core.brief;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.Check;
import org.livelyladle.core.check.Key;

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
        int capacityMl,
        int fillPercent,
        int basketsPerSide,
        @Key("id") List<Side> sides,
        @Nullable PotKind kind,
        @Nullable PotSize size,
        @Nullable HeatSource heat,
        @Key({}) @Nullable List<String> reachedBy,
        @Nullable WayOfEating way,
        @Nullable Boil boil) {
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
        Check.range(capacityMl, "capacityMl", 300, 20_000);
        Check.range(fillPercent, "fillPercent", 25, 67);
        Check.range(basketsPerSide, "basketsPerSide", 1, 8);
        sides = Check.distinct(sides, "sides", MOST_SIDES, Side::id);
        Check.range(sides.size(), "sides", 1, MOST_SIDES);
        kind = kind == PotKind.POT ? null : kind;
        boil = boil == Boil.SIMMER ? null : boil;
        reachedBy =
                reachedBy == null ? null : Check.distinct(reachedBy, "reachedBy", Brief.MOST_GUESTS, guest -> guest);
    }

    /** An ordinary pot of so many millilitres. */
    public static Pot of(
            String id, String name, int capacityMl, int fillPercent, int basketsPerSide, List<Side> sides) {
        return new Pot(id, name, capacityMl, fillPercent, basketsPerSide, sides, null, null, null, null, null, null);
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

    /** The same pot on other heat; on what is usual where null. */
    public Pot heatedBy(@Nullable HeatSource heat) {
        return new Pot(
                id, name, capacityMl, fillPercent, basketsPerSide, sides, kind, size, heat, reachedBy, way, boil);
    }

    /** The same pot filled to a part of its brim [%]. */
    public Pot filledTo(int percent) {
        return new Pot(id, name, capacityMl, percent, basketsPerSide, sides, kind, size, heat, reachedBy, way, boil);
    }

    public PotKind kindOrUsual() {
        return Objects.requireNonNullElse(kind, PotKind.POT);
    }

    /** So many eat from it: no more than reach a pot of its kind, and than it holds broth for. */
    public int seats() {
        return (int) Math.max(1, Math.min(kindOrUsual().seats(), Math.round(capacityMl / ML_PER_SEAT)));
    }

    public WayOfEating wayOrUsual() {
        return Objects.requireNonNullElse(
                way,
                switch (kindOrUsual()) {
                    case POT -> WayOfEating.TEND;
                    case PLATE_AND_MOAT -> WayOfEating.PLATE_FIRST;
                    case PERSONAL -> WayOfEating.OWN_POT;
                    case DIP -> WayOfEating.DIP_AND_WRAP;
                });
    }

    public Boil boilOrUsual() {
        return Objects.requireNonNullElse(boil, Boil.SIMMER);
    }

    public boolean isGentle() {
        return boil == Boil.GENTLE;
    }

    public boolean isRolling() {
        return boil == Boil.ROLLING;
    }

    public HeatSource heatOrUsual() {
        return Objects.requireNonNullElse(heat, HeatSource.USUAL);
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

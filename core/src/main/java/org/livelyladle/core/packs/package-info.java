/**
 * Which packs to buy: the exact least cost over whole packs, loose steps and covers.
 *
 * <p>Solved: minimise {@code sum(price) + wasteCentsPerKg / 1000 x (bought - needed)} so that for each ingredient
 * {@code bought - given + received >= need} and {@code given <= bought}; {@code given} and {@code received} are the
 * covers, continuous, at most so many grams each, never passed on. Packs and steps are whole, stock is unlimited.
 *
 * <p>Method: for one ingredient by dynamic programming ({@code CostCurve}). Ingredients tied together by covers are
 * solved together by branch and bound ({@code CoverSearch}): the bound is a minimum-cost flow over the lower convex hull
 * of each cost curve ({@code CoverFlow}), a branch cuts one curve in two. Guaranteed: the optimum, to 1e-6 cents.
 */
@NullMarked
package org.livelyladle.core.packs;

import org.jspecify.annotations.NullMarked;

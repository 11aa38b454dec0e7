package org.livelyladle.core.measure;

import java.util.List;

/**
 * How one figure came about.
 *
 * @param rule the rule in a sentence
 * @param result the figure explained; {@code operation.evaluate} over the terms gives its value
 */
public record Working(String title, String rule, Operation operation, List<Term> terms, Figure result) {
    public Working {
        terms = List.copyOf(terms);
    }

    /** The result computed again from the terms as shown. */
    public double evaluated() {
        return operation.evaluate(terms.stream().map(Term::value).toList());
    }
}

package org.livelyladle.core.check;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a part of a document is when it is left out: JSON, or a constant by its bare name. Whoever reads the document fills
 * it in: a record never sees that it was left out.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Usual {
    String value();
}

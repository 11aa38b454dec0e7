package org.livelyladle.core.check;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What makes an entry of a list itself: the parts of it by which two versions of a document are compared and merged; no
 * part for a list of plain words, each itself. A list without one is a single value: its order matters.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Key {
    String[] value();
}

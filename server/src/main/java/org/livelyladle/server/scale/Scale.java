package org.livelyladle.server.scale;

/** The port to a kitchen scale. */
interface Scale {
    /**
     * What stands on it [g].
     *
     * @throws org.livelyladle.server.web.HttpAsk.AwayException when it does not answer in time, or with no figure
     */
    double grams();
}

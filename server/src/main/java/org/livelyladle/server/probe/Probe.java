package org.livelyladle.server.probe;

/** The port to a thermometer in each side. */
interface Probe {
    /**
     * What it shows, whether that can be or not [°C].
     *
     * @param near what is foreseen; only a stand-in looks at it [°C]
     * @throws org.livelyladle.server.web.HttpAsk.AwayException when it does not answer in time, or with no figure
     */
    double celsius(String side, double near);
}

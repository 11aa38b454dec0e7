package org.livelyladle.server.exchange;

/** Text in a CSV file. */
public final class CsvCell {
    private CsvCell() {}

    /** A cell a spreadsheet would take for a formula gets an apostrophe before it. */
    public static String harmless(String cell) {
        return !cell.isEmpty() && "=+-@\t\r\n".indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }
}

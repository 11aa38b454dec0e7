package org.livelyladle.server.exchange;

/** Writes well-formed XHTML for printing; every text is escaped. */
final class Html {
    private final StringBuilder out = new StringBuilder();

    Html open(String tag) {
        out.append('<').append(tag).append('>');
        return this;
    }

    Html open(String tag, String cssClass) {
        out.append('<').append(tag).append(" class=\"").append(cssClass).append("\">");
        return this;
    }

    Html close(String tag) {
        out.append("</").append(tag).append('>');
        return this;
    }

    Html text(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '&' -> out.append("&amp;");
                case '"' -> out.append("&quot;");
                default -> out.append(c < ' ' && c != '\n' && c != '\t' ? ' ' : c);
            }
        }
        return this;
    }

    Html element(String tag, String text) {
        return open(tag).text(text).close(tag);
    }

    Html element(String tag, String cssClass, String text) {
        return open(tag, cssClass).text(text).close(tag);
    }

    /** A whole page with a style sheet. */
    static String page(String title, String css, Html body) {
        Html head = new Html().element("title", title);
        return "<!DOCTYPE html><html lang=\"en\"><head>" + head + "<style>" + css + "</style></head><body>" + body
                + "</body></html>";
    }

    @Override
    public String toString() {
        return out.toString();
    }
}

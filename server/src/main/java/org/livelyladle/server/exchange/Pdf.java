package org.livelyladle.server.exchange;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/** Prints XHTML as PDF with fonts of its own, which know Latin, Greek and Cyrillic letters. */
final class Pdf {
    private static final String FAMILY = "Ladle Print";
    private static final String PAGE = """
            @page { size: %2$s;
              @bottom-right { content: counter(page) " / " counter(pages); font: 9pt '%1$s'; color: #555; } }
            body { font: %3$spt '%1$s'; color: #14202b; }
            h1 { font-size: %4$spt; margin: 0 0 2mm; }
            p { margin: %6$sem 0; }
            h2 { font-size: 1.25em; margin: 1.6em 0 0.3em; border-bottom: 1.2pt solid #14202b; padding-bottom: 1mm; }
            h3 { font-size: 10pt; color: #4a5560; margin: 3mm 0 1mm; page-break-after: avoid; }
            table { width: 100%%; border-collapse: collapse; }
            td { padding: %5$sem 0.55em %5$sem 0; border-bottom: 0.4pt solid #c9cfd4; vertical-align: top; }
            tr { page-break-inside: avoid; }
            .box { width: 5mm; } .box span { display: inline-block; width: 3.2mm; height: 3.2mm; border: 0.8pt solid #14202b; }
            .done span { background: #14202b; }
            .right { text-align: right; white-space: nowrap; } .quiet { color: #4a5560; }
            .small { font-size: 0.85em; white-space: nowrap; color: #4a5560; padding-right: 0; }
            .labels td { width: 50%%; height: 36mm; padding: 3mm; border: 0.8pt dashed #8a949c; }
            .labels h2 { margin-top: 0; }
            .page { page-break-after: always; }
            """;

    /** What it is printed on. */
    enum Paper {
        A4("A4; margin: 16mm 15mm 18mm", 10.5, 18, 0.3, 1),
        /** A long evening of one guest fits on it. */
        A6("105mm 148mm; margin: 5mm 6mm 8mm", 7.8, 13, 0.17, 0.35);

        private final String css;
        private final double textPt;
        private final double titlePt;
        private final double lineGapEm;
        private final double gapEm;

        Paper(String css, double textPt, double titlePt, double lineGapEm, double gapEm) {
            this.css = css;
            this.textPt = textPt;
            this.titlePt = titlePt;
            this.lineGapEm = lineGapEm;
            this.gapEm = gapEm;
        }
    }

    private Pdf() {}

    static byte[] print(String title, Html body) {
        return print(title, Paper.A4, body);
    }

    static byte[] print(String title, Paper paper, Html body) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            builder.useFont(() -> font("Regular"), FAMILY, 400, FontStyle.NORMAL, true);
            builder.useFont(() -> font("Bold"), FAMILY, 700, FontStyle.NORMAL, true);
            builder.withHtmlContent(
                    Html.page(
                            title,
                            PAGE.formatted(
                                    FAMILY, paper.css, paper.textPt, paper.titlePt, paper.lineGapEm, paper.gapEm),
                            body),
                    null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("The page cannot be printed", e);
        }
    }

    private static InputStream font(String weight) {
        return Objects.requireNonNull(
                Pdf.class.getResourceAsStream("/liberation/LiberationSans-" + weight + ".ttf"), weight);
    }
}

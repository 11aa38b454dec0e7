package org.livelyladle.core.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/**
 * Turns CSV and YAML text into rows that know where they stand.
 *
 * @param text gives a file's content by its name
 */
record CatalogueFiles(Function<String, String> text) {

    static CatalogueFiles resources() {
        return new CatalogueFiles(CatalogueFiles::resource);
    }

    private static String resource(String name) {
        try (InputStream in = CatalogueFiles.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The catalogue file " + name + " is not in the program");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("The catalogue file " + name + " cannot be read", e);
        }
    }

    /** Rows of a CSV file with a header line. */
    List<Row> csv(String file) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(text.apply(file), format)) {
            List<Row> rows = new ArrayList<>();
            for (CSVRecord record : parser) {
                if (!record.isConsistent()) {
                    throw new CatalogueException(
                            file,
                            parser.getCurrentLineNumber(),
                            "(row)",
                            record.size() + " fields",
                            parser.getHeaderNames().size() + " fields as in the header");
                }
                rows.add(new Row(file, parser.getCurrentLineNumber(), record.toMap()));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException("The catalogue file " + file + " cannot be read", e);
        }
    }

    /** An entry of a YAML file: its own fields, and the rows of its lists. */
    record Entry(Row row, Map<String, List<Row>> lists) {
        List<Row> list(String field) {
            List<Row> rows = lists.getOrDefault(field, List.of());
            if (rows.isEmpty()) {
                throw row.refuse(field, "a list with at least one entry");
            }
            return rows;
        }
    }

    /** Entries of a YAML file that is one list of mappings. */
    List<Entry> yaml(String file) {
        Node root;
        try {
            root = new Compose(LoadSettings.builder().setUseMarks(true).build())
                    .composeString(text.apply(file))
                    .orElseThrow(() -> new CatalogueException(file, 1, "(file)", "empty", "a list of entries"));
        } catch (YamlEngineException e) {
            throw new CatalogueException(file, 1, "(file)", String.valueOf(e.getMessage()), "well-formed YAML");
        }
        return items(file, root).stream().map(node -> entry(file, node)).toList();
    }

    private static List<MappingNode> items(String file, Node node) {
        if (!(node instanceof SequenceNode sequence)) {
            throw new CatalogueException(file, line(node), "(file)", "no list", "a list of entries");
        }
        List<MappingNode> items = new ArrayList<>();
        for (Node item : sequence.getValue()) {
            if (!(item instanceof MappingNode mapping)) {
                throw new CatalogueException(file, line(item), "(entry)", "no fields", "fields with values");
            }
            items.add(mapping);
        }
        return items;
    }

    private static Entry entry(String file, MappingNode mapping) {
        Map<String, String> fields = new LinkedHashMap<>();
        Map<String, List<Row>> lists = new LinkedHashMap<>();
        mapping.getValue().forEach(pair -> {
            String key = ((ScalarNode) pair.getKeyNode()).getValue();
            if (pair.getValueNode() instanceof ScalarNode scalar) {
                fields.put(key, scalar.getValue());
            } else {
                lists.put(
                        key,
                        items(file, pair.getValueNode()).stream()
                                .map(item -> entry(file, item).row())
                                .toList());
            }
        });
        return new Entry(new Row(file, line(mapping), fields), lists);
    }

    private static long line(Node node) {
        Optional<Mark> mark = node.getStartMark();
        return mark.map(Mark::getLine).orElse(0) + 1L;
    }
}

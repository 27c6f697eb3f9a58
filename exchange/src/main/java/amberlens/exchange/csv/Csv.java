package amberlens.exchange.csv;

import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.dataformat.csv.CsvGenerator;
import com.fasterxml.jackson.dataformat.csv.CsvMapper;
import com.fasterxml.jackson.dataformat.csv.CsvParser;
import com.fasterxml.jackson.dataformat.csv.CsvSchema;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.List;

/** Rows of comma-separated values as RFC 4180 has them; read with whatever spreadsheets put between the values. */
final class Csv {
    private static final CsvMapper CSV = CsvMapper.builder()
            .enable(CsvParser.Feature.WRAP_AS_ARRAY)
            .enable(CsvGenerator.Feature.STRICT_CHECK_FOR_QUOTING)
            .build();

    private Csv() {}

    static String text(List<List<String>> rows) {
        try {
            return CSV.writer(CsvSchema.emptySchema().withLineSeparator("\r\n")).writeValueAsString(rows);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("rows of text could not be written", e);
        }
    }

    /** What is between the values of a text: a comma, a semicolon or a tab, whichever its first line has most. */
    static char separator(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (count(first, candidate) > count(first, best)) {
                best = candidate;
            }
        }
        return best;
    }

    private static long count(String line, char what) {
        return line.chars().filter(c -> c == what).count();
    }

    static List<String[]> rows(String text, char separator) throws FileProblem {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (MappingIterator<String[]> rows = CSV.readerFor(String[].class)
                .with(CsvSchema.emptySchema().withColumnSeparator(separator))
                .readValues(plain)) {
            return rows.readAll();
        } catch (IOException e) {
            throw new FileProblem("it is not a table of comma-separated values", e);
        }
    }

    /** The shortest text that reads back as the same number, without an exponent. */
    static String number(double value) {
        BigDecimal shortest = new BigDecimal(Double.toString(value)).stripTrailingZeros();
        return shortest.signum() == 0 ? "0" : shortest.toPlainString();
    }
}

package amberlens.core.base.words;

import java.util.Comparator;

/** Names in the order in which people count: 2 before 10, large and small letters alike. */
public final class NaturalOrder {
    public static final Comparator<String> OF_NAMES = NaturalOrder::compare;

    private NaturalOrder() {}

    private static int compare(String one, String other) {
        int i = 0;
        int j = 0;
        while (i < one.length() && j < other.length()) {
            int a = endOfRun(one, i);
            int b = endOfRun(other, j);
            boolean numbers = Character.isDigit(one.charAt(i)) && Character.isDigit(other.charAt(j));
            String first = one.substring(i, a);
            String second = other.substring(j, b);
            int found = numbers ? compareNumbers(first, second) : first.compareToIgnoreCase(second);
            if (found != 0) {
                return found;
            }
            i = a;
            j = b;
        }
        return Integer.compare(one.length() - i, other.length() - j);
    }

    private static int endOfRun(String text, int from) {
        int to = from + 1;
        if (Character.isDigit(text.charAt(from))) {
            while (to < text.length() && Character.isDigit(text.charAt(to))) {
                to++;
            }
        }
        return to;
    }

    private static int compareNumbers(String one, String other) {
        String first = one.replaceFirst("^0+(?=.)", "");
        String second = other.replaceFirst("^0+(?=.)", "");
        return first.length() != second.length()
                ? Integer.compare(first.length(), second.length())
                : first.compareTo(second);
    }
}

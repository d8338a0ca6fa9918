package io.isokinet.server.school;

import java.util.Map;

/**
 * The names of a school's years.
 *
 * @param own names by age, for the scheme of one's own
 */
public record YearNames(YearNaming scheme, Map<Integer, String> own) {
    /** @param age in years at the start of the school year, 3 to 14 */
    public String label(int age) {
        String name = scheme == YearNaming.OWN ? own.get(age) : null;
        return name == null || name.isBlank() ? scheme.label(age) : name;
    }
}

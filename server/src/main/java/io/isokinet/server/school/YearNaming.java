package io.isokinet.server.school;

/** How a school names its years. Ages are the common ground underneath. Usual schemes, from common practice. */
public enum YearNaming {
    /** Nursery at three, Reception at four, Year 1 at five. */
    YEARS {
        @Override
        public String label(int age) {
            return age == 3 ? "Nursery" : age == 4 ? "Reception" : "Year " + (age - 4);
        }
    },
    /** Pre-K below five, Kindergarten at five, Grade 1 at six. */
    GRADES {
        @Override
        public String label(int age) {
            return age < 5 ? "Pre-K " + age : age == 5 ? "Kindergarten" : "Grade " + (age - 5);
        }
    },
    /** Nursery below five, Primary 1 at five, Secondary 1 at twelve. */
    PRIMARIES {
        @Override
        public String label(int age) {
            return age < 5 ? "Nursery " + age : age < 12 ? "Primary " + (age - 4) : "Secondary " + (age - 11);
        }
    },
    /** By age alone. */
    AGES {
        @Override
        public String label(int age) {
            return "Age " + age;
        }
    },
    /** The school's own names; the age where it has none. */
    OWN {
        @Override
        public String label(int age) {
            return AGES.label(age);
        }
    };

    /** @param age in years at the start of the school year, 3 to 14 */
    public abstract String label(int age);
}

package io.isokinet.server.school;

import io.isokinet.core.quantity.Age;

/** How a school names its years. Ages are the common ground underneath. */
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
    /** By age alone. */
    AGES {
        @Override
        public String label(int age) {
            return "Age " + age;
        }
    };

    /** @param age in years at the start of the school year, {@link Age#YOUNGEST} to {@link Age#OLDEST} */
    public abstract String label(int age);
}

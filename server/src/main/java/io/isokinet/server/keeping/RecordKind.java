package io.isokinet.server.keeping;

import org.jspecify.annotations.Nullable;

/** Everything that is kept, where, and how long, in the words of a school's own register of what it processes. */
public enum RecordKind {
    CHILDREN(
            "Children: names, year, class, sides, who works with whom, cues set aside",
            "the school's database",
            "until they are erased, or by the rule for children who left",
            null),
    LEFT_CHILDREN(
            "Children who left: the same, of those in no class any more",
            "the school's database",
            "erased so many months after their last day; what was seen stays without a name or goes, as set under School",
            12),
    LOOKS(
            "What was seen of a child: cues shown or not, hits counted, who was there",
            "the school's database",
            "as long as the child is there; afterwards without a name, or not at all",
            null),
    NOTES(
            "Notes and talk of lessons, in free text",
            "the school's database",
            "deleted so many months after their lesson",
            24),
    ASIDE(
            "Presses that came twice with another content, once they are decided",
            "the school's database",
            "deleted so many months after they were decided",
            12),
    DEVICES(
            "When devices sent their batches, and how wrong their clocks were",
            "the school's database",
            "deleted so many months after they were sent",
            6),
    LOG(
            "The log: who changed what, signed in, tried a wrong password, opened a child's page",
            "the school's database",
            "deleted so many months after it was written",
            24),
    PEOPLE(
            "People who sign in: name, sign-in, a hash of the password, browsers they used",
            "the school's database",
            "until they are removed",
            null),
    TABLETS(
            "Names of a class and presses not sent yet",
            "tablets made ready for a lesson",
            "names until somebody signs out or the session ends; presses, with numbers in place of names, until they are sent",
            null),
    BACKUPS(
            "Backups: all of the above as it was",
            "where bin/nightly puts them, readable by their owner alone",
            "14 days, 8 weeks and 12 months; whoever was erased is still in the older ones and must be erased again after a restore",
            null);

    final String what;
    final String where;
    final String howLong;
    /** A usual number of months for the kinds that have a rule; common practice, no source: the school's own rules count. */
    final @Nullable Integer usual;

    RecordKind(String what, String where, String howLong, @Nullable Integer usual) {
        this.what = what;
        this.where = where;
        this.howLong = howLong;
        this.usual = usual;
    }

    /** True if the school can say after how many months it goes. */
    boolean hasRule() {
        return usual != null;
    }
}

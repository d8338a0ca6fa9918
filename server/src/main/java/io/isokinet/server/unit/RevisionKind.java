package io.isokinet.server.unit;

/** What made a revision of a unit. */
enum RevisionKind {
    /** The first plan of a unit. */
    PLANNED,
    /** Planned again around what is taught and locked. */
    REPLANNED,
    /** One part was changed by hand. */
    EDITED,
    /** Taken in from a file, another class or another year. */
    ARRIVED,
    /** A lesson was lost, moved, swapped, shortened or came indoors. */
    LESSON_CHANGED,
    /** Lessons of another version were taken. */
    TAKEN,
    /** Somebody's own change was taken back under those of others. */
    TAKEN_BACK,
    /** Made to be looked at; it was never in force. */
    PROPOSED,
    /** A lesson was cut short: what did not run is not in it any more. */
    CUT_SHORT,
    /** It was taken back that a lesson was cut short. */
    WHOLE_AGAIN
}

package io.isokinet.core.space;

/** Groups whose parts stand on a ring. */
final class PartsSketch extends SlotSketch {
    PartsSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    @Override
    void group(int g, Frame f) {
        parts(g, f);
    }
}

package io.isokinet.core.space;

import io.isokinet.core.quantity.Words;
import io.isokinet.core.space.FloorPlan.Spot;

/** Files that pass back. */
final class FileSketch extends SlotSketch {
    FileSketch(FloorTask task, Floor floor) {
        super(task, floor);
    }

    /** From one to the next in a file that passes back. Common practice. */
    private static final double FILE = 1.0;

    /** One behind the other, passing back: a file of n takes n - 1 places of floor, so too long means a shorter file. */
    @Override
    void group(int g, Frame f) {
        int size = task.sizes().get(g);
        double room = f.length() - 0.6;
        double pitch = size < 2 ? 0 : Math.min(FILE, room / (size - 1));
        if (size > 1 && pitch < FILE - 0.001)
            find(
                    "file-too-long",
                    g,
                    Words.say(
                            "A file of %d wants %.1f m of floor and %.1f m are there: files of %d, not shorter passes.",
                            size, (size - 1) * FILE, room, 1 + (int) (room / FILE)));
        for (int i = 0; i < size; i++)
            stand(Spot.Does.ACTS, f.at(f.length() - 0.3 - i * pitch, f.width() / 2), g, i, parts(i));
        place(g, f, 0.3, room, f.width() / 2);
    }
}

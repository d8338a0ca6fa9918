package io.isokinet.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Rectangles against the JTS Topology Suite. */
class RectTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    private static Geometry jts(Rect r) {
        return JTS.toGeometry(new Envelope(r.x(), r.x() + r.w(), r.y(), r.y() + r.h()));
    }

    @Test
    void overlapHoldAndShareAsTheLibraryHasThem() {
        Random random = new Random(9);
        for (int i = 0; i < 5000; i++) {
            Rect a = rect(random);
            Rect b = rect(random);
            double shared = jts(a).intersection(jts(b)).getArea();
            assertThat(a.shared(b)).isCloseTo(shared, within(1e-9));
            // Half metres, so that an overlap is none or at least a quarter of a square metre.
            assertThat(a.overlaps(b)).as("%s %s", a, b).isEqualTo(shared > 0);
            assertThat(a.encloses(b)).as("%s %s", a, b).isEqualTo(jts(a).covers(jts(b)));
            Point p = new Point(random.nextInt(20) / 2.0, random.nextInt(20) / 2.0);
            assertThat(a.holds(p))
                    .as("%s %s", a, p)
                    .isEqualTo(jts(a).covers(JTS.createPoint(new Coordinate(p.x(), p.y()))));
        }
    }

    private static Rect rect(Random random) {
        return new Rect(
                random.nextInt(16) / 2.0,
                random.nextInt(16) / 2.0,
                (1 + random.nextInt(8)) / 2.0,
                (1 + random.nextInt(8)) / 2.0);
    }
}

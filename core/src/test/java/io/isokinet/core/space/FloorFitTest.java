package io.isokinet.core.space;

import static io.isokinet.core.Made.FIELD;
import static io.isokinet.core.Made.HALL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.activity.Formation;
import io.isokinet.core.place.Place;
import io.isokinet.core.place.SpaceNeed;
import io.isokinet.core.quantity.Length;
import io.isokinet.core.quantity.Lengths;
import org.junit.jupiter.api.Test;

class FloorFitTest {
    /** In a hall of 17 x 9.5 m seven lanes of 2.2 m fit only across it. */
    @Test
    void lanesLieTheWayThatHoldsMore() {
        FloorFit across = FloorFit.of(HALL, new SpaceNeed(8, 2.2, null), Formation.LANES, 27);
        assertThat(across.groups()).isEqualTo(7);
        assertThat(Lengths.plain(across.how())).isEqualTo("across");
        FloorFit along = FloorFit.of(HALL, new SpaceNeed(12, 2.2, null), Formation.LANES, 27);
        assertThat(along.groups()).isEqualTo(3);
        assertThat(Lengths.plain(along.how())).isEqualTo("the long way");
    }

    @Test
    void pairsMayStandInTwoBanks() {
        assertThat(FloorFit.of(HALL, new SpaceNeed(6, 1.2, null), Formation.PAIRS, 27)
                        .groups())
                .isEqualTo(14);
    }

    @Test
    void tooLongSaysByHowMuch() {
        FloorFit fit = FloorFit.of(HALL, new SpaceNeed(20, 2, null), Formation.LANES, 27);
        assertThat(fit.groups()).isZero();
        assertThat(Lengths.plain(fit.how())).isEqualTo("16.0 m of clear length are there and 20.0 m are needed");
    }

    @Test
    void aLowCeilingStopsAToss() {
        assertThat(Lengths.plain(FloorFit.of(HALL, new SpaceNeed(4, 2, 5.0), Formation.SCATTER, 27)
                        .how()))
                .isEqualTo("the ceiling is 4.8 m and 5.0 m are needed");
        assertThat(FloorFit.of(HALL, new SpaceNeed(4, 2, 4.8), Formation.SCATTER, 27)
                        .groups())
                .isPositive();
        assertThat(FloorFit.of(FIELD, new SpaceNeed(4, 2, 9.0), Formation.SCATTER, 27)
                        .groups())
                .isPositive();
    }

    @Test
    void wallWorkNeedsAWall() {
        SpaceNeed need = new SpaceNeed(3.5, 1.2, null);
        assertThat(FloorFit.of(HALL, need, Formation.WALL, 27).groups()).isEqualTo(14);
        assertThat(Lengths.plain(FloorFit.of(FIELD, need, Formation.WALL, 27).how()))
                .isEqualTo("no wall here may be used");
    }

    @Test
    void scatterNeedsRoomForEveryHead() {
        Place corridor =
                new Place("the corridor", new Length(10), new Length(2.5), new Length(3), Place.Floor.CARPET, 0);
        assertThat(Lengths.plain(FloorFit.of(corridor, new SpaceNeed(4, 1.8, null), Formation.SCATTER, 27)
                        .how()))
                .contains("13.5 m² are free and 87.5 m² are needed");
    }

    @Test
    void aPlaceIsLongerThanWideAndWideEnoughToMoveIn() {
        assertThatThrownBy(() -> new Place("p", new Length(5), new Length(9), null, Place.Floor.WOOD, 0))
                .hasMessageContaining("swap");
        assertThatThrownBy(() -> new Place("p", new Length(5), new Length(0), null, Place.Floor.WOOD, 0))
                .hasMessageContaining("at least 2 m wide");
    }
}

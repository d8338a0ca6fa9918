package io.isokinet.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {
    @ParameterizedTest
    @ValueSource(doubles = {-0.001, Double.NaN, Double.POSITIVE_INFINITY})
    void refusesWhatIsNoLengthMassOrSpeed(double value) {
        assertThatThrownBy(() -> new Length(value)).hasMessageContaining("zero or more");
        assertThatThrownBy(() -> new Mass(value)).hasMessageContaining("zero or more");
        assertThatThrownBy(() -> new Speed(value)).hasMessageContaining("zero or more");
    }

    @Test
    void convertsBetweenUnits() {
        assertThat(Length.ofMillimetres(304.8).metres()).isEqualTo(0.3048);
        assertThat(new Length(0.2).millimetres()).isEqualTo(200);
        assertThat(Mass.ofGrams(58).kilograms()).isEqualTo(0.058);
        assertThat(new Mass(0.41).grams()).isEqualTo(410);
        assertThat(new Length(2)).isGreaterThan(new Length(1));
        assertThat(new Mass(2)).isGreaterThan(new Mass(1));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 15})
    void refusesAgesOutsidePrimarySchool(int years) {
        assertThatThrownBy(() -> new Age(years)).hasMessageContaining("3 to 14");
    }

    @Test
    void takesTheYoungestAndTheOldest() {
        assertThat(new Age(3)).isLessThan(new Age(14));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.01, 1.01, Double.NaN})
    void refusesWhatIsNoShare(double value) {
        assertThatThrownBy(() -> new Share(value)).hasMessageContaining("between 0 and 1");
    }

    @Test
    void saysSharesInWholePerCent() {
        assertThat(Share.of(2, 3).percent()).isEqualTo(67);
        assertThat(Share.NONE.percent()).isZero();
        assertThatThrownBy(() -> Share.of(1, 0)).hasMessageContaining("more than zero");
    }

    @Test
    void sidesAreOpposites() {
        assertThat(Side.LEFT.opposite()).isEqualTo(Side.RIGHT);
        assertThat(Side.RIGHT.opposite().word()).isEqualTo("left");
    }
}

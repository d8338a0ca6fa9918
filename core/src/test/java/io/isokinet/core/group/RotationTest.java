package io.isokinet.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RotationTest {
    private static List<String> roles(int count) {
        return IntStream.range(0, count).mapToObj(i -> "role " + i).toList();
    }

    private static void nobodyTwiceAtOnce(Rotation r) {
        for (List<Integer> turn : r.turns()) {
            assertThat(new HashSet<>(turn)).as("%s", turn).hasSize(r.roles().size());
            assertThat(turn).allMatch(c -> c >= 0 && c < r.children());
        }
    }

    @Test
    void eachChildHasEachRoleOnce() {
        for (int roles = 1; roles <= 6; roles++)
            for (int children = roles; children <= 8; children++) {
                Rotation r = Rotation.of(roles(roles), children);
                assertThat(r.turns()).hasSize(children);
                nobodyTwiceAtOnce(r);
                for (int role = 0; role < roles; role++)
                    for (int child = 0; child < children; child++)
                        assertThat(r.count(role, child)).isEqualTo(1);
            }
    }

    @Test
    void everybodyMovesOnOnePlace() {
        Rotation r = Rotation.of(List.of("passer", "gull", "receiver"), 3);
        assertThat(r.turns()).containsExactly(List.of(0, 1, 2), List.of(2, 0, 1), List.of(1, 2, 0));
        assertThat(r.seconds(20)).isEqualTo(60);
    }

    /** A defender stays for some turns, and everyone has every role as often. */
    @Test
    void theDefenderStaysAndTheRestIsEven() {
        for (int roles = 2; roles <= 5; roles++)
            for (int children = roles; children <= 7; children++)
                for (int stays = 1; stays <= 6; stays++) {
                    Rotation r = Rotation.withDefender(roles(roles), children, stays);
                    String what = "%d roles, %d children, stays %d".formatted(roles, children, stays);
                    nobodyTwiceAtOnce(r);
                    assertThat(r.turns()).hasSize(children * stays);
                    for (int role = 0; role < roles; role++)
                        for (int child = 0; child < children; child++)
                            assertThat(r.count(role, child)).as(what).isEqualTo(stays);
                }
    }

    @Test
    void aPartInThePluralIsEverybodyElse() {
        List<String> parts = List.of("striker", "fielders", "tee keeper");
        Rotation r = Rotation.ofParts(parts, 5).orElseThrow();
        assertThat(r.roles()).containsExactly("striker", "tee keeper");
        assertThat(r.turns()).hasSize(5);
        assertThat(Rotation.others(parts)).contains("fielders");
        assertThat(Rotation.others(List.of("passer", "receiver"))).isEmpty();
        assertThat(Rotation.ofParts(List.of("passers"), 5)).isEmpty();
        assertThat(Rotation.ofParts(List.of("passer", "gull", "receiver"), 2)).isEmpty();
    }

    @Test
    void tooFewChildrenAreToldSo() {
        assertThatThrownBy(() -> Rotation.of(roles(4), 3)).hasMessageContaining("3 children cannot fill 4 roles");
        assertThatThrownBy(() -> Rotation.withDefender(roles(3), 3, 0)).hasMessageContaining("at least one turn");
    }
}

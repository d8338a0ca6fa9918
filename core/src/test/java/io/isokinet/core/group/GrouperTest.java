package io.isokinet.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.isokinet.core.check.Finding;
import io.isokinet.core.group.Grouper.Wish;
import io.isokinet.core.group.Member.TakesPart;
import io.isokinet.core.group.Pairings.Meeting;
import io.isokinet.core.quantity.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GrouperTest {
    private static Member member(int i) {
        return new Member("c" + i, TakesPart.PLAYS, (i * 37) % 101, "cue" + i % 3, i % 6 == 0 ? Side.LEFT : Side.RIGHT);
    }

    private static List<Member> members(int n) {
        return IntStream.range(0, n).mapToObj(GrouperTest::member).toList();
    }

    private static Grouper of(int n, Wish... wishes) {
        return new Grouper(members(n), List.of(wishes), Together.NEVER);
    }

    @Test
    void countingOffGoesAlongTheLine() {
        assertThat(of(7).deal(GroupWay.COUNT_OFF, 3).groups())
                .containsExactly(List.of("c0", "c3", "c6"), List.of("c1", "c4"), List.of("c2", "c5"));
    }

    @Test
    void balancedGroupsOwnAboutTheSame() {
        GroupDeal even = of(27).deal(GroupWay.BALANCED, 6);
        assertThat(spread(even)).isLessThanOrEqualTo(4);
        assertThat(spread(of(27).deal(GroupWay.COUNT_OFF, 6))).isGreaterThan(10);
    }

    private static int spread(GroupDeal grouped) {
        List<Double> means = grouped.groups().stream()
                .map(g -> g.stream()
                        .mapToInt(
                                id -> member(Integer.parseInt(id.substring(1))).percent())
                        .average()
                        .orElseThrow())
                .toList();
        return (int) (means.stream().max(Double::compare).orElseThrow()
                - means.stream().min(Double::compare).orElseThrow());
    }

    @Test
    void thoseWhoNeedTheSameWorkTogether() {
        GroupDeal grouped = of(24).deal(GroupWay.SHARED_NEED, 6);
        assertThat(grouped.reasons()).containsExactly("6 of 6 groups share one need.");
    }

    @Test
    void leftHandersAreSpreadOrTogether() {
        assertThat(of(30).deal(GroupWay.MIXED_SIDES, 5).reasons())
                .containsExactly("Left-handers by group: 1, 1, 1, 1, 1.");
        assertThat(of(30).deal(GroupWay.SAME_SIDE, 6).reasons())
                .containsExactly("Left-handers by group: 5, 0, 0, 0, 0, 0.");
    }

    @Test
    void newFacesUntilEverybodyHasMet() {
        List<List<List<String>>> before = new ArrayList<>();
        for (int round = 0; round < 4; round++) {
            GroupDeal grouped = new Grouper(members(16), List.of(), Together.of(before)).deal(GroupWay.FRESH, 4);
            before.add(grouped.groups());
        }
        // Four groups of four can be made anew at least three times without a meeting twice; the first and second must
        // be.
        Together met = Together.of(before.subList(0, 2));
        assertThat(IntStream.range(0, 16)
                        .boxed()
                        .flatMap(i -> IntStream.range(0, i).mapToObj(j -> met.times("c" + i, "c" + j)))
                        .max(Integer::compare))
                .contains(1);
    }

    @Test
    void apartAndTogetherAreKeptOrSaidNotToBe() {
        GroupDeal kept =
                of(12, new Wish("c0", "c4", false), new Wish("c1", "c2", true)).deal(GroupWay.COUNT_OFF, 4);
        assertThat(kept.findings()).isEmpty();
        assertThat(kept.groups()).noneMatch(g -> g.contains("c0") && g.contains("c4"));
        assertThat(kept.groups()).anyMatch(g -> g.contains("c1") && g.contains("c2"));
        GroupDeal not =
                of(4, new Wish("c0", "c1", true), new Wish("c0", "c1", false)).deal(GroupWay.COUNT_OFF, 2);
        assertThat(not.findings()).hasSize(1);
        assertThat(not.findings().get(0).message()).contains("take a wish back");
    }

    @Test
    void whoSitsOutGetsAJobAndWhoIsAwayIsNamed() {
        List<Member> some = new ArrayList<>(members(9));
        some.set(2, new Member("c2", TakesPart.SITS_OUT, 50, "", null));
        some.set(5, new Member("c5", TakesPart.AWAY, 50, "", null));
        GroupDeal grouped =
                new Grouper(some, List.of(new Wish("c2", "c3", true)), Together.NEVER).deal(GroupWay.COUNT_OFF, 2);
        assertThat(grouped.jobs()).containsExactly("c2");
        assertThat(grouped.away()).containsExactly("c5");
        assertThat(grouped.groups().stream().mapToInt(List::size).sum()).isEqualTo(7);
        assertThat(grouped.findings()).isEmpty();
    }

    @Test
    void teamsAreCutIntoPairsOfNeighbours() {
        List<List<String>> teams = List.of(List.of("c0", "c4", "c1", "c5"), List.of("c2", "c6", "c3"));
        assertThat(of(8).cut(teams, List.of(4, 4)).groups())
                .containsExactly(List.of("c0", "c4", "c1", "c5"), List.of("c2", "c6", "c3", "c7"));
        GroupDeal apart = of(8, new Wish("c0", "c4", false)).cut(teams, List.of(2, 2, 2, 2));
        assertThat(apart.findings()).isEmpty();
        assertThat(apart.groups()).noneMatch(g -> g.contains("c0") && g.contains("c4"));
        assertThat(apart.groups().subList(2, 4)).containsExactly(List.of("c2", "c6"), List.of("c3", "c7"));
    }

    @Test
    void teamsStayWithoutWhoIsGoneAndWithWhoIsNew() {
        assertThat(of(5).keep(List.of(List.of("c0", "gone", "c1"), List.of("c2"), List.of("gone2")))
                        .groups())
                .containsExactly(List.of("c0", "c1", "c4"), List.of("c2", "c3"));
        assertThat(of(2).keep(List.of()).groups()).containsExactly(List.of("c0", "c1"));
    }

    @Test
    void wrongGroupsAreFound() {
        assertThat(of(3).check(List.of(List.of("c0", "c1"), List.of("c1", "x"))).all())
                .extracting(Finding::rule)
                .containsExactlyInAnyOrder("in-one-group", "of-the-class", "nobody-lost");
        assertThatThrownBy(() -> new Grouper(List.of(member(1), member(1)), List.of(), Together.NEVER))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> of(3).deal(GroupWay.COUNT_OFF, 4)).hasMessageContaining("1 to 3 groups, not 4");
        assertThatThrownBy(() -> of(0).deal(GroupWay.COUNT_OFF, 1)).hasMessageContaining("0 children");
        assertThatThrownBy(() -> of(5).cut(List.of(), List.of(3, 3))).hasMessageContaining("5 play today");
    }

    /** Thousands of seeded cases: nobody lost, nobody twice, sizes differ by at most one. */
    /** All of them in bin/bench sweeps, a third otherwise. */
    private static final int CASES = Boolean.getBoolean("isokinet.full-sweeps") ? 3_000 : 1_000;

    @Test
    void nobodyIsLostOrTwice() {
        Random random = new Random(5);
        for (int i = 0; i < CASES; i++) {
            int n = 1 + random.nextInt(40);
            List<Member> some = new ArrayList<>();
            for (int m = 0; m < n; m++)
                some.add(new Member(
                        "c" + m,
                        random.nextInt(12) == 0
                                ? TakesPart.AWAY
                                : random.nextInt(12) == 0 ? TakesPart.SITS_OUT : TakesPart.PLAYS,
                        random.nextInt(101),
                        "n" + random.nextInt(4),
                        random.nextInt(5) == 0 ? Side.LEFT : random.nextInt(8) == 0 ? null : Side.RIGHT));
            List<Wish> wishes = Stream.generate(
                            () -> new Wish("c" + random.nextInt(n), "c" + random.nextInt(n), random.nextInt(3) == 0))
                    .limit(random.nextInt(5))
                    .toList();
            Grouper grouper = new Grouper(some, wishes, Together.NEVER);
            if (grouper.playing() == 0) continue;
            int groups = 1 + random.nextInt(grouper.playing());
            GroupDeal dealt = grouper.deal(GroupWay.values()[random.nextInt(6)], groups);
            whole(dealt, some, "case " + i);
            whole(
                    grouper.cut(dealt.groups(), Groups.sizes(grouper.playing(), 1 + random.nextInt(grouper.playing()))),
                    some,
                    "cut " + i);
            assertThat(grouper.check(dealt.groups()).isEmpty()).isTrue();
        }
    }

    private static void whole(GroupDeal grouped, List<Member> members, String what) {
        List<String> all = Stream.of(
                        grouped.groups().stream().flatMap(List::stream),
                        grouped.jobs().stream(),
                        grouped.away().stream())
                .flatMap(s -> s)
                .toList();
        assertThat(all)
                .as(what)
                .containsExactlyInAnyOrderElementsOf(
                        members.stream().map(Member::id).toList());
        int least = grouped.groups().stream().mapToInt(List::size).min().orElseThrow();
        int most = grouped.groups().stream().mapToInt(List::size).max().orElseThrow();
        assertThat(most - least).as(what).isLessThanOrEqualTo(1);
    }

    @Test
    void stationsGoRoundInTime() {
        Carousel round = Carousel.of(5, 6, 15, 20);
        assertThat(round.turns()).hasSize(6);
        for (int g = 0; g < 5; g++) {
            int group = g;
            assertThat(round.turns().stream().map(t -> t.get(group))).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5);
        }
        assertThat(round.turns()).allMatch(t -> new HashSet<>(t).size() == 5);
        assertThat(round.seconds()).isEqualTo((15 * 60 - 5 * 20) / 6);
        assertThatThrownBy(() -> Carousel.of(6, 6, 4, 20))
                .hasMessageContaining("6 stations in 4 minutes leave")
                .hasMessageContaining("Take 3 stations or 8 minutes");
        assertThatThrownBy(() -> Carousel.of(7, 6, 15, 20)).hasMessageContaining("7 groups");
        Carousel zone = Carousel.inTurn(4, 6, 10);
        for (int g = 0; g < 4; g++) {
            int group = g;
            assertThat(zone.turns().stream().filter(t -> t.get(group) == 0)).hasSize(1);
        }
        assertThat(zone.seconds()).isEqualTo((360 - 30) / 4);
        assertThatThrownBy(() -> Carousel.inTurn(10, 4, 10)).hasMessageContaining("fewer groups or more minutes");
    }

    /** FIDE Handbook C.05, the Berger table of four; from memory. */
    @Test
    void fourMeetAsTheTableSays() {
        assertThat(Pairings.allPlayAll(4))
                .containsExactly(
                        List.of(new Meeting(1, 4), new Meeting(2, 3)),
                        List.of(new Meeting(4, 3), new Meeting(1, 2)),
                        List.of(new Meeting(2, 4), new Meeting(3, 1)));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10, 16})
    void eachMeetsEachOnce(int n) {
        List<List<Meeting>> rounds = Pairings.allPlayAll(n);
        assertThat(rounds).hasSize(n % 2 == 0 ? n - 1 : n);
        Set<Set<Integer>> met = new HashSet<>();
        for (List<Meeting> round : rounds) {
            assertThat(round.stream()
                            .flatMap(m -> Stream.of(m.home(), m.away()))
                            .distinct())
                    .hasSize(n % 2 == 0 ? n : n + 1);
            round.forEach(m -> assertThat(met.add(Set.of(m.home(), m.away()))).isTrue());
        }
        assertThat(met.stream().filter(p -> !p.contains(0))).hasSize(n * (n - 1) / 2);
        assertThatThrownBy(() -> Pairings.allPlayAll(1)).hasMessageContaining("at least two");
    }
}

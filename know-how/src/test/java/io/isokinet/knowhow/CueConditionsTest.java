package io.isokinet.knowhow;

import static org.assertj.core.api.Assertions.assertThat;

import io.isokinet.core.activity.Activity;
import io.isokinet.core.knowhow.KnowHow;
import io.isokinet.core.task.Asked;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A cue is worked on only where it can occur: what an activity says it hosts exists at one of its settings. */
class CueConditionsTest {
    private final KnowHow known = PackReader.read(PackFiles.shipped()).knowHow();

    @Test
    void whatAnActivityHostsCanOccurThere() {
        List<String> never = new ArrayList<>();
        for (Activity activity : known.activities())
            for (String cue : activity.hosts())
                if (IntStream.range(0, Asked.steps(activity))
                        .noneMatch(i -> Asked.of(activity, i).lets(known.cue(cue))))
                    never.add(activity.key() + " hosts " + cue + ", which needs "
                            + known.cue(cue).condition());
        assertThat(never).isEmpty();
    }
}

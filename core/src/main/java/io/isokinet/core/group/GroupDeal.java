package io.isokinet.core.group;

import io.isokinet.core.check.Finding;
import java.util.List;

/**
 * A class in groups. Every child of the class is in exactly one of groups, jobs and away.
 *
 * @param groups ids by group
 * @param jobs ids of those who are here and sit out: each gets a job
 * @param away ids of those who are not here
 * @param findings wishes that could not be kept, each with why
 * @param reasons one or two sentences with their numbers
 */
public record GroupDeal(
        List<List<String>> groups, List<String> jobs, List<String> away, List<Finding> findings, List<String> reasons) {
    public GroupDeal {
        groups = groups.stream().map(List::copyOf).toList();
        jobs = List.copyOf(jobs);
        away = List.copyOf(away);
        findings = List.copyOf(findings);
        reasons = List.copyOf(reasons);
    }
}

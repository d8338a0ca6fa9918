package io.isokinet.server.unit;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * What a list says of a unit.
 *
 * @param cueSets one a skill @param lessons the lost ones among them @param fits false if a hard or medium rule is broken
 */
public record UnitHeader(
        UUID id,
        String title,
        UUID classId,
        String className,
        List<String> cueSets,
        int lessons,
        int taught,
        boolean fits,
        LocalDate from,
        LocalDate to) {}

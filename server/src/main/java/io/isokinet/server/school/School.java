package io.isokinet.server.school;

import io.isokinet.core.aim.Band;
import io.isokinet.core.quantity.LengthUnit;
import io.isokinet.core.quantity.Paper;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class School {
    @Id
    UUID id;

    String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "year_naming")
    YearNaming yearNaming;

    @Column(name = "time_zone")
    String timeZone;

    @Enumerated(EnumType.STRING)
    @Column(name = "length_unit")
    LengthUnit lengthUnit = LengthUnit.METRES;

    @Column(name = "pace_cm")
    int paceCm = Schools.USUAL_PACE_CM;

    @Column(name = "pace_whose")
    String paceWhose = "the teacher";

    @Enumerated(EnumType.STRING)
    @Column(name = "week_starts")
    DayOfWeek weekStarts = DayOfWeek.MONDAY;

    /** Names by age. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(name = "own_years")
    Map<Integer, String> ownYears = Map.of();

    /** Sentences. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<String> cautions = List.of();

    /** Keys of rules of caution that only warn here. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<String> softened = List.of();

    /** How often a try is to succeed here, in percent. */
    @Column(name = "band_from")
    int bandFrom = Band.USUAL.from();

    @Column(name = "band_to")
    int bandTo = Band.USUAL.to();

    @Column(name = "moved_up_on")
    @Nullable
    LocalDate movedUpOn;

    @Enumerated(EnumType.STRING)
    @Column(name = "erased_trials")
    Schools.ErasedTrials erasedTrials = Schools.ErasedTrials.KEEP;

    @Enumerated(EnumType.STRING)
    Paper paper = Paper.A4;

    @Version
    @Nullable
    Integer version;

    @SuppressWarnings("NullAway.Init")
    protected School() {}

    School(UUID id, String name, YearNaming yearNaming, ZoneId zone) {
        this.id = id;
        this.name = name;
        this.yearNaming = yearNaming;
        this.timeZone = zone.getId();
    }
}

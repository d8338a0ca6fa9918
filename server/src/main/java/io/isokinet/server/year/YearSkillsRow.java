package io.isokinet.server.year;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Which skills a class is to have in a half term. */
@Entity
@Table(name = "year_skills")
class YearSkillsRow extends Owned {
    @Column(name = "class_id")
    UUID classId;

    /** First day of the half term. */
    @Column(name = "from_day")
    LocalDate fromDay;

    /** Keys, in order. */
    @JdbcTypeCode(SqlTypes.JSON)
    List<String> skills;

    @SuppressWarnings("NullAway.Init")
    protected YearSkillsRow() {}

    YearSkillsRow(UUID id, UUID classId, LocalDate fromDay, List<String> skills) {
        super(id);
        this.classId = classId;
        this.fromDay = fromDay;
        this.skills = skills;
    }
}

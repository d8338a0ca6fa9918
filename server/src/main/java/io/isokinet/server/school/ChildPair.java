package io.isokinet.server.school;

import io.isokinet.server.tenancy.Owned;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;

/** Two children who are to be together, or apart. The smaller id is a. */
@Entity
@Table(name = "child_pair")
class ChildPair extends Owned {
    @Column(name = "child_a")
    UUID childA;

    @Column(name = "child_b")
    UUID childB;

    @Enumerated(EnumType.STRING)
    Wish wish;

    /** How two children are to be grouped. */
    public enum Wish {
        TOGETHER,
        APART
    }

    @SuppressWarnings("NullAway.Init")
    protected ChildPair() {}

    ChildPair(UUID id, UUID one, UUID other, Wish wish) {
        super(id);
        // As the database orders them: by their digits, not as signed numbers.
        boolean ordered = one.toString().compareTo(other.toString()) < 0;
        this.childA = ordered ? one : other;
        this.childB = ordered ? other : one;
        this.wish = wish;
    }

    @Override
    public String logName() {
        return "wish for two children";
    }
}

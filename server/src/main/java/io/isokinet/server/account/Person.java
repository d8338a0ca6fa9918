package io.isokinet.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Person {
    @Id
    UUID id;

    @Column(name = "sign_in")
    String signIn;

    String name;

    @Column(name = "password_hash")
    String passwordHash;

    @Version
    @Nullable
    Integer version;

    @SuppressWarnings("NullAway.Init")
    protected Person() {}

    Person(UUID id, String signIn, String name, String passwordHash) {
        this.id = id;
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
    }
}

package io.isokinet.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Persons extends JpaRepository<Person, UUID> {
    // Spelt out: a derived query would read the name as "sign in (...)".
    @Query("select p from Person p where p.signIn = :signIn")
    Optional<Person> findBySignIn(String signIn);
}

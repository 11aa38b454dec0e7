package org.livelyladle.server.access;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HostRepository extends JpaRepository<Host, UUID> {
    Optional<Host> findByLogin(String login);
}

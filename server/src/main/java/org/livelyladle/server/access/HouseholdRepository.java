package org.livelyladle.server.access;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseholdRepository extends JpaRepository<Household, UUID> {}

package org.livelyladle.server.demo;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DemoMarkerRepository extends JpaRepository<DemoMarker, UUID> {}

package org.livelyladle.server.party;

import org.springframework.data.jpa.repository.JpaRepository;

interface BriefRevisionRepository extends JpaRepository<BriefRevision, BriefRevision.Key> {}

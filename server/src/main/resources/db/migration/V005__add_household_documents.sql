-- What a household keeps from party to party, one document by revisions; and which of them a party began with.
CREATE TABLE household_revision (
    household_id uuid        NOT NULL REFERENCES household (id),
    number       integer     NOT NULL CHECK (number >= 1),
    document     jsonb       NOT NULL,
    saved_by     uuid        NOT NULL REFERENCES host (id),
    saved_at     timestamptz NOT NULL,
    PRIMARY KEY (household_id, number)
);

-- 0 where nothing was kept yet.
ALTER TABLE party ADD COLUMN household_revision integer NOT NULL DEFAULT 0 CHECK (household_revision >= 0);

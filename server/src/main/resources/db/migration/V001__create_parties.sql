CREATE TABLE household (
    id         uuid PRIMARY KEY,
    name       text        NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    created_at timestamptz NOT NULL
);

CREATE TABLE host (
    id           uuid PRIMARY KEY,
    household_id uuid        NOT NULL REFERENCES household (id),
    login        text        NOT NULL UNIQUE CHECK (length(login) BETWEEN 1 AND 80),
    name         text        NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    created_at   timestamptz NOT NULL
);

CREATE TABLE party (
    id           uuid PRIMARY KEY,
    household_id uuid        NOT NULL REFERENCES household (id),
    title        text        NOT NULL CHECK (length(title) BETWEEN 1 AND 80),
    sit_down     timestamptz NOT NULL,
    revision     integer     NOT NULL CHECK (revision >= 1),
    created_at   timestamptz NOT NULL,
    deleted_at   timestamptz,
    version      integer     NOT NULL
);
CREATE INDEX party_by_household ON party (household_id, sit_down);

CREATE TABLE brief_revision (
    party_id uuid        NOT NULL REFERENCES party (id),
    number   integer     NOT NULL CHECK (number >= 1),
    brief    jsonb       NOT NULL,
    saved_by uuid        NOT NULL REFERENCES host (id),
    saved_at timestamptz NOT NULL,
    PRIMARY KEY (party_id, number)
);

CREATE TABLE party_event (
    id          uuid PRIMARY KEY,
    party_id    uuid        NOT NULL REFERENCES party (id),
    place       bigint      GENERATED ALWAYS AS IDENTITY,
    body        jsonb       NOT NULL,
    recorded_by uuid        NOT NULL REFERENCES host (id),
    recorded_at timestamptz NOT NULL
);
CREATE INDEX party_event_in_order ON party_event (party_id, place);

-- One row once the demo parties were loaded, so that deleted ones do not come back.
CREATE TABLE demo_marker (
    household_id uuid PRIMARY KEY REFERENCES household (id),
    loaded_at    timestamptz NOT NULL
);

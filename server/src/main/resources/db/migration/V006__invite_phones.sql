-- Phones of helpers and guests, and further devices of the host. Of secrets only a hash is kept.
CREATE TABLE invitation (
    id          uuid PRIMARY KEY,
    party_id    uuid        NOT NULL REFERENCES party (id),
    invited_by  uuid        NOT NULL REFERENCES host (id),
    role        text        NOT NULL CHECK (role IN ('COOK', 'GUEST')),
    person      text        CHECK (length(person) BETWEEN 1 AND 80),
    secret_hash bytea       NOT NULL UNIQUE CHECK (length(secret_hash) = 32),
    created_at  timestamptz NOT NULL,
    revoked_at  timestamptz
);
CREATE INDEX invitation_by_party ON invitation (party_id);

-- A host's device belongs to no party; all others came by an invitation to one.
CREATE TABLE device (
    id            uuid PRIMARY KEY,
    host_id       uuid        NOT NULL REFERENCES host (id),
    role          text        NOT NULL CHECK (role IN ('HOST', 'COOK', 'GUEST')),
    kind          text        NOT NULL CHECK (length(kind) BETWEEN 1 AND 20),
    party_id      uuid        REFERENCES party (id),
    invitation_id uuid        REFERENCES invitation (id),
    person        text        CHECK (length(person) BETWEEN 1 AND 80),
    token_hash    bytea       NOT NULL UNIQUE CHECK (length(token_hash) = 32),
    paired_at     timestamptz NOT NULL,
    seen_at       timestamptz NOT NULL,
    revoked_at    timestamptz,
    CHECK ((role = 'HOST') = (party_id IS NULL)),
    CHECK ((party_id IS NULL) = (invitation_id IS NULL))
);
CREATE INDEX device_by_party ON device (party_id);
-- One phone at a place.
CREATE UNIQUE INDEX device_at_a_place ON device (party_id, role, person) WHERE revoked_at IS NULL AND person IS NOT NULL;

-- What a guest said before the evening, until the host has dealt with it.
CREATE TABLE guest_answer (
    party_id uuid        NOT NULL REFERENCES party (id),
    guest    text        NOT NULL CHECK (length(guest) BETWEEN 1 AND 80),
    answer   jsonb       NOT NULL,
    said_at  timestamptz NOT NULL,
    PRIMARY KEY (party_id, guest)
);

-- Which phone told of an event; nothing where the host did.
ALTER TABLE party_event ADD COLUMN device_id uuid REFERENCES device (id);

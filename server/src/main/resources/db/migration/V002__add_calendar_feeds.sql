-- The address under which calendars may read a party's prep; whoever has it needs no session.
CREATE TABLE calendar_feed (
    party_id     uuid PRIMARY KEY REFERENCES party (id),
    token        text        NOT NULL UNIQUE CHECK (length(token) >= 40),
    household_id uuid        NOT NULL REFERENCES household (id),
    host_id      uuid        NOT NULL REFERENCES host (id),
    created_at   timestamptz NOT NULL
);

-- What came of an evening, in the host's words: one document beside its party.
CREATE TABLE journal (
    party_id uuid PRIMARY KEY REFERENCES party (id),
    revision integer     NOT NULL CHECK (revision >= 1),
    document jsonb       NOT NULL,
    saved_at timestamptz NOT NULL
);

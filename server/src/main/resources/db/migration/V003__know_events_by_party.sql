-- An event's id is given by its device and means something within its party only.
ALTER TABLE party_event DROP CONSTRAINT party_event_pkey;
ALTER TABLE party_event ADD PRIMARY KEY (party_id, id);

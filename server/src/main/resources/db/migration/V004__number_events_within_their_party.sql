-- Screens that follow a party name the last event they know by its number, from 1 within each party. Batches of a party
-- are recorded one after another under its row's lock, so numbers are committed in their order.
ALTER TABLE party_event ADD COLUMN number bigint;
UPDATE party_event e
   SET number = n.number
  FROM (SELECT party_id, id, row_number() OVER (PARTITION BY party_id ORDER BY place) AS number FROM party_event) n
 WHERE e.party_id = n.party_id AND e.id = n.id;
ALTER TABLE party_event ALTER COLUMN number SET NOT NULL;
ALTER TABLE party_event DROP COLUMN place;
CREATE UNIQUE INDEX party_event_in_order ON party_event (party_id, number);

CREATE FUNCTION number_party_event() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    SELECT coalesce(max(number), 0) + 1 INTO NEW.number FROM party_event WHERE party_id = NEW.party_id;
    RETURN NEW;
END $$;
CREATE TRIGGER number_party_event BEFORE INSERT ON party_event FOR EACH ROW EXECUTE FUNCTION number_party_event();

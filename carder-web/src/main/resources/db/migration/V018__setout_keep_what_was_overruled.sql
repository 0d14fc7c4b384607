-- What was set out stays on record when it is put away: an overruled finding keeps who, when and why.
alter table set_out add column put_away_at timestamptz;
alter table set_out add column rung text not null default 'AS_IS';
alter table set_out add column preparation_minutes int check (preparation_minutes between 0 and 10000);
alter table set_out drop constraint set_out_provocation_id_zone_id_on_day_key;
create unique index set_out_once on set_out (provocation_id, zone_id, on_day) where put_away_at is null;

-- What kind of place a setting is, where it lies, and when it is open. Those that were there were taken for nurseries in England.
alter table setting add column kind text not null default 'NURSERY';
alter table setting add column country text not null default 'ENGLAND' check (length(country) between 1 and 40);
alter table setting add column open_on int[] not null default '{1,2,3,4,5}' check (cardinality(open_on) between 1 and 7);
alter table setting add column opens time not null default '08:00';
alter table setting add column closes time not null default '16:30';
alter table setting add check (closes > opens);
alter table setting alter column kind drop default, alter column country drop default, alter column open_on drop default,
    alter column opens drop default, alter column closes drop default;

-- Zone, currency and opening days are part of nearly everything: after a setting is changed all of it is read anew.
create function tell_setting_change() returns trigger language plpgsql as $$
begin
    insert into setting_change (setting_id, people, places, cards, board, records) values (new.id, 1, 1, 1, 1, 1)
        on conflict (setting_id) do update set people = setting_change.people + 1, places = setting_change.places + 1,
            cards = setting_change.cards + 1, board = setting_change.board + 1, records = setting_change.records + 1;
    return null;
end
$$;
create constraint trigger tell_change after update on setting deferrable initially deferred for each row execute function tell_setting_change('places');

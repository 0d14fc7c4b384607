-- What is written about children and told to families is counted too, so that a child's page and the week board can be kept in memory.
alter table setting_change add column records bigint not null default 0;

create or replace function tell_change() returns trigger language plpgsql as $$
declare
    setting uuid;
    told text := coalesce(current_setting('carder.told', true), '');
    mark text;
begin
    if tg_table_name = 'account_room' then
        select setting_id into setting from account where id = coalesce(new.account_id, old.account_id);
    else
        setting := coalesce(new.setting_id, old.setting_id);
    end if;
    mark := setting || tg_argv[0] || ';';
    if position(mark in told) = 0 then
        perform set_config('carder.told', told || mark, true);
        insert into setting_change (setting_id, people, places, cards, board, records)
            values (setting, (tg_argv[0] = 'people')::int, (tg_argv[0] = 'places')::int, (tg_argv[0] = 'cards')::int,
                (tg_argv[0] = 'board')::int, (tg_argv[0] = 'records')::int)
            on conflict (setting_id) do update set
                people = setting_change.people + excluded.people,
                places = setting_change.places + excluded.places,
                cards = setting_change.cards + excluded.cards,
                board = setting_change.board + excluded.board,
                records = setting_change.records + excluded.records;
    end if;
    return null;
end
$$;

do $$
declare
    name text;
begin
    foreach name in array array['observation', 'observation_child', 'journal', 'journal_entry', 'reply', 'history_entry'] loop
        execute format('create constraint trigger tell_change after insert or update or delete on %I deferrable initially deferred'
            ' for each row execute function tell_change(%L)', name, 'records');
    end loop;
end
$$;

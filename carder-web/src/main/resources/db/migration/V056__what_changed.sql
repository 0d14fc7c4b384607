-- How often each group of slow-changing tables of a setting was written to. Views that pages are made of are kept in memory while their
-- counts stand still. Counted when a transaction ends, once for each group: the row is held by nobody who still waits for another.
create table setting_change (
    setting_id uuid primary key,
    people bigint not null default 0,
    places bigint not null default 0,
    cards bigint not null default 0,
    board bigint not null default 0
);

create function tell_change() returns trigger language plpgsql as $$
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
        insert into setting_change (setting_id, people, places, cards, board)
            values (setting, (tg_argv[0] = 'people')::int, (tg_argv[0] = 'places')::int, (tg_argv[0] = 'cards')::int, (tg_argv[0] = 'board')::int)
            on conflict (setting_id) do update set
                people = setting_change.people + excluded.people,
                places = setting_change.places + excluded.places,
                cards = setting_change.cards + excluded.cards,
                board = setting_change.board + excluded.board;
    end if;
    return null;
end
$$;

do $$
declare
    one record;
begin
    for one in
        select name, area from (values
            ('people', array['child', 'carer', 'account', 'account_room', 'adult_facts', 'shift', 'absence', 'room_other']),
            ('places', array['room', 'zone', 'room_session', 'room_plan', 'room_policy', 'local_rule', 'occasion', 'step_in_policy']),
            ('cards', array['provocation', 'provocation_material', 'provocation_rung', 'provocation_step', 'provocation_reckoning',
                'provocation_answer', 'material', 'kit', 'kit_item']),
            ('board', array['set_out', 'planned_block', 'banned_card', 'list_tick', 'investigation', 'investigation_reading',
                'lead_rota', 'lead_turn', 'cannot_lead', 'focus_group', 'photo'])
        ) as areas (area, names), unnest(names) as name
    loop
        execute format('create constraint trigger tell_change after insert or update or delete on %I deferrable initially deferred'
            ' for each row execute function tell_change(%L)', one.name, one.area);
    end loop;
end
$$;

-- What was done, so that it can be taken back: who did what, and each row before and after. Rows are kept by a trigger while a request
-- that can be taken back writes: it names itself in the setting "carder.deed" of its transaction.
create table done (
    id uuid primary key,
    setting_id uuid not null references setting,
    at timestamptz not null,
    person_id uuid not null references account,
    person_name text not null check (length(person_name) <= 120),
    deed text not null check (length(deed) <= 40),
    undone_at timestamptz,
    undone_by text not null default '' check (length(undone_by) <= 120)
);

create index done_lately on done (setting_id, at desc);

create table done_row (
    id bigint generated always as identity primary key,
    done_id uuid not null references done on delete cascade,
    setting_id uuid not null references setting,
    room_id uuid,
    of_table text not null,
    label text not null,
    on_day date,
    before jsonb,
    after jsonb
);

create index done_row_of on done_row (done_id);

-- What people call a row.
create function label_of(of_row jsonb) returns text language sql stable as $$
    select coalesce(
        nullif(of_row ->> 'title', ''),
        nullif(of_row ->> 'name', ''),
        nullif(of_row ->> 'summary', ''),
        (select title from provocation where id = (of_row ->> 'provocation_id')::uuid),
        (select display_name from account where id = (of_row ->> 'account_id')::uuid),
        (select name from kit where id = (of_row ->> 'kit_id')::uuid),
        (select title from investigation where id = (of_row ->> 'investigation_id')::uuid),
        '')
$$;

create function keep_row() returns trigger language plpgsql as $$
declare
    deed jsonb := nullif(current_setting('carder.deed', true), '')::jsonb;
    of_row jsonb := coalesce(to_jsonb(new), to_jsonb(old));
begin
    if deed is null then
        return null;
    end if;
    insert into done (id, setting_id, at, person_id, person_name, deed)
        values ((deed ->> 'id')::uuid, (deed ->> 'setting')::uuid, (deed ->> 'at')::timestamptz,
            (deed ->> 'person')::uuid, deed ->> 'name', deed ->> 'deed')
        on conflict (id) do nothing;
    insert into done_row (done_id, setting_id, room_id, of_table, label, on_day, before, after)
        values ((deed ->> 'id')::uuid, (of_row ->> 'setting_id')::uuid,
            coalesce(
                (of_row ->> 'room_id')::uuid,
                (select room_id from provocation where id = (of_row ->> 'provocation_id')::uuid),
                (select room_id from lead_rota where id = (of_row ->> 'rota_id')::uuid),
                (select room_id from investigation where id = (of_row ->> 'investigation_id')::uuid),
                (select room_id from zone where id = (of_row ->> 'zone_id')::uuid)),
            tg_table_name, label_of(of_row), (of_row ->> 'on_day')::date, to_jsonb(old), to_jsonb(new));
    return null;
end
$$;

do $$
declare
    one text;
begin
    foreach one in array array['set_out', 'planned_block', 'banned_card', 'material', 'kit', 'kit_item', 'occasion',
        'local_rule', 'room_other', 'shift', 'absence', 'lead_rota', 'lead_turn', 'cannot_lead', 'focus_group', 'investigation',
        'investigation_reading', 'provocation', 'provocation_material', 'provocation_rung', 'provocation_step',
        'provocation_reckoning', 'provocation_answer', 'room_session', 'room_plan', 'zone'] loop
        execute format('create trigger keep_row after insert or update or delete on %I for each row execute function keep_row()', one);
    end loop;
end
$$;

-- Brings one row back to what it was, where nobody has changed the same thing since; says whether it could.
create function take_back_row(of_table text, before jsonb, after jsonb) returns boolean language plpgsql as $$
declare
    kept_by_itself constant text[] := array['version', 'edition', 'changed_at', 'changed_by'];
    standing jsonb;
    changed text[];
    fields text;
    counter text;
begin
    execute format('select to_jsonb(one) from %I one where id = $1 for update', of_table)
        into standing using (coalesce(after, before) ->> 'id')::uuid;
    if after is null then
        if standing is not null then
            return false;
        end if;
        execute format('insert into %I select * from jsonb_populate_record(null::%I, $1)', of_table, of_table) using before;
        return true;
    end if;
    if standing is null then
        return false;
    end if;
    if before is null then
        if standing - kept_by_itself <> after - kept_by_itself then
            return false;
        end if;
        execute format('delete from %I where id = $1', of_table) using (after ->> 'id')::uuid;
        return true;
    end if;
    select array_agg(key) into changed from jsonb_each(after)
        where value is distinct from before -> key and key <> all (kept_by_itself);
    if exists (select from unnest(changed) key where standing -> key is distinct from after -> key) then
        return false;
    end if;
    if changed is not null then
        select string_agg(format('%I', key), ', ') into fields from unnest(changed) key;
        execute format('update %I set (%s) = (select %s from jsonb_populate_record(null::%I, $1)) where id = $2',
            of_table, fields, fields, of_table) using before, (after ->> 'id')::uuid;
        -- Whoever has the form open is told that someone else saved first.
        foreach counter in array array['version', 'edition'] loop
            if standing ? counter then
                execute format('update %I set %I = %I + 1 where id = $1', of_table, counter, counter) using (after ->> 'id')::uuid;
            end if;
        end loop;
    end if;
    return true;
exception when integrity_constraint_violation then
    return false;
end
$$;

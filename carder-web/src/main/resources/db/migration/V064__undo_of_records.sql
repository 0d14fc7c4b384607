-- What is changed in records of children can be taken back from the day's history too. Rows are kept no longer than all others there, and
-- are seen by those of the child's room.
create or replace function label_of(of_row jsonb) returns text language sql stable as $$
    select coalesce(
        nullif(of_row ->> 'title', ''),
        nullif(of_row ->> 'name', ''),
        nullif(of_row ->> 'summary', ''),
        nullif(of_row ->> 'given_name', ''),
        (select title from provocation where id = (of_row ->> 'provocation_id')::uuid and of_row ->> 'note' is null),
        (select display_name from account where id = (of_row ->> 'account_id')::uuid),
        (select name from kit where id = (of_row ->> 'kit_id')::uuid),
        (select title from investigation where id = (of_row ->> 'investigation_id')::uuid),
        (select string_agg(c.given_name, ', ' order by c.given_name) from observation_child o join child c on c.id = o.child_id
            where o.observation_id = (of_row ->> 'id')::uuid and of_row ->> 'note' is not null),
        (select given_name from child where id = (of_row ->> 'child_id')::uuid),
        (select c.given_name from journal j join child c on c.id = j.child_id where j.id = (of_row ->> 'journal_id')::uuid),
        '')
$$;

create or replace function keep_row() returns trigger language plpgsql as $$
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
                (select room_id from zone where id = (of_row ->> 'zone_id')::uuid),
                (select room_id from child where id = (of_row ->> 'child_id')::uuid),
                (select c.room_id from journal j join child c on c.id = j.child_id where j.id = (of_row ->> 'journal_id')::uuid)),
            tg_table_name, label_of(of_row), (of_row ->> 'on_day')::date, to_jsonb(old), to_jsonb(new));
    return null;
end
$$;

do $$
declare
    one text;
begin
    foreach one in array array['child', 'observation', 'journal', 'journal_entry'] loop
        execute format('create trigger keep_row after insert or update or delete on %I for each row execute function keep_row()', one);
    end loop;
end
$$;

-- As before; what observations are found by follows their words by itself.
create or replace function take_back_row(of_table text, before jsonb, after jsonb) returns boolean language plpgsql as $$
declare
    kept_by_itself constant text[] := array['version', 'edition', 'changed_at', 'changed_by', 'found_by'];
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

-- Tables and columns say what people say: a card, and the steps of its ladder.
alter table provocation rename to card;
alter table provocation_material rename to card_material;
alter table provocation_step rename to card_preparation_step;
alter table provocation_rung rename to card_ladder_step;
alter table provocation_calculation rename to card_calculation;
alter table provocation_answer rename to card_answer;

do $$
declare
    one record;
begin
    for one in select table_name, column_name from information_schema.columns
            where table_schema = current_schema() and column_name in ('provocation_id', 'rung')
              and table_name in (select table_name from information_schema.tables
                  where table_schema = current_schema() and table_type = 'BASE TABLE') loop
        execute format('alter table %I rename column %I to %I', one.table_name, one.column_name,
            case one.column_name when 'rung' then 'ladder_step' else 'card_id' end);
    end loop;
    for one in select conrelid::regclass as of_table, conname as named from pg_constraint
            where connamespace = current_schema()::regnamespace and conname ~ 'provocation|rung' loop
        execute format('alter table %s rename constraint %I to %I', one.of_table, one.named,
            replace(replace(replace(replace(one.named, 'provocation_step', 'card_preparation_step'), 'provocation_rung',
                'card_ladder_step'), 'provocation', 'card'), 'rung', 'ladder_step'));
    end loop;
    for one in select indexname as named from pg_indexes
            where schemaname = current_schema() and indexname ~ 'provocation' loop
        execute format('alter index %I rename to %I', one.named,
            replace(replace(replace(one.named, 'provocation_step', 'card_preparation_step'), 'provocation_rung',
                'card_ladder_step'), 'provocation', 'card'));
    end loop;
    for one in select oid from pg_proc where pronamespace = current_schema()::regnamespace and prosrc ~ 'provocation' loop
        execute replace(pg_get_functiondef(one.oid), 'provocation', 'card');
    end loop;
end
$$;

-- What was done before today can still be taken back.
update done_row set
    of_table = case of_table
        when 'provocation' then 'card'
        when 'provocation_material' then 'card_material'
        when 'provocation_step' then 'card_preparation_step'
        when 'provocation_rung' then 'card_ladder_step'
        when 'provocation_calculation' then 'card_calculation'
        when 'provocation_answer' then 'card_answer'
        else of_table end,
    before = replace(replace(before::text, '"provocation_id":', '"card_id":'), '"rung":', '"ladder_step":')::jsonb,
    after = replace(replace(after::text, '"provocation_id":', '"card_id":'), '"rung":', '"ladder_step":')::jsonb;

update card_calculation set inputs = inputs - 'rung' || jsonb_build_object('step', inputs -> 'rung') where inputs ? 'rung';

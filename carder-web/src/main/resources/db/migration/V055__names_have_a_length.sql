-- Names, titles and who did something: as long as the forms let them be (120 letters), also where a name is copied into a record.
do $$
declare
    one record;
begin
    for one in
        select c.table_name, c.column_name
        from information_schema.columns c
        join information_schema.tables t using (table_schema, table_name)
        where c.table_schema = 'public' and t.table_type = 'BASE TABLE' and c.data_type = 'text'
          and c.column_name ~ '(^|_)(name|title|by|person)$'
          and c.table_name !~ '^(spring_|user_|flyway_|scheduled_)'
          and not exists (
              select 1 from pg_constraint k
              where k.conrelid = c.table_name::regclass and k.contype = 'c'
                and pg_get_constraintdef(k.oid) ~ ('length\(' || c.column_name || '\)'))
    loop
        execute format('alter table %I add check (length(%I) <= 120)', one.table_name, one.column_name);
    end loop;
end
$$;

-- What the logs say is committed to, part by part, in a chain of each setting. Contents and their salts can be erased; links stay for ever.
create table chain_link (
    setting_id uuid not null references setting,
    number bigint not null check (number > 0),
    of_table text not null,
    row_id uuid not null,
    previous bytea not null check (length(previous) = 32),
    deed bytea not null check (length(deed) = 32),
    person bytea not null check (length(person) = 32),
    subject bytea not null check (length(subject) = 32),
    digest bytea not null check (length(digest) = 32),
    sealed_at timestamptz not null default now(),
    primary key (setting_id, number)
);

create function links_stay() returns trigger language plpgsql as $$
begin
    raise exception 'A link of the log stays as it is.';
end
$$;

create trigger links_stay before update or delete on chain_link for each row execute function links_stay();

do $$
declare
    name text;
begin
    foreach name in array array['access_entry', 'history_entry', 'security_entry', 'erasure'] loop
        execute format('alter table %I add column link bigint, add column deed_salt bytea, add column person_salt bytea, add column subject_salt bytea', name);
        execute format('create index %I on %I (setting_id, link)', name || '_by_link', name);
    end loop;
end
$$;

-- Which links have lost their contents by an erasure: all parts, the person or the subject alone.
alter table erasure add column whole_links text not null default '';
alter table erasure add column person_links text not null default '';
alter table erasure add column subject_links text not null default '';

-- That an earlier wording was sealed changes nothing that pages show.
drop trigger tell_change on history_entry;
create constraint trigger tell_change after insert or delete on history_entry deferrable initially deferred
    for each row execute function tell_change('records');

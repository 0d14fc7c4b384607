create table adult_facts (
    id uuid primary key references account,
    setting_id uuid not null references setting,
    first_aid_until date,
    avoids text[] not null,
    expecting boolean not null,
    version bigint not null,
    changed_at timestamptz not null
);
create index adult_facts_by_setting on adult_facts (setting_id);

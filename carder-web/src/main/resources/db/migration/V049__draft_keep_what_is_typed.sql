-- What somebody is typing into a form and has not saved; encrypted under a key that is not in the database.
create table draft (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    place text not null,
    content bytea not null,
    changed_at timestamptz not null,
    unique (account_id, place)
);

create index draft_by_age on draft (changed_at);

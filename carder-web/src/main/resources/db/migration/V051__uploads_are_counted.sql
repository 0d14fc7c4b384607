-- Pictures in pieces that are not whole or not delivered yet: so many for a person and a setting, and no more.
create table open_upload (
    id uuid primary key,
    setting_id uuid not null references setting (id),
    account_id uuid not null references account (id),
    bytes bigint not null check (bytes >= 0),
    address text check (length(address) <= 200),
    begun_at timestamptz not null
);

create index open_upload_by_person on open_upload (setting_id, account_id);

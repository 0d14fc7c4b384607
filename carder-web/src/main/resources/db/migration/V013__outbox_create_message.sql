create table message (
    id uuid primary key,
    setting_id uuid not null references setting,
    to_name text not null,
    to_address text not null,
    subject text not null,
    body text not null,
    sent_at timestamptz not null
);

create index message_by_time on message (setting_id, sent_at desc);

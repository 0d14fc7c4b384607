create table calendar_feed (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    account_id uuid not null references account,
    token_hash text not null unique,
    made_at timestamptz not null,
    revoked_at timestamptz
);

create index calendar_feed_by_account on calendar_feed (setting_id, account_id);

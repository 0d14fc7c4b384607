create table local_rule (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    title text not null check (length(title) between 1 and 120),
    level text not null check (level in ('NEVER', 'STOP_FOR', 'STAY_WITH', 'KNOW')),
    looks_at text not null,
    concerns text not null,
    caution text not null,
    added_by text not null,
    added_at timestamptz not null,
    withdrawn_by text,
    withdrawn_at timestamptz,
    check ((withdrawn_by is null) = (withdrawn_at is null))
);

create index local_rule_by_room on local_rule (setting_id, room_id);

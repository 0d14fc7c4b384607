create table shift (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    account_id uuid not null references account,
    weekday int not null check (weekday between 1 and 7),
    from_time time not null,
    until_time time not null,
    check (until_time > from_time)
);

create index shift_by_room on shift (setting_id, room_id);

create table absence (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    from_day date not null,
    until_day date not null,
    check (until_day >= from_day)
);

create index absence_by_day on absence (setting_id, until_day);

create table lead_rota (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    first_monday date not null,
    weeks int not null check (weeks between 1 and 26),
    notes text[] not null,
    changed_by text not null,
    changed_at timestamptz not null
);

create index lead_rota_by_room on lead_rota (setting_id, room_id, first_monday);

create table lead_turn (
    id uuid primary key,
    setting_id uuid not null references setting,
    rota_id uuid not null references lead_rota on delete cascade,
    week int not null check (week between 0 and 25),
    zone_id uuid not null references zone,
    account_id uuid references account,
    spare boolean not null,
    pinned boolean not null
);

create index lead_turn_by_rota on lead_turn (setting_id, rota_id);

create table cannot_lead (
    id uuid primary key,
    setting_id uuid not null references setting,
    account_id uuid not null references account,
    zone_id uuid not null references zone,
    unique (account_id, zone_id)
);

create table focus_group (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    on_day date not null,
    session_id uuid not null references room_session,
    child_ids uuid[] not null,
    drawn_by text not null,
    drawn_at timestamptz not null
);

create index focus_group_by_day on focus_group (setting_id, room_id, on_day);

create table planned_block (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    on_day date not null,
    session_id uuid not null references room_session,
    zone_id uuid not null references zone,
    place int not null check (place between 0 and 11),
    provocation_id uuid not null references provocation,
    pinned boolean not null,
    changed_by text not null,
    changed_at timestamptz not null,
    unique (room_id, on_day, session_id, zone_id, place)
);

create index planned_block_by_day on planned_block (setting_id, room_id, on_day);

create table banned_card (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    monday date not null,
    provocation_id uuid not null references provocation,
    unique (room_id, monday, provocation_id)
);

create table week_proposal (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    monday date not null,
    state text not null check (state in ('RUNNING', 'READY', 'TAKEN', 'BROKEN_OFF')),
    asked_by text not null,
    asked_at timestamptz not null,
    beat_at timestamptz not null,
    points bigint not null,
    stop_wanted boolean not null,
    given_up text[] not null
);

create index week_proposal_by_room on week_proposal (setting_id, room_id, monday);

create table proposed_block (
    id uuid primary key,
    setting_id uuid not null references setting,
    proposal_id uuid not null references week_proposal on delete cascade,
    on_day date not null,
    session_id uuid not null references room_session,
    zone_id uuid not null references zone,
    place int not null,
    provocation_id uuid not null references provocation,
    pinned boolean not null,
    because text[] not null
);

create index proposed_block_by_proposal on proposed_block (setting_id, proposal_id);

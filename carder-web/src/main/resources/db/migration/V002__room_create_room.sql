create table room (
    id uuid primary key,
    setting_id uuid not null references setting,
    name text not null check (length(name) between 1 and 80),
    framework_code text not null,
    position int not null,
    unique (setting_id, name)
);

create table zone (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    name text not null check (length(name) between 1 and 80),
    position int not null,
    unique (room_id, name)
);

create table room_session (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    name text not null check (length(name) between 1 and 80),
    kind text not null,
    starts_at time not null,
    ends_at time not null,
    check (ends_at > starts_at)
);

create index room_by_setting on room (setting_id);
create index zone_by_room on zone (room_id);
create index room_session_by_room on room_session (room_id);

create table room_plan (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    place text not null check (place in ('INDOORS', 'OUTDOORS')),
    edition int not null check (edition > 0),
    svg text not null check (length(svg) <= 524288),
    changed_by text not null,
    changed_at timestamptz not null,
    unique (room_id, place)
);

create index room_plan_by_room on room_plan (setting_id, room_id);

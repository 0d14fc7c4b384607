create table list_tick (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    kind text not null check (kind in ('PREPARATION', 'SET_OUT', 'SHOPPING')),
    item text not null check (length(item) between 1 and 200),
    ticked_by text not null,
    ticked_at timestamptz not null,
    unique (room_id, kind, item)
);

create index list_tick_by_room on list_tick (setting_id, room_id, kind);

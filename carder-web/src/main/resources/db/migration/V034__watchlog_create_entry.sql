-- Append only: an entry is taken back or given another time by a later one that names it.
create table watch_entry (
    id uuid primary key,
    setting_id uuid not null references setting,
    room_id uuid not null references room,
    record_id uuid not null,
    device_id uuid not null,
    sequence bigint not null,
    author_id uuid not null references account,
    author_name text not null,
    method text not null,
    kind text not null,
    child_id uuid references child,
    provocation_id uuid references provocation,
    zone_id uuid references zone,
    code text not null,
    company text not null,
    words text not null,
    number int,
    of_number int,
    x_mm int,
    y_mm int,
    target_id uuid,
    corrected_to timestamptz,
    device_at timestamptz not null,
    clock_offset_ms bigint not null,
    happened_at timestamptz not null,
    received_at timestamptz not null
);

create index watch_entry_by_record on watch_entry (setting_id, record_id);
create index watch_entry_by_child on watch_entry (setting_id, child_id, happened_at);
create index watch_entry_by_card on watch_entry (setting_id, provocation_id, happened_at);
create index watch_entry_by_room on watch_entry (setting_id, room_id, happened_at);

create table provocation (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    room_id uuid not null references room,
    title text not null check (length(title) between 1 and 120),
    intention text not null,
    adult_role text not null,
    areas varchar[] not null,
    statements varchar[] not null,
    senses varchar[] not null,
    vessel_shape text,
    vessel_first_um bigint check (vessel_first_um > 0),
    vessel_second_um bigint check (vessel_second_um > 0),
    vessel_depth_um bigint check (vessel_depth_um > 0),
    changed_by text not null,
    changed_at timestamptz not null
);

create index provocation_by_room on provocation (setting_id, room_id, changed_at desc);

create table provocation_material (
    id uuid primary key,
    setting_id uuid not null references setting,
    provocation_id uuid not null references provocation on delete cascade,
    position int not null,
    material_id uuid not null references material,
    depth_um bigint check (depth_um > 0),
    pieces int check (pieces > 0)
);

create index provocation_material_by_card on provocation_material (provocation_id);

create table kit (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    name text not null check (length(name) between 1 and 120),
    kept_in text not null,
    note text not null,
    retired boolean not null
);

create unique index kit_by_name on kit (setting_id, lower(name)) where not retired;

create table kit_item (
    id uuid primary key,
    setting_id uuid not null references setting,
    kit_id uuid not null references kit on delete cascade,
    position int not null,
    material_id uuid not null references material,
    pieces int not null check (pieces between 1 and 1000)
);

create index kit_item_by_kit on kit_item (kit_id);

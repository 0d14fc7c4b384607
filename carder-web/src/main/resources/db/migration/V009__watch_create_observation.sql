create table observation (
    id uuid primary key,
    setting_id uuid not null references setting,
    version int not null,
    room_id uuid not null references room,
    provocation_id uuid references provocation,
    author_id uuid not null references account,
    author_name text not null,
    note text not null,
    involvement int check (involvement between 1 and 5),
    areas varchar[] not null,
    statements varchar[] not null,
    observed_at timestamptz not null,
    received_at timestamptz not null
);

create index observation_by_room on observation (setting_id, room_id, observed_at desc);

create table observation_child (
    id uuid primary key,
    setting_id uuid not null references setting,
    observation_id uuid not null references observation,
    child_id uuid not null references child,
    in_photo boolean not null,
    unique (observation_id, child_id)
);

create index observation_child_by_child on observation_child (setting_id, child_id);
